package dettato.activity;

import dettato.choose.Material;
import dettato.mark.SentenceMarker.WordMark;
import dettato.plan.Pace;
import dettato.prompt.Bracketed;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A kind whose items carry their answers. A kind says what differs. */
public abstract class AnswerKind implements Activity {
  private static final String BETWEEN = "[,;/\\s]+";

  /** What is right for an item; all of it is asked for. */
  protected abstract List<String> answers(Prompt prompt);

  /** Seconds measured for one item, before the pace of the room. */
  protected abstract double secondsEach(Prompt prompt);

  @Override
  public Call call(Prompt prompt, Material material) {
    return new Call(
        says(prompt), List.of(String.join(", ", answers(prompt))), pause(answers(prompt)));
  }

  /** What the teacher says. */
  protected String says(Prompt prompt) {
    return prompt.asks();
  }

  /** Seconds of quiet to write it. */
  protected int pause(List<String> answers) {
    return traits().isSpoken() ? 0 : Pace.writingPause(2 * answers.size());
  }

  @Override
  public int seconds(Prompt prompt, Material material, Pace pace) {
    return pace.of(secondsEach(prompt));
  }

  /** Each part asked for: there, or lost; what was not asked is told. */
  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    if (traits().isSpoken()) {
      return Judged.ofParts(List.of());
    }
    List<String> answers = answers(prompt);
    return answers.size() == 1
        ? Judged.ofParts(List.of(Judged.part(plain(answers.get(0)), plain(written))))
        : Judged.ofParts(list(answers, parts(written)));
  }

  /** The parts of what was written, as they are compared. */
  protected static List<String> parts(String written) {
    return Bracketed.parts(written, BETWEEN).stream().map(AnswerKind::plain).toList();
  }

  protected static List<WordMark> list(List<String> asked, List<String> written) {
    List<String> left = new ArrayList<>(written);
    List<WordMark> parts = new ArrayList<>();
    for (String one : asked) {
      String plain = plain(one);
      parts.add(Judged.part(plain, left.remove(plain) ? plain : ""));
    }
    left.stream().distinct().forEach(other -> parts.add(Judged.part("", other)));
    return parts;
  }

  /** What two answers are compared by: letters and figures, small. */
  protected static String plain(String answer) {
    return answer.toLowerCase(Locale.ROOT).replace('_', '-').replaceAll("[.?!,\"“”]", "").strip();
  }
}
