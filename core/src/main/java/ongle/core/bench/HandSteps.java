package ongle.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import ongle.core.Lookup;
import ongle.core.cure.LampTime;
import ongle.core.cure.Layers;
import ongle.core.cure.Setting;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FormFit;
import ongle.core.nail.Digit;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.PlateFinding;
import ongle.core.plan.NailPlan;
import ongle.core.portion.Portion;
import ongle.core.portion.ProductPortion;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import ongle.core.schedule.Job;
import ongle.core.wear.PrepStep;

/** The steps of one hand in its order, from the routine, the plan and what is on the nails. */
final class HandSteps {
  /** Share of a window that is planned with; the rest is for hands slower than the plan. */
  private static final float PLANNED_SHARE = 0.5f;

  /** Gel can be pinched this long after its flash cure, s. */
  static final int GEL_PINCH_WITHIN = 60;

  /** An extension shorter than this has nothing to hold a pinch, mm. */
  private static final double PINCHED_LENGTH = 3;

  private static final int SOFTENER_WORKS = 90;
  private static final int ACID_DRIES = 60;
  private static final int ACID_FREE_DRIES = 30;
  private static final int GLUE_HOLDS = 10;

  private final BenchWish wish;
  private final Hand hand;
  private final List<NailPlan> nails;
  private final Map<Finger, Portion> portions;
  private final Map<Finger, Infill> infills;
  private final List<Step> steps = new ArrayList<>();

  /**
   * @param nails of this hand that are worked on, thumb first
   */
  HandSteps(
      BenchWish wish,
      Hand hand,
      List<NailPlan> nails,
      Map<Finger, Portion> portions,
      Map<Finger, Infill> infills) {
    this.wish = wish;
    this.hand = hand;
    this.nails = nails;
    this.portions = portions;
    this.infills = infills;
  }

  /** What the routine's line asks of this hand, added to its steps. */
  void add(Routine.Line line) {
    switch (line.code()) {
      case Routine.OLD_PRODUCT -> oldProduct();
      case Routine.FIT_AND_BUILD -> fitAndBuild();
      case Routine.FILING -> filing();
      case Routine.COATS -> coats();
      default -> line.kind().ifPresentOrElse(kind -> ofKind(kind, line), () -> own(line));
    }
  }

  List<Step> steps() {
    return List.copyOf(steps);
  }

  void add(Step step) {
    steps.add(step);
  }

  private boolean builds() {
    return wish.visit() != Visit.REMOVAL;
  }

  private void own(Routine.Line line) {
    Draft step = draft(StepKind.OWN, nails);
    step.name = line.name();
    step.id = Optional.of(line.code() + "." + hand.name().charAt(0));
    step.seconds = line.ownSeconds();
    step.add();
  }

  private void ofKind(StepKind kind, Routine.Line line) {
    if (kind.scope() == StepKind.Scope.SET) {
      return; // both hands at once; whoever puts the hands together adds it
    }
    if (!builds() && !Stream.of(StepKind.REMOVE_POLISH, StepKind.CLEAN).toList().contains(kind)) {
      return;
    }
    List<NailPlan> on =
        nails.stream().filter(nail -> wanted(kind, nail) && !skipped(kind, nail)).toList();
    if (on.isEmpty()) {
      return;
    }
    Draft step = draft(kind, on);
    step.name = line.name();
    switch (kind) {
      case SHORTEN -> shortening(step);
      case SOFTEN -> step.settles = SOFTENER_WORKS;
      case PUSH_BACK -> step.needsSettled = wish.schools().softener() == Softener.FIRST;
      case CLEAR -> clearing(step);
      case SHINE -> shining(step);
      case PRIME -> priming(step);
      default -> {}
    }
    step.add();
  }

  private static boolean skipped(StepKind kind, NailPlan nail) {
    return kind.prepares().filter(nail.wearing().skipped()::contains).isPresent();
  }

