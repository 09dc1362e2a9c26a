package dettato;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClass;
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
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

@AnalyzeClasses(packages = "dettato", importOptions = ImportOption.DoNotIncludeTests.class)
class ArrowsTest {
  @ArchTest
  static final ArchRule ARROWS_POINT_DOWN =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("table")
          .definedBy("dettato.table")
          .layer("sound")
          .definedBy("dettato.sound")
          .layer("word")
          .definedBy("dettato.word")
          .layer("rule")
          .definedBy("dettato.rule")
          .layer("spell")
          .definedBy("dettato.spell")
          .layer("mark")
          .definedBy("dettato.mark")
          .layer("diagnose")
          .definedBy("dettato.diagnose")
          .layer("plan")
          .definedBy("dettato.plan")
          .layer("find")
          .definedBy("dettato.find")
          .layer("text")
          .definedBy("dettato.text")
          .layer("focus")
          .definedBy("dettato.focus")
          .layer("prompt")
          .definedBy("dettato.prompt")
          .layer("choose")
          .definedBy("dettato.choose")
          .layer("deck")
          .definedBy("dettato.deck")
          .layer("activity")
          .definedBy("dettato.activity")
          .layer("kinds")
          .definedBy("dettato.activity.*")
          .layer("session")
          .definedBy("dettato.session")
          .layer("notation")
          .definedBy("dettato.notation")
          .layer("profile")
          .definedBy("dettato.profile")
          .layer("simulate")
          .definedBy("dettato.simulate")
          .whereLayer("sound")
          .mayOnlyAccessLayers("table")
          .whereLayer("word")
          .mayOnlyAccessLayers("table", "sound")
          .whereLayer("rule")
          .mayOnlyAccessLayers("table", "word", "sound")
          .whereLayer("spell")
          .mayOnlyAccessLayers("rule", "word", "sound")
          .whereLayer("mark")
          .mayOnlyAccessLayers("table", "rule", "word", "sound")
          .whereLayer("diagnose")
          .mayOnlyAccessLayers("mark", "rule", "word", "sound")
          .whereLayer("plan")
          .mayOnlyAccessLayers("table", "diagnose", "spell", "mark", "rule", "word", "sound")
          .whereLayer("find")
          .mayOnlyAccessLayers("plan", "rule", "word", "sound")
          .whereLayer("text")
          .mayOnlyAccessLayers("table", "plan", "rule", "word", "sound")
          .whereLayer("focus")
          .mayOnlyAccessLayers("find", "plan", "rule", "word", "sound")
          .whereLayer("choose")
          .mayOnlyAccessLayers("focus", "text", "find", "plan", "rule", "word", "sound")
          .whereLayer("prompt")
          .mayNotAccessAnyLayer()
          .whereLayer("deck")
          .mayOnlyAccessLayers("plan", "rule", "word", "sound")
          .whereLayer("session")
          .mayOnlyAccessLayers(
              "activity",
              "kinds",
              "choose",
              "prompt",
              "focus",
              "plan",
              "mark",
              "rule",
              "word",
              "sound")
          .whereLayer("activity")
          .mayOnlyAccessLayers(
              "choose", "prompt", "focus", "text", "find", "plan", "mark", "rule", "word", "sound")
          .whereLayer("kinds")
          .mayOnlyAccessLayers(
              "table",
              "activity",
              "choose",
              "prompt",
              "deck",
              "focus",
              "text",
              "find",
              "plan",
              "spell",
              "mark",
              "rule",
              "word",
              "sound")
          .whereLayer("notation")
          .mayOnlyAccessLayers("table", "rule", "word", "sound")
          .whereLayer("profile")
          .mayOnlyAccessLayers("table", "notation", "plan", "mark", "rule", "word", "sound")
          .whereLayer("simulate")
          .mayOnlyAccessLayers("rule", "word", "sound")
          .because(
              "a sound knows no words, a word no rules, a rule no attempts: each is tested and"
                  + " replaced without the ones above it");

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
