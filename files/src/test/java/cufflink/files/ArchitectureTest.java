package cufflink.files;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.properties.HasName;
import com.tngtech.archunit.core.domain.properties.HasOwner;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import cufflink.files.words.Words;
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

  /** Files are read and written in messages; only exports and commands put them into words. */
  @Test
  void nobodySpeaks_butExportsAndCommands() {
    noClasses()
        .that()
        .resideOutsideOfPackages(
            "cufflink.files.words", "cufflink.files.export", "cufflink.files.command")
        .should()
        .callMethodWhere(
            JavaCall.Predicates.target(HasOwner.Predicates.With.owner(assignableTo(Words.class)))
                .and(JavaCall.Predicates.target(HasName.Predicates.name("say"))))
        .check(CLASSES);
  }
}
