package ongle.app.exchange;

import java.util.List;
import java.util.Optional;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.bench.BenchPlan;
import ongle.core.bench.Infill;
import ongle.core.bench.Step;
import ongle.core.bench.StepKind;
import ongle.core.bench.Target;
import ongle.core.cure.LampTime;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.portion.Strip;
import ongle.core.product.Product;
import ongle.core.schedule.Schedule;

/** How a set is carried out, and the appointment that makes, as open JSON. */
record BenchAnswer(
    List<String> refusals,
    List<Amount> amounts,
    List<OfNail> nails,
    List<OfStep> steps,
    Times schedule) {

  static BenchAnswer of(BenchPlan plan) {
    return new BenchAnswer(
        plan.refusals().stream().map(Words::of).toList(),
        plan.amounts().entrySet().stream()
            .map(
                each ->
                    new Amount(
                        each.getKey().code(), each.getValue(), each.getKey().measure().symbol()))
            .toList(),
        plan.plan().built().stream().map(nail -> OfNail.of(plan, nail)).toList(),
        plan.steps().stream().map(OfStep::of).toList(),
        plan.refusals().isEmpty() ? Times.of(plan.schedule()) : null);
  }

  record Amount(String material, double amount, String measure) {}

  record OfNail(
      Finger finger,
      String product,
      List<Dose> doses,
      Double powderG,
      Double liquidMl,
      Rows strip,
      LayersLaid layers,
      Grown infill) {
    static OfNail of(BenchPlan plan, NailPlan nail) {
      Finger finger = nail.nail().finger();
      Optional<Portion> portion = Optional.ofNullable(plan.portions().get(finger));
      return new OfNail(
          finger,
          nail.build().product().code(),
          portion.map(Portion::doses).orElse(List.of()).stream().map(Dose::of).toList(),
          portion.flatMap(Portion::split).map(split -> split.powder()).orElse(null),
          portion.flatMap(Portion::split).map(split -> split.liquid()).orElse(null),
          portion.flatMap(Portion::strip).map(Rows::of).orElse(null),
          portion
              .flatMap(laid -> plan.layers(nail))
              .map(
                  layers ->
                      new LayersLaid(
                          layers.count(),
                          layers.each(),
                          layers.heat().index(),
                          layers.heat().advice()))
              .orElse(null),
          Optional.ofNullable(plan.infills().get(finger)).map(Grown::of).orElse(null));
    }
  }

  record Dose(Enum<?> place, double volumeMm3, double diameterMm) {
    static Dose of(ProductPortion portion) {
      return new Dose(portion.place(), portion.volume(), portion.diameter());
    }
  }

  record Rows(
      double nozzleMm, double lengthMm, int rows, double endsBeyondStressLineMm, Double mark) {
    static Rows of(Strip strip) {
      return new Rows(
          strip.nozzle(),
          strip.length(),
          strip.rows(),
          strip.endsBeyond(),
          PlanAnswer.orNull(strip.mark()));
    }
  }

  record LayersLaid(int count, double eachMm, double heatIndex, Enum<?> advice) {}

  record Grown(
      double gapMm,
      double shortenByMm,
      double thinByMm,
      double apexFromMm,
      double apexToMm,
      double shareOfNew,
      String removalBecause) {
    static Grown of(Infill infill) {
      return new Grown(
          infill.gap(),
          infill.shortenBy(),
          infill.thinBy(),
          infill.apexFrom(),
          infill.apexTo(),
          infill.share(),
          infill.removal().map(Words::of).orElse(null));
    }
  }

  record OfStep(
      String id,
      StepKind kind,
      String title,
      Hand hand,
      List<Finger> fingers,
      int seconds,
      boolean runsByItself,
      int opensAfterS,
      Integer closesAfterS,
      String countedFrom,
      boolean keepsHand,
      int number,
      int of,
      String tool,
      BitUsed bit,
      String product,
      Double doseMm3,
      Light light,
      List<Aim> targets,
      List<String> hints,
      List<String> cautions,
      Enum<?> movement,
      List<OfStep> parts) {
    static OfStep of(Step step) {
      return new OfStep(
          step.id(),
          step.kind(),
          BenchWords.name(step),
          step.hand().orElse(null),
          step.fingers(),
          step.job().seconds(),
          step.runsByItself(),
          step.window().min(),
          step.window().closes() ? (Integer) step.window().max() : null,
          step.since().orElse(null),
          step.job().keeps(),
          step.number(),
          step.of(),
          BenchWords.tool(step),
          step.bit()
              .map(
                  bit ->
                      new BitUsed(
                          Words.of(bit), bit.slowest(), bit.fastest(), Words.of(bit, "direction")))
              .orElse(null),
          step.product().map(Product::code).orElse(null),
          step.dose().map(ProductPortion::volume).orElse(null),
          step.light().map(Light::of).orElse(null),
          step.targets().stream().map(Aim::of).toList(),
          BenchWords.hints(step),
          BenchWords.cautions(step),
          step.movement().orElse(null),
          step.parts().stream().map(OfStep::of).toList());
    }
  }

  record BitUsed(String name, int slowestRpm, int fastestRpm, String direction) {}

  record Light(String programme, int times, long seconds) {
    static Light of(LampTime time) {
      return new Light(time.programme().label(), time.times(), time.duration().toSeconds());
    }
  }

  record Aim(Finger finger, Enum<?> measure, double value, String unit) {
    static Aim of(Target target) {
      return new Aim(target.finger(), target.measure(), target.value(), target.measure().unit());
    }
  }

  record Times(
      int makespanS,
      int lowerBoundS,
      int workedS,
      boolean exact,
      Object missed,
      int handChanges,
      List<Slot> slots) {
    static Times of(Schedule schedule) {
      return new Times(
          schedule.makespan(),
          schedule.lowerBound(),
          schedule.worked(),
          schedule.exact(),
          schedule.missed(),
          schedule.changes(),
          schedule.slots().stream()
              .map(slot -> new Slot(slot.job().id(), slot.start(), slot.end()))
              .toList());
    }
  }

  record Slot(String step, int startS, int endS) {}
}
