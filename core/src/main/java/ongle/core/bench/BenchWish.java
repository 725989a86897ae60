package ongle.core.bench;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.core.Range;
import ongle.core.cure.Lamp;
import ongle.core.cure.Setting;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.portion.Portion;
import ongle.core.portion.Strip;
import ongle.core.product.Product;

/**
 * How a planned set is carried out.
 *
 * @param visit what the appointment is for
 * @param schools habits
 * @param routine the salon's steps in its order
 * @param lamp to cure in
 * @param pigmented whether the building product is coloured, which light reaches through less
 * @param mix of acrylic
 * @param brush for beads and pearls
 * @param nozzle of the tube, mm
 * @param finish over the build
 * @param room temperature, °C
 * @param pace time taken over the usual, percent
 * @param feelsHeat whether the client feels the heat of hardening product sooner than others
 * @param regrowth bare plate at each cuticle at an infill, mm; 0 where nothing is said
 * @param worker who does it
 * @param lessUsed time the hand used less takes over the other, percent, in doing one's own
 * @param recipe layers of every nail
 * @param recipes layers of a finger, where they are others
 * @param learned factor on the usual time by kind of step, where this technician's is known
 * @param jobs what is done on a finger, where it is not what the visit is for
 */
public record BenchWish(
    Visit visit,
    BenchSchools schools,
    Routine routine,
    Lamp lamp,
    boolean pigmented,
    Mix mix,
    Brush brush,
    double nozzle,
    Finish finish,
    double room,
    int pace,
    Worker worker,
    int lessUsed,
    boolean feelsHeat,
    Map<Finger, Double> regrowth,
    Recipe recipe,
    Map<Finger, Recipe> recipes,
    Map<StepKind, Double> learned,
    Map<Finger, FingerJob> jobs) {
  /** Time taken over the usual, percent. */
  public static final Range PACE = new Range(50, 250);

  /** Time the hand used less takes over the other, percent. */
  public static final Range LESS_USED = new Range(100, 250);

  public static final BenchWish USUAL =
      new BenchWish(
          Visit.NEW_SET,
          BenchSchools.USUAL,
          Routine.USUAL,
          Lamp.LED,
          false,
          Mix.NORMAL,
          Brush.MEDIUM,
          Strip.USUAL_NOZZLE,
          Finish.CLEAR,
          Setting.USUAL_ROOM,
          100,
          Worker.TECHNICIAN,
          140,
          false,
          Map.of(),
          Recipe.AS_HABITS,
          Map.of(),
          Map.of(),
          Map.of());

  public BenchWish {
    Objects.requireNonNull(visit);
    Objects.requireNonNull(schools);
    Objects.requireNonNull(routine);
    Objects.requireNonNull(lamp);
    Objects.requireNonNull(mix);
    Objects.requireNonNull(brush);
    Objects.requireNonNull(finish);
    PACE.check("pace", pace);
    LESS_USED.check("lessUsed", lessUsed);
    Objects.requireNonNull(worker);
    Strip.checkNozzle(nozzle);
    Setting.at(room, mix);
    Objects.requireNonNull(recipe);
    recipes = Map.copyOf(recipes);
    learned = Map.copyOf(learned);
    regrowth = Map.copyOf(regrowth);
    jobs = Map.copyOf(jobs);
  }

  private BenchWish copy(
      Visit otherVisit,
      BenchSchools habits,
      Map<Finger, Double> grown,
      Recipe layers,
      Map<Finger, Recipe> ofFingers,
      Map<StepKind, Double> factors,
      Map<Finger, FingerJob> otherJobs) {
    return new BenchWish(
        otherVisit,
        habits,
        routine,
        lamp,
        pigmented,
        mix,
        brush,
        nozzle,
        finish,
        room,
        pace,
        worker,
        lessUsed,
        feelsHeat,
        grown,
        layers,
        ofFingers,
        factors,
        otherJobs);
  }

  /** The same with other habits. */
  public BenchWish with(BenchSchools other) {
    return copy(visit, other, regrowth, recipe, recipes, learned, jobs);
  }

  /** The same with another order of nails. */
  public BenchWish with(NailOrder order) {
    return with(schools.with(order));
  }

  /**
   * The same for another kind of visit.
   *
   * @param grown bare plate by finger, mm
   */
  public BenchWish with(Visit other, Map<Finger, Double> grown) {
    return copy(other, schools, grown, recipe, recipes, learned, jobs);
  }

  /** The same with other jobs on single fingers. */
  public BenchWish with(Map<Finger, FingerJob> other) {
    return with(other, recipes);
  }

  /** The same with other jobs and layers on single fingers. */
  public BenchWish with(Map<Finger, FingerJob> others, Map<Finger, Recipe> layers) {
    return copy(visit, schools, regrowth, recipe, layers, learned, others);
  }

  /** The same with other layers on every nail. */
  public BenchWish with(Recipe other) {
    return copy(visit, schools, regrowth, other, recipes, learned, jobs);
  }

  /** The same with what was learned of a technician's times. */
  public BenchWish learning(Map<StepKind, Double> factors) {
    return copy(visit, schools, regrowth, recipe, recipes, factors, jobs);
  }

  /** What is done on a finger. */
  public FingerJob job(Finger finger) {
    return jobs.getOrDefault(finger, visit.usual());
  }

  /** Time taken over the usual for a step on a hand, as a factor: learned, else the pace. */
  double factor(StepKind kind, Hand hand) {
    double own = learned.getOrDefault(kind, pace / 100.0);
    return worker.lessUsedFor(hand) ? own * lessUsed / 100 : own;
  }

  /** What a nail built of a product wears, its colour in as many coats as it gets. */
  public Recipe layers(Finger finger, Product product) {
    Recipe wanted = recipes.getOrDefault(finger, recipe);
    Recipe layers =
        job(finger) == FingerJob.POLISH
            ? Recipe.POLISH
            : wanted.equals(Recipe.AS_HABITS) || !wanted.suits(product) ? habitual() : wanted;
    return coloured(layers.of(product).with(wanted.coats()), wanted);
  }

  /** A recipe that names its colour keeps it; else it is the visit's. */
  private Recipe coloured(Recipe layers, Recipe wanted) {
    Optional<Coat> named = wanted.named(LayerKind.COLOUR);
    if (named.isPresent()) {
      return layers.coloured(named.get(), wanted.times(LayerKind.COLOUR));
    }
    // Colour under clear is never left out: where none was chosen it is a pale one.
    Finish painted =
        layers.has(LayerKind.CAP) && finish.coats() == 0 ? Finish.of(Coat.PALE) : finish;
    return layers.coloured(painted.colour().orElse(Coat.PALE), painted.coats());
  }

  /** The same with no acid on the table. */
  BenchWish mild() {
    BenchSchools habits =
        schools.primer() == Primer.ACID ? schools.with(Primer.ACID_FREE) : schools;
    Map<Finger, Recipe> ofFingers = new EnumMap<>(Finger.class);
    recipes.forEach((finger, layers) -> ofFingers.put(finger, layers.mild()));
    return copy(visit, habits, regrowth, recipe.mild(), ofFingers, learned, jobs);
  }

  private Recipe habitual() {
    boolean inSteps = schools.construction() == Construction.TWO_STEP;
    return new Recipe(
        Recipe.AS_HABITS.code(),
        Stream.of(
                schools.primer() == Primer.BASE ? LayerKind.BASE_RUBBED : LayerKind.PRIMER,
                LayerKind.SLIP,
                LayerKind.FRAME,
                LayerKind.BODY,
                LayerKind.COLOUR,
                LayerKind.TOP)
            .filter(kind -> inSteps || kind != LayerKind.SLIP && kind != LayerKind.FRAME)
            .toList());
  }

  Portion.Habits habits(Recipe layers) {
    return new Portion.Habits(
        mix,
        brush,
        nozzle,
        layers.has(LayerKind.FRAME),
        layers.has(LayerKind.SLIP),
        layers.besidesBody());
  }

  /** How acrylic sets at this temperature and mix. */
  public Setting setting() {
    return Setting.at(room, mix);
  }
}
