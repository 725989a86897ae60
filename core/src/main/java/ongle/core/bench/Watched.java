package ongle.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ongle.core.Code;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.product.Bought;

/** A limit of a maker that a visit does not keep. */
public sealed interface Watched extends Code {
  /** Used on longer extensions than it is for; the longest of them and the limit, mm. */
  record TooLong(Bought what, List<Finger> fingers, double built, double longest)
      implements Watched {
    public TooLong {
      fingers = List.copyOf(fingers);
    }
  }

  /**
   * It cures fully under another lamp only.
   *
   * @param lamp code of that lamp
   */
  record OtherLamp(Bought what, String lamp) implements Watched {}

  /** Not said to be free of what the client reacts to. */
  record NotFreeOf(Bought what, List<String> substances) implements Watched {
    public NotFreeOf {
      substances = List.copyOf(substances);
    }
  }

  /** What this visit lays, and on which nails. */
  private static Map<Bought, List<NailPlan>> laid(BenchPlan plan) {
    Map<Bought, List<NailPlan>> laid = new LinkedHashMap<>();
    for (NailPlan nail : plan.worked()) {
      FingerJob job = plan.wish().job(nail.nail().finger());
      if (job.builds()) {
        laid.computeIfAbsent(nail.build().product(), product -> new ArrayList<>()).add(nail);
      }
      if (job.coats()) {
        plan.recipe(nail)
            .laidWith()
            .forEach(coat -> laid.computeIfAbsent(coat, each -> new ArrayList<>()).add(nail));
      }
    }
    return laid;
  }

  static List<Watched> of(BenchPlan plan) {
    Map<Bought, List<NailPlan>> laid = laid(plan);
    Set<String> named = new LinkedHashSet<>();
    laid.keySet().forEach(what -> named.addAll(what.limits().freeOf()));
    String allergy = plan.plan().wish().wearer().allergy().orElse("");
    List<Watched> watched = new ArrayList<>();
    laid.forEach(
        (what, nails) -> {
          what.limits()
              .longest()
              .ifPresent(
                  longest -> {
                    List<NailPlan> over =
                        nails.stream().filter(nail -> nail.extension() > longest + 1e-9).toList();
                    if (!over.isEmpty()) {
                      watched.add(
                          new TooLong(
                              what,
                              over.stream().map(nail -> nail.nail().finger()).toList(),
                              over.stream().mapToDouble(NailPlan::extension).max().orElseThrow(),
                              longest));
                    }
                  });
          what.limits()
              .lamp()
              .filter(lamp -> !lamp.equals(plan.wish().lamp().code()))
              .ifPresent(lamp -> watched.add(new OtherLamp(what, lamp)));
          List<String> reacts = what.limits().notSaidFreeOf(allergy, List.copyOf(named));
          if (!reacts.isEmpty()) {
            watched.add(new NotFreeOf(what, reacts));
          }
        });
    return List.copyOf(watched);
  }
}
