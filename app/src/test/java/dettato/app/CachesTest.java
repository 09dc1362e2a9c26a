package dettato.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.WeakHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.stream.Collectors;
import org.springframework.util.function.SingletonSupplier;

/**
 * A cache is what outlives a request and holds what could be computed. Here is every one, with what
 * bounds it; whoever adds another finds this list, and reasons to do without.
 */
@AnalyzeClasses(packages = "dettato", importOptions = ImportOption.DoNotIncludeTests.class)
class CachesTest {
  private static final int MOST = 9;

  private static final Map<String, String> CACHES =
      Map.of(
          "dettato.mark.SoundForms", "sounds times accents, both fixed tables",
          "dettato.mark.AttemptMarker", "20,000 words made ready for marking, by accent",
          "dettato.reading.Reader", "50,000 spellings that were read",
          "dettato.plan.WordChooser", "rules, a fixed list; gone with its engine",
          "dettato.plan.InventedWords", "500 requests that no word fits; gone with its engine",
          "dettato.engine.WordParts", "20,000 words cut into sounds; gone with its engine",
          "dettato.app.engine.Engines", "16 engines; an older edition's go when a newer is seen",
          "dettato.app.finding.ChildRecords", "3,000 records of children, by revision",
          "dettato.app.school.Orders", "40 orders of teaching that were read");

  /** Kept between requests too, but nothing that could be computed: what waits, or was counted. */
  private static final Map<String, String> COUNTS_AND_QUEUES =
      Map.of(
          "dettato.app.account.Tries", "wrong passwords",
          "dettato.app.limit.Guesses", "guesses at codes",
          "dettato.app.finding.RecordsAhead", "classes that wait to be counted",
          "dettato.app.security.BodiesBeforeLogin", "bodies that are being read",
          "dettato.app.tablet.Listeners", "open lines",
          "dettato.app.demo.SimulatedRoom", "what simulated children are writing");

  @ArchTest
  static void everyOneIsListedWithWhatBoundsIt(JavaClasses all) {
    Set<String> found =
        all.stream()
            .filter(CachesTest::keeps)
            .map(c -> c.getName().replaceAll("\\$.*", ""))
            .collect(Collectors.toCollection(TreeSet::new));
    Map<String, String> listed = new TreeMap<>(CACHES);
    listed.putAll(COUNTS_AND_QUEUES);
    assertEquals(listed.keySet(), found);
    assertTrue(CACHES.size() <= MOST, CACHES.size() + " caches");
  }

  /** A map that many threads share, or one that forgets, is there to outlive a request. */
  private static boolean keeps(JavaClass one) {
    return one.getAccessesFromSelf().stream().anyMatch(CachesTest::makesAStore);
  }

  private static boolean makesAStore(JavaAccess<?> access) {
    JavaClass owner = access.getTargetOwner();
    return switch (access.getTarget().getName()) {
      case "<init>" ->
          owner.isAssignableTo(ConcurrentMap.class)
              || owner.isAssignableTo(WeakHashMap.class)
              || owner.isAssignableTo(ThreadLocal.class);
      case "newKeySet" -> owner.isAssignableTo(ConcurrentMap.class);
      case "newBuilder" -> owner.isEquivalentTo(Caffeine.class);
      default -> false;
    };
  }

  @ArchTest
  static final ArchRule PARTS_OF_AN_ENGINE_ARE_MADE_ONCE =
      ArchRuleDefinition.noClasses()
          .that()
          .resideOutsideOfPackages("dettato.engine", "dettato.app.text")
          .should()
          .dependOnClassesThat()
          .areAssignableTo(SingletonSupplier.class)
          .orShould()
          .dependOnClassesThat()
          .haveSimpleName("Lazy")
          .because("what is made once and kept is a part of an engine; Materials live a request");
}
