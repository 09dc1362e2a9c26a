package dettato.plan;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * Real words and names of one beat or two that the lexicon does not have. Read when first asked,
 * and kept as hashes: a word that is none is taken for one once in 10^14.
 */
public final class OtherWords {
  private OtherWords() {}

  public static boolean isOne(String spelling) {
    return isIn(Listed.HASHES, spelling);
  }

  /** The same with words and names that hardly anybody meets. */
  public static boolean isAny(String spelling) {
    return isOne(spelling) || isIn(Rare.HASHES, spelling);
  }

  private static boolean isIn(long[] hashes, String spelling) {
    return Arrays.binarySearch(hashes, Unsuitable.hash(spelling)) >= 0;
  }

  private static final class Listed {
    static final long[] HASHES = load("other-words.txt");
  }

  private static final class Rare {
    static final long[] HASHES = load("rare-words.txt");
  }

  private static long[] load(String file) {
    try (InputStream in = OtherWords.class.getResourceAsStream(file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing; run bin/lexicon");
      }
      return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
          .lines()
          .filter(line -> !line.startsWith("#"))
          .mapToLong(Unsuitable::hash)
          .sorted()
          .toArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
