package ongle.app.kits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.SalonTest;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipKit;
import ongle.core.shape.NailShape;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Kits change in one place, and what is planned follows at once. */
@SalonTest
class KitEditorTest {
  @Autowired private KitEditor editor;
  @Autowired private KitCatalogue catalogue;
  private Kit kit;

  private static KitRow row(String number, double width, Integer pieces) {
    return new KitRow(
        number,
        Map.of(
            KitColumn.WIDTH, width,
            KitColumn.DEPTH, 2.0,
            KitColumn.WELL_LENGTH, 5.0,
            KitColumn.FREE_LENGTH, 25.0,
            KitColumn.THICKNESS, 0.5),
        pieces);
  }

  @BeforeEach
  void addKit() {
    kit =
        editor.add(
            UUID.randomUUID(),
            "Fjällrig & Söhne",
            KitKind.TIPS,
            NailShape.SQUARE,
            null,
            List.of(row("1", 14, 3), row("2", 13, null)));
  }

  @AfterEach
  void removeKit() {
    editor.remove(kit.getId());
    assertThat(planned()).isEmpty();
  }

  private Optional<TipKit> planned() {
    return catalogue.fitting(Schools.USUAL, Optional.empty()).tipKit(kit.getCode());
  }

  private KitSize size(String number) {
    return editor.kit(kit.getId()).getSizes().stream()
        .filter(size -> size.getNumber().equals(number))
        .findFirst()
        .orElseThrow();
  }

  private Edit type(String number, String field, String typed, String seen) {
    return editor.type(kit.getId(), size(number).getId(), field, typed, seen);
  }

  @Test
  void aNameBecomesAShortCodeOfItsOwn() {
    assertThat(kit.getCode()).isEqualTo("fjallrig-sohne");
    Kit second =
        editor.add(
            UUID.randomUUID(),
            "Fjällrig Söhne",
            KitKind.TIPS,
            NailShape.OVAL,
            null,
            List.of(row("1", 12, null)));
    assertThat(second.getCode()).isEqualTo("fjallrig-sohne-2");
    editor.remove(second.getId());
  }

  @Test
  void whatIsTypedIsPlannedWithFromThenOn() {
    assertThat(planned().orElseThrow().tip("1").orElseThrow().width()).isEqualTo(14);
    assertThat(type("1", "width_mm", "14,2", "14.00")).isInstanceOf(Edit.Saved.class);
    assertThat(planned().orElseThrow().tip("1").orElseThrow().width()).isEqualTo(14.2);
    editor.keepAtHand(kit.getId(), false);
    assertThat(planned()).isEmpty();
    editor.keepAtHand(kit.getId(), true);
    assertThat(planned()).isPresent();
  }

  @Test
  void nobodyOverwritesWhatAnotherWindowTyped() {
    assertThat(type("1", "width_mm", "14.2", "14.00")).isInstanceOf(Edit.Saved.class);
    Edit late = type("1", "width_mm", "14.5", "14.00");
    assertThat(late).isEqualTo(new Edit.Conflict("14.20", "14.5"));
    assertThat(type("1", "width_mm", "14.5", "14.20")).isInstanceOf(Edit.Saved.class);
  }

  @Test
  void whatCannotBeIsRefusedWithItsReason() {
    assertThat(((Edit.Refused) type("1", "number", "2", "1")).why()).contains("number 2 already");
    assertThat(((Edit.Refused) type("1", "number", "", "1")).why()).contains("1 to 20 characters");
    assertThat(((Edit.Refused) type("1", "depth_mm", "9", "2.00")).why()).contains("half circle");
    assertThat(((Edit.Refused) type("1", "pieces", "-1", "3")).why()).contains("whole number");
    assertThatThrownBy(() -> type("1", "colour", "red", "")).isInstanceOf(NotFound.class);
    assertThat(size("1").row()).isEqualTo(row("1", 14, 3));
  }

  @Test
  void piecesAreCountedDownToNothingAndOnlyWhereTheyAreCounted() {
    editor.takeOut(kit.getCode(), "1", 2);
    editor.takeOut(kit.getCode(), "2", 2);
    assertThat(size("1").getPieces()).isEqualTo(1);
    assertThat(size("2").getPieces()).isNull();
    editor.takeOut(kit.getCode(), "1", 5);
    assertThat(size("1").getPieces()).isZero();
    assertThat(planned().orElseThrow().stock().has("1")).isFalse();
    assertThat(planned().orElseThrow().stock().has("2")).isTrue();
  }

  @Test
  void sizesAreAddedAndTakenOutButTheLastOneStays() {
    editor.addSize(kit.getId());
    assertThat(editor.kit(kit.getId()).getSizes()).extracting(KitSize::getNumber).hasSize(3);
    for (KitSize size : editor.kit(kit.getId()).getSizes()) {
      editor.removeSize(kit.getId(), size.getId());
    }
    assertThat(editor.kit(kit.getId()).getSizes()).hasSize(1);
    editor.replace(kit.getId(), List.of(row("1", 12, null), row("9", 8, 4)));
    assertThat(planned().orElseThrow().tips()).hasSize(2);
  }
}
