package dettato.reading;

import dettato.word.Join;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * A word outside the lexicon that is made of parts that are in it: a base and an ending, a prefix
 * and a word, or two words. It is cut as its parts are, so that it is judged as they are.
 */
final class Built {
  private static final int MOST_PARTS = 3;

  /** Prefixes that keep all their letters, with their units. */
  private static final Map<String, String> PREFIXES =
      Map.of(
          "un", "u:STRUT n:n",
          "re", "r:r e:FLEECE",
          "dis", "d:d i:KIT s:s",
          "mis", "m:m i:KIT s:s",
          "over", "o:'GOAT - v:v er:lettER",
          "under", "u:'STRUT n:n - d:d er:lettER",
          "out", "ou:'MOUTH t:t");

  /** Endings with their units and the parts of speech that their bases are of. */
  private static final List<Ending> ENDINGS =
      List.of(
          new Ending("ing", "i:KIT ng:ŋ", "v"),
          new Ending("est", "e:KIT s:s t:t", "a"),
          new Ending("er", "er:lettER", "va"),
          new Ending("ness", "- n:n e:KIT ss:s", "a"),
          new Ending("less", "- l:l e:KIT ss:s", "n"),
          new Ending("ment", "- m:m e:commA n:n t:t", "v"),
          new Ending("ful", "- f:f u:commA l:l", "nv"),
          new Ending("ish", "i:KIT sh:ʃ", "na"),
          new Ending("en", "e:commA n:n", "van"),
          new Ending("ed", "ed:d", "v"),
          new Ending("ly", "- l:l y:happY", "a"),
          new Ending("es", "es:KIT+z", "nv"),
          new Ending("s", "s:z", "nv"),
          new Ending("y", "y:happY", "n"));

  private static final Set<String> VOICELESS = Set.of("p", "t", "k", "f", "θ");
  private static final Set<String> HISSES = Set.of("s", "z", "ʃ", "ʒ", "tʃ", "dʒ");

  /** Prefixes that are words themselves: what they begin is made of two. */
  private static final Set<String> WORDS = Set.of("over", "under", "out");

  private final Function<String, Optional<Word>> known;

  /**
   * @param known words by their letters
   */
  Built(Function<String, Optional<Word>> known) {
    this.known = known;
  }

  private record Ending(String letters, String units, String needs) {}

  /** A word of these letters, if parts make it. */
  Optional<Word> of(String letters) {
    return of(letters, MOST_PARTS);
  }

  private Optional<Word> of(String letters, int parts) {
    if (parts == 0 || letters.length() < 4) {
      return Optional.empty();
    }
    return withEnding(letters, parts).or(() -> withPrefix(letters, parts)).or(() -> ofTwo(letters));
  }

  private Optional<Word> part(String letters, int parts) {
    return letters.length() < 3
        ? Optional.empty()
        : known.apply(letters).or(() -> of(letters, parts - 1));
  }

  private Optional<Word> withEnding(String letters, int parts) {
    for (Ending ending : ENDINGS) {
      if (letters.endsWith(ending.letters)) {
        for (Join join : joins(letters, ending.letters)) {
          Optional<Word> whole =
              part(join.base(), parts)
                  .filter(b -> mayTake(b, ending, join))
                  .flatMap(b -> joined(letters, b, join, ending));
          if (whole.isPresent()) {
            return whole;
          }
        }
      }
    }
    return Optional.empty();
  }

  private static List<Join> joins(String letters, String ending) {
    String stem = letters.substring(0, letters.length() - ending.length());
    int length = stem.length();
    if (length < 2) {
      return List.of();
    }
    List<Join> joins = new ArrayList<>();
    char last = stem.charAt(length - 1);
    boolean vowel = "aeiouy".indexOf(ending.charAt(0)) >= 0 && !ending.equals("es");
    if (vowel && last == stem.charAt(length - 2)) {
      joins.add(new Join(stem.substring(0, length - 1), ending, Join.Change.DOUBLED));
    }
    if (last == 'i') {
      joins.add(new Join(stem.substring(0, length - 1) + "y", ending, Join.Change.Y_TO_I));
    }
    joins.add(new Join(stem, ending, Join.Change.NONE));
    if (vowel && last != 'e') {
      joins.add(new Join(stem + "e", ending, Join.Change.E_DROPPED));
    }
    return joins;
  }

  private static boolean mayTake(Word base, Ending ending, Join join) {
    boolean speech =
        base.pos().isEmpty() || ending.needs.chars().anyMatch(c -> base.pos().indexOf(c) >= 0);
    boolean hisses = HISSES.contains(base.cut().unit(base.cut().size() - 1).sound().last().id());
    return switch (ending.letters) {
      case "s" -> speech && !hisses;
      case "es" -> speech && (hisses || join.change() == Join.Change.Y_TO_I);
      default -> speech;
    };
  }