  private boolean wanted(StepKind kind, NailPlan nail) {
    boolean bitten = nail.nail().condition().has(PlateFinding.BITTEN);
    return switch (kind) {
      case REMOVE_POLISH -> nail.seen().earlier() == EarlierProduct.POLISH;
      case SHORTEN -> !bitten && nail.item().nail().freeEdge() > 0 && !infilled(nail);
      case TRIM -> !cut(nail);
      case FREE_SKIN -> bitten;
      case SOFTEN, WASH -> wish.schools().softener() == Softener.FIRST;
      case BUFF -> wish.schools().filing() != FilingRoutine.NONE || !levelling(nail);
      default -> true;
    };
  }

  /** How it is renewed; empty where it is built anew. */
  private Optional<Infill> infill(NailPlan nail) {
    return Optional.ofNullable(infills.get(nail.nail().finger()))
        .filter(infill -> infill.removal().isEmpty());
  }

  private boolean infilled(NailPlan nail) {
    return infill(nail).isPresent();
  }

  /** A layer on the natural nail has no outline of its own to build first. */
  private static boolean framed(NailPlan nail) {
    return nail.extension() > 0 && !nail.overlay();
  }

  private static boolean levelling(NailPlan nail) {
    return nail.build().product().levelling();
  }

  /** Plates that want hardly any pressure, no electric file and little heat. */
  static boolean delicate(NailPlan nail) {
    return nail.nail().condition().delicate();
  }

  /** Torn or cut skin: nothing sharp and no acid near it. */
  private static boolean cut(NailPlan nail) {
    return nail.nail().skin().broken();
  }

  /** The natural edge of an overlay is the nail's edge: it gets the shape. */
  private static void shortening(Draft step) {
    List<NailPlan> shaped =
        step.on.stream().filter(NailPlan::overlay).filter(nail -> nail.extension() > 0).toList();
    if (!shaped.isEmpty()) {
      step.variant = Optional.of(Step.Variant.EDGE_TO_SHAPE);
      filed(step, shaped);
    }
  }

  private void clearing(Draft step) {
    boolean file = wish.schools().cuticleTool() == CuticleTool.ELECTRIC_FILE;
    boolean delicate = step.on.stream().anyMatch(HandSteps::delicate);
    boolean cut = step.on.stream().anyMatch(HandSteps::cut);
    step.tool(Tool.Plain.PUSHER_AND_STICK);
    if (file && !delicate && !cut) {
      step.tool(Tool.Plain.ELECTRIC_FILE_FINE_BIT);
      step.bit = Optional.of(Bit.CUTICLE);
      step.cautions.add(new StepCaution.NeverRest());
    } else if (file) {
      step.hints.add(new Hint.ByHand(fingers(step.on, nail -> delicate(nail) || cut(nail))));
    }
    if (cut) {
      step.tool(Tool.Plain.STICK_ONLY);
      step.cautions.add(new StepCaution.OpenCut(fingers(step.on, HandSteps::cut)));
    }
  }

  private static void shining(Draft step) {
    if (step.on.stream().allMatch(HandSteps::delicate)) {
      step.tool(Tool.Plain.FINE_FILE);
    } else if (step.on.stream().anyMatch(HandSteps::delicate)) {
      step.hints.add(new Hint.Gently(fingers(step.on, HandSteps::delicate)));
    }
    step.on.stream()
        .filter(HandSteps::delicate)
        .flatMap(nail -> nail.nail().condition().findings().stream())
        .distinct()
        .forEach(finding -> step.cautions.add(new StepCaution.Plate(finding)));
  }

  private void priming(Draft step) {
    boolean cut = step.on.stream().anyMatch(HandSteps::cut);
    switch (wish.schools().primer()) {
      case ACID -> {
        step.tool(Tool.Plain.ACID_PRIMER);
        step.settles = ACID_DRIES;
      }
      case ACID_FREE -> {
        step.tool(Tool.Plain.ACID_FREE_PRIMER);
        step.settles = ACID_FREE_DRIES;
      }
      case BASE -> {
        step.variant = Optional.of(Step.Variant.BASE_RUBBED_IN);
        step.tool(Tool.Plain.BASE_AND_BRUSH);
      }
    }
    if (cut) {
      step.cautions.add(new StepCaution.NothingNearCut());
    }
  }

