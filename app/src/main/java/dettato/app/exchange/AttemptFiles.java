package dettato.app.exchange;

import dettato.app.language.Languages;
import dettato.app.marking.Attempts;
import dettato.app.school.Pupil;
import dettato.app.school.SchoolClass;
import dettato.app.web.Problem;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;

/** Attempts in and out as CSV (RFC 4180, UTF-8, safe to open in a spreadsheet). */
@Service
class AttemptFiles {
  private static final List<String> HEADINGS = List.of("date", "pupil", "target", "attempt");
  private static final int LONGEST = 200;

  private final Attempts attempts;
  private final Languages languages;

  AttemptFiles(Attempts attempts, Languages languages) {
    this.attempts = attempts;
    this.languages = languages;
  }

  /** A line that was not taken, and why. */
  record Rejected(long line, String reason) {}

  record Imported(int imported, List<Rejected> rejected) {}

  /** Takes the good lines of a file and names the bad ones. */
  Imported read(String csv, SchoolClass of) {
    Map<String, Pupil> pupils =
        of.pupils().stream().collect(Collectors.toMap(Pupil::name, Function.identity()));
    List<Attempts.Entry> good = new ArrayList<>();
    List<Rejected> bad = new ArrayList<>();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser lines = CSVParser.parse(new StringReader(csv.replace("\uFEFF", "")), format)) {
      if (!lines.getHeaderNames().containsAll(HEADINGS)) {
        throw Problem.badRequest("The first line must be: date,pupil,target,attempt");
      }
      for (CSVRecord line : lines) {
        try {
          good.add(entry(line, pupils, of));
        } catch (IllegalArgumentException e) {
          bad.add(new Rejected(lines.getCurrentLineNumber(), String.valueOf(e.getMessage())));
        }
      }
    } catch (IOException | UncheckedIOException e) {
      throw Problem.badRequest("The file cannot be read as CSV: " + e.getMessage());
    } catch (IllegalArgumentException e) {
      throw Problem.badRequest("The first line must be: date,pupil,target,attempt");
    }
    return new Imported(attempts.add(good, of), bad);
  }

  /** Every attempt, one a line, with result and rule outcomes. */
  String write(SchoolClass of) {
    Map<Long, String> names =
        of.pupils().stream().collect(Collectors.toMap(Pupil::id, Pupil::name));
    StringBuilder out = new StringBuilder();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader("date", "pupil", "target", "attempt", "result", "rules")
            .get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      for (Attempts.Marked m : attempts.marked(of)) {
        printer.printRecord(
            m.date(),
            safe(names.getOrDefault(m.pupilId(), "")),
            safe(m.target()),
            safe(m.written()),
            m.result(),
            m.ruleText());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private Attempts.Entry entry(CSVRecord line, Map<String, Pupil> pupils, SchoolClass of) {
    if (!line.isConsistent()) {
      throw new IllegalArgumentException("it has " + line.size() + " cells in place of 4");
    }
    Pupil pupil = pupils.get(unsafe(line.get("pupil")).strip());
    if (pupil == null) {
      throw new IllegalArgumentException("no child '" + line.get("pupil") + "' in this class");
    }
    String target = unsafe(line.get("target")).strip().toLowerCase(Locale.ROOT);
    String written = unsafe(line.get("attempt")).strip();
    if (target.length() > 80 || written.length() > LONGEST) {
      throw new IllegalArgumentException(
          "target or attempt is too long (80 and 200 letters at most)");
    }
    languages.of(of.accent()).word(target);
    Attempts.State state = written.isEmpty() ? Attempts.State.BLANK : Attempts.State.WRITTEN;
    return new Attempts.Entry(pupil.id(), null, date(line.get("date")), target, written, state);
  }

  private static LocalDate date(String text) {
    try {
      return LocalDate.parse(text.strip());
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException("'" + text + "' is no date like 2026-03-01", e);
    }
  }

  /** A cell a spreadsheet would run as a formula gets an apostrophe before it. */
  private static String safe(String cell) {
    return !cell.isEmpty() && "=+-@\t\r".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
  }

  private static String unsafe(String cell) {
    boolean guarded =
        cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0;
    return guarded ? cell.substring(1) : cell;
  }
}
