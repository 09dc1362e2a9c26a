package dettato.app.exchange;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Traits.Answer;
import dettato.app.engine.Engines;
import dettato.app.marking.AnswerState;
import dettato.app.marking.AttemptReader;
import dettato.app.marking.AttemptWriter;
import dettato.app.marking.Entry;
import dettato.app.problem.Problem;
import dettato.app.school.Enrolled;
import dettato.app.school.SchoolClass;
import dettato.app.text.Materials;
import dettato.input.Unacceptable;
import dettato.prompt.Prompt;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;

/** Attempts in and out as CSV (RFC 4180, UTF-8, safe to open in a spreadsheet). */
@Service
class AttemptFiles {
  private static final List<String> HEADINGS = List.of("date", "pupil", "target", "attempt");
  private static final int MOST_LINES = 20_000;
  private static final int LONGEST = 400;
  private static final int LONGEST_TARGET = 300;

  private final AttemptWriter writer;
  private final AttemptReader reader;
  private final Engines engines;
  private final Materials materials;
  private final Activities book;

  AttemptFiles(
      AttemptWriter writer,
      AttemptReader reader,
      Engines engines,
      Materials materials,
      Activities book) {
    this.writer = writer;
    this.reader = reader;
    this.engines = engines;
    this.materials = materials;
    this.book = book;
  }

  /**
   * What came of a file.
   *
   * @param rejected the first bad lines, as many as can be told
   * @param unnamed how many more there are
   */
  record ImportedAttempts(int imported, List<BadLines.RejectedLine> rejected, int unnamed) {}

  /**
   * Takes the good lines of a file and names the bad ones. They are kept child by child, so that
   * whoever types meanwhile waits for no more than one child's; a file that was cut short may be
   * read again, and what is there stays.
   *
   * @throws Problem 413 for more lines than can be taken; nothing of the file is kept then
   */
  ImportedAttempts read(InputStream csv, SchoolClass of, List<Enrolled> everyone) {
    Map<Long, List<Entry>> good = new LinkedHashMap<>();
    BadLines bad = new BadLines();
    for (Line line : lines(csv)) {
      try {
        Entry entry = entry(line.cells, everyone, of);
        good.computeIfAbsent(entry.pupilId(), p -> new ArrayList<>()).add(entry);
      } catch (Unacceptable e) {
        bad.add(line.number, String.valueOf(e.getMessage()));
      }
    }
    int imported = good.values().stream().mapToInt(lines -> writer.add(lines, of)).sum();
    return new ImportedAttempts(imported, bad.named(), bad.unnamed());
  }

  /** A line of a file with where it stands in it. */
  private record Line(long number, CSVRecord cells) {}

  private static List<Line> lines(InputStream csv) {
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();
    List<Line> read = new ArrayList<>();
    try (CSVParser lines = CSVParser.parse(withoutMark(csv), format)) {
      if (!lines.getHeaderNames().containsAll(HEADINGS)) {
        throw Problem.badRequest("The first line must be: date,pupil,target,attempt");
      }
      for (CSVRecord line : lines) {
        if (read.size() == MOST_LINES) {
          throw Problem.tooLarge(
              "A file carries at most %,d lines. Send it in parts, such as a term each."
                  .formatted(MOST_LINES));
        }
        read.add(new Line(lines.getCurrentLineNumber(), line));
      }
      return read;
    } catch (IOException | UncheckedIOException e) {
      throw Problem.badRequest("The file cannot be read as CSV: " + e.getMessage());
    } catch (IllegalArgumentException e) {
      throw Problem.badRequest("The first line must be: date,pupil,target,attempt");
    }
  }

  /** Some programs begin a file with a mark that it is UTF-8. */
  private static Reader withoutMark(InputStream csv) throws IOException {
    Reader text = new BufferedReader(new InputStreamReader(csv, StandardCharsets.UTF_8));
    text.mark(1);
    if (text.read() != '\uFEFF') {
      text.reset();
    }
    return text;
  }

  /** What an exported line holds. */
  enum Detail {
    /** Result and rule outcomes. */
    RULES("date", "pupil", "target", "attempt", "result", "rules"),
    /** The same with the ground of each outcome, and what was corrected. */
    CONDITIONS("date", "pupil", "target", "attempt", "result", "rules", "conditions", "corrected");

    private final String[] headings;

    Detail(String... headings) {
      this.headings = headings;
    }
  }

  /** Every attempt, one a line. */
  void write(SchoolClass of, Detail detail, Writer out) throws IOException {
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(detail.headings).get();
    CSVPrinter printer = new CSVPrinter(out, format);
    reader.export(of.id(), one -> print(printer, detail, one));
    printer.flush();
  }

  private static void print(CSVPrinter printer, Detail detail, AttemptReader.Exported one) {
    List<Object> cells =
        List.of(
            one.date(),
            safe(one.pupil()),
            safe(one.target()),
            safe(one.written()),
            one.result(),
            one.rules(),
            one.conditions(),
            safe(one.corrected()));
    try {
      printer.printRecord(cells.subList(0, detail.headings.length));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Entry entry(CSVRecord line, List<Enrolled> everyone, SchoolClass of) {
    if (!line.isConsistent()) {
      throw new Unacceptable("it has " + line.size() + " cells in place of 4");
    }
    LocalDate day = date(line.get("date"));
    long pupil = pupil(unsafe(line.get("pupil")).strip(), day, everyone);
    String target = unsafe(line.get("target")).strip();
    String written = unsafe(line.get("attempt")).strip();
    if (written.indexOf('\0') >= 0) {
      throw new Unacceptable("the attempt holds a sign that cannot be written");
    }
    if (target.length() > LONGEST_TARGET || written.length() > LONGEST) {
      throw new Unacceptable(
          "target or attempt is too long (%d and %d letters at most)"
              .formatted(LONGEST_TARGET, LONGEST));
    }
    boolean isSentence = target.matches(".*[.?!][\"'”’]*");
    Activity kind = book.answeredBy(isSentence ? Answer.SENTENCE : Answer.WORD);
    String kept = isSentence ? target : target.toLowerCase(Locale.ROOT);
    if (isSentence) {
      kind.own(kept, materials.of(of));
    } else {
      engines.of(of.accent()).word(kept);
    }
    Prompt prompt = book.plain(kind.id(), kept);
    AnswerState state = written.isEmpty() ? AnswerState.BLANK : AnswerState.WRITTEN;
    return new Entry(pupil, null, kind.id(), day, prompt, written, state, null);
  }

  /** Who had the name in the class on the day; else whoever has or had it. */
  private static long pupil(String name, LocalDate day, List<Enrolled> everyone) {
    List<Enrolled> named = everyone.stream().filter(e -> e.name().equals(name)).toList();
    return named.stream()
        .filter(e -> e.isThereOn(day))
        .findFirst()
        .or(() -> named.stream().findFirst())
        .map(Enrolled::id)
        .orElseThrow(
            () -> new Unacceptable("no child '" + BadLines.shortened(name) + "' in this class"));
  }

  private static LocalDate date(String text) {
    try {
      return LocalDate.parse(text.strip());
    } catch (DateTimeParseException wrong) {
      throw new Unacceptable("'" + BadLines.shortened(text) + "' is no date like 2026-03-01");
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
