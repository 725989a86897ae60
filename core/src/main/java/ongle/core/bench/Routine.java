package ongle.core.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The steps of a salon in its order. Where a whole chapter of steps belongs together it is one
 * line: {@code FIT_AND_BUILD}, {@code FILING}, {@code COATS}, {@code OLD_PRODUCT}.
 *
 * @param lines in order, codes all different
 */
public record Routine(List<Line> lines) {
  public static final String OLD_PRODUCT = "OLD_PRODUCT";
  public static final String FIT_AND_BUILD = "FIT_AND_BUILD";
  public static final String FILING = "FILING";
  public static final String COATS = "COATS";

  /** Most steps of the salon's own; more would not be found again at the desk. */
  private static final int MOST_OWN = 40;

  /** Longest name of a step. */
  public static final int LONGEST_NAME = 60;

  /** Longest a salon's own step takes for one hand, s. */
  public static final int LONGEST_OWN = 1800;

  /**
   * One line of the routine.
   *
   * @param code of the kind of step or chapter; of the salon's own making for its own steps
   * @param name the salon gave it; empty for the usual one
   * @param ownSeconds for one hand, of a salon's own step; 0 for the others
   * @param follows what an own step has to come after, by code; empty for nothing
   */
  public record Line(String code, Optional<String> name, int ownSeconds, Optional<String> follows) {
    static Line of(String code) {
      return new Line(code, Optional.empty(), 0, Optional.empty());
    }

    /** Whether the salon made it up. */
    public boolean own() {
      return kind().isEmpty() && !CHAPTERS.contains(code);
    }

    /** The kind of step; empty for chapters and own steps. */
    public Optional<StepKind> kind() {
      return Optional.ofNullable(KINDS.get(code));
    }
  }

  /**
   * Something that has to stay before something else.
   *
   * @param why safety or chemistry asks for it
   */
  public record Rule(String before, String after, String why) {}

