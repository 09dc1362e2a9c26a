package dettato.activity.listen;

import dettato.find.Spoken;
import dettato.sound.Accent;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Words by how they sound: whether what is left of a word is one itself. */
final class SpokenForms {
  private final Lexicon lexicon;
  private final Accent accent;
  private final Map<List<String>, List<Word>> bySounds = new HashMap<>();

  /**
   * @param words commonest first
   */
  SpokenForms(List<Word> words, Lexicon lexicon, Accent accent) {
    this.lexicon = lexicon;
    this.accent = accent;
    for (Word word : words) {
      if (word.use() == Word.Use.CHOOSE) {
        bySounds.computeIfAbsent(of(word).sounds(), s -> new ArrayList<>(1)).add(word);
      }
    }
  }

  Spoken of(Word word) {
    return Spoken.of(word, accent);
  }

  /** The words that sound so, the commonest first; empty when none does. */
  List<Word> said(List<String> sounds) {
    return bySounds.getOrDefault(sounds, List.of());
  }

  /** Whether a word is said in one way, and no other sounds so: neither lead nor sea. */
  boolean isAlone(Word word) {
    return said(of(word).sounds()).size() == 1
        && lexicon.readings(word.spelling(), accent.id()).count() == 1;
  }
}
