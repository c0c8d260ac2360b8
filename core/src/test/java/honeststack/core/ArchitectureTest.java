package honeststack.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The way of the data is one way, and the core stands alone. */
class ArchitectureTest {
  private static final List<String> WAY =
      List.of(
          "estimate", "food", "measure", "batter", "yield", "serving", "goal", "compare", "adjust");

  private final JavaClasses classes =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("honeststack.core");

  @Test
  void aPackageKnowsOnlyThoseBeforeIt() {
    for (int i = 0; i < WAY.size(); i++) {
      for (String later : WAY.subList(i + 1, WAY.size())) {
        noClasses()
            .that()
            .resideInAPackage("honeststack.core." + WAY.get(i))
            .should()
            .dependOnClassesThat()
            .resideInAPackage("honeststack.core." + later)
            .check(classes);
      }
    }
  }

  @Test
  void theCoreIsPlainJava() {
    ArchRuleDefinition.classes()
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "honeststack.core..",
            "java.lang..",
            "java.util..",
            "java.math..",
            "org.apache.commons.numbers..")
        .check(classes);
  }
}
