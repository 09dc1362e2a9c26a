package dettato.app.language;

import dettato.plan.Stage;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Capitals;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** In which order correspondences are taught. */
@RestController
class SequenceController {

  /**
   * One step.
   *
   * @param taught the correspondences it adds
   * @param graphemes the letters of them
   * @param byHeart words to know whole from this step on
   * @param stage what is taught at this stage of our order
   * @param example a word for the first of them
   */
  record SequenceStep(
      int step,
      List<UnitView> taught,
      List<String> graphemes,
      List<String> byHeart,
      String stage,
      String example) {}

  /** Our order of teaching, step by step. */
  @GetMapping("/api/sequence")
  List<SequenceStep> steps(@RequestParam(defaultValue = "en-GB") String accent) {
    Accent spoken = Accents.of(accent);
    TeachingSequence ours = TeachingSequence.shipped();
    return ours.steps().stream()
        .collect(
            Collectors.groupingBy(TeachingSequence.Step::number, TreeMap::new, Collectors.toList()))
        .entrySet()
        .stream()
        .map(
            e ->
                new SequenceStep(
                    e.getKey(),
                    e.getValue().stream()
                        .map(s -> new UnitView(spoken.say(s.sound()), s.grapheme().text()))
                        .toList(),
                    e.getValue().stream().map(s -> s.grapheme().text()).toList(),
                    ours.byHeart(e.getKey()).stream().map(Capitals::written).toList(),
                    e.getValue().get(0).stage().map(Stage::says).orElse(""),
                    e.getValue().get(0).example()))
        .toList();
  }
}
