package dettato.sound;

import dettato.table.Table;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The accents: each column of {@code sounds.tsv} headed by a language tag (en-GB) is one. */
public final class Accents {
  public static final String SOUTHERN_BRITISH = "en-GB";
  public static final String GENERAL_AMERICAN = "en-US";
  private static final Map<String, Accent> BY_ID = load();

  private Accents() {}

  public static Collection<Accent> all() {
    return BY_ID.values();
  }

  /**
   * The accent with this id.
   *
   * @throws IllegalArgumentException naming the accents there are
   */
  public static Accent of(String id) {
    Accent accent = BY_ID.get(id);
    if (accent == null) {
      throw new IllegalArgumentException(
          "accent '"
              + id
              + "' is not known. Choose one of "
              + String.join(", ", BY_ID.keySet())
              + ".");
    }
    return accent;
  }

  private static Map<String, Accent> load() {
    List<String> tags =
        Table.headings(Accents.class, Sounds.TABLE).stream()
            .filter(h -> h.startsWith("en-"))
            .toList();
    Map<String, Map<String, String>> said = new LinkedHashMap<>();
    tags.forEach(tag -> said.put(tag, new HashMap<>()));
    Table.load(
        Accents.class,
        Sounds.TABLE,
        row -> {
          said.forEach((tag, ipa) -> ipa.put(row.get("id"), row.get(tag)));
          return row;
        });
    Map<String, Accent> accents = new LinkedHashMap<>();
    said.forEach((tag, ipa) -> accents.put(tag, new Accent(tag, ipa)));
    return Collections.unmodifiableMap(accents);
  }
}