  private void oldProduct() {
    List<NailPlan> coming =
        nails.stream()
            .filter(nail -> !infilled(nail))
            .filter(nail -> removal(nail).isPresent())
            .toList();
    List<NailPlan> soaked =
        coming.stream().filter(nail -> removal(nail).orElseThrow().soaks()).toList();
    List<NailPlan> filed =
        coming.stream().filter(nail -> !removal(nail).orElseThrow().soaks()).toList();
    if (!soaked.isEmpty()) {
      Draft thin = draft(StepKind.THIN_OLD, soaked);
      electric(thin, Bit.BULK);
      thin.add();
      List<Integer> rounds =
          soaked.stream()
              .map(nail -> removal(nail).orElseThrow().rounds())
              .max(Comparator.comparingInt(List::size))
              .orElseThrow();
      for (int i = 0; i < rounds.size(); i++) {
        Draft soak = draft(StepKind.SOAK, soaked).counted(i + 1, rounds.size());
        soak.technician = false;
        soak.seconds = rounds.get(i) * 60;
        soak.add();
        draft(StepKind.SOAK_CHECK, soaked).counted(i + 1, rounds.size()).add();
      }
    }
    if (!filed.isEmpty()) {
      Draft file = draft(StepKind.FILE_OFF, filed);
      electric(file, Bit.BULK);
      file.add();
    }
    if (!coming.isEmpty()) {
      draft(StepKind.PLATE_CARE, coming).add();
    }
    List<NailPlan> filled = nails.stream().filter(this::infilled).toList();
    if (!filled.isEmpty()) {
      Draft thin = draft(StepKind.THIN_INFILL, filled);
      electric(thin, Bit.BULK);
      thin.add();
      draft(StepKind.BLEND_INFILL, filled).add();
    }
  }

  private Optional<Removal> removal(NailPlan nail) {
    return Removal.of(nail.seen().earlier(), nail.build().profile().apexThickness());
  }

  private void electric(Draft step, Bit bit) {
    if (wish.schools().cuticleTool() == CuticleTool.ELECTRIC_FILE
        && step.on.stream().noneMatch(HandSteps::delicate)) {
      step.bit = Optional.of(bit);
      step.cautions.add(new StepCaution.NeverRest());
    }
  }

  // --- fitting and building -------------------------------------------------------------------

  private void fitAndBuild() {
    if (!builds()) {
      return;
    }
    List<NailPlan> inOrder = nails.stream().sorted(Comparator.comparing(this::place)).toList();
    inOrder.stream().filter(nail -> !infilled(nail)).forEach(this::fit);
    Map<Product, List<NailPlan>> byProduct = new LinkedHashMap<>();
    inOrder.stream()
        .sorted(Comparator.comparing(nail -> !nail.build().product().setsByItself()))
        .forEach(
            nail ->
                byProduct
                    .computeIfAbsent(nail.build().product(), product -> new ArrayList<>())
                    .add(nail));
    int begins = steps.size();
    byProduct.forEach(
        (product, group) -> {
          if (product.setsByItself()) {
            acrylic(group);
          } else {
            cured(product, group, product.light().orElseThrow());
          }
        });
    if (steps.size() > begins) {
      settled(begins); // primer has to be dry before the first product
      Set<PrepStep> skipped = nails.get(0).wearing().skipped();
      if (!skipped.isEmpty()) {
        steps.set(
            begins,
            steps
                .get(begins)
                .warned(
                    Stream.of(
                        new StepCaution.PreparationSkipped(skipped.stream().sorted().toList()))));
      }
    }
    List<NailPlan> formed =
        inOrder.stream().filter(nail -> onForm(nail) && !infilled(nail)).toList();
    if (!formed.isEmpty()) {
      Draft off = draft(StepKind.FORM_OFF, formed);
      off.needsSettled = true;
      off.add();
      List<NailPlan> shaded =
          formed.stream().filter(nail -> !nail.build().product().setsByItself()).toList();
      apart(shaded).forEach(together -> lamp(StepKind.UNDERSIDE, together, HandSteps::cureOf));
    }
    List<NailPlan> tacky =
        inOrder.stream().filter(nail -> !nail.build().product().setsByItself()).toList();
    if (!tacky.isEmpty()) {
      draft(StepKind.WIPE, tacky).add();
    }
  }

