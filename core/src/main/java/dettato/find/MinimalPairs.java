package dettato.find;

import dettato.input.Unacceptable;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.sound.Accent;
import dettato.sound.Sounds;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Two words that differ by one sound, and by nothing a contrast does not ask for. */
public final class MinimalPairs {
  /** Each sound without the voice, and the same with it. */
  private static final Map<String, String> VOICED =
      Map.of("p", "b", "t", "d", "k", "ɡ", "f", "v", "s", "z", "θ", "ð", "tʃ", "dʒ", "ʃ", "ʒ");

  private final Neighbours neighbours;
  private final Accent accent;

  /**
   * A pair.
   *
   * @param differs the two sounds in IPA, as in p-b
   */
  public record Pair(Spoken a, Spoken b, String differs) {}

  public MinimalPairs(Neighbours neighbours, Accent accent) {
    this.neighbours = neighbours;
    this.accent = accent;
  }

  /**
   * Pairs for a contrast, commonest first.
   *
   * @param contrast {@code voicing}, {@code split-vowel}, two sounds ({@code vowel:TRAP-DRESS},
   *     {@code sound:p-b}, ids of the inventory) or a rule, whose two sides the words are
   * @throws Unacceptable when there is no such contrast
   */
  public List<Pair> of(String contrast, int step) {
    Contrast wanted = contrast(contrast);
    List<Pair> found = new ArrayList<>();
    for (Spoken a : neighbours.all()) {
      if (!wanted.mayOpen(a) || !neighbours.isTaught(a, step)) {
        continue;
      }
      for (Spoken b : neighbours.changed(a)) {
        Optional<Integer> at = a.changedAt(b);
        if (at.isPresent() && wanted.fits(a, b, at.get()) && neighbours.isTaught(b, step)) {
          found.add(pair(a, b, at.get()));
        }
      }
    }
    found.sort(Comparator.comparingInt(p -> p.a.word().rank() + p.b.word().rank()));
    return found;
  }

  /** Every taught word that differs from one by one sound in place of another, commonest first. */
  public List<Pair> with(String word, int step) {
    return neighbours.find(word).stream()
        .flatMap(
            one ->
                neighbours.changed(one).stream()
                    .filter(other -> neighbours.isTaught(other, step))
                    .map(other -> pair(one, other, one.changedAt(other).orElseThrow())))
        .sorted(Comparator.comparingInt(p -> p.b.word().rank()))
        .toList();
  }

  private static Pair pair(Spoken a, Spoken b, int at) {
    return new Pair(a, b, a.sounds().get(at) + "-" + b.sounds().get(at));
  }

  /** Whether two words, of which one sound differs, show it in this order. */
  @FunctionalInterface
  private interface Contrast {
    boolean fits(Spoken a, Spoken b, int at);

    /** Whether any pair opens with this word; asked before its neighbours are looked for. */
    default boolean mayOpen(Spoken a) {
      return true;
    }
  }

  /** One word on each side of a rule. */
  private record SidesOf(String rule) implements Contrast {
    @Override
    public boolean mayOpen(Spoken a) {
      return isOn(a, Side.DUE);
    }

    @Override
    public boolean fits(Spoken a, Spoken b, int at) {
      return isOn(b, Side.NOT_DUE);
    }

    private boolean isOn(Spoken spoken, Side side) {
      return RuleBook.opportunities(rule, spoken.word()).anyMatch(o -> o.side() == side);
    }
  }

  private Contrast contrast(String name) {
    if (name.equals("voicing")) {
      return (a, b, at) -> sound(b, at).equals(VOICED.get(sound(a, at)));
    }
    if (name.equals("split-vowel")) {
      return (a, b, at) -> b.word().spelling().equals(a.word().spelling() + "e");
    }
    if (name.matches("(vowel|sound):[^-]+-[^-]+")) {
      String[] ids = name.substring(name.indexOf(':') + 1).split("-");
      String one = accent.heard(Sounds.of(ids[0]));
      String other = accent.heard(Sounds.of(ids[1]));
      return (a, b, at) -> sound(a, at).equals(one) && sound(b, at).equals(other);
    }
    if (RuleBook.RULES.stream().noneMatch(r -> r.id().equals(name))) {
      throw new Unacceptable(
          "contrast '"
              + name
              + "' is not known. Use voicing, split-vowel, vowel:TRAP-DRESS, sound:p-b or a rule's"
              + " id.");
    }
    return new SidesOf(name);
  }

  private static String sound(Spoken spoken, int at) {
    return spoken.sounds().get(at);
  }
}
