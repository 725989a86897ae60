package ongle.app.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.path.PathType;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.words.Words;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/**
 * The description of a set file, at the edge: every field is held against it before anything reads
 * it. What may stand in a field is said from the same description.
 */
@Component
final class SetSchema {
  private static final Map<String, String> UNITS =
      Map.of("Mm", " mm", "Deg", "°", "Percent", " %", "Days", " days", "Seconds", " s");

  /** What can be wrong besides the type. */
  private static final Set<String> PROBLEMS =
      Set.of(
          "required",
          "additionalProperties",
          "enum",
          "minimum",
          "maximum",
          "minItems",
          "maxItems",
          "uniqueItems",
          "minLength",
          "maxLength");

  private final JsonNode description;
  private final Schema schema;

  SetSchema() throws IOException {
    try (InputStream in = new ClassPathResource("schema/set.schema.json").getInputStream()) {
      description = FileJson.FILE.readTree(in);
    }
    schema =
        SchemaRegistry.withDefaultDialect(
                SpecificationVersion.DRAFT_2020_12,
                registry ->
                    registry.schemaRegistryConfig(
                        SchemaRegistryConfig.builder().pathType(PathType.JSON_PATH).build()))
            .getSchema(description);
    schema.initializeValidators();
  }

  /** Everything that is not as described, in the order of the description. */
  List<Fault> faults(JsonNode file) {
    List<Fault> faults = new ArrayList<>();
    for (Error error : schema.validate(file)) {
      Fault fault = fault(error);
      if (!faults.contains(fault)) {
        faults.add(fault);
      }
    }
    return faults;
  }

  private Fault fault(Error error) {
    String path = error.getInstanceLocation().toString().replaceFirst("^\\$\\.?", "");
    JsonNode described = describedAt(error);
    String keyword = error.getKeyword();
    if (keyword.equals("required")) {
      String name = error.getProperty();
      return new Fault(
          path.isEmpty() ? name : path + "." + name,
          problem(keyword, described),
          allowed(name, described.path("properties").path(name)));
    }
    if (keyword.equals("additionalProperties")) {
      String name = error.getProperty();
      return new Fault(
          path.isEmpty() ? name : path + "." + name,
          problem(keyword, described),
          allowed("", described));
    }
    return new Fault(
        path.isEmpty() ? Words.say("exchange.file") : path,
        problem(keyword, described),
        allowed(path, described));
  }

  private static String problem(String keyword, JsonNode described) {
    return PROBLEMS.contains(keyword)
        ? Words.say("exchange.problem." + keyword)
        : Words.say("exchange.problem.other", "wanted", type(described));
  }

  private static String type(JsonNode described) {
    return Words.say("exchange.type." + described.path("type").asString("object"));
  }

  /** The description of the whole field, not of the branch it failed in. */
  private JsonNode describedAt(Error error) {
    String pointer = error.getSchemaLocation().toString().replaceFirst("^[^#]*#", "");
    String of = pointer.substring(0, pointer.lastIndexOf('/'));
    if (error.getKeyword().equals("enum") || error.getKeyword().equals("type")) {
      of = of.replaceFirst("/(then|else)$", "");
    }
    return description.at(JsonPointer.compile(of));
  }

  private String allowed(String path, JsonNode of) {
    if (of.has("$ref")) {
      return allowed(
          path, description.at(JsonPointer.compile(of.get("$ref").stringValue().substring(1))));
    }
    if (of.has("if")) {
      return Words.say(
          "exchange.allowed.or",
          "one",
          allowed(path, of.get("else")),
          "other",
          allowed(path, of.get("then")));
    }
    if (of.has("enum")) {
      return oneOf(of.get("enum").valueStream().map(JsonNode::stringValue));
    }
    String name = path.replaceFirst(".*\\.", "").replaceFirst("\\[\\d+]$", "");
    return switch (of.path("type").asString("")) {
      case "number", "integer" -> range(name, of);
      case "string" ->
          of.has("maxLength")
              ? Words.say("exchange.allowed.text", "max", of.get("maxLength").asString())
              : type(of);
      case "array" -> list(allowed(path, of.get("items")), of);
      case "object" ->
          Words.say(
              "exchange.allowed.object",
              "names",
              of.path("properties").propertyNames().stream()
                  .sorted()
                  .collect(Collectors.joining(", ")));
      default -> type(of);
    };
  }

  private static String list(String each, JsonNode of) {
    return of.has("maxItems")
        ? Words.say(
            "exchange.allowed.list.of",
            "min",
            of.get("minItems").asString(),
            "max",
            of.get("maxItems").asString(),
            "each",
            each)
        : Words.say("exchange.allowed.list", "each", each);
  }

  static String oneOf(Stream<String> words) {
    return Words.say("exchange.allowed.one-of", "words", words.collect(Collectors.joining(", ")));
  }

  private static String range(String name, JsonNode of) {
    String unit =
        UNITS.entrySet().stream()
            .filter(each -> name.endsWith(each.getKey()))
            .map(Map.Entry::getValue)
            .findFirst()
            .orElse("");
    boolean whole = of.get("type").stringValue().equals("integer");
    return Words.say(
        "number.range",
        "min",
        bound(of.get("minimum"), whole),
        "max",
        bound(of.get("maximum"), whole) + unit);
  }

  private static String bound(JsonNode bound, boolean whole) {
    return whole ? String.valueOf(bound.intValue()) : String.valueOf(bound.doubleValue());
  }
}
