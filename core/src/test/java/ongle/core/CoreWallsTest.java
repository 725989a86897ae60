package ongle.core;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ongle.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreWallsTest {
  @ArchTest
  static final ArchRule coreKnowsNobody =
      classes()
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "ongle.core..",
              "java.lang..",
              "java.util..",
              "java.time..",
              "org.jspecify.annotations..");

  /** What time it is, is told from outside. */
  @ArchTest
  static final ArchRule coreAsksNoClock =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Clock")
          .orShould()
          .callMethodWhere(target(name("now")));

  @ArchTest
  static final ArchRule subjectsFormNoCycle =
      slices().matching("ongle.core.(*)..").should().beFreeOfCycles();
}
