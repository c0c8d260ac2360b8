package honeststack.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Features know only those before them, and tables are touched by stores only. */
class ArchitectureTest {
  private static final List<String> WAY =
      List.of(
          "http",
          "larder",
          "measuring",
          "goals",
          "figures",
          "adjust",
          "recipes",
          "compare",
          "demo");

  private final JavaClasses classes =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("honeststack.app");

  @Test
  void aFeatureKnowsOnlyThoseBeforeIt() {
    for (int i = 0; i < WAY.size(); i++) {
      for (String later : WAY.subList(i + 1, WAY.size())) {
        noClasses()
            .that()
            .resideInAPackage("honeststack.app." + WAY.get(i))
            .should()
            .dependOnClassesThat()
            .resideInAPackage("honeststack.app." + later)
            .check(classes);
      }
    }
  }

  @Test
  void onlyStoresTouchTables() {
    noClasses()
        .that()
        .resideOutsideOfPackage("honeststack.app.db..")
        .and()
        .haveSimpleNameNotEndingWith("Store")
        .and()
        .haveNameNotMatching(".*Store\\$.*")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("honeststack.app.db..", "org.jooq..")
        .check(classes);
  }

  @Test
  void theLardersTablesAreTheLardersOwn() {
    noClasses()
        .that()
        .resideInAnyPackage("honeststack.app.recipes..", "honeststack.app.figures..")
        .should()
        .dependOnClassesThat()
        .haveNameMatching("honeststack\\.app\\.db\\.tables\\.(Food|Composition).*")
        .check(classes);
  }
}
