package ongle.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sessions read once for each request, and written only when something in them is another: when a
 * browser was last heard of is noted to the minute, else every page would write.
 */
class ThriftySessions<S extends Session>
    implements FindByIndexNameSessionRepository<ThriftySessions.Thrifty<S>> {
  /** How exactly it is known when a browser was last heard of. */
  private static final Duration HEARD_OF = Duration.ofMinutes(1);

  /** The sessions of the request this thread is at; null between requests. */
  private static final ThreadLocal<@Nullable Map<String, Thrifty<?>>> READ = new ThreadLocal<>();

  private final FindByIndexNameSessionRepository<S> all;

  private ThriftySessions(FindByIndexNameSessionRepository<S> all) {
    this.all = all;
  }

  static <S extends Session> ThriftySessions<S> over(FindByIndexNameSessionRepository<S> all) {
    return new ThriftySessions<>(all);
  }

  @Override
  public Thrifty<S> createSession() {
    return new Thrifty<>(all.createSession(), true);
  }

  @Override
  public void save(Thrifty<S> session) {
    if (session.other) {
      all.save(session.kept);
      session.other = false;
    }
  }

  @Override
  @SuppressWarnings("unchecked") // there is one repository
  public @Nullable Thrifty<S> findById(String id) {
    Map<String, Thrifty<?>> read = READ.get();
    if (read != null && read.containsKey(id)) {
      return (Thrifty<S>) read.get(id);
    }
    S kept = all.findById(id);
    Thrifty<S> session = kept == null ? null : new Thrifty<>(kept, false);
    if (read != null && session != null) {
      read.put(id, session);
    }
    return session;
  }

  @Override
  public void deleteById(String id) {
    Map<String, Thrifty<?>> read = READ.get();
    if (read != null) {
      read.remove(id);
    }
    all.deleteById(id);
  }

  @Override
  public Map<String, Thrifty<S>> findByIndexNameAndIndexValue(String index, String value) {
    return all.findByIndexNameAndIndexValue(index, value).entrySet().stream()
        .collect(
            Collectors.toMap(Map.Entry::getKey, entry -> new Thrifty<>(entry.getValue(), false)));
  }

  /** Remembers what a request reads, outside of the filter that asks for it. */
  @Order(Ordered.HIGHEST_PRECEDENCE + 40)
  static final class ReadOnce extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      READ.set(new HashMap<>());
      try {
        chain.doFilter(request, response);
      } finally {
        READ.remove();
      }
    }
  }

  /** A session that knows whether anything in it is another than is kept. */
  static final class Thrifty<S extends Session> implements Session {
    private final S kept;
    private boolean other;

    private Thrifty(S kept, boolean other) {
      this.kept = kept;
      this.other = other;
    }

    @Override
    public String getId() {
      return kept.getId();
    }

    @Override
    public String changeSessionId() {
      other = true;
      return kept.changeSessionId();
    }

    @Override
    public <T> @Nullable T getAttribute(String name) {
      return kept.getAttribute(name);
    }

    @Override
    public Set<String> getAttributeNames() {
      return kept.getAttributeNames();
    }

    @Override
    public void setAttribute(String name, @Nullable Object value) {
      other = true;
      kept.setAttribute(name, value);
    }

    @Override
    public void removeAttribute(String name) {
      other = true;
      kept.removeAttribute(name);
    }

    @Override
    public Instant getCreationTime() {
      return kept.getCreationTime();
    }

    @Override
    public void setLastAccessedTime(Instant now) {
      if (Duration.between(kept.getLastAccessedTime(), now).abs().compareTo(HEARD_OF) >= 0) {
        other = true;
        kept.setLastAccessedTime(now);
      }
    }

    @Override
    public Instant getLastAccessedTime() {
      return kept.getLastAccessedTime();
    }

    @Override
    public void setMaxInactiveInterval(Duration interval) {
      other = true;
      kept.setMaxInactiveInterval(interval);
    }

    @Override
    public Duration getMaxInactiveInterval() {
      return kept.getMaxInactiveInterval();
    }

    @Override
    public boolean isExpired() {
      return kept.isExpired();
    }
  }
}
