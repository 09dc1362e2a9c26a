package dettato.session;

import dettato.activity.Item;
import dettato.activity.beats.BeatsKind;
import dettato.activity.cards.CardsKind;
import dettato.activity.chain.ChainKind;
import dettato.activity.gap.GapKind;
import dettato.activity.irregular.IrregularKind;
import dettato.activity.join.JoinKind;
import dettato.activity.listen.ListenKind;
import dettato.activity.madeup.MadeUpKind;
import dettato.activity.match.MatchKind;
import dettato.activity.ownsentence.OwnSentenceKind;
import dettato.activity.pairs.PairsKind;
import dettato.activity.read.ReadKind;
import dettato.activity.sentence.SentenceKind;
import dettato.activity.slip.SlipKind;
import dettato.activity.sort.SortKind;
import dettato.activity.sounds.SoundsKind;
import dettato.activity.words.WordsKind;
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
              List.of(Quota.of(WordsKind.ID, 10), Quota.of(SentenceKind.ID, 1))),
          new Template(
              "short",
              "Short and daily",
              "cards, a sound or two, words met before, a few new ones, one sentence",
              15,
              List.of(
                  Quota.review(CardsKind.ID, 8),
                  Quota.of(SoundsKind.ID, 2),
                  Quota.review(WordsKind.ID, 2),
                  Quota.of(WordsKind.ID, 4),
                  Quota.of(IrregularKind.ID, 1),
                  Quota.of(SentenceKind.ID, 1))),
          new Template(
              "contrast",
              "Two sides",
              "hear it in pairs, write both sides, find the mistake, then alone with words nobody knows",
              30,
              List.of(
                  Quota.of(PairsKind.ID, 2),
                  Quota.of(WordsKind.ID, 8),
                  Quota.of(SlipKind.ID, 2),
                  Quota.of(GapKind.ID, 3),
                  Quota.of(MadeUpKind.ID, 2))),
          new Template(
              "first-writing",
              "First writing",
              "listen, build a chain together, write a few words, read them back",
              25,
              List.of(
                  Quota.of(ListenKind.ID, 4),
                  Quota.of(ChainKind.ID, 6),
                  Quota.of(WordsKind.ID, 4),
                  Quota.of(ReadKind.ID, 1))),
          new Template(
              "rivals",
              "Two days, easy then hard",
              "sort and write easy words; the day after, harder ones, none of them yesterday's",
              25,
              List.of(
                  Quota.of(SoundsKind.ID, 2),
                  Quota.of(SortKind.ID, 8),
                  Quota.of(WordsKind.ID, 6),
                  Quota.of(ReadKind.ID, 1),
                  new Quota(WordsKind.ID, 2, Item.Role.REVIEW, 2),
                  Quota.next(WordsKind.ID, 8),
                  Quota.next(GapKind.ID, 3),
                  Quota.next(OwnSentenceKind.ID, 1))),
          new Template(
              "joins",
              "Base and ending",
              "endings joined to bases, then a sentence",
              25,
              List.of(
                  Quota.of(JoinKind.ID, 8),
                  Quota.of(WordsKind.ID, 4),
                  Quota.of(SentenceKind.ID, 1))),
          new Template(
              "longer",
              "Longer words",
              "beat by beat, then words and a sentence",
              30,
              List.of(
                  Quota.of(BeatsKind.ID, 5),
                  Quota.of(WordsKind.ID, 5),
                  Quota.of(SentenceKind.ID, 1))),
          new Template(
              "by-heart",
              "Words to know by heart",
              "cards, then irregular words, those alike together, and a sentence",
              20,
              List.of(
                  Quota.review(CardsKind.ID, 8),
                  Quota.of(IrregularKind.ID, 8),
                  Quota.of(MatchKind.ID, 4),
                  Quota.of(SentenceKind.ID, 1))),
          new Template(
              "assessment",
              "What can they do alone?",
              "one word for every condition, none practised lately, nothing shown until the end",
              15,
              List.of(new Quota(WordsKind.ID, 1, Item.Role.ASSESSED, 1))));

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
