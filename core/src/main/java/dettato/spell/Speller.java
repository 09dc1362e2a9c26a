package dettato.spell;

import dettato.input.Unacceptable;
import dettato.reading.Reader;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.Beats;
import dettato.word.NGrams;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Spells a sequence of sounds in every way the listed correspondences allow, the likeliest first.
 *
 * <p>What makes a spelling likely: which correspondence follows which, and where in the word (a
 * model of runs of four, stressed and unstressed vowels apart), which letters follow which, whether
 * the spelling, read by the rules of {@link Reader}, gives the sounds back, and whether it keeps
 * the spelling rules. Source: joint-sequence models, Bisani and Ney, Speech Communication 50(5),
 * 2008; how far rules alone spell English: Hanna, Hanna, Hodges and Rudorf, Phoneme-Grapheme
 * Correspondences as Cues to Spelling Improvement, 1966. Search by beam, time O(sounds × beam ×
 * correspondences of a sound).
 */
public final class Speller {
  private static final int BEAM = 60;
  private static final int WEIGHED = 24;
  private static final int LONGEST = 40;

  /**
   * How much the run of letters counts beside the run of correspondences; set on held-out words.
   */
  private static final double LETTERS = 0.4;

  /** What a spelling loses that reads otherwise; set on held-out words. */
  private static final double READS_OTHERWISE = 1.8;

  /** What it loses for each rule, weak ones aside, that it breaks; set on held-out words. */
  private static final double BREAKS_RULE = 1.8;

  private final Accent accent;
  private final NGrams pairs;
  private final NGrams letters;
  private final List<Correspondence> all = Correspondences.all();
  private final List<String> said;
  private final Map<Character, List<Integer>> byFirstSound = new HashMap<>();

  /**
   * A way to spell the sounds.
   *
   * @param cut its segmentation, in beats
   * @param confidence its share of the likelihood of all that were found, 0 to 1
   */
  public record Spelling(Segmentation cut, double confidence) {
    public String letters() {
      return cut.spelling();
    }
  }

  /** A spelling begun. {@code crossed}: consonants since an open split digraph, -1 when none is. */
  private record Path(
      @Nullable Path before, int last, boolean closes, int crossed, long history, double score) {}

  /**
   * @param words the words to learn from
   */
  public Speller(Collection<Word> words, Accent accent) {
    this.accent = accent;
    this.said = all.stream().map(c -> accent.say(c.sound())).toList();
    Map<String, Integer> ids = new HashMap<>();
    for (int i = 0; i < all.size(); i++) {
      ids.put(all.get(i).sound().id() + "/" + all.get(i).grapheme().text(), i);
      byFirstSound.computeIfAbsent(said.get(i).charAt(0), c -> new ArrayList<>()).add(i);
    }
    this.pairs = new NGrams(4, words.stream().map(w -> run(w, ids)).toList());
    this.letters = new NGrams(6, words.stream().map(w -> letters(w.letters())).toList());
  }

  /**
   * The likeliest spellings.
   *
   * @param ipa the sounds in IPA of the accent; ˈ or ˌ before a beat or its vowel marks stress,
   *     dots and spaces are passed over; without marks a lone vowel is loud, and one of several may
   *     be loud or weak
   * @param most how many, at most
   * @return none when no listed correspondences spell the sounds
   * @throws Unacceptable when there are no sounds, or more than forty signs
   */
  public List<Spelling> spell(String ipa, int most) {
    Spoken spoken = Spoken.of(ipa, LONGEST);
    Map<String, Path> found = new LinkedHashMap<>();
    for (Path end : search(spoken)) {
      found.putIfAbsent(text(end), end);
    }
    Map<String, Double> scores = new LinkedHashMap<>();
    int weighed = Math.max(WEIGHED, most);
    found.entrySet().stream()
        .limit(weighed)
        .forEach(e -> scores.put(e.getKey(), score(e.getKey(), e.getValue(), spoken)));
    double best = scores.values().stream().mapToDouble(s -> s).max().orElse(0);
    double total = scores.values().stream().mapToDouble(s -> Math.exp(s - best)).sum();
    return scores.entrySet().stream()
        .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
        .limit(most)
        .map(
            e ->
                new Spelling(
                    cut(e.getKey(), found.getOrDefault(e.getKey(), start())),
                    Math.exp(e.getValue() - best) / total))
        .toList();
  }

  /** Words of the lexicon in the accent's own sounds, stress marked before the vowel. */
  public static String sounds(Word word, Accent accent) {
    StringBuilder sounds = new StringBuilder();
    for (int i = 0; i < word.cut().size(); i++) {
      sounds.append(word.cut().unit(i).stress() == Unit.Stress.NONE ? "" : "ˈ");
      sounds.append(word.cut().ipa(i, accent));
    }
    return sounds.toString();
  }

  private double score(String text, Path end, Spoken spoken) {
    double letterScore = 0;
    long history = NGrams.START;
    for (int letter : letters(text)) {
      letterScore += letters.log(history, letter);
      history = NGrams.after(history, letter);
    }
    letterScore += letters.log(history, NGrams.EDGE);
    String read =
        Reader.read(text).units().stream()
            .map(u -> accent.say(u.sound()))
            .collect(Collectors.joining());
    return end.score
        + LETTERS * letterScore
        - (read.equals(spoken.sounds()) ? 0 : READS_OTHERWISE)
        - BREAKS_RULE * RuleBook.broken(Word.of(cut(text, end)));
  }

