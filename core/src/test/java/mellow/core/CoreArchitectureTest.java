package mellow.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;

@AnalyzeClasses(packages = "mellow.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {
  @ArchTest
  static final ArchRule coreKnowsNeitherSpringNorSqlNorHttp =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "org.jooq..",
              "java.sql..",
              "javax.sql..",
              "jakarta..",
              "java.net.http..",
              "mellow.server..");

  @ArchTest
  static final ArchRule onlyFormatsKnowsJson =
      noClasses()
          .that()
          .resideOutsideOfPackage("mellow.core.formats..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("com.fasterxml.jackson..", "com.networknt..");

  @ArchTest
  static final ArchRule packagesHaveNoCycles =
      slices().matching("mellow.core.(**)").should().beFreeOfCycles();

  /** What judges gives keys and arguments; words are made of them where they are shown. */
  @ArchTest
  static final ArchRule nothingThatJudgesMakesSentences =
      noClasses()
          .that()
          .resideOutsideOfPackage("mellow.core.words..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("mellow.core.words..", "mellow.words..", "com.ibm.icu..");

  /** What a finding is about is asked of its subject, never read out of its name. */
  @ArchTest
  static final ArchRule noNameOfAFindingIsTakenApart =
      noClasses()
          .that()
          .resideOutsideOfPackage("mellow.core.finding..")
          .should()
          .callMethod(Finding.class, "id")
          .orShould()
          .callMethod(FindingKey.class, "text");

  @ArchTest
  static final ArchRule rulesStandBelowAim =
      classes()
          .that()
          .resideInAPackage("mellow.core.rules..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "java..",
              "org.jspecify..",
              "mellow.core.rules..",
              "mellow.core.finding..",
              "mellow.core.measure..",
              "mellow.core.subject..",
              "mellow.core.vehicle..");
}
