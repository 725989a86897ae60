package ongle.app.salon;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipsOrForms;
import ongle.core.shape.LengthWish;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;

/** The salon's schools; what a new set begins with. There is one. */
@Entity
public class Salon {
  static final long THE_ONE = 1;

  @Id private long id = THE_ONE;
  @Version private int version;

  @Enumerated(EnumType.STRING)
  private TipsOrForms tipsOrForms = Schools.USUAL.tipsOrForms();

  @Enumerated(EnumType.STRING)
  private FreeHandOrForms bitten = Schools.USUAL.bitten();

  @Enumerated(EnumType.STRING)
  private LengthWish.Mode lengthMode = LengthWish.Mode.COVER_FINGERTIP;

  @Enumerated(EnumType.STRING)
  private ApexSchool apex = ApexSchool.COMPUTED;

  @Enumerated(EnumType.STRING)
  private UpperArch arch = UpperArch.OF_SHAPE;

  @Enumerated(EnumType.STRING)
  private CrossThickness across = CrossThickness.SALON;

  public TipsOrForms getTipsOrForms() {
    return tipsOrForms;
  }

  public FreeHandOrForms getBitten() {
    return bitten;
  }

  public LengthWish.Mode getLengthMode() {
    return lengthMode;
  }

  public ApexSchool getApex() {
    return apex;
  }

  public UpperArch getArch() {
    return arch;
  }

  public CrossThickness getAcross() {
    return across;
  }

  void prefer(TipsOrForms wanted) {
    tipsOrForms = wanted;
  }

  void prefer(FreeHandOrForms wanted) {
    bitten = wanted;
  }

  void prefer(LengthWish.Mode wanted) {
    lengthMode = wanted;
  }

  void prefer(ApexSchool wanted) {
    apex = wanted;
  }

  void prefer(UpperArch wanted) {
    arch = wanted;
  }

  void prefer(CrossThickness wanted) {
    across = wanted;
  }
}
