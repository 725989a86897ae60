package ongle.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.core.Code;
import org.junit.jupiter.api.Test;

/** The message files against the sources that use them, and against each other. */
class EveryWordTest {
  private static final Path APP = Path.of("src", "main");
  private static final Path CORE = Path.of("..", "core", "src", "main");
  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");

  /** Keys the program puts together: what stands here is followed by a code's own name. */
  private static final Set<String> FACETS_OF_NO_CODE = Set.of("browser", "language", "date");

  private static final Messages MESSAGES = new Messages();

  private static Map<String, Message> of(Locale language) {
    return new TreeMap<>(MESSAGES.of(language));
  }

  private static List<Path> files(Path root, String ending) throws IOException {
    try (Stream<Path> all = Files.walk(root)) {
      return all.filter(path -> path.toString().endsWith(ending)).toList();
    }
  }

  private static String withoutComments(String java) {
    return java.replaceAll("(?s)/\\*.*?\\*/", "").replaceAll("(?m)(^|\\s)//.*$", "");
  }

  @Test
  void everyLanguageSaysTheSameThingsOfTheSameArguments() {
    Map<String, Message> english = of(Locale.ENGLISH);
    assertThat(MESSAGES.languages()).contains(Locale.ENGLISH, Locale.GERMAN);
    for (Locale language : MESSAGES.languages()) {
      Map<String, Message> other = of(language);
      assertThat(other.keySet()).as(language.toString()).isEqualTo(english.keySet());
      other.forEach(
          (key, message) ->
              assertThat(message.arguments())
                  .as(key + " in " + language)
                  .isSubsetOf(english.get(key).arguments()));
      assertThat(other.values()).as(language.toString()).noneMatch(each -> each.text().isBlank());
    }
  }

  @Test
  void everyKeyASourceNamesIsThere() throws IOException {
    Set<String> known = of(Locale.ENGLISH).keySet();
    List<String> missing = new ArrayList<>();
    Pattern inTemplate =
        Pattern.compile("#\\{([\\w.-]+)}|#words\\.say\\([^']*'([\\w.-]+)'(?: : '([\\w.-]+)')?");
    for (Path template : files(APP.resolve("resources/templates"), ".html")) {
      Matcher key = inTemplate.matcher(Files.readString(template));
      while (key.find()) {
        Stream.of(key.group(1), key.group(2), key.group(3))
            .filter(each -> each != null && !known.contains(each))
            .forEach(each -> missing.add(template + ": " + each));
      }
    }
    Pattern inJava = Pattern.compile("Words\\s*\\.say\\(\\s*\"([\\w.-]+)\"\\s*[,)]");
    for (Path source : files(APP.resolve("java"), ".java")) {
      Matcher key = inJava.matcher(Files.readString(source));
      while (key.find()) {
        if (!known.contains(key.group(1))) {
          missing.add(source + ": " + key.group(1));
        }
      }
    }
    assertThat(missing).isEmpty();
  }

