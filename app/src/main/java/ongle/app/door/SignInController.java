package ongle.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import ongle.app.deeds.Deeds;
import ongle.app.deeds.Part;
import ongle.app.lan.Devices;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Person;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.people.Who;
import ongle.app.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Signing in: as a page of its own, or over the page that is open, so that the next person at a
 * desk goes on where the last one was.
 */
@Controller
@RequestMapping
@Needs(Right.NONE)
class SignInController {
  private static final int MINUTE = 60;

  private final People people;
  private final Sessions sessions;
  private final Deeds deeds;
  private final Devices devices;
  private final DemoPeople demo;

  SignInController(
      People people, Sessions sessions, Deeds deeds, Devices devices, DemoPeople demo) {
    this.people = people;
    this.sessions = sessions;
    this.deeds = deeds;
    this.devices = devices;
    this.demo = demo;
  }

  @GetMapping("/sign-in")
  String page(
      @RequestParam Optional<Long> as,
      @RequestParam(defaultValue = "/") String to,
      HttpServletRequest request,
      Model model) {
    if (!people.owned()) {
      return "redirect:/begin";
    }
    show(as, Optional.empty(), request, model);
    model.addAttribute("to", within(to));
    return "door/sign-in";
  }

  @PostMapping("/sign-in")
  String signIn(
      @RequestParam Optional<Long> person,
      @RequestParam(defaultValue = "") String secret,
      @RequestParam(defaultValue = "") String code,
      @RequestParam(defaultValue = "/") String to,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    Optional<String> why = tried(person, secret, code, request, response);
    if (why.isEmpty()) {
      return "redirect:" + within(to);
    }
    show(person, why, request, model);
    model.addAttribute("to", within(to));
    return "door/sign-in";
  }

  /** The same over the page that is open. */
  @GetMapping("/sign-in/here")
  String here(HttpServletRequest request, Model model) {
    show(Optional.empty(), Optional.empty(), request, model);
    return "door/sign-in :: here";
  }

  @PostMapping("/sign-in/here")
  Object hereTried(
      @RequestParam Optional<Long> person,
      @RequestParam(defaultValue = "") String secret,
      @RequestParam(defaultValue = "") String code,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    Optional<String> why = tried(person, secret, code, request, response);
    if (why.isEmpty()) {
      return ResponseEntity.status(HttpStatus.NO_CONTENT).header("HX-Trigger", "signed-in").build();
    }
    show(person, why, request, model);
    return "door/sign-in :: here";
  }

  @PostMapping("/sign-in/out")
  String out(HttpServletRequest request) {
    Sessions.end(request);
    return "redirect:/sign-in";
  }

  /** Out at every browser. */
  @PostMapping("/sign-in/out-everywhere")
  String outEverywhere(HttpServletRequest request) {
    Optional<Who> who = Present.who();
    Sessions.end(request);
    who.ifPresent(each -> sessions.endAll(each.id()));
    return "redirect:/sign-in";
  }

  /** Why not; empty when they are in. */
  private Optional<String> tried(
      Optional<Long> person,
      String secret,
      String code,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (person.isEmpty()) {
      return Optional.of(Words.say("door.who"));
    }
    if (!devices.takesPins(request) && people.hasPin(person.get())) {
      return Optional.of(Words.say("door.no-pins-here"));
    }
    People.Tried tried = deeds.beforehand(() -> people.tryIn(person.get(), secret, code));
    people.all().stream()
        .filter(each -> each.getId().equals(person.get()))
        .forEach(
            each ->
                deeds.note(
                    tried instanceof People.Tried.In ? Part.SIGNED_IN : Part.KEPT_OUT,
                    each.getId(),
                    each.getName()));
    if (tried instanceof People.Tried.In in) {
      sessions.begin(in.who(), request, response);
    }
    return why(tried);
  }

  /** Why a secret was not taken; empty where it was. */
  static Optional<String> why(People.Tried tried) {
    return tried instanceof People.Tried.In
        ? Optional.empty()
        : Optional.of(
            tried instanceof People.Tried.Barred barred
                ? barred.pause().map(SignInController::wait).orElse(Words.say("door.barred"))
                : Words.say("door.wrong"));
  }

  private static String wait(Duration wait) {
    long seconds = wait.toSeconds() + 1;
    return seconds > MINUTE
        ? Words.say("door.wait-minutes", "minutes", (seconds + MINUTE - 1) / MINUTE)
        : Words.say("door.wait-seconds", "seconds", seconds);
  }

  /** Where no PIN is taken, those who have one are not told to strangers. */
  private void show(
      Optional<Long> as, Optional<String> why, HttpServletRequest request, Model model) {
    boolean pins = devices.takesPins(request);
    List<Person> known =
        people.all().stream()
            .filter(Person::isKnown)
            .filter(person -> pins || person.getRole().hasPassword())
            .toList();
    model.addAttribute("pins", pins);
    model.addAttribute("people", known);
    model.addAttribute("as", as.orElse(null));
    model.addAttribute("why", why.orElse(null));
    model.addAttribute("hints", demo.secrets());
  }

  /** Only ever a page of ours. */
  private static String within(String to) {
    return to.startsWith("/")
            && !to.startsWith("//")
            && to.chars().noneMatch(c -> c < ' ' || c == '\\')
        ? to
        : "/";
  }
}
