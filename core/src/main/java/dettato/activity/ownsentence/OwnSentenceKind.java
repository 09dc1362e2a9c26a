package dettato.activity.ownsentence;

import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Check;
import dettato.activity.Form;
import dettato.activity.FreeSentence;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.choose.FocusWords;
import dettato.choose.Material;
import dettato.choose.SentenceTargets;
import dettato.focus.Focus;
import dettato.input.Unacceptable;
import dettato.mark.Mark;
import dettato.mark.SentenceMarker.SentenceMark;
import dettato.mark.SentenceMarker.WordMark;
import dettato.plan.Pace;
import dettato.prompt.Bracketed;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A prompt: the child writes a sentence of its own with a word, or two, of the session. */
public final class OwnSentenceKind implements Activity {
  public static final String ID = "own-sentence";
  private static final int LONGEST = 60;
  private static final int USUAL_WORDS = 7;

  /** A word is meant for the target when no more of its letters differ. */
  private static final int NEAR = 2;

  private static final Traits TRAITS =
      new Traits(
          ID,
          "A sentence of their own",
          Answer.SENTENCE,
          "Write a sentence of your own with the word in it.",
          List.of("read it", "say one", "write", "read it back"),
          "because",
          LONGEST,
          1,
          6,
          List.of(Form.Name.ROOM),
          EnumSet.of(
              Trait.MAY_REPEAT, Trait.TAKES_WORDS, Trait.LONG, Trait.FREE, Trait.NOT_REVIEWED));

  @Override
  public Traits traits() {
    return TRAITS;
  }

  /** Words of the session that are on its focus; else others on it. */
  @Override
  public List<Item> fill(Request request, Material material) {
    List<Item> items = new ArrayList<>();
    for (Focus focus : request.focus()) {
      List<String> session =
          request.soFar().stream()
              .filter(t -> t.matches("[a-z']+"))
              .filter(w -> SentenceTargets.has(focus, material.word().apply(w), material))
              .toList();
      List<String> others =
          focus
              .read(
                  new FocusWords(
                      request.count(),
                      request.without(),
                      request.broken(focus),
                      false,
                      request.seed(),
                      material))
              .stream()
              .map(w -> w.spelling())
              .toList();
      Stream.concat(session.stream(), others.stream())
          .filter(w -> !request.without().contains(w) || session.contains(w))
          .filter(w -> items.stream().noneMatch(i -> i.text().equals(w)))
          .limit(Math.max(0, request.count() - items.size()))
          .forEach(
              w ->
                  items.add(
                      new Item(
                          new Prompt.Targets(List.of(w)),
                          Item.Role.FOCUS,
                          Optional.of(focus),
                          session.contains(w) ? "a word of this session" : "")));
    }
    return items;
  }

  @Override
  public Prompt own(String typed, Material material) {
    String words = String.join(" ", targets(typed));
    if (words.isEmpty() || words.length() > LONGEST || !words.matches("[a-z' -]+")) {
      throw new Unacceptable(
          "Name the word, or two, that the child's sentence must hold: because.");
    }
    return new Prompt.Targets(targets(typed));
  }

  private static List<String> targets(Prompt prompt) {
    return ((Prompt.Targets) prompt).words();
  }

  private static List<String> targets(String text) {
    return Bracketed.parts(text.toLowerCase(Locale.ROOT), "[,\\s]+");
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    return new Call(
        "Write a sentence of your own with: " + String.join(", ", targets(prompt)),
        List.of(prompt.text()),
        Pace.sentencePause(USUAL_WORDS));
  }

  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.stream()
        .<Form>map(i -> new Form.Room(String.join(" and ", targets(i)), "", Form.Size.SENTENCE, 0))
        .toList();
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.sentence(USUAL_WORDS);
  }

  @Override
  public List<Check> checks(List<Prompt> items, List<Focus> focus, Material material) {
    return items.isEmpty()
        ? List.of(Check.of(Check.Kind.EMPTY, title() + ": nothing yet. Fill the sheet."))
        : List.of();
  }

  /**
   * The target there and spelled, the signs of writing, and words that no lexicon has; what the
   * child chose to say is its own.
   */
  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    List<String> targets = targets(prompt);
    if (written.isBlank()) {
      return new Judged(targets.stream().map(t -> Judged.part(t, "")).toList(), List.of());
    }
    String meant = FreeSentence.meant(written);
    for (String target : targets) {
      meant = inserted(target, meant, markers);
    }
    SentenceMark mark = markers.sentences().mark(meant, written);
    Set<String> asked = Set.copyOf(targets);
    List<WordMark> words = new ArrayList<>();
    for (WordMark word : mark.words()) {
      String plain = word.target().toLowerCase(Locale.ROOT);
      if (asked.contains(plain)) {
        words.add(word);
      } else if (!plain.isEmpty() && !markers.known().test(plain)) {
        words.add(Judged.part("", word.written()));
      }
    }
    targets.stream()
        .filter(t -> words.stream().noneMatch(w -> w.target().equalsIgnoreCase(t)))
        .forEach(t -> words.add(Judged.part(t, "")));
    return new Judged(words, mark.conventions());
  }

  /** The sentence with the target in place of the word that is meant for it, if there is one. */
  private static String inserted(String target, String sentence, Markers markers) {
    String best = "";
    int fewest = Integer.MAX_VALUE;
    for (String word : Bracketed.parts(sentence, "[^\\p{L}'’-]+")) {
      if (word.equalsIgnoreCase(target)) {
        return sentence;
      }
      Mark mark = markers.words().mark(markers.word().apply(target), word);
      int off =
          (int) mark.units().stream().filter(u -> u.written().isEmpty()).count()
              + mark.extras().size();
      boolean mine = !markers.known().test(word.toLowerCase(Locale.ROOT));
      if (mine && off <= NEAR && off < fewest && off < mark.units().size() / 2 + 1) {
        fewest = off;
        best = word;
      }
    }
    if (best.isEmpty()) {
      return sentence;
    }
    String capital =
        Character.isUpperCase(best.charAt(0))
            ? Character.toUpperCase(target.charAt(0)) + target.substring(1)
            : target;
    return sentence.replaceFirst("\\b" + java.util.regex.Pattern.quote(best) + "\\b", capital);
  }
}
