package dettato.mark;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/**
 * Stored marks name the version that made them, and are made anew when it is another. So it must
 * rise whenever a judgement may come out differently, which the golden marks show first.
 */
class VersionTest {
  @Test
  void risesWhenTheGoldenMarksChange() throws Exception {
    String now = AttemptMarker.VERSION + " " + hash("golden.csv") + " " + hash("golden-us.csv");
    assertEquals(
        new String(read("golden-version.txt")).strip(),
        now,
        "golden marks changed: raise AttemptMarker.VERSION, then write the new line to"
            + " golden-version.txt");
  }

  private static String hash(String file) throws IOException, NoSuchAlgorithmException {
    byte[] digest = MessageDigest.getInstance("SHA-256").digest(read(file));
    return HexFormat.of().formatHex(digest).substring(0, 16);
  }

  private static byte[] read(String file) throws IOException {
    try (InputStream in = VersionTest.class.getResourceAsStream(file)) {
      return Objects.requireNonNull(in, file).readAllBytes();
    }
  }
}