  private void settled(int at) {
    Step step = steps.get(at);
    steps.set(at, step.with(step.job().onceSettled()));
  }

  /** Where a finger stands in the order of laying: the thumb last, as it is cured apart. */
  private int place(NailPlan nail) {
    Digit digit = nail.nail().finger().digit();
    return digit == Digit.THUMB ? Digit.values().length : digit.ordinal();
  }

  static boolean onForm(NailPlan nail) {
    return nail.fit().way() == BuildWay.FORM || nail.fit().way() == BuildWay.REUSABLE_FORM;
  }

  private void fit(NailPlan nail) {
    List<NailPlan> one = List.of(nail);
    switch (nail.fit().way()) {
      case TIP -> {
        draft(StepKind.TIP_WELL, one).add();
        Draft on = draft(StepKind.TIP_ON, one);
        boolean glued = wish.schools().attachment() == TipAttachment.GLUE;
        on.tool(new Tool.Holds(wish.schools().attachment()));
        on.settles = glued ? GLUE_HOLDS : 0;
        on.add();
        if (!glued) {
          lampFlash(StepKind.TIP_FLASH, nail, TipAttachment.GEL_UNDER_TIP);
        }
        draft(StepKind.TIP_CUT, one).add();
      }
      case FORM -> {
        Draft cut = draft(StepKind.FORM_CUT, one);
        nail.fit()
            .form()
            .map(pick -> pick.fit().sides())
            .filter(sides -> sides != FormFit.Sides.AS_THEY_ARE)
            .ifPresent(sides -> cut.hints.add(new Hint.Sides(sides)));
        cut.add();
        draft(StepKind.FORM_SET, one).add();
      }
      case REUSABLE_FORM -> draft(StepKind.FORM_SET, one).add();
      case FREE_HAND, OVERLAY -> {}
    }
  }

  /** Whether its form leaves the barrel to be squeezed, and there is length to hold it. */
  private boolean pinched(NailPlan nail) {
    return !infilled(nail) && nail.extension() >= PINCHED_LENGTH && nail.pinch().isPresent();
  }

  private void acrylic(List<NailPlan> group) {
    Setting setting = wish.setting();
    boolean each = wish.schools().order() == NailOrder.ONE_AT_A_TIME;
    for (List<NailPlan> batch : batches(group)) {
      List<Draft> pinches = new ArrayList<>();
      for (NailPlan nail : batch) {
        List<ProductPortion> beads = doses(nail);
        for (int i = 0; i < beads.size(); i++) {
          Draft bead = draft(StepKind.BEAD, List.of(nail)).counted(i + 1, beads.size());
          bead.dose = Optional.of(beads.get(i));
          bead.settles = (int) setting.hard().toSeconds();
          bead.add();
        }
        if (pinched(nail)) {
          Draft pinch = draft(StepKind.PINCH, List.of(nail));
          if (each) {
            pinch.window =
                new Job.Window(
                    (int) setting.pinchFrom().toSeconds(), (int) setting.pinchUntil().toSeconds());
            pinch.add();
          } else {
            pinches.add(pinch);
          }
        }
      }
      pinches.forEach(Draft::add);
    }
  }

  /** On a bitten plate the body comes first, or there is nothing to build the edge on. */
  private List<ProductPortion> doses(NailPlan nail) {
    List<ProductPortion> doses = Lookup.of(portions, nail.nail().finger()).doses();
    if (!nail.nail().condition().has(PlateFinding.BITTEN)) {
      return doses;
    }
    return doses.stream()
        .sorted(
            Comparator.comparing(
                dose ->
                    dose.place() == ProductPortion.Place.STRESS_ZONE
                        ? 0
                        : 1 + dose.place().ordinal()))
        .toList();
  }

  /** Nails laid before the hand goes on: one, four and the thumb, or all. */
  private List<List<NailPlan>> batches(List<NailPlan> group) {
    return switch (wish.schools().order()) {
      case ONE_AT_A_TIME -> group.stream().map(List::of).toList();
      case FOUR_AND_THUMB -> fingersThenThumb(group);
      case WHOLE_HAND -> nonEmpty(List.of(group));
    };
  }

