package dettato.app.demo;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import dettato.app.account.Teacher;
import dettato.app.engine.Engines;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.session.ChildPapers;
import dettato.app.session.SessionReader;
import dettato.app.session.SheetView;
import dettato.engine.Engine;
import dettato.simulate.SimulatedChild;
import dettato.simulate.SimulatedClass;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/**
 * A made-up class at its devices: it writes its papers through the children's own page, one answer
 * after the other, so that a teacher sees how a session comes in. In the demo only.
 */
@Component
@ConditionalOnProperty("dettato.demo")
class SimulatedRoom {
  private static final Logger LOG = LoggerFactory.getLogger(SimulatedRoom.class);

  /** Milliseconds from answer to answer: several times as fast as children. */
  private static final int QUICKEST = 700;

  private static final int PAUSE = 1800;

  /** Where the line is down, so often. */
  private static final int TRIES = 20;

  private static final int DEVICES_AT_ONCE = 4;

  private final ChildPapers papers;
  private final SessionReader reader;
  private final Engines engines;
  private final ObjectMapper json;
  private final Environment environment;
  private final ScheduledExecutorService devices =
      Executors.newScheduledThreadPool(
          DEVICES_AT_ONCE,
          run -> {
            Thread thread = new Thread(run, "made-up device");
            thread.setDaemon(true);
            return thread;
          });
  private final Map<Long, Integer> writing = new ConcurrentHashMap<>();

  SimulatedRoom(
      ChildPapers papers,
      SessionReader reader,
      Engines engines,
      ObjectMapper json,
      Environment environment) {
    this.papers = papers;
    this.reader = reader;
    this.engines = engines;
    this.json = json;
    this.environment = environment;
  }

  /** How many children of a session are writing just now. */
  int writing(long session) {
    return writing.getOrDefault(session, 0);
  }

  /** Has every child write who has nothing on its paper yet. */
  void begin(long session, String code, Teacher teacher) {
    ChildPapers.Handed handed = papers.of(session);
    Map<Long, SheetView.ItemView> items =
        reader.find(session, teacher).blocks().stream()
            .map(SheetView.BlockView::items)
            .flatMap(Collection::stream)
            .collect(Collectors.toMap(SheetView.ItemView::id, Function.identity()));
    Map<String, SimulatedChild> habits =
        DemoPlan.children().stream()
            .collect(Collectors.toMap(SimulatedChild::name, Function.identity()));
    for (Pupil pupil : handed.children()) {
      if (papers.answered(session, pupil.id()).isEmpty()) {
        SimulatedChild child =
            habits.getOrDefault(
                pupil.name(), new SimulatedChild(pupil.name(), List.of(), DemoPlan.SLIPS));
        Child one = new Child(session, code, pupil.id(), child, items, handed.of());
        writing.merge(session, 1, Integer::sum);
        devices.schedule(one::sit, one.random.nextInt(PAUSE), TimeUnit.MILLISECONDS);
      }
    }
  }

  @PreDestroy
  void end() {
    devices.shutdownNow();
  }

  /** One made-up child, at its own device. */
  private final class Child {
    private final long session;
    private final String code;
    private final long pupil;
    private final SimulatedChild child;
    private final SimulatedClass alone;
    private final Map<Long, SheetView.ItemView> items;
    private final Engine engine;
    private final Random random;
    private final RoomDevice device =
        new RoomDevice(() -> environment.getRequiredProperty("local.server.port", Integer.class));
    private final Deque<JsonNode> left = new ArrayDeque<>();
    private int tries;
    private boolean handedIn;

    Child(
        long session,
        String code,
        long pupil,
        SimulatedChild child,
        Map<Long, SheetView.ItemView> items,
        SchoolClass of) {
      this.session = session;
      this.code = code;
      this.pupil = pupil;
      this.child = child;
      this.alone = new SimulatedClass(List.of(child), DemoPlan.SEED);
      this.items = items;
      this.engine = engines.of(of.accent());
      this.random = new Random(pupil);
    }

    void sit() {
      trying(
          () -> {
            device.ask("GET", "session", "");
            String seat =
                device.ask("POST", "tablet/sit", text(Map.of("code", code, "pupilId", pupil)));
            device.sitWith(json.readTree(seat).path("token").asText());
            json.readTree(device.ask("GET", "tablet/sheet", "")).path("items").forEach(left::add);
          },
          this::sit);
    }

    private void write() {
      JsonNode item = left.getFirst();
      trying(
          () -> {
            String path = "tablet/items/" + item.path("id").asLong();
            device.ask("PUT", path, text(Map.of("written", written(item))));
            left.removeFirst();
          },
          this::write);
    }

    private void handIn() {
      trying(() -> device.ask("POST", "tablet/hand-in", ""), this::handIn);
    }

    private void trying(Asking asking, Runnable again) {
      try {
        asking.run();
        tries = 0;
        if (!left.isEmpty()) {
          later(this::write);
        } else if (!handedIn) {
          handedIn = true;
          later(this::handIn);
        } else {
          done();
        }
      } catch (IOException | IllegalStateException down) {
        if (++tries < TRIES) {
          later(again);
        } else {
          LOG.warn("A made-up child gave up: {}", down.getMessage());
          done();
        }
      } catch (InterruptedException stopped) {
        Thread.currentThread().interrupt();
      }
    }

    private void later(Runnable next) {
      devices.schedule(next, QUICKEST + random.nextInt(PAUSE), TimeUnit.MILLISECONDS);
    }

    private void done() {
      writing.merge(session, -1, Integer::sum);
    }

    /** What the child makes of an item: chosen, or spelled as it spells. */
    private String written(JsonNode item) {
      List<String> options = json.convertValue(item.path("options"), List.class);
      SheetView.ItemView asked = items.get(item.path("id").asLong());
      String answer = asked == null ? "" : asked.answer().get(0);
      if (!options.isEmpty()) {
        boolean sure = random.nextDouble() >= child.slips() && options.contains(answer);
        return sure ? answer : options.get(random.nextInt(options.size()));
      }
      if (answer.matches("[A-Za-z]+")) {
        return alone.attempt(child, engine.word(answer), (int) session);
      }
      return answer.matches(".*[.?!]")
          ? alone.sentence(child, answer, engine::word, (int) session)
          : answer;
    }
  }

  private interface Asking {
    void run() throws IOException, InterruptedException;
  }

  private String text(Object body) {
    try {
      return json.writeValueAsString(body);
    } catch (JsonProcessingException never) {
      throw new IllegalStateException(never);
    }
  }
}
