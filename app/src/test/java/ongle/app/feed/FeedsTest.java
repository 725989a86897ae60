package ongle.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import ongle.app.As;
import ongle.app.people.Role;
import ongle.app.store.Instances;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.security.core.context.SecurityContextHolder;

/** Feeds are one a desk, bounded in all, and let go. */
class FeedsTest {
  private final Instances instances = mock(Instances.class);
  private final Feeds feeds = new Feeds(instances);
  private final List<String> gone = new ArrayList<>();

  @Test
  void aDeskHasOneFeedHoweverOftenItIsOpened() {
    for (int i = 0; i < 50; i++) {
      feeds.open("desk-0001");
    }
    assertThat(feeds.open()).isEqualTo(1);
    assertThat(feeds.isOpen("desk-0001")).isTrue();
  }

  @Test
  @SuppressWarnings("unchecked")
  void whoIsSignedOutHearsNothingMore() {
    ArgumentCaptor<Consumer<String>> ear = ArgumentCaptor.forClass(Consumer.class);
    verify(instances).hear(eq("left"), ear.capture());
    SecurityContextHolder.getContext().setAuthentication(As.known(Role.TECHNICIAN));
    feeds.open("desk-0001");
    SecurityContextHolder.clearContext();
    feeds.open("desk-0002");
    ear.getValue().accept(String.valueOf(As.who(Role.TECHNICIAN).id()));
    assertThat(feeds.isOpen("desk-0001")).isFalse();
    assertThat(feeds.isOpen("desk-0002")).isTrue();
  }

  @Test
  void fiftyThousandDesksLeaveRoomForTheNext() {
    feeds.whenGone(gone::add);
    for (int i = 0; i < 50_000; i++) {
      feeds.open("desk-" + i);
    }
    assertThat(feeds.open()).isEqualTo(Feeds.MAX);
    assertThat(feeds.isOpen("desk-49999")).isTrue();
    assertThat(gone).hasSize(50_000 - Feeds.MAX).startsWith("desk-0", "desk-1");
  }
}
