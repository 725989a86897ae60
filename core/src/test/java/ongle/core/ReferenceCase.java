package ongle.core;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.Across;
import ongle.core.structure.Build;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.Profile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One of the expected cases in {@code reference/structure-cases.json}; figures agree within 2 %.
 */
public record ReferenceCase(JsonNode given, JsonNode expect) {
  public static final double WITHIN = 0.02;

  public static Stream<ReferenceCase> all() {
    try (InputStream in =
        ReferenceCase.class.getResourceAsStream("/reference/structure-cases.json")) {
      List<ReferenceCase> cases = new ArrayList<>();
      for (JsonNode node : JsonMapper.builder().build().readTree(in)) {
        cases.add(new ReferenceCase(node.get("case"), node.get("expect")));
      }
      return cases.stream();
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  public Nail nail() {
    return new Nail(
        Finger.L2,
        number("width"),
        number("plate"),
        number("arch"),
        number("freeEdge"),
        0,
        0,
        0,
        0,
        PlateCondition.valueOf(given.get("condition").stringValue().toUpperCase()),
        SkinState.INTACT);
  }

  public Outline outline() {
    return new Outline(
        NailShape.ofCode(given.get("shape").stringValue()).orElseThrow(),
        number("width"),
        number("extension"));
  }

  public Build build(double apexThickness) {
    return build(apexAt(), apexThickness);
  }

  /** The case with its apex somewhere else; mm. */
  public Build build(double apexAt, double apexThickness) {
    NailShape shape = outline().shape();
    return new Build(
        nail(),
        outline(),
        new Profile(
            number("plate"),
            number("extension"),
            apexAt,
            apexThickness,
            number("edge"),
            shape.archExponent()),
        given.has("cDepth") ? number("cDepth") : shape.barrelDepthRatio(),
        Across.by(CrossThickness.SALON),
        Product.ofCode(given.get("material").stringValue()).orElseThrow());
  }

  /** Distance of the apex from the cuticle, mm. */
  public double apexAt() {
    return number("apexShare") * number("plate");
  }

  private double number(String name) {
    return given.get(name).doubleValue();
  }

  @Override
  public String toString() {
    return given.get("shape").stringValue()
        + " "
        + given.get("material").stringValue()
        + " E="
        + number("extension");
  }
}
