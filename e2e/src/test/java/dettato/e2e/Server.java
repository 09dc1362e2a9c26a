package dettato.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** The packaged application as a process of its own, with demo data in a folder of its own. */
final class Server implements AutoCloseable {
  private static final Path JAR = Path.of("../app/target/dettato-app-0.1.0-SNAPSHOT.jar");

  /** A Wednesday that stays, so that a week, and a picture of it, is the same on every day. */
  static final String TODAY = "2026-03-04";

  private static final int STEPS = 600;

  private final Path folder;
  private final int port;
  private Process process;

  Server(Path folder) {
    this.folder = folder;
    this.port = freePort();
    this.process = start();
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  /** Ends it as a power cut would, and starts it again on the same data. */
  void killAndRestart() {
    process.destroyForcibly();
    join();
    process = start();
  }

  @Override
  public void close() {
    process.destroy();
    join();
  }

  private Process start() {
    if (!Files.exists(JAR)) {
      throw new IllegalStateException(JAR + " is not built. Run bin/test, which builds it first.");
    }
    try {
      Process started =
          new ProcessBuilder(
                  List.of(
                      Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                      "-Xmx512m",
                      // The first compiler alone: a server that lives two minutes starts in two
                      // thirds of the time.
                      "-XX:TieredStopAtLevel=1",
                      "-jar",
                      JAR.toString(),
                      "--server.port=" + port,
                      "--dettato.demo=true",
                      "--dettato.today=" + TODAY,
                      "--dettato.folder=" + folder.toAbsolutePath()))
              .redirectErrorStream(true)
              .redirectOutput(folder.resolve("server.log").toFile())
              .start();
      await(started);
      return started;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void await(Process started) throws IOException {
    HttpClient client = HttpClient.newHttpClient();
    HttpRequest health = HttpRequest.newBuilder(URI.create(address() + "/actuator/health")).build();
    for (int i = 0; i < STEPS && started.isAlive(); i++) {
      try {
        if (client.send(health, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
          return;
        }
      } catch (IOException notYet) {
        pause();
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
    throw new IllegalStateException(
        "The application did not start:\n" + Files.readString(folder.resolve("server.log")));
  }

  private static void pause() {
    try {
      Thread.sleep(Duration.ofMillis(200).toMillis());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void join() {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
