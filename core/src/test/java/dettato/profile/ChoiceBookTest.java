package dettato.profile;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Everything that can be chosen is told of, and nothing else. */
class ChoiceBookTest {
  @Test
  void everyOptionOfEveryChoiceIsTold() {
    Map<String, Set<String>> there =
        Arrays.stream(Choices.class.getRecordComponents())
            .filter(c -> c.getType().isEnum())
            .collect(
                Collectors.toMap(
                    RecordComponent::getName,
                    c ->
                        Arrays.stream(c.getType().getEnumConstants())
                            .map(Object::toString)
                            .collect(Collectors.toSet())));
    Map<String, Set<String>> told =
        ChoiceBook.ALL.stream()
            .collect(
                Collectors.toMap(
                    ChoiceBook.Choice::id,
                    c ->
                        c.options().stream()
                            .map(ChoiceBook.Shown::id)
                            .collect(Collectors.toSet())));
    assertEquals(there, told);
  }
}
