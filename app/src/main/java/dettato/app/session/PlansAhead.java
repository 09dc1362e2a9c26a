package dettato.app.session;

import dettato.app.engine.Ahead;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.rule.RuleBook;
import dettato.session.Template;
import dettato.session.TemplateBook;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/**
 * Fills a session on every rule after a start, and keeps none: the words of a class's accent and
 * step are looked through once, and not while a teacher waits. Classes of one step share them.
 */
@Component
@RequiredArgsConstructor
class PlansAhead implements Ahead {
  private final SessionMaker maker;
  private final Classes classes;
  private final Clock clock;

  @Override
  public void makeReady() {
    classes.all().stream()
        .collect(Collectors.toMap(c -> c.accent() + " " + c.step(), c -> c, (a, b) -> a))
        .values()
        .forEach(this::rehearse);
  }

  private void rehearse(SchoolClass of) {
    List<Template> templates = TemplateBook.shipped();
    for (int r = 0; r < RuleBook.RULES.size(); r++) {
      FocusView rule = FocusView.rule(RuleBook.RULES.get(r).id());
      Template template = templates.get(r % templates.size());
      maker.rehearse(
          of,
          new SessionMaker.Wish(
              LocalDate.now(clock), template, List.of(rule), Set.of(), Set.of(), r));
    }
  }
}