  private Optional<Word> joined(String letters, Word base, Join join, Ending ending) {
    List<Unit> units = new ArrayList<>(base.cut().units());
    Unit last = units.remove(units.size() - 1);
    switch (join.change()) {
      case DOUBLED -> {
        String text = last.grapheme().text();
        units.add(last.spelled(text + text.charAt(text.length() - 1)));
      }
      case Y_TO_I -> {
        boolean beat = ending.letters.equals("es") || ending.letters.equals("ed");
        units.add(last.spelled(beat ? "ie" : "i"));
      }
      case E_DROPPED -> dropE(units, last);
      default -> units.add(last);
    }
    String tail = tail(ending, join, last);
    if (ending.letters.equals("ly") && last.grapheme().text().equals("l")) {
      units.set(units.size() - 1, last.spelled("ll"));
      tail = "y:happY";
    }
    return whole(letters, units, tail).map(cut -> Word.of(cut).builtWith(join));
  }

  /** The units of an ending after a base that ends so. */
  private static String tail(Ending ending, Join join, Unit last) {
    String sound = last.sound().last().id();
    boolean voiceless =
        VOICELESS.contains(sound) || HISSES.contains(sound) && !"zʒdʒ".contains(sound);
    boolean ie = join.change() == Join.Change.Y_TO_I;
    return switch (ending.letters) {
      case "s" -> voiceless ? "s:s" : "s:z";
      case "es" -> ie ? "s:z" : ending.units;
      case "ed" -> {
        boolean beat = sound.equals("t") || sound.equals("d");
        yield ie ? "d:d" : beat ? "ed:KIT+d" : voiceless ? "ed:t" : "ed:d";
      }
      default -> ending.units;
    };
  }

  /** bake loses its e, and so does have: a_e is then a, and ve v. */
  private static void dropE(List<Unit> units, Unit last) {
    String text = last.grapheme().text();
    if (text.length() > 1 && text.endsWith("e") && !last.grapheme().isSplit()) {
      units.add(last.spelled(text.substring(0, text.length() - 1)));
      return;
    }
    for (int i = units.size() - 1; i >= 0; i--) {
      if (units.get(i).grapheme().isSplit()) {
        units.set(i, units.get(i).spelled(units.get(i).grapheme().head()));
        break;
      }
    }
    units.add(last);
  }

  private Optional<Word> withPrefix(String letters, int parts) {
    return PREFIXES.entrySet().stream()
        .filter(p -> letters.startsWith(p.getKey()))
        .sorted(Map.Entry.comparingByKey())
        .flatMap(p -> withPrefix(letters, p, parts).stream())
        .findFirst();
  }

  private Optional<Word> withPrefix(String letters, Map.Entry<String, String> prefix, int parts) {
    return part(letters.substring(prefix.getKey().length()), parts)
        .filter(base -> !base.isName())
        .flatMap(base -> parsed(letters, prefix.getValue() + " - " + base.cut().format()))
        .map(
            cut ->
                WORDS.contains(prefix.getKey())
                    ? Word.compound(cut, prefix.getKey().length())
                    : Word.of(cut));
  }

  /** The prefix of a word that is made with one; "" for others. */
  String prefix(String letters) {
    return PREFIXES.keySet().stream()
        .filter(p -> letters.startsWith(p) && !WORDS.contains(p))
        .sorted()
        .filter(p -> part(letters.substring(p.length()), 1).filter(w -> !w.isName()).isPresent())
        .findFirst()
        .orElse("");
  }

  private Optional<Word> ofTwo(String letters) {
    for (int seam = letters.length() - 3; seam >= 3; seam--) {
      Optional<Word> first = known.apply(letters.substring(0, seam));
      Optional<Word> second = known.apply(letters.substring(seam));
      boolean words =
          first.filter(w -> !w.isName()).isPresent() && second.filter(w -> !w.isName()).isPresent();
      if (words) {
        String text = first.get().cut().format() + " - " + second.get().cut().format();
        int at = seam;
        return parsed(letters, text).map(cut -> Word.compound(cut, at));
      }
    }
    return Optional.empty();
  }

  private static Optional<Segmentation> whole(String letters, List<Unit> units, String tail) {
    StringBuilder text = new StringBuilder();
    for (Unit unit : units) {
      text.append(text.length() == 0 ? "" : unit.opensBeat() ? " - " : " ").append(unit.format());
    }
    return parsed(letters, text + " " + tail);
  }

  private static Optional<Segmentation> parsed(String letters, String text) {
    try {
      return Optional.of(Segmentation.parse(letters, text));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}
