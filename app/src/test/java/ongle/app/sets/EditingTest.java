package ongle.app.sets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import ongle.app.SalonTest;
import ongle.app.clients.Client;
import ongle.app.clients.ClientRepository;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.editing.Typed;
import ongle.app.planning.SetReader;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.shape.NailShape;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.IllegalTransactionStateException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

@SalonTest
class EditingTest {
  @Autowired SetEditor editor;
  @Autowired SetReader reader;
  @Autowired ClientRepository clients;
  @Autowired PlatformTransactionManager transactions;
  long set;

  @BeforeEach
  void begin() {
    Client client = clients.save(new Client(UUID.randomUUID(), "Ada Testby"));
    set =
        editor
            .begin(UUID.randomUUID(), client.getId(), LocalDateTime.of(2026, 3, 10, 9, 0))
            .getId();
  }

  private Edit width(Finger finger, String typed, String seen) {
    return type(finger, Quantity.WIDTH, typed, seen);
  }

  private Edit type(Finger finger, Quantity quantity, String typed, String seen) {
    return editor.type(set, finger, List.of(new Typed(quantity, typed, seen))).edit();
  }

  private String stored(Finger finger) {
    return reader
        .planned(set)
        .set()
        .nail(finger)
        .value(Quantity.WIDTH)
        .map(String::valueOf)
        .orElse("");
  }

  @Test
  void aNumberIsSavedAndABlankClearsIt() {
    assertThat(width(Finger.L2, "11,4", "")).isInstanceOf(Edit.Saved.class);
    assertThat(stored(Finger.L2)).isEqualTo("11.4");
    assertThat(width(Finger.L2, " ", "11.4")).isInstanceOf(Edit.Saved.class);
    assertThat(stored(Finger.L2)).isEmpty();
  }

  @Test
  void aSetIsTheSameUntilItIsWrittenAndAnotherThen() {
    NailSet before = reader.planned(set).set();
    assertThat(reader.planned(set).set()).isSameAs(before);
    width(Finger.L2, "11.4", "");
    assertThat(reader.planned(set).set()).isNotSameAs(before);
    assertThat(before.nail(Finger.L2).value(Quantity.WIDTH)).isEmpty();
  }

  @Test
  void aChangeWithinWhatOnlyReadsIsRefused() {
    TransactionTemplate reading = new TransactionTemplate(transactions);
    reading.setReadOnly(true);
    assertThatThrownBy(
            () ->
                reading.executeWithoutResult(
                    status -> editor.note(set, Change.shape(NailShape.OVAL))))
        .isInstanceOf(IllegalTransactionStateException.class);
  }

  @Test
  void whatCannotBeIsRefusedKeptAndChangesNothing() {
    width(Finger.L2, "11.4", "");
    for (String typed : new String[] {"abc", "-3", "1e9", "NaN", "26", "2.9", "x".repeat(5000)}) {
      assertThat(width(Finger.L2, typed, "11.4"))
          .isInstanceOfSatisfying(
              Edit.Refused.class, e -> assertThat(e.why()).contains("3.0 to 25.0 mm"));
      assertThat(stored(Finger.L2)).isEqualTo("11.4");
      assertThat(reader.planned(set).set().nail(Finger.L2).rejected(Quantity.WIDTH).orElseThrow())
          .isEqualTo(typed.length() > 60 ? typed.substring(0, 60) : typed);
    }
    assertThat(width(Finger.L2, "11.5", "11.4")).isInstanceOf(Edit.Saved.class);
    assertThat(reader.planned(set).set().nail(Finger.L2).rejected(Quantity.WIDTH)).isEmpty();
  }

  @Test
  void anArchPastAHalfCircleIsRefusedWhicheverIsTypedLast() {
    width(Finger.L2, "9", "");
    assertThat(type(Finger.L2, Quantity.ARCH_DEPTH, "4.6", ""))
        .isInstanceOfSatisfying(
            Edit.Refused.class, e -> assertThat(e.why()).contains("half circle"));
    type(Finger.L2, Quantity.ARCH_DEPTH, "4.4", "");
    assertThat(width(Finger.L2, "8", "9.0")).isInstanceOf(Edit.Refused.class);
  }

  @Test
  void aFieldChangedElsewhereIsNotOverwrittenUnseen() {
    width(Finger.L2, "11.4", "");
    assertThat(width(Finger.L2, "10.9", "")).isEqualTo(new Edit.Conflict("11.4", "10.9"));
    assertThat(stored(Finger.L2)).isEqualTo("11.4");
    assertThat(width(Finger.L2, "10.9", "11.4")).isInstanceOf(Edit.Saved.class);
  }

  @Test
  void theSameSentTwiceIsNoConflict() {
    width(Finger.L2, "11.4", "");
    assertThat(width(Finger.L2, "11,40", "")).isInstanceOf(Edit.Saved.class);
  }

  @Test
  void differentFieldsOfOneNailNeverMeet() throws Exception {
    ExecutorService hands = Executors.newFixedThreadPool(2);
    try {
      for (int i = 0; i < 20; i++) {
        String value = String.valueOf(10 + i / 10.0);
        String seen = i == 0 ? "" : String.valueOf(10 + (i - 1) / 10.0);
        Future<Edit> one = hands.submit(() -> width(Finger.L3, value, seen));
        Future<Edit> other =
            hands.submit(() -> type(Finger.L3, Quantity.PLATE_LENGTH, value, seen));
        assertThat(one.get()).isInstanceOf(Edit.Saved.class);
        assertThat(other.get()).isInstanceOf(Edit.Saved.class);
      }
    } finally {
      hands.shutdownNow();
    }
    assertThat(stored(Finger.L3)).isEqualTo("11.9");
  }

  @Test
  void aFormSentTwiceBeginsOneSet() {
    UUID key = UUID.randomUUID();
    long client = reader.planned(set).client().getId();
    long first = editor.begin(key, client, LocalDateTime.of(2026, 3, 10, 9, 0)).getId();
    assertThat(editor.begin(key, client, LocalDateTime.of(2026, 3, 10, 9, 1)).getId())
        .isEqualTo(first);
  }

  @Test
  void theTwinTakesTheMeasuresButKeepsWhatWasSetByHand() {
    width(Finger.R2, "11.4", "");
    type(Finger.L2, Quantity.APEX_THICKNESS, "1.5", "");
    editor.make(set, Change.copyToTwin(Finger.R2, ""));
    assertThat(stored(Finger.L2)).isEqualTo("11.4");
    assertThat(reader.planned(set).of(Finger.L2).build().profile().apexThickness()).isEqualTo(1.5);
  }

  @Test
  void whatIsNotThereIsSaid() {
    assertThatThrownBy(() -> reader.planned(987654)).isInstanceOf(NotFound.class);
    assertThatThrownBy(
            () -> editor.make(987654, Change.method(Finger.L1, java.util.Optional.empty())))
        .isInstanceOf(NotFound.class);
  }
}
