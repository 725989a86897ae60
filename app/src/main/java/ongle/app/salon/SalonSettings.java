package ongle.app.salon;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import ongle.app.kits.KitEditor;
import ongle.app.kits.ShippedKits;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.store.Instances;
import ongle.app.words.Words;
import ongle.core.bench.Routine;
import ongle.core.check.Tolerances;
import ongle.core.plan.SalonFigures;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The salon's settings. */
@Service
public class SalonSettings {
  private static final String LANGUAGE = "language";

  private final SalonRepository salons;
  private final KitEditor kits;
  private final Instances instances;
  private volatile String language;

  SalonSettings(SalonRepository salons, KitEditor kits, Instances instances) {
    this.salons = salons;
    this.kits = kits;
    this.instances = instances;
    instances.forget(LANGUAGE, () -> language = null);
  }

  @Transactional(readOnly = true)
  public Salon current() {
    return salons.findById(Salon.THE_ONE).orElseThrow();
  }

  /** Gives a new salon what every salon begins with; once. */
  @Transactional
  public void furnish() {
    if (salons.findById(Salon.THE_ONE).isEmpty()) {
      kits.bringIn(ShippedKits.all());
      salons.saveAndFlush(new Salon());
    }
  }

  /** How long it keeps what it knows of a client after the last visit; null for always. */
  @Needs(Right.SALON)
  @Transactional
  public void keep(@Nullable Integer months) {
    current().keep(months);
  }

  /** A new salon says what it is called and what it counts money in. */
  @Transactional
  public void begin(String name, String currency, String language) {
    current().called(name.strip());
    current().setCurrency(currency.strip());
    Words.language(language).ifPresent(this::speak);
  }

  /** What the salon speaks, as a two-letter code; asked on every page, so it is remembered. */
  @Transactional(readOnly = true)
  public String language() {
    String known = language;
    if (known == null) {
      known = salons.findById(Salon.THE_ONE).map(Salon::getLanguage).orElse("");
      language = known;
    }
    return known;
  }

  /** Makes it speak another. */
  @Transactional
  public void speak(Locale wanted) {
    current().speak(wanted);
    instances.tellWhenKept(LANGUAGE);
  }

  /** The salon's steps in its order. */
  @Transactional(readOnly = true)
  public Routine routine() {
    return current().routine();
  }

  /**
   * Changes the salon's steps.
   *
   * @return why that cannot be; empty when it was done
   */
  @Needs(Right.SALON)
  @Transactional
  public Optional<String> work(UnaryOperator<Routine> how) {
    try {
      current().work(how.apply(current().routine()));
      return Optional.empty();
    } catch (Routine.Impossible fixed) {
      return Optional.of(Words.of(fixed.trouble()));
    }
  }

  /** The planning figures sets are planned with. */
  @Transactional(readOnly = true)
  public SalonFigures figures() {
    return current().figures();
  }

  /** How far a built nail may be off its plan. */
  @Transactional(readOnly = true)
  public Tolerances tolerances() {
    return current().tolerances();
  }

  /** What a new set's bench begins with, as the bench writes it. */
  @Needs(Right.HANDS)
  @Transactional
  public void beginBench(String how) {
    current().beginBench(how);
  }

  /** What costs are given in; empty for no costs. */
  @Transactional
  public void setCurrency(String currency) {
    current().setCurrency(currency);
  }

  @Needs(Right.SALON)
  @Transactional
  void change(Consumer<Salon> how) {
    how.accept(current());
  }
}
