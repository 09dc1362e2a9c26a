package dettato;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import dettato.plan.TeachingSequence;

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
          .layer("exercise")
          .definedBy("dettato.exercise")
          .layer("deck")
          .definedBy("dettato.deck")
          .layer("block")
          .definedBy("dettato.block")
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
          .whereLayer("exercise")
          .mayOnlyAccessLayers("table", "focus", "text", "find", "plan", "rule", "word", "sound")
          .whereLayer("deck")
          .mayOnlyAccessLayers("plan", "rule", "word", "sound")
          .whereLayer("session")
          .mayOnlyAccessLayers(
              "block", "exercise", "focus", "plan", "mark", "rule", "word", "sound")
          .whereLayer("block")
          .mayOnlyAccessLayers(
              "table",
              "deck",
              "exercise",
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
  static final ArchRule NO_KIND_OF_BLOCK_KNOWS_ANOTHER =
      noClasses()
          .that(areKindsOfBlock())
          .should()
          .dependOnClassesThat(areKindsOfBlock())
          .because("a kind is added, changed and taken away without touching another");

  private static DescribedPredicate<JavaClass> areKindsOfBlock() {
    return DescribedPredicate.describe(
        "are kinds of block",
        c ->
            c.isAssignableTo("dettato.block.BlockKind")
                && !c.getModifiers().contains(JavaModifier.ABSTRACT));
  }

  @ArchTest
  static final ArchRule THE_CORE_STANDS_ALONE =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "com.fasterxml..", "java.net..", "java.sql..")
          .because("rules and computation are tested without an application around them");

  @ArchTest
  static final ArchRule THE_SHIPPED_ORDER_IS_PASSED_IN =
      noClasses()
          .that()
          .haveNameNotMatching("dettato\\.(app|bench|lexicon)\\..*|dettato\\.plan\\.OwnOrder.*")
          .should()
          .callMethod(TeachingSequence.class, "shipped")
          .because("a class may be taught in an order of its own; core is told in which");
}
