package ongle.app.today;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.wear.OnHands;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The start page: who comes next, what is due, what is left half done. */
@Controller
@Needs(Right.BOOK)
class TodayController {
  private final AppointmentRepository appointments;
  private final ClientRepository clients;
  private final SetReader sets;
  private final OnHands onHands;
  private final Clock clock;

  TodayController(
      AppointmentRepository appointments,
      ClientRepository clients,
      SetReader sets,
      OnHands onHands,
      Clock clock) {
    this.onHands = onHands;
    this.appointments = appointments;
    this.clients = clients;
    this.sets = sets;
    this.clock = clock;
  }

  /**
   * A client coming today.
   *
   * @param state past, next or later
   * @param mind what must not be forgotten about this client; null if nothing
   * @param progress how far the planned set is; null without one
   * @param open what opening it is called; null without one
   * @param setKey form key for beginning one
   */
  record Visit(
      long id,
      LocalDateTime at,
      LocalDateTime until,
      Client client,
      String purpose,
      String state,
      String mind,
      Long setId,
      String progress,
      String open,
      UUID setKey) {}

  /**
   * A set being worn and when it is due.
   *
   * @param reminded that its client was reminded, and when; null where not
   */
  record Due(
      long setId,
      String when,
      boolean over,
      long clientId,
      String client,
      String summary,
      String reminded) {}

  /** A client who called about a nail. */
  record Call(long setId, String client, String what) {}

  /** A set begun for today but not measured to the end. */
  record Need(String what, long setId, String client, String why) {}

  @GetMapping("/")
  String today(Model model) {
    LocalDateTime now = LocalDateTime.now(clock);
    LocalDate today = now.toLocalDate();
    List<Appointment> booked =
        appointments.beginning(today.atStartOfDay(), today.plusDays(1).atStartOfDay());
    Map<Long, Client> people =
        clients.among(booked.stream().map(Appointment::getClientId).toList()).stream()
            .collect(Collectors.toMap(Client::getId, Function.identity()));
    boolean hands = Present.may(Right.HANDS);
    Map<Long, Integer> measured =
        hands
            ? sets.measuredNails(
                booked.stream().map(Appointment::getSetId).filter(Objects::nonNull).toList())
            : Map.of();
    Appointment next =
        booked.stream().filter(a -> a.getEndsAt().isAfter(now)).findFirst().orElse(null);
    List<Visit> visits =
        booked.stream()
            .map(
                a ->
                    visit(
                        a,
                        people.get(a.getClientId()),
                        hands ? measured : null,
                        a == next ? "next" : a.getEndsAt().isAfter(now) ? "later" : "past"))
            .toList();
    model.addAttribute("today", today);
    model.addAttribute("visits", visits);
    List<SetReader.Worn> worn = onHands.worn();
    model.addAttribute("due", onHands.due(worn).stream().map(each -> due(each, today)).toList());
    if (hands) {
      model.addAttribute(
          "calls", onHands.called(worn).stream().map(TodayController::call).toList());
      model.addAttribute("changed", onHands.changed(worn));
      model.addAttribute("needs", booked.stream().flatMap(a -> need(a, people, measured)).toList());
    }
    return "today/page";
  }

  private static Visit visit(
      Appointment a, Client client, @Nullable Map<Long, Integer> measured, String state) {
    String mind =
        client.getAllergy() != null
            ? Words.say("today.allergy", "allergy", client.getAllergy())
            : client.isMinor() ? Words.say("today.minor") : null;
    String progress = null;
    String open = null;
    if (a.getSetId() != null && measured != null) {
      int nails = measured.getOrDefault(a.getSetId(), 0);
      progress = Words.say("today.measured", "nails", nails);
      open = Words.say(nails == 10 ? "today.open-plan" : "today.go-on-measuring");
    }
    return new Visit(
        a.getId(),
        a.getStartsAt(),
        a.getEndsAt(),
        client,
        a.getPurpose(),
        state,
        mind,
        a.getSetId(),
        progress,
        open,
        UUID.randomUUID());
  }

  private static Stream<Need> need(
      Appointment a, Map<Long, Client> people, Map<Long, Integer> measured) {
    if (a.getSetId() == null) {
      return Stream.empty();
    }
    int nails = measured.getOrDefault(a.getSetId(), 0);
    return nails == 10
        ? Stream.empty()
        : Stream.of(
            new Need(
                Words.say("today.of-ten", "nails", nails),
                a.getSetId(),
                people.get(a.getClientId()).getName(),
                Words.say("today.widths-measured")));
  }

  private static Due due(OnHands.Due worn, LocalDate today) {
    long days = ChronoUnit.DAYS.between(today, worn.due());
    String when = Words.say(days < 0 ? "today.overdue" : "today.due-in", "days", Math.abs(days));
    return new Due(
        worn.setId(),
        when,
        days < 0,
        worn.client().getId(),
        worn.client().getName(),
        worn.byChance()
            ? Words.say("today.due.by-chance", "set", worn.summary())
            : worn.failed() > 0
                ? Words.say("today.due.failed", "set", worn.summary(), "nails", worn.failed())
                : worn.summary(),
        worn.reminded()
            .map(day -> Words.say("today.reminded", "day", Dates.of(day, "daymonth")))
            .orElse(null));
  }

  private static Call call(OnHands.Called called) {
    return new Call(
        called.setId(),
        called.client().getName(),
        Words.say(
            "today.called",
            "finger",
            called.finger(),
            "kind",
            Words.of(called.kind()),
            "day",
            Dates.of(called.day(), "daymonth")));
  }
}
