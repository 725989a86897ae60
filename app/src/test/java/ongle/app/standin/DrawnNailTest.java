package ongle.app.standin;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import ongle.app.kits.ShippedKits;
import ongle.core.check.Body;
import ongle.core.check.Part;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Schools;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.Quantity;
import ongle.core.nail.SkinState;
import ongle.core.photo.Spot;
import ongle.core.plan.Adjustments;
import ongle.core.plan.NailPlan;
import ongle.core.plan.SetPlanner;
import ongle.core.plan.SetWish;
import ongle.core.plan.Wearer;
import ongle.core.product.Product;
import ongle.core.shape.LengthWish;
import ongle.core.shape.NailShape;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.trace.Pixels;
import ongle.core.trace.Pose;
import ongle.core.trace.Silhouette;
import ongle.core.trace.TraceFit;
import ongle.core.trace.TraceFit.Picture;
import ongle.core.trace.Traced;
import ongle.core.trace.Tracer;
import ongle.core.trace.View;
import ongle.core.trace.View.Anchor;
import org.junit.jupiter.api.Test;

/** Drawn nails of known shape, photographed at a tilt, are found again within what is asked. */
class DrawnNailTest {
  private static final int NAILS = Integer.getInteger("drawn", 8);
  private static final double MAX_TILT = 15;

  /** How well marks are set, px. */
  private static final double MARKED = 3;

  private static final List<NailShape> SHAPES =
      List.of(
          NailShape.ALMOND,
          NailShape.SQUARE,
          NailShape.TAPERED_SQUARE,
          NailShape.STILETTO,
          NailShape.OVAL,
          NailShape.SOFT_SQUARE);

  /** What thickness may be off, mm; for the length 2 %. */
  private static final Map<Quantity, Double> WITHIN =
      Map.of(
          Quantity.BUILT_LENGTH, 0.0,
          Quantity.BUILT_APEX, 0.15,
          Quantity.BUILT_STRESS, 0.15,
          Quantity.BUILT_EDGE, 0.15,
          Quantity.BUILT_EDGE_LEFT, 0.15,
          Quantity.BUILT_EDGE_RIGHT, 0.15);

  private static NailPlan plan(NailShape shape, double extension, double width, double plate) {
    SetWish wish =
        new SetWish(
            shape,
            new LengthWish(LengthWish.Mode.MILLIMETRES, extension),
            Product.HARD_GEL,
            ApexSchool.THIRD,
            CrossThickness.SALON,
            new Fitting(List.of(), ShippedKits.forms(), Schools.USUAL, Optional.empty()),
            Wearer.ORDINARY);
    Nail nail =
        new Nail(
            Finger.of(Hand.RIGHT).get(2),
            width,
            plate,
            0.2 * width,
            0.6,
            0.15 * width,
            0,
            0,
            1.5,
            PlateCondition.SOUND,
            SkinState.INTACT);
    return SetPlanner.plan(wish, List.of(new SetPlanner.Item(nail, Adjustments.NONE)))
        .nails()
        .get(0);
  }

  /** One finger in front of the camera three times, as a technician marks it: a little off. */
  private static Traced photographed(NailPlan plan, Body body, Random random) {
    Map<View, Picture> pictures = new EnumMap<>(View.class);
    Map<View, Pixels> pixels = new EnumMap<>(View.class);
    for (View view : View.values()) {
      Pose pose =
          DrawnNailCamera.pose(
              view,
              body,
              MAX_TILT * Math.sqrt(random.nextDouble()),
              360 * random.nextDouble(),
              20 * random.nextDouble() - 10);
      pixels.put(view, pixels(new DrawnNail(body, pose).image(random.nextLong())));
      Silhouette seen = new Silhouette(body, pose, view);
      Map<Anchor, Spot> anchors = new EnumMap<>(Anchor.class);
      for (Anchor anchor : view.anchors()) {
        anchors.put(
            anchor,
            pose.sees(seen.place(anchor, 1))
                .plus(new Spot(MARKED * random.nextGaussian(), MARKED * random.nextGaussian())));
      }
      pictures.put(view, new Picture(view, DrawnNail.CAMERA, anchors, Map.of()));
      trace(plan, pictures, pixels, view);
    }
    for (View view : View.values()) {
      trace(plan, pictures, pixels, view);
    }
    return TraceFit.of(plan, new ArrayList<>(pictures.values()));
  }

  private static void trace(
      NailPlan plan, Map<View, Picture> pictures, Map<View, Pixels> pixels, View view) {
    Picture picture = pictures.get(view);
    pictures.put(
        view,
        new Picture(
            view,
            picture.camera(),
            picture.anchors(),
            Tracer.trace(
                plan, new ArrayList<>(pictures.values()), view, pixels.get(view), Map.of())));
  }

  private static Pixels pixels(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    return new Pixels(width, height, image.getRGB(0, 0, width, height, null, 0, width));
  }

  @Test
  void drawnNailsAreFoundAgain() {
    Random random = new Random(7);
    List<String> off = new ArrayList<>();
    int told = 0;
    for (int i = 0; i < NAILS; i++) {
      NailPlan plan =
          plan(
              SHAPES.get(i % SHAPES.size()),
              6 + 10 * random.nextDouble(),
              9.5 + 4 * random.nextDouble(),
              10 + 3 * random.nextDouble());
      Map<Part, Double> parts = new EnumMap<>(Part.class);
      for (Part part : EnumSet.range(Part.LENGTH, Part.TILT)) {
        double much = Math.max(-1.5, Math.min(1.5, random.nextGaussian()));
        parts.put(part, 0.5 * much * part.usual());
      }
      Body body = new Body(plan, parts);
      Traced traced = photographed(plan, body, random);
      for (Quantity quantity : WITHIN.keySet()) {
        double is = body.measure(quantity);
        double within =
            quantity == Quantity.BUILT_LENGTH ? Math.max(0.1, 0.02 * is) : WITHIN.get(quantity);
        Double found = traced.values().get(quantity);
        told += found == null ? 0 : 1;
        if (found != null && Math.abs(found - is) > within) {
          off.add(
              plan.shape()
                  + " "
                  + i
                  + " "
                  + quantity
                  + " "
                  + is
                  + " found as "
                  + found
                  + " band "
                  + traced.bands().get(quantity));
        }
      }
    }
    assertThat(told).isGreaterThan(NAILS * (WITHIN.size() - 1));
    assertThat(off.size()).describedAs(off.toString()).isLessThanOrEqualTo(told / 20);
  }
}
