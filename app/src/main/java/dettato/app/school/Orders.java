package dettato.app.school;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dettato.plan.OwnOrder;
import dettato.plan.TeachingSequence;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

/** Teaching sequences as CSV (RFC 4180): step, grapheme, sound, example, words by heart. */
@Component
class Orders {
  private static final List<String> HEADINGS =
      List.of("step", "grapheme", "sound", "example", "by heart");
  private static final int KEPT = 40;

  private final Cache<String, TeachingSequence> known =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  /** A sequence from what was kept of it; ours from "". What it does not name follows after it. */
  TeachingSequence of(String csv) {
    return csv.isEmpty()
        ? TeachingSequence.shipped()
        : known.get(
            csv,
            text ->
                read(text, Accents.of(Accents.SOUTHERN_BRITISH))
                    .sequence()
                    .then(TeachingSequence.shipped()));
  }

  /** What a teacher gives; only the columns step and grapheme must be there. */
  OwnOrder.Read read(String csv, Accent accent) {
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .get();
    List<OwnOrder.Line> lines = new ArrayList<>();
    try (CSVParser read = CSVParser.parse(new StringReader(csv.replace("\uFEFF", "")), format)) {
      List<String> heads =
          read.getHeaderNames().stream().map(h -> h.toLowerCase(Locale.ROOT)).toList();
      if (!heads.containsAll(HEADINGS.subList(0, 2))) {
        return wrong(1, "the headings must be: " + String.join(",", HEADINGS));
      }
      for (CSVRecord line : read) {
        lines.add(
            new OwnOrder.Line(
                read.getCurrentLineNumber(),
                cell(line, "step"),
                cell(line, "grapheme"),
                cell(line, "sound"),
                cell(line, "example"),
                cell(line, "by heart")));
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      return wrong(1, "it cannot be read as CSV: " + e.getMessage());
    }
    return read(lines, accent);
  }

  /** The same from lines that are read already. */
  OwnOrder.Read read(List<OwnOrder.Line> lines, Accent accent) {
    return OwnOrder.read(lines, accent, w -> Lexicon.shipped().find(w, accent.id()));
  }

  private static OwnOrder.Read wrong(long line, String reason) {
    return new OwnOrder.Read(
        new TeachingSequence(List.of()), List.of(new OwnOrder.Wrong(line, reason)));
  }

  private static String cell(CSVRecord line, String heading) {
    return line.isMapped(heading) && line.isSet(heading) ? line.get(heading) : "";
  }

  /** A sequence to edit elsewhere; sounds by name, so that it reads alike in every accent. */
  static String write(TeachingSequence sequence) {
    StringWriter out = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEADINGS.toArray(String[]::new)).get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      for (int number : numbers(sequence)) {
        String byHeart = String.join(" ", sequence.byHeart(number));
        List<TeachingSequence.Step> steps =
            sequence.steps().stream().filter(s -> s.number() == number).toList();
        for (TeachingSequence.Step step : steps) {
          String first = step == steps.get(0) ? byHeart : "";
          printer.printRecord(number, shown(step), step.sound(), step.example(), first);
        }
        if (steps.isEmpty()) {
          printer.printRecord(number, "", "", "", byHeart);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String shown(TeachingSequence.Step step) {
    return step.grapheme().text().replace('_', '-');
  }

  private static Set<Integer> numbers(TeachingSequence sequence) {
    return Stream.concat(
            sequence.steps().stream().map(TeachingSequence.Step::number),
            sequence.byHeart().stream().map(TeachingSequence.ByHeart::step))
        .collect(Collectors.toCollection(TreeSet::new));
  }
}
