package dettato.activity;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What is the same for every item of a kind. Whatever shows, prints, hands out or takes in a kind
 * asks these, and never which kind it is.
 *
 * @param id stable: records and exports use it
 * @param title as a heading on the sheet
 * @param asks what the children are to do, in a line
 * @param steps of giving one item, in order
 * @param example of an item as a teacher may type it
 * @param longest letters she may type
 * @param usual how many items there are unless she says otherwise
 * @param most how many there are at most
 * @param forms what may stand on the sheet for them
 */
public record Traits(
    String id,
    String title,
    Answer answer,
    String asks,
    List<String> steps,
    String example,
    int longest,
    int usual,
    int most,
    List<Form.Name> forms,
    Set<Trait> has) {
  private static final int WORD = 40;
  private static final int LINE = 300;
  private static final int USUAL = 4;
  private static final int MOST = 20;

  /** What a child gives for an item. */
  public enum Answer {
    WORD,
    SENTENCE,
    /** Two words. */
    PAIR,
    GRAPHEMES,
    /** Letters, and the signs of the class's notation on them. */
    MARKED_WORD,
    /** One of a few that are shown. */
    CHOICE,
    /** Words one after the other, or in columns. */
    LIST,
    /** Nothing is written. */
    ALOUD
  }

  /** What holds for a kind, or not. */
  public enum Trait {
    /** Its items may hold words that other blocks of the session ask, as sentences should. */
    MAY_REPEAT,
    /** Its words are to be known by heart, and so are taught in a way of their own. */
    BY_HEART,
    /** What is said for an item is a question in our words, and no text to be written. */
    QUESTION,
    /** Its words are read back at the end of a session. */
    READ_BACK,
    /** Its items are words that are chosen for what they hold, and may be taken from a list. */
    TAKES_WORDS,
    /** An answer needs a line of its own. */
    LONG,
    /** Each child writes something else, so that nothing is there to be copied as right. */
    FREE,
    /** It is written as it was dictated, word by word. */
    BY_WORD,
    /** Nobody knows its words. */
    INVENTED,
    /** What was missed in it does not come again by itself. */
    NOT_REVIEWED,
    /** It deals the cards that are due. */
    DEALS_CARDS,
    /** Its tasks come in three levels. */
    LEVELS,
    /** What is right for its tasks stands in a box that they share. */
    BOXED,
    /** One of the words shown is wrong, and is to be found. */
    TO_FIND,
    /**
     * Its tasks are made for the ear, or for a sheet as a whole, and are not sent to one by one.
     */
    NOT_SENT,
    /** It has tasks, and is no part of a session. */
    SHELF_ONLY,
    /** It is made of what the session has already, or of what is due, and of no focus. */
    WITHOUT_FOCUS
  }

  public Traits {
    steps = List.copyOf(steps);
    forms = List.copyOf(forms);
    has = Set.copyOf(has);
  }

  /** A kind of which nothing else is said. */
  public static Traits of(String id, String title, Answer answer) {
    return new Traits(
        id,
        title,
        answer,
        "",
        List.of(),
        "",
        WORD,
        USUAL,
        MOST,
        answer == Answer.ALOUD ? List.of() : List.of(Form.Name.ROOM),
        EnumSet.noneOf(Trait.class));
  }

  public Traits asks(String line) {
    return new Traits(id, title, answer, line, steps, example, longest, usual, most, forms, has);
  }

  public Traits steps(String... names) {
    return new Traits(
        id, title, answer, asks, List.of(names), example, longest, usual, most, forms, has);
  }

  /** An example of a word, or of a few. */
  public Traits example(String one) {
    return new Traits(id, title, answer, asks, steps, one, WORD, usual, most, forms, has);
  }

  /** An example of a line. */
  public Traits line(String one) {
    return new Traits(id, title, answer, asks, steps, one, LINE, usual, most, forms, has);
  }

  public Traits count(int usually, int atMost) {
    return new Traits(
        id, title, answer, asks, steps, example, longest, usually, atMost, forms, has);
  }

  public Traits forms(Form.Name... names) {
    return new Traits(
        id, title, answer, asks, steps, example, longest, usual, most, List.of(names), has);
  }

  public Traits with(Trait first, Trait... others) {
    return new Traits(
        id,
        title,
        answer,
        asks,
        steps,
        example,
        longest,
        usual,
        most,
        forms,
        EnumSet.of(first, others));
  }

  public boolean has(Trait trait) {
    return has.contains(trait);
  }

  public boolean isSpoken() {
    return answer == Answer.ALOUD;
  }
}
