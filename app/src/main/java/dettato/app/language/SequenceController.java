package dettato.app.language;

import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
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
   * @param example a word for the first of them
   */
  record SequenceStep(int step, List<UnitView> taught, String example) {}

  /** Our order of teaching, step by step. */
  @GetMapping("/api/sequence")
  List<SequenceStep> steps(@RequestParam(defaultValue = "en-GB") String accent) {
    Accent spoken = Accents.of(accent);
    return TeachingSequence.shipped().steps().stream()
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
                    e.getValue().get(0).example()))
        .toList();
  }
}
