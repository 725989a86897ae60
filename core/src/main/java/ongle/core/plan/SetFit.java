package ongle.core.plan;

import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import ongle.core.Lookup;
import ongle.core.Memo;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.CuttingTemplate;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.FormPick;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.KitRanking;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipPick;
import ongle.core.fitting.TipSizing;
import ongle.core.fitting.TipsOrForms;
import ongle.core.fitting.WayReason;
import ongle.core.fitting.WhichWay;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateFinding;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;

/**
 * How a set is built on and fitted: one way leads, and one kit within it. A finger departs only
 * where its nail cannot take it, its twin with it if they are alike, or by hand. Bitten nails have
 * a lead of their own, as they ask for other ways.
 *
 * @param fits for every finger
 * @param kits tip kits ranked for the set
 */
record SetFit(Map<Finger, NailFit> fits, KitRanking kits) {
  SetFit {
    fits = Collections.unmodifiableMap(new LinkedHashMap<>(fits));
  }

  /** Twins whose measures lie closer than this go the same way, mm. */
  private static final double ALIKE_WITHIN = 0.5;

  /** And whose pitch and lean do, degrees. */
  private static final double ALIKE_WITHIN_DEGREES = 3;

  private record Question(TipKit kit, Nail nail, Outline wanted) {}

  /** Ten nails with a dozen kits. */
  private static final Memo<Question, TipSizing> SIZED = Memo.forEachDesk(120);

  /** One finger, tried on. */
  private record Tried(
      Draft draft,
      double extension,
      Nail nail,
      List<TipSizing> tips,
      Optional<FormPick> paper,
      Optional<FormPick> rigid) {
    Tried {
      tips = List.copyOf(tips);
    }

    Finger finger() {
      return nail.finger();
    }

    boolean lengthens() {
      return draft.lengthens(extension);
    }

    boolean bitten() {
      return nail.condition().has(PlateFinding.BITTEN);
    }

    Optional<TipSizing> of(TipKit kit) {
      return tips.stream().filter(sizing -> sizing.kit().code().equals(kit.code())).findFirst();
    }

    boolean like(Tried other) {
      return Math.abs(nail.width() - other.nail.width()) <= ALIKE_WITHIN
          && Math.abs(nail.plateLength() - other.nail.plateLength()) <= ALIKE_WITHIN
          && Math.abs(nail.archDepth() - other.nail.archDepth()) <= ALIKE_WITHIN
          && Math.abs(nail.growthPitch() - other.nail.growthPitch()) <= ALIKE_WITHIN_DEGREES
          && Math.abs(nail.lean() - other.nail.lean()) <= ALIKE_WITHIN_DEGREES
          && Math.abs(extension - other.extension) <= ALIKE_WITHIN
          && nail.condition().equals(other.nail.condition())
          && lengthens() == other.lengthens();
    }
  }

