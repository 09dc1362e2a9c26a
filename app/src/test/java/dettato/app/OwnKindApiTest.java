package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import dettato.block.BlockBook;
import dettato.block.BlockKind;
import dettato.block.Call;
import dettato.block.Check;
import dettato.block.Item;
import dettato.block.Judged;
import dettato.block.Markers;
import dettato.block.Request;
import dettato.exercise.Material;
import dettato.focus.Focus;
import dettato.plan.Pace;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.http.HttpHeaders;

/** A kind of block that only this test has is planned, called, answered and marked by the API. */
@Import(OwnKindApiTest.WithPairs.class)
class OwnKindApiTest extends ApiCase {
  @TestConfiguration
  static class WithPairs {
    @Bean
    @Primary
    BlockBook withPairs() {
      return new BlockBook(
          Stream.concat(BlockBook.shipped().kinds().stream(), Stream.of(new Pairs())).toList());
    }
  }

  private static final class Pairs implements BlockKind {
    @Override
    public String id() {
      return "test-pairs";
    }

    @Override
    public String title() {
      return "Pairs";
    }

    @Override
    public int most() {
      return 3;
    }

    @Override
    public List<Item> fill(Request request, Material material) {
      return List.of(Item.own("hop hope"));
    }

    @Override
    public String own(String text, Material material) {
      return text.strip().toLowerCase(Locale.ROOT);
    }

    @Override
    public Call call(Item item, Material material) {
      return new Call(item.text().replace(" ", ", then "), List.of(item.text()), 20);
    }

    @Override
    public int seconds(Item item, Material material, Pace pace) {
      return 100;
    }

    @Override
    public List<Check> checks(List<Item> items, List<Focus> focus, Material material) {
      return List.of();
    }

    @Override
    public Judged judge(String text, String written, Markers markers) {
      return new Judged(markers.sentences().mark(text, written).words(), List.of());
    }
  }

  @Test
  void goesAllTheWay() throws Exception {
    long of = newClass("Own kind");
    JsonNode made = newSession(of, TODAY);
    JsonNode planned =
        read(
            write(
                    put("/api/sessions/" + made.get("id").asLong()),
                    body(
                        "date",
                        TODAY,
                        "title",
                        "",
                        "focus",
                        made.get("focus"),
                        "blocks",
                        List.of(
                            Map.of(
                                "kind",
                                "test-pairs",
                                "items",
                                List.of(Map.of("text", "Hop hope"))))))
                .header(HttpHeaders.IF_MATCH, "\"" + made.get("version").asLong() + "\""));
    JsonNode item = planned.at("/blocks/0/items/0");
    assertEquals("hop, then hope", item.get("says").asText());
    JsonNode cell = type(planned, pupil(of, 0), item.get("id").asLong(), "hop hop");
    assertEquals(2, cell.at("/sentence/asked").asInt());
    assertEquals(1, cell.at("/sentence/right").asInt());
    assertEquals(1, read("/api/classes/" + of + "/sessions").get(0).get("marked").asInt());
  }
}
