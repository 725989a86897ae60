package ongle.app.structure;

import java.util.ArrayList;
import java.util.List;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.plan.Finding;
import ongle.core.plan.Interval;
import ongle.core.plan.NailPlan;
import ongle.core.plan.Neighbour;
import ongle.core.structure.Arches;
import ongle.core.structure.Endurance;
import ongle.core.structure.FailureMode;
import ongle.core.structure.LoadedNail;
import ongle.core.structure.Margins;
import ongle.core.wear.Growth;

/**
 * The workbench's verdict in words, with the figures behind it.
 *
 * @param verdict one line
 * @param level holds, shorter (holds, but not as long as wished) or weak
 * @param why why the apex is as thick as it is, here and against the neighbours
 * @param notes what follows from it or is worth knowing
 * @param figures names and values behind it
 */
public record Findings(
    String verdict, String level, List<String> why, List<String> notes, List<Figure> figures) {

  /** A figure, what it is called, and where it comes from. */
  public record Figure(String name, String value, String from) {}

  static Findings of(NailPlan plan, List<Neighbour> neighbours) {
    if (plan.stopped()) {
      return new Findings(
          Words.say("fit.stopped"),
          "weak",
          List.of(),
          plan.cautions().stream().map(Words::of).toList(),
          List.of());
    }
    Interval.OfFinger interval = Interval.OfFinger.of(plan);
    return new Findings(
        verdict(interval),
        interval.whole() ? "holds" : interval.notAdvised() ? "weak" : "shorter",
        why(plan, neighbours),
        Finding.of(plan).stream().map(Words::of).toList(),
        figures(plan));
  }

  private static String verdict(Interval.OfFinger interval) {
    Endurance endurance = interval.plan().endurance();
    String what =
        interval.whole()
            ? "holds"
            : !interval.notAdvised() ? "shorter" : interval.holds() == 0 ? "weak" : "short";
    return Words.say(
        "structure.verdict." + what,
        "days",
        interval.holds(),
        "wished",
        interval.plan().wearing().days(),
        "weakest",
        StructureWords.weakest(interval.whole() ? endurance.weakest() : endurance.governing()));
  }

  private static List<String> why(NailPlan plan, List<Neighbour> neighbours) {
    List<String> why = new ArrayList<>();
    why.add(StructureWords.because(plan));
    if (!plan.advised().holds()) {
      why.add(Words.say("structure.no-thicker"));
    }
    neighbours.stream()
        .filter(Neighbour::differs)
        .map(neighbour -> StructureWords.against(plan, neighbour))
        .forEach(why::add);
    return why;
  }

  private static Figure figure(String name, String value, String from) {
    return new Figure(Words.say("structure.figure." + name), value, from);
  }

  private static List<Figure> figures(NailPlan plan) {
    List<Figure> figures = new ArrayList<>();
    Endurance endurance = plan.endurance();
    for (FailureMode cause : FailureMode.values()) {
      Margins.Margin worse = endurance.of(cause);
      boolean inside = cause == FailureMode.CRACK || cause == FailureMode.PLATE;
      figures.add(
          new Figure(
              Words.of(cause, "margin"),
              Words.say(
                  "structure.figure.days",
                  "first",
                  StructureWords.value(endurance.first().of(cause)),
                  "last",
                  StructureWords.value(endurance.last().of(cause))),
              Words.say(
                  "structure.figure.against",
                  "aim",
                  cause.aim(),
                  "worst",
                  Numbers.format(worse.there(), inside ? 1 : 2) + (inside ? " MPa" : " N/mm²"),
                  "at",
                  worse.at(),
                  "limit",
                  StructureWords.limit(cause, plan))));
    }
    figures.add(
        figure(
            "loads",
            Words.say(
                "structure.figure.loads.value",
                "down",
                load(LoadedNail.PRESS, endurance),
                "up",
                load(LoadedNail.PRY, endurance)),
            Words.say(
                "structure.figure.loads.from",
                "first",
                100 * endurance.first().loadShare(),
                "last",
                100 * endurance.last().loadShare(),
                "press",
                LoadedNail.PRESS,
                "pry",
                LoadedNail.PRY,
                "share",
                100 * plan.term().load().share(),
                "out",
                Math.max(0, plan.extension() - plan.nail().overhang()))));
    Arches arches = plan.arches();
    String parallel =
        Words.say(
            arches.parallel() ? "structure.figure.arch.parallel" : "structure.figure.arch.close",
            "angle",
            arches.angleBetween());
    figures.add(
        figure(
            "arch",
            Words.say("structure.figure.arch.value", "rise", arches.rise()),
            arches.highestElsewhere()
                ? parallel + Words.say("structure.figure.arch.highest", "at", arches.highestAt())
                : parallel));
    figures.add(
        figure(
            "product",
            Words.say("structure.figure.product.value", "volume", plan.appliedVolume()),
            Words.say(
                "structure.figure.product.from",
                "total",
                plan.volumes().total(),
                "cuticle",
                plan.volumes().cuticle(),
                "body",
                plan.volumes().body(),
                "extension",
                plan.volumes().extension())));
    figures.add(
        figure(
            "floor",
            Numbers.thickness(
                plan.wish().figures().floor().at(plan.overlay() ? 0 : plan.extension())),
            Words.say("structure.figure.floor.from")));
    figures.add(
        figure(
            "form",
            Numbers.format(arches.formTilt() - plan.nail().growthPitch(), 0) + "°",
            Words.say(
                "structure.figure.form.from",
                "arch",
                arches.formTilt(),
                "plate",
                plan.nail().growthPitch())));
    Growth growth = plan.wearing().growth();
    figures.add(
        figure(
            "growth",
            Words.say(
                "structure.figure.growth.value",
                "rate",
                Numbers.format(growth.perDay(plan.nail().finger().digit()), 3)),
            Words.say(
                "structure.figure.growth.from",
                "nails",
                growth.observations(),
                "weight",
                100 * growth.weight())));
    return figures;
  }

  private static String load(double full, Endurance endurance) {
    return Numbers.format(full * endurance.first().loadShare(), 1)
        + "–"
        + Numbers.format(full * endurance.last().loadShare(), 1);
  }
}
