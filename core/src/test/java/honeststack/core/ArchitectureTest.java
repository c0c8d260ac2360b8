package honeststack.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The way of the data is one way, and the core stands alone. */
class ArchitectureTest {
  private static final List<String> WAY =
      List.of(
          "wording",
          "estimate",
          "food",
          "measure",
          "line",
          "said.told",
          "said.words",
          "said.clause",
          "said.page",
          "said.span",
          "said.talk",
          "said.yield",
          "said.name",
          "said.part",
          "said.ratio",
          "said.amount",
          "said.place",
          "said.each",
          "said.choice",
          "said.supposed",
          "said.instead",
          "said.without",
          "said.corrected",
          "said.pairing",
          "said",
          "yield",
          "recipe",
          "figures",
          "goal",
          "compare",
          "method",
          "plan",
          "morning",
          "keeping",
          "promise",
          "claim");

  private static final JavaClasses CLASSES =
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
            .check(CLASSES);
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
            "org.apache.commons.numbers..",
            "org.apache.commons.statistics..")
        .check(CLASSES);
  }

  /** A package that nobody listed has no place on the way. */
  @Test
  void everyPackageIsListed() {
    String[] listed = WAY.stream().map(room -> "honeststack.core." + room).toArray(String[]::new);
    ArchRuleDefinition.classes().should().resideInAnyPackage(listed).check(CLASSES);
  }

  /** Files that hold one idea together: an estimate and its book, a figure and its figures. */
  private static final Map<String, String> ONE_IDEA =
      Map.of(
          "SourceBook", "Estimate",
          "Estimate", "Estimate",
          "Figure", "Figures",
          "Figures", "Figures",
          "RecipeReader", "Kitchen",
          "LinePass", "Kitchen",
          "Kitchen", "Kitchen");

  @Test
  void noCircleInsideAPackageBetweenItsFiles() {
    for (String room : WAY) {
      SlicesRuleDefinition.slices()
          .assignedFrom(new ByFile(room))
          .should()
          .beFreeOfCycles()
          .allowEmptyShould(true)
          .check(CLASSES);
    }
  }

  /** Each file of a package is a slice of its own. */
  private record ByFile(String room) implements SliceAssignment {
    @Override
    public SliceIdentifier getIdentifierOf(JavaClass javaClass) {
      if (!javaClass.getPackageName().equals("honeststack.core." + room)) {
        return SliceIdentifier.ignore();
      }
      String name = javaClass.getName().replaceFirst("\\$.*", "");
      return SliceIdentifier.of(ONE_IDEA.getOrDefault(name.replaceFirst(".*\\.", ""), name));
    }

    @Override
    public String getDescription() {
      return "files of " + room;
    }
  }

  /** Sentences follow one fixed locale, never the machine's. */
  @Test
  void nothingFollowsTheMachinesLocale() {
    noClasses()
        .should()
        .callMethod(String.class, "formatted", Object[].class)
        .orShould()
        .callMethod(String.class, "format", String.class, Object[].class)
        .orShould()
        .callMethod(String.class, "toLowerCase")
        .orShould()
        .callMethod(String.class, "toUpperCase")
        .check(CLASSES);
  }
}
