package ongle.core;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ongle.core.nail.Digit;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.PlateFinding;
import ongle.core.nail.SkinState;
import ongle.core.product.Product;
import ongle.core.shape.NailShape;
import ongle.core.shape.Outline;
import ongle.core.structure.Across;
import ongle.core.structure.ApexFloor;
import ongle.core.structure.Beside;
import ongle.core.structure.Build;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.Profile;
import ongle.core.structure.Scheme;
import ongle.core.structure.WearPeriod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One of the expected cases; figures agree within 2 %. */
public record ReferenceCase(JsonNode given, JsonNode expect) {
  public static final double WITHIN = 0.02;

  /** Under full loads: {@code reference/structure-cases.json}. */
  public static Stream<ReferenceCase> all() {
    return read("structure-cases");
  }

  /** Under the loads a finger meets: {@code reference/load-cases.json}. */
  public static Stream<ReferenceCase> underLoads() {
    return read("load-cases");
  }

  private static Stream<ReferenceCase> read(String name) {
    try (InputStream in = ReferenceCase.class.getResourceAsStream("/reference/" + name + ".json")) {
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
        Finger.of(Hand.LEFT, digit()),
        number("width"),
        number("plate"),
        number("arch"),
        number("freeEdge"),
        0,
        0,
        0,
        given.has("overhang") ? number("overhang") : 0,
        condition(),
        SkinState.INTACT);
  }

  private Digit digit() {
    return given.has("digit")
        ? Digit.valueOf(given.get("digit").stringValue().toUpperCase())
        : Digit.INDEX;
  }

  private PlateCondition condition() {
    String word = given.get("condition").stringValue();
    return word.equals("sound")
        ? PlateCondition.SOUND
        : PlateCondition.of(PlateFinding.valueOf(word.toUpperCase()));
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

  /** The case as it is planned, of its own length or another, mm. */
  public Scheme scheme(double extension, WearPeriod term) {
    Build build = build(1);
    return new Scheme(
        build.nail(),
        new Outline(build.outline().shape(), build.nail().width(), extension),
        build.profile().edgeThickness(),
        build.profile().archExponent(),
        build.barrelDepthRatio(),
        build.across(),
        build.product(),
        ApexFloor.USUAL.at(extension),
        Beside.NONE,
        term);
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
