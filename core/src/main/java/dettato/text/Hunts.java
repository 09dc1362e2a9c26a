package dettato.text;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Texts to hunt a sound through: its words are listed by the grapheme that spells it. */
public final class Hunts {
  private static final int COLUMNS = 2;
  private static final int WORDS = 5;

  private final SentenceReader reader;
  private final List<Passage> passages;

  /**
   * A text and a sound in it.
   *
   * @param columns the sound's words by grapheme; empty without a sound
   * @param spans its letters in the text
   */
  public record Hunt(
      Passage passage, ReadSentence read, List<TextCheck.Count> columns, List<Span> spans) {
    public Hunt {
      columns = List.copyOf(columns);
      spans = List.copyOf(spans);
    }

    private int words() {
      return columns.stream().mapToInt(c -> c.words().size()).sum();
    }
  }

  public Hunts(SentenceReader reader, List<Passage> passages) {
    this.reader = reader;
    this.passages = List.copyOf(passages);
  }

  /**
   * The texts in which a sound is spelled in two ways at least, in no fewer than five words, those
   * with most words first; all texts for no sound.
   *
   * @param sound in IPA of the accent, or ""
   */
  public List<Hunt> of(String sound) {
    return passages.stream()
        .map(p -> hunt(p, sound))
        .filter(h -> sound.isEmpty() || h.columns.size() >= COLUMNS && h.words() >= WORDS)
        .sorted(Comparator.comparingInt(h -> -h.words()))
        .toList();
  }

  private Hunt hunt(Passage passage, String sound) {
    Sentence text = new Sentence(passage.text());
    Map<String, Set<String>> spelled = reader.counts(passage.text()).getOrDefault(sound, Map.of());
    return new Hunt(
        passage,
        reader.read(text),
        spelled.entrySet().stream()
            .map(e -> new TextCheck.Count(sound, e.getKey(), List.copyOf(e.getValue())))
            .toList(),
        sound.isEmpty()
            ? List.of()
            : reader.spans(text, (r, c) -> false, s -> s.startsWith(sound + "=")));
  }
}
