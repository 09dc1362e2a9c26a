package dettato.app.marking;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.SerializerProvider;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Writes the marks of a bulk request on all cores: ten thousand of them are some eight megabytes,
 * and making those takes longer than the marking.
 */
final class ResultsJson extends JsonSerializer<PreviewController.Results> {
  private static final int SOME = 256;
  private static final TypeReference<List<MarkView>> MARKS = new TypeReference<>() {};

  @Override
  public void serialize(
      PreviewController.Results all, JsonGenerator out, SerializerProvider provider)
      throws IOException {
    ObjectWriter writer = ((ObjectMapper) out.getCodec()).writerFor(MARKS);
    List<MarkView> marks = all.results();
    List<byte[]> parts =
        IntStream.range(0, (marks.size() + SOME - 1) / SOME)
            .parallel()
            .mapToObj(
                i -> part(marks.subList(i * SOME, Math.min(marks.size(), (i + 1) * SOME)), writer))
            .toList();
    out.writeStartObject();
    out.writeArrayFieldStart("results");
    out.flush();
    OutputStream body = (OutputStream) out.getOutputTarget();
    for (int i = 0; i < parts.size(); i++) {
      if (i > 0) {
        body.write(',');
      }
      body.write(parts.get(i), 1, parts.get(i).length - 2);
    }
    out.writeEndArray();
    out.writeEndObject();
  }

  /** Some marks as an array, brackets and all. */
  private static byte[] part(List<MarkView> marks, ObjectWriter writer) {
    try {
      return writer.writeValueAsBytes(marks);
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException(e);
    }
  }
}
