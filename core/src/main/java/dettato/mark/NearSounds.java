package dettato.mark;

import dettato.sound.Sound;
import dettato.sound.Sounds;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which sounds are near each other, and what confusing them is called; from a table. */
final class NearSounds {
  /**
   * A near sound.
   *
   * @param points how far it is, 0 the nearest
   */
  record Near(Sound sound, String confusion, int points) {}

  private static final Map<Sound, List<Near>> NEAR = new HashMap<>();
  private static final Map<Character, List<Character>> LOOK_ALIKES = new HashMap<>();

  static {
    Table.load(
            NearSounds.class,
            "near-sounds.tsv",
            row -> List.of(row.get("a"), row.get("b"), row.get("confusion"), row.get("points")))
        .forEach(
            r -> {
              put(Sounds.of(r.get(0)), Sounds.of(r.get(1)), r.get(2), Integer.parseInt(r.get(3)));
              if (Sounds.of(r.get(0)).kind() != Sound.Kind.WEAK) {
                put(Sounds.of(r.get(1)), Sounds.of(r.get(0)), r.get(2), Integer.parseInt(r.get(3)));
              }
            });
    Table.load(NearSounds.class, "look-alikes.tsv", row -> row.get("a") + row.get("b"))
        .forEach(
            pair -> {
              alike(pair.charAt(0), pair.charAt(1));
              alike(pair.charAt(1), pair.charAt(0));
            });
  }

  private NearSounds() {}

  static List<Near> of(Sound sound) {
    return NEAR.getOrDefault(sound, List.of());
  }

  static List<Character> lookAlikes(char letter) {
    return LOOK_ALIKES.getOrDefault(letter, List.of());
  }

  private static void put(Sound a, Sound b, String confusion, int points) {
    NEAR.computeIfAbsent(a, s -> new ArrayList<>()).add(new Near(b, confusion, points));
  }

  private static void alike(char a, char b) {
    LOOK_ALIKES.computeIfAbsent(a, c -> new ArrayList<>()).add(b);
  }
}
