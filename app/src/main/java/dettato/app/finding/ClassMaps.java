package dettato.app.finding;

import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.terms.Prose;
import dettato.diagnose.Evidence;
import dettato.diagnose.Leaning;
import dettato.diagnose.Standing;
import dettato.diagnose.Tally;
import dettato.rule.RuleBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Children against rules, and who shares a pattern. */
@Service
@RequiredArgsConstructor
class ClassMaps {
  private final ChildRecords records;

  /**
   * Where one child stands with one rule; what it rests on is asked for when the cell is opened.
   */
  record MapCell(
      String rule,
      Standing.State state,
      Standing.Kind kind,
      double probability,
      int opportunities,
      int failures) {}

  /**
   * One child.
   *
   * @param sounds how many patterns the child shows beside the rules, sound by sound
   */
  record MapRow(Pupil pupil, List<MapCell> cells, long sounds) {}

  record RuleHead(String id, @Prose String name) {}

  /**
   * Children who fail the same condition of a rule in the same way.
   *
   * @param condition its id; "" of marks made before conditions were told apart
   * @param says what holds at such a place, for a teacher
   */
  record Group(
      String rule,
      @Prose String ruleName,
      Standing.Kind kind,
      String condition,
      @Prose String says,
      List<Pupil> pupils,
      int failures,
      int opportunities,
      String exampleTarget,
      String exampleAttempt) {}

  /**
   * A class on a day.
   *
   * @param attempts how many words were written
   */
  record ClassMap(
      List<RuleHead> rules,
      List<MapRow> rows,
      List<Group> groups,
      ChildRecord.Needs needs,
      int attempts,
      @Nullable LocalDate from,
      @Nullable LocalDate to) {}

  private record Member(Pupil pupil, ChildRecord.Stands stands, Tally broken) {}

  ClassMap of(SchoolClass of, LocalDate asOf) {
    Map<Long, ChildRecord> known = records.of(of, asOf);
    List<MapRow> rows = new ArrayList<>();
    Map<String, List<Member>> shared = new TreeMap<>();
    for (Pupil pupil : of.pupils()) {
      ChildRecord record = Objects.requireNonNull(known.get(pupil.id()));
      rows.add(row(pupil, record));
      record.standings().stream()
          .filter(ChildRecord.Stands::isPattern)
          .flatMap(s -> s.broken().stream().map(b -> new Member(pupil, s, b)))
          .forEach(m -> shared.computeIfAbsent(key(m), k -> new ArrayList<>()).add(m));
    }
    List<Group> groups =
        shared.values().stream()
            .map(ClassMaps::group)
            .sorted(
                Comparator.comparingInt((Group g) -> -g.pupils().size()).thenComparing(Group::rule))
            .toList();
    return new ClassMap(
        RuleBook.RULES.stream().map(r -> new RuleHead(r.id(), r.about().name())).toList(),
        rows,
        groups,
        known.values().stream()
            .map(ChildRecord::needs)
            .reduce(new ChildRecord.Needs(0, 0, 0), ChildRecord.Needs::plus),
        known.values().stream().mapToInt(ChildRecord::words).sum(),
        known.values().stream()
            .map(ChildRecord::from)
            .filter(Objects::nonNull)
            .min(Comparator.naturalOrder())
            .orElse(null),
        known.values().stream()
            .map(ChildRecord::to)
            .filter(Objects::nonNull)
            .max(Comparator.naturalOrder())
            .orElse(null));
  }

  private static MapRow row(Pupil pupil, ChildRecord record) {
    return new MapRow(
        pupil,
        record.standings().stream()
            .map(
                s ->
                    new MapCell(
                        s.rule(),
                        s.state(),
                        s.kind(),
                        s.probability(),
                        s.opportunities(),
                        s.failures()))
            .toList(),
        record.leanings().stream().filter(Leaning::isPattern).count());
  }

  private static String key(Member m) {
    return m.stands.rule() + " " + m.stands.kind() + " " + m.broken.condition();
  }

  private static Group group(List<Member> members) {
    Member first = members.get(0);
    ConditionCount about = ConditionCount.of(List.of(first.broken)).get(0);
    Optional<Evidence> example =
        first.stands.evidence().stream()
            .filter(e -> e.condition().equals(about.condition()))
            .findFirst();
    return new Group(
        first.stands.rule(),
        RuleBook.of(first.stands.rule()).about().name(),
        first.stands.kind(),
        about.condition(),
        about.says(),
        members.stream().map(Member::pupil).toList(),
        members.stream().mapToInt(m -> m.broken.failures()).sum(),
        members.stream().mapToInt(m -> m.broken.opportunities()).sum(),
        example.map(Evidence::target).orElse(""),
        example.map(Evidence::attempt).orElse(""));
  }
}
