package ongle.core.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ongle.core.Code;
import ongle.core.Lookup;
import org.jspecify.annotations.Nullable;

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
  private static final int MAX_OWN = 40;

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
  public record Line(String code, Optional<String> name, int ownSeconds, Optional<String> follows)
      implements Code {
    static Line of(String code) {
      return new Line(code, Optional.empty(), 0, Optional.empty());
    }

    /** Whether the salon made it up. */
    public boolean own() {
      return kind().isEmpty() && !CHAPTERS.contains(code);
    }

    /** The chapter it stands for; empty for single steps. */
    public Optional<Chapter> chapter() {
      return CHAPTERS.contains(code) ? Optional.of(Chapter.valueOf(code)) : Optional.empty();
    }

    /** The kind of step; empty for chapters and own steps. */
    public Optional<StepKind> kind() {
      return Optional.ofNullable(KINDS.get(code));
    }
  }

  /** Something that safety or chemistry wants before something else. */
  public enum Rule implements Code {
    REMOVE_POLISH_BEFORE_OLD_PRODUCT("REMOVE_POLISH", OLD_PRODUCT),
    OLD_PRODUCT_BEFORE_SHINE(OLD_PRODUCT, "SHINE"),
    OLD_PRODUCT_BEFORE_SHORTEN(OLD_PRODUCT, "SHORTEN"),
    SOFTEN_BEFORE_PUSH_BACK("SOFTEN", "PUSH_BACK"),
    PUSH_BACK_BEFORE_CLEAR("PUSH_BACK", "CLEAR"),
    CLEAR_BEFORE_SHINE("CLEAR", "SHINE"),
    SOFTEN_BEFORE_WASH("SOFTEN", "WASH"),
    PUSH_BACK_BEFORE_WASH("PUSH_BACK", "WASH"),
    WASH_BEFORE_DEHYDRATE("WASH", "DEHYDRATE"),
    SHINE_BEFORE_DUST("SHINE", "DUST"),
    DUST_BEFORE_DEHYDRATE("DUST", "DEHYDRATE"),
    TRIM_BEFORE_DEHYDRATE("TRIM", "DEHYDRATE"),
    SHORTEN_BEFORE_DEHYDRATE("SHORTEN", "DEHYDRATE"),
    CLEAR_DESK_BEFORE_DEHYDRATE("CLEAR_DESK", "DEHYDRATE"),
    FREE_SKIN_BEFORE_SHINE("FREE_SKIN", "SHINE"),
    SHORTEN_BEFORE_FIT_AND_BUILD("SHORTEN", FIT_AND_BUILD),
    SHINE_BEFORE_CLEAR_DESK("SHINE", "CLEAR_DESK"),
    CLEAR_DESK_BEFORE_FIT_AND_BUILD("CLEAR_DESK", FIT_AND_BUILD),
    DEHYDRATE_BEFORE_PRIME("DEHYDRATE", "PRIME"),
    PRIME_BEFORE_FIT_AND_BUILD("PRIME", FIT_AND_BUILD),
    FIT_AND_BUILD_BEFORE_FILING(FIT_AND_BUILD, FILING),
    FILING_BEFORE_BUFF(FILING, "BUFF"),
    BUFF_BEFORE_CLEAN("BUFF", "CLEAN"),
    CLEAN_BEFORE_COATS("CLEAN", COATS),
    COATS_BEFORE_OIL(COATS, "OIL");

    private final String before;
    private final String after;

    Rule(String before, String after) {
      this.before = before;
      this.after = after;
    }
  }

  /** A routine that cannot be worked. */
  public static final class Impossible extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    private final transient Trouble trouble;

    Impossible(Trouble trouble) {
      super(trouble.toString());
      this.trouble = trouble;
    }

    public Trouble trouble() {
      return trouble;
    }
  }

  /** Why a routine cannot be worked. */
  public sealed interface Trouble extends Code {
    /** A line stands there twice. */
    record Twice(Line line) implements Trouble {}

    /** A name that is blank or longer than this many letters. */
    record NeedsName(int longest) implements Trouble {}

    /** A step of the salon's own without a name, or with no time up to this many seconds. */
    record NeedsTime(int longest) implements Trouble {}

    /** Nobody touches a hand with unclean hands. */
    record SanitiseFirst() implements Trouble {}

    /** Two lines the wrong way round. */
    record WrongOrder(Line before, Line after, Rule why) implements Trouble {}

    /** The salon's own step stands before what it was told to follow. */
    record OwnOrder(Line before, Line after) implements Trouble {}

    /** A step that follows itself by way of others. */
    record WaitsForItself(Line line) implements Trouble {}

    /** A step nobody does without. */
    record CannotBeLeftOut(StepKind kind) implements Trouble {}

    /** Nothing of this code stands there. */
    record NoSuchStep(String code) implements Trouble {}

    /** More steps of the salon's own than anybody finds again. */
    record TooMany(int max) implements Trouble {}
  }

  /** A chapter of steps that belong together. */
  public enum Chapter implements Code {
    OLD_PRODUCT,
    FIT_AND_BUILD,
    FILING,
    COATS
  }

  private static final Set<String> CHAPTERS = Set.of(OLD_PRODUCT, FIT_AND_BUILD, FILING, COATS);
  private static final Map<String, StepKind> KINDS = new HashMap<>();

  static {
    EnumSet.allOf(StepKind.class).forEach(kind -> KINDS.put(kind.name(), kind));
    KINDS.remove(StepKind.OWN.name());
  }

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
                  "CLEAR_DESK",
                  "DEHYDRATE",
                  "PRIME",
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
        throw new Impossible(new Trouble.Twice(lines.get(i)));
      }
    }
    for (Line line : lines) {
      if (line.name().filter(name -> name.isBlank() || name.length() > LONGEST_NAME).isPresent()) {
        throw new Impossible(new Trouble.NeedsName(LONGEST_NAME));
      }
      if (line.own()
          && (line.name().isEmpty() || line.ownSeconds() < 1 || line.ownSeconds() > LONGEST_OWN)) {
        throw new Impossible(new Trouble.NeedsTime(LONGEST_OWN));
      }
    }
    if (lines.isEmpty() || !lines.get(0).code().equals("SANITISE")) {
      throw new Impossible(new Trouble.SanitiseFirst());
    }
    waitsForItself(lines)
        .ifPresent(
            line -> {
              throw new Impossible(new Trouble.WaitsForItself(line));
            });
    for (Rule rule : Rule.values()) {
      @Nullable Integer before = places.get(rule.before);
      @Nullable Integer after = places.get(rule.after);
      if (before != null && after != null && before > after) {
        throw new Impossible(new Trouble.WrongOrder(lines.get(before), lines.get(after), rule));
      }
    }
    for (Line line : lines) {
      @Nullable Integer before = line.follows().map(places::get).orElse(null);
      if (before != null && before > Lookup.of(places, line.code())) {
        throw new Impossible(new Trouble.OwnOrder(lines.get(before), line));
      }
    }
    for (StepKind fixed : List.of(StepKind.DUST, StepKind.CLEAR_DESK, StepKind.OIL)) {
      if (!places.containsKey(fixed.name())) {
        throw new Impossible(new Trouble.CannotBeLeftOut(fixed));
      }
    }
  }

  /** Own steps that each wait for the other. */
  private static Optional<Line> waitsForItself(List<Line> lines) {
    Map<String, Line> byCode = new HashMap<>();
    lines.forEach(line -> byCode.put(line.code(), line));
    for (Line line : lines) {
      Set<String> seen = new HashSet<>();
      Line at = line;
      while (at != null && at.follows().isPresent()) {
        if (!seen.add(at.code())) {
          return Optional.of(line);
        }
        at = byCode.get(at.follows().get());
      }
    }
    return Optional.empty();
  }

  /** Lines that were kept under earlier rules, brought into an order that today's allow. */
  public static Routine mended(List<Line> kept) {
    List<Line> lines = new ArrayList<>(kept);
    for (int round = 0; round < Rule.values().length; round++) {
      for (Rule rule : Rule.values()) {
        int before = place(lines, rule.before);
        int after = place(lines, rule.after);
        if (before > after && after >= 0) {
          lines.add(after, lines.remove(before));
        }
      }
    }
    return new Routine(lines);
  }

  private static int place(List<Line> lines, String code) {
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).code().equals(code)) {
        return i;
      }
    }
    return -1;
  }

  public boolean has(String code) {
    return of(code).isPresent();
  }

  public Optional<Line> of(String code) {
    return lines.stream().filter(line -> line.code().equals(code)).findFirst();
  }

  /** Why a line cannot be moved any further in that direction; empty when it can. */
  public Optional<Trouble> fixed(String code, int by) {
    try {
      moved(code, by);
      return Optional.empty();
    } catch (Impossible e) {
      return Optional.of(e.trouble());
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
    Line line = of(code).orElseThrow(() -> new Impossible(new Trouble.NoSuchStep(code)));
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
    if (lines.stream().filter(Line::own).count() >= MAX_OWN) {
      throw new Impossible(new Trouble.TooMany(MAX_OWN));
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
