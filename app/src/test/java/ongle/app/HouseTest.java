package ongle.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * The picture of the house, drawn from the code: each row is a package, each dot a package it
 * knows. Every dot is below the diagonal, or there would be a circle. Drawn anew with {@code
 * -Dongle.house=write}.
 */
class HouseTest {
  private static final Path PICTURE = Path.of("..", "docs", "house.svg");
  private static final int CELL = 18;
  private static final int NAMES = 90;

  @Test
  void thePictureShowsWhoKnowsWhom() throws Exception {
    JavaClasses classes =
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("ongle");
    String picture = drawn(List.of(rooms(classes, "ongle.core."), rooms(classes, "ongle.app.")));
    if (System.getProperty("ongle.house", "").equals("write")) {
      Files.writeString(PICTURE, picture);
    }
    assertThat(Files.readString(PICTURE)).isEqualTo(picture);
  }

  /** Every package with those it knows, what knows nobody first. */
  private static Map<String, Set<String>> rooms(JavaClasses classes, String beginning) {
    Map<String, Set<String>> knows = new TreeMap<>();
    for (JavaClass each : classes) {
      String own = room(each, beginning);
      if (own == null) {
        continue;
      }
      Set<String> known = knows.computeIfAbsent(own, key -> new TreeSet<>());
      each.getDirectDependenciesFromSelf().stream()
          .map(dependency -> room(dependency.getTargetClass(), beginning))
          .filter(other -> other != null && !other.equals(own))
          .forEach(known::add);
    }
    return knows;
  }

  private static String room(JavaClass type, String beginning) {
    String name = type.getPackageName();
    return name.startsWith(beginning) ? name.substring(beginning.length()) : null;
  }

  private static int depth(String room, Map<String, Set<String>> knows) {
    return knows.getOrDefault(room, Set.of()).stream()
        .mapToInt(known -> 1 + depth(known, knows))
        .max()
        .orElse(0);
  }

  private static String drawn(List<Map<String, Set<String>>> houses) {
    StringBuilder svg = new StringBuilder();
    int top = 0;
    int widest = 0;
    for (Map<String, Set<String>> knows : houses) {
      List<String> order = new ArrayList<>(knows.keySet());
      order.sort(
          Comparator.comparingInt((String room) -> depth(room, knows))
              .thenComparing(Comparator.naturalOrder()));
      top += NAMES;
      for (int row = 0; row < order.size(); row++) {
        int y = top + row * CELL;
        svg.append(
                "<text x=\"%d\" y=\"%d\" text-anchor=\"end\">%s</text>\n"
                    .formatted(NAMES - 6, y + 13, order.get(row)))
            .append(
                "<text transform=\"translate(%d %d) rotate(-60)\">%s</text>\n"
                    .formatted(NAMES + row * CELL + 12, top - 6, order.get(row)));
        for (int column = 0; column < order.size(); column++) {
          boolean self = row == column;
          if (self || knows.get(order.get(row)).contains(order.get(column))) {
            svg.append(
                "<circle class=\"%s\" cx=\"%d\" cy=\"%d\" r=\"%d\"/>\n"
                    .formatted(
                        self ? "self" : "knows", NAMES + column * CELL + 9, y + 9, self ? 2 : 5));
          }
        }
      }
      top += order.size() * CELL;
      widest = Math.max(widest, order.size());
    }
    int width = NAMES + widest * CELL + 60;
    return """
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" width="%d" height="%d">
        <style>text { font: 12px sans-serif; fill: #123b32 } .knows { fill: #7a1f4d } .self { fill: #9db5ae } rect { fill: #f5f8f7 }</style>
        <rect width="100%%" height="100%%"/>
        %s</svg>
        """
        .formatted(width, top + 20, width, top + 20, svg);
  }
}
