package dettato.app;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import dettato.activity.Activity;
import dettato.activity.shipped.ShippedActivities;
import dettato.mark.AttemptMarker;
import dettato.mark.SentenceMarker;
import dettato.plan.TeachingSequence;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

@AnalyzeClasses(packages = "dettato.app", importOptions = ImportOption.DoNotIncludeTests.class)
class AppArrowsTest {
  @ArchTest
  static final ArchRule FEATURES_FORM_NO_CIRCLE =
      slices()
          .matching("dettato.app.(*)..")
          .should()
          .beFreeOfCycles()
          .because("a feature is understood, and taken out, without those that use it");

  @ArchTest
  static final ArchRule ROWS_STAY_INSIDE =
      classes()
          .that()
          .haveSimpleNameEndingWith("Row")
          .or()
          .haveSimpleNameEndingWith("Rows")
          .should()
          .bePackagePrivate()
          .because("a row is how one feature stores, not what others speak of");

  @ArchTest
  static final ArchRule CONTROLLERS_REACH_NO_ROWS =
      noClasses()
          .that()
          .haveSimpleNameEndingWith("Controller")
          .should()
          .dependOnClassesThat()
          .haveSimpleNameEndingWith("Rows")
          .because("a request goes controller, service, core, rows");

  @ArchTest
  static final ArchRule NOTHING_STANDS_BESIDE_HIBERNATE =
      noClasses()
          .that()
          .resideOutsideOfPackage("dettato.app.storage")
          .and()
          .haveNameNotMatching("dettato\\.app\\.outcome\\.Outcomes")
          .should()
          .dependOnClassesThat(
              resideInAnyPackage("org.springframework.jdbc..", "java.sql..")
                  .and(not(assignableTo(java.sql.SQLException.class))))
          .because(
              "what one way of writing holds back, another would read as it was before; Outcomes"
                  + " hands Hibernate's own connection on to Hibernate's session without memory");

  /** A second reader of outcomes would count them in its own way. */
  @Test
  void outcomesAreReadInOnePlace() throws IOException {
    Pattern row =
        Pattern.compile("\\b(WordRow|UnitRow|RuleRow|ConventionRow)\\b|mark_(word|unit|rule|conv)");
    List<String> found = new ArrayList<>();
    for (Path file : sources(Path.of("src/main/java"))) {
      if (!file.toString().matches(".*/(outcome|storage)/.*")
          && row.matcher(Files.readString(file)).find()) {
        found.add(file.getFileName().toString());
      }
    }
    assertEquals(List.of(), found);
  }

  @ArchTest
  static final ArchRule READS_NEVER_MARK =
      noClasses()
          .that()
          .doNotHaveFullyQualifiedName("dettato.app.marking.MarkStore")
          .and()
          .doNotHaveFullyQualifiedName("dettato.app.marking.PreviewController")
          .should()
          .callMethodWhere(
              target(nameMatching("mark|judge"))
                  .and(
                      target(
                          owner(
                              assignableTo(AttemptMarker.class)
                                  .or(assignableTo(SentenceMarker.class))
                                  .or(assignableTo(Activity.class))))))
          .because("what is counted is stored, and how a mark is drawn is made in one place");

  @ArchTest
  static final ArchRule THE_SHIPPED_ORDER_IS_TAKEN_WHERE_THERE_IS_NO_CLASS =
      noClasses()
          .that()
          .haveNameNotMatching(
              "dettato\\.app\\.(school\\.(Classes|Orders|OrderController)"
                  + "|engine\\.Engines|language\\.SequenceController).*")
          .should()
          .callMethod(TeachingSequence.class, "shipped")
          .because("a class may be taught in an order of its school's own: ask its engine for it");

  @ArchTest
  static void theDocsNameEveryFeature(JavaClasses app) throws IOException {
    String docs = Files.readString(Path.of("../docs/how-it-works.md"));
    for (JavaPackage one : app.getPackage("dettato.app").getSubpackages()) {
      assertTrue(docs.contains("| `app." + one.getRelativeName() + "` |"), one.getName());
    }
  }

  /** Who prints, hands out, takes in or shows a kind asks for its traits, and never which it is. */
  @Test
  void noKindIsNamedByAString() throws IOException {
    List<String> ids = ShippedActivities.ALL.all().stream().map(Activity::id).toList();
    Pattern named =
        Pattern.compile(
            "[kK]ind[^\\n]{0,40}?[\"']("
                + String.join("|", ids)
                + ")[\"']"
                + "|[\"'](made-up|mark-up|own-sentence)[\"']");
    List<String> found = new ArrayList<>();
    for (String root : List.of("src/main/java", "../web/src")) {
      for (Path file : sources(Path.of(root))) {
        String[] lines = Files.readString(file).split("\n");
        for (int i = 0; i < lines.length; i++) {
          if (named.matcher(lines[i]).find()) {
            found.add(file.getFileName() + ":" + (i + 1) + " " + lines[i].strip());
          }
        }
      }
    }
    assertEquals(List.of(), found);
  }

  /** Without tests, what is generated, and the migration of 0.2, whose kinds are those of then. */
  private static List<Path> sources(Path root) throws IOException {
    try (Stream<Path> files = Files.walk(root)) {
      return files
          .filter(f -> f.toString().matches(".*\\.(java|ts|tsx)"))
          .filter(f -> !f.toString().matches(".*(\\.test\\.|/test/|schema\\.d|V12__).*"))
          .toList();
    }
  }
}
