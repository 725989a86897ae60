package ongle.app.kits;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import ongle.app.store.Instances;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipKit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The kits at hand as the computation wants them. Every edit of a set asks for them, so they are
 * kept until one of them changes.
 */
@Service
public class KitCatalogue {
  private static final String KITS = "kits";

  private final KitRepository kits;
  private final Instances instances;
  private final TransactionTemplate reading;
  private final AtomicInteger changes = new AtomicInteger();
  private volatile AtHand known;

  KitCatalogue(KitRepository kits, PlatformTransactionManager transactions, Instances instances) {
    this.kits = kits;
    this.instances = instances;
    instances.forget(
        KITS,
        () -> {
          changes.incrementAndGet();
          known = null;
        });
    reading = new TransactionTemplate(transactions);
    reading.setReadOnly(true);
  }

  private record AtHand(List<TipKit> tips, List<FormKit> forms) {}

  /**
   * What a set is fitted from.
   *
   * @param lead code of the tip kit to lead it; empty for the one with the least to file
   */
  public Fitting fitting(Schools schools, Optional<String> lead) {
    AtHand atHand = atHand();
    return new Fitting(atHand.tips(), atHand.forms(), schools, lead);
  }

  /** Kits of tips at hand. */
  public List<TipKit> tips() {
    return atHand().tips();
  }

  private AtHand atHand() {
    AtHand now = known;
    if (now != null) {
      return now;
    }
    int before = changes.get();
    AtHand read = reading.execute(status -> read());
    if (changes.get() == before) {
      known = read;
    }
    return read;
  }

  private AtHand read() {
    List<KitList> lists =
        kits.whole().stream()
            .filter(kit -> kit.isAtHand() && !kit.getSizes().isEmpty())
            .map(Kit::list)
            .toList();
    return new AtHand(
        lists.stream().filter(list -> list.kind() == KitKind.TIPS).map(KitList::tips).toList(),
        lists.stream().filter(list -> list.kind() != KitKind.TIPS).map(KitList::forms).toList());
  }

  /** To be called in the transaction that changes a kit. */
  void changing() {
    instances.tellWhenKept(KITS);
  }
}
