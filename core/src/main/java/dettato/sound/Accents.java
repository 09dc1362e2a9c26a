package dettato.sound;

import dettato.input.Unacceptable;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The accents, from {@code accents.tsv}. What a sound is in one is said in a column of {@code
 * sounds.tsv} headed by its tag, or, for an accent that is like another, only where it differs, in
 * {@code accent-differences.tsv}. A new accent is a row in each, and no code.
 */
public final class Accents {
  public static final String SOUTHERN_BRITISH = "en-GB";
  public static final String GENERAL_AMERICAN = "en-US";
  private static final Map<String, Accent> BY_ID = load();

  private Accents() {}

  private record Declared(String id, String name, String like, Map<String, String> merges) {}

  private record Difference(String accent, String sound, String ipa) {}

  public static Collection<Accent> all() {
    return BY_ID.values();
  }

  /**
   * The accent with this id.
   *
   * @throws Unacceptable naming the accents there are
   */
  public static Accent of(String id) {
    Accent accent = BY_ID.get(id);
    if (accent == null) {
      throw new Unacceptable(
          "accent '"
              + id
              + "' is not known. Choose one of "
              + String.join(", ", BY_ID.keySet())
              + ".");
    }
    return accent;
  }

  private static Map<String, Accent> load() {
    List<Declared> declared =
        Table.load(
            Accents.class,
            "accents.tsv",
            row ->
                new Declared(
                    row.get("id"), row.get("name"), row.get("like"), merges(row.get("merges"))));
    Map<String, Map<String, String>> columns = columns();
    Map<String, Accent> accents = new LinkedHashMap<>();
    for (Declared one : declared) {
      Accent parent = accents.get(one.like);
      if (parent == null && !one.like.isEmpty()) {
        throw new IllegalArgumentException(
            "accents.tsv: %s is like '%s', which no row above it declares"
                .formatted(one.id, one.like));
      }
      Map<String, String> ipa = new HashMap<>(parent == null ? Map.of() : parent.ipa());
      ipa.putAll(columns.getOrDefault(one.id, Map.of()));
      Map<String, String> merges = new HashMap<>(parent == null ? Map.of() : parent.merges());
      merges.putAll(one.merges);
      List<String> line = new ArrayList<>(List.of(one.id));
      line.addAll(parent == null ? List.of("") : parent.line());
      accents.put(one.id, new Accent(one.id, one.name, line, ipa, merges));
    }
    return Collections.unmodifiableMap(accents);
  }

  /** CURE=NORTH, several with a space between. */
  private static Map<String, String> merges(String cell) {
    Map<String, String> merges = new HashMap<>();
    for (String pair : cell.isEmpty() ? new String[0] : cell.split(" ")) {
      merges.put(pair.split("=")[0], pair.split("=")[1]);
    }
    return merges;
  }

  /** What each accent says for itself, by its tag. */
  private static Map<String, Map<String, String>> columns() {
    List<String> tags =
        Table.headings(Accents.class, Sounds.TABLE).stream()
            .filter(h -> h.startsWith("en-"))
            .toList();
    Map<String, Map<String, String>> said = new HashMap<>();
    Table.load(
        Accents.class,
        Sounds.TABLE,
        row -> {
          tags.forEach(
              tag ->
                  said.computeIfAbsent(tag, t -> new HashMap<>()).put(row.get("id"), row.get(tag)));
          return row;
        });
    for (Difference d :
        Table.load(
            Accents.class,
            "accent-differences.tsv",
            row -> new Difference(row.get("accent"), row.get("sound"), row.get("ipa")))) {
      Sounds.of(d.sound);
      said.computeIfAbsent(d.accent, t -> new HashMap<>()).put(d.sound, d.ipa);
    }
    return said;
  }
}
