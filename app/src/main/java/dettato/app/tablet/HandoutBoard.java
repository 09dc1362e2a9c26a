package dettato.app.tablet;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.app.account.Teacher;
import dettato.app.tablet.Handouts.At;
import dettato.app.tablet.Handouts.AtDevice;
import dettato.app.tablet.Handouts.HandoutView;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import jakarta.persistence.Tuple;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * How far the children are who write on devices. It is asked anew at every word that one of them
 * writes, so three looks tell it, however many sit: the session, its children, what each has
 * written.
 */
@Component
class HandoutBoard {
  private static final String SESSION =
      "select s.class_id, s.pupils, h.code, h.ends_at,"
          + " (select count(*) from block b join item i on i.block_id = b.id"
          + " where b.session_id = s.id and b.kind not in (:spoken)) as items"
          + " from session s join class_teacher t on t.class_id = s.class_id"
          + " and t.account_id = :teacher left join handout h on h.session_id = s.id"
          + " and h.ends_at > :now where s.id = :session and s.removed_at is null";

  private static final String CHILDREN =
      "select p.id, p.name, count(x.id) as sits, max(case when x.handed_in then 1 else 0 end) as ended"
          + " from enrolment e join pupil p on p.id = e.pupil_id"
          + " left join sitting x on x.pupil_id = p.id and x.session_id = :session"
          + " where e.class_id = :class and (e.from_on is null or e.from_on <= :today)"
          + " and (e.to_on is null or e.to_on > :today)"
          + " group by e.place, e.id, p.id, p.name order by e.place, e.id";

  private static final String WRITTEN =
      "select a.pupil_id, count(*) as written from block b join item i on i.block_id = b.id"
          + " join attempt a on a.item_id = i.id"
          + " where b.session_id = :session and a.state <> 'EMPTY' group by a.pupil_id";

  private final EntityManager entities;
  private final Clock clock;

  /** Ids of the kinds of which nothing is written. */
  private final List<String> spoken;

  HandoutBoard(EntityManager entities, Activities kinds, Clock clock) {
    this.entities = entities;
    this.clock = clock;
    this.spoken =
        kinds.all().stream().filter(k -> k.traits().isSpoken()).map(Activity::id).toList();
  }

  /** Empty when there is no such session, or it is not this teacher's. */
  Optional<HandoutView> of(long session, Teacher teacher) {
    return rows(
            query(SESSION, session)
                .setParameter("spoken", spoken)
                .setParameter("teacher", teacher.id())
                .setParameter("now", clock.instant()))
        .stream()
        .findFirst()
        .map(
            row ->
                new HandoutView(
                    row.get("code", String.class),
                    instant(row.get("ends_at")),
                    row.get("items", Number.class).intValue(),
                    children(session, row)));
  }

  /** Databases give a moment in different shapes. */
  private static @Nullable Instant instant(@Nullable Object moment) {
    return moment instanceof OffsetDateTime with ? with.toInstant() : (Instant) moment;
  }

  private List<AtDevice> children(long session, Tuple of) {
    Set<String> group =
        Arrays.stream(of.get("pupils", String.class).split(","))
            .filter(p -> !p.isEmpty())
            .collect(Collectors.toSet());
    List<Tuple> children =
        rows(
            query(CHILDREN, session)
                .setParameter("class", of.get("class_id", Number.class).longValue())
                .setParameter("today", LocalDate.now(clock)));
    boolean anyHere = children.stream().anyMatch(c -> c.get("sits", Number.class).intValue() > 0);
    Map<Long, Integer> written = anyHere ? written(session) : Map.of();
    return children.stream()
        .filter(c -> group.isEmpty() || group.contains(String.valueOf(id(c))))
        .map(c -> child(c, written.getOrDefault(id(c), 0)))
        .toList();
  }

  private static long id(Tuple child) {
    return child.get("id", Number.class).longValue();
  }

  private static AtDevice child(Tuple row, int written) {
    At at =
        row.get("sits", Number.class).intValue() == 0
            ? At.NOT_HERE
            : row.get("ended", Number.class).intValue() == 0 ? At.WRITING : At.HANDED_IN;
    return new AtDevice(
        id(row), row.get("name", String.class), at, at == At.NOT_HERE ? 0 : written);
  }

  private Map<Long, Integer> written(long session) {
    Map<Long, Integer> written = new HashMap<>();
    for (Tuple row : rows(query(WRITTEN, session))) {
      written.put(
          row.get("pupil_id", Number.class).longValue(),
          row.get("written", Number.class).intValue());
    }
    return written;
  }

  private Query query(String sql, long session) {
    return entities.createNativeQuery(sql, Tuple.class).setParameter("session", session);
  }

  @SuppressWarnings("unchecked")
  private static List<Tuple> rows(Query query) {
    return query.getResultList();
  }
}