  /**
   * @param lengths of every finger, mm
   */
  static SetFit of(List<Draft> drafts, Map<Finger, FingerLength> lengths) {
    Map<Finger, Tried> all = new EnumMap<>(Finger.class);
    if (drafts.isEmpty()) {
      return new SetFit(Map.of(), new KitRanking(List.of(), Optional.empty()));
    }
    Fitting from = drafts.get(0).wish().fitting();
    Optional<FormKit> paper = leading(from.paper(), drafts, lengths);
    Optional<FormKit> rigid = leading(from.rigid(), drafts, lengths);
    for (Draft draft : drafts) {
      double extension = Lookup.of(lengths, draft.nail().finger()).built();
      Nail nail = draft.shortened(extension);
      all.put(
          nail.finger(),
          new Tried(
              draft,
              extension,
              nail,
              from.tips().stream().map(kit -> sized(kit, nail, draft.outline(extension))).toList(),
              form(paper, from.paper(), draft, extension),
              form(rigid, from.rigid(), draft, extension)));
    }
    KitRanking kits =
        KitRanking.of(
            from, all.values().stream().filter(Tried::lengthens).map(Tried::tips).toList());
    Map<Finger, WhichWay.TipOffer> offers = new EnumMap<>(Finger.class);
    Map<Finger, WhichWay> ways = new EnumMap<>(Finger.class);
    all.forEach(
        (finger, tried) -> {
          WhichWay.TipOffer offer = offer(tried, twin(tried, all), kits.lead());
          offers.put(finger, offer);
          ways.put(
              finger,
              WhichWay.of(
                  tried.nail,
                  tried.draft.nail().freeEdge(),
                  tried.extension,
                  tried.draft.scheme(tried.extension).barrel(),
                  tried.lengthens(),
                  tried.draft.wish().product(),
                  from.schools(),
                  offer,
                  tried.paper,
                  tried.rigid));
        });
    Optional<BuildWay> lead = lead(all, ways, from, tried -> !tried.bitten());
    Optional<BuildWay> bittenLead = lead(all, ways, from, Tried::bitten);
    Map<Finger, NailFit> fits = new EnumMap<>(Finger.class);
    all.forEach(
        (finger, tried) -> {
          BuildWay leading =
              (tried.bitten() ? bittenLead : lead)
                  .orElseGet(() -> Lookup.of(ways, finger).best().way());
          BuildWay way = led(tried, twin(tried, all), ways, leading);
          fits.put(
              finger,
              new NailFit(
                  tried.draft.item().adjustments().way().orElse(way),
                  leading,
                  Lookup.of(ways, finger).ledBy(way),
                  TipSizing.ranked(tried.tips),
                  kits.lead().flatMap(tried::of),
                  taken(tried, Lookup.of(offers, finger)),
                  tried.paper,
                  tried.rigid,
                  CuttingTemplate.of(tried.nail)));
        });
    return new SetFit(fits, kits);
  }

  private static TipSizing sized(TipKit kit, Nail nail, Outline wanted) {
    return SIZED.of(new Question(kit, nail, wanted), () -> TipSizing.of(kit, nail, wanted));
  }

  /** The twin, where the two go together. */
  private static Optional<Tried> twin(Tried tried, Map<Finger, Tried> all) {
    return Optional.ofNullable(all.get(tried.finger().twin())).filter(tried::like);
  }

  // --- forms ------------------------------------------------------------------------------------

  private static Optional<FormKit> leading(
      List<FormKit> kits, List<Draft> drafts, Map<Finger, FingerLength> lengths) {
    return FormPick.lead(
        kits,
        drafts.stream()
            .filter(draft -> draft.lengthens(Lookup.of(lengths, draft.nail().finger()).built()))
            .map(
                draft ->
                    kits.stream()
                        .map(
                            kit ->
                                form(
                                    List.of(kit),
                                    draft,
                                    Lookup.of(lengths, draft.nail().finger()).built()))
                        .toList())
            .toList());
  }

  /** Of the leading kit, unless only another has one that suits. */
  private static Optional<FormPick> form(
      Optional<FormKit> lead, List<FormKit> kits, Draft draft, double extension) {
    Optional<FormPick> ofLead =
        lead.flatMap(kit -> form(List.of(kit), draft, extension))
            .filter(pick -> pick.fit().suits());
    return ofLead.isPresent() ? ofLead : form(kits, draft, extension);
  }

  private static Optional<FormPick> form(List<FormKit> kits, Draft draft, double extension) {
    NailShape shape = draft.wish().shape();
    return FormPick.best(kits, draft.shortened(extension), shape, draft.tilt(extension), extension);
  }

  // --- tips -------------------------------------------------------------------------------------

