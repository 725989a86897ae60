package ongle.app.exchange;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ongle.app.web.CleanText;
import ongle.app.words.Numbers;
import ongle.core.nail.Quantity;
import tools.jackson.databind.JsonNode;

/** Reads fields of a file one by one; what is wrong is noted and reading goes on. */
abstract class FileFields {
  private static final int MAX_TEXT = 200;

  final List<Fault> faults;

  /**
   * @param faults to add to
   */
  FileFields(List<Fault> faults) {
    this.faults = faults;
  }

  /**
   * Something wrong in the file.
   *
   * @param field path in the file, such as {@code nails[2].widthMm}
   * @param problem what is wrong
   * @param allowed what may stand there
   */
  record Fault(String field, String problem, String allowed) {}

  List<Fault> faults() {
    return List.copyOf(faults);
  }

  /** A plain number between two others. */
  final double plain(
      JsonNode parent, String path, String name, double min, double max, double otherwise) {
    JsonNode node = parent.path(name);
    if (missing(node)) {
      return otherwise;
    }
    if (node.isNumber() && node.doubleValue() >= min && node.doubleValue() <= max) {
      return node.doubleValue();
    }
    faults.add(new Fault(path + "." + name, "not a number in range", min + " to " + max));
    return otherwise;
  }

  /** A short text, if there is one. */
  final Optional<String> said(JsonNode parent, String path, String name) {
    JsonNode node = parent.path(name);
    if (missing(node)) {
      return Optional.empty();
    }
    if (!node.isString() || node.stringValue().length() > MAX_TEXT) {
      faults.add(new Fault(path + name, "not a short text", "up to " + MAX_TEXT + " characters"));
      return Optional.empty();
    }
    return Optional.of(CleanText.of(node.stringValue()));
  }

  /** A number of a known quantity; null if missing or wrong. */
  final Double number(
      JsonNode parent, String path, String name, Quantity quantity, boolean required) {
    JsonNode node = parent.path(name);
    String allowed = Numbers.range(quantity);
    if (missing(node)) {
      if (required) {
        faults.add(new Fault(path, "missing", allowed));
      }
      return null;
    }
    if (!node.isNumber()) {
      faults.add(new Fault(path, "not a number", allowed));
      return null;
    }
    if (!quantity.allows(node.doubleValue())) {
      faults.add(new Fault(path, "out of range", allowed));
      return null;
    }
    return node.doubleValue();
  }

  final <E extends Enum<E>> E word(
      JsonNode parent, String path, String name, Class<E> type, E otherwise) {
    JsonNode node = parent.path(name);
    String allowed =
        "one of "
            + Arrays.stream(type.getEnumConstants())
                .map(SetFile::word)
                .collect(Collectors.joining(", "));
    if (missing(node)) {
      if (otherwise == null) {
        faults.add(new Fault(path + name, "missing", allowed));
      }
      return otherwise;
    }
    for (E value : type.getEnumConstants()) {
      if (node.isString() && SetFile.word(value).equals(node.stringValue())) {
        return value;
      }
    }
    faults.add(new Fault(path + name, "unknown", allowed));
    return otherwise;
  }

  final boolean object(JsonNode node, String path, Set<String> names) {
    String allowed = "an object with " + names.stream().sorted().collect(Collectors.joining(", "));
    if (!node.isObject()) {
      faults.add(
          new Fault(
              path.isEmpty() ? "(file)" : path,
              missing(node) ? "missing" : "not an object",
              allowed));
      return false;
    }
    for (String name : node.propertyNames()) {
      if (!names.contains(name)) {
        faults.add(new Fault(path.isEmpty() ? name : path + "." + name, "unknown field", allowed));
      }
    }
    return true;
  }

  static boolean missing(JsonNode node) {
    return node.isMissingNode() || node.isNull();
  }

  /** True or false. */
  final boolean flag(JsonNode parent, String path, String name, boolean otherwise) {
    JsonNode node = parent.path(name);
    if (!missing(node) && !node.isBoolean()) {
      faults.add(new Fault(path + "." + name, "not true or false", "true or false"));
    }
    return node.booleanValue(otherwise);
  }

  /** A whole number between two others. */
  final int whole(JsonNode parent, String path, String name, int min, int max, int otherwise) {
    double value = plain(parent, path, name, min, max, otherwise);
    if (value != Math.rint(value)) {
      faults.add(new Fault(path + "." + name, "not a whole number", min + " to " + max));
    }
    return (int) Math.round(value);
  }

  /** Wavelengths, nm: each once, at least one. */
  final Set<Integer> wavelengths(
      JsonNode parent, String path, int min, int max, Set<Integer> otherwise) {
    JsonNode node = parent.path("wavelengthsNm");
    if (missing(node)) {
      return otherwise;
    }
    Set<Integer> waves = new LinkedHashSet<>();
    for (JsonNode wave : node) {
      if (wave.isInt() && wave.intValue() >= min && wave.intValue() <= max) {
        waves.add(wave.intValue());
      }
    }
    if (!node.isArray() || waves.isEmpty() || waves.size() < node.size()) {
      faults.add(
          new Fault(
              path + ".wavelengthsNm",
              "not a list of wavelengths",
              "whole numbers from " + min + " to " + max + ", each once"));
      return otherwise;
    }
    return waves;
  }
}
