package dettato.session;

import dettato.block.Item;
import dettato.input.ById;
import dettato.input.Unacceptable;
import dettato.session.Template.Quota;
import java.util.List;

/** Our templates, in the order they are offered; the first is the usual one. */
public final class TemplateBook {
  private static final List<Template> SHIPPED =
      List.of(
          new Template(
              "dictation",
              "Words and a sentence",
              "both sides of a rule, then a sentence that holds it",
              25,
              List.of(Quota.of("words", 10), Quota.of("sentence", 1))),
          new Template(
              "short",
              "Short and daily",
              "cards, a sound or two, words met before, a few new ones, one sentence",
              15,
              List.of(
                  Quota.review("cards", 8),
                  Quota.of("sounds", 2),
                  Quota.review("words", 2),
                  Quota.of("words", 4),
                  Quota.of("irregular", 1),
                  Quota.of("sentence", 1))),
          new Template(
              "contrast",
              "Two sides",
              "hear it in pairs, write both sides, find the mistake, then alone with words nobody knows",
              30,
              List.of(
                  Quota.of("pairs", 2),
                  Quota.of("words", 8),
                  Quota.of("slip", 2),
                  Quota.of("gap", 3),
                  Quota.of("made-up", 2))),
          new Template(
              "first-writing",
              "First writing",
              "listen, build a chain together, write a few words, read them back",
              25,
              List.of(
                  Quota.of("listen", 4),
                  Quota.of("chain", 6),
                  Quota.of("words", 4),
                  Quota.of("read", 1))),
          new Template(
              "rivals",
              "Two days, easy then hard",
              "sort and write easy words; the day after, harder ones, none of them yesterday's",
              25,
              List.of(
                  Quota.of("sounds", 2),
                  Quota.of("sort", 8),
                  Quota.of("words", 6),
                  Quota.of("read", 1),
                  new Quota("words", 2, Item.Role.REVIEW, 2),
                  Quota.next("words", 8),
                  Quota.next("gap", 3),
                  Quota.next("own-sentence", 1))),
          new Template(
              "joins",
              "Base and ending",
              "endings joined to bases, then a sentence",
              25,
              List.of(Quota.of("join", 8), Quota.of("words", 4), Quota.of("sentence", 1))),
          new Template(
              "longer",
              "Longer words",
              "beat by beat, then words and a sentence",
              30,
              List.of(Quota.of("beats", 5), Quota.of("words", 5), Quota.of("sentence", 1))),
          new Template(
              "by-heart",
              "Words to know by heart",
              "cards, then irregular words, those alike together, and a sentence",
              20,
              List.of(
                  Quota.review("cards", 8),
                  Quota.of("irregular", 8),
                  Quota.of("match", 4),
                  Quota.of("sentence", 1))),
          new Template(
              "assessment",
              "What can they do alone?",
              "one word for every condition, none practised lately, nothing shown until the end",
              15,
              List.of(new Quota("words", 1, Item.Role.ASSESSED, 1))));

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
    return ById.find(SHIPPED, Template::id, id, "template");
  }
}
