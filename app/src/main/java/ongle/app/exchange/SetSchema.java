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
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
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

  private static final Map<String, String> PROBLEMS =
      Map.ofEntries(
          Map.entry("required", "missing"),
          Map.entry("additionalProperties", "unknown field"),
          Map.entry("enum", "unknown"),
          Map.entry("minimum", "out of range"),
          Map.entry("maximum", "out of range"),
          Map.entry("minItems", "too few"),
          Map.entry("maxItems", "too many"),
          Map.entry("uniqueItems", "given twice"),
          Map.entry("minLength", "empty"),
          Map.entry("maxLength", "too long"));

  private static final Map<String, String> TYPES =
      Map.of(
          "number", "a number",
          "integer", "a whole number",
          "string", "a text",
          "boolean", "true or false",
          "array", "a list",
          "object", "an object");

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
          PROBLEMS.get(keyword),
          allowed(name, described.path("properties").path(name)));
    }
    if (keyword.equals("additionalProperties")) {
      String name = error.getProperty();
      return new Fault(
          path.isEmpty() ? name : path + "." + name, PROBLEMS.get(keyword), allowed("", described));
    }
    String problem =
        PROBLEMS.getOrDefault(keyword, "not " + TYPES.get(described.path("type").asString("")));
    return new Fault(path.isEmpty() ? "(file)" : path, problem, allowed(path, described));
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
      return allowed(path, of.get("else")) + ", or " + allowed(path, of.get("then"));
    }
    if (of.has("enum")) {
      return "one of " + listed(of.get("enum"));
    }
    String name = path.replaceFirst(".*\\.", "").replaceFirst("\\[\\d+]$", "");
    return switch (of.path("type").asString("")) {
      case "number", "integer" -> range(name, of);
      case "string" ->
          of.has("maxLength") ? "a text of up to " + of.get("maxLength") + " characters" : "a text";
      case "array" ->
          "a list"
              + (of.has("maxItems")
                  ? " of " + of.get("minItems") + " to " + of.get("maxItems")
                  : "")
              + ", each "
              + allowed(path, of.get("items"));
      case "object" ->
          "an object with "
              + of.path("properties").propertyNames().stream()
                  .sorted()
                  .collect(Collectors.joining(", "));
      default -> TYPES.get(of.path("type").asString("boolean"));
    };
  }

  private static String range(String name, JsonNode of) {
    String unit =
        UNITS.entrySet().stream()
            .filter(each -> name.endsWith(each.getKey()))
            .map(Map.Entry::getValue)
            .findFirst()
            .orElse("");
    boolean whole = of.get("type").stringValue().equals("integer");
    return bound(of.get("minimum"), whole) + " to " + bound(of.get("maximum"), whole) + unit;
  }

  private static String bound(JsonNode bound, boolean whole) {
    return whole ? String.valueOf(bound.intValue()) : String.valueOf(bound.doubleValue());
  }

  private static String listed(JsonNode words) {
    return StreamSupport.stream(words.spliterator(), false)
        .map(JsonNode::stringValue)
        .collect(Collectors.joining(", "));
  }
}
