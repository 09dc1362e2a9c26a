package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Item;
import dettato.activity.Needs;
import dettato.activity.Traits.Trait;
import dettato.app.need.ClassNeeds;
import dettato.app.need.Lately;
import dettato.app.problem.Problem;
import dettato.app.school.SchoolClass;
import dettato.app.text.Materials;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.session.SessionFiller;
import dettato.session.Template;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes sessions: filled from a template with what the class needs, and kept. */
@Service
@RequiredArgsConstructor
public class SessionMaker {
  private static final int RULES_NEEDED = 2;

  private final SessionRows sessions;
  private final BlockRows blocks;
  private final ItemRows items;
  private final FocusText focuses;
  private final ClassNeeds needs;
  private final Lately lately;
  private final Materials materials;
  private final Activities book;

  /**
   * What a session should be.
   *
   * @param pupils of a group; empty for the whole class
   * @param without texts not to be taken
   * @param seed the same seed gives the same items
   */
  public record Wish(
      LocalDate date,
      Template template,
      List<FocusView> focus,
      Set<Long> pupils,
      Set<String> without,
      long seed) {}

  /**
   * Makes a session, or one for each day of the template, and fills it.
   *
   * @return the id of the first
   */
  @Transactional
  public long make(SchoolClass of, Wish wish) {
    mustBeIn(of, wish.pupils);
    SessionFiller.Wanted wanted = wanted(of, wish);
    Material material = materials.of(of);
    LocalDate date = wish.date;
    long first = 0;
    for (int day = 1; day <= wish.template.days(); day++) {
      List<SessionFiller.Filled> filled =
          new SessionFiller(book).fill(wish.template, day, wanted, material);
      SessionRow row =
          sessions.save(
              new SessionRow(of.id(), date, "", focuses.write(wanted.focus()), wish.pupils));
      keep(row.id(), filled);
      wanted = wanted.after(asked(filled));
      first = day == 1 ? row.id() : first;
      date = nextSchoolDay(date);
    }
    return first;
  }

  /** Fills the first day of a session and keeps nothing of it: what is made once is made then. */
  @Transactional(readOnly = true)
  void rehearse(SchoolClass of, Wish wish) {
    new SessionFiller(book).fill(wish.template, 1, wanted(of, wish), materials.of(of));
  }

  private SessionFiller.Wanted wanted(SchoolClass of, Wish wish) {
    Needs asked = needs.of(of, wish.pupils, wish.date, awake(wish.template));
    Set<String> recent = new HashSet<>(lately.recent(of.id(), wish.date, 0));
    recent.addAll(wish.without);
    return new SessionFiller.Wanted(
        about(wish.focus, asked),
        asked,
        recent,
        lately.practised(of.id(), wish.date, 0),
        wish.seed);
  }

  private Set<String> asked(List<SessionFiller.Filled> filled) {
    Set<String> asked = new HashSet<>();
    filled.forEach(
        f ->
            f.items()
                .forEach(i -> asked.addAll(SessionFiller.asked(book.of(f.kind()), i.prompt()))));
    return asked;
  }

  private void keep(long session, List<SessionFiller.Filled> filled) {
    for (int place = 0; place < filled.size(); place++) {
      SessionFiller.Filled one = filled.get(place);
      BlockRow block =
          blocks.save(new BlockRow(session, one.kind(), place, one.role(), one.wanted()));
      List<ItemRow> rows = new ArrayList<>();
      for (Item item : one.items()) {
        rows.add(
            new ItemRow(
                block.id(),
                rows.size(),
                item.prompt(),
                item.role(),
                focuses.write(item.focus()),
                item.why()));
      }
      items.saveAll(rows);
    }
  }

  /** How many cards that do not sleep its blocks deal. */
  private int awake(Template template) {
    return template.blocks().stream()
        .filter(q -> book.of(q.kind()).traits().has(Trait.DEALS_CARDS))
        .mapToInt(Template.Quota::count)
        .max()
        .orElse(0);
  }

  private static List<Focus> about(List<FocusView> wanted, Needs asked) {
    List<Focus> about = new ArrayList<>();
    for (FocusView one : wanted) {
      about.addAll(one.isNeeds() ? asked.focus(RULES_NEEDED) : List.of(one.focus()));
    }
    if (about.isEmpty()) {
      throw Problem.badRequest(
          "The papers show no pattern that a session could be about yet. Choose a rule, a sound or"
              + " irregular words.");
    }
    return about.stream().distinct().toList();
  }

  private static void mustBeIn(SchoolClass of, Set<Long> pupils) {
    pupils.stream()
        .filter(id -> of.pupils().stream().noneMatch(p -> p.id() == id))
        .findFirst()
        .ifPresent(
            id -> {
              throw Problem.badRequest("There is no child " + id + " in this class.");
            });
  }

  private static LocalDate nextSchoolDay(LocalDate day) {
    LocalDate next = day.plusDays(1);
    while (next.getDayOfWeek() == DayOfWeek.SATURDAY || next.getDayOfWeek() == DayOfWeek.SUNDAY) {
      next = next.plusDays(1);
    }
    return next;
  }
}
