package dettato.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The folder where children's data live, for its owner alone: nobody else on the machine may open
 * it or read a file in it. What an earlier version left open is closed at the start; what the
 * database makes as it opens, when that is done.
 */
@Component
class PrivateFolder {
  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");

  private final Path folder;

  PrivateFolder(@Value("${dettato.folder}") Path folder) {
    this.folder = folder;
  }

  Path resolve(String name) {
    return folder.resolve(name);
  }

  /** Makes the folder if it is not there, and closes it with all that is in it. */
  void close() {
    try {
      Files.createDirectories(folder, only(FOLDER));
      closeAll();
    } catch (IOException e) {
      throw new UncheckedIOException("The folder " + folder + " cannot be closed to others", e);
    }
  }

  @EventListener(ApplicationReadyEvent.class)
  void closeAfterStart() throws IOException {
    if (Files.isDirectory(folder)) {
      closeAll();
    }
  }

  private void closeAll() throws IOException {
    if (!knowsRights()) {
      return;
    }
    List<Path> all;
    try (Stream<Path> found = Files.walk(folder)) {
      all = found.filter(p -> !Files.isSymbolicLink(p)).toList();
    }
    for (Path one : all) {
      if (Files.exists(one)) {
        Files.setPosixFilePermissions(one, Files.isDirectory(one) ? FOLDER : FILE);
      }
    }
  }

  /** Makes a file that nobody else may read, not even while it is being written. */
  static void createFile(Path file) throws IOException {
    Files.createFile(file, only(FILE));
  }

  private static FileAttribute<?>[] only(Set<PosixFilePermission> rights) {
    return knowsRights()
        ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(rights)}
        : new FileAttribute<?>[0];
  }

  private static boolean knowsRights() {
    return FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
  }
}
