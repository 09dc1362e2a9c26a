package dettato.engine;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.deck.Cards;
import dettato.diagnose.SoundPlace;
import dettato.find.WordIndex;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.InventedWords;
import dettato.plan.OtherWords;
import dettato.plan.TeachingSequence;
import dettato.plan.WordChooser;
import dettato.rule.RuleBook;
import dettato.rule.RuleFigures;
import dettato.rule.SpellingRule;
import dettato.sound.Accent;
import dettato.text.Phrases;
import dettato.word.Homophones;
import dettato.word.Lexicon;
import dettato.word.Word;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What follows from an accent and the words alone, in whatever order they are taught. */
final class WordParts {
  private static final int KEPT = 20_000;

  /** What is made in an order is made in this one first; other orders take over what they can. */
  final TeachingSequence usual;

  final Accent accent;
  final Lexicon lexicon;
  final List<Word> words;
  final Set<String> own;
  final AttemptMarker marker;
  final SentenceMarker sentences;
  final WordChooser chooser;
  final Phrases phrases;
  final Cache<String, List<SoundPlace>> places = Caffeine.newBuilder().maximumSize(KEPT).build();
  final Lazy<WordIndex> index;
  final Lazy<InventedWords> invented;
  private final Lazy<OtherWords> others;
  final Lazy<Homophones> homophones;
  final Lazy<Cards> cards;
  final Lazy<Map<String, RuleFigures>> figures;

  private WordParts(
      TeachingSequence usual,
      Accent accent,
      Lexicon lexicon,
      Set<String> own,
      AttemptMarker marker,
      Lazy<WordIndex> index,
      Lazy<OtherWords> others) {
    this.usual = usual;
    this.accent = accent;
    this.lexicon = lexicon;
    this.own = own;
    this.words = lexicon.words(accent.id());
    this.marker = marker;
    this.sentences = new SentenceMarker(marker, lexicon);
    this.chooser = new WordChooser(lexicon, accent, usual);
    this.phrases = new Phrases(lexicon, accent);
    this.index = index;
    this.invented = new Lazy<>(() -> new InventedWords(lexicon, accent, usual, others.get()));
    this.others = others;
    this.homophones = new Lazy<>(() -> new Homophones(words, accent));
    this.cards = new Lazy<>(() -> new Cards(proposed()));
    this.figures =
        new Lazy<>(
            () ->
                RuleBook.RULES.stream()
                    .collect(
                        Collectors.toMap(SpellingRule::id, r -> RuleFigures.of(r, proposed()))));
  }

  static WordParts shipped(Accent accent, TeachingSequence usual) {
    Lexicon lexicon = Lexicon.shipped();
    return new WordParts(
        usual,
        accent,
        lexicon,
        Set.of(),
        new AttemptMarker(accent, lexicon),
        new Lazy<>(() -> new WordIndex(lexicon, accent, usual)),
        new Lazy<>(() -> new OtherWords(accent)));
  }

  WordParts with(List<Word> more) {
    Lexicon all = lexicon.with(more);
    return new WordParts(
        usual,
        accent,
        all,
        more.stream().map(Word::spelling).collect(Collectors.toSet()),
        marker.with(all),
        new Lazy<>(() -> index.get().with(more)),
        others);
  }

  /** Those that may be proposed, commonest first. */
  private List<Word> proposed() {
    return words.stream().filter(w -> w.use() == Word.Use.CHOOSE).toList();
  }
}
