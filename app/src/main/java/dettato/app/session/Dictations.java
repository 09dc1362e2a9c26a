package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.language.Language;
import dettato.app.language.Languages;
import dettato.app.language.UnitView;
import dettato.app.marking.Attempts;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.web.Problem;
import dettato.plan.Pace;
import dettato.rule.Opportunity;
import dettato.rule.RuleBook;
import dettato.rule.Side;
import dettato.rule.SpellingRule;
import dettato.word.Word;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Dictations of a class: planned, given, and asked back. */
@Service
public class Dictations {
  private static final int MOST_ITEMS = 30;

  private final DictationRows dictations;
  private final ItemRows items;
  private final Classes classes;
  private final Attempts attempts;
  private final Languages languages;
  private final Clock clock;

  Dictations(
      DictationRows dictations,
      ItemRows items,
      Classes classes,
      Attempts attempts,
      Languages languages,
      Clock clock) {
    this.dictations = dictations;
    this.items = items;
    this.classes = classes;
    this.attempts = attempts;
    this.languages = languages;
    this.clock = clock;
  }

  /** Where a dictation stands. */
  public enum State {
    PLANNED,
    GIVEN,
    ANSWERED
  }

  /**
   * A dictation in a list.
   *
   * @param marked how many papers have every word entered, or are away
   */
  public record Summary(
      long id,
      LocalDate date,
      String rule,
      String ruleName,
      State state,
      int words,
      int marked,
      int papers) {}

  /**
   * One word of a dictation.
   *
   * @param side which side of the focus rule it is on; null when it does not test it
   * @param due what is due there, in a few letters; "" when it does not test the rule
   * @param focus index of the unit the rule decides, -1 when it does not
   */
  public record ItemView(
      long id,
      int place,
      String word,
      List<UnitView> units,
      String clue,
      @Nullable Side side,
      String due,
      int focus,
      String why,
      int pause) {}

  /** A child's paper. */
  public record Paper(Pupil pupil, List<Attempts.Cell> cells) {}

  /** A whole dictation. */
  public record Dictation(
      long id,
      long classId,
      LocalDate date,
      String rule,
      String ruleName,
      String sentence,
      State state,
      List<ItemView> items,
      List<Paper> papers,
      int seconds) {}

  /** All dictations of a class, by date. */
  @Transactional(readOnly = true)
  public List<Summary> of(SchoolClass of) {
    List<DictationRow> rows = dictations.findByClassIdOrderByGivenOn(of.id());
    Map<Long, List<ItemRow>> byDictation =
        items.findByDictationIdIn(rows.stream().map(DictationRow::id).toList()).stream()
            .collect(Collectors.groupingBy(ItemRow::dictationId));
    return rows.stream()
        .map(r -> summary(r, byDictation.getOrDefault(r.id(), List.of()), of))
        .toList();
  }

  /** One dictation with its papers. */
  @Transactional(readOnly = true)
  public Dictation find(long id, Teacher teacher) {
    DictationRow row = row(id);
    return whole(row, classes.find(row.classId(), teacher));
  }

  /** Plans a dictation on a day. */
  @Transactional
  public Dictation plan(SchoolClass of, LocalDate date, String rule) {
    RuleBook.of(rule);
    DictationRow row =
        dictations.save(new DictationRow(of.id(), date, rule, "", State.PLANNED.name()));
    return whole(row, of);
  }

  /**
   * Adds words to the dictation planned on a day, or plans one for them: its rule is the one that
   * most of them test.
   */
  @Transactional
  public Dictation send(SchoolClass of, LocalDate date, List<String> words) {
    Language language = languages.of(of.accent());
    List<String> clean = clean(words, language);
    DictationRow row =
        dictations.findByClassIdOrderByGivenOn(of.id()).stream()
            .filter(d -> d.givenOn().equals(date) && d.state().equals(State.PLANNED.name()))
            .findFirst()
            .orElseGet(
                () ->
                    dictations.save(
                        new DictationRow(
                            of.id(), date, tested(clean, language), "", State.PLANNED.name())));
    List<String> all =
        Stream.concat(
                items.findByDictationIdOrderByPlace(row.id()).stream().map(ItemRow::word),
                clean.stream())
            .distinct()
            .toList();
    return rewrite(row, row.rule(), row.sentence(), clean(all, language), of);
  }

  private static String tested(List<String> words, Language language) {
    Map<String, Long> counts =
        words.stream()
            .flatMap(
                w ->
                    RuleBook.opportunities(language.word(w)).stream()
                        .map(Opportunity::rule)
                        .distinct())
            .collect(Collectors.groupingBy(r -> r, Collectors.counting()));
    return RuleBook.RULES.stream()
        .map(SpellingRule::id)
        .max(Comparator.comparingLong(r -> counts.getOrDefault(r, 0L)))
        .orElseThrow();
  }

  /** Replaces what a planned dictation asks; one with attempts keeps its words. */
  @Transactional
  public Dictation rewrite(
      long id, String rule, String sentence, List<String> words, Teacher teacher) {
    DictationRow row = row(id);
    SchoolClass of = classes.find(row.classId(), teacher);
    RuleBook.of(rule);
    return rewrite(row, rule, sentence, clean(words, languages.of(of.accent())), of);
  }

