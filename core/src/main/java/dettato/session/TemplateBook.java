package dettato.session;

import dettato.input.Unacceptable;
import dettato.session.Template.Quota;
import java.util.List;
import java.util.stream.Collectors;

/** Our templates, in the order they are offered; the first is the usual one. */
public final class TemplateBook {
  private static final List<Template> SHIPPED =
      List.of(
          new Template(
              "dictation",
              "Words and a sentence",
              "both sides of a rule, then a sentence that holds it",
              25,
              List.of(new Quota("words", 10), new Quota("sentence", 1))),
          new Template(
              "short",
              "Short and daily",
              "a few words, one to know by heart, one sentence",
              15,
              List.of(new Quota("words", 5), new Quota("irregular", 1), new Quota("sentence", 1))),
          new Template(
              "contrast",
              "Two sides",
              "pairs to hear it, words, gaps where only one fits",
              30,
              List.of(new Quota("pairs", 3), new Quota("words", 8), new Quota("gap", 4))),
          new Template(
              "first-writing",
              "First writing",
              "a chain built together, then a few words",
              20,
              List.of(new Quota("chain", 6), new Quota("words", 4))),
          new Template(
              "joins",
              "Base and ending",
              "endings joined to bases, then a sentence",
              25,
              List.of(new Quota("join", 8), new Quota("sentence", 1))),
          new Template(
              "longer",
              "Longer words",
              "beat by beat, then words and a sentence",
              30,
              List.of(new Quota("beats", 5), new Quota("words", 5), new Quota("sentence", 1))),
          new Template(
              "by-heart",
              "Words to know by heart",
              "irregular words, those alike together, then a sentence",
              20,
              List.of(new Quota("irregular", 8), new Quota("sentence", 1))),
          new Template(
              "unseen",
              "Nothing to remember",
              "real and invented words: only the rule can help",
              25,
              List.of(new Quota("made-up", 6), new Quota("words", 6))));

  private TemplateBook() {}

  public static List<Template> shipped() {
    return SHIPPED;
  }

  /**
   * The template with this id.
   *
   * @throws Unacceptable naming those there are
   */
  public static Template of(String id) {
    return SHIPPED.stream()
        .filter(t -> t.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new Unacceptable(
                    "There is no template '%s'. Choose one of %s."
                        .formatted(
                            id,
                            SHIPPED.stream().map(Template::id).collect(Collectors.joining(", ")))));
  }
}
