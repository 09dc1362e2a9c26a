package dettato.mark;

import dettato.reading.ReadingRules;
import dettato.reading.Readings;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.sound.Sound;
import dettato.sound.Sounds;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * Every grapheme that means something for a sound in an accent: its legal spellings and those of
 * its near sounds. Made once for each sound and shared by all words.
 */
final class SoundForms {
  private static final Map<String, SoundForms> MADE = new ConcurrentHashMap<>();

  final FormMap all;
  final FormMap near;

  /** The sounds that it is made of here; empty for a single sound. */
  final List<Sound> parts;

  private final Sound sound;
  private final Accent accent;
  private final Map<String, Readings> readings = new HashMap<>();

  private SoundForms(
      Sound sound, Accent accent, Map<Integer, Integer> all, Map<Integer, Integer> near) {
    this.sound = sound;
    this.accent = accent;
    this.parts = accent.parts(sound);
    this.all = new FormMap(all);
    this.near = new FormMap(near);
    ReadingRules.graphemes().forEach(g -> readings.put(g, new Readings(g, this::sameHere)));
  }

  /** Those of a sound in an accent, made when first asked for. */
  static SoundForms shared(Sound sound, Accent accent) {
    return MADE.computeIfAbsent(accent.id() + " " + sound, k -> of(sound, accent));
  }

  private static SoundForms of(Sound sound, Accent accent) {
    Map<Integer, Integer> near = new HashMap<>();
    for (NearSounds.Near other : nearTo(sound, accent)) {
      if (accent.alike(sound, other.sound())) {
        continue;
      }
      int points = Costs.NEAR + other.points() * Costs.NEAR_STEP;
      int form = Form.of(Verdict.NEAR, points, other.confusion());
      Correspondences.of(other.sound()).stream()
          .filter(c -> c.use().compareTo(farthest(c.sound())) <= 0)
          .forEach(c -> cheapest(near, Form.pack(c.grapheme().text()), form));
    }
    Map<Integer, Integer> all = others(sound);
    all.putAll(near);
    spellings(sound, accent)
        .forEach(
            (text, points) -> cheapest(all, Form.pack(text), alternative(sound, text, points)));
    ChildrensForms.of(sound).forEach((text, form) -> childrens(all, Form.pack(text), form));
    return new SoundForms(sound, accent, all, near);
  }

  /** What is near the sound, or near one that is the same here: BATH is TRAP in America. */
  private static List<NearSounds.Near> nearTo(Sound sound, Accent accent) {
    return Stream.concat(
            Stream.of(sound),
            Sounds.all().stream().filter(s -> !s.equals(sound) && isSame(s, sound, accent)))
        .flatMap(s -> NearSounds.of(s).stream())
        .toList();
  }

  private static boolean isSame(Sound a, Sound b, Accent accent) {
    return a.kind() == b.kind() && accent.alike(a, b);
  }

  /**
   * Graphemes of several letters that spell other sounds of the same sort: ou for /e/, th for /k/.
   */
  private static Map<Integer, Integer> others(Sound sound) {
    Map<Integer, Integer> others = new HashMap<>();
    int form = Form.of(Verdict.OTHER, Costs.OTHER_SAME, "");
    for (Correspondence c : Correspondences.all()) {
      String text = c.grapheme().text();
      boolean alike = c.sound().isVowel() == sound.isVowel() && !c.sound().isRun();
      if (alike && c.isUsual() && text.length() == 2 && sounds(text, sound.isVowel())) {
        others.put(Form.pack(text), form);
      }
    }
    return others;
  }

  /** Whether all letters are vowel letters (w and y among them), or none. */
  private static boolean sounds(String text, boolean vowel) {
    return vowel ? text.matches("[aeiou][aeiouwyr]") : text.matches("[^aeiou]h|ck|ng");
  }

  /** Longer consonant graphemes, such as gu and kn, spell their sound only in some places. */
  private static int alternative(Sound sound, String text, int points) {
    int form = Form.of(Verdict.ALTERNATIVE, points, "");
    boolean picky = !sound.isVowel() && text.length() > 1 && ReadingRules.needsContext(text);
    return picky ? Form.onlyInContext(form) : form;
  }

  /** Whether the accent sounds every r. */
  boolean isRhotic() {
    return accent.rhotic();
  }

  /** Whether off and hawk have one vowel here, so that o spells both. */
  boolean isClothMerged() {
    return accent.alike(Sounds.of("CLOTH"), Sounds.of("THOUGHT"));
  }

  /** How a grapheme is read, asked whether it says this sound. */
  Readings readings(String grapheme) {
    return readings.getOrDefault(grapheme, Readings.NONE);
  }

  /**
   * A near vowel is meant by its common graphemes only; a near consonant by less common ones too.
   */
  private static Correspondence.Use farthest(Sound near) {
    return near.isVowel() ? Correspondence.Use.COMMON : Correspondence.Use.SOME;
  }

  /**
   * A weak vowel is said in many ways: kittin and hopefull read right. But letters that spell a
   * weak one do not spell another that sounds alike where it is weak (myl for meal in America).
   */
  private boolean sameHere(Sound other) {
    boolean weak = sound.id().equals("commA") && Set.of("KIT", "FOOT").contains(other.id());
    boolean onlyWeak = other.isWeakVowel() && !sound.isWeakVowel();
    return weak || !onlyWeak && accent.alike(other, sound);
  }

  /**
   * Legal spellings with their points; those of a run are also the spellings of its parts, joined.
   */
  private static Map<String, Integer> spellings(Sound sound, Accent accent) {
    Map<String, Integer> legal = new HashMap<>();
    Correspondences.legal(sound, accent)
        .forEach(c -> legal.merge(c.grapheme().text(), Costs.alternative(c.use()), Math::min));
    if (sound.id().equals("commA")) {
      legal.merge("i", Costs.alternative(Correspondence.Use.SOME), Math::min);
    }
    List<Sound> parts = accent.parts(sound);
    if (parts.size() == 2) {
      Map<String, Integer> second = spellings(parts.get(1), accent);
      spellings(parts.get(0), accent)
          .forEach(
              (a, costA) ->
                  second.forEach(
                      (b, costB) -> {
                        if (a.length() + b.length() <= 4 && (a + b).indexOf('_') < 0) {
                          legal.merge(a + b, Math.max(costA, costB), Math::min);
                        }
                      }));
    }
    return legal;
  }

  /** What children write, where English does not write it so in some places (dj in adjust). */
  private static void childrens(Map<Integer, Integer> all, int key, int form) {
    all.merge(
        key, form, (a, b) -> Form.isOnlyInContext(a) ? b : Form.points(b) < Form.points(a) ? b : a);
  }

  static void cheapest(Map<Integer, Integer> forms, int key, int form) {
    if (key != 0) {
      forms.merge(key, form, (a, b) -> Form.points(b) < Form.points(a) ? b : a);
    }
  }
}