  private Dictation rewrite(
      DictationRow row, String rule, String sentence, List<String> clean, SchoolClass of) {
    List<ItemRow> old = items.findByDictationIdOrderByPlace(row.id());
    boolean same = old.stream().map(ItemRow::word).toList().equals(clean);
    if (!same) {
      if (!attempts.cells(old.stream().map(ItemRow::id).toList(), of).isEmpty()) {
        throw Problem.conflict("Attempts at these words are kept already; plan another dictation.");
      }
      items.deleteAll(old);
      items.flush();
      add(row.id(), clean);
    }
    row.plan(rule, sentence.strip());
    return whole(row, of);
  }

  /** Moves a dictation on; one given before its planned day was given today. */
  @Transactional
  public Dictation become(long id, State state, Teacher teacher) {
    DictationRow row = row(id);
    SchoolClass of = classes.find(row.classId(), teacher);
    row.become(state.name());
    if (state != State.PLANNED && row.givenOn().isAfter(LocalDate.now(clock))) {
      row.giveOn(LocalDate.now(clock));
    }
    return whole(row, of);
  }

  /** Keeps one attempt of a child at an item. */
  @Transactional
  public Attempts.Cell save(
      long id, long pupilId, long itemId, String written, Attempts.State state, Teacher teacher) {
    DictationRow row = row(id);
    SchoolClass of = classes.find(row.classId(), teacher);
    ItemRow item = item(id, itemId);
    if (of.pupils().stream().noneMatch(p -> p.id() == pupilId)) {
      throw Problem.notFound("There is no child " + pupilId + " in this class.");
    }
    return attempts.save(
        new Attempts.Entry(pupilId, itemId, row.givenOn(), item.word(), written.strip(), state),
        of);
  }

  /** Empties one cell. */
  @Transactional
  public void clear(long id, long pupilId, long itemId, Teacher teacher) {
    classes.find(row(id).classId(), teacher);
    attempts.clear(pupilId, item(id, itemId).id());
  }

  private ItemRow item(long id, long itemId) {
    return items
        .findById(itemId)
        .filter(i -> i.dictationId() == id)
        .orElseThrow(() -> Problem.notFound("This dictation has no item " + itemId + "."));
  }

  private void add(long id, List<String> words) {
    List<ItemRow> rows = new ArrayList<>();
    for (int i = 0; i < words.size(); i++) {
      rows.add(new ItemRow(id, i, words.get(i)));
    }
    items.saveAll(rows);
  }

  private static List<String> clean(List<String> words, Language language) {
    if (words.size() > MOST_ITEMS) {
      throw Problem.badRequest("A dictation has at most " + MOST_ITEMS + " words.");
    }
    return words.stream()
        .map(w -> w.strip().toLowerCase(Locale.ROOT))
        .peek(language::word)
        .toList();
  }

  private DictationRow row(long id) {
    return dictations
        .findById(id)
        .orElseThrow(() -> Problem.notFound("There is no dictation " + id + "."));
  }

  private Summary summary(DictationRow row, List<ItemRow> asked, SchoolClass of) {
    Map<Long, Long> entered =
        attempts.cells(asked.stream().map(ItemRow::id).toList(), of).stream()
            .collect(Collectors.groupingBy(Attempts.Cell::pupilId, Collectors.counting()));
    int marked = (int) entered.values().stream().filter(n -> n >= asked.size()).count();
    return new Summary(
        row.id(),
        row.givenOn(),
        row.rule(),
        RuleBook.of(row.rule()).about().name(),
        State.valueOf(row.state()),
        asked.size(),
        marked,
        of.pupils().size());
  }

  private Dictation whole(DictationRow row, SchoolClass of) {
    Language language = languages.of(of.accent());
    List<ItemView> asked =
        items.findByDictationIdOrderByPlace(row.id()).stream()
            .map(i -> view(i, row.rule(), language))
            .toList();
    Map<Long, List<Attempts.Cell>> cells =
        attempts.cells(asked.stream().map(ItemView::id).toList(), of).stream()
            .collect(Collectors.groupingBy(Attempts.Cell::pupilId));
    List<Paper> papers =
        of.pupils().stream().map(p -> new Paper(p, cells.getOrDefault(p.id(), List.of()))).toList();
    return new Dictation(
        row.id(),
        of.id(),
        row.givenOn(),
        row.rule(),
        RuleBook.of(row.rule()).about().name(),
        row.sentence(),
        State.valueOf(row.state()),
        asked,
        papers,
        seconds(asked, row.sentence(), language));
  }

  private static int seconds(List<ItemView> asked, String sentence, Language language) {
    Pace pace = Pace.IN_THE_ROOM;
    int words =
        asked.stream()
            .map(i -> language.word(i.word()))
            .mapToInt(w -> pace.word(w.join().isPresent(), false))
            .sum();
    int sentenceWords = sentence.isBlank() ? 0 : sentence.strip().split("\\s+").length;
    return pace.frame() + words + pace.sentence(sentenceWords);
  }

  private static ItemView view(ItemRow row, String rule, Language language) {
    Word word = language.word(row.word());
    Optional<Opportunity> at =
        RuleBook.opportunities(word).stream().filter(o -> o.rule().equals(rule)).findFirst();
    return new ItemView(
        row.id(),
        row.place(),
        row.word(),
        UnitView.of(word.cut(), language.accent()),
        word.clue(),
        at.map(Opportunity::side).orElse(null),
        at.map(o -> word.cut().unit(o.unit()).grapheme().text()).orElse(""),
        at.map(Opportunity::unit).orElse(-1),
        at.map(Opportunity::why).orElse(""),
        Pace.writingPause(word.cut().size()));
  }
}
