package ongle.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RoutineTest {
  private static List<String> codes(Routine routine) {
    return routine.lines().stream().map(Routine.Line::code).toList();
  }

  @Test
  void whatMayMoveMoves() {
    assertThat(codes(Routine.USUAL.moved("SHORTEN", 3)))
        .containsSubsequence("PUSH_BACK", "SHORTEN");
  }

  @Test
  void whatChemistryFixesStaysAndSaysWhy() {
    assertThatThrownBy(() -> Routine.USUAL.moved("PRIME", -1))
        .isInstanceOf(Routine.Impossible.class)
        .hasMessageContaining("DEHYDRATE_BEFORE_PRIME");
    assertThat(Routine.USUAL.fixed("SANITISE", 1)).contains(new Routine.Trouble.SanitiseFirst());
    assertThat(Routine.USUAL.fixed("TRIM", -1)).isEmpty();
  }

  @Test
  void ownStepsStandWhereTheyWerePutAndGoAgain() {
    Routine routine = Routine.USUAL.withOwn("own-1", "Hand massage", 120, "COATS");

    assertThat(codes(routine)).containsSubsequence("COATS", "own-1", "OIL");
    assertThatThrownBy(() -> routine.moved("own-1", -5)).hasMessageContaining("OwnOrder");
    assertThat(routine.without("own-1")).isEqualTo(Routine.USUAL);
    assertThat(routine.renamed("own-1", "Massage").of("own-1").orElseThrow().name())
        .contains("Massage");
    assertThatThrownBy(() -> Routine.USUAL.withOwn("own-1", " ", 120, "COATS"))
        .isInstanceOf(Routine.Impossible.class);
    assertThatThrownBy(() -> Routine.USUAL.withOwn("own-1", "Massage", 0, "COATS"))
        .isInstanceOf(Routine.Impossible.class);
  }

  @Test
  void nothingComesBetweenPrimerAndProduct() {
    assertThatThrownBy(() -> Routine.USUAL.moved("CLEAR_DESK", 2))
        .hasMessageContaining("CLEAR_DESK_BEFORE_DEHYDRATE");
  }

  @Test
  void whatWasKeptUnderEarlierRulesIsBroughtIntoOrder() {
    List<Routine.Line> kept = new ArrayList<>(Routine.USUAL.lines());
    Routine.Line desk = Routine.USUAL.of("CLEAR_DESK").orElseThrow();
    kept.remove(desk);
    kept.add(kept.indexOf(Routine.USUAL.of("FIT_AND_BUILD").orElseThrow()), desk);

    assertThat(Routine.mended(kept)).isEqualTo(Routine.USUAL);
  }

  @Test
  void aListThatForbidsItselfIsRefused() {
    List<Routine.Line> lines = new ArrayList<>(Routine.USUAL.lines());
    lines.add(new Routine.Line("a", Optional.of("A"), 10, Optional.of("b")));
    lines.add(new Routine.Line("b", Optional.of("B"), 10, Optional.of("a")));

    assertThatThrownBy(() -> new Routine(lines)).hasMessageContaining("WaitsForItself");
  }
}
