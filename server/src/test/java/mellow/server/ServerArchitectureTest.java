package mellow.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.jooq.DSLContext;

@AnalyzeClasses(
    packages = "mellow.server",
    importOptions = {ImportOption.DoNotIncludeTests.class, ServerArchitectureTest.Written.class})
class ServerArchitectureTest {
  /** Tables and their keys are generated, and name each other. */
  static final class Written implements ImportOption {
    @Override
    public boolean includes(Location location) {
      return !location.contains("/mellow/server/db/");
    }
  }

  @ArchTest
  static final ArchRule aStoreIsSeenByItsOwnFeatureOnly =
      classes().that().haveSimpleNameEndingWith("Store").should().bePackagePrivate();

  @ArchTest
  static final ArchRule onlyStoresSpeakSql =
      noClasses()
          .that()
          .haveSimpleNameNotEndingWith("Store")
          .should()
          .dependOnClassesThat()
          .areAssignableTo(DSLContext.class);

  @ArchTest
  static final ArchRule controllersAreSeenByNobody =
      classes().that().haveSimpleNameEndingWith("Controller").should().bePackagePrivate();

  @ArchTest
  static final ArchRule featuresHaveNoCycles =
      slices().matching("mellow.server.(**)").should().beFreeOfCycles();
}
