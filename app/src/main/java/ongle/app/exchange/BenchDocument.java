package ongle.app.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.BenchSchools;
import ongle.core.bench.BenchWish;
import ongle.core.bench.Bit;
import ongle.core.bench.Infill;
import ongle.core.bench.Routine;
import ongle.core.bench.Step;
import ongle.core.bench.Target;
import ongle.core.cure.Lamp;
import ongle.core.cure.LampTime;
import ongle.core.cure.Layers;
import ongle.core.nail.Finger;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.portion.Strip;
import ongle.core.schedule.Schedule;

/** How a set is carried out, and the appointment that makes, as open JSON. */
final class BenchDocument {
  private BenchDocument() {}

  /** What the plan service reads. */
  static Map<String, Object> wish(BenchWish wish) {
    BenchSchools habits = wish.schools();
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("visit", SetFile.word(wish.visit()));
    out.put("softener", SetFile.word(habits.softener()));
    out.put("cuticleTool", SetFile.word(habits.cuticleTool()));
    out.put("primer", SetFile.word(habits.primer()));
    out.put("attachment", SetFile.word(habits.attachment()));
    out.put("construction", SetFile.word(habits.construction()));
    out.put("order", SetFile.word(habits.order()));
    out.put("filing", SetFile.word(habits.filing()));
    out.put("rework", SetFile.word(habits.rework()));
    out.put("lamp", lamp(wish.lamp()));
    out.put("pigmented", wish.pigmented());
    out.put("mix", SetFile.word(wish.mix()));
    out.put("brush", SetFile.word(wish.brush()));
    out.put("nozzleMm", SetFile.rounded(wish.nozzle()));
    out.put("colour", SetFile.word(wish.finish().colour()));
    out.put("roomC", SetFile.rounded(wish.room()));
    out.put("pacePercent", wish.pace());
    if (!wish.routine().equals(Routine.USUAL)) {
      out.put("routine", wish.routine().lines().stream().map(BenchDocument::line).toList());
    }
    return out;
  }

  private static Map<String, Object> lamp(Lamp lamp) {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("label", lamp.label());
    out.put("wavelengthsNm", lamp.wavelengths().stream().sorted().toList());
    out.put("lightMwPerCm2", SetFile.rounded(lamp.nominal()));
    lamp.measured().ifPresent(measured -> out.put("measuredMwPerCm2", SetFile.rounded(measured)));
    out.put("thumbsApart", lamp.thumbsApart());
    out.put(
        "programmes",
        lamp.programmes().stream()
            .map(
                each ->
                    SetFile.ordered(
                        "label", each.label(),
                        "seconds", each.seconds(),
                        "powerPercent", SetFile.rounded(100 * each.power())))
            .toList());
    return out;
  }

  private static Map<String, Object> line(Routine.Line line) {
    Map<String, Object> out = SetFile.ordered("step", word(line.code()));
    line.name().ifPresent(name -> out.put("name", name));
    if (line.own()) {
      out.put("ownSeconds", line.ownSeconds());
    }
    line.follows().ifPresent(code -> out.put("follows", word(code)));
    return out;
  }

  private static String word(String code) {
    return Routine.USUAL.of(code).isPresent()
        ? code.toLowerCase(Locale.ROOT).replace('_', '-')
        : code;
  }

  /** The appointment. */
  static Map<String, Object> plan(BenchPlan plan) {
    List<Map<String, Object>> nails = new ArrayList<>();
    for (NailPlan nail : plan.plan().built()) {
      nails.add(nail(plan, nail));
    }
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("refusals", plan.refusals().stream().map(Words::of).toList());
    out.put(
        "amounts",
        plan.amounts().entrySet().stream()
            .map(
                each ->
                    SetFile.ordered(
                        "material", each.getKey().code(),
                        "amount", SetFile.rounded(each.getValue()),
                        "measure", each.getKey().measure().symbol()))
            .toList());
    out.put("nails", nails);
    out.put("steps", plan.steps().stream().map(BenchDocument::step).toList());
    out.put("schedule", plan.refusals().isEmpty() ? schedule(plan.schedule()) : null);
    return out;
  }

