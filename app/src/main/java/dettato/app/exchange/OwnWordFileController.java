package dettato.app.exchange;

import dettato.app.account.Teacher;
import dettato.app.engine.OwnWords;
import dettato.sound.Accents;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The school's own words as a pronunciation lexicon (W3C PLS 1.0). */
@RestController
@RequiredArgsConstructor
class OwnWordFileController {
  private static final String TYPE = "application/pls+xml";
  private final OwnWords own;

  record ImportedWords(int imported, List<PronunciationLexicon.RejectedLexeme> rejected) {}

  /** The school's own words as a W3C pronunciation lexicon. */
  @GetMapping(path = "/api/own-words.pls", produces = TYPE + ";charset=UTF-8")
  ResponseEntity<String> write(@RequestParam(defaultValue = "en-GB") String accent) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"own-words.pls\"")
        .body(PronunciationLexicon.write(own.all(), Accents.of(accent)));
  }

  /** Takes own words in from a W3C pronunciation lexicon; what is wrong is named. */
  @PostMapping(path = "/api/own-words/import", consumes = TYPE)
  ImportedWords read(
      @RequestParam(defaultValue = "en-GB") String accent,
      @RequestBody byte[] file,
      @AuthenticationPrincipal Teacher teacher) {
    teacher.mustLead("change the school's words");
    PronunciationLexicon.Read read = PronunciationLexicon.read(file, Accents.of(accent));
    if (!read.words().isEmpty()) {
      own.keep(read.words(), teacher.id());
    }
    return new ImportedWords(read.words().size(), read.rejected());
  }
}
