package cufflink.desktop;

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
          .importPackages("cufflink.desktop");

  @Test
  void module_usesNothingBeyondItsWalls() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "java.sql..", "java.awt..", "org.apache.pdfbox..", "org.yaml..", "org.locationtech..")
        .check(CLASSES);
  }

  @Test
  void packages_haveNoCycles() {
    slices().matching("cufflink.desktop.(*)..").should().beFreeOfCycles().check(CLASSES);
  }
}