  private static Map<String, Object> nail(BenchPlan plan, NailPlan nail) {
    Finger finger = nail.nail().finger();
    Portion portion = plan.portions().get(finger);
    Infill infill = plan.infills().get(finger);
    return SetFile.ordered(
        "finger",
        finger.name(),
        "product",
        nail.build().product().code(),
        "doses",
        portion == null
            ? List.of()
            : portion.doses().stream()
                .map(
                    dose ->
                        SetFile.ordered(
                            "place", SetFile.word(dose.place()),
                            "volumeMm3", SetFile.rounded(dose.volume()),
                            "diameterMm", SetFile.rounded(dose.diameter())))
                .toList(),
        "powderG",
        portion == null
            ? null
            : portion.split().map(split -> SetFile.rounded(split.powder())).orElse(null),
        "liquidMl",
        portion == null
            ? null
            : portion.split().map(split -> SetFile.rounded(split.liquid())).orElse(null),
        "strip",
        portion == null ? null : portion.strip().map(BenchDocument::strip).orElse(null),
        "layers",
        portion == null ? null : plan.layers(nail).map(BenchDocument::layers).orElse(null),
        "infill",
        infill == null ? null : infill(infill));
  }

  private static Map<String, Object> strip(Strip strip) {
    return SetFile.ordered(
        "nozzleMm", SetFile.rounded(strip.nozzle()),
        "lengthMm", SetFile.rounded(strip.length()),
        "rows", strip.rows(),
        "endsBeyondStressLineMm", SetFile.rounded(strip.endsBeyond()),
        "mark", strip.mark().isPresent() ? SetFile.rounded(strip.mark().getAsDouble()) : null);
  }

  private static Map<String, Object> layers(Layers layers) {
    return SetFile.ordered(
        "count", layers.count(),
        "eachMm", SetFile.rounded(layers.each()),
        "heatIndex", SetFile.rounded(layers.heat().index()),
        "advice", SetFile.word(layers.heat().advice()));
  }

  private static Map<String, Object> infill(Infill infill) {
    return SetFile.ordered(
        "gapMm", SetFile.rounded(infill.gap()),
        "shortenByMm", SetFile.rounded(infill.shortenBy()),
        "thinByMm", SetFile.rounded(infill.thinBy()),
        "apexFromMm", SetFile.rounded(infill.apexFrom()),
        "apexToMm", SetFile.rounded(infill.apexTo()),
        "shareOfNew", SetFile.rounded(infill.share()),
        "removalBecause", infill.removal().map(Words::of).orElse(null));
  }

  private static Map<String, Object> step(Step step) {
    return SetFile.ordered(
        "id", step.id(),
        "kind", SetFile.word(step.kind()),
        "title", BenchWords.name(step),
        "hand", step.hand().map(SetFile::word).orElse(null),
        "fingers", step.fingers().stream().map(Finger::name).toList(),
        "seconds", step.job().seconds(),
        "runsByItself", step.runsByItself(),
        "opensAfterS", step.window().min(),
        "closesAfterS", step.window().closes() ? (Object) step.window().max() : null,
        "number", step.number(),
        "of", step.of(),
        "tool", BenchWords.tool(step),
        "bit", step.bit().map(BenchDocument::bit).orElse(null),
        "product", step.product().map(product -> product.code()).orElse(null),
        "doseMm3", step.dose().map(dose -> SetFile.rounded(dose.volume())).orElse(null),
        "light", step.light().map(BenchDocument::light).orElse(null),
        "targets", step.targets().stream().map(BenchDocument::target).toList(),
        "hints", BenchWords.hints(step),
        "cautions", BenchWords.cautions(step));
  }

  private static Map<String, Object> target(Target target) {
    return SetFile.ordered(
        "finger", target.finger().name(),
        "measure", SetFile.word(target.measure()),
        "value", SetFile.rounded(target.value()),
        "unit", target.measure().unit());
  }

  private static Map<String, Object> bit(Bit bit) {
    return SetFile.ordered(
        "name", Words.of(bit),
        "slowestRpm", bit.slowest(),
        "fastestRpm", bit.fastest(),
        "direction", Words.of(bit, "direction"));
  }

  private static Map<String, Object> light(LampTime light) {
    return SetFile.ordered(
        "programme", light.programme().label(),
        "times", light.times(),
        "seconds", light.duration().toSeconds());
  }

  private static Map<String, Object> schedule(Schedule schedule) {
    return SetFile.ordered(
        "makespanS", schedule.makespan(),
        "lowerBoundS", schedule.lowerBound(),
        "workedS", schedule.worked(),
        "exact", schedule.exact(),
        "missed", schedule.missed(),
        "slots",
            schedule.slots().stream()
                .map(
                    slot ->
                        SetFile.ordered(
                            "step", slot.job().id(),
                            "startS", slot.start(),
                            "endS", slot.end()))
                .toList());
  }
}