  private static Path start() {
    return new Path(null, -1, false, -1, NGrams.START, 0);
  }

  private List<Path> search(Spoken spoken) {
    int length = spoken.sounds().length();
    List<List<Path>> at = new ArrayList<>();
    for (int i = 0; i <= length; i++) {
      at.add(new ArrayList<>());
    }
    at.get(0).add(start());
    for (int i = 0; i < length; i++) {
      for (Path path : best(at.get(i))) {
        extend(spoken, i, path, at);
      }
    }
    return at.get(length).stream()
        .filter(p -> p.crossed < 0)
        .map(this::end)
        .sorted(Comparator.comparingDouble(Path::score).reversed())
        .toList();
  }

  private Path end(Path p) {
    double score = p.score + pairs.log(p.history, NGrams.EDGE);
    return new Path(p.before, p.last, p.closes, -1, p.history, score);
  }

  private void extend(Spoken spoken, int i, Path path, List<List<Path>> at) {
    for (int id : byFirstSound.getOrDefault(spoken.sounds().charAt(i), List.of())) {
      String sound = said.get(id);
      Correspondence c = all.get(id);
      boolean open = path.crossed >= 0;
      if (!spoken.sounds().startsWith(sound, i) || open && !isCrossed(c)) {
        continue;
      }
      int next = i + sound.length();
      for (boolean loud : c.sound().isVowel() ? spoken.loudness(i) : List.of(false)) {
        int thing = loud ? id + all.size() : id;
        double score = path.score + pairs.log(path.history, thing);
        long history = NGrams.after(path.history, thing);
        if (c.grapheme().isSplit()) {
          at.get(next).add(new Path(path, id, false, 0, history, score));
        } else if (!open) {
          at.get(next).add(new Path(path, id, false, -1, history, score));
        } else {
          at.get(next).add(new Path(path, id, true, -1, history, score));
          if (path.crossed == 0 && c.sound().id().equals("s")) {
            at.get(next).add(new Path(path, id, false, 1, history, score));
          }
        }
      }
    }
  }

  /** Whether a split digraph may reach across it: a consonant that brings no e of its own. */
  private static boolean isCrossed(Correspondence c) {
    return !c.sound().isVowel() && c.grapheme().text().indexOf('e') < 0;
  }

  private static List<Path> best(List<Path> paths) {
    return paths.stream()
        .sorted(Comparator.comparingDouble(Path::score).reversed())
        .limit(BEAM)
        .toList();
  }

  private String text(Path end) {
    StringBuilder text = new StringBuilder();
    for (Path p = end; p != null && p.last >= 0; p = p.before) {
      text.insert(0, all.get(p.last).grapheme().head() + (p.closes ? "e" : ""));
    }
    return text.toString();
  }

  private Segmentation cut(String text, Path end) {
    List<Unit> units = new ArrayList<>();
    for (Path p = end; p != null && p.last >= 0; p = p.before) {
      Correspondence c = all.get(p.last);
      int thing = (int) (p.history & NGrams.EDGE);
      Unit.Stress stress = thing >= all.size() ? Unit.Stress.MAIN : Unit.Stress.NONE;
      units.add(0, new Unit(c.sound(), c.grapheme(), stress, false));
    }
    return Beats.cut(Segmentation.of(text, units), -1);
  }

  private int[] run(Word word, Map<String, Integer> ids) {
    return word.cut().units().stream()
        .mapToInt(
            u -> {
              int id = ids.getOrDefault(u.sound().id() + "/" + u.grapheme().text(), -1);
              return id < 0 || u.stress() == Unit.Stress.NONE ? id : id + all.size();
            })
        .toArray();
  }

  private static int[] letters(String text) {
    return text.chars().map(c -> c & 31).toArray();
  }

  /** The sounds asked for, without marks, and what is known of the stress at each. */
  private record Spoken(String sounds, boolean[] marked, boolean anyMark) {
    private static final String VOWELS = "aæɑɒɔəɜɝɚeɛiɪouʊʌ";

    static Spoken of(String ipa, int longest) {
      StringBuilder sounds = new StringBuilder();
      boolean[] marked = new boolean[ipa.length() + 1];
      boolean pending = false;
      boolean any = false;
      for (char c : ipa.strip().toCharArray()) {
        if (c == 'ˈ' || c == 'ˌ') {
          pending = true;
          any = true;
        } else if (c != '.' && c != ' ' && c != '/') {
          marked[sounds.length()] = pending;
          pending = pending && !isVowelSign(c);
          sounds.append(c == 'g' ? 'ɡ' : c);
        }
      }
      if (sounds.isEmpty() || sounds.length() > longest) {
        throw new Unacceptable(
            "'%s' has %d sounds; write 1 to %d signs of IPA"
                .formatted(ipa, sounds.length(), longest));
      }
      if (!any && sounds.toString().split("[^" + VOWELS + "ː]+").length <= 2) {
        Arrays.fill(marked, true);
        any = true;
      }
      return new Spoken(sounds.toString(), Arrays.copyOf(marked, sounds.length() + 1), any);
    }

    /** Whether the vowel at a place is loud; both when nothing is known. */
    List<Boolean> loudness(int at) {
      return anyMark ? List.of(marked[at]) : List.of(false, true);
    }

    private static boolean isVowelSign(char c) {
      return VOWELS.indexOf(c) >= 0;
    }
  }
}
