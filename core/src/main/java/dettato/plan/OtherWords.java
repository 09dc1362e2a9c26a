package dettato.plan;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Real words and names of one beat or two that the lexicon does not have. Read when first asked.
 */
public final class OtherWords {
  private OtherWords() {}

  public static boolean isOne(String spelling) {
    return Listed.WORDS.contains(spelling);
  }

  private static final class Listed {
    static final Set<String> WORDS = load();
  }

  private static Set<String> load() {
    try (InputStream in = OtherWords.class.getResourceAsStream("other-words.txt")) {
      if (in == null) {
        throw new IllegalStateException("other-words.txt is missing; run bin/lexicon");
      }
      return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
          .lines()
          .filter(line -> !line.startsWith("#"))
          .collect(Collectors.toUnmodifiableSet());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