  private static List<List<NailPlan>> fingersThenThumb(List<NailPlan> group) {
    return nonEmpty(
        List.of(
            group.stream().filter(nail -> !thumb(nail)).toList(),
            group.stream().filter(HandSteps::thumb).toList()));
  }

  private static List<List<NailPlan>> nonEmpty(List<List<NailPlan>> batches) {
    return batches.stream().filter(batch -> !batch.isEmpty()).toList();
  }

  private static boolean thumb(NailPlan nail) {
    return nail.nail().finger().digit() == Digit.THUMB;
  }

  private void cured(Product product, List<NailPlan> group, LightCure cure) {
    boolean frames =
        product.handling() == Handling.BRUSHED
            && wish.schools().construction() == Construction.TWO_STEP;
    List<NailPlan> framed =
        frames
            ? group.stream().filter(nail -> framed(nail) && !infilled(nail)).toList()
            : List.of();
    if (!framed.isEmpty()) {
      for (List<NailPlan> batch : batches(framed)) {
        for (NailPlan nail : batch) {
          Draft frame = draft(StepKind.FRAME, List.of(nail));
          frame.dose = doseOf(nail, ProductPortion.Place.FRAME);
          frame.add();
          if (pinched(nail) || wish.schools().order() == NailOrder.ONE_AT_A_TIME) {
            freeze(nail, cure, pinched(nail));
          }
        }
        if (wish.schools().order() != NailOrder.ONE_AT_A_TIME) {
          cure(batch, cure);
        }
      }
      if (wish.schools().order() == NailOrder.ONE_AT_A_TIME) {
        cure(framed, cure);
      }
    }
    int layers = group.stream().mapToInt(nail -> layers(nail, cure).count()).max().orElse(1);
    for (int layer = 1; layer <= layers; layer++) {
      layer(product, group, cure, frames, layer);
    }
  }

  private void layer(
      Product product, List<NailPlan> group, LightCure cure, boolean frames, int layer) {
    List<NailPlan> due =
        group.stream().filter(nail -> layers(nail, cure).count() >= layer).toList();
    boolean each = wish.schools().order() == NailOrder.ONE_AT_A_TIME;
    for (List<NailPlan> batch : batches(due)) {
      for (NailPlan nail : batch) {
        lay(product, nail, layers(nail, cure).count(), frames, layer);
        boolean last = layer == layers(nail, cure).count();
        boolean pinch = last && pinched(nail) && !frames;
        if (each || pinch) {
          freeze(nail, cure, pinch);
        }
      }
      if (!each) {
        cure(batch, cure);
      }
    }
    if (each) {
      cure(due, cure);
    }
  }

  private void lay(Product product, NailPlan nail, int layers, boolean frames, int layer) {
    List<NailPlan> one = List.of(nail);
    if (product.handling() != Handling.BRUSHED) {
      Draft piece = draft(StepKind.PIECE, one).counted(layer, layers);
      piece.dose = doseOf(nail, ProductPortion.Place.WHOLE).map(dose -> share(dose, layers));
      piece.add();
      return;
    }
    if (frames && layer == 1) {
      Draft slip = draft(StepKind.SLIP, one);
      slip.dose = doseOf(nail, ProductPortion.Place.SLIP_LAYER);
      slip.add();
    }
    Draft body = draft(StepKind.BODY, one).counted(layer, layers);
    body.dose =
        doseOf(nail, frames ? ProductPortion.Place.BODY : ProductPortion.Place.WHOLE)
            .map(dose -> share(dose, layers));
    body.add();
    if (product.levelling()) {
      draft(StepKind.TURN, one).add();
    }
  }

  private static ProductPortion share(ProductPortion dose, int layers) {
    return new ProductPortion(dose.place(), dose.volume() / layers);
  }

  private Optional<ProductPortion> doseOf(NailPlan nail, ProductPortion.Place place) {
    return Lookup.of(portions, nail.nail().finger()).doses().stream()
        .filter(dose -> dose.place() == place)
        .findFirst();
  }

  private Layers layers(NailPlan nail, LightCure cure) {
    return BenchPlan.layers(nail, cure, wish);
  }

