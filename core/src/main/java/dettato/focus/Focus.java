package dettato.focus;

import dettato.input.Unacceptable;
import dettato.rule.RuleBook;
import java.util.List;

/** What a session or a block is about. */
public sealed interface Focus {
  <R> R read(Cases<R> cases);

  /** One answer for each kind of focus. */
  interface Cases<R> {
    R rule(String id);

    R rivals(String sound, List<String> graphemes);

    R irregular();
  }

  /** In a few words, as a heading. */
  default String title() {
    return read(
        new Cases<>() {
          @Override
          public String rule(String id) {
            return RuleBook.of(id).about().name();
          }

          @Override
          public String rivals(String sound, List<String> graphemes) {
            return "/" + sound + "/ as " + String.join(", ", graphemes).replace('_', '-');
          }

          @Override
          public String irregular() {
            return "irregular words";
          }
        });
  }

  /** A rule, with both its sides. */
  record Rule(String id) implements Focus {
    public Rule {
      RuleBook.of(id);
    }

    @Override
    public <R> R read(Cases<R> cases) {
      return cases.rule(id);
    }
  }

  /**
   * A sound with graphemes that rival for it.
   *
   * @param sound in IPA of the class's accent
   */
  record Rivals(String sound, List<String> graphemes) implements Focus {
    public Rivals {
      graphemes = List.copyOf(graphemes);
      if (sound.isBlank() || graphemes.isEmpty()) {
        throw new Unacceptable(
            "A focus on a sound names the sound and at least one grapheme, such as eɪ with ai.");
      }
    }

    @Override
    public <R> R read(Cases<R> cases) {
      return cases.rivals(sound, graphemes);
    }
  }

  /** Words that break a rule and are known by heart. */
  record Irregular() implements Focus {
    @Override
    public <R> R read(Cases<R> cases) {
      return cases.irregular();
    }
  }
}
