package dettato.app.insight;

import dettato.app.marking.Attempts;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.diagnose.Leaning;
import dettato.diagnose.Leanings;
import dettato.diagnose.Settings;
import dettato.mark.Confusions;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.sound.Sounds;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** What one child writes for each sound, beside the rules, and what the misspellings need. */
@Service
class ChildLeanings {
  private final Attempts attempts;

  ChildLeanings(Attempts attempts) {
    this.attempts = attempts;
  }

  /**
   * One leaning.
   *
   * @param sound in the class's accent, IPA
   * @param keyword a word to know the sound by; "" for a run of sounds
   * @param written the grapheme written where another was due; "" for a confusion
   * @param label what it is, in a few words
   * @param pattern whether it is more than a slip
   */
  record LeaningView(
      Leaning.Kind kind,
      String sound,
      String keyword,
      String written,
      String label,
      int opportunities,
      int failures,
      double probability,
      boolean pattern,
      List<Shown> examples,
      String wouldChange) {}

  /** One attempt that shows it. */
  record Shown(LocalDate date, String target, String attempt) {
    static Shown of(Leaning.Example example) {
      return new Shown(example.date(), example.target(), example.attempt());
    }
  }

  record Child(List<LeaningView> leanings, Insights.Needs needs) {}

  Child of(SchoolClass of, long pupilId, LocalDate asOf) {
    Accent accent = Accents.of(of.accent());
    List<Leanings.Sample> samples =
        attempts.samples(of, List.of(pupilId)).getOrDefault(pupilId, List.of());
    List<Attempts.Marked> marked =
        attempts.marked(of).stream()
            .filter(m -> m.pupilId() == pupilId && !m.date().isAfter(asOf))
            .toList();
    return new Child(
        model(of, asOf).of(samples).stream().map(l -> view(l, accent)).toList(),
        Insights.Needs.of(marked));
  }

  /** How many patterns beside the rules each child shows; children without any are left out. */
  Map<Long, Long> patterns(SchoolClass of, LocalDate asOf) {
    Leanings leanings = model(of, asOf);
    Map<Long, Long> patterns = new HashMap<>();
    attempts
        .samples(of, of.pupils().stream().map(Pupil::id).toList())
        .forEach(
            (pupil, samples) -> {
              long count = leanings.of(samples).stream().filter(Leaning::isPattern).count();
              if (count > 0) {
                patterns.put(pupil, count);
              }
            });
    return patterns;
  }

  private static Leanings model(SchoolClass of, LocalDate asOf) {
    return new Leanings(Settings.USUAL.withDifferentWords(of.differentWords()), asOf);
  }

  private static LeaningView view(Leaning leaning, Accent accent) {
    String sound = accent.say(Sounds.of(leaning.sound()));
    boolean grapheme = leaning.kind() == Leaning.Kind.GRAPHEME;
    return new LeaningView(
        leaning.kind(),
        sound,
        Sounds.keyword(sound, accent),
        grapheme ? leaning.written() : "",
        grapheme
            ? leaning.written() + " where another is due"
            : Confusions.label(leaning.written()),
        leaning.opportunities(),
        leaning.failures(),
        leaning.probability(),
        leaning.isPattern(),
        leaning.examples().stream().map(Shown::of).toList(),
        leaning.wouldChange());
  }
}
