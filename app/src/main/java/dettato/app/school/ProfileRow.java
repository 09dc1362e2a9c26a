package dettato.app.school;

import dettato.profile.Choices;
import dettato.profile.Wording;
import dettato.sound.Accents;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** How a class works: its accent, what is taught, what counts as a pattern, how long it takes. */
@Entity
@Table(name = "class_profile")
class ProfileRow implements Persistable<Long> {
  @Id private Long classId;

  /** Null until it is stored, so that a new one is inserted without asking first. */
  @Version private @Nullable Long version;

  @Column(nullable = false)
  private String accent;

  @Column(nullable = false)
  private int step;

  @Column(nullable = false)
  private int differentWords;

  @Column(nullable = false)
  private int minutes;

  @Column(nullable = false)
  private String template;

  @Convert(converter = ChoicesText.class)
  @Column(nullable = false)
  private Choices choices;

  @Column(nullable = false)
  private String ownOrder = "";

  protected ProfileRow() {}

  ProfileRow(Long classId, String accent, int step, int differentWords, int minutes) {
    this.classId = classId;
    this.accent = accent;
    this.step = step;
    this.differentWords = differentWords;
    this.minutes = minutes;
    this.template = "";
    this.choices = Choices.USUAL;
  }

  @Override
  public Long getId() {
    return classId;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }

  Profile profile() {
    return new Profile(
        version == null ? 0 : version, accent, step, differentWords, minutes, template, choices);
  }

  /** The class as it works, without its children. */
  SchoolClass of(ClassRow row, Orders orders) {
    Wording wording = Wording.of(choices, Accents.of(accent));
    return new SchoolClass(
        row.id(),
        row.name(),
        accent,
        step,
        differentWords,
        minutes,
        template,
        choices,
        wording.terms().forms(),
        wording.sounds().marks(),
        wording,
        orders.of(ownOrder).with(choices.ticks(), step),
        List.of(),
        List.of());
  }

  /** Its own teaching sequence as CSV, "" for ours. */
  String ownOrder() {
    return ownOrder;
  }

  void order(String csv, int last) {
    this.ownOrder = csv;
    this.step = Math.min(step, last);
  }

  void become(Profile profile) {
    this.accent = profile.accent();
    this.step = profile.step();
    this.differentWords = profile.differentWords();
    this.minutes = profile.minutes();
    this.template = profile.template() == null ? "" : profile.template();
    this.choices = profile.choices() == null ? choices : profile.choices();
  }
}
