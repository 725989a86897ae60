package ongle.app.editing;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import ongle.app.history.SetHistory;
import ongle.app.planning.SetReader;
import ongle.app.salon.SalonSettings;
import ongle.app.sets.NailSet;
import ongle.app.sets.SetRepository;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/** A change keeps everybody else waiting only until it is kept. */
class TurnTest {
  private final PlatformTransactionManager turns = mock();
  private final TransactionStatus turn = mock();
  private final SetRepository sets = mock();
  private final SetReader reader = mock();
  private final SetEditor editor =
      new SetEditor(
          sets,
          mock(SalonSettings.class),
          reader,
          mock(SetHistory.class),
          Clock.systemDefaultZone(),
          new TransactionTemplate(turns));

  @BeforeEach
  void aSet() {
    when(turns.getTransaction(new TransactionTemplate(turns))).thenReturn(turn);
    NailSet set = mock(RETURNS_DEEP_STUBS);
    when(sets.whole(7)).thenReturn(Optional.of(set));
  }

  @Test
  void aSetIsPlannedOnceItsChangeIsKept() {
    editor.make(7, List.of((set, at) -> {}));
    InOrder order = inOrder(turns, reader);
    order.verify(turns).commit(turn);
    order.verify(reader).planned(7);
  }

  @Test
  void aChangeStaysKeptWhereItsSetCannotBePlanned() {
    when(reader.planned(7)).thenThrow(new IllegalStateException("no plan"));
    assertThatThrownBy(() -> editor.make(7, List.of((set, at) -> {})))
        .isInstanceOf(IllegalStateException.class);
    verify(turns).commit(turn);
  }

  @Test
  void aChangeThatCannotBeIsNotKeptAndPlansNothing() {
    Change impossible =
        (set, at) -> {
          throw new IllegalArgumentException("no such thing");
        };
    assertThatThrownBy(() -> editor.make(7, List.of(impossible)))
        .isInstanceOf(IllegalArgumentException.class);
    verify(turns).rollback(turn);
    verifyNoInteractions(reader);
  }
}
