package dettato.lexicon;

import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.Apostrophe;
import dettato.word.Beats;
import dettato.word.Join;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.io.IOException;
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
      "spelling\taccent\tunits\trank\tbase\tending\tchange\tseam\tuse\tpos\tirregular\tregion\ttwin\tclue";

  /** The source counts no words of one letter. */
  private static final Map<String, Integer> LETTERS = Map.of("a", 3, "i", 4);

  private final Map<String, Integer> ranks;
  private final Map<String, Integer> bands;
  private final Map<String, String> pos;
  private final Map<String, String> use;
  private final Pronouncer said;
  private final Joins joins;
  private final Compounds compounds;
  private final Map<String, String> seams;
  private final Segmenter segmenter;
  private final Suitability suitability;
  private final Twins twins;
  private final Clues clues;

  /** Words of one country only: spelling to GB or US. */
  private final Map<String, String> regional = new HashMap<>();

  private final Map<String, List<Reading>> heteronyms = new HashMap<>();
  private final Map<String, Segmentation> overrides = new HashMap<>();
  private final List<String> rejected = new ArrayList<>();

  /** One of the two or more ways a spelling is said. */
  private record Reading(List<String> phones, String clue) {}

  private Builder(Sources sources, Reviewed reviewed) {
    this.ranks = sources.ranks();
    this.bands = sources.bands();
    this.pos = sources.partsOfSpeech();
    this.use = new TreeMap<>(reviewed.pairs("words.tsv", "spelling", "use"));
    Map<String, List<String>> phones = sources.pronunciations();
    reviewed.rows(
        "said.tsv", r -> phones.put(r.get("spelling"), List.of(r.get("phones").split(" "))));
    reviewed.rows(
        "heteronyms.tsv",
        r -> {
          Reading reading = new Reading(List.of(r.get("phones").split(" ")), r.get("clue"));
          List<Reading> all = heteronyms.computeIfAbsent(r.get("spelling"), s -> new ArrayList<>());
          all.add(reading);
          return phones.put(r.get("spelling"), all.get(0).phones());
        });
    reviewed.rows(
        "overrides.tsv",
        r ->
            overrides.put(
                r.get("spelling") + "/" + r.get("accent"),
                Segmentation.parse(Apostrophe.without(r.get("spelling")), r.get("units"))));
    Set<String> parts = new HashSet<>(bands.keySet());
    parts.addAll(use.keySet());
    this.said = new Pronouncer(phones, parts);
    this.joins =
        new Joins(pos, said, use.keySet(), reviewed.words("false-joins.txt"), Joins.seen(reviewed));
    this.compounds = new Compounds(said, use.keySet(), reviewed.words("false-seams.txt"));
    this.seams = reviewed.pairs("seams.tsv", "word", "seam");
    this.segmenter = new Segmenter(joins, compounds, new Polish(reviewed.words("bath-stems.txt")));
    this.suitability = new Suitability(sources.unsuitable(), reviewed);
    this.twins = new Twins(use.keySet(), said, bands.keySet());
    reviewed.rows(
        "regional.tsv",
        r -> {
          for (String word : r.get("words").split(" ")) {
            regional.put(word, r.get("country"));
          }
          return r;
        });
    Map<String, String> meanings = reviewed.pairs("clues.tsv", "spelling", "clue");
    heteronyms.forEach((word, readings) -> meanings.putIfAbsent(word, readings.get(0).clue()));
    this.clues = new Clues(meanings, pos);
    twins.pairs().forEach((british, american) -> use.putIfAbsent(american, use.get(british)));
  }

  /**
   * @param args the npm folder, Debian's /usr/share, the reviewed lists, the table to write
   */
  public static void main(String[] args) throws IOException {
    Reviewed reviewed = new Reviewed(Path.of(args[2]));
    Builder builder = new Builder(new Sources(Path.of(args[0]), Path.of(args[1])), reviewed);
    List<String> rows =
        builder.use.keySet().stream().flatMap(s -> builder.rowsOf(s).stream()).toList();
    Files.writeString(
        Path.of(args[3]),
        "# Made by lexicon/ from the sources named in NOTICE and the reviewed lists. Do not edit: correct lexicon/reviewed and run bin/lexicon.\n"
            + HEADINGS
            + "\n"
            + String.join("\n", rows)
            + "\n");
    Files.writeString(
        reviewed.folder().resolve("rejected.tsv"),
        "spelling\treason\n" + String.join("\n", builder.rejected) + "\n");
    System.out.println(rows.size() + " rows written, " + builder.rejected.size() + " rejected");
  }

  private List<String> rowsOf(String spelling) {
    Optional<Join> join = joins.find(spelling);
    String clue = clue(spelling);
    Optional<String> objection = suitability.objection(spelling, join.map(Join::base));
    if (use.getOrDefault(spelling, "").equals("choose") && objection.isPresent()) {
      rejected.add(spelling + "\t" + objection.get());
      return List.of();
    }
    List<String> rows = new ArrayList<>();
    Segmentation common = overrides.get(spelling + "/");
    if (common != null) {
      rows.add(row(spelling, Beats.cut(common, seam(spelling)), "", clue));
    } else {
      for (Reading reading : readings(spelling)) {
        Optional<Segmentation> cut = segment(spelling, reading.phones());
        cut.ifPresent(c -> rows.add(row(spelling, c, "", reading.clue())));
        cut.filter(c -> !overrides.containsKey(spelling + "/en-GB"))
            .flatMap(British::reading)
            .ifPresent(c -> rows.add(row(spelling, c, "en-GB", reading.clue())));
      }
    }
    for (String accent : List.of("en-GB", "en-US")) {
      Segmentation own = overrides.get(spelling + "/" + accent);
      if (own != null) {
        rows.add(row(spelling, Beats.cut(own, seam(spelling)), accent, clue));
      }
    }
    return rows;
  }

  private List<Reading> readings(String spelling) {
    List<Reading> several = heteronyms.get(spelling);
    if (several != null) {
      return several;
    }
    Optional<List<String>> phones = said.phones(spelling);
    if (phones.isEmpty()) {
      rejected.add(spelling + "\tno pronunciation; add one to said.tsv");
    }
    String clue = clue(spelling);
    return phones.stream().map(p -> new Reading(p, clue)).toList();
  }

  /** An American form shares its British twin's clue. */
  private String clue(String spelling) {
    String own = clues.of(spelling, joins.find(spelling));
    return own.isEmpty() && region(spelling).equals("US")
        ? clues.of(twin(spelling), joins.find(twin(spelling)))
        : own;
  }

  private Optional<Segmentation> segment(String spelling, List<String> phones) {
    Optional<Segmentation> cut = segmenter.cut(spelling, phones);
    if (cut.isEmpty()) {
      rejected.add(spelling + "\tno listed correspondences give " + String.join(" ", phones));
    }
    return cut;
  }

  private int seam(String spelling) {
    return seams.containsKey(spelling)
        ? Integer.parseInt(seams.get(spelling))
        : compounds.find(spelling).map(Compounds.Seam::letters).orElse(-1);
  }

  private String row(String spelling, Segmentation cut, String accent, String clue) {
    Optional<Join> join = joins.find(spelling);
    int at = seam(spelling);
    String seam = at < 0 ? "" : String.valueOf(at);
    return String.join(
        "\t",
        spelling,
        accent,
        cut.format(),
        String.valueOf(rank(spelling)),
        join.map(Join::base).orElse(""),
        join.map(Join::ending).orElse(""),
        join.map(j -> j.change().name().toLowerCase(Locale.ROOT)).orElse(""),
        seam,
        use.getOrDefault(spelling, "know"),
        pos.getOrDefault(
            join.map(Join::base).filter(b -> !pos.containsKey(spelling)).orElse(spelling), "f"),
        irregular(cut),
        region(spelling),
        twin(spelling),
        clue);
  }

  private String region(String spelling) {
    String own = regional.getOrDefault(spelling, "");
    if (!own.isEmpty()) {
      return own;
    }
    if (twins.americanOf(spelling).isPresent()) {
      return "GB";
    }
    return twins.pairs().containsValue(spelling) && !Twins.isBritishToo(spelling) ? "US" : "";
  }

  private String twin(String spelling) {
    return twins
        .americanOf(spelling)
        .orElseGet(
            () ->
                twins.pairs().entrySet().stream()
                    .filter(e -> e.getValue().equals(spelling) && !Twins.isBritishToo(spelling))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse(""));
  }

  private int rank(String spelling) {
    Integer rank = LETTERS.getOrDefault(spelling, ranks.get(spelling));
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
}
