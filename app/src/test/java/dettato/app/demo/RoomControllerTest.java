package dettato.app.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dettato.app.account.Role;
import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.app.session.ChildPapers;
import dettato.app.tablet.Handouts;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;

class RoomControllerTest {
  private static final long SESSION = 9;

  private final Teacher teacher = new Teacher(1L, "demo", Role.LEAD);
  private final ChildPapers papers = mock();
  private final Handouts handouts = mock();
  private final ObjectProvider<SimulatedRoom> there = mock();
  private final SimulatedRoom room = mock();
  private final RoomController controller = new RoomController(there, papers, handouts);

  /** Without the demo there is no made-up class, and it is not offered. */
  @Test
  void noMadeUpClassWritesInASchool() {
    assertFalse(controller.view(SESSION, teacher).offered());
    assertThrows(Problem.class, () -> controller.begin(SESSION, teacher));
    verify(handouts, never()).codeOf(anyLong(), any());
  }

  @Test
  void theMadeUpClassWritesWithTheCodeThatIsHandedOut() {
    when(there.getIfAvailable()).thenReturn(room);
    when(handouts.codeOf(SESSION, teacher)).thenReturn("abc346");
    assertTrue(controller.begin(SESSION, teacher).offered());
    verify(room).begin(SESSION, "abc346", teacher);
  }

  /** Pressed twice, the children do not sit down twice. */
  @Test
  void itDoesNotBeginAgainWhileItWrites() {
    when(there.getIfAvailable()).thenReturn(room);
    when(room.writing(SESSION)).thenReturn(3);
    assertEquals(3, controller.begin(SESSION, teacher).writing());
    verify(room, never()).begin(anyLong(), any(), any());
  }

  @Test
  void anotherTeachersSessionStaysClosed() {
    when(there.getIfAvailable()).thenReturn(room);
    doThrow(Problem.notFound("no")).when(papers).mustBeTheirs(SESSION, teacher);
    assertThrows(Problem.class, () -> controller.begin(SESSION, teacher));
    verify(room, never()).begin(anyLong(), any(), any());
  }
}
