package dettato.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
}
