package dettato.app.tablet;

import dettato.app.account.Teacher;
import dettato.app.marking.Cell;
import dettato.app.problem.Problem;
import dettato.app.school.Pupil;
import dettato.app.session.ChildPapers;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sessions that are handed out: their codes, who sits at a device, what is written there. */
@Service
@RequiredArgsConstructor
public class Handouts {
  /** A code is good for a morning. */
  private static final Duration GOOD_FOR = Duration.ofHours(4);

  /** No letter or figure that looks or sounds like another. */
  private static final String SIGNS = "abcdfghkmprtwxyz346789";

  private static final int SIGNS_IN_A_CODE = 6;
  private static final int TOKEN = 24;
  private static final SecureRandom RANDOM = new SecureRandom();

  private final HandoutRows handouts;
  private final SittingRows sittings;
  private final ChildPapers papers;
  private final HandoutBoard board;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  /** Where a child is with its paper. */
  enum At {
    NOT_HERE,
    WRITING,
    HANDED_IN
  }

  /** A child with how many of its items are written. */
  record AtDevice(long pupilId, String name, At at, int written) {}

  /**
   * A session as it is handed out.
   *
   * @param code null while it is not
   * @param items that each child is to write
   */
  record HandoutView(
      @Nullable String code, @Nullable Instant endsAt, int items, List<AtDevice> children) {}

  /** What a device is told of a session: names, and nothing that stands on papers. */
  record Room(String className, List<Pupil> children) {}

  /** A child's place: its token is known to its device alone. */
  record Seat(String token) {}

  /** A child's paper as its device shows it. */
  record TabletSheet(
      String name, List<ChildPapers.AskedOfChild> items, Set<Long> written, boolean handedIn) {}

  /** Something was written on a device. */
  record WrittenOnTablet(long session, Cell cell) {}

  @Transactional
  HandoutView open(long session, Teacher teacher) {
    papers.mustBeTheirs(session, teacher);
    if (current(session).isEmpty()) {
      forget(session);
      handouts.flush();
      handouts.saveAndFlush(new HandoutRow(session, code(), clock.instant().plus(GOOD_FOR)));
    }
    return view(session, teacher);
  }

  /** The code of a session, which is handed out if it is not. */
  @Transactional
  public String codeOf(long session, Teacher teacher) {
    return Objects.requireNonNull(open(session, teacher).code());
  }

  /** Ends it: its code and all that sit with it are forgotten, what is written stays. */
  @Transactional
  void close(long session, Teacher teacher) {
    papers.mustBeTheirs(session, teacher);
    forget(session);
  }

  /** Whoever sat with a code that is over sits there no more. */
  private void forget(long session) {
    handouts.deleteById(session);
    sittings.deleteBySessionId(session);
  }

  @Transactional(readOnly = true)
  HandoutView view(long session, Teacher teacher) {
    return board
        .of(session, teacher)
        .orElseThrow(() -> Problem.notFound("There is no session " + session + "."));
  }

  /**
   * @throws Problem 404 when no session has this code now
   */
  @Transactional(readOnly = true)
  Room join(String code) {
    ChildPapers.Handed handed = papers.of(byCode(code).sessionId());
    return new Room(handed.of().name(), handed.children());
  }

  /**
   * @throws Problem 404 when no session has this code now, or the child is not in it
   */
  @Transactional
  Seat sit(String code, long pupil) {
    long session = byCode(code).sessionId();
    if (papers.of(session).children().stream().noneMatch(p -> p.id() == pupil)) {
      throw Problem.notFound("This child does not write here.");
    }
    byte[] bytes = new byte[TOKEN];
    RANDOM.nextBytes(bytes);
    String token = HexFormat.of().formatHex(bytes);
    sittings.save(new SittingRow(session, pupil, hash(token)));
    return new Seat(token);
  }

  /**
   * @throws Problem 404 when it has ended
   */
  @Transactional(readOnly = true)
  TabletSheet sheet(String token) {
    SittingRow sits = seat(token);
    ChildPapers.Handed handed = papers.of(sits.sessionId());
    Map<Long, Pupil> children =
        handed.children().stream().collect(Collectors.toMap(Pupil::id, Function.identity()));
    Pupil pupil = children.get(sits.pupilId());
    if (pupil == null) {
      throw ended();
    }
    return new TabletSheet(
        pupil.name(),
        handed.items(),
        papers.answered(sits.sessionId(), sits.pupilId()),
        sits.isHandedIn());
  }

  /** Keeps what a child wrote; it is on disk when this returns. */
  @Transactional
  void write(String token, long item, String written) {
    SittingRow sits = seat(token);
    Cell cell = papers.write(sits.sessionId(), sits.pupilId(), item, written);
    events.publishEvent(new WrittenOnTablet(sits.sessionId(), cell));
  }

  @Transactional
  void handIn(String token) {
    seat(token).become(true);
  }

  private SittingRow seat(String token) {
    return sittings
        .findByToken(hash(token))
        .filter(s -> current(s.sessionId()).isPresent())
        .orElseThrow(Handouts::ended);
  }

  private static Problem ended() {
    return Problem.notFound("This has ended. Ask your teacher.");
  }

  private HandoutRow byCode(String code) {
    return handouts
        .findByCode(code.strip().toLowerCase(Locale.ROOT))
        .filter(h -> h.endsAt().isAfter(clock.instant()))
        .orElseThrow(() -> Problem.notFound("No class has this code now. Look again."));
  }

  private Optional<HandoutRow> current(long session) {
    return handouts.findById(session).filter(h -> h.endsAt().isAfter(clock.instant()));
  }

  private static String code() {
    return RANDOM
        .ints(SIGNS_IN_A_CODE, 0, SIGNS.length())
        .mapToObj(i -> String.valueOf(SIGNS.charAt(i)))
        .collect(Collectors.joining());
  }

  private static String hash(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException(never);
    }
  }
}
