package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.template.Templates;
import dettato.app.text.Materials;
import dettato.focus.Focus;
import dettato.session.Template;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a session elsewhere: to another day or class, into a file and back, into a template. */
@Service
@RequiredArgsConstructor
class SessionCopies {
  private final SessionAccess access;
  private final SessionRows sessions;
  private final BlockRows blocks;
  private final ItemRows items;
  private final PlannedBlocks planned;
  private final FocusText focuses;
  private final Templates templates;
  private final Classes classes;
  private final Materials materials;
  private final Activities book;

  /**
   * The same session on another day, in its class or in another of the teacher's; a group stays in
   * its class.
   *
   * @return its id
   */
  @Transactional
  long copy(long id, LocalDate date, long classId, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    SchoolClass to = classes.find(classId, teacher);
    Set<Long> pupils = to.id() == open.of().id() ? open.row().pupils() : Set.of();
    SessionRow copy =
        sessions.save(
            new SessionRow(to.id(), date, open.row().title(), open.row().focus(), pupils));
    for (PlannedBlocks.Planned one : planned.of(id)) {
      BlockRow block = blocks.save(one.block().copy(copy.id()));
      items.saveAll(one.items().stream().map(i -> i.copy(block.id())).toList());
    }
    return copy.id();
  }

  /** A session as a file. */
  @Transactional(readOnly = true)
  SessionFile file(long id, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    List<Focus> focus = focuses.read(open.row().focus());
    return new SessionFile(
        SessionFile.FORMAT,
        open.row().givenOn(),
        Titles.of(open.of()).of(open.row(), focus),
        focus.stream().map(FocusView::of).toList(),
        planned.of(id).stream()
            .map(
                p ->
                    new SessionFile.FileBlock(
                        p.block().kind(),
                        p.block().title(),
                        p.block().role(),
                        p.items().stream()
                            .map(
                                i -> new SessionFile.FileItem(i.prompt().text(), i.role(), i.why()))
                            .toList()))
            .toList());
  }

  /**
   * A session from a file, on the day it names or on another.
   *
   * @return its id
   * @throws dettato.input.Unacceptable saying which item is wrong, and what to do
   */
  @Transactional
  long open(SessionFile file, LocalDate date, SchoolClass of) {
    List<Focus> about = file.focus().stream().map(FocusView::focus).toList();
    Titles titles = Titles.of(of);
    SessionRow row =
        sessions.save(
            new SessionRow(
                of.id(), date, titles.kept(file.title(), about), focuses.write(about), Set.of()));
    var material = materials.of(of);
    for (int b = 0; b < file.blocks().size(); b++) {
      SessionFile.FileBlock one = file.blocks().get(b);
      Activity kind = book.of(one.kind());
      SessionPlanner.mustFit(kind, one.items().size());
      BlockRow block = new BlockRow(row.id(), kind.id(), b, one.role(), 0);
      String title = one.title() == null ? "" : one.title();
      block.become(one.role(), titles.kept(title, kind, one.role()), 0);
      blocks.save(block);
      List<ItemRow> rows = new ArrayList<>();
      for (SessionFile.FileItem item : one.items()) {
        String why = item.why() == null ? "" : item.why();
        rows.add(
            new ItemRow(
                block.id(),
                rows.size(),
                SessionPlanner.own(kind, item.text(), material),
                item.role(),
                null,
                why));
      }
      items.saveAll(rows);
    }
    return row.id();
  }

  /** Keeps the kinds and numbers of a session as a template. */
  @Transactional
  Template template(long id, String name, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    List<Template.Quota> quotas =
        planned.of(id).stream()
            .filter(p -> !p.items().isEmpty() || p.block().wanted() > 0)
            .map(
                p ->
                    new Template.Quota(
                        p.block().kind(),
                        Math.max(p.block().wanted(), p.items().size()),
                        p.block().role(),
                        1))
            .toList();
    return templates.make(new Templates.TemplateWish(name, open.of().minutes(), quotas), teacher);
  }
}
