package dettato.sound;

import dettato.table.Table;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** All listed correspondences, from {@code correspondences.tsv}. */
public final class Correspondences {
  private static final List<Correspondence> ALL =
      List.copyOf(
          Table.load(
              Correspondences.class,
              "correspondences.tsv",
              row ->
                  new Correspondence(
                      Sounds.of(row.get("sound")),
                      new Grapheme(row.get("grapheme")),
                      Correspondence.Use.valueOf(row.get("use").toUpperCase(Locale.ROOT)),
                      row.get("example"))));
  private static final Map<Sound, List<Correspondence>> BY_SOUND =
      ALL.stream().collect(Collectors.groupingBy(Correspondence::sound));
  private static final Map<Sound, Map<String, Correspondence>> BY_BOTH =
      ALL.stream()
          .collect(
              Collectors.groupingBy(
                  Correspondence::sound,
                  Collectors.toMap(c -> c.grapheme().text(), c -> c, (first, other) -> first)));
  private static final Map<String, List<Correspondence>> BY_GRAPHEME =
      ALL.stream().collect(Collectors.groupingBy(c -> c.grapheme().text()));

  private Correspondences() {}

  public static List<Correspondence> all() {
    return ALL;
  }

  public static List<Correspondence> of(Sound sound) {
    return BY_SOUND.getOrDefault(sound, List.of());
  }

  public static List<Correspondence> of(Grapheme grapheme) {
    return BY_GRAPHEME.getOrDefault(grapheme.text(), List.of());
  }

  public static Optional<Correspondence> find(Sound sound, Grapheme grapheme) {
    return Optional.ofNullable(BY_BOTH.getOrDefault(sound, Map.of()).get(grapheme.text()));
  }

  /** Every sound that some grapheme is listed for. */
  public static Set<Sound> sounds() {
    return BY_SOUND.keySet();
  }

  /**
   * The correspondences that may spell a sound in an accent, merged sets included, commonest use
   * first; odd ones are left out.
   */
  public static List<Correspondence> legal(Sound sound, Accent accent) {
    Set<Correspondence> found = new LinkedHashSet<>();
    for (Sound other : BY_SOUND.keySet()) {
      if (accent.alike(sound, other)) {
        found.addAll(of(other));
      }
    }
    return found.stream()
        .filter(c -> c.use() != Correspondence.Use.ODD)
        .sorted(Comparator.comparing(Correspondence::use).thenComparing(c -> c.grapheme().text()))
        .toList();
  }
}
