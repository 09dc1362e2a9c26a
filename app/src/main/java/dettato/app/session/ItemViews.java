package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Call;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.app.language.UnitView;
import dettato.app.notation.ClassMarks;
import dettato.app.school.SchoolClass;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.notation.Legend;
import dettato.notation.Notation;
import dettato.profile.ByHeart;
import dettato.profile.Choices;
import dettato.profile.LetterNames;
import dettato.profile.Wording;
import dettato.rule.Opportunity;
import dettato.word.Word;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/** Draws items: how each is called, what decides in its word, the word with the class's marks. */
@Component
@RequiredArgsConstructor
class ItemViews {
  private static final int HUNDRED = 100;

  private final Activities book;
  private final ClassMarks marks;

  /** What the marks on their words mean, and the ring that words to know by heart have in it. */
  List<Legend.Entry> legend(List<PlannedBlocks.Planned> planned, SchoolClass of) {
    boolean byHeart = planned.stream().anyMatch(p -> isRinged(book.of(p.block().kind()), of));
    Notation usual = of.choices().notation();
    return Legend.of(byHeart ? usual.withByHeart() : usual);
  }

  private static boolean isRinged(Activity kind, SchoolClass of) {
    return kind.traits().has(Trait.BY_HEART) && of.choices().byHeart() == ByHeart.SOUNDED;
  }

  List<SheetView.ItemView> of(
      PlannedBlocks.Planned planned,
      Activity kind,
      List<Focus> focus,
      Material material,
      SchoolClass of) {
    return planned.items().stream().map(i -> of(i, kind, focus, material, of)).toList();
  }

  private SheetView.ItemView of(
      ItemRow row, Activity kind, List<Focus> focus, Material material, SchoolClass of) {
    Choices choices = of.choices();
    Wording wording = of.wording();
    boolean byName = kind.traits().has(Trait.BY_HEART) && choices.byHeart() == ByHeart.NAMES;
    ClassMarks.Hand hand = isRinged(kind, of) ? marks.byHeart(of) : marks.of(of);
    Call call = kind.call(row.prompt(), material);
    Optional<Word> word = row.prompt().oneWord().map(material.word());
    Optional<FocusAt> at = word.flatMap(w -> FocusAt.first(focus, w, material.accent()));
    Optional<Opportunity> decided = at.flatMap(FocusAt::decided);
    int unit = at.map(FocusAt::unit).orElse(-1);
    return new SheetView.ItemView(
        row.id(),
        row.prompt().text(),
        kind.traits().has(Trait.LONG) && kind.traits().answer() != Answer.PAIR
            ? kind.title().toLowerCase(Locale.UK)
            : wording.sounds().in(row.prompt().brief()),
        row.prompt().asks(),
        row.prompt().right(),
        row.prompt(),
        kind.traits().has(Trait.QUESTION)
            ? wording.said(call.says())
            : wording.sounds().in(call.says()),
        call.answer().stream().map(wording.sounds()::in).toList(),
        row.role(),
        decided.map(Opportunity::rule).orElse(null),
        decided.map(o -> o.condition().id()).orElse(null),
        decided.map(Opportunity::side).orElse(null),
        word.map(w -> UnitView.of(w.cut(), material.accent())).orElse(List.of()),
        word.map(Word::clue).orElse(""),
        unit < 0 ? "" : word.map(w -> w.cut().unit(unit).grapheme().text()).orElse(""),
        unit,
        row.why().isEmpty() ? decided.map(Opportunity::why).orElse("") : row.why(),
        call.pause() * choices.pace() / HUNDRED,
        row.isStumbled(),
        Set.copyOf(row.stumblers()),
        row.points().ours() / 2.0,
        row.points().theirs() / 2.0,
        word.map(w -> choices.parting().of(w, marks.chunks(of))).orElse(List.of()),
        word.map(w -> hand.word(w, unit)).orElse(null),
        word.filter(w -> byName)
            .map(w -> LetterNames.of(w.letters(), material.accent()))
            .orElse(null));
  }
}
