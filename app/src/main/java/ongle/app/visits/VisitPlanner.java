package ongle.app.visits;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.lamps.Lamps;
import ongle.app.layers.Layers;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.salon.Routines;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.NailSet;
import ongle.app.times.Times;
import ongle.app.words.Words;
import ongle.core.Memo;
import ongle.core.Same;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchWish;
import ongle.core.bench.FingerJob;
import ongle.core.bench.Routine;
import ongle.core.bench.Visit;
import ongle.core.nail.Finger;
import ongle.core.plan.SetPlan;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plans appointments from sets, the salon's lamps and its steps. */
@Service
public class VisitPlanner {
  /** Before the name of a finger: what is done on it. */
  private static final String JOB = "job-";

  private static final String RECIPE = "recipe-";

  /** The set choices are for. */
  private static final String OF = "set";

  private final Memo<Asked, BenchPlan> known = Memo.forEachDesk(4);
  private final SetReader reader;
  private final SetEditor editor;
  private final SalonSettings salon;
  private final Lamps lamps;
  private final Layers layers;
  private final People people;
  private final Times times;
  private final JsonMapper json = JsonMapper.builder().build();

  VisitPlanner(
      SetReader reader,
      SetEditor editor,
      SalonSettings salon,
      Lamps lamps,
      Layers layers,
      People people,
      Times times) {
    this.people = people;
    this.layers = layers;
    this.times = times;
    this.reader = reader;
    this.editor = editor;
    this.salon = salon;
    this.lamps = lamps;
  }

  /** The appointment of a set. */
  public PlannedVisit of(long setId) {
    return of(reader.planned(setId));
  }

  public PlannedVisit of(PlannedSet planned) {
    VisitChoices choices = choices(planned.set());
    return new PlannedVisit(
        planned,
        choices,
        plan(
            planned.plan(),
            choices
                .wish(planned, lamps.of(choices.lamp()), routine(planned.set()), layers)
                .learning(
                    begun(planned.set())
                        ? choices.learned()
                        : times.factors(choices.technician()))));
  }

  private BenchPlan plan(SetPlan plan, BenchWish wish) {
    return known.of(new Asked(new Same<>(plan), wish), () -> BenchPlan.of(plan, wish));
  }

  /** A plan that stayed as it was is the same one: {@link SetReader} remembers it. */
  private record Asked(Same<SetPlan> plan, BenchWish wish) {}

  /** Who works on a set, without planning the bench; null for nobody in particular. */
  public @Nullable Long technician(NailSet set) {
    return choices(set).technician();
  }

  private static boolean begun(NailSet set) {
    return set.getRoutine() != null;
  }

  /** The steps a visit began with, else the salon's as they stand. */
  private Routine routine(NailSet set) {
    return set.getRoutine() == null ? salon.routine() : Routines.read(set.getRoutine());
  }

  private VisitChoices choices(NailSet set) {
    return set.getBench() == null ? VisitChoices.USUAL : read(set);
  }

  /**
   * Fields the store does not know yet are the usual ones; what was done at the visit before is not
   * what is done at this.
   */
  private VisitChoices read(NailSet set) {
    ObjectNode tree = json.valueToTree(VisitChoices.USUAL);
    tree.setAll((ObjectNode) json.readTree(set.getBench()));
    JsonNode of = tree.get(OF);
    return json.treeToValue(
        of.isNull() || of.longValue() == set.getId() ? tree : anew(tree), VisitChoices.class);
  }

  /** The same habits for another visit. */
  private static ObjectNode anew(ObjectNode tree) {
    tree.putNull(OF);
    tree.put("visit", Visit.NEW_SET.name());
    tree.putObject("jobs");
    tree.putObject("learned");
    return tree;
  }

  /**
   * Chooses otherwise.
   *
   * @param changed by the names of {@link VisitChoices}
   * @return why it cannot be; empty when it was
   */
  @Needs(Right.HANDS)
  public Optional<String> choose(long setId, Map<String, String> changed) {
    PlannedSet planned = reader.planned(setId);
    try {
      VisitChoices wanted = with(planned.set(), changed);
      if (!wanted.known(layers)
          || (wanted.technician() != null && !people.knows(wanted.technician()))) {
        return Optional.of(VisitChoices.allowed(Set.of()));
      }
      wanted.wish(
          planned, lamps.of(wanted.lamp()), Routine.USUAL, layers); // refuses what cannot be
      editor.note(setId, Change.carryOut(set -> json.writeValueAsString(with(set, changed))));
      return Optional.empty();
    } catch (JacksonException noNumber) {
      return Optional.of(Words.say("number.any"));
    } catch (IllegalArgumentException outOfRange) {
      return Optional.of(VisitChoices.allowed(changed.keySet()));
    }
  }

