package dettato.app.session;

import dettato.app.account.Teacher;
import dettato.app.marking.AnswerState;
import dettato.app.marking.Cell;
import dettato.app.problem.Problem;
import dettato.app.school.Pupil;
import dettato.session.PastedPapers;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lombok.RequiredArgsConstructor;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes answers out of a block of cells; what stands already is not written again. */
@Service
@RequiredArgsConstructor
class PasteIn {
  private final SessionAccess access;
  private final PlannedBlocks planned;
  private final SessionReader reader;
  private final SheetView sheet;
  private final Papers papers;

  /**
   * An answer that was found.
   *
   * @param stands what stands there and differs; "" where nothing does
   */
  record FoundAnswer(String pupil, String item, String written, String stands) {}

  /**
   * What is in a block.
   *
   * @param found new answers, and those where something else stands
   * @param same how many stand there already just so
   * @param bad cells that cannot be taken
   * @param kept cells that were written
   */
  record PasteView(
      List<FoundAnswer> found, int same, List<PastedPapers.Bad> bad, List<Cell> kept) {}

  @Transactional
  PasteView of(long id, String text, boolean keep, boolean replace, Teacher teacher) {
    SessionAccess.Open open = access.find(id, teacher);
    List<PlannedBlocks.Planned> blocks = planned.of(id);
    List<InBlock> items =
        sheet.of(open.row(), blocks, open.of()).blocks().stream()
            .filter(b -> !b.spoken())
            .flatMap(b -> b.items().stream().map(i -> new InBlock(b.title(), i)))
            .toList();
    List<Pupil> pupils = open.of().pupils();
    PastedPapers.Read read =
        PastedPapers.read(
            cells(text),
            pupils.stream().map(p -> new PastedPapers.Child(p.id(), p.name())).toList(),
            IntStream.range(0, items.size()).mapToObj(i -> asked(i, items)).toList());
    if (keep) {
      // Held before it is seen what stands there: nothing that another writes meanwhile is lost.
      papers.hold(read.good().stream().map(PastedPapers.Answer::child).toList(), open);
    }
    Map<String, Cell> there =
        reader.papers(id, teacher).stream()
            .flatMap(p -> p.cells().stream())
            .filter(c -> c.state() != AnswerState.EMPTY)
            .collect(Collectors.toMap(c -> c.pupilId() + "." + c.itemId(), Function.identity()));
    List<FoundAnswer> found = new ArrayList<>();
    List<Papers.OneOfSeveral> wanted = new ArrayList<>();
    Map<Long, String> names = pupils.stream().collect(Collectors.toMap(Pupil::id, Pupil::name));
    Map<Long, String> heads =
        items.stream().collect(Collectors.toMap(i -> i.item().id(), InBlock::right));
    int same = 0;
    for (PastedPapers.Answer answer : read.good()) {
      Optional<Cell> stands = Optional.ofNullable(there.get(answer.child() + "." + answer.item()));
      if (stands.filter(c -> isSame(c, answer)).isPresent()) {
        same++;
      } else {
        found.add(
            new FoundAnswer(
                names.getOrDefault(answer.child(), ""),
                heads.getOrDefault(answer.item(), ""),
                answer.written(),
                stands.map(c -> c.written().isEmpty() ? "–" : c.written()).orElse("")));
        if (stands.isEmpty() || replace) {
          wanted.add(
              new Papers.OneOfSeveral(
                  answer.child(),
                  answer.item(),
                  answer.written(),
                  answer.isBlank() ? AnswerState.BLANK : AnswerState.WRITTEN,
                  null));
        }
      }
    }
    return new PasteView(
        found, same, read.bad(), keep ? papers.typeAll(open, wanted, teacher) : List.of());
  }

  private static boolean isSame(Cell stands, PastedPapers.Answer answer) {
    return stands.written().equals(answer.written())
        && answer.isBlank() == (stands.state() == AnswerState.BLANK);
  }

  /** An item with the title of its block, which may head the column of the only one in it. */
  private record InBlock(String title, SheetView.ItemView item) {
    String right() {
      return item.answer().isEmpty() ? item.text() : item.answer().get(0);
    }
  }

  /** A column may be headed by the word, what is said, its block, or its number on the papers. */
  private static PastedPapers.Asked asked(int at, List<InBlock> items) {
    InBlock one = items.get(at);
    return new PastedPapers.Asked(
        one.item.id(),
        List.of(one.item.text(), one.right(), one.item.says(), one.title, String.valueOf(at + 1)),
        one.right());
  }

  private static List<List<String>> cells(String text) {
    String plain = text.replace("\uFEFF", "");
    CSVFormat format = plain.contains("\t") ? CSVFormat.TDF : CSVFormat.RFC4180;
    try (CSVParser read =
        CSVParser.parse(
            new StringReader(plain),
            format.builder().setIgnoreEmptyLines(false).setTrim(true).get())) {
      return read.getRecords().stream().map(r -> r.stream().toList()).toList();
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      throw Problem.badRequest(
          "It cannot be read as cells: " + e.getMessage() + ". Copy the block anew.");
    }
  }
}
