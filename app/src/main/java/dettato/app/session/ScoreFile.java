package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.school.Classes;
import dettato.app.school.Pupil;
import dettato.profile.Score;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;

/** The papers of a session in numbers, as CSV: each number beside the most it may be. */
@Service
@RequiredArgsConstructor
class ScoreFile {
  private static final String[] HEADINGS = {
    "pupil",
    "words",
    "right",
    "reads_right",
    "sounds",
    "sounds_written",
    "elements",
    "elements_most",
    "letter_sequences",
    "letter_sequences_right",
    "marked",
    "marks_right",
    "letters_and_marks_right",
    "on_focus",
    "on_focus_right"
  };

  private final SessionScores scores;
  private final SessionAccess access;
  private final Classes classes;

  String write(long id, Teacher teacher) {
    Map<Long, Score> known =
        scores.of(id, teacher).stream()
            .collect(
                Collectors.toMap(
                    SessionScores.PaperScore::pupilId, SessionScores.PaperScore::score));
    StringWriter out = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEADINGS).get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      for (Pupil pupil : classes.find(access.find(id, teacher).of().id(), teacher).pupils()) {
        Optional<Score> score = Optional.ofNullable(known.get(pupil.id()));
        if (score.isPresent()) {
          print(printer, pupil, score.get());
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static void print(CSVPrinter printer, Pupil pupil, Score s) throws IOException {
    printer.printRecord(
        safe(pupil.name()),
        s.words(),
        s.right(),
        s.readRight(),
        s.sounds(),
        s.heard(),
        s.elements(),
        s.mostElements(),
        s.sequences(),
        s.sequencesRight(),
        s.marked(),
        s.marksRight(),
        s.bothRight(),
        s.targets(),
        s.targetsRight());
  }

  /** A name that no spreadsheet takes for a formula. */
  private static String safe(String name) {
    return name.matches("^[=+\\-@\\t\\r].*") ? "'" + name : name;
  }
}
