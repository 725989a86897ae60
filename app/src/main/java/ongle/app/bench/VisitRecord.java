package ongle.app.bench;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ongle.app.words.BenchWords;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import ongle.core.bench.Event;

/**
 * One time through an appointment, to be read afterwards.
 *
 * @param day it was begun
 * @param from when it was begun
 * @param length from the first event to the last
 * @param toKnow what a later failure may have come from, counted
 * @param rows what happened, in order
 */
record VisitRecord(String day, String from, String length, List<String> toKnow, List<Row> rows) {

  /**
   * Something that happened.
   *
   * @param with the lots it was done with; empty for none
   * @param remark what is worth knowing; empty where nothing is
   */
  record Row(String at, String title, String where, String with, String remark) {}

  /**
   * @param noted of one run, the first its beginning
   */
  static VisitRecord of(List<Noted> noted, ZoneId zone) {
    Instant began = noted.get(0).event().at();
    Instant ended = noted.get(noted.size() - 1).event().at();
    return new VisitRecord(
        Dates.of(began.atZone(zone), "long"),
        Dates.of(began.atZone(zone), "time"),
        BenchWords.minutes(Duration.between(began, ended).toSeconds()),
        toKnow(noted),
        noted.stream()
            .filter(each -> each.event().type() != Event.Type.FIRST)
            .filter(each -> each.event().type() != Event.Type.TICK)
            .map(each -> row(each, zone))
            .toList());
  }

  private static Row row(Noted noted, ZoneId zone) {
    Event event = noted.event();
    String text = event.text();
    String at = Dates.of(event.at().atZone(zone), "time");
    return switch (event.type()) {
      case BEGIN -> new Row(at, Words.say("bench.record.begun"), "", "", noted.remark());
      case DONE, STARTED, WHEN_FREE ->
          new Row(
              at,
              noted.title(),
              noted.where(),
              text.isEmpty() ? "" : Words.say("bench.lot", "lot", text),
              noted.remark());
      case SKIPPED ->
          new Row(
              at,
              noted.title(),
              noted.where(),
              "",
              (Words.say("bench.record.skipped", "reason", text) + " " + noted.remark()).strip());
      case BACK -> new Row(at, noted.title(), noted.where(), "", Words.say("bench.record.back"));
      case FIRST, TICK ->
          new Row(at, noted.title(), noted.where(), "", Words.say("bench.record.first"));
      case PAUSED -> new Row(at, Words.say("bench.record.paused"), "", "", "");
      case RESUMED -> new Row(at, Words.say("bench.record.resumed"), "", "", "");
      case NOTE -> new Row(at, Words.say("bench.record.note", "note", text), noted.where(), "", "");
      case SKIN -> new Row(at, noted.title(), noted.where(), "", Words.say("bench.record.skin"));
      case HEAT -> new Row(at, noted.title(), noted.where(), "", Words.say("bench.record.heat"));
    };
  }

  /** What was taken back does not count. */
  private static List<String> toKnow(List<Noted> noted) {
    Map<String, Noted> steps = new HashMap<>();
    int skin = 0;
    int heat = 0;
    for (Noted each : noted) {
      switch (each.event().type()) {
        case DONE, STARTED, WHEN_FREE, SKIPPED -> steps.put(each.event().step(), each);
        case BACK -> steps.remove(each.event().step());
        case SKIN -> skin++;
        case HEAT -> heat++;
        default -> {}
      }
    }
    List<String> toKnow = new ArrayList<>();
    long skipped =
        steps.values().stream().filter(s -> s.event().type() == Event.Type.SKIPPED).count();
    long remarked =
        steps.values().stream()
            .filter(s -> s.event().type() != Event.Type.SKIPPED && !s.remark().isEmpty())
            .count();
    counted(toKnow, skipped, "skipped");
    counted(toKnow, remarked, "late");
    counted(toKnow, skin, "skin");
    counted(toKnow, heat, "heat");
    return toKnow;
  }

  private static void counted(List<String> toKnow, long number, String what) {
    if (number > 0) {
      toKnow.add(Words.say("bench.record.count." + what, "times", number));
    }
  }
}
