package ongle.app.words;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;
import tools.jackson.databind.json.JsonMapper;

/** What templates say through {@code #words}; texts without arguments they say by their key. */
@Component
class InTemplates implements IExpressionObjectDialect, IExpressionObjectFactory {
  private static final String NAME = "words";
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Map<Locale, String> FOR_BROWSER = new ConcurrentHashMap<>();

  @Override
  public String getName() {
    return NAME;
  }

  @Override
  public IExpressionObjectFactory getExpressionObjectFactory() {
    return this;
  }

  @Override
  public Set<String> getAllExpressionObjectNames() {
    return Set.of(NAME);
  }

  @Override
  public Object buildObject(IExpressionContext context, String name) {
    return new Saying();
  }

  @Override
  public boolean isCacheable(String name) {
    return true;
  }

  /** {@code ${#words.of(finger)}}, {@code ${#words.say('measure.grown', 'by', growth)}}. */
  public static final class Saying {
    public String of(Object value) {
      return Words.of(value);
    }

    public String of(Object value, String facet) {
      return Words.of(value, facet);
    }

    /** A further text about a code; null where there is nothing to say. */
    public String maybe(Object code, String facet) {
      return Words.maybe(code, facet).orElse(null);
    }

    public String say(String key, Object... arguments) {
      return Words.say(key, arguments);
    }

    public String sentence(String text) {
      return Words.sentence(text);
    }

    public String number(double value, int decimals) {
      return Numbers.format(value, decimals);
    }

    /** The languages this page is not in. */
    public List<Locale> others() {
      return Words.languages().stream()
          .filter(locale -> !locale.getLanguage().equals(Words.locale().getLanguage()))
          .toList();
    }

    /** What a language calls itself. */
    public String name(Locale language) {
      return Words.say("language." + language.getLanguage());
    }

    /** What scripts say, as JSON: keys without their file's name. */
    public String forBrowser() {
      return FOR_BROWSER.computeIfAbsent(Words.locale(), language -> json());
    }

    private static String json() {
      Map<String, String> texts = new TreeMap<>();
      Words.starting("browser.")
          .forEach((key, text) -> texts.put(key.substring(key.indexOf('.') + 1), text));
      return JSON.writeValueAsString(texts);
    }
  }
}
