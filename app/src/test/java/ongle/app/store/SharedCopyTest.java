package ongle.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SharedCopyTest {
  @TempDir Path folder;

  @Test
  void tablesThatAreGoneAreNamed() throws Exception {
    StoredFile file = StoredFile.in(folder, new DataKey(""));
    file.update();
    try (Connection opened = file.open();
        Statement statement = opened.createStatement()) {
      assertThat(SharedCopy.missing(opened)).isEmpty();
      statement.execute("drop table lot_use");
      statement.execute("drop table bench_event");
      assertThat(SharedCopy.missing(opened)).containsExactly("bench_event", "lot_use");
      statement.execute("drop all objects");
      assertThatThrownBy(() -> SharedCopy.missing(opened)).isInstanceOf(SQLException.class);
    }
  }

  /** What a later version has is not missing in an older one. */
  @Test
  void anOlderVersionHasItsOwnTables() throws Exception {
    StoredFile file = StoredFile.in(folder, new DataKey(""));
    file.update(MigrationVersion.fromVersion("30"));
    try (Connection opened = file.open()) {
      assertThat(SharedCopy.missing(opened)).isEmpty();
    }
  }
}
