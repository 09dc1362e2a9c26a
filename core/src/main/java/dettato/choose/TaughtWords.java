package dettato.choose;

import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Taught words that children know, on a focus or on none. */
public final class TaughtWords {
  /** Of five bands: the three thousand commonest. */
  private static final int KNOWN = 2;

  private final List<Word> proposed;
  private final List<Word> known;

  /**
   * @param proposed words that may be proposed, commonest first
   */
  public TaughtWords(List<Word> proposed) {
    this.proposed = List.copyOf(proposed);
    this.known =
        proposed.stream().filter(w -> w.commonness() <= KNOWN && w.cut().size() > 1).toList();
  }

  public List<Word> proposed() {
    return proposed;
  }

  /** So many on the focus, both sides of a rule or as many of each rival; else known words. */
  public List<Word> some(Wanted wanted, int count, Material material) {
    Set<String> without = wanted.without();
    return wanted
        .focus()
        .map(
            f ->
                f.read(
                    new FocusWords(
                        count,
                        without,
                        Set.copyOf(wanted.broken()),
                        false,
                        wanted.seed(),
                        material)))
        .orElseGet(() -> drawn(known(material, without), count, wanted.seed()));
  }

  /** Every word that is known and taught, commonest first. */
  public List<Word> known(Material material, Set<String> without) {
    return known.stream()
        .filter(w -> !without.contains(w.spelling()) && isTaught(w, material))
        .toList();
  }

  public static boolean isTaught(Word word, Material material) {
    return material.sequence().isTaught(word, material.step(), material.accent());
  }

  /** Whether a word has what is asked; any does when nothing is. */
  public static boolean isAsked(Word word, Optional<Focus> focus, Material material) {
    return focus.isEmpty() || has(word, focus.get(), material);
  }

  private static boolean has(Word word, Focus focus, Material material) {
    return focus.read(
        new Focus.Cases<>() {
          @Override
          public Boolean rule(String id) {
            return at(word, focus, material).isPresent();
          }

          @Override
          public Boolean rivals(String sound, List<String> graphemes) {
            return at(word, focus, material)
                .filter(at -> graphemes.contains(at.grapheme()))
                .isPresent();
          }

          @Override
          public Boolean irregular() {
            return RuleBook.broken(word) > 0;
          }
        });
  }

  public static Optional<FocusAt> at(Word word, Focus focus, Material material) {
    return FocusAt.of(focus, word, material.accent());
  }

  /** Why a word was chosen: what a rule decides in it, or the grapheme asked for. */
  public static String why(Word word, Optional<Focus> focus, Material material) {
    return focus
        .flatMap(f -> at(word, f, material))
        .map(
            at ->
                at.decided()
                    .map(o -> o.why())
                    .orElseGet(
                        () ->
                            "/%s/ is spelled %s here"
                                .formatted(at.ipa(), at.grapheme().replace('_', '-'))))
        .orElse("");
  }

  public static <T> List<T> drawn(List<T> from, int count, long seed) {
    List<T> all = new ArrayList<>(from);
    Collections.shuffle(all, new Random(seed));
    return List.copyOf(all.subList(0, Math.min(count, all.size())));
  }

  public static List<String> shuffled(List<String> some, Random random) {
    List<String> all = some.stream().distinct().collect(Collectors.toCollection(ArrayList::new));
    Collections.shuffle(all, random);
    return all;
  }
}
