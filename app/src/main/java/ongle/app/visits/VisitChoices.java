package ongle.app.visits;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import ongle.app.layers.Layers;
import ongle.app.planning.PlannedSet;
import ongle.app.sets.SetNail;
import ongle.app.words.Words;
import ongle.core.Range;
import ongle.core.bench.BenchSchools;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Construction;
import ongle.core.bench.CuticleTool;
import ongle.core.bench.FilingRoutine;
import ongle.core.bench.FingerJob;
import ongle.core.bench.Finish;
import ongle.core.bench.FormOff;
import ongle.core.bench.HandWash;
import ongle.core.bench.NailOrder;
import ongle.core.bench.Primer;
import ongle.core.bench.Rework;
import ongle.core.bench.Routine;
import ongle.core.bench.Softener;
import ongle.core.bench.StepKind;
import ongle.core.bench.TipAttachment;
import ongle.core.bench.TipPriming;
import ongle.core.bench.TopCoat;
import ongle.core.bench.Visit;
import ongle.core.bench.Worker;
import ongle.core.cure.Lamp;
import ongle.core.cure.Setting;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.portion.Strip;
import org.jspecify.annotations.Nullable;

/**
 * How a set is carried out, as chosen on the bench and kept with the set; as JSON in the store.
 *
 * @param set they were chosen for; a later one takes the habits over, but not what was done then
 * @param technician who works, so that the times are theirs; null for nobody in particular
 * @param colour code of the bottle over the build, or {@link #CLEAR}
 * @param learned times a visit was begun with, so that what it teaches does not change it
 */
public record VisitChoices(
    @Nullable Long set,
    @Nullable Long technician,
    Visit visit,
    Softener softener,
    CuticleTool cuticleTool,
    Primer primer,
    TipAttachment attachment,
    Construction construction,
    NailOrder order,
    FilingRoutine filing,
    Rework rework,
    TipPriming tipPriming,
    FormOff formOff,
    HandWash wash,
    TopCoat topCoat,
    String recipe,
    Map<Finger, String> recipes,
    String lamp,
    boolean pigmented,
    Mix mix,
    Brush brush,
    double nozzle,
    String colour,
    double room,
    int pace,
    Worker worker,
    int lessUsed,
    Map<Finger, FingerJob> jobs,
    Map<StepKind, Double> learned) {

  /** No colour over the build. */
  public static final String CLEAR = "clear";

  static final VisitChoices USUAL =
      new VisitChoices(
          null,
          null,
          Visit.NEW_SET,
          BenchSchools.USUAL.softener(),
          BenchSchools.USUAL.cuticleTool(),
          BenchSchools.USUAL.primer(),
          BenchSchools.USUAL.attachment(),
          BenchSchools.USUAL.construction(),
          BenchSchools.USUAL.order(),
          BenchSchools.USUAL.filing(),
          BenchSchools.USUAL.rework(),
          BenchSchools.USUAL.tipPriming(),
          BenchSchools.USUAL.formOff(),
          BenchSchools.USUAL.wash(),
          BenchSchools.USUAL.topCoat(),
          Recipe.AS_HABITS.code(),
          Map.of(),
          Lamp.LED.code(),
          false,
          BenchWish.USUAL.mix(),
          BenchWish.USUAL.brush(),
          BenchWish.USUAL.nozzle(),
          CLEAR,
          BenchWish.USUAL.room(),
          BenchWish.USUAL.pace(),
          BenchWish.USUAL.worker(),
          BenchWish.USUAL.lessUsed(),
          Map.of(),
          Map.of());

  /**
   * @param taken the salon's lamp of that code
   * @param routine the salon's steps
   * @param layers the salon's recipes and bottles
   * @throws IllegalArgumentException with the allowed range if a number is out of it
   */
  BenchWish wish(PlannedSet planned, Lamp taken, Routine routine, Layers layers) {
    Map<Finger, Double> regrowth = new EnumMap<>(Finger.class);
    for (SetNail nail : planned.set().getNails()) {
      nail.value(Quantity.REGROWTH).ifPresent(grown -> regrowth.put(nail.getFinger(), grown));
    }
    BenchSchools schools =
        new BenchSchools(
            softener,
            cuticleTool,
            primer,
            attachment,
            construction,
            order,
            filing,
            rework,
            tipPriming,
            formOff,
            wash,
            topCoat);
    return new BenchWish(
        visit,
        schools,
        routine,
        taken,
        pigmented || recipe.equals(Recipe.COLOURED_BUILDER.code()),
        mix,
        brush,
        nozzle,
        layers.coat(colour.toLowerCase(Locale.ROOT)).map(Finish::of).orElse(Finish.CLEAR),
        room,
        pace,
        worker,
        lessUsed,
        planned.client().feelsHeat(),
        regrowth,
        layers.recipe(recipe).orElse(Recipe.AS_HABITS),
        recipesOfFingers(layers),
        learned,
        jobs);
  }

  /** Whether every recipe and bottle chosen is one there is. */
  boolean known(Layers layers) {
    return (colour.equalsIgnoreCase(CLEAR)
            || layers.coat(colour.toLowerCase(Locale.ROOT)).isPresent())
        && Stream.concat(Stream.of(recipe), recipes.values().stream())
            .allMatch(code -> layers.recipe(code).isPresent());
  }

  private Map<Finger, Recipe> recipesOfFingers(Layers layers) {
    Map<Finger, Recipe> known = new EnumMap<>(Finger.class);
    recipes.forEach(
        (finger, code) -> layers.recipe(code).ifPresent(each -> known.put(finger, each)));
    return known;
  }

  /** What may be entered in these, in words. */
  static String allowed(Set<String> names) {
    if (names.contains("room")) {
      return allowed("room", Setting.ROOM);
    }
    if (names.contains("nozzle")) {
      return allowed("nozzle", Strip.NOZZLE);
    }
    if (names.contains("lessUsed")) {
      return allowed("lessUsed", BenchWish.LESS_USED);
    }
    return names.contains("pace")
        ? allowed("pace", BenchWish.PACE)
        : Words.say("bench.allowed.other");
  }

  private static String allowed(String name, Range range) {
    return Words.say("bench.allowed." + name, "min", range.min(), "max", range.max());
  }
}
