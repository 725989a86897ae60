package ongle.app.wear;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ongle.app.clients.Client;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.cause.Finding;
import ongle.core.nail.Finger;
import ongle.core.wear.Outlook;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is on clients' hands now: when it is due, who called, which change to look at. */
@Service
public class OnHands {
  /** Reckoned anew at one look, the earliest due first; the rest at the next. */
  private static final int AT_ONCE = 12;

  private final SetReader reader;
  private final Wears wears;
  private final WornSetRepository worn;
  private final WearNoteRepository notes;
  private final Clock clock;

  OnHands(
      SetReader reader,
      Wears wears,
      WornSetRepository worn,
      WearNoteRepository notes,
      Clock clock) {
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

  /** Every set being worn, the first due in front. */
  @Transactional
  public List<Due> due() {
    List<Due> due = new ArrayList<>();
    int reckoned = 0;
    double share = wears.share();
    for (SetReader.Worn each : reader.worn()) {
      WornSet kept =
          worn.findById(each.setId()).orElseGet(() -> worn.save(new WornSet(each.setId())));
      if (kept.staysUntil(share).isEmpty() && reckoned < AT_ONCE) {
        keep(kept, wears.of(each.setId()));
        reckoned++;
      }
      // A set that has failed already stays whole by no chance.
      Optional<LocalDate> sooner =
          kept.staysUntil(share).filter(day -> kept.getFailed() == 0 && each.due().isAfter(day));
      due.add(
          new Due(
              each.setId(),
              each.client(),
              sooner.orElse(each.due()),
              sooner.isPresent(),
              kept.getFailed(),
              each.summary(),
              kept.remindedOn()));
    }
    due.sort(Comparator.comparing(Due::due));
    return due;
  }

  private void keep(WornSet kept, Wears.Worn set) {
    double share = wears.share();
    int day = set.staysUntil(share).orElse(Outlook.LOOKED_AHEAD + 1);
    kept.stayUntil(Wears.built(set.visit().planned()).plusDays(day), share);
  }

  /** Keeps how long a set stays whole, as it was just reckoned. */
  @Transactional
  void keep(long setId, Wears.Worn set) {
    worn.findById(setId).ifPresent(kept -> keep(kept, set));
  }

  /** What clients told by phone of sets they still wear, the last first. */
  @Transactional(readOnly = true)
  public List<Called> called() {
    List<WearNote> told = notes.told();
    List<SetReader.Worn> all = told.isEmpty() ? List.of() : reader.worn();
    return told.stream()
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

  /** Worn sets whose last change nobody has looked at yet. */
  @Transactional(readOnly = true)
  public List<Changed> changed() {
    return reader.worn().stream().flatMap(this::changed).toList();
  }

  private Stream<Changed> changed(SetReader.Worn each) {
    List<String> changes =
        Stream.of(reader.stored(each.setId()))
            .filter(set -> !set.getLessons().isEmpty())
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
  @Transactional
  public Due due(long setId) {
    return due().stream()
        .filter(each -> each.setId() == setId)
        .findFirst()
        .orElseThrow(() -> new NotFound("worn set " + setId));
  }

  /** Notes that its client was reminded. */
  @Transactional
  public void remind(long setId) {
    worn.findById(setId)
        .orElseThrow(() -> new NotFound("worn set " + setId))
        .remind(LocalDate.now(clock));
  }
}
