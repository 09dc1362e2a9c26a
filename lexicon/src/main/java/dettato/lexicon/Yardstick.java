package dettato.lexicon;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Compares our southern British with an independent speech synthesiser's (Debian's espeak-ng, voice
 * en-gb-x-rp), word by word: a yardstick, run by hand, neither shipped nor tested against. Weak ɪ,
 * ə and i are one in the comparison, and so are symbols that are only written otherwise.
 */
public final class Yardstick {
  private static final int EVERY = 7;
  private static final int SHOWN = 25;

  private static final String[][] SAME = {
    {"ɹ", "r"},
    {"g", "ɡ"},
    {"ɐ", "ə"},
    {"ᵻ", "ə"},
    {"ɪ", "ə"},
    {"i(?!ː)", "ə"},
    {"ɛ", "e"},
    {"a(?!ɪ|ʊ)", "æ"},
    {"əʊ", "oʊ"},
    {"ɜː", "3"},
    {"eə", "eː"},
    {"ʊə", "ɔː"},
    {"l̩", "əl"},
    {"n̩", "ən"},
    {"[ˈˌ ː‍\u200d\u0329]", ""}
  };

  private Yardstick() {}

  /**
   * @param args none
   */
  public static void main(String[] args) throws IOException, InterruptedException {
    Accent accent = Accents.of(Accents.SOUTHERN_BRITISH);
    List<Word> sample = new ArrayList<>();
    List<Word> all =
        Lexicon.shipped().words(accent.id()).stream()
            .filter(w -> w.use() == Word.Use.CHOOSE)
            .toList();
    for (int i = 0; i < all.size(); i += EVERY) {
      sample.add(all.get(i));
    }
    List<String> said = speak(sample.stream().map(Word::spelling).toList());
    int phonemes = 0;
    int different = 0;
    int whole = 0;
    Map<String, Integer> kinds = new HashMap<>();
    List<String> shown = new ArrayList<>();
    for (int i = 0; i < sample.size(); i++) {
      String ours = plain(sample.get(i).cut().ipa(accent));
      String theirs = plain(said.get(i));
      int distance = distance(ours, theirs);
      phonemes += ours.length();
      different += distance;
      whole += distance == 0 ? 1 : 0;
      if (distance > 0) {
        kinds.merge(kind(ours, theirs), 1, Integer::sum);
        shown.add(sample.get(i).spelling() + " " + ours + "/" + theirs);
      }
    }
    System.out.printf(
        "%d words, %d symbols: %.1f %% of symbols and %.1f %% of words agree%n",
        sample.size(),
        phonemes,
        100.0 * (phonemes - different) / phonemes,
        100.0 * whole / sample.size());
    kinds.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .limit(SHOWN)
        .forEach(e -> System.out.println(e.getValue() + " " + e.getKey()));
    System.out.println(String.join("  ", shown));
  }

  private static List<String> speak(List<String> words) throws IOException, InterruptedException {
    Path list = Files.createTempFile("words", ".txt");
    Files.writeString(list, String.join("\n\n", words) + "\n");
    List<String> spoken = new ArrayList<>();
    Process process =
        new ProcessBuilder("espeak-ng", "-q", "--ipa", "-v", "en-gb-x-rp", "-f", list.toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    try (var lines = process.inputReader(StandardCharsets.UTF_8)) {
      lines.lines().filter(l -> !l.isBlank()).forEach(spoken::add);
    }
    process.waitFor();
    Files.delete(list);
    if (spoken.size() != words.size()) {
      throw new IOException(spoken.size() + " lines for " + words.size() + " words");
    }
    return spoken;
  }

  private static String plain(String ipa) {
    String plain = ipa.strip();
    for (String[] pair : SAME) {
      plain = plain.replaceAll(pair[0], pair[1]);
    }
    return plain;
  }

  /** The first difference, as ours/theirs. */
  private static String kind(String ours, String theirs) {
    int i = 0;
    while (i < ours.length() && i < theirs.length() && ours.charAt(i) == theirs.charAt(i)) {
      i++;
    }
    return (i < ours.length() ? ours.substring(i, i + 1) : "-")
        + "/"
        + (i < theirs.length() ? theirs.substring(i, i + 1) : "-");
  }

  private static int distance(String a, String b) {
    int[] row = new int[b.length() + 1];
    for (int j = 0; j <= b.length(); j++) {
      row[j] = j;
    }
    for (int i = 1; i <= a.length(); i++) {
      int diagonal = row[0];
      row[0] = i;
      for (int j = 1; j <= b.length(); j++) {
        int above = row[j];
        int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
        row[j] = Math.min(diagonal + change, Math.min(above, row[j - 1]) + 1);
        diagonal = above;
      }
    }
    return row[b.length()];
  }
}
