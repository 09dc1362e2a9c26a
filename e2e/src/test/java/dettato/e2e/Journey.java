package dettato.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/** Steps in their order, in one window on a server with fresh demo data. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
abstract class Journey {
  static Server server;
  static Window window;
  static Page page;

  @BeforeAll
  static void open(@TempDir Path folder) {
    server = new Server(folder);
    window = new Window(server.address());
    page = window.page;
    window.logIn();
  }

  @AfterAll
  static void close() {
    window.close();
    server.close();
  }
}
