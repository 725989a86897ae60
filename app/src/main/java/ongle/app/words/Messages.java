package ongle.app.words;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * The message files: {@code words/<subject>.properties} in English, {@code
 * words/<subject>_<language>.properties} in every other language. A language is there when a file
 * of it is.
 */
final class Messages {
  private static final String FILES = "classpath*:words/*.properties";
  private static final Pattern NAME = Pattern.compile("([a-z-]+)(?:_([a-z]{2}))?\\.properties");

  /** Language first, then key. */
  private final Map<String, Map<String, Message>> byLanguage = new TreeMap<>();

  Messages() {
    try {
      for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
        read(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void read(Resource file) throws IOException {
    Matcher name = NAME.matcher(String.valueOf(file.getFilename()));
    if (!name.matches()) {
      throw new IllegalStateException("no message file is called " + file.getFilename());
    }
    String language = name.group(2) == null ? Locale.ENGLISH.getLanguage() : name.group(2);
    Locale locale = Locale.forLanguageTag(language);
    Properties texts = new Properties();
    try (Reader in = new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8)) {
      texts.load(in);
    }
    Map<String, Message> messages = byLanguage.computeIfAbsent(language, key -> new HashMap<>());
    texts.forEach(
        (key, text) -> {
          if (messages.put(key.toString(), new Message(text.toString(), locale)) != null) {
            throw new IllegalStateException(key + " stands in two files of " + language);
          }
        });
  }

  /** Every language there is, English first. */
  List<Locale> languages() {
    return byLanguage.keySet().stream()
        .map(Locale::forLanguageTag)
        .sorted((a, b) -> Boolean.compare(b.equals(Locale.ENGLISH), a.equals(Locale.ENGLISH)))
        .toList();
  }

  Map<String, Message> of(Locale locale) {
    return byLanguage.getOrDefault(
        locale.getLanguage(), byLanguage.get(Locale.ENGLISH.getLanguage()));
  }
}
