package ongle.app.salon;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.Locale;
import ongle.core.Range;
import ongle.core.bench.Routine;
import ongle.core.check.Tolerances;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipsOrForms;
import ongle.core.plan.SalonFigures;
import ongle.core.shape.LengthWish;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import org.jspecify.annotations.Nullable;

/** The salon's schools; what a new set begins with. There is one. */
@Entity
public class Salon {
  /** As long as its name may be. */
  public static final int LONGEST_NAME = 60;

  /** What a salon may say of how long it keeps what it knows, months. */
  public static final Range KEEPS_MONTHS = new Range(1, 240);

  /** As long as what it counts money in may be. */
  public static final int LONGEST_CURRENCY = 8;

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
  private ApexSchool apex = ApexSchool.THIRD;

  @Enumerated(EnumType.STRING)
  private UpperArch arch = UpperArch.OF_SHAPE;

  @Enumerated(EnumType.STRING)
  private CrossThickness across = CrossThickness.SALON;

  @Enumerated(EnumType.STRING)
  private Barrel barrel = Schools.USUAL.barrel();

  private String figures;
  private String tolerances;
  private String bench;
  private String routine;
  private int staysWhole = 80;
  private String name = "";
  private @Nullable Integer keepsMonths;
  private String currency = "";
  private boolean standIns;
  private String language = Locale.ENGLISH.getLanguage();

  /** What the salon speaks, as a two-letter code. */
  /** After how many months without a visit a client is proposed for erasing; null for never. */
  public @Nullable Integer getKeepsMonths() {
    return keepsMonths;
  }

  void keep(@Nullable Integer months) {
    keepsMonths = months;
  }

  /** What it is called; empty until its owner says. */
  public String getName() {
    return name;
  }

  void called(String wanted) {
    name = wanted;
  }

  public String getLanguage() {
    return language;
  }

  void speak(Locale wanted) {
    language = wanted.getLanguage();
  }

  public TipsOrForms getTipsOrForms() {
    return tipsOrForms;
  }

  public FreeHandOrForms getBitten() {
    return bitten;
  }

  public Barrel getBarrel() {
    return barrel;
  }

  SalonFigures figures() {
    return figures == null ? SalonFigures.USUAL : FiguresJson.read(figures);
  }

  void reckonWith(SalonFigures wanted) {
    figures = wanted.equals(SalonFigures.USUAL) ? null : FiguresJson.write(wanted);
  }

  Tolerances tolerances() {
    return tolerances == null ? Tolerances.USUAL : FiguresJson.tolerances(tolerances);
  }

  void letPass(Tolerances wanted) {
    tolerances = wanted.set().isEmpty() ? null : FiguresJson.write(wanted);
  }

  void prefer(Barrel wanted) {
    barrel = wanted;
  }

  /** With what share a set is to stay whole until its infill, percent. */
  public int getStaysWhole() {
    return staysWhole;
  }

  void stayWhole(int percent) {
    staysWhole = percent;
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

  /** How a new set is carried out, as the bench writes it; null for the usual way. */
  public String getBench() {
    return bench;
  }

  /** What costs are given in; empty where the salon does not want them. */
  public String getCurrency() {
    return currency;
  }

  /** Whether stand-in devices answer, to practise with. */
  public boolean isStandIns() {
    return standIns;
  }

  void practise(boolean wanted) {
    standIns = wanted;
  }

  Routine routine() {
    return routine == null ? Routine.USUAL : Routines.read(routine);
  }

  void work(Routine wanted) {
    routine = wanted.equals(Routine.USUAL) ? null : Routines.write(wanted);
  }

  void beginBench(String how) {
    bench = how;
  }

  void setCurrency(String wanted) {
    currency = wanted;
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
