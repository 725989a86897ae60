package ongle.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.ArrayList;
import java.util.List;
import ongle.app.store.Instances;
import org.junit.jupiter.api.Test;

/** Feeds are one a desk, bounded in all, and let go. */
class FeedsTest {
  private final Feeds feeds = new Feeds(mock(Instances.class));
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
