package dettato.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import lombok.RequiredArgsConstructor;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.stereotype.Component;

/**
 * Gives the database file a password of its own, kept beside it for its owner alone: whoever
 * reaches the port of a forgotten console, or copies the file, does not get in by an empty one. A
 * file of 0.1, which had none, gets its password at the first start. Another database keeps the
 * user and password it was configured with.
 */
@Component
@RequiredArgsConstructor
class FileKey implements BeanPostProcessor {
  private static final String USER = "sa";

  private final PrivateFolder folder;

  @Override
  public Object postProcessBeforeInitialization(Object bean, String name) {
    if (bean instanceof DataSourceProperties data
        && String.valueOf(data.getUrl()).startsWith("jdbc:h2:file:")) {
      data.setUsername(USER);
      data.setPassword(key(data.getUrl()));
    }
    return bean;
  }

  private String key(String url) {
    folder.close();
    Path file = folder.resolve("database.key");
    try {
      if (Files.exists(file)) {
        return Files.readString(file).strip();
      }
      String key = HexFormat.of().formatHex(random(24));
      if (Files.exists(folder.resolve("dettato.mv.db"))) {
        lock(url, key);
      }
      PrivateFolder.createFile(file);
      Files.writeString(file, key + "\n", StandardCharsets.US_ASCII);
      return key;
    } catch (IOException e) {
      throw new UncheckedIOException("The key of the database cannot be kept in " + file, e);
    } catch (SQLException e) {
      throw new IllegalStateException("The database beside " + file + " cannot be locked.", e);
    }
  }

  private static byte[] random(int bytes) {
    byte[] random = new byte[bytes];
    new SecureRandom().nextBytes(random);
    return random;
  }

  private static void lock(String url, String key) throws SQLException {
    try (Connection open = DriverManager.getConnection(url, USER, "");
        Statement statement = open.createStatement()) {
      statement.execute("alter user " + USER + " set password '" + key + "'");
    }
  }
}
