package dettato.prompt;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What one item asks, in one of ten shapes. Kinds of activity share shapes; a new kind takes one of
 * these. Records keep it by {@link PromptCodec}.
 */
public sealed interface Prompt {
  /** In one line, as a teacher may type it; two items of a block never have the same. */
  String text();

  /** What heads its column on the papers. */
  default String brief() {
    return text();
  }

  /** The one word it is about; empty where it is about none, or about several. */
  default Optional<String> oneWord() {
    return Optional.empty();
  }

  /** What is asked, in a list beside {@link #right}. */
  default String asks() {
    return text();
  }

  /** What is right, where that is not what is asked; else "". */
  default String right() {
    return "";
  }

  /** A word. */
  record Word(String spelling) implements Prompt {
    @Override
    public String text() {
      return spelling;
    }

    @Override
    public Optional<String> oneWord() {
      return Optional.of(spelling).filter(w -> w.indexOf(' ') < 0);
    }
  }

  /** A sentence, or words in a row. */
  record Sentence(String text) implements Prompt {}

  /** Two words. */
  record Pair(String first, String second) implements Prompt {
    @Override
    public String text() {
      return first + " " + second;
    }

    @Override
    public String brief() {
      return first + " · " + second;
    }
  }

  /**
   * A sentence with a word left out.
   *
   * @param before what stands before the place, as it stands there, {@code after} behind it
   */
  record Gap(String before, String word, String after) implements Prompt {
    @Override
    public String text() {
      return before + "[" + word + "]" + after;
    }

    @Override
    public String brief() {
      return word;
    }
  }

  /**
   * Something that is asked, with its answers.
   *
   * @param answers what is right; all of it is asked for
   * @param others may be chosen, and are wrong
   */
  record Choice(String asks, List<String> answers, List<String> others) implements Prompt {
    public Choice {
      asks = Bracketed.clean(asks);
      answers = answers.stream().map(Bracketed::clean).toList();
      others = others.stream().map(Bracketed::clean).toList();
    }

    @Override
    public String text() {
      return Bracketed.text(asks, answers, others);
    }

    @Override
    public String brief() {
      return asks;
    }

    @Override
    public String right() {
      return Bracketed.joined(answers);
    }

    /** All that may be chosen, in the order of their letters, which tells nothing. */
    public List<String> options() {
      return Stream.concat(answers.stream(), others.stream()).sorted().toList();
    }
  }

  /**
   * A sound to be written.
   *
   * @param sound in IPA of the accent
   * @param note what the teacher wrote beside it, "" for nothing
   * @param graphemes that spell it, a split one with a hyphen
   * @param oneWay whether any one of them is right, and not all are asked for
   */
  record Sound(String sound, String note, List<String> graphemes, boolean oneWay)
      implements Prompt {
    private static final String ONE_WAY = ", one way";

    public Sound {
      graphemes = List.copyOf(graphemes);
    }

    @Override
    public String text() {
      return Bracketed.text(asks(), graphemes, List.of());
    }

    @Override
    public String asks() {
      return brief() + (oneWay ? ONE_WAY : "");
    }

    @Override
    public String brief() {
      return "/" + sound + "/" + (note.isEmpty() ? "" : " " + note);
    }

    @Override
    public String right() {
      return Bracketed.joined(graphemes);
    }

    /** As a teacher types it: {@code /eɪ/, one way [ai; ay]}; no sound where none stands first. */
    public static Sound of(Choice typed) {
      String says = typed.asks();
      boolean oneWay = says.endsWith(ONE_WAY);
      String rest = oneWay ? says.substring(0, says.length() - ONE_WAY.length()) : says;
      int end = rest.startsWith("/") ? rest.indexOf('/', 1) : 0;
      return end > 1
          ? new Sound(
              rest.substring(1, end), rest.substring(end + 1).strip(), typed.answers(), oneWay)
          : new Sound("", rest, typed.answers(), oneWay);
    }
  }

  /** A card of a deck: what is shown or said, and what the class answers. */
  record Card(String front, String back) implements Prompt {
    @Override
    public String text() {
      return front + " [" + back + "]";
    }

    @Override
    public String asks() {
      return front;
    }

    @Override
    public String right() {
      return back;
    }
  }

  /**
   * Words to be found in a text.
   *
   * @param sound in IPA of the accent that they have; "" where the title says what is asked
   * @param title of the text
   */
  record Hunt(String sound, String title, List<String> words) implements Prompt {
    private static final String IN = "/ in ";

    public Hunt {
      title = Bracketed.clean(title);
      words = words.stream().map(Bracketed::clean).toList();
    }

    @Override
    public String text() {
      return Bracketed.text(asks(), words, List.of());
    }

    @Override
    public String asks() {
      return sound.isEmpty() ? title : "/" + sound + IN + title;
    }

    @Override
    public String right() {
      return Bracketed.joined(words);
    }

    /** As a teacher types it: {@code /iː/ in The red kite [see; tree]}. */
    public static Hunt of(Choice typed) {
      String says = typed.asks();
      int end = says.startsWith("/") ? says.indexOf(IN, 1) : -1;
      return end > 1
          ? new Hunt(
              says.substring(1, end), says.substring(end + IN.length()).strip(), typed.answers())
          : new Hunt("", says, typed.answers());
    }
  }

  /**
   * A question on a text.
   *
   * @param title of the text; "" for none
   * @param others answers that may be chosen and are wrong; none where it is answered freely
   */
  record Question(String title, String asked, List<String> answers, List<String> others)
      implements Prompt {
    private static final String COLON = ": ";

    public Question {
      title = Bracketed.clean(title);
      asked = Bracketed.clean(asked);
      answers = answers.stream().map(Bracketed::clean).toList();
      others = others.stream().map(Bracketed::clean).toList();
    }

    @Override
    public String text() {
      return Bracketed.text(asks(), answers, others);
    }

    @Override
    public String asks() {
      return title.isEmpty() ? asked : title + COLON + asked;
    }

    @Override
    public String right() {
      return Bracketed.joined(answers);
    }

    /** All that may be chosen, in the order of their letters. */
    public List<String> options() {
      return Stream.concat(answers.stream(), others.stream()).sorted().toList();
    }

    /** As a teacher types it: {@code The red kite: Where is it? [in a tree | in the sea]}. */
    public static Question of(Choice typed) {
      int colon = typed.asks().indexOf(COLON);
      return colon < 0
          ? new Question("", typed.asks(), typed.answers(), typed.others())
          : new Question(
              typed.asks().substring(0, colon),
              typed.asks().substring(colon + COLON.length()),
              typed.answers(),
              typed.others());
    }
  }

  /** Words that a sentence of the child's own must hold. */
  record Targets(List<String> words) implements Prompt {
    public Targets {
      words = List.copyOf(words);
    }

    @Override
    public String text() {
      return String.join(" ", words);
    }

    @Override
    public Optional<String> oneWord() {
      return words.stream().findFirst().filter(w -> words.size() == 1);
    }
  }
}
