package dettato.app.text;

import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.input.Unacceptable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The school's own sentences and texts, one by one and as CSV (title, text; no title, a sentence).
 */
@RestController
@RequiredArgsConstructor
class OwnTextController {
  private static final String TITLE = "title";
  private static final String TEXT = "text";
  private final OwnTexts own;

  /**
   * What to keep.
   *
   * @param title "" for a sentence
   */
  record NewText(@NotNull String title, @NotNull String text) {}

  record RejectedText(long line, String reason) {}

  record ImportedTexts(int imported, List<RejectedText> rejected) {}

  /** The school's own sentences and texts, newest first. */
  @GetMapping("/api/own-texts")
  List<OwnText> all() {
    return own.all();
  }

  /** Keeps a sentence or a text as the school's own. */
  @PostMapping("/api/own-texts")
  @ResponseStatus(HttpStatus.CREATED)
  void keep(@RequestBody @Valid NewText made, @AuthenticationPrincipal Teacher teacher) {
    own.keep(List.of(OwnText.checked(made.title(), made.text())), teacher);
  }

  /** Takes one of the school's own texts away. */
  @DeleteMapping("/api/own-texts/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    own.remove(id, teacher);
  }

  /** The school's own sentences and texts as CSV. */
  @GetMapping(path = "/api/own-texts.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> write() {
    StringWriter out = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(out, CSVFormat.RFC4180.builder().setHeader(TITLE, TEXT).get())) {
      for (OwnText text : own.all()) {
        printer.printRecord(text.title(), text.text());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"own-texts.csv\"")
        .body(out.toString());
  }

  /**
   * Takes the good lines of a file and names the bad ones; what is there already stays as it is.
   */
  @PostMapping(path = "/api/own-texts/import", consumes = "text/csv")
  ImportedTexts read(@RequestBody String csv, @AuthenticationPrincipal Teacher teacher) {
    List<OwnText> good = new ArrayList<>();
    List<RejectedText> bad = new ArrayList<>();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser lines = CSVParser.parse(new StringReader(csv.replace("\uFEFF", "")), format)) {
      if (!lines.getHeaderNames().containsAll(List.of(TITLE, TEXT))) {
        throw Problem.badRequest("The first line must be: title,text");
      }
      for (CSVRecord line : lines) {
        try {
          if (!line.isConsistent()) {
            throw new Unacceptable("it has " + line.size() + " cells in place of 2");
          }
          good.add(OwnText.checked(line.get(TITLE), line.get(TEXT)));
        } catch (Unacceptable e) {
          bad.add(new RejectedText(lines.getCurrentLineNumber(), String.valueOf(e.getMessage())));
        }
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      throw Problem.badRequest("The file cannot be read as CSV: " + e.getMessage());
    }
    return new ImportedTexts(own.keep(good, teacher), bad);
  }
}
