package dettato.activity.slip;

import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Tasks;
import dettato.choose.TaughtWords;
import dettato.choose.Wanted;
import dettato.focus.Focus;
import dettato.plan.Choice;
import dettato.plan.OtherWords;
import dettato.plan.Unsuitable;
import dettato.reading.Reader;
import dettato.rule.Condition;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.sound.Sound;
import dettato.word.Lexicon;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The class's mistake made on purpose, as one of the class wrote it if one did, among right words:
 * the children find it, say which rule it breaks and how it would be read. Conditions the class
 * breaks come first, else those of the focus.
 */
final class Slips implements Tasks {
  private static final int RIGHT = 3;
  private static final int KNOWN = 3;
  private static final int READINGS = 4;

  /** So likely is a reading that is told, and one that a child could mean. */
  private static final double SURE = 0.8;

  private static final double LIKELY = 0.4;

  private final Lexicon lexicon;

  Slips(Lexicon lexicon) {
    this.lexicon = lexicon;
  }

  /** A word and the mistake in it. */
  private record Slip(Word word, Opportunity at, String wrong) {}

  @Override
  public List<Task> make(Wanted wanted, Material material) {
    Random random = new Random(wanted.seed());
    Map<String, List<Choice>> byRule = new HashMap<>();
    List<Task> tasks = new ArrayList<>();
    List<String> conditions = conditions(wanted);
    Set<Word> taken = new HashSet<>();
    int failed = 0;
    for (int i = 0; tasks.size() < wanted.count() && failed < conditions.size(); i++) {
      String condition = conditions.get(i % conditions.size());
      String rule = RuleBook.condition(condition).rule();
      List<Choice> pool = byRule.computeIfAbsent(rule, r -> pool(r, wanted, material));
      Optional<Task> made =
          pool.stream()
              .filter(c -> !taken.contains(c.word()))
              .filter(c -> c.at().condition().id().equals(condition))
              .flatMap(c -> slip(c).stream())
              .min(Comparator.comparing(slip -> !wanted.written().contains(slip.wrong)))
              .flatMap(slip -> task(slip, pool, taken, material, random));
      failed = made.isPresent() ? 0 : failed + 1;
      made.ifPresent(tasks::add);
    }
    return tasks;
  }

  /** Taught words that a rule decides in and children know, in a random order. */
  private static List<Choice> pool(String rule, Wanted wanted, Material material) {
    return TaughtWords.drawn(
        material.chooser().candidates(rule, material.step()).stream()
            .filter(c -> c.isTaught() && c.word().commonness() <= KNOWN)
            .filter(c -> c.word().apostrophe() < 0)
            .filter(c -> !wanted.without().contains(c.word().spelling()))
            .toList(),
        Integer.MAX_VALUE,
        wanted.seed());
  }

  private static List<String> conditions(Wanted wanted) {
    if (!wanted.broken().isEmpty()) {
      return wanted.broken();
    }
    return wanted
        .focus()
        .map(
            f ->
                f.read(
                    new Focus.Cases<List<String>>() {
                      @Override
                      public List<String> rule(String id) {
                        return RuleBook.of(id).conditions().stream().map(Condition::id).toList();
                      }

                      @Override
                      public List<String> rivals(String sound, List<String> graphemes) {
                        return List.of();
                      }

                      @Override
                      public List<String> irregular() {
                        return List.of();
                      }
                    }))
        .orElseGet(() -> TaughtWords.drawn(firm(), Integer.MAX_VALUE, wanted.seed()));
  }

  /** The conditions of every rule that holds, those where a child may leave it out. */
  private static List<String> firm() {
    return RuleBook.RULES.stream()
        .filter(r -> !r.isWeak())
        .flatMap(r -> r.conditions().stream())
        .filter(c -> c.side() == Side.DUE)
        .map(Condition::id)
        .toList();
  }

  /**
   * The mistake that leaves the rule out, or puts its spelling where none is due; the latter only
   * where its consonants are read as the word's, since a child writes what she hears: padge for
   * page, but not ctatue.
   */
  private Optional<Slip> slip(Choice choice) {
    Word word = choice.word();
    return wrong(word, choice.at())
        .filter(w -> isNoWord(w, word))
        .map(w -> new Slip(word, choice.at(), w));
  }

  private static Optional<String> wrong(Word word, Opportunity at) {
    int unit = at.unit();
    if (at.side() == Side.DUE) {
      return Optional.of(at.plain())
          .filter(p -> !p.isEmpty())
          .map(p -> word.cut().spelledWith(unit, p));
    }
    int last = word.cut().size() - 1;
    return at.over().stream()
        .sorted(Comparator.comparing(String::length).reversed().thenComparing(g -> g))
        .flatMap(
            g ->
                Stream.of(
                    word.cut().spelledWith(unit, g),
                    word.cut().spelledWith(unit, Math.min(unit + 1, last), g)))
        .filter(w -> couldBe(w, word))
        .findFirst();
  }

  private static boolean couldBe(String wrong, Word word) {
    List<Reader.Reading> readings = Reader.shipped().readings(wrong, READINGS);
    return readings.stream()
        .filter(r -> share(r, readings) > LIKELY)
        .anyMatch(r -> consonants(r.cut()).equals(consonants(word.cut())));
  }

  /** How likely a reading is among all. */
  private static double share(Reader.Reading one, List<Reader.Reading> all) {
    return 1 / all.stream().mapToDouble(r -> Math.exp(r.log() - one.log())).sum();
  }

  private static List<String> consonants(Segmentation cut) {
    return cut.units().stream()
        .map(Unit::sound)
        .flatMap(s -> s.isRun() ? s.parts().stream() : Stream.of(s))
        .filter(s -> !s.isVowel())
        .map(Sound::id)
        .toList();
  }

  private boolean isNoWord(String wrong, Word word) {
    return !wrong.equals(word.spelling())
        && lexicon.find(wrong, "en-GB").isEmpty()
        && lexicon.find(wrong, "en-US").isEmpty()
        && !OtherWords.isOne(wrong)
        && !Unsuitable.isOne(wrong);
  }

  private static Optional<Task> task(
      Slip slip, List<Choice> pool, Set<Word> taken, Material material, Random random) {
    taken.add(slip.word);
    List<Word> right =
        pool.stream().map(Choice::word).filter(w -> !taken.contains(w)).limit(RIGHT).toList();
    if (right.size() < RIGHT) {
      return Optional.empty();
    }
    taken.addAll(right);
    List<String> options = new ArrayList<>(right.stream().map(Word::spelling).toList());
    options.add(slip.wrong);
    return Optional.of(
        new Task(
            slip.word.spelling(),
            "One is wrong",
            List.of(slip.wrong),
            TaughtWords.shuffled(options, random),
            "%s: %s%s".formatted(slip.word.spelling(), slip.at.why(), read(slip, material))));
  }

  /** How the mistake would be read, where that is hardly in doubt; else nothing. */
  private static String read(Slip slip, Material material) {
    List<Reader.Reading> readings = Reader.shipped().readings(slip.wrong, READINGS);
    if (readings.isEmpty() || share(readings.get(0), readings) < SURE) {
      return "";
    }
    String read = readings.get(0).cut().ipa(material.accent());
    String meant = slip.word.cut().ipa(material.accent());
    return "; %s reads %s"
        .formatted(slip.wrong, read.equals(meant) ? "the same" : "/" + read + "/");
  }
}
