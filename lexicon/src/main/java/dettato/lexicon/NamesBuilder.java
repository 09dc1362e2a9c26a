package dettato.lexicon;

import dettato.word.Segmentation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Builds {@code names.tsv}: first names cut into units, from the reviewed list of how each is said.
 */
public final class NamesBuilder {
  private NamesBuilder() {}

  /**
   * @param args the reviewed lists, the table to write
   */
  public static void main(String[] args) throws IOException {
    Reviewed reviewed = new Reviewed(Path.of(args[0]));
    Map<String, String> phones = new TreeMap<>(reviewed.pairs("names.tsv", "name", "phones"));
    Map<String, String> units = reviewed.pairs("name-units.tsv", "name", "units");
    Segmenter segmenter = segmenter(phones, reviewed);
    List<String> rows = new ArrayList<>();
    List<String> rejected = new ArrayList<>();
    for (Map.Entry<String, String> name : phones.entrySet()) {
      String spelling = name.getKey();
      Optional<String> cut =
          Optional.ofNullable(units.get(spelling))
              .map(u -> Segmentation.parse(spelling, u).format())
              .or(
                  () ->
                      segmenter
                          .cut(spelling, List.of(name.getValue().split(" ")))
                          .map(Segmentation::format));
      cut.ifPresentOrElse(c -> rows.add(spelling + "\t" + c), () -> rejected.add(spelling));
    }
    Files.writeString(
        Path.of(args[1]),
        "# First names, made by lexicon/ from the reviewed list. Do not edit: correct lexicon/reviewed and run bin/lexicon.\nspelling\tunits\n"
            + String.join("\n", rows)
            + "\n");
    System.out.println(rows.size() + " names written; not aligned: " + String.join(" ", rejected));
  }

  private static Segmenter segmenter(Map<String, String> phones, Reviewed reviewed) {
    Map<String, List<String>> said = new HashMap<>();
    phones.forEach((name, one) -> said.put(name, List.of(one.split(" "))));
    Pronouncer pronouncer = new Pronouncer(said, Set.of());
    return new Segmenter(
        new Joins(Map.of(), pronouncer, Set.of(), Set.of(), Map.of()),
        new Compounds(pronouncer, Set.of(), Set.of()),
        new Polish(reviewed.words("bath-stems.txt")));
  }
}
