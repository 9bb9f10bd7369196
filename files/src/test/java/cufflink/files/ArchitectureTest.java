package cufflink.files;

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
          .importPackages("cufflink.files");

  @Test
  void module_usesNothingBeyondItsWalls() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "cufflink.desktop..")
        .check(CLASSES);
  }

  @Test
  void packages_haveNoCycles() {
    slices().matching("cufflink.files.(*)..").should().beFreeOfCycles().check(CLASSES);
  }
}