  /** Frozen in the lamp before it runs, and pinched while it is half hard. */
  private void freeze(NailPlan nail, LightCure cure, boolean pinch) {
    lampFlash(StepKind.FLASH, nail, cure);
    if (pinch) {
      Draft step = draft(StepKind.PINCH, List.of(nail));
      step.window = new Job.Window(0, GEL_PINCH_WITHIN);
      step.add();
    }
  }

  private void lampFlash(StepKind kind, NailPlan nail, LightCure cure) {
    Draft flash = draft(kind, List.of(nail));
    flash.lit(LampTime.flash(wish.lamp(), cure).orElseThrow());
    if (nail.build().product().levelling()) {
      flash.window = new Job.Window(0, OrderChoice.RUNS_AFTER);
    }
    flash.add();
  }

  /** What goes into the lamp together: thumbs apart where the lamp wants it. */
  private List<List<NailPlan>> apart(List<NailPlan> nails) {
    return wish.lamp().thumbsApart() ? fingersThenThumb(nails) : nonEmpty(List.of(nails));
  }

  private static LightCure cureOf(NailPlan nail) {
    return nail.build().product().light().orElseThrow();
  }

  /** Alone in a lamp that wants it so, the thumb is told apart. */
  private StepKind cureKind(List<NailPlan> together) {
    return wish.lamp().thumbsApart() && together.stream().allMatch(HandSteps::thumb)
        ? StepKind.CURE_THUMB
        : StepKind.CURE;
  }

  /** The hand's full cure. */
  private void cure(List<NailPlan> laid, LightCure cure) {
    apart(laid).forEach(together -> lamp(cureKind(together), together, nail -> cure));
  }

  /** As long as the one that needs most. */
  private void lamp(StepKind kind, List<NailPlan> on, Function<NailPlan, LightCure> cures) {
    boolean gentle = on.stream().anyMatch(HandSteps::delicate);
    Draft step = draft(kind, on);
    step.lit(
        on.stream()
            .map(cures)
            .distinct()
            .flatMap(
                cure ->
                    (gentle ? LampTime.gentle(wish.lamp(), cure) : LampTime.full(wish.lamp(), cure))
                        .stream())
            .max(Comparator.comparing(LampTime::duration))
            .orElseThrow());
    Layers.Advice advice =
        on.stream()
            .map(nail -> layers(nail, cures.apply(nail)).heat().advice())
            .max(Comparator.naturalOrder())
            .orElse(Layers.Advice.NONE);
    if (advice != Layers.Advice.NONE && kind != StepKind.UNDERSIDE) {
      step.hints.add(new Hint.Heat(advice));
    }
    step.add();
  }

  // --- filing and coats -----------------------------------------------------------------------

  private void filing() {
    if (!builds()) {
      return;
    }
    FilingRoutine routine = wish.schools().filing();
    boolean none = routine == FilingRoutine.NONE && nails.stream().allMatch(HandSteps::levelling);
    List<StepKind> kinds =
        none
            ? List.of(StepKind.TOUCH_EDGE)
            : switch (routine) {
              case EDGE_FIRST, NONE ->
                  List.of(
                      StepKind.OUTLINE, StepKind.SIDEWALLS, StepKind.SURFACE, StepKind.UNDERNEATH);
              case SIDES_FIRST ->
                  List.of(
                      StepKind.SIDEWALLS, StepKind.OUTLINE, StepKind.SURFACE, StepKind.UNDERNEATH);
              case QUARTERS -> List.of(StepKind.QUARTERS, StepKind.UNDERNEATH);
            };
    boolean first = true;
    for (StepKind kind : kinds) {
      Draft step = draft(kind, nails);
      step.needsSettled = first;
      if (kind == StepKind.SURFACE) {
        electric(step, Bit.SURFACE);
      }
      if (kind != StepKind.SURFACE && kind != StepKind.UNDERNEATH) {
        filed(step, step.on);
      }
      if (first && routine == FilingRoutine.NONE && !none) {
        step.hints.add(new Hint.HasToBeFiled());
      }
      first = false;
      step.add();
    }
  }

