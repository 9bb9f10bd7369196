package cufflink.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "cufflink.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule NO_INTERFACE_FILES_OR_SQL =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "javafx..", "java.io..", "java.nio..", "java.sql..", "java.awt..", "cufflink.files..")
          .because("the computation stands on its own");

  @ArchTest
  static final ArchRule NO_CYCLES =
      slices().matching("cufflink.core.(*)..").should().beFreeOfCycles();
}
