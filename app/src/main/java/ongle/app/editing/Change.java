package ongle.app.editing;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.sets.Choices;
import ongle.app.sets.Lesson;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetNail;
import ongle.app.sets.Taken;
import ongle.core.bench.Left;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.BuildWay;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipsOrForms;
import ongle.core.nail.EarlierProduct;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.OldBuild;
import ongle.core.nail.OutOfRange;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.plan.Activity;
import ongle.core.plan.Adjustments;
import ongle.core.plan.Adjustments.TipNumber;
import ongle.core.plan.Remedy;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import ongle.core.wear.PrepStep;

/**
 * What is to become different of a set: the command behind a press, a choice or a file. Whatever an
 * edit asks goes through {@link SetEditor#make}, together with what belongs to it.
 */
@FunctionalInterface
public interface Change {
  /**
   * @param at when it is made
   * @throws IllegalArgumentException if it cannot be; then nothing of the edit is done
   */
  void on(NailSet set, LocalDateTime at);

  // --- what was measured and seen --------------------------------------------------------------

  /**
   * Many measured values at once, in place of what stood there.
   *
   * @throws OutOfRange when it is made, if one of them cannot be
   */
  static Change measured(Map<Finger, Map<Quantity, Double>> hands, Taken.How how, String by) {
    return (set, at) ->
        hands.forEach(
            (finger, values) ->
                values.forEach(
                    (quantity, value) ->
                        set.nail(finger)
                            .put(quantity, new Taken(quantity.check(value), how, at, by))));
  }

  /** What a picture gave; what was typed or taken by calliper is surer and stays. */
  static Change measuredInPicture(Map<Finger, Map<Quantity, Double>> hands, String by) {
    return (set, at) ->
        hands.forEach(
            (finger, values) ->
                values.forEach(
                    (quantity, value) -> {
                      SetNail nail = set.nail(finger);
                      if (nail.taken(quantity)
                              .filter(taken -> taken.how().surerThanPicture())
                              .isEmpty()
                          && SetEditor.contradiction(nail, quantity, value).isEmpty()) {
                        nail.put(
                            quantity, new Taken(quantity.check(value), Taken.How.PHOTO, at, by));
                      }
                    }));
  }

  /** What a plate looks like; its skin stays. */
  static Change plate(Finger finger, PlateCondition condition) {
    return (set, at) -> set.nail(finger).look(condition, set.nail(finger).getSkin());
  }

  /** What the skin looks like; the plate stays. */
  static Change skin(Finger finger, SkinState skin) {
    return (set, at) -> set.nail(finger).look(set.nail(finger).getPlateCondition(), skin);
  }

  static Change copyToTwin(Finger finger, String by) {
    return (set, at) ->
        set.nail(finger.twin()).copyMeasuresOf(set.nail(finger), at, by.isBlank() ? null : by);
  }

  static Change found(Finger finger, EarlierProduct product) {
    return (set, at) -> set.nail(finger).found(product);
  }

  /** What came off by itself is not there any more. */
  static Change fallenOff(Set<Finger> fingers) {
    return (set, at) -> fingers.forEach(finger -> set.nail(finger).found(EarlierProduct.NONE));
  }

  /** What was measured of the built nails is measured anew. */
  static Change measureBuiltAgain(List<Quantity> built) {
    return (set, at) -> set.getNails().forEach(nail -> built.forEach(nail::clear));
  }

  /** What a finished visit leaves on a finger. */
  static Change left(Finger finger, Left left) {
    return (set, at) -> set.nail(finger).leave(left.product(), left.build());
  }

  /** What is known of the build on a nail. */
  static Change judged(Finger finger, UnaryOperator<OldBuild> old) {
    return (set, at) -> set.nail(finger).judge(old.apply(set.nail(finger).old()));
  }

  /**
   * Builds on a finger although its skin says postpone.
   *
   * @param reason kept with the visit; blank to leave the finger alone again
   */
  static Change buildAnyway(Finger finger, String reason) {
    return overruling((set, at) -> set.nail(finger).buildAnyway(orNull(reason)));
  }

  /** What is done otherwise because of what happened before. */
  static Change learn(List<Lesson> lessons) {
    return (set, at) -> set.learn(lessons);
  }

  static Change wishes(String words) {
    return (set, at) -> set.wish(orNull(words));
  }

  static Change agreed(String guardian) {
    return (set, at) -> set.agreed(orNull(guardian));
  }

  static Change allergySettled(String why) {
    return overruling((set, at) -> set.settleAllergy(orNull(why)));
  }

