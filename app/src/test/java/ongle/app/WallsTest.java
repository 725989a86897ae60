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
              "ongle.app.clients..",
              "jakarta.persistence..",
              "org.springframework..");

  @ArchTest
  static final ArchRule onlyTheEditorWritesSets =
      noClasses()
          .that()
          .resideOutsideOfPackage("ongle.app.sets..")
          .should()
          .dependOnClassesThat()
          .haveSimpleName("SetRepository");
}
