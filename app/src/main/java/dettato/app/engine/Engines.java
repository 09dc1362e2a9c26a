package dettato.app.engine;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.activity.Activities;
import dettato.app.school.OpenClass;
import dettato.app.school.SchoolClass;
import dettato.engine.Engine;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/**
 * The engines of core: one for an accent, an edition of the school's own words, an order of
 * teaching and chunks. Those of one edition are let go of when another is seen; whoever works with
 * one keeps it till the work is done.
 */
@Component
@RequiredArgsConstructor
public class Engines {
  private static final int KEPT = 16;

  /** The edition without words of the school's own, from which the others are made. */
  private static final long OURS = -1;

  private final Activities kinds;
  private final OwnWords own;
  private final Editions editions;
  private final OpenClass open;
  private final AtomicLong seen = new AtomicLong(OURS);
  private final Cache<Key, Engine> made = Caffeine.newBuilder().maximumSize(KEPT).build();

  /**
   * @param order a class's own; empty for ours, whose steps are not compared with every request
   * @param chunks letters that a class learns as one piece
   */
  private record Key(
      String accent, long edition, Optional<TeachingSequence> order, List<String> chunks) {
    static Key of(Accent accent, long edition) {
      return new Key(accent.id(), edition, Optional.empty(), List.of());
    }
  }

  /**
   * @throws dettato.input.Unacceptable when the accent is unknown
   */
  public Engine of(String accent) {
    return of(Accents.of(accent), editions.now());
  }

  /**
   * The words are read before an engine is made of them: who makes one is waited for, and must not
   * wait in turn for a connection that those who wait are holding.
   */
  private Engine of(Accent accent, long edition) {
    Engine known = made.getIfPresent(Key.of(accent, edition));
    if (known != null) {
      return known;
    }
    List<Word> words = own.all();
    Engine ours =
        kept(Key.of(accent, OURS), () -> Engine.shipped(kinds, accent, TeachingSequence.shipped()));
    return kept(Key.of(accent, edition), () -> ours.with(words));
  }

  /** The engine of a class, in its own order and with its chunks. */
  public Engine of(SchoolClass of) {
    Accent accent = Accents.of(of.accent());
    long edition = editions.now();
    Engine shared = of(accent, edition);
    List<String> chunks = of.choices().chunks();
    boolean ours = of.sequence().equals(shared.sequence());
    return ours && chunks.isEmpty()
        ? shared
        : kept(
            new Key(
                accent.id(), edition, ours ? Optional.empty() : Optional.of(of.sequence()), chunks),
            () -> shared.by(of.sequence()).chunked(chunks));
  }

  /**
   * The engine of the class whose pages are open, where the request names one of this accent.
   *
   * @throws dettato.input.Unacceptable when the accent is unknown
   */
  public Engine asked(String accent) {
    String spoken = Accents.of(accent).id();
    return open.now()
        .filter(c -> c.accent().equals(spoken))
        .map(this::of)
        .orElseGet(() -> of(spoken));
  }

  /** One that was made while its edition ended serves whoever asked for it, and is not kept. */
  private Engine kept(Key wanted, Supplier<Engine> maker) {
    if (wanted.edition != OURS && seen.getAndSet(wanted.edition) != wanted.edition) {
      made.asMap().keySet().removeIf(k -> k.edition != OURS && k.edition != wanted.edition);
    }
    Engine engine = made.get(wanted, k -> maker.get());
    if (wanted.edition != OURS && wanted.edition != seen.get()) {
      made.invalidate(wanted);
    }
    return engine;
  }
}