  /** A routine that cannot be worked. */
  public static final class Impossible extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    Impossible(String why) {
      super(why);
    }
  }

  private static final Set<String> CHAPTERS = Set.of(OLD_PRODUCT, FIT_AND_BUILD, FILING, COATS);
  private static final Map<String, StepKind> KINDS = new HashMap<>();

  static {
    EnumSet.allOf(StepKind.class).forEach(kind -> KINDS.put(kind.name(), kind));
    KINDS.remove(StepKind.OWN.name());
  }

  /** What safety or chemistry fixes. */
  public static final List<Rule> RULES =
      List.of(
          new Rule("REMOVE_POLISH", OLD_PRODUCT, "what is under the polish has to be seen"),
          new Rule(OLD_PRODUCT, "SHINE", "the plate has to be bare first"),
          new Rule(OLD_PRODUCT, "SHORTEN", "a nail under product is shortened with it"),
          new Rule("SOFTEN", "PUSH_BACK", "softener works before the cuticle is moved"),
          new Rule("PUSH_BACK", "CLEAR", "what is to be cleared has to be loose"),
          new Rule("CLEAR", "SHINE", "a file over dead skin only smears it"),
          new Rule("SOFTEN", "WASH", "what is washed off has to be on"),
          new Rule("PUSH_BACK", "WASH", "softener is needed until then"),
          new Rule("WASH", "DEHYDRATE", "residue of softener lifts product"),
          new Rule("SHINE", "DUST", "dust under product lifts it"),
          new Rule("DUST", "DEHYDRATE", "dehydrator turns dust to paste"),
          new Rule("TRIM", "PRIME", "a fresh cut does not meet primer unseen"),
          new Rule("FREE_SKIN", "SHINE", "the whole plate has to show"),
          new Rule("SHORTEN", FIT_AND_BUILD, "tips and forms are fitted to the shortened edge"),
          new Rule("SHINE", "CLEAR_DESK", "that is the last dust before product"),
          new Rule("CLEAR_DESK", FIT_AND_BUILD, "dust in fresh product lifts it"),
          new Rule("DEHYDRATE", "PRIME", "primer only works on a dry plate"),
          new Rule("PRIME", FIT_AND_BUILD, "product goes on a primed plate"),
          new Rule(FIT_AND_BUILD, FILING, "only hard product is filed"),
          new Rule(FILING, "BUFF", "the buffer takes out the file’s scratches"),
          new Rule("BUFF", "CLEAN", "dust under top coat shows"),
          new Rule("CLEAN", COATS, "colour only holds on a clean nail"),
          new Rule(COATS, "OIL", "oil before the lamp ruins the top coat"));

  public static final Routine USUAL =
      new Routine(
          List.of(
                  "SANITISE",
                  "REMOVE_POLISH",
                  OLD_PRODUCT,
                  "SHORTEN",
                  "FREE_SKIN",
                  "SOFTEN",
                  "PUSH_BACK",
                  "CLEAR",
                  "TRIM",
                  "WASH",
                  "SHINE",
                  "DUST",
                  "DEHYDRATE",
                  "PRIME",
                  "CLEAR_DESK",
                  FIT_AND_BUILD,
                  FILING,
                  "CHECK_VIEWS",
                  "BUFF",
                  "CLEAN",
                  COATS,
                  "OIL")
              .stream()
              .map(Line::of)
              .toList());

  public Routine {
    lines = List.copyOf(lines);
    Map<String, Integer> places = new HashMap<>();
    for (int i = 0; i < lines.size(); i++) {
      if (places.put(lines.get(i).code(), i) != null) {
        throw new Impossible(lines.get(i).code() + " stands there twice");
      }
    }
    for (Line line : lines) {
      if (line.name().filter(name -> name.isBlank() || name.length() > LONGEST_NAME).isPresent()) {
        throw new Impossible("A step needs a name of up to " + LONGEST_NAME + " letters.");
      }
      if (line.own()
          && (line.name().isEmpty() || line.ownSeconds() < 1 || line.ownSeconds() > LONGEST_OWN)) {
        throw new Impossible(
            "A step of your own needs a name and 1 to " + LONGEST_OWN + " seconds.");
      }
    }
    if (lines.isEmpty() || !lines.get(0).code().equals("SANITISE")) {
      throw new Impossible(
          StepKind.SANITISE.title() + " comes first: nobody touches a hand with unclean hands.");
    }
    circle(lines).ifPresent(Routine::refuse);
    Map<String, Line> byCode = new HashMap<>();
    lines.forEach(line -> byCode.put(line.code(), line));
    for (Rule rule : rules(lines)) {
      Integer before = places.get(rule.before());
      Integer after = places.get(rule.after());
      if (before != null && after != null && before > after) {
        throw new Impossible(
            name(byCode.get(rule.before()))
                + " comes before "
                + name(byCode.get(rule.after()))
                + ": "
                + rule.why()
                + ".");
      }
    }
    for (StepKind fixed : List.of(StepKind.DUST, StepKind.CLEAR_DESK, StepKind.OIL)) {
      if (!places.containsKey(fixed.name())) {
        throw new Impossible(fixed.title() + " cannot be left out.");
      }
    }
  }

  private static void refuse(String why) {
    throw new Impossible(why);
  }

  private static List<Rule> rules(List<Line> lines) {
    List<Rule> rules = new ArrayList<>(RULES);
    for (Line line : lines) {
      line.follows().ifPresent(code -> rules.add(new Rule(code, line.code(), "you said so")));
    }
    return rules;
  }

  /** Own steps that each wait for the other. */
  private static Optional<String> circle(List<Line> lines) {
    Map<String, Line> byCode = new HashMap<>();
    lines.forEach(line -> byCode.put(line.code(), line));
    for (Line line : lines) {
      Set<String> seen = new HashSet<>();
      Line at = line;
      while (at != null && at.follows().isPresent()) {
        if (!seen.add(at.code())) {
          return Optional.of(
              name(line) + " waits for itself: it can never come. Let it follow something else.");
        }
        at = byCode.get(at.follows().get());
      }
    }
    return Optional.empty();
  }

  /** What a line is called on screen. */
  public static String name(Line line) {
    return line.name()
        .orElseGet(
            () ->
                line.kind()
                    .map(StepKind::title)
                    .orElseGet(
                        () ->
                            switch (line.code()) {
                              case OLD_PRODUCT -> "Take off or thin old product";
                              case FIT_AND_BUILD -> "Fit and build";
                              case FILING -> "File";
                              case COATS -> "Colour and top coat";
                              default -> line.code();
                            }));
  }

  public boolean has(String code) {
    return of(code).isPresent();
  }

  public Optional<Line> of(String code) {
    return lines.stream().filter(line -> line.code().equals(code)).findFirst();
  }

  /** Why a line cannot be moved any further in that direction; empty when it can. */
  public Optional<String> fixed(String code, int by) {
    try {
      moved(code, by);
      return Optional.empty();
    } catch (Impossible e) {
      return Optional.of(e.getMessage());
    }
  }

  /**
   * The same with a line moved.
   *
   * @param by places, minus towards the beginning; held to the ends
   * @throws Impossible with the reason it has to stay
   */
  public Routine moved(String code, int by) {
    List<Line> changed = new ArrayList<>(lines);
    Line line = of(code).orElseThrow(() -> new Impossible("There is no step " + code + "."));
    int from = changed.indexOf(line);
    changed.remove(line);
    changed.add(Math.max(0, Math.min(changed.size(), from + by)), line);
    return new Routine(changed);
  }

  /**
   * The same with another name for a line.
   *
   * @param name blank for the usual one
   */
  public Routine renamed(String code, String name) {
    return new Routine(
        lines.stream()
            .map(
                line ->
                    line.code().equals(code)
                        ? new Line(
                            code,
                            name.isBlank() && !line.own()
                                ? Optional.empty()
                                : Optional.of(name.strip()),
                            line.ownSeconds(),
                            line.follows())
                        : line)
            .toList());
  }

  /**
   * The same with a step of the salon's own after another.
   *
   * @param seconds for one hand
   * @throws Impossible if it has no name or no time, or cannot stand there
   */
  public Routine withOwn(String code, String name, int seconds, String follows) {
    if (lines.stream().filter(Line::own).count() >= MOST_OWN) {
      throw new Impossible("There is room for " + MOST_OWN + " steps of your own.");
    }
    List<Line> changed = new ArrayList<>(lines);
    int at = of(follows).map(changed::indexOf).orElse(changed.size() - 1);
    changed.add(
        at + 1, new Line(code, Optional.of(name.strip()), seconds, of(follows).map(Line::code)));
    return new Routine(changed);
  }

  /** The same without a step of the salon's own; what followed it follows nothing. */
  public Routine without(String code) {
    return new Routine(
        lines.stream()
            .filter(line -> !(line.own() && line.code().equals(code)))
            .map(
                line ->
                    line.follows().filter(code::equals).isPresent()
                        ? new Line(line.code(), line.name(), line.ownSeconds(), Optional.empty())
                        : line)
            .toList());
  }
}
