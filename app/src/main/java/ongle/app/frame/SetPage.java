package ongle.app.frame;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import ongle.app.planning.PlannedSet;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Seat;
import ongle.core.plan.NailPlan;
import org.springframework.ui.Model;

/**
 * What every stage of a set shows besides its own work: whose set, the stages, the ten, the
 * cautions.
 *
 * @param here address of the view, for picking another finger in it
 */
public record SetPage(
    long id,
    long clientId,
    String clientName,
    String summary,
    Stage stage,
    Finger finger,
    Seat seat,
    TenStrip strip,
    List<Caution> cautions,
    String here) {

  /**
   * A caution and where it applies.
   *
   * @param where fingers in words; "client" for the whole person
   */
  public record Caution(String where, String text) {}

  public static SetPage of(PlannedSet planned, Stage stage, String view, Finger finger, Seat seat) {
    return new SetPage(
        planned.id(),
        planned.client().getId(),
        planned.client().getName(),
        planned.summary(),
        stage,
        finger,
        seat,
        TenStrip.of(planned, stage, finger, seat),
        cautions(planned),
        "/sets/" + planned.id() + "/" + view);
  }

  /** Puts it where the shared fragments look for it. */
  public static PlannedSet show(
      PlannedSet planned, Stage stage, Finger finger, Seat seat, Model model) {
    return show(planned, stage, stage.path(), finger, seat, model);
  }

  /**
   * A view within a stage, which picking another finger stays in.
   *
   * @param view its path below the set
   */
  public static PlannedSet show(
      PlannedSet planned, Stage stage, String view, Finger finger, Seat seat, Model model) {
    model.addAttribute("page", of(planned, stage, view, finger, seat));
    return planned;
  }

  /** The same page with figures of the caller's in the strip. */
  public SetPage with(Map<Finger, String> figures) {
    return new SetPage(
        id,
        clientId,
        clientName,
        summary,
        stage,
        finger,
        seat,
        strip.with(figures),
        cautions,
        here);
  }

  /** The finger asked for, else the first one in sight. */
  public static Finger chosen(Optional<Finger> asked, Seat seat) {
    return asked.orElse(Finger.asSeenFrom(seat).get(0));
  }

  public List<Stage> stages() {
    return List.of(Stage.values());
  }

  public String address(Stage to) {
    return "/sets/" + id + "/" + to.path();
  }

  /** What is on the nails and comes off before the plates are judged, with the fingers. */
  public static List<Caution> offFirst(PlannedSet planned) {
    return byText(planned, plan -> Words.maybe(plan.seen().earlier(), "first").stream()).toList();
  }

  private static List<Caution> cautions(PlannedSet planned) {
    return Stream.of(
            ofClient(planned),
            byText(planned, plan -> lessons(planned, plan)),
            byText(planned, plan -> plan.cautions().stream().map(Words::of)))
        .flatMap(each -> each)
        .toList();
  }

  /** What was learned of the set before. */
  private static Stream<String> lessons(PlannedSet planned, NailPlan plan) {
    return planned.set().getLessons().stream()
        .filter(lesson -> lesson.finger() == plan.nail().finger())
        .map(lesson -> Words.say("frame.lesson", "change", Words.of(lesson.change())));
  }

  private static Stream<Caution> byText(
      PlannedSet planned, Function<NailPlan, Stream<String>> texts) {
    Map<String, Set<Finger>> byText = new LinkedHashMap<>();
    for (NailPlan plan : planned.plan().nails()) {
      texts
          .apply(plan)
          .forEach(
              text ->
                  byText
                      .computeIfAbsent(text, t -> EnumSet.noneOf(Finger.class))
                      .add(plan.nail().finger()));
    }
    return byText.entrySet().stream().map(e -> new Caution(inWords(e.getValue()), e.getKey()));
  }

  /** Fingers in words, whole hands as hands. */
  private static String inWords(Set<Finger> fingers) {
    if (fingers.size() == Finger.values().length) {
      return Words.say("sets.all-ten");
    }
    List<String> words = new ArrayList<>();
    for (Hand hand : Hand.values()) {
      List<Finger> ofHand = Finger.of(hand).stream().filter(fingers::contains).toList();
      if (ofHand.size() == 5) {
        words.add(Words.of(hand, "hand"));
      } else {
        ofHand.forEach(finger -> words.add(Words.of(finger)));
      }
    }
    return String.join(", ", words);
  }

  private static Stream<Caution> ofClient(PlannedSet planned) {
    Stream.Builder<Caution> cautions = Stream.builder();
    Optional.ofNullable(planned.client().getAllergy())
        .ifPresent(
            allergy ->
                cautions.add(
                    new Caution(
                        planned.client().getName(),
                        planned.set().getAllergyHarmless() == null
                            ? Words.say("sets.allergy.open", "allergy", allergy)
                            : Words.say(
                                "sets.allergy.settled",
                                "allergy",
                                allergy,
                                "settled",
                                planned.set().getAllergyHarmless()))));
    if (planned.client().isMinor()) {
      cautions.add(
          new Caution(
              planned.client().getName(),
              planned.set().getGuardian() == null
                  ? Words.say("sets.minor.open")
                  : Words.say("sets.minor.agreed", "guardian", planned.set().getGuardian())));
    }
    return cautions.build();
  }
}
