package ongle.app.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ongle.app.As;
import ongle.app.SalonTest;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.history.SetHistory;
import ongle.app.people.NotAllowed;
import ongle.app.people.People;
import ongle.app.people.Role;
import ongle.app.planning.SetReader;
import ongle.app.salon.SalonSettings;
import ongle.app.visits.VisitPlanner;
import ongle.app.wear.OnHands;
import ongle.app.wear.WearDesk;
import ongle.core.nail.Finger;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Role by role: every page, and every service that changes something. */
@SalonTest
class RightsTest {
  private static final String OWNER = "O";
  private static final String TECHNICIANS = "OT";
  private static final String ALL_HANDS = "OTt";
  private static final String ALL = "OTtF";
  private static final String EVERYBODY = "OTtFP-";

  /** Who may, by method and address; the first that fits counts. F is the front desk, - nobody. */
  private static final Map<String, String> PAGES =
      new java.util.LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        {
          put("\\w+ /sign-in.*|\\w+ /begin|POST /look|\\w+ /error", EVERYBODY);
          put("POST /api/plan", "OTtP-"); // the demo's is open
          put("\\w+ /api.*", EVERYBODY);
          put("\\w+ /own-secret", ALL);
          put("\\w+ /own-secret/code.*", OWNER);
          put("\\w+ /salon/times.*", ALL_HANDS);
          put("\\w+ /salon.*", OWNER);
          put("POST /(kits|shelf|products|lamps|coats|recipes).*", TECHNICIANS);
          put("GET /(kits|shelf|products|lamps|coats|recipes).*", ALL_HANDS);
          put("\\w+ /clients/\\{\\w+}/erase", OWNER);
          put("\\w+ /clients/\\{\\w+}/record.json", ALL_HANDS);
          put("\\w+ /clients/\\{\\w+}/(record.pdf|consent/\\{\\w+}/withdraw)", ALL_HANDS);
          put("\\w+ /clients/\\{\\w+}/(hands|sets|wear).*", ALL_HANDS);
          put("\\w+ /clients.*", ALL);
          put(
              "\\w+ /(feed|appointments|calendar|remind|due|messages|standin/messages).*|GET /",
              ALL);
          put("\\w+ /today.*|GET /sets/\\{\\w+}/visit.ics", ALL);
          put("\\w+ /(sets|calliper|standin|measures|schema|photos).*", ALL_HANDS);
        }
      };

  @Autowired private MockMvc mvc;
  @Autowired private RequestMappingHandlerMapping routing;
  @Autowired private SetEditor editor;
  @Autowired private SetReader reader;
  @Autowired private OnHands onHands;
  @Autowired private SetHistory history;
  @Autowired private SalonSettings salon;
  @Autowired private People people;
  @Autowired private WearDesk wear;
  @Autowired private VisitPlanner visits;

  @AfterEach
  void nobodyStays() {
    SecurityContextHolder.clearContext();
  }

  private static String letter(Role role) {
    return switch (role) {
      case OWNER -> "O";
      case TECHNICIAN -> "T";
      case TRAINEE -> "t";
      case FRONT_DESK -> "F";
      case PROGRAM -> "P";
    };
  }

  private record Route(RequestMethod method, String pattern) {
    String name() {
      return method + " " + pattern;
    }

    String path() {
      return pattern
          .replaceAll("\\{(finger)}", "R3")
          .replaceAll("\\{(hand)}", "LEFT")
          .replaceAll("\\{\\w*(:[^}]*)?}", "9999");
    }
  }

  private List<Route> routes() {
    return routing.getHandlerMethods().keySet().stream()
        .flatMap(
            info -> {
              Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
              return info.getPatternValues().stream()
                  .flatMap(
                      pattern ->
                          (methods.isEmpty() ? Stream.of(RequestMethod.GET) : methods.stream())
                              .map(method -> new Route(method, pattern)));
            })
        .toList();
  }

  @Test
  void everyPageAsksWhoComes() throws Exception {
    List<String> wrong = new ArrayList<>();
    List<Route> routes = routes();
    assertThat(routes).hasSizeGreaterThan(150);
    for (Route route : routes) {
      List<String> rows =
          PAGES.entrySet().stream()
              .filter(row -> Pattern.matches(row.getKey(), route.name()))
              .map(Map.Entry::getValue)
              .toList();
      if (rows.isEmpty()) {
        wrong.add("in no row: " + route.name());
        continue;
      }
      for (Role role : Role.values()) {
        boolean let = let(route, As.a(role));
        if (let != rows.get(0).contains(letter(role))) {
          wrong.add(route.name() + (let ? " lets in " : " keeps out ") + role);
        }
      }
      if (let(route, As.nobody()) != rows.get(0).contains("-")) {
        wrong.add(route.name() + " for nobody");
      }
    }
    assertThat(wrong).isEmpty();
  }

  /** Whether it comes as far as the page, whatever that says of what it was sent. */
  private boolean let(Route route, RequestPostProcessor who) throws Exception {
    MockHttpServletResponse answer =
        mvc.perform(
                MockMvcRequestBuilders.request(
                        org.springframework.http.HttpMethod.valueOf(route.method().name()),
                        java.net.URI.create(route.path()))
                    .with(who))
            .andReturn()
            .getResponse();
    String to = String.valueOf(answer.getRedirectedUrl());
    return answer.getStatus() != 401
        && answer.getStatus() != 403
        && !(to.startsWith("/sign-in?to=") && answer.getStatus() == 302);
  }

  /** A service, and who may have it done. */
  private record Action(String name, String may, ThrowingCallable call) {}

  private List<Action> actions() {
    return List.of(
        new Action(
            "begin a set",
            ALL_HANDS,
            () -> editor.begin(UUID.randomUUID(), 1, LocalDateTime.of(2026, 3, 10, 9, 0))),
        new Action("note wishes", ALL_HANDS, () -> editor.note(1, Change.wishes("short"))),
        new Action(
            "build against a finding",
            TECHNICIANS,
            () -> editor.note(1, Change.buildAnyway(Finger.R3, "seen by a doctor"))),
        new Action(
            "settle an allergy",
            TECHNICIANS,
            () -> editor.note(1, Change.allergySettled("to something else"))),
        new Action("undo", ALL_HANDS, () -> history.undo(1)),
        new Action("bench choices", ALL_HANDS, () -> visits.choose(1, Map.of())),
        new Action("findings", ALL_HANDS, () -> wear.fine(1, java.time.LocalDate.of(2026, 3, 10))),
        new Action("steps of the salon", OWNER, () -> salon.work(routine -> routine)),
        new Action(
            "add somebody",
            OWNER,
            () -> people.add(UUID.randomUUID(), "Somebody", Role.OWNER, "two plain words")),
        new Action("read a set", ALL_HANDS, () -> reader.planned(1)),
        new Action("read what is due", ALL, () -> onHands.due(onHands.worn())),
        new Action("read who called", ALL_HANDS, () -> onHands.called(onHands.worn())),
        new Action("somebody leaves", OWNER, () -> people.gone(5)),
        new Action("make an owner", OWNER, () -> people.change(4, Role.OWNER, "two plain words")));
  }

  @Test
  void everyServiceAsksToo() {
    for (Role role : Role.values()) {
      for (Action action : actions()) {
        SecurityContextHolder.getContext().setAuthentication(As.known(role));
        if (action.may().contains(letter(role))) {
          assertThat(catchThrowable(action.call()) instanceof NotAllowed)
              .as(action.name() + " by " + role)
              .isFalse();
        } else {
          assertThat(catchThrowable(action.call()))
              .as(action.name() + " by " + role)
              .isInstanceOf(NotAllowed.class);
        }
      }
    }
  }
}
