package cufflink.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.properties.HasName;
import com.tngtech.archunit.core.domain.properties.HasOwner;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import cufflink.core.card.Card;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.run.SecondCut;
import cufflink.core.run.Stroke;
import cufflink.core.scene.Surface;
import cufflink.core.words.Language;
import cufflink.core.words.Message;
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

  /**
   * What is computed is put into words at the edge only: drawings and numbers are made for eyes.
   */
  @Test
  void nobodySpeaks_butWhoKnowsTheReader() {
    noClasses()
        .that()
        .doNotBelongToAnyOf(LengthFormat.class, Surface.class)
        .and()
        .resideOutsideOfPackage("cufflink.core.words")
        .should()
        .callMethodWhere(
            JavaCall.Predicates.target(HasOwner.Predicates.With.owner(assignableTo(Message.class)))
                .and(JavaCall.Predicates.target(HasName.Predicates.name("say"))))
        .orShould()
        .dependOnClassesThat()
        .belongToAnyOf(Language.class)
        .check(CLASSES);
  }

  /** A card carries how near is equal; only where something begins is one chosen. */
  @Test
  void tolerance_isPassedAndNotReachedFor() {
    noClasses()
        .that()
        .doNotBelongToAnyOf(
            Tolerance.class, Tolerances.class, Card.class, Stroke.class, SecondCut.class)
        .should()
        .accessField(Tolerances.class, "USUAL")
        .orShould()
        .accessField(Tolerance.class, "PAPER")
        .orShould()
        .accessField(Tolerance.class, "FOLDED")
        .check(CLASSES);
  }
}
