package ongle.app.privacy;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import ongle.app.consent.Agreement;
import ongle.app.consent.Consents;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A person's own: what is kept of them, handed out and erased. */
@Service
class Privacy {
  /** Those whose last visit is older, by their last visit. */
  private static final String PAST =
      """
      select id, name, last_seen from (
        select c.id, c.name, greatest(
          coalesce((select max(a.starts_at) from appointment a where a.client_id = c.id),
            timestamp '1970-01-01 00:00:00'),
          coalesce((select max(s.created_at) from nail_set s where s.client_id = c.id),
            timestamp '1970-01-01 00:00:00')) last_seen
        from client c) seen
      where last_seen < ? and last_seen > timestamp '1970-01-01 00:00:00'
      order by last_seen
      """;

  private final Belongings belongings;
  private final JdbcTemplate sql;
  private final Clock clock;

  Privacy(Belongings belongings, JdbcTemplate sql, Clock clock) {
    this.belongings = belongings;
    this.sql = sql;
    this.clock = clock;
  }

  /** Somebody who has not come for long. */
  record Past(long id, String name, LocalDate lastSeen) {}

  /** Everything kept of a client, by table. */
  @Needs(Right.HANDS)
  @Transactional(readOnly = true)
  public Map<String, List<Map<String, Object>>> all(long client) {
    return belongings.all(client);
  }

  @Needs(Right.SALON)
  @Transactional(readOnly = true)
  public Map<String, Long> counts(long client) {
    return belongings.counts(client);
  }

  /** What was learned of times and lots stays, without whose it was. */
  @Needs(Right.SALON)
  @Transactional
  public void erase(long client) {
    belongings.erase(client);
  }

  /** Pictures go as soon as nobody agrees to them any more. */
  @EventListener
  void withdrawn(Consents.Withdrawn withdrawn) {
    if (withdrawn.kind() == Agreement.PICTURES) {
      belongings.erasePictures(withdrawn.clientId());
    }
  }

  /** Who has not come for so many months. */
  @Needs(Right.SALON)
  @Transactional(readOnly = true)
  public List<Past> past(int months) {
    return sql.query(
        PAST,
        (row, number) ->
            new Past(
                row.getLong("id"),
                row.getString("name"),
                row.getObject("last_seen", LocalDateTime.class).toLocalDate()),
        LocalDateTime.now(clock).minusMonths(months));
  }

  /** Erases those of them that were ticked; whoever came meanwhile stays. */
  @Needs(Right.SALON)
  @Transactional
  public int erase(List<Long> ticked, int months) {
    List<Long> past = past(months).stream().map(Past::id).filter(ticked::contains).toList();
    past.forEach(belongings::erase);
    return past.size();
  }
}
