package ongle.app.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Locale;
import ongle.app.web.CleanText;
import ongle.core.nail.Finger;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.AnnotationIntrospectorPair;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * How figures and words are written in a file: four decimals, null for what has no finite value,
 * codes in small letters with hyphens.
 */
final class FileJson {
  /** For answers: what has no value is null. */
  static final JsonMapper ANSWER = mapper().build();

  /** For set files: what has no value is left out. A word nobody knows is skipped. */
  static final JsonMapper FILE =
      mapper()
          .changeDefaultPropertyInclusion(
              all -> all.withValueInclusion(JsonInclude.Include.NON_NULL))
          .enable(EnumFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
          .build();

  private FileJson() {}

  /** A word in a file, such as {@code soft-square}; a finger is {@code L1}. */
  static String word(Enum<?> value) {
    return value instanceof Finger
        ? value.name()
        : value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static JsonMapper.Builder mapper() {
    SimpleModule figures = new SimpleModule();
    figures.addSerializer(Double.class, new FourDecimals());
    figures.addSerializer(double.class, new FourDecimals());
    figures.addDeserializer(String.class, new Cleaned());
    return JsonMapper.builder()
        .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
        .annotationIntrospector(
            AnnotationIntrospectorPair.create(new Words(), new JacksonAnnotationIntrospector()))
        .addModule(figures);
  }

  private static final class Words extends NopAnnotationIntrospector {
    @Override
    public String[] findEnumValues(
        MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[] names) {
      for (int i = 0; i < values.length; i++) {
        names[i] = word(values[i]);
      }
      return names;
    }
  }

  private static final class FourDecimals extends StdSerializer<Double> {
    FourDecimals() {
      super(Double.class);
    }

    @Override
    public void serialize(Double value, JsonGenerator out, SerializationContext context) {
      if (Double.isFinite(value)) {
        out.writeNumber(Math.round(value * 1e4) / 1e4);
      } else {
        out.writeNull();
      }
    }
  }

  private static final class Cleaned extends StdDeserializer<String> {
    Cleaned() {
      super(String.class);
    }

    @Override
    public String deserialize(JsonParser in, DeserializationContext context) {
      return CleanText.of(in.getString());
    }
  }
}