  /** Of the leading kit where that suits the nail and its twin; else the first that suits both. */
  private static WhichWay.TipOffer offer(Tried tried, Optional<Tried> twin, Optional<TipKit> lead) {
    Predicate<TipKit> suitsBoth =
        kit ->
            Stream.concat(Stream.of(tried), twin.stream())
                .allMatch(each -> each.of(kit).filter(TipSizing::suits).isPresent());
    Optional<TipPick> ofLead = lead.flatMap(tried::of).flatMap(TipSizing::advised);
    Optional<TipKit> kit =
        lead.filter(suitsBoth)
            .or(
                () ->
                    TipSizing.ranked(tried.tips).stream()
                        .map(TipSizing::kit)
                        .filter(suitsBoth)
                        .findFirst());
    Optional<TipPick> pick =
        kit.flatMap(tried::of)
            .flatMap(TipSizing::advised)
            .or(() -> suiting(tried))
            .or(() -> ofLead);
    WayReason whyNone =
        lead.flatMap(tried::of)
            .flatMap(TipSizing::noFit)
            .<WayReason>map(WayReason.NoTip::new)
            .orElse(WayReason.Plain.NO_TIPS_AT_HAND);
    return new WhichWay.TipOffer(pick, whyNone, pick.equals(ofLead));
  }

  private static Optional<TipPick> suiting(Tried tried) {
    return TipSizing.ranked(tried.tips).stream()
        .filter(TipSizing::suits)
        .findFirst()
        .flatMap(TipSizing::advised);
  }

  /** The technician's tip if one was chosen and is still in a kit at hand, else the offer. */
  private static Optional<TipPick> taken(Tried tried, WhichWay.TipOffer offer) {
    return tried
        .draft
        .item()
        .adjustments()
        .tip()
        .flatMap(
            wanted ->
                tried.tips.stream()
                    .filter(sizing -> sizing.kit().code().equals(wanted.kit()))
                    .findFirst()
                    .flatMap(
                        sizing ->
                            sizing.pick(
                                wanted.number(), tried.nail, tried.draft.outline(tried.extension))))
        .or(offer::pick);
  }

  // --- ways -------------------------------------------------------------------------------------

  /**
   * The first way in the salon's order that at least half of these nails take; else the one that
   * most take. Empty where none is lengthened.
   */
  private static Optional<BuildWay> lead(
      Map<Finger, Tried> all, Map<Finger, WhichWay> ways, Fitting from, Predicate<Tried> ofGroup) {
    List<Tried> group = all.values().stream().filter(Tried::lengthens).filter(ofGroup).toList();
    if (group.isEmpty()) {
      return Optional.empty();
    }
    List<BuildWay> order =
        group.get(0).bitten()
            ? from.schools().bitten() == FreeHandOrForms.FREE_HAND
                ? List.of(BuildWay.FREE_HAND, BuildWay.FORM, BuildWay.REUSABLE_FORM, BuildWay.TIP)
                : List.of(BuildWay.FORM, BuildWay.REUSABLE_FORM, BuildWay.FREE_HAND, BuildWay.TIP)
            : from.schools().tipsOrForms() == TipsOrForms.TIPS
                ? List.of(BuildWay.TIP, BuildWay.FORM, BuildWay.REUSABLE_FORM, BuildWay.FREE_HAND)
                : List.of(BuildWay.FORM, BuildWay.REUSABLE_FORM, BuildWay.TIP, BuildWay.FREE_HAND);
    BuildWay max = order.get(0);
    long mostTake = -1;
    for (BuildWay way : order) {
      long take =
          group.stream().filter(each -> Lookup.of(ways, each.finger()).of(way).takes()).count();
      if (2 * take >= group.size()) {
        return Optional.of(way);
      }
      if (take > mostTake) {
        mostTake = take;
        max = way;
      }
    }
    return Optional.of(max);
  }

  /** The leading way if this nail and its like twin take it, else the next that both take. */
  private static BuildWay led(
      Tried tried, Optional<Tried> twin, Map<Finger, WhichWay> ways, BuildWay lead) {
    WhichWay own = Lookup.of(ways, tried.finger());
    if (!tried.lengthens()) {
      return BuildWay.OVERLAY;
    }
    Predicate<BuildWay> bothTake =
        way ->
            own.of(way).takes()
                && twin.stream().allMatch(other -> Lookup.of(ways, other.finger()).of(way).takes());
    if (bothTake.test(lead)) {
      return lead;
    }
    Stream<BuildWay> ranked = own.ranked().stream().map(WhichWay.Option::way);
    return ranked.filter(bothTake).findFirst().orElse(own.best().way());
  }
}
