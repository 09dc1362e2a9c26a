package dettato.app.insight;

import dettato.app.marking.Attempts;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.diagnose.Diagnosis;
import dettato.diagnose.Evidence;
import dettato.diagnose.Need;
import dettato.diagnose.Settings;
import dettato.diagnose.Standing;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What the attempts of a class say, child by child and rule by rule. Nothing here is stored. */
@Service
class Insights {
  private final Attempts attempts;
  private final ChildLeanings leanings;

  Insights(Attempts attempts, ChildLeanings leanings) {
    this.attempts = attempts;
    this.leanings = leanings;
  }

  /** One piece of evidence. */
  record EvidenceView(LocalDate date, String target, String attempt, String outcome) {
    static EvidenceView of(Evidence e) {
      return new EvidenceView(e.date(), e.target(), e.attempt(), e.outcome().name());
    }
  }

  /** A pattern of one child. */
  record Finding(
      String pupil,
      String rule,
      Standing.Kind kind,
      double probability,
      int opportunities,
      int failures,
      List<EvidenceView> evidence) {}

  record Findings(List<Finding> findings) {}

  /** Where one child stands with one rule. */
  record StandingView(
      String rule,
      Standing.State state,
      Standing.Kind kind,
      double probability,
      int opportunities,
      int failures,
      String wouldChange,
      List<EvidenceView> evidence) {}

  /**
   * One child.
   *
   * @param sounds how many patterns the child shows beside the rules, sound by sound
   */
  record MapRow(Pupil pupil, List<StandingView> cells, long sounds) {}

  record RuleHead(String id, String name) {}

  /** Children who share a pattern. */
  record Group(
      String rule,
      String ruleName,
      Standing.Kind kind,
      List<String> pupils,
      int failures,
      int opportunities,
      String exampleTarget,
      String exampleAttempt) {}

  /** Shares of what goes wrong by what it needs: attempts, not children. */
  record Needs(int hearing, int choosing, int building) {
    static Needs of(List<Attempts.Marked> marked) {
      Map<Need, Long> counts =
          marked.stream()
              .map(Attempts.Marked::need)
              .flatMap(Optional::stream)
              .collect(Collectors.groupingBy(n -> n, Collectors.counting()));
      return new Needs(
          counts.getOrDefault(Need.HEARING, 0L).intValue(),
          counts.getOrDefault(Need.CHOOSING, 0L).intValue(),
          counts.getOrDefault(Need.BUILDING, 0L).intValue());
    }
  }

  record ClassMap(
      List<RuleHead> rules,
      List<MapRow> rows,
      List<Group> groups,
      Needs needs,
      int attempts,
      @org.jspecify.annotations.Nullable LocalDate from,
      @org.jspecify.annotations.Nullable LocalDate to) {}

  /** Patterns only, strongest first. */
  Findings findings(SchoolClass of, LocalDate asOf) {
    List<Finding> findings = new ArrayList<>();
    standings(of, asOf, attempts.marked(of))
        .forEach(
            (pupil, standings) ->
                standings.stream()
                    .filter(Standing::isPattern)
                    .forEach(s -> findings.add(finding(pupil, s))));
    findings.sort(
        Comparator.comparingDouble(Finding::probability)
            .reversed()
            .thenComparing(Finding::pupil)
            .thenComparing(Finding::rule));
    return new Findings(findings);
  }

  /** Children against rules. */
  ClassMap map(SchoolClass of, LocalDate asOf) {
    List<Attempts.Marked> marked =
        attempts.marked(of).stream().filter(m -> !m.date().isAfter(asOf)).toList();
    Map<Pupil, List<Standing>> standings = standings(of, asOf, marked);
    List<RuleHead> rules =
        RuleBook.RULES.stream().map(r -> new RuleHead(r.id(), r.about().name())).toList();
    Map<Long, Long> sounds = leanings.patterns(of, asOf);
    List<MapRow> rows =
        of.pupils().stream()
            .map(
                p ->
                    new MapRow(
                        p,
                        standings.getOrDefault(p, List.of()).stream().map(Insights::cell).toList(),
                        sounds.getOrDefault(p.id(), 0L)))
            .toList();
    LocalDate from =
        marked.stream().map(Attempts.Marked::date).min(Comparator.naturalOrder()).orElse(null);
    LocalDate to =
        marked.stream().map(Attempts.Marked::date).max(Comparator.naturalOrder()).orElse(null);
    return new ClassMap(rules, rows, groups(standings), Needs.of(marked), marked.size(), from, to);
  }

  private static Map<Pupil, List<Standing>> standings(
      SchoolClass of, LocalDate asOf, List<Attempts.Marked> marked) {
    Diagnosis diagnosis =
        new Diagnosis(Settings.USUAL.withDifferentWords(of.differentWords()), asOf);
    Map<Long, List<Evidence>> evidence = new HashMap<>();
    marked.forEach(
        m -> evidence.computeIfAbsent(m.pupilId(), p -> new ArrayList<>()).addAll(m.evidence()));
    Map<Pupil, List<Standing>> standings = new java.util.LinkedHashMap<>();
    of.pupils()
        .forEach(
            p -> standings.put(p, diagnosis.standings(evidence.getOrDefault(p.id(), List.of()))));
    return standings;
  }

  private static Finding finding(Pupil pupil, Standing s) {
    return new Finding(
        pupil.name(),
        s.rule(),
        s.kind(),
        s.probability(),
        s.opportunities(),
        s.failures(),
        s.evidence().stream().map(EvidenceView::of).toList());
  }

  private static StandingView cell(Standing s) {
    return new StandingView(
        s.rule(),
        s.state(),
        s.kind(),
        s.probability(),
        s.opportunities(),
        s.failures(),
        s.wouldChange(),
        s.evidence().stream().map(EvidenceView::of).toList());
  }

  private static List<Group> groups(Map<Pupil, List<Standing>> standings) {
    Map<String, List<Map.Entry<Pupil, Standing>>> shared = new TreeMap<>();
    standings.forEach(
        (pupil, all) ->
            all.stream()
                .filter(Standing::isPattern)
                .forEach(
                    s ->
                        shared
                            .computeIfAbsent(s.rule() + "/" + s.kind(), k -> new ArrayList<>())
                            .add(Map.entry(pupil, s))));
    return shared.values().stream()
        .map(Insights::group)
        .sorted(Comparator.<Group>comparingInt(g -> -g.pupils().size()).thenComparing(Group::rule))
        .toList();
  }

  private static Group group(List<Map.Entry<Pupil, Standing>> members) {
    Standing first = members.get(0).getValue();
    SpellingRule rule = RuleBook.of(first.rule());
    Evidence example =
        first.evidence().stream()
            .filter(e -> e.outcome() != dettato.rule.Outcome.APPLIED)
            .findFirst()
            .orElse(first.evidence().get(0));
    return new Group(
        rule.id(),
        rule.about().name(),
        first.kind(),
        members.stream().map(m -> m.getKey().name()).collect(Collectors.toList()),
        members.stream().mapToInt(m -> m.getValue().failures()).sum(),
        members.stream().mapToInt(m -> m.getValue().opportunities()).sum(),
        example.target(),
        example.attempt());
  }
}
