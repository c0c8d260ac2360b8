package honeststack.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Every package has its place, and knows only those before it. */
class ArchitectureTest {
  private static final String ROOT = "honeststack.app.";

  private static final List<String> WAY =
      List.of(
          "db",
          "problem",
          "kitchen",
          "ledger",
          "bin",
          "label",
          "larder",
          "exchange",
          "doubt",
          "weighings",
          "tools",
          "draft",
          "goals",
          "figures",
          "stove",
          "claims",
          "rewrite",
          "shelf",
          "kept",
          "compare",
          "runs",
          "stock",
          "files",
          "archive",
          "paper",
          "demo",
          "scale",
          "http");

  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("honeststack.app");

  private static String first(JavaClass type) {
    String name = type.getPackageName();
    return name.length() <= ROOT.length() ? "" : name.substring(ROOT.length()).split("\\.")[0];
  }

  @Test
  void everyPackageHasItsPlace() {
    Set<String> found =
        CLASSES.stream()
            .map(ArchitectureTest::first)
            .filter(name -> !name.isEmpty())
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(found).isEqualTo(new TreeSet<>(WAY));
  }

  @Test
  void aFeatureKnowsOnlyThoseBeforeIt() {
    for (int i = 0; i < WAY.size(); i++) {
      for (String later : WAY.subList(i + 1, WAY.size())) {
        noClasses()
            .that()
            .resideInAPackage(ROOT + WAY.get(i) + "..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage(ROOT + later + "..")
            .allowEmptyShould(true)
            .check(CLASSES);
      }
    }
  }

  @Test
  void onlyStoresAndMigrationsTouchTables() {
    noClasses()
        .that()
        .resideOutsideOfPackage("honeststack.app.db..")
        .and()
        .haveNameNotMatching(".*(Store|V\\d+__\\w+)(\\$.*)?")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("honeststack.app.db..", "org.jooq..")
        .check(CLASSES);
  }

  /** Numbers and letters are written alike wherever the computer stands. */
  @Test
  void nothingIsWrittenByTheComputersLocale() {
    noClasses()
        .should()
        .callMethod(String.class, "format", String.class, Object[].class)
        .orShould()
        .callMethod(String.class, "formatted", Object[].class)
        .orShould()
        .callMethod(String.class, "toLowerCase")
        .orShould()
        .callMethod(String.class, "toUpperCase")
        .orShould()
        .callMethod(Locale.class, "getDefault")
        .check(CLASSES);
  }
}
