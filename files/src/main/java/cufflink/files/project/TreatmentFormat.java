package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What is stamped, inked or embossed, in a project file. */
public final class TreatmentFormat {
  private TreatmentFormat() {}

  /**
   * Writes treatments.
   *
   * @param array where to
   * @param treatments what is done
   */
  public static void write(ArrayNode array, List<Treatment> treatments) {
    treatments.forEach(
        each ->
            array
                .addObject()
                .put("kind", each.kind().word())
                .put("part", each.part())
                .put("face", each.face().name().toLowerCase(Locale.ROOT)));
  }

  /** One of a kind that is not known here is left out, as are more than are made. */
  static List<Treatment> read(JsonNode array) {
    List<Treatment> treatments = new ArrayList<>();
    for (JsonNode node : array) {
      String face = node.path("face").asText("");
      Stream.of(Treatment.Kind.values())
          .filter(kind -> kind.word().equals(node.path("kind").asText("")))
          .filter(kind -> treatments.size() < Treatment.MOST)
          .map(
              kind ->
                  new Treatment(
                      kind,
                      node.path("part").asText(""),
                      face.equals("inside") ? Face.INSIDE : Face.OUTSIDE))
          .filter(treatment -> !treatments.contains(treatment))
          .forEach(treatments::add);
    }
    return treatments;
  }
}
