package dettato.app.marking;

import dettato.mark.Mark;
import dettato.rule.Outcome;
import dettato.rule.Side;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the core made of an attempt, cached with the core's version. */
@Entity
@Table(name = "mark")
class MarkRow {
  @Id private Long attemptId;

  @Column(nullable = false)
  private String version;

  @Column(nullable = false)
  private String result;

  @Column(nullable = false)
  private String rules;

  protected MarkRow() {}

  MarkRow(Long attemptId, String version, Mark mark) {
    this.attemptId = attemptId;
    this.version = version;
    this.result = mark.result().name();
    this.rules =
        mark.rules().stream()
            .map(r -> r.rule() + ":" + r.at().side() + ":" + r.outcome())
            .collect(Collectors.joining(" "));
  }

  /** One rule's outcome at one place. */
  record RuleOutcome(String rule, Side side, Outcome outcome) {}

  Long attemptId() {
    return attemptId;
  }

  String version() {
    return version;
  }

  String result() {
    return result;
  }

  List<RuleOutcome> outcomes() {
    return Stream.of(rules.split(" "))
        .filter(r -> !r.isEmpty())
        .map(r -> r.split(":"))
        .map(p -> new RuleOutcome(p[0], Side.valueOf(p[1]), Outcome.valueOf(p[2])))
        .toList();
  }
}
