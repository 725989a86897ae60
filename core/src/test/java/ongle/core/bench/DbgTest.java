package ongle.core.bench;
import ongle.core.fitting.BuildWay;
import ongle.core.layer.*;
import ongle.core.product.Product;
import org.junit.jupiter.api.Test;
import java.time.*;
import java.util.*;
class DbgTest {
  @Test void x() {
    for (int pace : new int[]{100,200})
    for (Product p : Product.STANDARD) for (BuildWay way : new BuildWay[]{BuildWay.FORM, BuildWay.TIP}) for (Recipe r : List.of(Recipe.AS_HABITS, Recipe.CLEAR_COLOUR_CLEAR)) for (NailOrder o : NailOrder.values()) {
      BenchWish u = BenchWish.USUAL;
      BenchWish w = new BenchWish(u.visit(),u.schools().with(o),u.routine(),u.lamp(),false,u.mix(),u.brush(),u.nozzle(),Finish.of(Coat.DARK),u.room(),pace,u.worker(),140,false,Map.of(),r,Map.of(),Map.of(),Map.of());
      BenchPlan plan = BenchPlan.of(Sets.of(p, way), w);
      if (!plan.refusals().isEmpty()) continue;
      List<Event> events = new ArrayList<>(); Instant now = Instant.parse("2026-03-10T09:00:00Z"); events.add(Event.of(now, Event.Type.BEGIN, ""));
      int n = 0; Guide g0 = new Guide(plan, events);
      while (true) { Guide g = new Guide(plan, events); if (g.current().isEmpty()) break; Step st = g.current().get(); now = now.isBefore(g.ready()) ? g.ready() : now; now = now.plusSeconds(st.runsByItself() ? 1 : st.job().seconds()); events.addAll(g.press().done(st.id(), now).events()); n++; }
      long total = Duration.between(events.get(0).at(), now).toSeconds();
      int late = (int) (100 * (total - plan.schedule().makespan()) / plan.schedule().makespan());
      long off = new Guide(plan, events).past().stream().filter(Past::offWindow).count();
      System.out.println("== "+pace+" "+p.code()+" "+way+" "+r.code()+" "+o+" presses "+n+" of "+g0.presses()+" late% "+late+" off "+off);
    }
  }
}
