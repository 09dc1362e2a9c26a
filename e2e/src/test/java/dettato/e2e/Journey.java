package dettato.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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

  /** The words on the sheet that is being planned. */
  static Locator words() {
    return block("Words").getByRole(AriaRole.LISTITEM);
  }

  static Locator drop(String word) {
    return page.getByLabel("Drop " + word, new Page.GetByLabelOptions().setExact(true));
  }

  static Locator block(String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
