package dettato.app.school;

import dettato.app.account.Teacher;
import dettato.notation.Meaning;
import dettato.notation.Shape;
import dettato.profile.ChoiceBook;
import java.util.Arrays;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a class may choose, and what each choice changes. */
@RestController
class ChoiceController {

  /** Something that may be marked on a word, and the shapes that can be put on it. */
  record MeaningView(Meaning id, String title, String says, List<ShapeView> shapes) {}

  record ShapeView(Shape id, String title) {}

  record ChoicesView(List<ChoiceBook.Choice> choices, List<MeaningView> meanings) {}

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
            .toList());
  }
}
