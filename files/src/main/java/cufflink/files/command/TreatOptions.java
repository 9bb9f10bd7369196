package cufflink.files.command;

import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/** What is stamped, inked or embossed before anything is glued. */
final class TreatOptions {
  private static final String OPTION = "--treat";

  @Option(names = OPTION, paramLabel = "HOW PART")
  private List<String> treatments = new ArrayList<>();

  /** Reads what was written, for a card. */
  List<Treatment> read(Design design) {
    Set<Treatment> all = new LinkedHashSet<>();
    for (String written : treatments) {
      all.add(
          read(written.strip(), design)
              .orElseThrow(
                  () ->
                      BadInputException.of(
                          "command.treat", OPTION, written, kinds(), parts(design))));
    }
    return List.copyOf(all);
  }

  private static Optional<Treatment> read(String written, Design design) {
    String[] words = written.split("\\s+");
    Optional<Treatment.Kind> kind =
        Stream.of(Treatment.Kind.values()).filter(each -> each.word().equals(words[0])).findFirst();
    if (kind.isEmpty() || words.length < 2 || words.length > 3) {
      return Optional.empty();
    }
    Face face = words.length == 3 && words[2].equals("inside") ? Face.INSIDE : Face.OUTSIDE;
    boolean isFace = words.length == 2 || words[2].equals("inside") || words[2].equals("outside");
    Treatment treatment = new Treatment(kind.get(), words[1], face);
    Optional<Treatment> ofLayer =
        treatment.layer(design).map(layer -> new Treatment(kind.get(), words[1], layer.face()));
    return ofLayer.or(() -> treatment.piece(design).map(piece -> treatment)).filter(each -> isFace);
  }

  private static String kinds() {
    return String.join(", ", Stream.of(Treatment.Kind.values()).map(each -> each.word()).toList());
  }

  private static String parts(Design design) {
    return String.join(
        ", ",
        Stream.concat(
                design.pieces().stream().map(piece -> piece.id()),
                design.layers().stream().map(layer -> layer.on() + "." + layer.id()))
            .toList());
  }
}
