package dettato.plan;

import dettato.reading.LetterMasks;
import dettato.reading.ReadingRules;
import dettato.sound.Accent;
import dettato.sound.Sound;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * Real words and names of one beat or two that the lexicon does not have, kept as hashes: a word
 * that is none is taken for one once in 10^14.
 */
public final class OtherWords {
  private final long[] said;
  private final long[] rarelySaid;

  /** As they are said in an accent. */
  public OtherWords(Accent accent) {
    this.said = hashes(lines("other-words.txt").stream().flatMap(OtherWords::readings), accent);
    this.rarelySaid =
        hashes(
            lines("rare-words.txt").stream().map(LetterMasks::new).map(ReadingRules::read), accent);
  }

  public static boolean isOne(String spelling) {
    return isIn(Listed.HASHES, spelling);
  }

  /** The same with words and names that hardly anybody meets. */
  public static boolean isAny(String spelling) {
    return isOne(spelling) || isIn(Rare.HASHES, spelling);
  }

  /**
   * Whether sounds, in IPA, are what somebody reads or may read who finds any of these words
   * written and knows none: Ely, however it is spelled. A few are read otherwise than they are
   * said.
   */
  boolean isSaid(String ipa) {
    return isIn(said, heard(ipa));
  }

  /** The same with words and names that hardly anybody meets. */
  boolean isEverSaid(String ipa) {
    return isSaid(ipa) || isIn(rarelySaid, heard(ipa));
  }

  /**
   * The same sounds with one /i/, long or short: nobody tells the last of eighty from that of see.
   */
  static String heard(String ipa) {
    return ipa.replace("iː", "i");
  }

  private static long[] hashes(Stream<List<Unit>> words, Accent accent) {
    return words
        .mapToLong(units -> Unsuitable.hash(heard(Segmentation.ipa(units, accent))))
        .sorted()
        .toArray();
  }

  /**
   * As a word is likeliest read, and with any one of its sounds read as the rules also let it be.
   */
  private static Stream<List<Unit>> readings(String word) {
    LetterMasks letters = new LetterMasks(word);
    List<List<Unit>> readings = new ArrayList<>();
    List<Unit> likeliest = ReadingRules.read(letters);
    readings.add(likeliest);
    int at = 0;
    for (int i = 0; i < likeliest.size(); i++) {
      Unit unit = likeliest.get(i);
      for (Sound sound : ReadingRules.sounds(letters, at, unit.grapheme().text())) {
        if (!sound.equals(unit.sound())) {
          List<Unit> other = new ArrayList<>(likeliest);
          other.set(i, unit.withSound(sound));
          readings.add(other);
        }
      }
      at += unit.grapheme().headLength();
    }
    return readings.stream();
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
    return lines(file).stream().mapToLong(Unsuitable::hash).sorted().toArray();
  }

  private static List<String> lines(String file) {
    try (InputStream in = OtherWords.class.getResourceAsStream(file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing; run bin/lexicon");
      }
      return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
          .lines()
          .filter(line -> !line.startsWith("#"))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
