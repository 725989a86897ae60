package ongle.app.wear;

import java.util.Collection;
import java.util.List;
import ongle.app.shelf.Shelf;
import org.springframework.stereotype.Component;

/**
 * Keeps what is known of worn nails added up, so that the salon's own figures need not read every
 * note there is. Within the change that notes something.
 */
@Component
class Tallies {
  private final TallyRepository tallies;
  private final LotTallyRepository lots;
  private final Shelf shelf;

  Tallies(TallyRepository tallies, LotTallyRepository lots, Shelf shelf) {
    this.tallies = tallies;
    this.lots = lots;
    this.shelf = shelf;
  }

  /** Adds nails, one note each, or takes them away again. */
  void add(Collection<WearNote> notes, int times) {
    notes.forEach(note -> tally(note.alike()).add(note, times));
  }

  private Tally tally(Tally.Alike alike) {
    return tallies
        .of(
            alike.tenth(),
            alike.product(),
            alike.shape(),
            alike.way(),
            alike.technician(),
            alike.leftOut(),
            alike.beyond())
        .orElseGet(() -> tallies.save(new Tally(alike)));
  }

  /** Adds a change of what is known of a set to the lots it took of. */
  void addToLots(long setId, int sets, int failed, double weeks) {
    shelf
        .lotsOf(setId)
        .forEach(
            lot ->
                lots.findByMaterialAndNumber(lot.material(), lot.number())
                    .orElseGet(() -> lots.save(new LotTally(lot.material(), lot.number())))
                    .add(sets, failed, weeks));
  }

  List<Tally> all() {
    return tallies.findAll();
  }

  List<LotTally> lots() {
    return lots.findAllByOrderByMaterialAscNumberAsc();
  }
}
