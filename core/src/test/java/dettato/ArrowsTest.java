package dettato;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import dettato.activity.Activity;
import dettato.activity.shipped.ShippedActivities;
import dettato.plan.TeachingSequence;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

@AnalyzeClasses(packages = "dettato", importOptions = ImportOption.DoNotIncludeTests.class)
class ArrowsTest {
  private static final Pattern ROW = Pattern.compile("\\| `([a-z]+)` \\|[^|]*\\|([^|]*)\\|");

  /** The table of packages in the docs: what each needs, from the top down. */
  private static Map<String, Set<String>> packages() throws IOException {
    Map<String, Set<String>> needs = new LinkedHashMap<>();
    String docs = Files.readString(Path.of("../docs/how-it-works.md"));
    Matcher rows = ROW.matcher(docs.substring(0, docs.indexOf("The packages of the application")));
    while (rows.find()) {
      needs.put(
          rows.group(1),
          Stream.of(rows.group(2).split(","))
              .map(String::strip)
              .filter(n -> !n.isEmpty())
              .collect(Collectors.toSet()));
    }
    return needs;
  }

  /** A sound knows no words, a word no rules, a rule no attempts. */
  @Test
  void arrowsPointDownInTheTableOfTheDocs() throws IOException {
    Map<String, Set<String>> needs = packages();
    assertTrue(needs.size() > 15, needs.keySet()::toString);
    Set<String> beneath = new HashSet<>(needs.keySet());
    needs.forEach(
        (name, others) -> {
          beneath.remove(name);
          assertTrue(beneath.containsAll(others), name + " needs what stands above it: " + others);
        });
  }

  @ArchTest
  static void packagesNeedWhatTheDocsSay(JavaClasses core) throws IOException {
    Map<String, String> said = new TreeMap<>();
    packages().forEach((name, others) -> said.put(name, String.valueOf(new TreeSet<>(others))));
    Map<String, String> real = new TreeMap<>();
    for (JavaPackage one : core.getPackage("dettato").getSubpackages()) {
      real.put(
          one.getRelativeName(),
          String.valueOf(
              one.getPackageDependenciesFromThisPackageTree().stream()
                  .map(JavaPackage::getName)
                  .filter(n -> n.startsWith("dettato."))
                  .map(n -> n.split("\\.")[1])
                  .collect(Collectors.toCollection(TreeSet::new))));
    }
    assertEquals(said, real);
  }

  @ArchTest
  static final ArchRule NO_KIND_KNOWS_ANOTHER =
      SlicesRuleDefinition.slices()
          .matching("dettato.activity.(*)..")
          .should()
          .notDependOnEachOther()
          .ignoreDependency(
              JavaClass.Predicates.type(ShippedActivities.class),
              JavaClass.Predicates.assignableTo(Activity.class))
          .because("a kind is added, changed and taken away without touching another");

  /** Kinds are asked for their traits; who names one does so by its class, in a template. */
  @Test
  void noKindIsNamedByAStringElsewhere() throws IOException {
    Set<String> ids =
        ShippedActivities.ALL.all().stream()
            .map(k -> "\"" + k.id() + "\"")
            .collect(Collectors.toSet());
    List<String> named = new ArrayList<>();
    for (Path file : sources()) {
      String[] lines = Files.readString(file).split("\n");
      for (int i = 0; i < lines.length; i++) {
        String line = lines[i];
        if (ids.stream().anyMatch(line::contains) && !MEANS_ANOTHER.matcher(line).find()) {
          named.add(file.getFileName() + ":" + (i + 1) + " " + line.strip());
        }
      }
    }
    assertEquals(List.of(), named);
  }

  /** The same word names a column of a table, a page or a class of a stylesheet. */
  private static final Pattern MEANS_ANOTHER =
      Pattern.compile("String ID = |row\\.get|columns?\\(");

  private static List<Path> sources() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("src/main/java/dettato"))) {
      return files
          .filter(f -> f.toString().endsWith(".java"))
          .filter(
              f ->
                  Stream.of("/session/", "/activity/", "/choose/").anyMatch(f.toString()::contains))
          .toList();
    }
  }

  @ArchTest
  static final ArchRule THE_CORE_STANDS_ALONE =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework..", "jakarta..", "java.net..", "java.sql..")
          .because("rules and computation are tested without an application around them");

  @ArchTest
  static final ArchRule ONE_CODEC =
      noClasses()
          .that()
          .resideOutsideOfPackage("dettato.prompt")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("com.fasterxml..")
          .because("what is kept of an item is written and read in one place, with its version");

  @ArchTest
  static final ArchRule THE_SHIPPED_ORDER_IS_PASSED_IN =
      noClasses()
          .that()
          .haveNameNotMatching("dettato\\.(app|bench|lexicon)\\..*|dettato\\.plan\\.OwnOrder.*")
          .should()
          .callMethod(TeachingSequence.class, "shipped")
          .because("a class may be taught in an order of its own; core is told in which");
}
