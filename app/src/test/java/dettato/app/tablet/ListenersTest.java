package dettato.app.tablet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import dettato.app.account.Role;
import dettato.app.account.Teacher;
import dettato.app.marking.Cell;
import dettato.app.session.ChildPapers;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class ListenersTest {
  private static final long SESSION = 9;
  private static final int WRITES = 20;
  private final Listeners listeners = new Listeners(mock(ChildPapers.class));
  private final Teacher teacher = new Teacher(1, "demo", Role.TEACHER);
  private final CountDownLatch hangs = new CountDownLatch(1);

  @AfterEach
  void ends() {
    hangs.countDown();
    listeners.close();
  }

  private void listens(SseEmitter line) {
    listeners.to(SESSION, teacher, new MockHttpSession(), line);
  }

  /**
   * A browser whose line takes nothing any more: the child who writes does not wait for it, and the
   * other window hears of every write, in order.
   */
  @Test
  void aLineThatHangsHoldsUpNobody() throws Exception {
    CountDownLatch stuck = new CountDownLatch(1);
    SseEmitter hanging =
        new SseEmitter() {
          private boolean first = true;

          @Override
          public void send(SseEventBuilder event) {
            if (first) {
              first = false;
              return;
            }
            stuck.countDown();
            try {
              hangs.await();
            } catch (InterruptedException e) {
              Thread.currentThread().interrupt();
            }
          }
        };
    CountDownLatch heard = new CountDownLatch(WRITES + 1);
    List<String> told = new CopyOnWriteArrayList<>();
    SseEmitter other =
        new SseEmitter() {
          @Override
          public void send(SseEventBuilder event) {
            event
                .build()
                .forEach(
                    d -> {
                      if (d.getData() instanceof Cell cell) {
                        told.add(String.valueOf(cell.itemId()));
                      }
                    });
            heard.countDown();
          }
        };
    listens(hanging);
    listens(other);
    for (long item = 0; item < WRITES; item++) {
      listeners.tell(new Handouts.WrittenOnTablet(SESSION, Cell.empty(3, item)));
    }
    assertTrue(stuck.await(30, TimeUnit.SECONDS), "the hanging line was written to");
    assertTrue(heard.await(30, TimeUnit.SECONDS), "heard of " + told.size());
    assertEquals(
        java.util.stream.IntStream.range(0, WRITES).mapToObj(String::valueOf).toList(), told);
  }
}
