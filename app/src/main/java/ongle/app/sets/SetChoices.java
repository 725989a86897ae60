package ongle.app.sets;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import ongle.app.salon.Salon;
import ongle.app.words.Words;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipsOrForms;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;
import ongle.core.wear.Wearing;

/**
 * All that was chosen for the whole set, as one value: columns of the set, and JSON in its steps
 * and versions. A choice more is a field more.
 */
@Embeddable
@JsonAutoDetect(fieldVisibility = Visibility.ANY, getterVisibility = Visibility.NONE)
public class SetChoices implements Cloneable {
  /** What a new set begins with, by how its length is given. */
  private static final Map<LengthWish.Mode, Double> USUAL_LENGTH =
      Map.of(
          LengthWish.Mode.MILLIMETRES, 5.0,
          LengthWish.Mode.SLENDERNESS, 5.0,
          LengthWish.Mode.PLATE_SHARE, 50.0,
          LengthWish.Mode.COVER_FINGERTIP, 3.0,
          LengthWish.Mode.AS_GROWN, 0.0,
          LengthWish.Mode.SHORTENED, 2.0);

  @Enumerated(EnumType.STRING)
  private NailShape shape = NailShape.SOFT_SQUARE;

  @Enumerated(EnumType.STRING)
  private LengthWish.Mode lengthMode = LengthWish.Mode.COVER_FINGERTIP;

  @Column(name = "length_value")
  private double length = USUAL_LENGTH.get(LengthWish.Mode.COVER_FINGERTIP);

  private String product = Product.HARD_GEL.code();

  @Enumerated(EnumType.STRING)
  @Column(name = "school")
  private ApexSchool apex = ApexSchool.THIRD;

  @Enumerated(EnumType.STRING)
  private UpperArch arch = UpperArch.OF_SHAPE;

  @Enumerated(EnumType.STRING)
  private CrossThickness across = CrossThickness.SALON;

  private int wearDays = Wearing.USUAL_DAYS;

  @Column(name = "skipped_prep")
  @Convert(converter = SkippedSteps.class)
  private Set<PrepStep> skipped = Set.of();

  private String kit;

  @Enumerated(EnumType.STRING)
  private TipsOrForms tipsOrForms = TipsOrForms.TIPS;

  @Enumerated(EnumType.STRING)
  private FreeHandOrForms bitten = FreeHandOrForms.FREE_HAND;

  @Enumerated(EnumType.STRING)
  private Barrel barrel = Barrel.CLOSED_FORM;

  protected SetChoices() {}

  /** What a new set of this salon begins with. */
  SetChoices(Salon salon) {
    tipsOrForms = salon.getTipsOrForms();
    bitten = salon.getBitten();
    barrel = salon.getBarrel();
    lengthMode = salon.getLengthMode();
    length = USUAL_LENGTH.get(lengthMode);
    apex = salon.getApex();
    across = salon.getAcross();
    arch = salon.getArch();
  }

  public NailShape shape() {
    return shape;
  }

  public LengthWish length() {
    return new LengthWish(lengthMode, length);
  }

  /** Code of the product it is built of. */
  public String product() {
    return product;
  }

  public ApexSchool apex() {
    return apex;
  }

  public UpperArch arch() {
    return arch;
  }

  public CrossThickness across() {
    return across;
  }

  /** Days from the build to the infill. */
  public int wearDays() {
    return wearDays;
  }

  /** Steps of the preparation left out. */
  public Set<PrepStep> skipped() {
    return skipped;
  }

  /** Code of the tip kit to lead it; empty for the one with the least to file. */
  public Optional<String> kit() {
    return Optional.ofNullable(kit);
  }

  public Schools schools() {
    return new Schools(tipsOrForms, bitten, barrel);
  }

  public void shape(NailShape wished) {
    shape = wished;
  }

  public void length(LengthWish wished) {
    lengthMode = wished.mode();
    length = wished.value();
  }

  public void product(Product wished) {
    product = wished.code();
  }

  public void apex(ApexSchool wished) {
    apex = wished;
  }

  public void arch(UpperArch wished) {
    arch = wished;
  }

  public void across(CrossThickness wished) {
    across = wished;
  }

  public void wearDays(int days) {
    wearDays = days;
  }

  public void skip(Set<PrepStep> steps) {
    skipped = new TreeSet<>(steps);
  }

  /** Empty for the kit with the least to file. */
  public void kit(Optional<String> tipKit) {
    kit = tipKit.orElse(null);
  }

  public void prefer(TipsOrForms wished) {
    tipsOrForms = wished;
  }

  public void prefer(FreeHandOrForms wished) {
    bitten = wished;
  }

  public void prefer(Barrel wished) {
    barrel = wished;
  }

  /** What the client comes back for: shape, length and product; the schools are the salon's. */
  void wishAgain(SetChoices last) {
    shape = last.shape;
    length(last.length());
    product = last.product;
  }

  /** As it is now, whatever becomes of this one. */
  public SetChoices copy() {
    try {
      return (SetChoices) clone();
    } catch (CloneNotSupportedException e) {
      throw new AssertionError(e);
    }
  }

  /**
   * The first thing that differs from the other, in a few words for a list of steps; null if none
   * does that has words.
   *
   * @param products by code
   */
  String against(SetChoices before, Function<String, Optional<Product>> products) {
    if (shape != before.shape) {
      return Words.say("sets.changed.shape", "to", shape);
    }
    if (!length().equals(before.length())) {
      return Words.say("sets.changed.length");
    }
    if (!product.equals(before.product)) {
      return Words.say(
          "sets.changed.product",
          "to",
          products.apply(product).<Object>map(p -> p).orElse(product));
    }
    if (apex != before.apex) {
      return Words.say("sets.changed.apex", "to", apex);
    }
    if (arch != before.arch) {
      return Words.say("sets.changed.arch", "to", arch);
    }
    if (across != before.across) {
      return Words.say("sets.changed.across", "to", across);
    }
    if (barrel != before.barrel) {
      return Words.say("sets.changed.barrel", "to", barrel);
    }
    if (wearDays != before.wearDays) {
      return Words.say("sets.changed.days", "days", wearDays);
    }
    return skipped.equals(before.skipped) ? null : Words.say("sets.changed.preparation");
  }

  private List<Object> all() {
    return Arrays.asList(
        shape,
        length(),
        product,
        apex,
        arch,
        across,
        wearDays,
        Set.copyOf(skipped),
        kit,
        schools());
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof SetChoices choices && all().equals(choices.all());
  }

  @Override
  public int hashCode() {
    return all().hashCode();
  }
}
