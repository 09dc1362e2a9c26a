package dettato.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashSet;
import java.util.Objects;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

/** What a device fetches before it shows anything: the scripts as they are packed, by gzip. */
class BuildSizeTest {
  private static final int KB = 1_000;
  private static final String ENTRY = "index.html";

  private final JsonNode manifest;

  BuildSizeTest() throws IOException {
    manifest = new ObjectMapper().readTree(read(".vite/manifest.json"));
  }

  private static byte[] read(String file) throws IOException {
    try (InputStream in = BuildSizeTest.class.getResourceAsStream("/static/" + file)) {
      return Objects.requireNonNull(in, file + " is not built").readAllBytes();
    }
  }

  /** The files that pages of these sources bring along, each once. */
  private int packed(String... pages) throws IOException {
    Set<String> files = new LinkedHashSet<>();
    for (String page : pages) {
      gather(page, files);
    }
    int bytes = 0;
    for (String file : files) {
      ByteArrayOutputStream packed = new ByteArrayOutputStream();
      try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
        zip.write(read(file));
      }
      bytes += packed.size();
    }
    System.out.printf(
        "%s: %d files, %.1f kB%n", pages[pages.length - 1], files.size(), bytes / 1e3);
    return bytes;
  }

  private void gather(String source, Set<String> files) {
    JsonNode chunk = manifest.path(source);
    assertTrue(chunk.has("file"), source + " is no chunk of the build");
    if (files.add(chunk.get("file").asText())) {
      chunk.path("imports").forEach(i -> gather(i.asText(), files));
    }
  }

  @Test
  void aChildsDeviceFetchesLittle() throws IOException {
    assertTrue(packed(ENTRY, "src/features/tablet/TabletPage.tsx") < 80 * KB);
  }

  @Test
  void theFirstPageIsSmall() throws IOException {
    assertTrue(packed(ENTRY, "src/app/App.tsx", "src/features/login/Login.tsx") < 150 * KB);
    assertTrue(packed(ENTRY, "src/app/App.tsx", "src/features/week/Week.tsx") < 150 * KB);
  }
}
