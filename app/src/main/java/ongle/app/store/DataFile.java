package ongle.app.store;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The one file everything is kept in, and the room it has. */
@Component
class DataFile {
  static final String NAME = "ongle.mv.db";

  /**
   * Left free, bytes: the database closes itself on a full disk, and reading would stop with it.
   */
  private static final long ROOM = 16L << 20;

  private final File folder;
  private final Path path;
  private FileChannel channel;

  DataFile(@Value("${ongle.data-dir}") Path folder) {
    this.folder = folder.toFile();
    path = folder.resolve(NAME);
  }

  /** Whether the disk has room for another change. */
  boolean hasRoom() {
    return !onDisk() || folder.getUsableSpace() >= ROOM;
  }

  private boolean onDisk() {
    return Files.exists(path);
  }

  /**
   * Has the system put on the disk what it only promised to: the database writes at every commit,
   * but a power cut would still take what the system holds back. Nothing for a database in memory.
   */
  synchronized void keep() {
    try {
      if (channel == null) {
        if (!onDisk()) {
          return;
        }
        DataFolder.own(path, DataFolder.OWN_FILE);
        // Stays open: closing any channel of a file gives up the database's lock on it.
        channel = FileChannel.open(path, StandardOpenOption.READ, StandardOpenOption.WRITE);
      }
      channel.force(false);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
