package dettato.app.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PrivateFolderTest {
  @TempDir Path home;

  private static String rights(Path file) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
  }

  @Test
  void aFolderIsMadeForItsOwnerAlone() throws IOException {
    new PrivateFolder(home.resolve("school")).close();
    assertEquals("rwx------", rights(home.resolve("school")));
  }

  @Test
  void whatAnEarlierVersionLeftOpenIsClosed() throws IOException {
    Path school = Files.createDirectory(home.resolve("school"));
    Path file = Files.writeString(school.resolve("dettato.mv.db"), "papers");
    Path below = Files.createDirectory(school.resolve("copies"));
    for (Path open : new Path[] {school, below}) {
      Files.setPosixFilePermissions(open, PosixFilePermissions.fromString("rwxr-xr-x"));
    }
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r--r--"));
    new PrivateFolder(school).close();
    assertEquals("rwx------", rights(school));
    assertEquals("rwx------", rights(below));
    assertEquals("rw-------", rights(file));
    assertEquals("papers", Files.readString(file));
  }

  @Test
  void whatTheDatabaseMakesAsItOpensIsClosedWhenItHasStarted() throws IOException {
    PrivateFolder folder = new PrivateFolder(home.resolve("school"));
    folder.close();
    Path made = Files.createFile(folder.resolve("dettato.trace.db"));
    Files.setPosixFilePermissions(made, PosixFilePermissions.fromString("rw-r--r--"));
    folder.closeAfterStart();
    assertEquals("rw-------", rights(made));
  }
}
