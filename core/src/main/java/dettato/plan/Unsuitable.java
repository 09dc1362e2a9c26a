package dettato.plan;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * Words no class should meet, by their hashes, so that the list can ship without being read: their
 * spellings, and how they sound. A hash may by chance hit a harmless word (one in 10^15); such a
 * word is merely not used.
 *
 * <p>Source of the hash: FNV-1a, Fowler, Noll and Vo. The list is written by the lexicon's builder.
 */
public final class Unsuitable {
  private Unsuitable() {}

  /** Whether a spelling is such a word. */
  public static boolean isOne(String spelling) {
    return isListed("letters:" + spelling);
  }

  /** Whether a spelling is such a word or one letter changed, added or left out from one. */
  public static boolean isNear(String spelling) {
    if (isOne(spelling)) {
      return true;
    }
    for (int i = 0; i <= spelling.length(); i++) {
      String before = spelling.substring(0, i);
      String after = spelling.substring(i);
      String rest = after.isEmpty() ? "" : after.substring(1);
      if (!after.isEmpty() && isListed("letters:" + before + rest)) {
        return true;
      }
      for (char c = 'a'; c <= 'z'; c++) {
        boolean changed = !after.isEmpty() && isListed("letters:" + before + c + rest);
        if (changed || isListed("letters:" + before + c + after)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Whether sounds, in IPA, are those of such a word. */
  public static boolean sounds(String ipa) {
    return isListed("sounds:" + ipa);
  }

  private static boolean isListed(String text) {
    return Arrays.binarySearch(Listed.HASHES, hash(text)) >= 0;
  }

  /** Read when first asked for. */
  private static final class Listed {
    static final long[] HASHES = load();
  }

  /** FNV-1a of the UTF-8 bytes, 64 bits. */
  public static long hash(String text) {
    long hash = 0xcbf29ce484222325L;
    for (byte b : text.getBytes(StandardCharsets.UTF_8)) {
      hash = (hash ^ (b & 0xff)) * 0x100000001b3L;
    }
    return hash;
  }

  private static long[] load() {
    try (InputStream in = Unsuitable.class.getResourceAsStream("unsuitable.txt")) {
      if (in == null) {
        throw new IllegalStateException("unsuitable.txt is missing; run bin/lexicon");
      }
      return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
          .lines()
          .filter(line -> !line.startsWith("#"))
          .mapToLong(line -> Long.parseUnsignedLong(line, 16))
          .sorted()
          .toArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
