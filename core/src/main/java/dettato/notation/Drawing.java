package dettato.notation;

import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A word with its signs, ready to be drawn: letters with their places and lines over them. Lengths
 * are thousandths of the letters' size; y is counted from the baseline, down.
 *
 * @param width of the whole
 * @param top how far it reaches above the baseline, as a positive number
 * @param bottom how far it reaches below
 * @param says the signs in words
 */
public record Drawing(
    int width, int top, int bottom, List<Letters> letters, List<Line> lines, String says) {
  private static final int MARGIN = 80;
  private static final int BETWEEN_UNITS = 70;
  private static final int AT_A_BEAT = 150;
  private static final int AT_A_CHUNK = 90;
  private static final int IN_A_FRAME = 130;
  private static final int LEAST_TOP = 860;
  private static final int LEAST_BOTTOM = 300;

  public Drawing {
    letters = List.copyOf(letters);
    lines = List.copyOf(lines);
  }

  /**
   * Letters that stand together, from a place on.
   *
   * @param hollow whether only their outline is drawn
   */
  public record Letters(String text, int x, boolean hollow) {
    Letters(String text, int x) {
      this(text, x, false);
    }
  }

  /** How a path is drawn. */
  public enum Paint {
    LINE,
    /** Full of ink. */
    FULL,
    /** Tinted, behind the letters. */
    TINT
  }

  /**
   * A line, a dot or a band.
   *
   * @param path of M, L and C
   */
  public record Line(Shape shape, String path, Paint paint, boolean strong) {}

  /** A word with its signs. */
  public static Drawing of(Word word, List<Sign> signs) {
    boolean framed = signs.stream().anyMatch(s -> s.shape() == Shape.FRAME);
    return framed ? framed(word, signs) : written(word, signs);
  }

  /** Words that belong together, with a sign of their own or none. */
  public static Drawing phrase(String text, List<Shape> shapes) {
    int width = LetterWidths.of(text) + 2 * MARGIN;
    Lines lines = new Lines();
    shapes.forEach(shape -> lines.add(shape, MARGIN, width - MARGIN, text, false));
    return new Drawing(
        width,
        Math.max(LEAST_TOP, lines.top()),
        Math.max(LEAST_BOTTOM, lines.bottom()),
        List.of(new Letters(text, MARGIN, shapes.contains(Shape.HOLLOW))),
        lines.all(),
        shapes.isEmpty() ? "" : shapes.get(0).says() + " " + text);
  }

  /** Letters on both sides of a line. */
  static Drawing between(String before, String after, Shape shape) {
    int line = MARGIN + LetterWidths.of(before) + AT_A_BEAT / 2;
    int right = line + AT_A_BEAT / 2;
    Lines lines = new Lines();
    lines.add(shape, line, line, before, false);
    return new Drawing(
        right + LetterWidths.of(after) + MARGIN,
        lines.top(),
        lines.bottom(),
        List.of(new Letters(before, MARGIN), new Letters(after, right)),
        lines.all(),
        shape.says() + " " + after);
  }

  /** A shape on two letters that stand around another. */
  static Drawing around(String first, String middle, String last, Shape shape) {
    int[] left = {MARGIN, MARGIN + LetterWidths.of(first) + BETWEEN_UNITS};
    int e = left[1] + LetterWidths.of(middle) + BETWEEN_UNITS;
    int end = e + LetterWidths.of(last);
    Lines lines = new Lines();
    if (joins(shape)) {
      double from = left[0] + LetterWidths.of(first) / 2.0;
      lines.add(shape, from, (e + end) / 2.0, last, false);
    } else {
      lines.add(shape, left[0], left[0] + LetterWidths.of(first), first, false);
      lines.add(shape, e, end, last, false);
    }
    return new Drawing(
        end + MARGIN,
        LEAST_TOP,
        Math.max(LEAST_BOTTOM, lines.bottom()),
        List.of(new Letters(first, left[0]), new Letters(middle, left[1]), new Letters(last, e)),
        lines.all(),
        shape.says() + " " + first + "-" + last);
  }

  private static boolean joins(Shape shape) {
    return shape == Shape.ARC || shape == Shape.SCOOP;
  }

  private static Drawing written(Word word, List<Sign> signs) {
    String letters = word.letters();
    Set<Integer> starts = new HashSet<>();
    for (int u = 0; u < word.cut().size(); u++) {
      starts.add(word.cut().start(u));
      starts.add(word.cut().silentE(u));
    }
    Set<Integer> beats = new HashSet<>();
    signs.stream().filter(s -> s.shape() == Shape.BEAT_LINE).forEach(s -> beats.add(s.from()));
    Set<Integer> chunks = new HashSet<>();
    signs.stream()
        .filter(s -> s.meaning() == Meaning.CHUNK && s.shape() == Shape.OVERLINE)
        .forEach(s -> chunks.addAll(List.of(s.from(), s.to())));
    Set<Integer> hollow = new HashSet<>();
    signs.stream()
        .filter(s -> s.shape() == Shape.HOLLOW)
        .forEach(s -> IntStream.range(s.from(), s.to()).forEach(hollow::add));
    int[] left = new int[letters.length()];
    int[] right = new int[letters.length()];
    List<Letters> placed = new ArrayList<>();
    int x = MARGIN;
    for (int i = 0; i < letters.length(); i++) {
      x += i > 0 && starts.contains(i) ? BETWEEN_UNITS : 0;
      x += beats.contains(i) ? AT_A_BEAT : 0;
      x += i > 0 && chunks.contains(i) ? AT_A_CHUNK : 0;
      if (i == word.apostrophe()) {
        placed.add(new Letters("'", x));
        x += LetterWidths.of('\'');
      }
      left[i] = x;
      placed.add(new Letters(letters.substring(i, i + 1), x, hollow.contains(i)));
      x += LetterWidths.of(letters.charAt(i));
      right[i] = x;
    }
    Lines lines = new Lines();
    for (Sign sign : signs) {
      if (sign.shape() == Shape.BEAT_LINE || sign.shape() == Shape.TICK) {
        before(lines, sign, sign.from(), left, right, letters);
        before(lines, sign, sign.apart(), left, right, letters);
      } else {
        String on = letters.substring(sign.from(), sign.to());
        lines.add(sign.shape(), left[sign.from()], right[sign.to() - 1], on, sign.strong());
        if (sign.apart() >= 0) {
          apart(lines, sign, left, right, letters);
        }
      }
    }
    return new Drawing(
        x + MARGIN,
        Math.max(LEAST_TOP, lines.top()),
        Math.max(LEAST_BOTTOM, lines.bottom()),
        placed,
        lines.all(),
        Sign.spoken(signs, letters));
  }

  /** A shape between a letter and the one before it; nothing before the first. */
  private static void before(
      Lines lines, Sign sign, int letter, int[] left, int[] right, String letters) {
    if (letter > 0) {
      double between = (right[letter - 1] + left[letter]) / 2.0;
      lines.add(sign.shape(), between, between, letters, sign.strong());
    }
  }

  /**
   * A shape on letters that stand apart joins them if it hangs, and is put on each if it does not.
   */
  private static void apart(Lines lines, Sign sign, int[] left, int[] right, String letters) {
    int e = sign.apart();
    if (joins(sign.shape())) {
      lines.removeLast();
      double from = (left[sign.from()] + right[sign.to() - 1]) / 2.0;
      double to = (left[e] + right[e]) / 2.0;
      lines.add(sign.shape(), from, to, letters.substring(e, e + 1), sign.strong());
    } else {
      lines.add(sign.shape(), left[e], right[e], letters.substring(e, e + 1), sign.strong());
    }
  }

  /** Frames of one width, so that they tell the sounds and not the letters. */
  private static Drawing framed(Word word, List<Sign> signs) {
    String letters = word.letters();
    List<Sign> frames = signs.stream().filter(s -> s.shape() == Shape.FRAME).toList();
    List<String> texts =
        frames.stream().map(s -> s.on(letters).substring("frame ".length())).toList();
    int cell = texts.stream().mapToInt(LetterWidths::of).max().orElse(0) + 2 * IN_A_FRAME;
    List<Letters> placed = new ArrayList<>();
    Lines lines = new Lines();
    for (int i = 0; i < texts.size(); i++) {
      int x = MARGIN + i * cell;
      placed.add(new Letters(texts.get(i), x + (cell - LetterWidths.of(texts.get(i))) / 2));
      lines.add(Shape.FRAME, x, x + cell, texts.get(i), frames.get(i).strong());
    }
    return new Drawing(
        2 * MARGIN + cell * texts.size(),
        lines.top(),
        lines.bottom(),
        placed,
        lines.all(),
        Sign.spoken(frames, letters));
  }
}
