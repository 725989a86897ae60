package ongle.app.consent;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.clients.Agreed;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.people.Who;
import ongle.app.words.Words;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What clients agreed to: signed, withdrawn, and asked before a picture is taken. */
@Service
public class Consents implements Agreed {
  private final ConsentRepository consents;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Consents(ConsentRepository consents, ApplicationEventPublisher events, Clock clock) {
    this.consents = consents;
    this.events = events;
    this.clock = clock;
  }

  /** A client agrees to it no longer; heard within the change that says so. */
  public record Withdrawn(long clientId, Agreement kind) {}

  /** What a client signed, the last first; what was withdrawn included. */
  @Needs(Right.BOOK)
  @Transactional(readOnly = true)
  public List<Consent> of(long clientId) {
    return consents.findByClientIdOrderByIdDesc(clientId);
  }

  /** What stands of it, by what was agreed to. */
  @Needs(Right.BOOK)
  @Transactional(readOnly = true)
  public Map<Agreement, Consent> standing(long clientId) {
    Map<Agreement, Consent> standing = new EnumMap<>(Agreement.class);
    for (Consent each : of(clientId)) {
      if (each.getWithdrawnAt() == null) {
        standing.putIfAbsent(each.getKind(), each);
      }
    }
    return standing;
  }

  @Override
  @Needs(Right.BOOK)
  @Transactional(readOnly = true)
  public List<String> missing(long clientId) {
    Map<Agreement, Consent> standing = standing(clientId);
    return Arrays.stream(Agreement.values())
        .filter(each -> !standing.containsKey(each))
        .map(Words::of)
        .toList();
  }

  /** Whether hands and nails of a set may be pictured. */
  @Transactional(readOnly = true)
  public boolean mayPicture(long setId) {
    return consents.standing(Agreement.PICTURES, setId) > 0;
  }

  /**
   * To be called before a picture of a set is taken in.
   *
   * @throws IllegalArgumentException in words, if its client did not agree to it
   */
  public void mindPictures(long setId) {
    if (!mayPicture(setId)) {
      throw new IllegalArgumentException(Words.say("consent.no-pictures"));
    }
  }

  @Needs(Right.BOOK)
  @Transactional
  public void sign(UUID formKey, long clientId, Signed by) {
    if (!consents.existsByFormKey(formKey)) {
      consents.save(
          new Consent(
              formKey,
              clientId,
              by,
              Words.say("consent.Agreement." + by.to() + ".words"),
              LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
              Present.who().map(Who::called).orElse("")));
    }
  }

  /** A client agrees no longer; the pictures there are go with it. */
  @Needs(Right.HANDS)
  @Transactional
  public void withdraw(long clientId, Agreement kind) {
    Optional.ofNullable(standing(clientId).get(kind))
        .ifPresent(
            each -> {
              of(clientId).stream()
                  .filter(other -> other.getKind() == kind)
                  .forEach(other -> other.withdraw(LocalDateTime.now(clock)));
              consents.flush();
              events.publishEvent(new Withdrawn(clientId, kind));
            });
  }
}
