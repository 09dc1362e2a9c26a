package dettato.app.marking;

import dettato.app.outcome.Outcomes;
import dettato.app.problem.Problem;
import dettato.app.school.SchoolClass;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is typed: one write of a child after the other, marked in the same transaction. */
@Service
@RequiredArgsConstructor
public class AttemptWriter {
  private final AttemptRows attempts;
  private final MarkStore marks;
  private final ChildLock lock;
  private final Outcomes outcomes;
  private final EntityManager entities;
  private final ApplicationEventPublisher events;

  /**
   * Keeps an answer to an item, in place of what was there.
   *
   * @param version of what the writer saw there, 0 for nothing; null when it does not matter
   * @throws Problem 409 when something else stands there by now, with what does; the same text
   *     twice is no quarrel
   */
  @Transactional
  public Cell save(Entry entry, long classId, @Nullable Long version) {
    return save(entry, classId, version, marks::explain, marks::keep);
  }

  /** The same for whoever does not look at it now: what explains the mark is left out. */
  @Transactional
  public Cell saveUnseen(Entry entry, long classId, @Nullable Long version) {
    return save(entry, classId, version, marks::plain, marks::keepPlain);
  }

  private Cell save(
      Entry entry,
      long classId,
      @Nullable Long version,
      Function<AttemptRow, Cell> show,
      Function<AttemptRow, Cell> keep) {
    long item = java.util.Objects.requireNonNull(entry.itemId(), "an answer to an item");
    lock.hold(List.of(entry.pupilId()));
    Optional<AttemptRow> known = attempts.findByPupilIdAndItemId(entry.pupilId(), item);
    if (known.isEmpty() && entry.kept() == AnswerState.EMPTY) {
      return Cell.empty(entry.pupilId(), item);
    }
    if (known.filter(row -> row.says(entry)).isPresent()) {
      return show.apply(known.get());
    }
    long now = known.map(row -> row.version() + 1).orElse(0L);
    if (version != null && version != now) {
      throw Problem.changed(
          "Somebody else wrote here meanwhile.",
          known.map(show).orElseGet(() -> Cell.empty(entry.pupilId(), item)));
    }
    AttemptRow row = known.orElseGet(() -> new AttemptRow(classId, entry));
    row.rewrite(entry);
    return keep.apply(attempts.saveAndFlush(row));
  }

  /**
   * Holds these children until the transaction ends. Who writes about several holds them all at
   * once, before anything of theirs is read: held one by one, two writers wait for each other.
   */
  @Transactional
  public void hold(Collection<Long> pupils) {
    lock.hold(pupils);
  }

  /** Keeps attempts from elsewhere; what is there already stays. Returns how many were new. */
  @Transactional
  public int add(List<Entry> entries, SchoolClass of) {
    if (entries.isEmpty()) {
      return 0;
    }
    lock.hold(entries.stream().map(Entry::pupilId).toList());
    Set<AttemptRows.Fact> known = known(entries);
    List<AttemptRow> fresh = new ArrayList<>();
    for (Entry e : entries) {
      if (known.add(new AttemptRows.Fact(e.pupilId(), e.date(), e.prompt().text(), e.written()))) {
        fresh.add(new AttemptRow(of.id(), e));
      }
    }
    // A child's rows together: the indexes by child are then written page after page.
    fresh.sort(Comparator.comparingLong(AttemptRow::pupilId));
    fresh.forEach(entities::persist);
    Runnable keep = marks.keepFirst(fresh);
    entities.flush();
    fresh.forEach(entities::detach);
    keep.run();
    events.publishEvent(new AttemptsAdded(of));
    return fresh.size();
  }

  /** What these children wrote in those days. */
  private Set<AttemptRows.Fact> known(List<Entry> entries) {
    LocalDate first = entries.stream().map(Entry::date).min(LocalDate::compareTo).orElseThrow();
    LocalDate last = entries.stream().map(Entry::date).max(LocalDate::compareTo).orElseThrow();
    List<Long> pupils = entries.stream().map(Entry::pupilId).distinct().toList();
    return new HashSet<>(attempts.facts(pupils, first, last));
  }

  /**
   * Lets go of items that leave a plan.
   *
   * @throws Problem 409 when something is written for one of them
   */
  @Transactional
  public void letGo(Collection<Long> items) {
    if (items.isEmpty()) {
      return;
    }
    List<AttemptRow> rows = attempts.findByItemIdIn(items);
    if (rows.stream().anyMatch(row -> row.state() != AnswerState.EMPTY)) {
      throw Problem.conflict(
          "Attempts at these words are kept already. Leave them on the sheet, or plan another"
              + " session.");
    }
    rows.forEach(AttemptRow::leaveItem);
    attempts.flush();
  }

  /** Says on which day the answers to these items were written, when a session moves. */
  @Transactional
  public void writtenOn(Collection<Long> items, LocalDate day) {
    if (items.isEmpty()) {
      return;
    }
    lock.hold(attempts.pupilsOfItems(items));
    attempts.writtenOn(items, day);
    outcomes.movedTo(day, items);
  }
}
