package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.app.account.Teacher;
import dettato.app.outcome.SessionOutcomes;
import dettato.app.terms.Prose;
import dettato.rule.RuleBook;
import dettato.session.Outlook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the papers of a session say, and the next step; counted from what is stored. */
@Service
@RequiredArgsConstructor
class SessionOutlook {
  private final SessionReader reader;
  private final SessionOutcomes outcomes;

  /**
   * @param who so many of so many, and
   * @param names of those, where a rule is failed; "" for a line that is about no rule
   * @param ground what holds where it is failed, "" for a line that is about no rule
   */
  record OutlookLine(
      Outlook.About about, @Prose String says, String who, String names, @Prose String ground) {}

  /**
   * @param pupils who need it; empty for the whole class
   */
  record NextStep(String rule, String condition, List<Long> pupils) {}

  /**
   * @param next null where nothing is to be taught again
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record OutlookView(int papers, List<OutlookLine> lines, @Nullable NextStep next) {}

  @Transactional(readOnly = true)
  OutlookView of(long id, Teacher teacher) {
    List<SessionReader.WrittenPaper> written = reader.written(id, teacher);
    Map<Long, String> names =
        written.stream().collect(Collectors.toMap(p -> p.pupil().id(), p -> p.pupil().name()));
    Outlook.Said said =
        Outlook.of(
            written.size(), outcomes.grounds(id, names), words(id), outcomes.soundsOff(id, names));
    return new OutlookView(
        written.size(),
        said.lines().stream()
            .map(
                l ->
                    new OutlookLine(l.about(), l.says(), l.who(), l.names(), ground(l.condition())))
            .toList(),
        said.next().map(n -> new NextStep(n.rule(), n.condition(), n.children())).orElse(null));
  }

  private static String ground(String condition) {
    return condition.isEmpty() ? "" : RuleBook.condition(condition).says();
  }

  private List<Outlook.AskedWord> words(long id) {
    Map<String, List<String>> wrong = new LinkedHashMap<>();
    Map<String, Integer> papers = new HashMap<>();
    for (SessionOutcomes.WrittenWord w : outcomes.words(id)) {
      papers.merge(w.target(), 1, Integer::sum);
      List<String> those = wrong.computeIfAbsent(w.target(), t -> new ArrayList<>());
      if (!w.right()) {
        those.add(w.written());
      }
    }
    return wrong.entrySet().stream()
        .map(
            e ->
                new Outlook.AskedWord(e.getKey(), papers.getOrDefault(e.getKey(), 0), e.getValue()))
        .toList();
  }
}