  private VisitChoices with(NailSet set, Map<String, String> changed) {
    ObjectNode tree = json.valueToTree(choices(set));
    tree.put(OF, set.getId());
    changed.forEach(
        (name, value) -> {
          if (name.startsWith(RECIPE)) {
            ((ObjectNode) tree.get("recipes")).put(name.substring(RECIPE.length()), value.strip());
          } else if (name.startsWith(JOB)) {
            ((ObjectNode) tree.get("jobs")).put(name.substring(JOB.length()), value.strip());
          } else if (name.equals("technician") && value.isBlank()) {
            tree.putNull(name);
          } else if (tree.has(name)) {
            tree.put(name, value.strip().replace(',', '.'));
          }
        });
    return asFarAsItDiffers(json.treeToValue(tree, VisitChoices.class));
  }

  /** A finger whose job is the visit's has none of its own: it follows when the visit changes. */
  private VisitChoices asFarAsItDiffers(VisitChoices choices) {
    ObjectNode tree = json.valueToTree(choices);
    ObjectNode jobs = tree.putObject("jobs");
    choices
        .jobs()
        .forEach(
            (finger, job) -> {
              if (job != choices.visit().usual()) {
                jobs.put(finger.name(), job.name());
              }
            });
    ObjectNode recipes = tree.putObject("recipes");
    choices
        .recipes()
        .forEach(
            (finger, recipe) -> {
              if (!recipe.equals(choices.recipe())) {
                recipes.put(finger.name(), recipe);
              }
            });
    return json.treeToValue(tree, VisitChoices.class);
  }

  /** Keeps the salon's steps, times and habits as they stand: the visit begins with them. */
  public void begin(long setId) {
    VisitChoices choices = choices(reader.planned(setId).set());
    ObjectNode tree = json.valueToTree(choices);
    tree.put(OF, setId);
    tree.set("learned", json.valueToTree(times.factors(choices.technician())));
    editor.note(
        setId,
        Change.visitBegins(
            Routines.write(salon.routine()), json.writeValueAsString((JsonNode) tree)));
  }

  /**
   * Notes what a finished visit leaves on the hands: a set worn until its infill is due, or
   * nothing.
   *
   * @param day it was finished
   */
  public void finish(PlannedVisit visit, LocalDate day) {
    Optional<LocalDate> due =
        visit.choices().visit() == Visit.REMOVAL
            ? Optional.empty()
            : visit.planned().plan().interval().due().stream().mapToObj(day::plusDays).findFirst();
    editor.note(
        visit.planned().id(),
        visit.planned().plan().nails().stream()
            .map(nail -> Change.left(nail.nail().finger(), visit.plan().leaves(nail)))
            .toArray(Change[]::new));
    editor.wear(visit.planned().id(), due.orElse(null));
  }

  /**
   * A new visit for what failed: these fingers anew as they were planned, the others left alone.
   *
   * @param formKey of the form it was sent with, so that one sent twice begins one visit
   * @return the new set's id
   */
  @Needs(Right.HANDS)
  public long redo(long setId, Set<Finger> failed, UUID formKey, LocalDateTime at) {
    NailSet last = reader.planned(setId).set();
    long next = editor.begin(formKey, last.getClientId(), at).getId();
    ObjectNode tree = json.valueToTree(choices(last));
    tree.put(OF, next);
    tree.put("visit", Visit.SOME_NAILS.name());
    ObjectNode jobs = tree.putObject("jobs");
    failed.forEach(finger -> jobs.put(finger.name(), FingerJob.NEW.name()));
    editor.note(
        next,
        Change.asBefore(last),
        Change.fallenOff(failed),
        Change.carryOut(set -> json.writeValueAsString((JsonNode) tree)));
    return next;
  }

  /** Lets every new set begin with the habits of this one. */
  @Needs(Right.HANDS)
  public void beginLike(long setId) {
    ObjectNode tree = anew(json.valueToTree(choices(reader.planned(setId).set())));
    tree.putObject("recipes");
    salon.beginBench(json.writeValueAsString((JsonNode) tree));
  }
}
