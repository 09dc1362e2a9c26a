package dettato.app.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.school.SomeClass;
import dettato.rule.RuleBook;
import dettato.rule.SpellingRule;
import java.time.Clock;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

/**
 * What is looked through before a teacher plans: once for each accent and step, and kept by none.
 */
class PlansAheadTest {
  @Test
  void everyRuleIsRehearsedOnceForEachStepAndNothingIsMade() {
    SessionMaker maker = mock(SessionMaker.class);
    Classes classes = mock(Classes.class);
    SchoolClass limpet = SomeClass.limpet(1, 60);
    SchoolClass whelk = SomeClass.limpet(2, 60);
    SchoolClass winkle = SomeClass.limpet(3, 8);
    when(classes.all()).thenReturn(List.of(limpet, whelk, winkle));
    new PlansAhead(maker, classes, Clock.systemUTC()).makeReady();
    ArgumentCaptor<SessionMaker.Wish> wishes = ArgumentCaptor.forClass(SessionMaker.Wish.class);
    int rules = RuleBook.RULES.size();
    verify(maker, times(rules)).rehearse(eq(limpet), wishes.capture());
    verify(maker, never()).rehearse(eq(whelk), any());
    verify(maker, times(rules)).rehearse(eq(winkle), any());
    verify(maker, never()).make(any(), any());
    assertEquals(
        RuleBook.RULES.stream().map(SpellingRule::id).collect(Collectors.toSet()),
        wishes.getAllValues().stream()
            .flatMap(w -> w.focus().stream().map(FocusView::rule))
            .collect(Collectors.toSet()));
  }
}
