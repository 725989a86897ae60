package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.app.clients.Client;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.cause.Finding;
import ongle.core.nail.Finger;
import ongle.core.wear.Outlook;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;

/** What is on clients' hands now: when it is due, who called, which change to look at. */
@Service
public class OnHands {
  /** Reckoned anew at one look, the earliest due first; the rest at the next. */
  private static final int AT_ONCE = 12;

  private final SetReader reader;
  private final Wears wears;
  private final WornSetRepository worn;
  private final WearNoteRepository notes;
  private final TransactionOperations changes;
  private final Clock clock;

  OnHands(
      SetReader reader,
      Wears wears,
      WornSetRepository worn,
      WearNoteRepository notes,
      TransactionOperations changes,
      Clock clock) {
    this.changes = changes;
    this.reader = reader;
    this.wears = wears;
    this.worn = worn;
    this.notes = notes;
    this.clock = clock;
  }

  /**
   * A set being worn.
   *
   * @param due the earlier of its infill and the day its chance to be whole falls too low
   * @param byChance whether that is the chance
   * @param failed nails of it that are known to have failed already
   * @param reminded the day its client was last reminded
   */
  public record Due(
      long setId,
      Client client,
      LocalDate due,
      boolean byChance,
      int failed,
      String summary,
      Optional<LocalDate> reminded) {}

  /** A nail of a worn set its client called about. */
  public record Called(
      long setId, Client client, Finger finger, Finding.Kind kind, LocalDate day) {}

  /** A worn set something was changed on, which nobody has looked at yet. */
  public record Changed(long setId, Client client, String changes) {}

  /** Every set being worn, for the front desk too. */
  @Needs(Right.BOOK)
  public List<SetReader.Worn> worn() {
    return Present.asHouse(reader::worn);
  }

  /**
   * These, the first due in front.
   *
   * @param all that are worn
   */
  @Needs(Right.BOOK)
  public List<Due> due(List<SetReader.Worn> all) {
    return Present.asHouse(() -> reckoned(all));
  }

  private List<Due> reckoned(List<SetReader.Worn> all) {
    double share = wears.share();
    Map<Long, WornSet> kept = kept();
    List<Long> open =
        all.stream()
            .map(SetReader.Worn::setId)
            .filter(id -> kept.get(id) == null || kept.get(id).staysUntil(share).isEmpty())
            .limit(AT_ONCE)
            .toList();
    if (!open.isEmpty()) {
      changes.executeWithoutResult(status -> open.forEach(id -> keep(id, wears.of(id), share)));
      kept.putAll(kept());
    }
    return all.stream()
        .map(each -> due(each, Optional.ofNullable(kept.get(each.setId())), share))
        .sorted(Comparator.comparing(Due::due))
        .toList();
  }

  private Map<Long, WornSet> kept() {
    Map<Long, WornSet> kept = new HashMap<>();
    worn.onHands().forEach(set -> kept.put(set.getSetId(), set));
    return kept;
  }

  private static Due due(SetReader.Worn each, Optional<WornSet> kept, double share) {
    int failed = kept.map(WornSet::getFailed).orElse(0);
    // A set that has failed already stays whole by no chance.
    Optional<LocalDate> sooner =
        kept.flatMap(set -> set.staysUntil(share))
            .filter(day -> failed == 0 && each.due().isAfter(day));
    return new Due(
        each.setId(),
        each.client(),
        sooner.orElse(each.due()),
        sooner.isPresent(),
        failed,
        each.summary(),
        kept.flatMap(WornSet::remindedOn));
  }

  private void keep(long setId, Wears.Worn set, double share) {
    WornSet kept = worn.findById(setId).orElseGet(() -> worn.save(new WornSet(setId)));
    kept.stayUntil(until(set, share), share);
  }

  private static LocalDate until(Wears.Worn set, double share) {
    return Wears.built(set.visit().planned())
        .plusDays(set.staysUntil(share).orElse(Outlook.LOOKED_AHEAD + 1));
  }

  /** Keeps how long a set stays whole, as it was just reckoned; mostly that is known. */
  void keep(long setId, Wears.Worn set) {
    double share = wears.share();
    boolean other =
        worn.findById(setId)
            .filter(kept -> !kept.staysUntil(share).equals(Optional.of(until(set, share))))
            .isPresent();
    if (other) {
      changes.executeWithoutResult(status -> keep(setId, set, share));
    }
  }

  /**
   * What clients told by phone of sets they still wear, the last first.
   *
   * @param all that are worn
   */
  @Needs(Right.HANDS)
  @Transactional(readOnly = true)
  public List<Called> called(List<SetReader.Worn> all) {
    return notes.told().stream()
        .flatMap(
            note ->
                all.stream()
                    .filter(each -> each.setId() == note.getSetId())
                    .map(
                        each ->
                            new Called(
                                note.getSetId(),
                                each.client(),
                                note.getFinger(),
                                note.getKind(),
                                note.getSeenOn())))
        .toList();
  }

  /** Those of them whose last change nobody has looked at yet. */
  @Needs(Right.HANDS)
  @Transactional(readOnly = true)
  public List<Changed> changed(List<SetReader.Worn> all) {
    return all.stream().flatMap(this::unseen).toList();
  }

  private Stream<Changed> unseen(SetReader.Worn each) {
    if (!each.learned()) {
      return Stream.empty();
    }
    List<String> changes =
        Stream.of(reader.stored(each.setId()))
            .flatMap(
                set ->
                    Lessons.outcomes(set, notes.findBySetIdOrderBySeenOnAscIdAsc(set.getId()))
                        .stream())
            .filter(outcome -> outcome.helped() == Lessons.Helped.UNSEEN)
            .map(outcome -> Words.of(outcome.lesson().change()))
            .distinct()
            .toList();
    return changes.isEmpty()
        ? Stream.empty()
        : Stream.of(new Changed(each.setId(), each.client(), String.join(", ", changes)));
  }

  /**
   * A set being worn.
   *
   * @throws NotFound if it is not
   */
  public Due due(long setId) {
    return due(worn()).stream()
        .filter(each -> each.setId() == setId)
        .findFirst()
        .orElseThrow(() -> new NotFound("worn set " + setId));
  }

  /** Notes that its client was reminded. */
  @Needs(Right.BOOK)
  @Transactional
  public void remind(long setId) {
    worn.findById(setId)
        .orElseThrow(() -> new NotFound("worn set " + setId))
        .remind(LocalDate.now(clock));
  }
}
