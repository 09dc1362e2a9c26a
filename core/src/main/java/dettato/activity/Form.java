package dettato.activity;

import java.util.List;

/** What stands on the pupil's sheet for an item, or for a whole block at once. */
public sealed interface Form {
  /** What a form is called where it is named. */
  enum Name {
    ROOM,
    COLUMNS,
    MATCH,
    TEXT,
    LISTS,
    CHOICE
  }

  /**
   * Room to write an answer.
   *
   * @param before words that stand before it; "" for none
   * @param after words that stand after it
   * @param room how much is written there
   * @param sounds how many frames a word needs where the class writes in frames, 0 for no word
   */
  record Room(String before, String after, Size room, int sounds) implements Form {}

  /** How much room an answer needs. */
  enum Size {
    SOUND,
    WORD,
    PAIR,
    SENTENCE
  }

  /** Words to be written into columns. */
  record Columns(List<String> heads, List<String> words) implements Form {
    public Columns {
      heads = List.copyOf(heads);
      words = List.copyOf(words);
    }
  }

  /** Two lists of which each line on the left belongs to one on the right. */
  record Match(List<String> left, List<String> right) implements Form {
    public Match {
      left = List.copyOf(left);
      right = List.copyOf(right);
    }
  }

  /** A text to be read, with its sentences. */
  record Text(String title, String text) implements Form {}

  /** What is to be listed from a text, by columns. */
  record Lists(String asks, List<String> heads, int words) implements Form {
    public Lists {
      heads = List.copyOf(heads);
    }
  }

  /** A question with answers to choose from. */
  record Choice(String asks, List<String> options) implements Form {
    public Choice {
      options = List.copyOf(options);
    }
  }

  /** Room for one word of so many sounds. */
  static Form word(int sounds) {
    return new Room("", "", Size.WORD, sounds);
  }
}
