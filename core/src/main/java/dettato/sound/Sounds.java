package dettato.sound;

import dettato.input.Unacceptable;
import dettato.table.Table;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The inventory of sounds, from {@code sounds.tsv}. */
public final class Sounds {
  static final String TABLE = "sounds.tsv";
  private static final Map<String, String> KEYWORDS = new HashMap<>();
  private static final Map<String, String> LETTERS = new HashMap<>();
  private static final Map<String, Sound> SINGLE = load();

  private Sounds() {}

  /** All single sounds, in the table's order. */
  public static Collection<Sound> all() {
    return SINGLE.values();
  }

  /**
   * The sound with this id; runs ("k+s") are made of single sounds.
   *
   * @throws Unacceptable when a part is not in the inventory
   */
  public static Sound of(String id) {
    Sound single = SINGLE.get(id);
    return single != null ? single : run(id);
  }

  /** A word to know a sound of an accent by (FACE: rain); "" for a run of sounds. */
  public static String keyword(String ipa, Accent accent) {
    return SINGLE.values().stream()
        .filter(s -> accent.say(s).equals(ipa))
        .findFirst()
        .map(s -> KEYWORDS.getOrDefault(s.id(), ""))
        .orElse("");
  }

  /** A word to know a single sound by. */
  static String keyword(Sound sound) {
    return KEYWORDS.getOrDefault(sound.id(), "");
  }

  /** The letters that stand for a single sound where no phonetic signs are wanted. */
  static String letters(Sound sound) {
    return LETTERS.getOrDefault(sound.id(), "");
  }

  private static Sound run(String id) {
    List<Sound> parts = new ArrayList<>();
    for (String part : id.split("\\+")) {
      Sound sound = SINGLE.get(part);
      if (sound == null) {
        throw new Unacceptable(
            "sound '"
                + part
                + "' is not in the inventory. Maybe name the lexical set, or write ɡ for g?");
      }
      parts.add(sound);
    }
    Sound.Kind kind =
        parts.stream()
            .map(Sound::kind)
            .filter(k -> k != Sound.Kind.CONSONANT)
            .findFirst()
            .orElse(Sound.Kind.CONSONANT);
    return new Sound(id, kind, parts);
  }

  private static Map<String, Sound> load() {
    Map<String, Sound> sounds = new LinkedHashMap<>();
    Table.load(
        Sounds.class,
        TABLE,
        row -> {
          Sound.Kind kind = Sound.Kind.valueOf(row.get("kind").toUpperCase(Locale.ROOT));
          KEYWORDS.put(row.get("id"), row.get("keyword"));
          LETTERS.put(row.get("id"), row.get("letters"));
          return sounds.put(row.get("id"), new Sound(row.get("id"), kind, List.of()));
        });
    return Collections.unmodifiableMap(sounds);
  }
}