  /** What speaks against building is answered by whoever may. */
  private static Change overruling(Change change) {
    return (set, at) -> {
      Present.need(Right.OVERRULE);
      change.on(set, at);
    };
  }

  static Change does(Hand hand, Activity activity) {
    return (set, at) -> set.does(hand, activity);
  }

  /** Everything chosen as in a set before. */
  static Change asBefore(NailSet last) {
    Choices chosen = Choices.of(last);
    return (set, at) -> set.choose(chosen, at);
  }

  // --- shape, length, product ------------------------------------------------------------------

  static Change shape(NailShape shape) {
    return (set, at) -> set.choices().shape(shape);
  }

  static Change length(LengthWish length) {
    return (set, at) -> set.choices().length(length);
  }

  /**
   * One nail pulled to a length and the set with it; a length set by hand for that nail alone goes.
   */
  static Change pulled(Finger finger, LengthWish length) {
    return (set, at) -> {
      set.choices().length(length);
      set.nail(finger).clear(Quantity.EXTENSION);
    };
  }

  static Change product(Product product) {
    return (set, at) -> set.choices().product(product);
  }

  /**
   * @param own product of this finger; empty for the set's
   */
  static Change product(Finger finger, Optional<Product> own) {
    return (set, at) -> set.nail(finger).buildIn(own.orElse(null));
  }

  // --- tips, forms, methods --------------------------------------------------------------------

  /**
   * @param tip to take; empty for the advised one
   */
  static Change tip(Finger finger, Optional<TipNumber> tip) {
    return (set, at) -> set.nail(finger).takeTip(tip.orElse(null));
  }

  /**
   * @param kit of tips to lead the set; empty for the one with the least to file
   */
  static Change fitFrom(Optional<String> kit) {
    return (set, at) -> set.choices().kit(kit);
  }

  /**
   * @param way to build this finger; empty for the one ranked first
   */
  static Change method(Finger finger, Optional<BuildWay> way) {
    return (set, at) -> set.nail(finger).chooseMethod(way.orElse(null));
  }

  static Change prefer(TipsOrForms school) {
    return (set, at) -> set.choices().prefer(school);
  }

  static Change prefer(FreeHandOrForms school) {
    return (set, at) -> set.choices().prefer(school);
  }

  static Change prefer(Barrel school) {
    return (set, at) -> set.choices().prefer(school);
  }

  static Change takenOut() {
    return NailSet::takenOut;
  }

  // --- structure and wear ----------------------------------------------------------------------

  static Change apex(ApexSchool school) {
    return (set, at) -> set.choices().apex(school);
  }

  static Change across(CrossThickness across) {
    return (set, at) -> set.choices().across(across);
  }

  static Change arch(UpperArch arch) {
    return (set, at) -> set.choices().arch(arch);
  }

  /**
   * @param days from the build to the infill, within {@link Quantity#WEAR_DAYS}
   */
  static Change lastFor(int days) {
    return (set, at) -> set.choices().wearDays((int) Quantity.WEAR_DAYS.check(days));
  }

  static Change leaveOut(Set<PrepStep> steps) {
    return (set, at) -> set.choices().skip(steps);
  }

  static Change remedy(Finger finger, Remedy remedy) {
    return (set, at) -> set.apply(finger, remedy, at);
  }

  /** Back to what is computed, for one nail. */
  static Change computed(Finger finger) {
    return (set, at) ->
        Adjustments.QUANTITIES.forEach(quantity -> set.nail(finger).clear(quantity));
  }

  /**
   * These by hand on several fingers.
   *
   * @param values in each quantity's unit, in place of what was set by hand before
   */
  static Change byHand(Map<Finger, Map<Quantity, Double>> values) {
    return (set, at) ->
        values.forEach(
            (finger, wanted) ->
                wanted.forEach((quantity, value) -> set.nail(finger).byHand(quantity, value, at)));
  }

  // --- the appointment -------------------------------------------------------------------------

  /**
   * How it is carried out, as the bench writes it.
   *
   * @param how from the set as it stands, so that what another window chose meanwhile stays
   */
  static Change carryOut(Function<NailSet, String> how) {
    return (set, at) -> set.carryOut(how.apply(set));
  }

  /** The salon's steps as they stand when the visit begins, and how it is carried out. */
  static Change visitBegins(String steps, String how) {
    return (set, at) -> {
      set.workBy(steps);
      set.carryOut(how);
    };
  }

  private static String orNull(String text) {
    return text.isBlank() ? null : text.strip();
  }
}