  @Test
  void everyCodeHasItsWordsWithNoMoreArgumentsThanItHas() {
    Map<String, Message> messages = of(Locale.ENGLISH);
    List<String> wrong = new ArrayList<>();
    for (Class<?> type : codes()) {
      if (type.isEnum()) {
        Arrays.stream(type.getEnumConstants())
            .map(Words::key)
            .filter(key -> !messages.containsKey(key))
            .forEach(wrong::add);
      } else {
        Set<String> components =
            Arrays.stream(type.getRecordComponents())
                .map(component -> component.getName())
                .collect(Collectors.toSet());
        Message message = messages.get(Words.key(type));
        if (message == null || !components.containsAll(message.arguments())) {
          wrong.add(Words.key(type));
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  /** Codes with a message of their own; those put together from others have none. */
  private static List<Class<?>> codes() {
    Set<String> composed =
        Set.of("nail.PlateCondition", "portion.Material", "bench.Routine.Line", "layer.Recipe");
    return new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("ongle.core")
            .stream()
            .filter(type -> type.isAssignableTo(Code.class) && !type.isInterface())
            .map(JavaClass::reflect)
            .filter(type -> type.isEnum() || type.isRecord())
            .filter(type -> !composed.contains(Words.key(type)))
            .collect(Collectors.toList());
  }

  @Test
  void everyMessageIsUsed() throws IOException {
    StringBuilder sources = new StringBuilder();
    for (Path source : files(APP.resolve("java"), ".java")) {
      sources.append(withoutComments(Files.readString(source)));
    }
    for (Path source : files(APP.resolve("resources/templates"), ".html")) {
      sources.append(Files.readString(source));
    }
    String all = sources.toString();
    Set<String> named = new TreeSet<>();
    Matcher literal = Pattern.compile("[\"'{]([\\w][\\w.-]*)[\"'}]").matcher(all);
    while (literal.find()) {
      named.add(literal.group(1));
    }
    Set<String> beginnings =
        named.stream().filter(each -> each.endsWith(".")).collect(Collectors.toSet());
    Set<String> constants = constants();
    assertThat(of(Locale.ENGLISH).keySet())
        .filteredOn(key -> !named.contains(key))
        .filteredOn(key -> beginnings.stream().noneMatch(key::startsWith))
        .filteredOn(key -> !FACETS_OF_NO_CODE.contains(key.substring(0, key.indexOf('.'))))
        .filteredOn(
            key ->
                !constants.contains(key)
                    && !(constants.contains(key.substring(0, key.lastIndexOf('.')))
                        && (named.contains(key.substring(key.lastIndexOf('.') + 1))
                            || named.contains(key.substring(key.lastIndexOf('.')))
                            || facets().contains(key.substring(key.lastIndexOf('.') + 1)))))
        .isEmpty();
  }

  /** What messages ask of their arguments: {@code {skin_caution}}. */
  private static Set<String> facets() {
    Set<String> facets = new TreeSet<>();
    Pattern facet = Pattern.compile("\\{\\w+_([a-z]+)[,}]");
    of(Locale.ENGLISH)
        .values()
        .forEach(
            message -> {
              Matcher found = facet.matcher(message.text());
              while (found.find()) {
                facets.add(found.group(1));
              }
            });
    return facets;
  }

  /** The names of every enum constant and record of the program. */
  private static Set<String> constants() {
    Set<String> names = new TreeSet<>();
    new ClassFileImporter()
        .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("ongle").stream()
            .filter(type -> type.isEnum() || type.isRecord())
            .map(JavaClass::reflect)
            .forEach(
                type -> {
                  if (type.isEnum()) {
                    Arrays.stream(type.getEnumConstants()).map(Words::key).forEach(names::add);
                  } else {
                    names.add(Words.key(type));
                  }
                });
    return names;
  }

  /**
   * Sentences for developers, in what is thrown where a caller is wrong, are none of the salon's.
   */
  @Test
  void theCoreSaysNoSentence() throws IOException {
    List<String> sentences = new ArrayList<>();
    for (Path source : files(CORE.resolve("java"), ".java")) {
      String java =
          withoutComments(Files.readString(source))
              .replaceAll(
                  "(?s)(throw new|requireNonNull|super\\(|Optional\\.of\\(\\s*new)[^;]*;", ";");
      Matcher literal = LITERAL.matcher(java);
      while (literal.find()) {
        if (literal.group(1).matches(".*[a-z]{2,} [a-z]{2,}.*|[A-Z][a-z]+ .*")) {
          sentences.add(source.getFileName() + ": " + literal.group(1));
        }
      }
    }
    assertThat(sentences).isEmpty();
  }

  @Test
  void templatesHaveNoTextOfTheirOwn() throws IOException {
    List<String> texts = new ArrayList<>();
    Pattern text = Pattern.compile(">([^<>{}$]*[a-z]{3,}[^<>{}$]*)</(?!kbd|a class=\"wordmark)");
    for (Path template : files(APP.resolve("resources/templates"), ".html")) {
      String html =
          Files.readString(template)
              .replaceAll("(?s)<!--.*?-->", "")
              .replaceAll("(?s)<(style|script).*?</\\1>", "")
              .replaceAll("<a class=\"wordmark\".*?</a>", "");
      Matcher found = text.matcher(html);
      while (found.find()) {
        texts.add(template.getFileName() + ": " + found.group(1).strip());
      }
    }
    assertThat(texts).isEmpty();
  }
}
