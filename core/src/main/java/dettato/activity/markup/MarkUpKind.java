package dettato.activity.markup;

import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Check;
import dettato.activity.Form;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.OwnLine;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.FocusWords;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.mark.SentenceMarker.WordMark;
import dettato.plan.Pace;
import dettato.prompt.Bracketed;
import dettato.prompt.Prompt;
import dettato.word.Segmentation;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Words to be written and marked: the letters, and the graphemes told apart. Typed with a space, a
 * dot or a stroke between graphemes: {@code c a-e k} for cake. Letters and marks are judged apart.
 */
public final class MarkUpKind implements Activity {
  private static final String ID = "mark-up";
  private static final double SECONDS = 65;
  private static final Traits TRAITS =
      Traits.of(ID, "Write and mark", Answer.MARKED_WORD)
          .asks("Write the word, then mark its graphemes.")
          .steps("clue", "say it", "write", "mark", "show", "check and fix")
          .example("A word of your own")
          .count(4, 12)
          .with(Trait.TAKES_WORDS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public List<Item> fill(Request request, Material material) {
    List<Item> items = new ArrayList<>();
    Set<String> taken = new HashSet<>(request.without());
    for (Focus focus : request.focus()) {
      int left = request.count() - items.size();
      focus
          .read(
              new FocusWords(
                  left, taken, request.broken(focus), request.easy(), request.seed(), material))
          .forEach(
              w -> {
                taken.add(w.spelling());
                items.add(Item.word(w.spelling(), focus));
              });
    }
    return items;
  }

  @Override
  public Prompt own(String typed, Material material) {
    return new Prompt.Word(OwnLine.word(typed));
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    Word word = material.word().apply(prompt.text());
    return new Call(
        word.withClue(), List.of(marks(word.cut())), Pace.writingPause(2 * word.cut().size()));
  }

  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.stream()
        .map(i -> Form.word(material.word().apply(i.text()).cut().size()))
        .toList();
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.of(SECONDS);
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    return items.isEmpty()
        ? List.of(Check.of(Check.Kind.EMPTY, title() + ": nothing yet. Fill the sheet."))
        : List.of();
  }

  /** Graphemes told apart, a split one at its vowel. */
  private static String marks(Segmentation cut) {
    return cut.units().stream()
        .map(u -> u.grapheme().text().replace('_', '-'))
        .collect(Collectors.joining(" "));
  }

  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    Word word = markers.word().apply(prompt.text());
    List<String> graphemes = Bracketed.parts(written.toLowerCase(Locale.ROOT), "[.|/\\s]+");
    WordMark letters = Judged.of(markers.words().mark(word, letters(graphemes))).words().get(0);
    String given = String.join(" ", graphemes).replace('_', '-');
    WordMark marks = Judged.part(marks(word.cut()), given);
    boolean blank = graphemes.isEmpty();
    return new Judged(blank ? List.of(letters) : List.of(letters, marks), List.of(), false);
  }

  /** The letters of graphemes, the e of a split one after what stands between. */
  private static String letters(List<String> graphemes) {
    StringBuilder letters = new StringBuilder();
    Optional<String> silent = Optional.empty();
    for (String one : graphemes) {
      boolean split = one.length() > 2 && one.matches("[a-z]+[-_]e");
      letters.append(split ? one.substring(0, one.length() - 2) : one);
      if (silent.isPresent() && !split) {
        letters.append(silent.get());
        silent = Optional.empty();
      }
      silent = split ? Optional.of("e") : silent;
    }
    return letters.append(silent.orElse("")).toString();
  }
}
