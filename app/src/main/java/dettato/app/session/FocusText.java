package dettato.app.session;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import dettato.focus.Focus;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Focuses as they are kept in a column: JSON, as the API says them. */
@Component
@RequiredArgsConstructor
class FocusText {
  private static final TypeReference<List<FocusView>> LIST = new TypeReference<>() {};
  private final ObjectMapper json;

  String write(List<Focus> all) {
    return text(all.stream().map(FocusView::of).toList());
  }

  @Nullable String write(Optional<Focus> one) {
    return one.map(f -> text(FocusView.of(f))).orElse(null);
  }

  List<Focus> read(String text) {
    try {
      return json.readValue(text, LIST).stream().map(FocusView::focus).toList();
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a stored focus is no JSON: " + text, e);
    }
  }

  private String text(Object value) {
    try {
      return json.writeValueAsString(value);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a focus could not be written as JSON", e);
    }
  }
}
