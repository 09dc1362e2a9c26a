package dettato.app.kind;

import dettato.activity.Activities;
import dettato.activity.Form;
import dettato.activity.Traits;
import dettato.activity.Traits.Trait;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kinds of activity a session is made of. */
@RestController
@RequiredArgsConstructor
class KindController {
  private final Activities kinds;

  /**
   * A kind.
   *
   * @param asks what the children are to do
   * @param answer what a child gives for an item
   * @param steps of giving one item, in order
   * @param example of an item as a teacher may type it
   * @param longest letters she may type
   * @param usualCount how many items there are unless she says otherwise
   * @param most how many there are at most
   * @param forms what may stand on the sheet for its items
   * @param focus whether its items are chosen for what a session is about
   * @param spoken whether it is answered aloud, so that nothing of it stands on a paper
   * @param byWord whether it is written as it was dictated, word by word
   * @param wide whether an answer needs a line of its own
   * @param free whether each child writes something else
   * @param takesWords whether its items are words, and may be taken from a list
   * @param readBack whether its words are read back at the end of a session
   */
  record KindView(
      String id,
      String title,
      String asks,
      Traits.Answer answer,
      List<String> steps,
      String example,
      int longest,
      int usualCount,
      int most,
      List<Form.Name> forms,
      boolean focus,
      boolean spoken,
      boolean byWord,
      boolean wide,
      boolean free,
      boolean takesWords,
      boolean readBack) {
    static KindView of(Traits kind) {
      return new KindView(
          kind.id(),
          kind.title(),
          kind.asks(),
          kind.answer(),
          kind.steps(),
          kind.example(),
          kind.longest(),
          kind.usual(),
          kind.most(),
          kind.forms(),
          !kind.has(Trait.WITHOUT_FOCUS),
          kind.isSpoken(),
          kind.has(Trait.BY_WORD),
          kind.has(Trait.LONG),
          kind.has(Trait.FREE),
          kind.has(Trait.TAKES_WORDS),
          kind.has(Trait.READ_BACK));
    }
  }

  /** All of them, in the order in which they are offered. */
  @GetMapping("/api/kinds")
  List<KindView> kinds() {
    return kinds.kinds().stream().map(k -> KindView.of(k.traits())).toList();
  }
}
