package ongle.app.sets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import ongle.app.SalonTest;
import ongle.app.editing.Edited;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.planning.SetReader;
import ongle.app.web.Edit;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Several windows at once: nothing lost, nothing refused that was no conflict, nothing doubled. */
@SalonTest
class FourWindowsTest {
  private static final long SET = 5;
  private static final int EDITS = 250;
  private static final List<Finger> WINDOWS = List.of(Finger.L1, Finger.L2, Finger.R1, Finger.R2);

  @Autowired private MockMvc mvc;
  @Autowired private SetEditor editor;
  @Autowired private SetReader reader;
  @Autowired private JdbcTemplate sql;

  private static <T> List<T> atOnce(List<Callable<T>> tasks) throws Exception {
    ExecutorService windows = Executors.newFixedThreadPool(tasks.size());
    try {
      List<T> results = new ArrayList<>();
      for (Future<T> each : windows.invokeAll(tasks)) {
        results.add(each.get());
      }
      return results;
    } finally {
      windows.shutdown();
    }
  }

  @Test
  void aThousandEditsByFourWindowsOfOneSetAllArrive() throws Exception {
    List<Integer> refused =
        atOnce(WINDOWS.stream().<Callable<Integer>>map(finger -> () -> edit(finger)).toList());

    assertThat(refused).containsOnly(0);
    for (Finger finger : WINDOWS) {
      assertThat(reader.planned(SET).set().nail(finger).value(Quantity.APEX_THICKNESS))
          .contains(thickness(EDITS - 1));
    }
    assertThat(
            sql.queryForList(
                "select place from set_state where set_id = ? group by place having count(*) > 1",
                Integer.class,
                SET))
        .filteredOn(place -> place != null)
        .isEmpty();
  }

  private int edit(Finger finger) {
    int refused = 0;
    String seen = "";
    for (int i = 0; i < EDITS; i++) {
      String value = String.format(java.util.Locale.ROOT, "%.2f", thickness(i));
      Edited edited =
          editor.type(SET, finger, List.of(new Typed(Quantity.APEX_THICKNESS, value, seen)));
      refused += edited.edit() instanceof Edit.Saved ? 0 : 1;
      seen = value;
    }
    return refused;
  }

  private static double thickness(int edit) {
    return 1 + edit % 100 / 100.0;
  }

  @ParameterizedTest
  @CsvSource({
    "/shelf, lot, 'material=acrylic&number=TWICE-1&content=30&left=30&months=12'",
    "/lamps, lamp, 'label=Twice&wavelengths=365 405&light=40&programmes=30, 60'",
    "/kits/read/save, kit, 'label=Twice&text=number,width_mm,depth_mm,well_length_mm,free_length_mm,thickness_mm;1,11,2,5,30,0.5'"
  })
  void aFormThatIsSentFourTimesAtOnceCountsOnce(String path, String table, String fields)
      throws Exception {
    String form = UUID.randomUUID().toString();
    int before = count(table);
    List<Integer> statuses =
        atOnce(
            WINDOWS.stream()
                .<Callable<Integer>>map(
                    window ->
                        () ->
                            mvc.perform(form(path, fields, form))
                                .andReturn()
                                .getResponse()
                                .getStatus())
                .toList());
    assertThat(statuses).containsOnly(302);
    assertThat(count(table)).isEqualTo(before + 1);
  }

  private static MockHttpServletRequestBuilder form(String path, String fields, String key) {
    MockHttpServletRequestBuilder request = post(path).param("formKey", key);
    for (String pair : fields.split("&")) {
      String[] parts = pair.split("=", 2);
      request.param(parts[0], parts[1].replace(';', '\n'));
    }
    return request;
  }

  private int count(String table) {
    return sql.queryForObject("select count(*) from " + table, Integer.class);
  }
}
