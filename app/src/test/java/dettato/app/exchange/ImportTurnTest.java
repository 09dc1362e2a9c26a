package dettato.app.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import dettato.app.problem.Problem;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class ImportTurnTest {
  private final ImportTurn turn = new ImportTurn();

  @Test
  void whoComesWhileAFileIsReadIsToldWhenToComeAgain() throws Exception {
    CountDownLatch reading = new CountDownLatch(1);
    CountDownLatch rest = new CountDownLatch(1);
    CompletableFuture<String> first =
        CompletableFuture.supplyAsync(
            () ->
                turn.take(
                    () -> {
                      reading.countDown();
                      await(rest);
                      return "first";
                    }));
    reading.await();
    Problem told = assertThrows(Problem.class, () -> turn.take(() -> "second"));
    assertEquals(Duration.ofSeconds(5), told.rest().orElseThrow());
    rest.countDown();
    assertEquals("first", first.get());
    assertEquals("third", turn.take(() -> "third"));
  }

  @Test
  void aFileThatCannotBeReadGivesTheTurnBack() {
    assertThrows(
        IllegalStateException.class,
        () ->
            turn.take(
                () -> {
                  throw new IllegalStateException("broken");
                }));
    assertEquals("next", turn.take(() -> "next"));
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
