package dettato.app.engine;

/** What is made ready after a start, so that no teacher waits for the first of its kind. */
@FunctionalInterface
public interface Ahead {
  void makeReady();
}
