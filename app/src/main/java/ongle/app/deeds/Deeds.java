package ongle.app.deeds;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import ongle.app.people.Present;
import ongle.app.people.Who;
import ongle.app.store.Witness;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Writes down who did what. A request that changes something notes its handler; the first change it
 * keeps takes the line along, so that there is no change without its line and no line without its
 * change.
 */
@Component
public class Deeds implements Witness, HandlerInterceptor, WebMvcConfigurer {
  private static final String HANDLER = Deeds.class.getName();
  private static final int LONGEST = 120;

  /** Most lines shown at a time. */
  public static final int SHOWN = 500;

  private final JdbcTemplate deeds;

  Deeds(DataSource source) {
    deeds = new JdbcTemplate(source);
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (handler instanceof HandlerMethod method
        && !"GET".equals(request.getMethod())
        && Part.of(method.getBeanType()).isPresent()) {
      request.setAttribute(HANDLER, method);
    }
    return true;
  }

  @Override
  public void aboutToKeep() {
    if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
        && asked.getRequest().getAttribute(HANDLER) instanceof HandlerMethod method) {
      asked.getRequest().removeAttribute(HANDLER);
      note(method, asked.getRequest());
    }
  }

  /** Keeps something that is not yet what the request does: its line waits for that. */
  public <T> T beforehand(Supplier<T> keeps) {
    RequestAttributes asked = RequestContextHolder.getRequestAttributes();
    Object handler =
        asked == null ? null : asked.getAttribute(HANDLER, RequestAttributes.SCOPE_REQUEST);
    if (asked == null || handler == null) {
      return keeps.get();
    }
    asked.removeAttribute(HANDLER, RequestAttributes.SCOPE_REQUEST);
    try {
      return keeps.get();
    } finally {
      asked.setAttribute(HANDLER, handler, RequestAttributes.SCOPE_REQUEST);
    }
  }

  /** What changes nothing but who is at a desk. */
  @Transactional
  public void note(Part part, long personId, String person) {
    if (RequestContextHolder.getRequestAttributes() != null) {
      RequestContextHolder.getRequestAttributes()
          .removeAttribute(HANDLER, RequestAttributes.SCOPE_REQUEST);
    }
    write(part, part.name(), personId, person, null, null, "");
  }

  private void note(HandlerMethod method, HttpServletRequest request) {
    Map<String, String> places = places(request);
    String path = request.getRequestURI();
    Part part = Part.of(method.getBeanType()).orElseThrow();
    Optional<Who> who = Present.who();
    Long set = number(places, "id").filter(id -> path.startsWith("/sets/")).orElse(null);
    Long client =
        number(places, "clientId")
            .or(() -> number(places, "id").filter(id -> path.startsWith("/clients/")))
            .orElse(null);
    write(
        part,
        method.getMethod().getName(),
        who.map(Who::id).orElse(null),
        who.map(Who::called).orElse(""),
        set,
        client,
        detail(places));
  }

  private void write(
      Part part,
      String action,
      @Nullable Long personId,
      String person,
      @Nullable Long set,
      @Nullable Long client,
      String detail) {
    deeds.update(
        "insert into deed (done_at, person_id, person, kind, action, set_id, client_id, detail)"
            + " values (?, ?, ?, ?, ?, ?, ?, ?)",
        LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS),
        personId,
        person,
        part.name(),
        action,
        set,
        client,
        detail);
  }

  @SuppressWarnings("unchecked")
  private static Map<String, String> places(HttpServletRequest request) {
    return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)
            instanceof Map<?, ?> found
        ? new TreeMap<>((Map<String, String>) found)
        : Map.of();
  }

  private static Optional<Long> number(Map<String, String> places, String name) {
    return Optional.ofNullable(places.get(name))
        .filter(text -> text.matches("\\d{1,18}"))
        .map(Long::valueOf);
  }

  /** Which finger, which figure, which jar. */
  private static String detail(Map<String, String> places) {
    String all =
        places.entrySet().stream()
            .filter(place -> !place.getKey().equals("id") && !place.getKey().equals("clientId"))
            .map(Map.Entry::getValue)
            .collect(Collectors.joining(" "));
    return all.length() > LONGEST ? all.substring(0, LONGEST) : all;
  }

  /** What was done on a day, the last first. */
  @Transactional(readOnly = true)
  public List<Deed> of(LocalDate day, @Nullable Long person) {
    return deeds.query(
        "select * from deed where done_at >= ? and done_at < ? and (cast(? as bigint) is null or person_id = ?)"
            + " order by id desc limit "
            + SHOWN,
        Deeds::read,
        day.atStartOfDay(),
        day.plusDays(1).atStartOfDay(),
        person,
        person);
  }

  /** What was done to a set, the last first. */
  @Transactional(readOnly = true)
  public List<Deed> of(long set) {
    return deeds.query(
        "select * from deed where set_id = ? order by id desc limit " + SHOWN, Deeds::read, set);
  }

  /**
   * When something was last done to a set, and by whom.
   *
   * @param detail which finger
   */
  @Transactional(readOnly = true)
  public Optional<Deed> last(long set, Part part, Act act, String detail) {
    return deeds
        .query(
            "select * from deed where set_id = ? and kind = ? and action = ? and detail = ?"
                + " order by id desc limit 1",
            Deeds::read,
            set,
            part.name(),
            act.action(),
            detail)
        .stream()
        .findFirst();
  }

  /** Who had a hand in a set, by the part of the work, in the order they came to it. */
  @Transactional(readOnly = true)
  public Map<Part, List<String>> people(long set) {
    List<Deed> all = new ArrayList<>(of(set));
    Collections.reverse(all);
    Map<Part, List<String>> people = new EnumMap<>(Part.class);
    for (Deed each : all) {
      List<String> known = people.computeIfAbsent(each.part(), part -> new ArrayList<>());
      if (!each.person().isEmpty() && !known.contains(each.person())) {
        known.add(each.person());
      }
    }
    people.values().removeIf(List::isEmpty);
    return people;
  }

  private static Deed read(ResultSet row, int number) throws SQLException {
    return new Deed(
        row.getObject("done_at", LocalDateTime.class),
        row.getString("person"),
        Part.valueOf(row.getString("kind")),
        row.getString("action"),
        Optional.ofNullable(row.getObject("set_id", Long.class)),
        Optional.ofNullable(row.getObject("client_id", Long.class)),
        row.getString("detail"));
  }
}
