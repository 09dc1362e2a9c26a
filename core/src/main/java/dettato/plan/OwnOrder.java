package dettato.plan;

import dettato.input.Unacceptable;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Reads a school's own teaching sequence line by line. A line with something wrong is told with its
 * number and the reason, and then none is taken.
 */
public final class OwnOrder {
  private static final int MOST_STEPS = 400;

  private final Accent accent;
  private final Function<String, Optional<Word>> words;
  private final List<TeachingSequence.Step> steps = new ArrayList<>();
  private final List<TeachingSequence.ByHeart> byHeart = new ArrayList<>();
  private final List<Wrong> wrong = new ArrayList<>();
  private final Map<String, Long> lines = new HashMap<>();
  private int before = 1;

  /**
   * A line as it was written.
   *
   * @param number of the line in its file
   * @param step "" for that of the line before
   * @param grapheme such as sh or a-e
   * @param sound in IPA, with or without slashes, or the name of a lexical set; "" for that in the
   *     example, or else the commonest
   * @param example a word that has it, "" for none
   * @param byHeart words to know whole from this step on, with blanks or commas between; with them
   *     the grapheme may be ""
   */
  public record Line(
      long number, String step, String grapheme, String sound, String example, String byHeart) {}

  /** What is wrong with a line. */
  public record Wrong(long line, String reason) {}

  /**
   * @param sequence what could be read
   * @param wrong empty where all could be
   */
  public record Read(TeachingSequence sequence, List<Wrong> wrong) {
    public Read {
      wrong = List.copyOf(wrong);
    }
  }

  private OwnOrder(Accent accent, Function<String, Optional<Word>> words) {
    this.accent = accent;
    this.words = words;
  }

  /**
   * @param words finds a word as it is said in this accent
   */
  public static Read read(List<Line> lines, Accent accent, Function<String, Optional<Word>> words) {
    OwnOrder order = new OwnOrder(accent, words);
    for (Line line : lines) {
      try {
        order.add(line);
      } catch (Unacceptable e) {
        order.wrong.add(new Wrong(line.number(), String.valueOf(e.getMessage())));
      }
    }
    if (lines.isEmpty()) {
      order.wrong.add(new Wrong(1, "there is no line below the headings: write a step on each"));
    }
    return new Read(new TeachingSequence(order.steps, order.byHeart), order.wrong);
  }

  private void add(Line line) {
    String whole = line.byHeart().strip();
    int number = number(line.step().strip());
    if (!whole.isEmpty()) {
      List<TeachingSequence.ByHeart> all =
          Arrays.stream(whole.split("[\\s,;]+")).map(w -> byHeart(number, w, line)).toList();
      byHeart.addAll(all);
    }
    if (whole.isEmpty() || !line.grapheme().isBlank()) {
      addGrapheme(line, number);
    }
    before = number;
  }

  private TeachingSequence.ByHeart byHeart(int step, String written, Line line) {
    Word word =
        words
            .apply(written)
            .orElseThrow(
                () ->
                    new Unacceptable(
                        "'%s' by heart is no word that we know. Correct it, or leave it out"
                            .formatted(written)));
    Long earlier = lines.putIfAbsent("by heart " + word.spelling(), line.number());
    if (earlier != null) {
      throw new Unacceptable("'%s' by heart stands in line %d already".formatted(written, earlier));
    }
    return new TeachingSequence.ByHeart(step, word.spelling());
  }

  private void addGrapheme(Line line, int number) {
    Grapheme grapheme = grapheme(line.grapheme().strip());
    String example = line.example().strip();
    Optional<Word> word = example.isEmpty() ? Optional.empty() : words.apply(example);
    Sound sound = sound(line.sound().strip(), grapheme, word);
    if (!example.isEmpty()) {
      mustHave(example, grapheme);
    }
    Long earlier = lines.putIfAbsent(grapheme + " " + sound, line.number());
    if (earlier != null) {
      throw new Unacceptable(
          "%s for /%s/ stands in line %d already"
              .formatted(shown(grapheme), accent.say(sound), earlier));
    }
    steps.add(
        new TeachingSequence.Step(
            number,
            Optional.empty(),
            grapheme,
            sound,
            0,
            example.isEmpty() ? exampleOf(grapheme, sound) : example));
  }

