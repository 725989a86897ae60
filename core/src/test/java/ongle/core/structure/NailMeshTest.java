package ongle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ongle.core.Nails;
import ongle.core.ReferenceCase;
import ongle.core.nail.CrossCurve;
import ongle.core.nail.Nail;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The nail as a solid, its barrel and its reflection. */
class NailMeshTest {
  @ParameterizedTest
  @MethodSource("ongle.core.ReferenceCase#all")
  void theSolidIsClosedOrientedAndOfTheComputedVolume(ReferenceCase reference) {
    Build build = reference.build(1.4);
    NailMesh mesh = NailMesh.ofBuild(build, new Arches(build.profile(), -4, 3));
    assertClosed(mesh);
    assertThat(mesh.volume()).isCloseTo(build.volumes().total(), withPercentage(1));
    double[] points = mesh.points();
    double longest = 0;
    for (int i = 0; i < points.length; i += 3) {
      longest = Math.max(longest, points[i]);
      assertThat(points[i + 1]).isFinite();
    }
    assertThat(longest).isCloseTo(build.profile().length(), within(0.15));
    NailMesh plate = NailMesh.ofPlate(build, new Arches(build.profile(), -4, 3));
    assertClosed(plate);
    assertThat(plate.volume()).isPositive();
  }

  @ParameterizedTest
  @EnumSource(NailShape.class)
  void everyShapeEvenOnAFlatPlateIsASolid(NailShape shape) {
    Build build = build(Nails.of(ongle.core.nail.Finger.R3, 11, 12, 0), shape, 9, 0.5);
    NailMesh mesh = NailMesh.ofBuild(build, new Arches(build.profile(), 0, shape.formTilt()));
    assertClosed(mesh);
    assertThat(mesh.volume()).isCloseTo(build.volumes().total(), withPercentage(1));
  }

  /** Every edge belongs to two triangles that run along it in opposite directions. */
  private static void assertClosed(NailMesh mesh) {
    Map<Long, Integer> edges = new HashMap<>();
    int[] triangles = mesh.triangles();
    for (int t = 0; t < triangles.length; t += 3) {
      for (int corner = 0; corner < 3; corner++) {
        long from = triangles[t + corner];
        long to = triangles[t + (corner + 1) % 3];
        edges.merge(
            Math.min(from, to) << 32 | Math.max(from, to),
            from < to ? 1 : -1,
            (a, b) -> {
              assertThat(a + b).as("an edge met by two triangles, once each way").isZero();
              return 100;
            });
      }
    }
    assertThat(edges.values()).containsOnly(100);
  }

  @Test
  void pinchingKeepsTheArcNarrowsAndStiffens() {
    Build build = build(Nails.plain(), NailShape.STILETTO, 12, 0.34);
    List<Pinch> along = Pinch.along(build, Nails.plain().crossCurve().depthRatio());
    assertThat(along).hasSize(3);
    for (Pinch pinch : along) {
      assertThat(pinch.built().arcLength()).isCloseTo(pinch.pinched().arcLength(), within(1e-9));
      assertThat(pinch.narrowerBy()).isPositive();
      assertThat(pinch.squeezeTo()).isLessThan(pinch.pinched().chord());
      assertThat(pinch.stiffer()).isGreaterThan(1);
    }
    CrossCurve own = Nails.plain().crossCurve();
    Pinch flat =
        Pinch.whereFull(
            build(Nails.plain(), NailShape.SQUARE, 6, own.depthRatio()), own.depthRatio());
    assertThat(flat.squeezes()).isFalse();
    assertThat(flat.stiffer()).isCloseTo(1, within(1e-9));
    Build pipe = build(Nails.plain(), NailShape.PIPE, 14, 0.48);
    Pinch deep = Pinch.whereFull(pipe, own.depthRatio());
    assertThat(deep.built().chord())
        .as("more than a pinch narrows is rolled into the form")
        .isLessThanOrEqualTo(1.14 * deep.pinched().chord());
  }

  @Test
  void theLightLineStaysOnTheNailAndShowsAKink() {
    Build build = build(Nails.plain(), NailShape.ALMOND, 9, 0.25);
    for (LightLine.Point point : LightLine.of(build).points()) {
      assertThat(point.inner()).isBetween(0.0, point.outer());
      assertThat(point.outer()).isLessThanOrEqualTo(build.halfWidthAt(point.x()) + 1e-9);
    }
    assertThat(LightLine.breaks(new Arches(build.profile(), 0, 0))).isEmpty();
    assertThat(LightLine.breaks(new Arches(build.profile(), -12, 5)))
        .anySatisfy(at -> assertThat(at).isCloseTo(build.nail().plateLength(), within(1.0)));
  }

  private static Build build(Nail nail, NailShape shape, double extension, double barrel) {
    return new Build(
        nail,
        new Outline(shape, nail.width(), extension),
        new Profile(
            nail.plateLength(), extension, nail.plateLength() / 3, 1.3, 0.6, shape.archExponent()),
        barrel,
        Across.by(CrossThickness.SALON),
        Product.HARD_GEL);
  }
}
