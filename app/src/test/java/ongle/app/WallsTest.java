package ongle.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ongle.app", importOptions = ImportOption.DoNotIncludeTests.class)
class WallsTest {
  @ArchTest
  static final ArchRule noCycles = slices().matching("ongle.app.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule stagesDoNotKnowEachOther =
      slices()
          .matching(
              "ongle.app.(measure|photo|fit|shape|structure|bench|sheet|exchange|today|salon|demo)..")
          .should()
          .notDependOnEachOther()
          .ignoreDependency(
              com.tngtech.archunit.base.DescribedPredicate.describe(
                  "the demo", c -> c.getPackageName().equals("ongle.app.demo")),
              com.tngtech.archunit.base.DescribedPredicate.alwaysTrue());

  @ArchTest
  static final ArchRule drawingsKnowNothingStored =
      noClasses()
          .that()
          .resideInAPackage("ongle.app.drawing..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "ongle.app.sets..",
              "ongle.app.planning..",
              "ongle.app.clients..",
              "jakarta.persistence..",
              "org.springframework..");

  @ArchTest
  static final ArchRule whatIsStoredKnowsNoDrawingAndNoPage =
      noClasses()
          .that()
          .resideInAnyPackage(
              "ongle.app.sets..",
              "ongle.app.planning..",
              "ongle.app.editing..",
              "ongle.app.history..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "ongle.app.drawing..", "ongle.app.frame..", "ongle.app.paper..", "org.thymeleaf..");

  /** What reads plans a set, what edits changes it, what goes back returns to it. */
  @ArchTest
  static final ArchRule setsAreReadAndWrittenInThreePlaces =
      noClasses()
          .that()
          .resideOutsideOfPackages(
              "ongle.app.sets..",
              "ongle.app.planning..",
              "ongle.app.editing..",
              "ongle.app.history..")
          .should()
          .dependOnClassesThat()
          .haveNameMatching("ongle\\.app\\.sets\\.\\w+Repository");

  @ArchTest
  static final ArchRule wordsKnowOnlyTheCore =
      noClasses()
          .that()
          .resideInAPackage("ongle.app.words..")
          .should()
          .dependOnClassesThat(
              com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage("ongle.app..")
                  .and(
                      com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackage(
                          "ongle.app.words..")));
}
