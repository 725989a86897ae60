package ongle.app.wear;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.core.wear.Hold;
import ongle.core.wear.LoadFactor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Learns from what is noted what a client's hands and plates ask, and puts it back if wanted. */
@Service
class Learning {
  /** What can be learned of a client, and put back. */
  enum Of {
    GROWTH,
    LOAD,
    PLATES
  }

  private final WearNoteRepository notes;
  private final WornSetRepository worn;
  private final SetReader reader;
  private final ClientRepository clients;

  Learning(
      WearNoteRepository notes,
      WornSetRepository worn,
      SetReader reader,
      ClientRepository clients) {
    this.notes = notes;
    this.worn = worn;
    this.reader = reader;
    this.clients = clients;
  }

  /** Draws anew, from all that is noted of a client's nails, what their plans reckon with. */
  @Needs(Right.HANDS)
  @Transactional
  void learn(long clientId) {
    Map<String, List<WearNote>> nails = new LinkedHashMap<>();
    notes
        .ofClient(clientId)
        .forEach(
            note ->
                nails
                    .computeIfAbsent(
                        note.getSetId() + " " + note.getFinger(), each -> new ArrayList<>())
                    .add(note));
    Client client = client(clientId);
    client
        .load()
        .learn(
            LoadFactor.of(nails.values().stream().flatMap(of -> observed(of).stream()).toList()));
    client.plates().learn(hold(nails.values()));
    reckonAnew(clientId);
  }

  /** Where a step was left out, the plate is not to blame. */
  private static Hold hold(Collection<List<WearNote>> nails) {
    List<WearNote> known =
        nails.stream()
            .flatMap(List::stream)
            .filter(note -> note.isCounted() && !note.isLeftOut() && note.getDays() > 0)
            .toList();
    return Hold.of(
        (int) known.stream().filter(note -> !note.isFine() && note.getKind().cameLoose()).count(),
        known.stream().mapToDouble(note -> note.getDays() / 7.0).sum(),
        known.size());
  }

  /** Whole until it was last seen so, or broken between then and the day it was found. */
  private static Optional<LoadFactor.Observation> observed(List<WearNote> ofNail) {
    Optional<WearNote> failed = ofNail.stream().filter(note -> !note.isFine()).findFirst();
    int whole =
        ofNail.stream().filter(WearNote::isFine).mapToInt(WearNote::getDays).max().orElse(0);
    if (failed.isEmpty() && whole == 0) {
      return Optional.empty(); // seen the day it was built: that tells nothing
    }
    LoadFactor.Outcome outcome =
        failed
            .map(
                note ->
                    note.getKind().broke() && note.getDays() > 0
                        ? new LoadFactor.Outcome.CrackedBetween(
                            Math.min(Math.max(whole, note.wholeDay()), note.getDays() - 1),
                            note.getDays())
                        : (LoadFactor.Outcome) new LoadFactor.Outcome.Held(note.getDays()))
            .orElseGet(() -> new LoadFactor.Outcome.Held(whole));
    return ofNail.get(0).course().map(course -> new LoadFactor.Observation(course, outcome));
  }

  /** What was learned is reckoned with, or put back to the usual. */
  @Transactional
  void reckon(long clientId, Of what, boolean with) {
    Client client = client(clientId);
    switch (what) {
      case GROWTH -> client.putGrowthBack(!with);
      case LOAD -> client.load().putBack(!with);
      case PLATES -> client.plates().putBack(!with);
    }
    reckonAnew(clientId);
  }

  /** How long the set that is worn stays whole is another now. */
  private void reckonAnew(long clientId) {
    reader
        .wornBy(clientId)
        .forEach(set -> worn.findById(set.getId()).ifPresent(WornSet::reckonAnew));
  }

  @Needs(Right.HANDS)
  Client client(long id) {
    return clients.findById(id).orElseThrow(() -> new NotFound("client " + id));
  }
}
