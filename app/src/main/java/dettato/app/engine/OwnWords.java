package dettato.app.engine;

import dettato.app.problem.Problem;
import dettato.word.Word;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The words a school has added or corrected; they stand before the lexicon's everywhere. */
@Service
@RequiredArgsConstructor
public class OwnWords {
  private final OwnWordRows rows;
  private final Clock clock;
  private final Editions editions;
  private final ApplicationEventPublisher events;

  /** All, in the order of the alphabet. */
  @Transactional(readOnly = true)
  public List<Word> all() {
    return rows.findAll().stream()
        .map(OwnWordRow::word)
        .sorted(Comparator.comparing(Word::spelling))
        .toList();
  }

  @Transactional(readOnly = true)
  public Optional<Word> find(String spelling) {
    return rows.findById(spelling).map(OwnWordRow::word);
  }

  /** Keeps words, replacing those of the same spelling; marks already given are made anew. */
  @Transactional
  public void keep(List<Word> words, long accountId) {
    rows.saveAllAndFlush(
        words.stream().map(w -> new OwnWordRow(w, accountId, clock.instant())).toList());
    editions.advance();
    events.publishEvent(
        new OwnWordsChanged(words.stream().map(Word::spelling).collect(Collectors.toSet())));
  }

  /** Takes an own word away; the lexicon's reading, or a guess, stands again. */
  @Transactional
  public void remove(String spelling) {
    if (!rows.existsById(spelling)) {
      throw Problem.notFound("'" + spelling + "' is not among the school's own words.");
    }
    rows.deleteById(spelling);
    editions.advance();
    events.publishEvent(new OwnWordsChanged(Set.of(spelling)));
  }
}
