package dettato.lexicon;

import dettato.sound.Grapheme;
import dettato.sound.Sounds;
import dettato.word.Segmentation;
import dettato.word.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The southern British reading where it differs by rule from the American one: the weak vowels of
 * -ary, -ory and -mony (secretary, category, ceremony), and -ile with PRICE (reptile). Source:
 * Wells 1982 and the endings named there.
 */
final class British {
  private British() {}

  /** The British cut, or empty when it is the common one. */
  static Optional<Segmentation> reading(Segmentation cut) {
    String word = cut.spelling();
    List<Unit> units = new ArrayList<>();
    boolean changed = false;
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      String rest = word.substring(cut.start(i));
      String set = unit.sound().id();
      boolean second = unit.stress() == Unit.Stress.SECOND;
      if (second && set.equals("SQUARE") && rest.matches("ar(y|ies|ily)")
          || second && set.equals("NORTH") && rest.matches("or(y|ies)")) {
        units.add(weak(unit, "lettER"));
      } else if (second
          && set.equals("GOAT")
          && rest.matches("on(y|ies)")
          && word.contains("mon")) {
        units.add(weak(unit, "commA"));
      } else if (i > 1 && rest.matches("iles?") && List.of("commA", "KIT").contains(set)) {
        units.add(
            new Unit(
                Sounds.of("PRICE"), new Grapheme("i_e"), Unit.Stress.SECOND, unit.opensBeat()));
        units.add(Unit.of("l", "l"));
        if (rest.endsWith("s")) {
          units.add(Unit.of("s", "z"));
        }
        return Optional.of(Segmentation.of(word, units));
      } else {
        units.add(unit);
        continue;
      }
      changed = true;
    }
    return changed ? Optional.of(Segmentation.of(word, units)) : Optional.empty();
  }

  private static Unit weak(Unit unit, String set) {
    return new Unit(Sounds.of(set), unit.grapheme(), Unit.Stress.NONE, unit.opensBeat());
  }
}
