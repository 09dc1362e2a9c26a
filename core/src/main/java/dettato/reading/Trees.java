package dettato.reading;

import dettato.sound.Grapheme;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Row;
import dettato.table.Table;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What was learnt of reading: by letter, which grapheme begins there; by grapheme, its sound.
 * Graphemes and sounds have numbers.
 */
final class Trees {
  private static final String LETTER = "letter ";
  private static final String HEAD = "of\ttree\n";

  private final List<Grapheme> graphemes = new ArrayList<>();
  private final List<Sound> sounds = new ArrayList<>();
  private final Map<String, Integer> graphemeNumbers = new HashMap<>();
  private final Map<String, Integer> soundNumbers = new HashMap<>();
  private final @Nullable Forest[] byLetter = new Forest[26];
  private final @Nullable Forest[] byGrapheme;
  private final @Nullable Ruled[] ruled;

  /** By letter, the numbers of the letter alone and of the letter twice; -1 for none. */
  private final int[] alone = new int[26];

  private final int[] twice = new int[26];

  private record Line(String of, String tree) {
    static Line of(Row row) {
      return new Line(row.get("of"), row.get("tree"));
    }
  }

  /**
   * The conventions for one grapheme.
   *
   * @param first by row, the number of the sound it says first; -1 when it is silent
   */
  private record Ruled(RuleIndex rules, int[] first) {}

  private Trees(List<Line> lines) {
    Map<String, List<Tree>> grown = new HashMap<>();
    for (Line line : lines) {
      Tree tree =
          Tree.parse(line.tree, line.of.startsWith(LETTER) ? this::addGrapheme : this::addSound);
      grown.computeIfAbsent(line.of, k -> new ArrayList<>()).add(tree);
    }
    for (char letter = 'a'; letter <= 'z'; letter++) {
      List<Tree> trees = grown.get(LETTER + letter);
      byLetter[letter - 'a'] = trees == null ? null : new Forest(trees);
      alone[letter - 'a'] = grown.containsKey("" + letter) ? addGrapheme("" + letter) : -1;
      twice[letter - 'a'] = isConsonant(letter) ? addGrapheme("" + letter + letter) : -1;
    }
    this.byGrapheme = new Forest[graphemes.size()];
    this.ruled = new Ruled[graphemes.size()];
    for (int g = 0; g < byGrapheme.length; g++) {
      String text = graphemes.get(g).text();
      List<Tree> trees = grown.getOrDefault(text, grown.get(text.substring(1)));
      byGrapheme[g] = trees == null ? null : new Forest(trees);
      ruled[g] = ReadingRules.rulesOf(text).map(this::ruled).orElse(null);
    }
  }

  private Ruled ruled(RuleIndex rules) {
    return new Ruled(
        rules,
        rules.all().stream()
            .mapToInt(r -> r.sounds().isEmpty() ? -1 : number(r.sounds().get(0)))
            .toArray());
  }

  private static boolean isConsonant(char letter) {
    return (LetterMasks.of(letter) & LetterMasks.VOWELS) == 0;
  }

  /** Those in {@code trees.tsv}. */
  static Trees shipped() {
    return new Trees(Table.load(Trees.class, "trees.tsv", Line::of));
  }

  /** Those learnt just now. */
  static Trees of(List<String> lines) {
    try {
      String text = HEAD + String.join("\n", lines);
      return new Trees(Table.read("trees", new StringReader(text), Line::of));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Which graphemes a letter begins; none for what is no letter. */
  @Nullable Forest ofLetter(LetterMasks word, int at) {
    int kind = word.kind(at);
    return kind < 26 ? byLetter[kind] : null;
  }

  /** Which sounds a grapheme spells; a doubled consonant that no word has is said as one. */
  @Nullable Forest ofGrapheme(int number) {
    return byGrapheme[number];
  }

  /** What the conventions say first of a grapheme at a place; -1 when they say nothing. */
  int ruled(int grapheme, LetterMasks word, int at) {
    Ruled own = ruled[grapheme];
    int row = own == null ? -1 : own.rules.first(word, at);
    return own == null || row < 0 ? -1 : own.first[row];
  }

  /** The number of the letter at a place as a grapheme of its own; -1 for none. */
  int alone(LetterMasks word, int at) {
    return alone[word.kind(at)];
  }

  /** The number of the doubled consonant at a place; -1 where none is. */
  int twice(LetterMasks word, int at) {
    return word.at(at) == word.at(at + 1) ? twice[word.kind(at)] : -1;
  }

  int graphemes() {
    return graphemes.size();
  }

  int sounds() {
    return sounds.size();
  }

  Grapheme grapheme(int number) {
    return graphemes.get(number);
  }

  /** The number of a grapheme; -1 when nobody has met it. */
  int number(String grapheme) {
    return graphemeNumbers.getOrDefault(grapheme, -1);
  }

  Sound sound(int number) {
    return sounds.get(number);
  }

  /** The number of a sound; -1 when no grapheme spells it. */
  int number(Sound sound) {
    return soundNumbers.getOrDefault(sound.id(), -1);
  }

  private int addGrapheme(String text) {
    return graphemeNumbers.computeIfAbsent(
        text,
        t -> {
          graphemes.add(new Grapheme(t));
          return graphemes.size() - 1;
        });
  }

  private int addSound(String id) {
    return soundNumbers.computeIfAbsent(
        id,
        i -> {
          sounds.add(Sounds.of(i));
          return sounds.size() - 1;
        });
  }
}
