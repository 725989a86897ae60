package ongle.app.words;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.time.temporal.TemporalAccessor;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Supplier;
import ongle.core.Code;
import ongle.core.bench.Routine;
import ongle.core.layer.Coat;
import ongle.core.layer.Recipe;
import ongle.core.nail.Finger;
import ongle.core.nail.PlateCondition;
import ongle.core.portion.Material;
import ongle.core.product.Product;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;

/**
 * What codes are called and sentences say, in the language of whoever asks: the one way from a key
 * or a code to text. The key of an enum constant or a record is its name behind its class and
 * package, {@code nail.SkinState.CUT}; a further text about it follows behind that, {@code
 * nail.SkinState.CUT.caution}.
 */
public final class Words {
  private static final Messages MESSAGES = new Messages();

  private Words() {}

  /** The language of the page that is made; English where none is. */
  public static Locale locale() {
    return LocaleContextHolder.getLocaleContext() == null
        ? Locale.ENGLISH
        : LocaleContextHolder.getLocale();
  }

  /** Every language there is, English first. */
  public static List<Locale> languages() {
    return MESSAGES.languages();
  }

  /**
   * @param code of two letters; empty where no language of ours has it
   */
  public static Optional<Locale> language(String code) {
    return languages().stream().filter(each -> each.getLanguage().equals(code)).findFirst();
  }

  /**
   * @param arguments a name, its value, the next name …
   * @throws IllegalArgumentException if there is no such message
   */
  public static String say(String key, Object... arguments) {
    Map<String, Object> named = new HashMap<>();
    for (int i = 0; i < arguments.length; i += 2) {
      named.put((String) arguments[i], arguments[i + 1]);
    }
    return message(key, locale())
        .orElseThrow(() -> new IllegalArgumentException("no message " + key))
        .with(named, Words::said);
  }

  /** What something is called: a code, or a list of them; text stays as it is. */
  public static String of(Object value) {
    return said(value, "");
  }

  /** A further text about a code. */
  public static String of(Object code, String facet) {
    return said(code, facet);
  }

  /** A further text about a code; empty where there is nothing to say. */
  public static Optional<String> maybe(Object code, String facet) {
    return message(key(code) + "." + facet, locale())
        .map(message -> message.with(arguments(code), Words::said));
  }

  /** The same with a capital in front. */
  public static String sentence(String text) {
    return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(locale()) + text.substring(1);
  }

  /** Says something in another language than the page's. */
  public static <T> T in(Locale language, Supplier<T> saying) {
    LocaleContext before = LocaleContextHolder.getLocaleContext();
    LocaleContextHolder.setLocale(language);
    try {
      return saying.get();
    } finally {
      LocaleContextHolder.setLocaleContext(before);
    }
  }

  /** Texts as they are written, of every key that begins like this. */
  static Map<String, String> starting(String prefix) {
    Map<String, String> texts = new TreeMap<>();
    MESSAGES
        .of(locale())
        .forEach(
            (key, message) -> {
              if (key.startsWith(prefix)) {
                texts.put(key, message.text());
              }
            });
    return texts;
  }

  static Optional<Message> message(String key, Locale locale) {
    return Optional.ofNullable(MESSAGES.of(locale).get(key));
  }

  private static String said(Object value, String facet) {
    if (facet.equals("code")) {
      return value instanceof Enum<?> constant
          ? constant.name()
          : empty(value) ? "none" : value instanceof Boolean ? value.toString() : "some";
    }
    if (value instanceof Optional<?> optional) {
      return optional.map(some -> said(some, facet)).orElse("");
    }
    if (value instanceof Collection<?> all) {
      return list(all.stream().map(each -> said(each, facet)).toList());
    }
    if (value instanceof Enum<?> || value instanceof Code) {
      return facet.isEmpty() ? named(value) : text(value, "." + facet);
    }
    if (value instanceof Coat coat) {
      return coat.shipped()
          ? say("layer.Coat." + coat.code())
          : coat.number().isEmpty()
              ? coat.label()
              : say("layer.Coat.own", "label", coat.label(), "number", coat.number());
    }
    if (value instanceof Product product) {
      return product.shipped() ? say("product.Product." + product.code()) : product.label();
    }
    if (value instanceof TemporalAccessor time) {
      return Dates.of(time, facet);
    }
    return value == null ? "" : value.toString();
  }

  /** With commas between them, or semicolons where one has a comma of its own. */
  private static String list(List<String> all) {
    return String.join(all.stream().anyMatch(each -> each.contains(",")) ? "; " : ", ", all);
  }

  private static boolean empty(Object value) {
    return value == null
        || value instanceof Optional<?> optional && optional.isEmpty()
        || value instanceof OptionalDouble number && number.isEmpty()
        || value instanceof OptionalInt whole && whole.isEmpty()
        || value instanceof Collection<?> all && all.isEmpty();
  }

  /** What a code is called; some are put together from others. */
  private static String named(Object code) {
    if (code instanceof Finger finger) {
      return say("nail.Finger", "hand", finger.hand(), "digit", finger.digit());
    }
    if (code instanceof PlateCondition plate) {
      return plate.sound() ? say("nail.PlateCondition.sound") : of(plate.findings());
    }
    if (code instanceof Material material) {
      if (material.coat().isPresent()) {
        return said(material.coat().get(), "");
      }
      return material
          .product()
          .map(
              product ->
                  say(
                      "portion.Material." + material.measure().name().toLowerCase(Locale.ROOT),
                      "product",
                      product))
          .orElseGet(() -> say("portion.Material." + material.code()));
    }
    if (code instanceof Recipe recipe) {
      return recipe.label().isEmpty() ? say("layer.Recipe." + recipe.code()) : recipe.label();
    }
    if (code instanceof Routine.Line line) {
      return line.name()
          .or(() -> line.chapter().map(Words::of))
          .or(() -> line.kind().map(Words::of))
          .orElse(line.code());
    }
    return text(code, "");
  }

  private static String text(Object code, String behind) {
    if (code instanceof Recipe own && !own.label().isEmpty()) {
      return BenchWords.layers(own);
    }
    String key =
        (code instanceof Recipe recipe ? "layer.Recipe." + recipe.code() : key(code)) + behind;
    return message(key, locale())
        .orElseThrow(() -> new IllegalArgumentException("no message " + key))
        .with(arguments(code), Words::said);
  }

  /** Package, class and name: {@code fitting.WayReason.OtherKit}, {@code nail.Hand.LEFT}. */
  static String key(Object code) {
    Class<?> type =
        code instanceof Enum<?> constant ? constant.getDeclaringClass() : code.getClass();
    return key(type) + (code instanceof Enum<?> constant ? "." + constant.name() : "");
  }

  static String key(Class<?> type) {
    String inPackage = type.getName().substring(type.getPackageName().length() + 1);
    String subject = type.getPackageName();
    return subject.substring(subject.lastIndexOf('.') + 1) + "." + inPackage.replace('$', '.');
  }

  private static Map<String, Object> arguments(Object code) {
    Map<String, Object> arguments = new HashMap<>();
    if (code instanceof Record) {
      for (RecordComponent component : code.getClass().getRecordComponents()) {
        try {
          arguments.put(component.getName(), component.getAccessor().invoke(code));
        } catch (IllegalAccessException | InvocationTargetException e) {
          throw new IllegalStateException(component + " cannot be read", e);
        }
      }
    }
    return arguments;
  }
}
