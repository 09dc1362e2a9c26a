package dettato.word;

import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.table.Row;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The words we know, from {@code words.tsv} (made by the builder in {@code lexicon/}). Rows without
 * an accent hold for all; a row with one is that accent's own reading.
 */
public final class Lexicon {
  private static final Map<String, Join.Change> CHANGES =
      Stream.of(Join.Change.values())
          .collect(Collectors.toMap(c -> c.name().toLowerCase(Locale.ROOT), c -> c));

  /** Endings on endings on a base, at most. */
  private static final int MOST_JOINS = 3;

  private final Map<String, List<Entry>> bySpelling;
  private final boolean names;

  private record Entry(String accent, Word word) {}

  /**
   * @param names whether first names are known where no word is spelled so
   */
  private Lexicon(Map<String, List<Entry>> bySpelling, boolean names) {
    this.bySpelling = Collections.unmodifiableMap(bySpelling);
    this.names = names;
  }

  private static Lexicon ofEntries(List<Entry> entries, boolean names) {
    Map<String, List<Entry>> map = new LinkedHashMap<>(entries.size() * 2);
    for (Entry entry : entries) {
      map.computeIfAbsent(entry.word.spelling(), s -> new ArrayList<>(1)).add(entry);
    }
    return new Lexicon(map, names);
  }

  /** The shipped lexicon. It is loaded once; loading checks every row. */
  public static Lexicon shipped() {
    return Shipped.LEXICON;
  }

  /** Reads the shipped table anew, as {@link #shipped} does once; for measuring. */
  public static Lexicon read() {
    UnitReader units = new UnitReader();
    Lexicon flat =
        ofEntries(Table.load(Lexicon.class, "words.tsv", row -> entry(row, units)), true);
    flat.bySpelling
        .values()
        .forEach(all -> all.replaceAll(e -> new Entry(e.accent, flat.whole(e))));
    return flat;
  }

  private static final class Shipped {
    static final Lexicon LEXICON = read();
  }

  /** A lexicon of these words alone, for tests. */
  public static Lexicon of(Collection<Word> words) {
    return ofEntries(words.stream().map(w -> new Entry("", w)).toList(), false);
  }

  /**
   * The same lexicon with a school's own words over it; an own word stands for every accent, and
   * before any other reading of its spelling.
   */
  public Lexicon with(Collection<Word> own) {
    Map<String, List<Entry>> all = new LinkedHashMap<>(bySpelling);
    own.forEach(w -> all.put(w.spelling(), List.of(new Entry("", w))));
    return new Lexicon(all, names);
  }

  /** The word in its commonest reading for an accent. */
  public Optional<Word> find(String spelling, String accent) {
    List<Entry> entries = entries(spelling);
    if (entries.isEmpty()) {
      return names ? Names.find(spelling) : Optional.empty();
    }
    if (entries.size() == 1) {
      return entries.get(0).accent.isEmpty() || line(accent).contains(entries.get(0).accent)
          ? Optional.of(entries.get(0).word)
          : Optional.empty();
    }
    return readings(spelling, accent).findFirst();
  }

  /**
   * Every reading of a spelling in an accent (read, wind), the commonest first: the accent's own
   * rows, else those of the accent it is like, else those of all.
   */
  public Stream<Word> readings(String spelling, String accent) {
    List<Entry> entries = entries(spelling);
    if (entries.isEmpty()) {
      return find(spelling, accent).stream();
    }
    for (String one : line(accent)) {
      if (entries.stream().anyMatch(e -> e.accent.equals(one))) {
        return entries.stream().filter(e -> e.accent.equals(one)).map(Entry::word);
      }
    }
    return Stream.empty();
  }

  private static List<String> line(String accent) {
    return Accents.of(accent).line();
  }

  /** One reading of every word an accent's country spells so, commonest word first. */
  public List<Word> words(String accent) {
    Accent spoken = Accents.of(accent);
    return bySpelling.keySet().stream()
        .flatMap(s -> find(s, accent).stream())
        .filter(w -> w.isSpeltIn(spoken))
        .sorted(Comparator.comparingInt(Word::rank).thenComparing(Word::spelling))
        .toList();
  }

  private List<Entry> entries(String spelling) {
    List<Entry> found = bySpelling.get(spelling);
    return found != null
        ? found
        : bySpelling.getOrDefault(
            Apostrophe.straight(spelling).toLowerCase(Locale.ROOT), List.of());
  }

  /** The word with all its joins: those of its base are its own too. */
  private Word whole(Entry entry) {
    List<Join> inner = innerJoins(entry.word);
    return inner.isEmpty() ? entry.word : entry.word.onBase(inner);
  }

  private List<Join> innerJoins(Word word) {
    List<Join> joins = new ArrayList<>();
    Optional<Word> part = baseOf(word);
    int length = word.letters().length();
    while (part.flatMap(Word::join).isPresent() && joins.size() < MOST_JOINS) {
      Word base = part.get();
      Join join = base.join().orElseThrow();
      int keeps = base.letters().length() - join.ending().length();
      if (!word.letters().startsWith(base.letters().substring(0, keeps))) {
        break;
      }
      joins.add(join.inside(length - base.letters().length()));
      part = baseOf(base);
    }
    return joins;
  }

  private Optional<Word> baseOf(Word word) {
    return word.join().flatMap(j -> entries(j.base()).stream().map(Entry::word).findFirst());
  }

  private static Entry entry(Row row, UnitReader units) {
    String spelling = row.get("spelling");
    String base = row.get("base");
    Optional<Join> join =
        base.isEmpty()
            ? Optional.empty()
            : Optional.of(
                new Join(
                    base,
                    row.get("ending"),
                    CHANGES.getOrDefault(row.get("change"), Join.Change.NONE)));
    Segmentation cut = Segmentation.parse(Apostrophe.without(spelling), row.get("units"), units);
    Word word =
        new Word(
            cut,
            row.number("rank"),
            join,
            List.of(),
            row.get("use").equals("choose") ? Word.Use.CHOOSE : Word.Use.KNOW,
            row.get("pos"),
            indices(row.get("irregular")),
            row.get("clue"),
            row.get("seam").isEmpty() ? -1 : row.number("seam"),
            spelling.indexOf(Apostrophe.SIGN),
            region(row));
    return new Entry(row.get("accent"), word);
  }

  private static Optional<Word.Region> region(Row row) {
    return row.get("region").isEmpty()
        ? Optional.empty()
        : Optional.of(new Word.Region(row.get("region"), row.get("twin")));
  }

  private static Set<Integer> indices(String cell) {
    return cell.isEmpty()
        ? Set.of()
        : Stream.of(cell.split(" ")).map(Integer::valueOf).collect(Collectors.toSet());
  }
}
