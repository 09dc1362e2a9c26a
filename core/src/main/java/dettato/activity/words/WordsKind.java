package dettato.activity.words;

import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Check;
import dettato.activity.Form;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.FocusWords;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.input.Unacceptable;
import dettato.plan.Guessers;
import dettato.plan.Pace;
import dettato.plan.Unpredictable;
import dettato.prompt.Prompt;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Words to write: both sides of a rule, or rival graphemes, in an order nobody can guess. */
public final class WordsKind implements Activity {
  public static final String ID = "words";
  private static final int LONGEST = 40;

  /** Of few words, a run of three leaves little to guess. */
  private static final int SHORT_RUN = 2;

  /** A guesser who is right on more of the places is told of. */
  private static final double MOST_GUESSED = 0.62;

  private static final Traits TRAITS =
      Traits.of(ID, "Words", Answer.WORD)
          .asks("Write the word that is said.")
          .steps(
              "clue", "say it", "class repeats", "count sounds", "write", "show", "check and fix")
          .example("A word of your own")
          .count(10, 40)
          .with(Trait.READ_BACK, Trait.TAKES_WORDS);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public List<Item> fill(Request request, Material material) {
    return switch (request.role()) {
      case REVIEW -> review(request);
      case ASSESSED -> OneOfEach.items(request, material);
      case FOCUS, OWN -> onFocus(request, material);
    };
  }

  /** Words that are due again, each with the reason. */
  private static List<Item> review(Request request) {
    return request.needs().review().stream()
        .filter(d -> !request.without().contains(d.prompt().text()))
        .limit(request.count())
        .map(d -> new Item(d.prompt(), Item.Role.REVIEW, Optional.empty(), d.why()))
        .toList();
  }

  private static List<Item> onFocus(Request request, Material material) {
    Set<String> taken = new HashSet<>(request.without());
    List<List<Item>> groups = new ArrayList<>();
    int left = request.count();
    for (int f = 0; f < request.focus().size(); f++) {
      Focus focus = request.focus().get(f);
      int rest = request.focus().size() - f;
      FocusWords words =
          new FocusWords(
              (left + rest - 1) / rest,
              taken,
              request.broken(focus),
              request.easy(),
              request.seed() + f,
              material);
      List<Item> some =
          focus.read(words).stream().map(w -> Item.word(w.spelling(), focus)).toList();
      some.forEach(i -> taken.add(i.text()));
      left -= some.size();
      groups.add(some);
    }
    return groups.size() == 1
        ? groups.get(0)
        : Unpredictable.mix(groups, new Random(request.seed()));
  }

  @Override
  public Prompt own(String typed, Material material) {
    String word = typed.strip().toLowerCase(Locale.ROOT);
    if (word.length() > LONGEST) {
      throw new Unacceptable("'" + word + "' is longer than " + LONGEST + " letters.");
    }
    if (!word.matches("[a-z][a-z' -]*")) {
      throw new Unacceptable(
          "'" + typed.strip() + "' is no word: use letters a to z, an apostrophe or a hyphen.");
    }
    return new Prompt.Word(material.word().apply(word).spelling());
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    Word word = material.word().apply(prompt.text());
    String clue = word.clue();
    return new Call(
        clue.isEmpty() ? prompt.text() : prompt.text() + ": " + clue,
        List.of(prompt.text()),
        Pace.writingPause(word.cut().size()));
  }

  /** A word is a word here, joined or not; joining aloud is a kind of its own. */
  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.stream()
        .map(i -> Form.word(material.word().apply(i.text()).cut().size()))
        .toList();
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.word(false, false);
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    List<Check> found = new ArrayList<>();
    if (items.isEmpty()) {
      found.add(Check.of(Check.Kind.EMPTY, "No words yet: fill the sheet, or take words."));
    }
    order(items, focus, material).ifPresent(found::add);
    items.stream().flatMap(i -> alike(i, material).stream()).forEach(found::add);
    for (Prompt item : items) {
      List<String> untaught =
          material
              .sequence()
              .untaught(material.word().apply(item.text()), material.step(), material.accent());
      if (!untaught.isEmpty()) {
        found.add(
            Check.at(
                Check.Kind.UNTAUGHT,
                item,
                "%s needs %s, not taught yet."
                    .formatted(item.text(), String.join(", ", untaught))));
      }
    }
    return found;
  }

  /** A word that sounds like another needs a clue, or nobody knows which is meant. */
  private static Optional<Check> alike(Prompt item, Material material) {
    Word word = material.word().apply(item.text());
    List<String> others = material.rivals().homophones(word);
    return others.isEmpty() || !word.clue().isEmpty()
        ? Optional.empty()
        : Optional.of(
            Check.at(
                Check.Kind.SOUNDS_ALIKE,
                item,
                "%s sounds like %s and has no clue: say it in a sentence, or take another."
                    .formatted(item.text(), String.join(", ", others))));
  }

  @Override
  public List<String> asked(List<Prompt> items, List<Focus> focus, Material material) {
    return asksOf(items, focus, material);
  }

  /** One answer for each word that asks something of the focus: a side of a rule, a grapheme. */
  private static List<String> asksOf(List<Prompt> items, List<Focus> focus, Material material) {
    List<String> asked = new ArrayList<>();
    for (Prompt item : items) {
      Word word = material.word().apply(item.text());
      focus.stream()
          .flatMap(f -> FocusAt.of(f, word, material.accent()).stream())
          .findFirst()
          .ifPresent(at -> asked.add(at.asks()));
    }
    return asked;
  }

  /** Whether the class could guess the next answer from those before. */
  private static Optional<Check> order(List<Prompt> items, List<Focus> focus, Material material) {
    List<String> asked = asksOf(items, focus, material);
    if (asked.size() < 4) {
      return Optional.empty();
    }
    if (asked.stream().distinct().count() == 1) {
      return Optional.of(
          Check.of(
              Check.Kind.ONE_SIDED,
              "All " + asked.size() + " words ask the same: the answer is predictable."));
    }
    int run = asked.size() < Unpredictable.FEWEST ? SHORT_RUN : Unpredictable.LONGEST_RUN;
    if (Unpredictable.longestRun(asked) > run) {
      return Optional.of(
          Check.of(
              Check.Kind.PREDICTABLE,
              "%d words in a row ask the same: the class may guess."
                  .formatted(Unpredictable.longestRun(asked))));
    }
    if (Unpredictable.alternates(asked)) {
      return Optional.of(
          Check.of(Check.Kind.PREDICTABLE, "The words take turns: the class may guess."));
    }
    Guessers.Score best = Guessers.best(asked);
    return asked.size() >= Unpredictable.FEWEST && best.share() > MOST_GUESSED
        ? Optional.of(
            Check.of(
                Check.Kind.PREDICTABLE,
                "A child who %s is right %d times of %d."
                    .formatted(best.way().says(), best.right(), best.places())))
        : Optional.empty();
  }

  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    return Judged.of(markers.words().mark(markers.word().apply(prompt.text()), written));
  }
}
