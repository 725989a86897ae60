package ongle.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import ongle.core.Kits;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.Schools;
import ongle.core.fitting.Tip;
import ongle.core.fitting.TipKit;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.Digit;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.OldBuild;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.plan.Adjustments;
import ongle.core.plan.LookOver;
import ongle.core.plan.SetPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Limits;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.Growth;
import ongle.core.wear.PrepStep;
import ongle.core.wear.Wearing;

/** Planned sets for tests of the bench. */
final class Sets {
  private static final TipKit KIT =
      new TipKit(
          "box",
          "box",
          NailShape.SQUARE,
          List.of(
              new Tip("1", 15, 2.8, 6, 24, 0.5),
              new Tip("2", 11, 2.0, 6, 24, 0.5),
              new Tip("3", 9, 1.7, 5, 20, 0.5)));

  private Sets() {}

  /** Ten sound nails, all built one way. */
  static SetPlan of(Product product, BuildWay way) {
    double extension = way == BuildWay.OVERLAY ? 0 : way == BuildWay.FREE_HAND ? 2 : 5;
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      items.add(sound(finger, product, way));
    }
    return plan(extension, items);
  }

  /** Ten sound nails on forms, with a step of the preparation left out. */
  static SetPlan without(PrepStep step) {
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      items.add(sound(finger, Product.HARD_GEL, BuildWay.FORM));
    }
    return plan(5, items, new Wearing(Wearing.USUAL_DAYS, Set.of(step), Growth.USUAL));
  }

  /** Five sound nails, all built one way. */
  static SetPlan of(Hand hand, Product product, BuildWay way) {
    return plan(5, Finger.of(hand).stream().map(finger -> sound(finger, product, way)).toList());
  }

  private static SetPlanner.Item sound(Finger finger, Product product, BuildWay way) {
    return item(
        nail(finger, PlateCondition.SOUND, SkinState.INTACT), way, EarlierProduct.NONE, product);
  }

  /** Ten nails on forms, the middle fingers of a gel that takes twice the light. */
  static SetPlan slowestUnderForms() {
    LightCure usual = Product.HARD_GEL.light().orElseThrow();
    Product slow =
        new Product(
            "slow",
            "slow gel",
            1500,
            55,
            1.12,
            .08,
            true,
            false,
            Handling.BRUSHED,
            false,
            Optional.of(
                new LightCure(
                    usual.clearReach(),
                    usual.pigmentedReach(),
                    2 * usual.fullDose(),
                    usual.flashDose(),
                    usual.wavelengths(),
                    usual.reactivity())),
            "test");
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      items.add(
          sound(finger, finger.digit() == Digit.MIDDLE ? slow : Product.HARD_GEL, BuildWay.FORM));
    }
    return plan(5, items);
  }

  /** Ten nails, the skin of one dry and torn. */
  static SetPlan cut() {
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      SkinState skin = finger == Finger.R2 ? SkinState.DRY : SkinState.INTACT;
      items.add(
          item(
              nail(finger, PlateCondition.SOUND, skin),
              BuildWay.FORM,
              EarlierProduct.NONE,
              Product.STIFF_HARD_GEL));
    }
    return plan(5, items);
  }

  /** Hard gel that stays put, with limits of its maker. */
  static Product limited(Limits limits) {
    Product like = Product.STIFF_HARD_GEL;
    return new Product(
        "limited",
        "limited gel",
        like.modulus(),
        like.strength(),
        like.density(),
        like.shrinkage(),
        like.levelling(),
        like.standsFree(),
        like.handling(),
        like.soaksOff(),
        like.light(),
        "test",
        limits);
  }

  /** Ten nails worn before. */
  static SetPlan worn(Product product, EarlierProduct earlier, PlateCondition condition) {
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      items.add(item(nail(finger, condition, SkinState.INTACT), BuildWay.FORM, earlier, product));
    }
    return plan(4, items);
  }

  /** Any set a salon could meet. */
  static SetPlan any(long seed) {
    Random random = new Random(seed);
    List<SetPlanner.Item> items = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      if (random.nextInt(12) > 0) {
        items.add(
            item(
                nail(
                    finger,
                    one(
                        random,
                        new PlateCondition[] {
                          PlateCondition.SOUND,
                          PlateCondition.THIN,
                          PlateCondition.DAMAGED,
                          PlateCondition.BITTEN
                        }),
                    random.nextInt(10) == 0 ? SkinState.SORE : SkinState.INTACT),
                one(random, BuildWay.values()),
                random.nextInt(3) == 0 ? one(random, EarlierProduct.values()) : EarlierProduct.NONE,
                one(random, Product.STANDARD.toArray(Product[]::new))));
      }
    }
    return plan(random.nextInt(8), items);
  }

  static <T> T one(Random random, T[] of) {
    return of[random.nextInt(of.length)];
  }

  private static Nail nail(Finger finger, PlateCondition condition, SkinState skin) {
    return new Nail(
        finger,
        finger.digit().usualWidth(),
        finger.digit().usualPlateLength(),
        2.0,
        0.5,
        1.5,
        0,
        0,
        1.5,
        condition,
        skin);
  }

  private static SetPlanner.Item item(
      Nail nail, BuildWay way, EarlierProduct earlier, Product product) {
    return new SetPlanner.Item(
        nail,
        new Adjustments(Map.of(), Optional.empty(), Optional.of(way), Optional.of(product)),
        new LookOver(earlier, OldBuild.UNASKED, Optional.empty()));
  }

  private static SetPlan plan(double extension, List<SetPlanner.Item> items) {
    return plan(extension, items, Wearing.USUAL);
  }

  private static SetPlan plan(double extension, List<SetPlanner.Item> items, Wearing wearing) {
    return SetPlanner.plan(
        new SetWish(
            NailShape.ALMOND,
            new LengthWish(LengthWish.Mode.MILLIMETRES, extension),
            Product.HARD_GEL,
            ApexSchool.THIRD,
            UpperArch.OF_SHAPE,
            CrossThickness.SALON,
            new Fitting(
                List.of(KIT),
                List.of(Kits.PAPER, Kits.RIGID),
                // Open forms, so that there is something to pinch.
                new Schools(TipsOrForms.TIPS, FreeHandOrForms.FREE_HAND, Barrel.OPEN_FORM),
                Optional.empty()),
            Wearer.ORDINARY,
            wearing),
        items);
  }
}