  private int number(String step) {
    if (step.isEmpty()) {
      return before;
    }
    if (!step.matches("\\d{1,3}") || Integer.parseInt(step) < 1) {
      throw new Unacceptable(
          "'" + step + "' is no step. Write 1 for the first, 2 for the next, up to " + MOST_STEPS);
    }
    int number = Integer.parseInt(step);
    if (number < before || number > MOST_STEPS) {
      throw new Unacceptable(
          number < before
              ? "step %d comes after step %d. Put the lines in order".formatted(number, before)
              : "step %d is beyond %d, the last there may be".formatted(number, MOST_STEPS));
    }
    return number;
  }

  private static Grapheme grapheme(String written) {
    if (written.isEmpty()) {
      throw new Unacceptable("the grapheme is missing. Write letters such as sh or a-e");
    }
    Grapheme grapheme = new Grapheme(written.replace('-', '_').toLowerCase(Locale.ROOT));
    if (Correspondences.of(grapheme).isEmpty()) {
      throw new Unacceptable(
          "'%s' is no grapheme that we know: no word has these letters for one sound. Write them"
                  .formatted(written)
              + " as they stand in a word, such as sh or a-e");
    }
    return grapheme;
  }

  private Sound sound(String written, Grapheme grapheme, Optional<Word> example) {
    List<Correspondence> spelled = Correspondences.of(grapheme);
    if (written.isEmpty()) {
      return example
          .flatMap(w -> unit(w, grapheme))
          .map(Unit::sound)
          .orElseGet(() -> usual(grapheme, spelled));
    }
    String ipa = written.replaceAll("^/|/$", "");
    return spelled.stream()
        .map(Correspondence::sound)
        .filter(s -> s.toString().equals(ipa) || accent.say(s).equals(ipa))
        .findFirst()
        .orElseThrow(() -> new Unacceptable(notSpelled(written, ipa, grapheme, spelled)));
  }

  /** The one that we teach first. */
  private static Sound usual(Grapheme grapheme, List<Correspondence> spelled) {
    return TeachingSequence.shipped().steps().stream()
        .filter(s -> s.grapheme().equals(grapheme))
        .findFirst()
        .map(TeachingSequence.Step::sound)
        .orElseGet(
            () ->
                spelled.stream()
                    .min(Comparator.comparing(Correspondence::use))
                    .orElseThrow()
                    .sound());
  }

  private String notSpelled(
      String written, String ipa, Grapheme grapheme, List<Correspondence> spelled) {
    boolean known =
        Sounds.all().stream().anyMatch(s -> s.toString().equals(ipa) || accent.say(s).equals(ipa));
    String may =
        spelled.stream()
            .filter(c -> c.use() != Correspondence.Use.ODD)
            .map(c -> "/" + accent.say(c.sound()) + "/")
            .distinct()
            .collect(Collectors.joining(", "));
    return known
        ? "%s does not spell /%s/ in any word we know; it spells %s"
            .formatted(shown(grapheme), ipa, may)
        : "'%s' is no sound here. %s spells %s".formatted(written, shown(grapheme), may);
  }

  private static Optional<Unit> unit(Word word, Grapheme grapheme) {
    return word.cut().units().stream().filter(u -> u.grapheme().equals(grapheme)).findFirst();
  }

  /** Letters alone: in another accent the same word may have another sound there. */
  private static void mustHave(String example, Grapheme grapheme) {
    int from = example.indexOf(grapheme.head());
    int end = from + grapheme.headLength();
    if (from < 0 || grapheme.isSplit() && example.indexOf('e', end + 1) < 0) {
      throw new Unacceptable(
          "'%s' does not have %s. Give another example, or none"
              .formatted(example, shown(grapheme)));
    }
  }

  /** Ours, where we teach the same. */
  private static String exampleOf(Grapheme grapheme, Sound sound) {
    return TeachingSequence.shipped().steps().stream()
        .filter(s -> s.grapheme().equals(grapheme) && s.sound().equals(sound))
        .map(TeachingSequence.Step::example)
        .findFirst()
        .orElseGet(
            () ->
                Correspondences.find(sound, grapheme)
                    .map(c -> c.example().replace("'", ""))
                    .orElse(""));
  }

  private static String shown(Grapheme grapheme) {
    return grapheme.text().replace('_', '-');
  }
}
