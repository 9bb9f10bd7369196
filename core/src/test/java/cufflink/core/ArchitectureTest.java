package cufflink.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The walls of the module. */
class ArchitectureTest {
  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("cufflink.core");

  @Test
  void module_usesNothingBeyondItsWalls() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "javafx..", "java.io..", "java.nio..", "java.sql..", "java.awt..", "cufflink.files..")
        .check(CLASSES);
  }

  @Test
  void packages_haveNoCycles() {
    slices().matching("cufflink.core.(*)..").should().beFreeOfCycles().check(CLASSES);
  }
}