  private void coats() {
    if (!builds()) {
      return;
    }
    Finish finish = wish.finish();
    for (int i = 1; i <= finish.coats(); i++) {
      Draft coat = draft(StepKind.COLOUR, nails).counted(i, finish.coats());
      coat.tool(new Tool.Coat(finish.colour()));
      coat.add();
      cureCoat(finish.cure());
    }
    draft(StepKind.TOP, nails).add();
    cureCoat(Finish.TOP_COAT);
    draft(StepKind.WIPE, nails).add();
  }

  private void cureCoat(LightCure cure) {
    for (List<NailPlan> together : apart(nails)) {
      Draft step = draft(cureKind(together), together);
      step.lit(LampTime.full(wish.lamp(), cure).orElseThrow());
      step.add();
    }
  }

  // --- one step -------------------------------------------------------------------------------

  private Draft draft(StepKind kind, List<NailPlan> on) {
    return new Draft(kind, on);
  }

  private static List<Digit> fingers(List<NailPlan> on, Predicate<NailPlan> which) {
    return on.stream().filter(which).map(nail -> nail.nail().finger().digit()).toList();
  }

  private static void filed(Draft step, List<NailPlan> on) {
    on.stream()
        .map(nail -> nail.shape().filing())
        .distinct()
        .forEach(filing -> step.hints.add(new Hint.Filed(filing)));
  }

  /** A step being put together. */
  private final class Draft {
    private final StepKind kind;
    private final List<NailPlan> on;
    private final List<Hint> hints = new ArrayList<>();
    private final List<StepCaution> cautions = new ArrayList<>();
    private Optional<String> id = Optional.empty();
    private Optional<String> name = Optional.empty();
    private Optional<Step.Variant> variant = Optional.empty();
    private int seconds;
    private boolean technician = true;
    private boolean lamp;
    private int settles;
    private boolean needsSettled;
    private Job.Window window = Job.Window.OPEN;
    private Optional<Tool> tool = Optional.empty();
    private Optional<Bit> bit = Optional.empty();
    private Optional<ProductPortion> dose = Optional.empty();
    private int number = 1;
    private int of = 1;
    private Optional<LampTime> light = Optional.empty();

    Draft(StepKind kind, List<NailPlan> on) {
      this.kind = kind;
      this.on = on;
      this.seconds = kind.seconds() * on.size() * wish.pace() / 100;
    }

    void tool(Tool other) {
      tool = Optional.of(other);
    }

    Draft counted(int which, int ofAll) {
      number = which;
      of = ofAll;
      return this;
    }

    void lit(LampTime time) {
      light = Optional.of(time);
      technician = false;
      lamp = true;
      seconds = (int) time.duration().toSeconds();
      tool(new Tool.Lit(wish.lamp().label(), time.programme().label()));
    }

    void add() {
      String where =
          kind.scope() == StepKind.Scope.FINGER
              ? on.get(0).nail().finger().name()
              : hand.name().substring(0, 1);
      String called = id.isPresent() ? id.get() : kind + "." + where + "." + serialOf(where);
      steps.add(
          new Step(
              kind,
              name,
              variant,
              Optional.of(hand),
              on.stream().map(nail -> nail.nail().finger()).toList(),
              new Job(called, technician, lamp, seconds, settles, needsSettled, planned()),
              window,
              tool,
              bit,
              dose.map(laid -> on.get(0).build().product()),
              dose,
              number,
              of,
              light,
              targets(),
              hints,
              cautions));
    }

    private List<Target> targets() {
      return on.stream()
          .flatMap(nail -> Targets.of(kind, dose, nail, infill(nail), removal(nail)).stream())
          .toList();
    }

    /** Planned with room for hands slower than the plan. */
    private Job.Window planned() {
      return window.closes()
          ? new Job.Window(
              window.min(),
              window.min() + Math.round((window.max() - window.min()) * PLANNED_SHARE))
          : window;
    }

    /** Which of its kind it is on this finger or hand, from 1; so its name outlives a new plan. */
    private long serialOf(String where) {
      String begin = kind + "." + where + ".";
      return 1 + steps.stream().filter(step -> step.id().startsWith(begin)).count();
    }
  }
}
