package dettato.app.print;

import dettato.activity.Activities;
import dettato.app.account.Teacher;
import dettato.app.notation.ClassMarks;
import dettato.app.problem.Problem;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.session.FocusView;
import dettato.app.session.SessionReader;
import dettato.app.session.SheetView.SessionView;
import dettato.app.text.Materials;
import dettato.focus.Focus;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;

/** Prints sessions. */
@Service
@RequiredArgsConstructor
class Printer {
  private final SessionReader sessions;
  private final Classes classes;
  private final Materials materials;
  private final ClassMarks marks;
  private final Activities book;
  private final Pdf pdf;

  /** A document with the name of its file. */
  record Page(String name, byte[] pdf) {}

  /**
   * @param paper sheet, key, script, cards, home or marked
   * @throws Problem 404 when there is no such session for this teacher
   */
  Page print(long id, String paper, Look look, Teacher teacher) {
    SessionView session = sessions.find(id, teacher);
    SchoolClass of = classes.find(session.classId(), teacher);
    List<String> children =
        of.pupils().stream()
            .filter(p -> session.pupils().isEmpty() || session.pupils().contains(p.id()))
            .map(Pupil::name)
            .toList();
    Printed printed = new Printed(session, of, children, materials.of(of), marks.of(of), book);
    List<Focus> focus = session.focus().stream().map(FocusView::focus).toList();
    Html html =
        switch (paper) {
          case "sheet" -> SheetPages.of(printed, look);
          case "key" -> KeyPages.of(printed);
          case "script" -> ScriptPages.of(printed);
          case "cards" -> CutPages.of(printed);
          case "home" -> HomePages.of(printed, focus);
          case "marked" -> MarkedPages.of(printed, sessions.written(id, teacher));
          default -> throw Problem.notFound("There is no paper '" + paper + "'.");
        };
    return new Page(
        paper + "-" + session.date() + ".pdf",
        pdf.of(session.title() + ": " + paper, look, session.date(), html));
  }
}
