package dettato.text;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Texts to hunt a sound through: its words are listed by the grapheme that spells it. */
public final class Hunts {
  private static final int COLUMNS = 2;
  private static final int WORDS = 5;

  private final SentenceReader reader;
  private final List<Known> texts;

  /** A text, read once, and its words by sound and grapheme. */
  private record Known(
      Passage passage, ReadSentence read, Map<String, Map<String, Set<String>>> counts) {}

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
    this(reader, passages.stream().map(p -> known(reader, p)).toList(), List.of());
  }

  private Hunts(SentenceReader reader, List<Known> ours, List<Passage> own) {
    this.reader = reader;
    this.texts = Stream.concat(own.stream().map(p -> known(reader, p)), ours.stream()).toList();
  }

  private static Known known(SentenceReader reader, Passage passage) {
    return new Known(
        passage, reader.read(new Sentence(passage.text())), reader.counts(passage.text()));
  }

  /** The same with a school's own texts before these. */
  public Hunts with(List<Passage> own) {
    return own.isEmpty() ? this : new Hunts(reader, texts, own);
  }

  /**
   * The texts in which a sound is spelled in two ways at least, in no fewer than five words, those
   * with most words first; all texts for no sound.
   *
   * @param sound in IPA of the accent, or ""
   */
  public List<Hunt> of(String sound) {
    return texts.stream()
        .map(p -> hunt(p, sound))
        .filter(h -> sound.isEmpty() || h.columns.size() >= COLUMNS && h.words() >= WORDS)
        .sorted(Comparator.comparingInt(h -> -h.words()))
        .toList();
  }

  private Hunt hunt(Known text, String sound) {
    Map<String, Set<String>> spelled =
        sound.isEmpty() ? Map.of() : text.counts.getOrDefault(sound, Map.of());
    return new Hunt(
        text.passage,
        text.read,
        spelled.entrySet().stream()
            .map(e -> new TextCheck.Count(sound, e.getKey(), List.copyOf(e.getValue())))
            .toList(),
        sound.isEmpty()
            ? List.of()
            : reader.spans(text.read.sentence(), (r, c) -> false, s -> s.startsWith(sound + "=")));
  }
}
