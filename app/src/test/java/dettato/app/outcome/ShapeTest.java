package dettato.app.outcome;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.lang.reflect.Field;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What is stored of a mark. Whoever changes it raises the second part of {@code MarkStore.VERSION},
 * so that old marks are made anew in the new shape, and writes the shape here.
 */
class ShapeTest {
  private static final String OF_VERSION_2 =
      """
      MarkRow attemptId version result signsRight
      WordRow at target attempt kind result need sounds represented elements counted
      UnitRow at target attempt sound due openTo written verdict confusion counted
      RuleRow at target attempt rule condition unit side outcome kept
      ConventionRow at words
      ChildsRow pupilId onDay
      WordRow.WordAt attemptId word
      UnitRow.UnitAt attemptId word unit
      RuleRow.RuleAt attemptId word place
      ConventionRow.ConventionAt attemptId rule outcome
      """;

  @Test
  void isOfTheVersionThatIsStored() {
    String now =
        Stream.of(
                    MarkRow.class,
                    WordRow.class,
                    UnitRow.class,
                    RuleRow.class,
                    ConventionRow.class,
                    ChildsRow.class,
                    WordRow.WordAt.class,
                    UnitRow.UnitAt.class,
                    RuleRow.RuleAt.class,
                    ConventionRow.ConventionAt.class)
                .map(ShapeTest::shape)
                .collect(Collectors.joining("\n"))
            + "\n";
    assertEquals(OF_VERSION_2, now);
  }

  private static String shape(Class<?> one) {
    Stream<String> fields =
        one.isRecord()
            ? Arrays.stream(one.getRecordComponents()).map(RecordComponent::getName)
            : Arrays.stream(one.getDeclaredFields())
                .filter(f -> !java.lang.reflect.Modifier.isStatic(f.getModifiers()))
                .map(Field::getName);
    return one.getName().replaceAll(".*\\.", "").replace('$', '.')
        + " "
        + fields.filter(f -> !f.startsWith("$")).collect(Collectors.joining(" "));
  }
}
