package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import ongle.core.fitting.BuildWay;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;

/** A plan that is worked out stays as it is, to the last list in it. */
class ImmutableTest {
  private final Map<Object, Boolean> seen = new IdentityHashMap<>();

  @Test
  void nothingInAPlanOfASetOrOfAVisitCanBeChanged() throws Exception {
    for (Product product : new Product[] {Product.ACRYLIC, Product.HARD_GEL}) {
      BenchPlan plan = BenchPlan.of(Sets.of(product, BuildWay.FORM), BenchWish.USUAL);
      look("visit", plan);
      look("set", plan.plan());
      look("schedule", plan.schedule());
    }
  }

  private void look(String path, Object value) throws Exception {
    if (value == null || seen.put(value, true) != null) {
      return;
    }
    if (value instanceof Collection<?> many) {
      assertThatThrownBy(() -> many.add(null)).as(path).isInstanceOf(RuntimeException.class);
      assertThatThrownBy(() -> many.remove(null)).as(path).isInstanceOf(RuntimeException.class);
      for (Object each : many) {
        look(path + "[]", each);
      }
    } else if (value instanceof Map<?, ?> map) {
      assertThatThrownBy(() -> map.remove(null))
          .as(path)
          .isInstanceOf(UnsupportedOperationException.class);
      for (Object each : map.values()) {
        look(path + "{}", each);
      }
    } else if (value instanceof Optional<?> maybe) {
      look(path, maybe.orElse(null));
    } else if (value instanceof Record record) {
      for (RecordComponent part : record.getClass().getRecordComponents()) {
        part.getAccessor().setAccessible(true);
        look(path + "." + part.getName(), part.getAccessor().invoke(record));
      }
    }
  }
}
