package dettato.app.storage;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/**
 * What 0.2 kept of an item as a line in one of four grammars becomes data: {@code crunch [ch |
 * tch]} of a sorting block says what is asked, what is right and what else may be chosen. Stands by
 * itself, so that it stays as it was when the kinds and their shapes have gone on.
 */
@Component
public class V12__prompts extends BaseJavaMigration {
  private static final int BATCH = 1_000;
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String ONE_WAY = ", one way";
  private static final String IN = "/ in ";

  @Override
  public void migrate(Context context) throws SQLException {
    Connection database = context.getConnection();
    try (Statement change = database.createStatement()) {
      change.execute("alter table item add column prompt varchar(2000)");
      write(database);
      change.execute("alter table item alter column prompt set not null");
      change.execute("alter table item drop column text");
    }
  }

  private static void write(Connection database) throws SQLException {
    try (Statement read = database.createStatement();
        ResultSet rows =
            read.executeQuery(
                "select i.id, b.kind, i.text from item i join block b on b.id = i.block_id");
        PreparedStatement write =
            database.prepareStatement("update item set prompt = ? where id = ?")) {
      int waiting = 0;
      while (rows.next()) {
        write.setString(1, prompt(rows.getString(2), rows.getString(3)));
        write.setLong(2, rows.getLong(1));
        write.addBatch();
        if (++waiting == BATCH) {
          write.executeBatch();
          waiting = 0;
        }
      }
      write.executeBatch();
    }
  }

  /** A line of 0.2 in the shape of its kind. */
  static String prompt(String kind, String text) {
    return switch (kind) {
      case "sentence", "read" -> shape("sentence").put("text", text).toString();
      case "gap" -> gap(text);
      case "pairs" -> pair(text);
      case "own-sentence" -> list(shape("targets"), "words", List.of(text.split("[,\\s]+")));
      case "sounds" -> sound(Answered.of(text));
      case "cards" -> card(text);
      case "listen", "sort", "match", "slip" -> choice(Answered.of(text));
      case "hunt" -> hunt(Answered.of(text));
      case "questions" -> question(Answered.of(text));
      default -> shape("word").put("spelling", text).toString();
    };
  }

  private static ObjectNode shape(String name) {
    return JSON.createObjectNode().put("v", 1).put("is", name);
  }

  private static String list(ObjectNode shape, String name, List<String> parts) {
    return array(shape, name, parts).toString();
  }

  private static ObjectNode array(ObjectNode shape, String name, List<String> parts) {
    ArrayNode array = shape.putArray(name);
    parts.forEach(array::add);
    return shape;
  }

  private static String gap(String text) {
    int open = text.indexOf('[');
    int shut = text.indexOf(']', open + 1);
    boolean whole = open >= 0 && shut > open;
    return shape("gap")
        .put("before", whole ? text.substring(0, open) : "")
        .put("word", whole ? text.substring(open + 1, shut) : text)
        .put("after", whole ? text.substring(shut + 1) : "")
        .toString();
  }

  private static String pair(String text) {
    int space = text.indexOf(' ');
    return shape("pair")
        .put("first", space < 0 ? text : text.substring(0, space))
        .put("second", space < 0 ? "" : text.substring(space + 1))
        .toString();
  }

  private static String card(String text) {
    int open = text.indexOf(" [");
    boolean whole = open > 0 && text.endsWith("]");
    return shape("card")
        .put("front", whole ? text.substring(0, open).strip() : text)
        .put("back", whole ? text.substring(open + 2, text.length() - 1).strip() : text)
        .toString();
  }

  private static String choice(Answered typed) {
    ObjectNode shape = shape("choice").put("asks", typed.asks);
    array(shape, "answers", typed.answers);
    return list(shape, "others", typed.others);
  }

  private static String sound(Answered typed) {
    boolean oneWay = typed.asks.endsWith(ONE_WAY);
    String rest =
        oneWay ? typed.asks.substring(0, typed.asks.length() - ONE_WAY.length()) : typed.asks;
    int end = rest.startsWith("/") ? rest.indexOf('/', 1) : 0;
    ObjectNode shape =
        shape("sound")
            .put("sound", end > 1 ? rest.substring(1, end) : "")
            .put("note", end > 1 ? rest.substring(end + 1).strip() : rest);
    return array(shape, "graphemes", typed.answers).put("oneWay", oneWay).toString();
  }

  private static String hunt(Answered typed) {
    int end = typed.asks.startsWith("/") ? typed.asks.indexOf(IN, 1) : -1;
    ObjectNode shape =
        shape("hunt")
            .put("sound", end > 1 ? typed.asks.substring(1, end) : "")
            .put("title", end > 1 ? typed.asks.substring(end + IN.length()).strip() : typed.asks);
    return list(shape, "words", typed.answers);
  }

  private static String question(Answered typed) {
    int colon = typed.asks.indexOf(": ");
    ObjectNode shape =
        shape("question")
            .put("title", colon < 0 ? "" : typed.asks.substring(0, colon))
            .put("asked", colon < 0 ? typed.asks : typed.asks.substring(colon + 2));
    array(shape, "answers", typed.answers);
    return list(shape, "others", typed.others);
  }

  /** A line with its answers in brackets; one without brackets was its own answer. */
  private record Answered(String asks, List<String> answers, List<String> others) {
    static Answered of(String text) {
      String line = text.strip();
      int open = line.lastIndexOf('[');
      if (open < 1 || !line.endsWith("]")) {
        return new Answered(text, List.of(text), List.of());
      }
      String[] inside = line.substring(open + 1, line.length() - 1).split("\\|");
      List<String> answers = parts(inside[0].split(";"));
      return answers.isEmpty()
          ? new Answered(text, List.of(text), List.of())
          : new Answered(
              line.substring(0, open).strip(),
              answers,
              parts(Arrays.copyOfRange(inside, 1, inside.length)));
    }

    private static List<String> parts(String[] some) {
      return Arrays.stream(some).map(String::strip).filter(p -> !p.isEmpty()).toList();
    }
  }
}
