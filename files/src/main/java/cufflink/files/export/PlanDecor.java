package cufflink.files.export;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.value.Values;
import cufflink.files.project.PictureFormat;
import cufflink.files.project.TreatmentFormat;
import java.util.List;
import java.util.Locale;

/** Writes how a card is decorated: what its papers look like, and what its maker puts on. */
final class PlanDecor {
  private PlanDecor() {}

  static void write(ObjectNode root, Derivation derivation) {
    derivation.made().ifPresent(made -> colours(root, made.design(), derivation.look()));
    PictureFormat.write(root, derivation.job().papers());
    List<Treatment> treatments = derivation.job().order().treatments();
    if (!treatments.isEmpty()) {
      TreatmentFormat.write(root.putArray("treatments"), treatments);
    }
    List<Topper> toppers = derivation.job().order().toppers();
    if (!toppers.isEmpty()) {
      ArrayNode array = root.putArray("toppers");
      toppers.forEach(each -> write(array.addObject(), each, derivation.settled()));
    }
  }

  /** What the papers look like, each by what it is for. */
  private static void colours(ObjectNode root, Design design, Look look) {
    ObjectNode papers = root.putObject("colours");
    for (PaperRole role : design.roles()) {
      Papers.Colours colours = look.colours(role);
      ObjectNode node =
          papers
              .putObject(role.id())
              .put("ground", plain(colours.ground()))
              .put("ink", plain(colours.ink()))
              .put("motif", plain(colours.motif()));
      colours
          .picture()
          .ifPresent(picture -> PictureFormat.write(node.putObject("picture"), picture));
    }
  }

  /** On which of several equal pieces it lies, in the order in which they are put on. */
  private static String copy(Topper topper) {
    return switch (topper.copy()) {
      case Topper.EACH -> "each";
      case Topper.LAST -> "last";
      default -> Integer.toString(topper.copy());
    };
  }

  /** A topper as it lies now, seen on its face; on foam it stands off the card. */
  private static void write(ObjectNode node, Topper topper, Values settled) {
    node.put("id", topper.id())
        .put("label", topper.label())
        .put("words", topper.words())
        .put("shape", plain(topper.shape()))
        .put("stock", plain(topper.stock()))
        .put("on", topper.on())
        .put("copy", copy(topper))
        .put("cards", topper.cards() == 0 ? "all" : Integer.toString(topper.cards()))
        .put("face", plain(topper.face()))
        .put("with", plain(topper.fixing().with()))
        .put("byFoot", topper.fixing().byFoot())
        .put("overhangs", topper.fixing().overhangs())
        .put("tucked", topper.fixing().tucked());
    for (Topper.Measure measure : Topper.Measure.values()) {
      settled
          .get(topper.value(measure))
          .ifPresent(value -> node.put(plain(measure), value.toString()));
    }
  }

  private static String plain(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
