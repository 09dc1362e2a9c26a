package dettato.activity.shipped;

import dettato.activity.Activities;
import dettato.activity.affix.AffixKind;
import dettato.activity.beats.BeatsKind;
import dettato.activity.cards.CardsKind;
import dettato.activity.chain.ChainKind;
import dettato.activity.gap.GapKind;
import dettato.activity.hunt.HuntKind;
import dettato.activity.irregular.IrregularKind;
import dettato.activity.join.JoinKind;
import dettato.activity.listen.ListenKind;
import dettato.activity.madeup.MadeUpKind;
import dettato.activity.markup.MarkUpKind;
import dettato.activity.match.MatchKind;
import dettato.activity.ownsentence.OwnSentenceKind;
import dettato.activity.pairs.PairsKind;
import dettato.activity.questions.QuestionsKind;
import dettato.activity.read.ReadKind;
import dettato.activity.sentence.SentenceKind;
import dettato.activity.slip.SlipKind;
import dettato.activity.sort.SortKind;
import dettato.activity.sounds.SoundsKind;
import dettato.activity.words.WordsKind;
import java.util.List;

/** The kinds we ship, in the order they are offered: one line each, and the only place of each. */
public final class ShippedActivities {
  public static final Activities ALL =
      new Activities(
          List.of(
              new WordsKind(),
              new SentenceKind(),
              new IrregularKind(),
              new JoinKind(),
              new GapKind(),
              new PairsKind(),
              new ChainKind(),
              new BeatsKind(),
              new MadeUpKind(),
              new SoundsKind(),
              new CardsKind(),
              new ListenKind(),
              new SortKind(),
              new MatchKind(),
              new HuntKind(),
              new QuestionsKind(),
              new SlipKind(),
              new MarkUpKind(),
              new OwnSentenceKind(),
              new ReadKind(),
              new AffixKind()));

  private ShippedActivities() {}
}
