package dettato.app.school;

import com.fasterxml.jackson.annotation.JsonIgnore;
import dettato.plan.TeachingSequence;
import dettato.profile.Choices;
import dettato.profile.Wording;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * A class with the children who are in it today, in their order.
 *
 * @param step how far the teaching sequence has come
 * @param differentWords on how many words a failure must show to be a pattern
 * @param minutes how long a session may take
 * @param template id of the usual one, "" for the plain one
 * @param choices what it does in its own way
 * @param words by form of ours what the class says for it, where it is not ours
 * @param sounds by IPA how the class writes a single sound where there is little room
 * @param wording how a text that explains something is said to it
 * @param sequence in which it is taught, with its ticks
 * @param everyone who is or was in it
 */
public record SchoolClass(
    long id,
    String name,
    String accent,
    int step,
    int differentWords,
    int minutes,
    String template,
    Choices choices,
    Map<String, String> words,
    Map<String, String> sounds,
    @JsonIgnore Wording wording,
    @JsonIgnore TeachingSequence sequence,
    List<Pupil> pupils,
    @JsonIgnore List<Enrolled> everyone) {
  public SchoolClass {
    words = Map.copyOf(words);
    sounds = Map.copyOf(sounds);
    pupils = List.copyOf(pupils);
    everyone = List.copyOf(everyone);
  }

  /** The same class with all who are or were in it, some of them on that day. */
  SchoolClass with(List<Enrolled> all, LocalDate day) {
    List<Pupil> there = all.stream().filter(e -> e.isThereOn(day)).map(Enrolled::pupil).toList();
    return new SchoolClass(
        id,
        name,
        accent,
        step,
        differentWords,
        minutes,
        template,
        choices,
        words,
        sounds,
        wording,
        sequence,
        there,
        all);
  }
}
