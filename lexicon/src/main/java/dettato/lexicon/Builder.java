package dettato.lexicon;

import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.table.Table;
import dettato.word.Aligner;
import dettato.word.Join;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Builds {@code words.tsv} from the sources and the reviewed lists, the same every time. Words that
 * cannot be aligned are listed with the reason in {@code rejected.tsv}.
 */
public final class Builder {
  private static final String HEADINGS =
      "spelling\taccent\tunits\trank\tbase\tending\tchange\tuse\tpos\tirregular\tclue";

  private final Path reviewed;
  private final Map<String, List<String>> said;
  private final Map<String, Integer> ranks;
  private final Map<String, Integer> bands;
  private final Map<String, String> pos;
  private final Set<String> unsuitable;
  private final Aligner aligner = new Aligner(Arpabet.realisations());
  private final Polish polish;
  private final Joins joins;
  private final Map<String, String> clues = new HashMap<>();
  private final List<String> rejected = new ArrayList<>();

  private Builder(Sources sources, Path reviewed) {
    this.reviewed = reviewed;
    this.said = sources.pronunciations();
    this.ranks = sources.ranks();
    this.bands = sources.bands();
    this.pos = sources.partsOfSpeech();
    this.unsuitable = sources.unsuitable();
    load("said.tsv", row -> said.put(row.get("spelling"), List.of(row.get("phones").split(" "))));
    load("clues.tsv", row -> clues.put(row.get("spelling"), row.get("clue")));
    this.polish = new Polish(words("bath-stems.txt"));
    this.joins = new Joins(pos, said, words("false-joins.txt"));
  }

  /**
   * @param args the npm folder, Debian's /usr/share, the reviewed lists, the table to write
   */
  public static void main(String[] args) throws IOException {
    Sources sources = new Sources(Path.of(args[0]), Path.of(args[1]));
    Builder builder = new Builder(sources, Path.of(args[2]));
    List<String> rows = builder.rows();
    Path out = Path.of(args[3]);
    Files.writeString(
        out,
        "# Made by lexicon/ from the sources named in NOTICE and the reviewed lists. Do not edit: correct lexicon/reviewed and run bin/lexicon.\n"
            + HEADINGS
            + "\n"
            + String.join("\n", rows)
            + "\n");
    Files.writeString(
        builder.reviewed.resolve("rejected.tsv"),
        "spelling\treason\n" + String.join("\n", builder.rejected) + "\n");
    System.out.println(rows.size() + " rows written, " + builder.rejected.size() + " rejected");
  }

  private List<String> rows() {
    Map<String, List<String>> rows = new TreeMap<>();
    Map<String, String> use = new TreeMap<>();
    load("words.tsv", row -> use.put(row.get("spelling"), row.get("use")));
    Map<String, Segmentation> overrides = new HashMap<>();
    load(
        "overrides.tsv",
        row -> {
          String key = row.get("spelling") + "/" + row.get("accent");
          return overrides.put(key, Segmentation.parse(row.get("spelling"), row.get("units")));
        });
    use.forEach((spelling, mark) -> rows.put(spelling, rowsOf(spelling, mark, overrides)));
    return rows.values().stream().flatMap(List::stream).toList();
  }

  private List<String> rowsOf(String spelling, String mark, Map<String, Segmentation> overrides) {
    List<String> rows = new ArrayList<>();
    if (mark.equals("choose") && unsuitable.contains(spelling)) {
      rejected.add(spelling + "\tcalled unsuitable by an open list; mark it know or leave it out");
      return rows;
    }
    Segmentation common = overrides.get(spelling + "/");
    Optional<Segmentation> cut =
        common != null ? Optional.of(Beats.cut(common)) : segment(spelling);
    cut.ifPresent(c -> rows.add(row(c, "", mark)));
    for (String accent : List.of("en-GB", "en-US")) {
      Segmentation own = overrides.get(spelling + "/" + accent);
      if (own != null) {
        rows.add(row(Beats.cut(own), accent, mark));
      }
    }
    return rows;
  }

  private Optional<Segmentation> segment(String spelling) {
    Optional<List<String>> phones = phones(spelling);
    if (phones.isEmpty()) {
      rejected.add(spelling + "\tno pronunciation; add one to said.tsv");
      return Optional.empty();
    }
    List<String> spoken = phones.get();
    Optional<Segmentation> cut = align(spelling, spoken);
    if (cut.isEmpty()) {
      spoken = Respoken.fully(spoken);
      cut = align(spelling, spoken);
    }
    if (cut.isEmpty()) {
      rejected.add(spelling + "\tno listed correspondences give " + String.join(" ", phones.get()));
    }
    List<String> used = spoken;
    return cut.map(c -> Beats.cut(polish.apply(c, stresses(c, used))));
  }

