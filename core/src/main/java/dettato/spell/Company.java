package dettato.spell;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.Correspondence;
import dettato.word.Lexicon;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The company that spellings keep in real words of one stem: what is written right after them, and
 * before those that are less common; loud vowels apart from weak ones. So <em>e</em> spells a loud
 * /ɪ/ before <em>tt</em> and <em>ng</em> (pretty, England) and nowhere else, and <em>ea</em> a loud
 * /e/ where it does in some word. A common spelling of a loud vowel that is mostly read so, such as
 * <em>ai</em>, needs no company, nor does a common one of a consonant.
 */
final class Company {
  private static final String END = "";
  private static final Map<String, Company> BY_ACCENT =
      Accents.all().stream().collect(Collectors.toUnmodifiableMap(Accent::id, Company::new));

  private final Set<String> after = new HashSet<>();
  private final Set<String> before = new HashSet<>();

  /** How often each spelling stands for each vowel, and for any. */
  private final Map<String, Integer> counts = new HashMap<>();

  private Company(Accent accent) {
    Lexicon.shipped().words(accent.id()).stream()
        .filter(w -> w.join().isEmpty() && w.seam() < 0)
        .forEach(this::learn);
  }

  /** What an accent's words have. */
  static Company of(Accent accent) {
    return Objects.requireNonNull(BY_ACCENT.get(accent.id()), accent.id());
  }

  private void learn(Word word) {
    int last = word.cut().size() - 1;
    for (int i = 0; i <= last; i++) {
      Unit unit = word.cut().unit(i);
      String spelling = key(unit.grapheme().text(), unit.sound().id(), isLoud(unit));
      counts.merge(spelling, 1, Integer::sum);
      counts.merge(key(unit.grapheme().text(), "", isLoud(unit)), 1, Integer::sum);
      after.add(spelling + (i == last ? END : word.cut().unit(i + 1).grapheme().text()));
      before.add(spelling + (i == 0 ? END : word.cut().unit(i - 1).grapheme().text()));
    }
  }

  /**
   * Whether a unit of a real word is spelled so with such neighbours.
   *
   * @param unit whose sound is meant
   * @param loud whether it is a vowel with stress
   * @param by how it is spelled
   * @param previous the grapheme before, "" at the start
   * @param next the grapheme after, "" at the end
   */
  boolean keeps(Unit unit, boolean loud, Correspondence by, String previous, String next) {
    boolean common = by.use() == Correspondence.Use.COMMON;
    if (common && !unit.sound().isVowel()) {
      return true;
    }
    String grapheme = by.grapheme().text();
    String spelling = key(grapheme, by.sound().id(), loud);
    if (common && loud) {
      int all = counts.getOrDefault(key(grapheme, "", true), 0);
      return after.contains(spelling + next) || 2 * counts.getOrDefault(spelling, 0) > all;
    }
    return after.contains(spelling + next) && before.contains(spelling + previous);
  }

  private static boolean isLoud(Unit unit) {
    return unit.stress() != Unit.Stress.NONE;
  }

  private static String key(String grapheme, String sound, boolean loud) {
    return grapheme + ":" + sound + (loud ? "'" : "") + " ";
  }
}
