package ongle.app.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import ongle.app.words.Words;
import ongle.core.bench.BenchSchools;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Construction;
import ongle.core.bench.CuticleTool;
import ongle.core.bench.FilingRoutine;
import ongle.core.bench.Finish;
import ongle.core.bench.NailOrder;
import ongle.core.bench.Primer;
import ongle.core.bench.Rework;
import ongle.core.bench.Routine;
import ongle.core.bench.Softener;
import ongle.core.bench.TipAttachment;
import ongle.core.bench.Visit;
import ongle.core.cure.Lamp;
import ongle.core.cure.Programme;
import ongle.core.cure.Setting;
import ongle.core.nail.Finger;
import ongle.core.portion.Brush;
import ongle.core.portion.Mix;
import ongle.core.portion.Strip;
import tools.jackson.databind.JsonNode;

/** Reads how a set is carried out; what is left out is as usual. */
final class BenchReader extends FileFields {
  private static final Set<String> NAMES =
      Set.of(
          "visit",
          "softener",
          "cuticleTool",
          "primer",
          "attachment",
          "construction",
          "order",
          "filing",
          "rework",
          "lamp",
          "pigmented",
          "mix",
          "brush",
          "nozzleMm",
          "colour",
          "roomC",
          "pacePercent",
          "routine");

  BenchReader(List<Fault> faults) {
    super(faults);
  }

  /**
   * @param regrowth by finger, mm
   */
  BenchWish read(JsonNode node, Map<Finger, Double> regrowth) {
    BenchWish usual = BenchWish.USUAL;
    if (missing(node) || !object(node, "bench", NAMES)) {
      return usual;
    }
    BenchSchools habits = usual.schools();
    return new BenchWish(
        word(node, "bench.", "visit", Visit.class, usual.visit()),
        new BenchSchools(
            word(node, "bench.", "softener", Softener.class, habits.softener()),
            word(node, "bench.", "cuticleTool", CuticleTool.class, habits.cuticleTool()),
            word(node, "bench.", "primer", Primer.class, habits.primer()),
            word(node, "bench.", "attachment", TipAttachment.class, habits.attachment()),
            word(node, "bench.", "construction", Construction.class, habits.construction()),
            word(node, "bench.", "order", NailOrder.class, habits.order()),
            word(node, "bench.", "filing", FilingRoutine.class, habits.filing()),
            word(node, "bench.", "rework", Rework.class, habits.rework())),
        routine(node.path("routine")),
        lamp(node.path("lamp")),
        flag(node, "bench", "pigmented", false),
        word(node, "bench.", "mix", Mix.class, usual.mix()),
        word(node, "bench.", "brush", Brush.class, usual.brush()),
        plain(node, "bench", "nozzleMm", Strip.NARROWEST, Strip.WIDEST, usual.nozzle()),
        Finish.of(word(node, "bench.", "colour", Finish.Colour.class, Finish.Colour.CLEAR)),
        plain(node, "bench", "roomC", Setting.COLDEST_ROOM, Setting.WARMEST_ROOM, usual.room()),
        whole(
            node,
            "bench",
            "pacePercent",
            BenchWish.FASTEST_PACE,
            BenchWish.SLOWEST_PACE,
            usual.pace()),
        regrowth);
  }

  private Lamp lamp(JsonNode node) {
    String path = "bench.lamp";
    if (missing(node)
        || !object(
            node,
            path,
            Set.of(
                "label",
                "wavelengthsNm",
                "lightMwPerCm2",
                "measuredMwPerCm2",
                "thumbsApart",
                "programmes"))) {
      return Lamp.LED;
    }
    Lamp usual = Lamp.LED;
    double measured =
        plain(node, path, "measuredMwPerCm2", Lamp.MIN_LIGHT, Lamp.MAX_LIGHT, Double.NaN);
    return new Lamp(
        "file",
        said(node, path + ".", "label").orElse("lamp"),
        wavelengths(node, path, Lamp.SHORTEST_WAVE, Lamp.LONGEST_WAVE, usual.wavelengths()),
        plain(node, path, "lightMwPerCm2", Lamp.MIN_LIGHT, Lamp.MAX_LIGHT, usual.nominal()),
        Double.isNaN(measured) ? OptionalDouble.empty() : OptionalDouble.of(measured),
        flag(node, path, "thumbsApart", true),
        programmes(node.path("programmes")));
  }

  private List<Programme> programmes(JsonNode node) {
    String path = "bench.lamp.programmes";
    if (missing(node)) {
      return Lamp.LED.programmes();
    }
    List<Programme> read = new ArrayList<>();
    for (int i = 0; i < node.size(); i++) {
      String at = path + "[" + i + "]";
      JsonNode one = node.get(i);
      if (object(one, at, Set.of("label", "seconds", "powerPercent"))) {
        int seconds =
            whole(one, at, "seconds", Programme.SHORTEST, Programme.LONGEST, Programme.LONGEST);
        double power = plain(one, at, "powerPercent", 1, 100, 100);
        read.add(
            new Programme(
                said(one, at + ".", "label").orElse(seconds + " s"), seconds, power / 100));
      }
    }
    if (!node.isArray() || read.isEmpty()) {
      faults.add(new Fault(path, "not a list of programmes", "at least one, with its seconds"));
      return Lamp.LED.programmes();
    }
    return read;
  }

  private Routine routine(JsonNode node) {
    if (missing(node)) {
      return Routine.USUAL;
    }
    List<Routine.Line> lines = new ArrayList<>();
    for (int i = 0; i < node.size(); i++) {
      String path = "bench.routine[" + i + "]";
      JsonNode line = node.get(i);
      if (object(line, path, Set.of("step", "name", "ownSeconds", "follows"))) {
        lines.add(
            new Routine.Line(
                said(line, path + ".", "step").map(BenchReader::code).orElse(""),
                said(line, path + ".", "name"),
                whole(line, path, "ownSeconds", 0, Routine.LONGEST_OWN, 0),
                said(line, path + ".", "follows").map(BenchReader::code)));
      }
    }
    try {
      return new Routine(lines);
    } catch (Routine.Impossible e) {
      faults.add(
          new Fault(
              "bench.routine", Words.of(e.trouble()), "steps in an order that can be worked"));
      return Routine.USUAL;
    }
  }

  /** A step's word as its code; a salon's own steps keep theirs. */
  private static String code(String word) {
    String code = word.toUpperCase(Locale.ROOT).replace('-', '_');
    Optional<Routine.Line> usual = Routine.USUAL.of(code);
    return usual.isPresent() ? code : word;
  }
}
