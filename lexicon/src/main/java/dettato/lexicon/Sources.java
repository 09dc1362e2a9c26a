package dettato.lexicon;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The open sources the table is built from: pronunciations, order of commonness, spelling bands and
 * parts of speech. See NOTICE for their licences.
 *
 * @param npm the folder that holds the npm packages (node_modules)
 * @param debian the folder that holds Debian's data (/usr/share)
 */
record Sources(Path npm, Path debian) {

  /** General American phones by spelling, first reading only. */
  Map<String, List<String>> pronunciations() {
    Map<String, List<String>> said = new HashMap<>();
    Pattern entry = Pattern.compile("^\\s*[\"']?([a-z'.-]+)[\"']?:\\s*['\"]([A-Z0-2 ]+)['\"]");
    for (String line :
        lines(npm.resolve("cmu-pronouncing-dictionary/index.js"), StandardCharsets.UTF_8)) {
      Matcher m = entry.matcher(line);
      if (m.find()) {
        said.put(m.group(1), List.of(m.group(2).split(" ")));
      }
    }
    return said;
  }

  /** Rank by commonness, 1 the commonest. */
  Map<String, Integer> ranks() {
    Map<String, Integer> ranks = new HashMap<>();
    for (String word : lines(npm.resolve("../common-words.txt"), StandardCharsets.UTF_8)) {
      ranks.putIfAbsent(word, ranks.size() + 1);
    }
    return ranks;
  }

  /** Every spelling in the British and common bands up to 70, for checking bases. */
  Map<String, Integer> bands() {
    Map<String, Integer> bands = new HashMap<>();
    for (int band : new int[] {10, 20, 35, 40, 50, 55, 60}) {
      for (String list : List.of("english", "british", "american")) {
        Path file = debian.resolve("dict/scowl/" + list + "-words." + band);
        if (Files.exists(file)) {
          lines(file, StandardCharsets.ISO_8859_1).forEach(w -> bands.putIfAbsent(w, band));
        }
      }
    }
    return bands;
  }

  /** Letters for the parts of speech a spelling has: n v a r. */
  Map<String, String> partsOfSpeech() {
    Map<String, String> pos = new LinkedHashMap<>();
    Map<String, String> files = Map.of("noun", "n", "verb", "v", "adj", "a", "adv", "r");
    for (String part : List.of("noun", "verb", "adj", "adv")) {
      for (String line :
          lines(debian.resolve("wordnet/index." + part), StandardCharsets.ISO_8859_1)) {
        String word = line.substring(0, Math.max(0, line.indexOf(' ')));
        if (!word.isEmpty() && word.chars().allMatch(c -> c >= 'a' && c <= 'z')) {
          pos.merge(word, files.getOrDefault(part, ""), (a, b) -> a.contains(b) ? a : a + b);
        }
      }
    }
    return pos;
  }

  /** Words two open lists call unsuitable; none may be proposed. */
  Set<String> unsuitable() {
    Set<String> words = new HashSet<>();
    Pattern rated = Pattern.compile("^\\s*[\"']?([a-z]+)[\"']?:\\s*([23]),?");
    for (String line : lines(npm.resolve("cuss/index.js"), StandardCharsets.UTF_8)) {
      Matcher m = rated.matcher(line);
      if (m.find()) {
        words.add(m.group(1));
      }
    }
    Matcher listed =
        Pattern.compile("\"([a-z]+)\"")
            .matcher(
                String.join(
                    "\n",
                    lines(npm.resolve("badwords-list/lib/array.js"), StandardCharsets.UTF_8)));
    while (listed.find()) {
      words.add(listed.group(1));
    }
    return words;
  }

  static List<String> lines(Path file, Charset charset) {
    try (Stream<String> lines = Files.lines(file, charset)) {
      return new ArrayList<>(lines.toList());
    } catch (IOException e) {
      throw new UncheckedIOException("cannot read " + file + ". Maybe run bin/lexicon?", e);
    }
  }
}
