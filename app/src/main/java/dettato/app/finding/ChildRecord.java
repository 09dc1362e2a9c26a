package dettato.app.finding;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.diagnose.Evidence;
import dettato.diagnose.Leaning;
import dettato.diagnose.Need;
import dettato.diagnose.Standing;
import dettato.diagnose.Tally;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What is known of one child on a day. Small enough to be kept for a school. */
record ChildRecord(
    List<Stands> standings,
    List<Leaning> leanings,
    Needs needs,
    int words,
    @Nullable LocalDate from,
    @Nullable LocalDate to) {

  /**
   * Where the child stands with one rule.
   *
   * @param broken the conditions that are failed, when it is a pattern
   * @param kept the other conditions of the same sides
   * @param evidence of a pattern the newest failures; empty otherwise
   */
  record Stands(
      String rule,
      Standing.State state,
      Standing.Kind kind,
      double probability,
      int opportunities,
      int failures,
      List<Tally> broken,
      List<Tally> kept,
      String wouldChange,
      List<Evidence> evidence) {

    boolean isPattern() {
      return state == Standing.State.PATTERN;
    }
  }

  /** Shares of what goes wrong by what it needs: attempts, not children. */
  record Needs(int hearing, int choosing, int building) {
    static Needs of(Map<Need, Integer> counts) {
      return new Needs(
          counts.getOrDefault(Need.HEARING, 0),
          counts.getOrDefault(Need.CHOOSING, 0),
          counts.getOrDefault(Need.BUILDING, 0));
    }

    Needs plus(Needs other) {
      return new Needs(
          hearing + other.hearing, choosing + other.choosing, building + other.building);
    }
  }

  /** One attempt that shows something. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record EvidenceView(LocalDate date, String target, String attempt, @Nullable String outcome) {
    static EvidenceView of(Evidence e) {
      return new EvidenceView(e.date(), e.target(), e.attempt(), e.outcome().name());
    }
  }
}
