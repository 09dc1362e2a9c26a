package dettato.app.choice;

import dettato.app.account.Teacher;
import dettato.app.terms.Prose;
import dettato.notation.Meaning;
import dettato.notation.Shape;
import dettato.profile.ChoiceBook;
import dettato.profile.Terms;
import java.util.Arrays;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a class may choose, and what each choice changes. */
@RestController
class ChoiceController {

  /** Something that may be marked on a word, and the shapes that can be put on it. */
  record MeaningView(Meaning id, @Prose String title, @Prose String says, List<ShapeView> shapes) {}

  record ShapeView(Shape id, @Prose String title) {}

  /**
   * Something that a class may call otherwise.
   *
   * @param usual what we call it
   * @param grammar as books of grammar call it
   * @param american as it is called in America
   * @param about an example
   */
  record TermView(String id, String usual, String grammar, String american, String about) {}

  record ChoicesView(
      List<ChoiceBook.Choice> choices, List<MeaningView> meanings, List<TermView> terms) {}

  /** What a class may choose to do in its own way, with what each choice changes. */
  @GetMapping("/api/choices")
  ChoicesView all(@AuthenticationPrincipal Teacher teacher) {
    return new ChoicesView(
        ChoiceBook.ALL,
        Arrays.stream(Meaning.values())
            .map(
                m ->
                    new MeaningView(
                        m,
                        m.title(),
                        m.says(),
                        Arrays.stream(Shape.values())
                            .filter(m::mayBe)
                            .map(s -> new ShapeView(s, s.title()))
                            .toList()))
            .toList(),
        Terms.ALL.stream()
            .map(t -> new TermView(t.id(), t.usual(), t.grammar(), t.american(), t.about()))
            .toList());
  }
}