  /** The past ending is always a unit of its own, so the rest is aligned without it. */
  private Optional<Segmentation> align(String spelling, List<String> phones) {
    Optional<Join> join = joins.find(spelling);
    boolean past = join.isPresent() && join.get().ending().equals("ed");
    String last = phones.get(phones.size() - 1);
    if (!past || !(last.equals("T") || last.equals("D"))) {
      return aligner.align(spelling, phones);
    }
    boolean beat =
        phones.size() > 2
            && phones.get(phones.size() - 2).matches("[AI]H0")
            && phones.get(phones.size() - 3).matches("[TD]");
    String sound = beat ? "KIT+d" : last.equals("T") ? "t" : "d";
    int drop = beat ? 2 : 1;
    return aligner
        .align(
            spelling.substring(0, spelling.length() - 2), phones.subList(0, phones.size() - drop))
        .map(
            stem -> {
              List<Unit> units = new ArrayList<>(stem.units());
              units.add(Unit.of("ed", sound));
              return Segmentation.of(spelling, units);
            });
  }

  private Optional<List<String>> phones(String spelling) {
    List<String> own = said.get(spelling);
    if (own != null) {
      return Optional.of(own);
    }
    return Optional.ofNullable(said.get(American.spelling(spelling)));
  }

  /** The stress digit of each unit: of its vowel, "" for consonants. */
  private static List<String> stresses(Segmentation cut, List<String> phones) {
    List<String> digits =
        phones.stream()
            .filter(p -> p.matches(".*\\d"))
            .map(p -> p.substring(p.length() - 1))
            .toList();
    List<String> stresses = new ArrayList<>();
    int at = 0;
    for (Unit unit : cut.units()) {
      int vowels =
          unit.sound().isRun()
              ? (int) unit.sound().parts().stream().filter(p -> p.isVowel()).count()
              : unit.sound().isVowel() ? 1 : 0;
      boolean silentVowel = at >= digits.size();
      stresses.add(vowels == 0 || silentVowel ? (vowels == 0 ? "" : "0") : digits.get(at));
      at += vowels;
    }
    return stresses;
  }

  private String row(Segmentation cut, String accent, String use) {
    Optional<Join> join = joins.find(cut.spelling());
    return String.join(
        "\t",
        cut.spelling(),
        accent,
        cut.format(),
        String.valueOf(rank(cut.spelling())),
        join.map(Join::base).orElse(""),
        join.map(Join::ending).orElse(""),
        join.map(j -> j.change().name().toLowerCase(Locale.ROOT)).orElse(""),
        use,
        pos.getOrDefault(
            join.map(Join::base)
                .filter(b -> !pos.containsKey(cut.spelling()))
                .orElse(cut.spelling()),
            "f"),
        irregular(cut),
        clues.getOrDefault(cut.spelling(), ""));
  }

  private int rank(String spelling) {
    Integer rank = ranks.get(spelling);
    rank = rank != null ? rank : ranks.get(American.spelling(spelling));
    return rank != null ? rank : 60_000 + 100 * bands.getOrDefault(spelling, 70);
  }

  private static String irregular(Segmentation cut) {
    List<String> indices = new ArrayList<>();
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      Correspondence.Use use =
          Correspondences.find(unit.sound(), unit.grapheme())
              .map(Correspondence::use)
              .orElse(Correspondence.Use.ODD);
      if (use.compareTo(Correspondence.Use.RARE) >= 0) {
        indices.add(String.valueOf(i));
      }
    }
    return String.join(" ", indices);
  }

  private Set<String> words(String file) {
    Set<String> words = new HashSet<>();
    for (String line : Sources.lines(reviewed.resolve(file), StandardCharsets.UTF_8)) {
      if (!line.startsWith("#")) {
        words.addAll(List.of(line.trim().split("\\s+")));
      }
    }
    words.remove("");
    return words;
  }

  private <T> void load(String file, java.util.function.Function<dettato.table.Row, T> parse) {
    try (var reader = Files.newBufferedReader(reviewed.resolve(file))) {
      Table.read(file, reader, parse);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}
