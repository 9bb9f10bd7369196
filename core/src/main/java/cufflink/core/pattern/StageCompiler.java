package cufflink.core.pattern;

import cufflink.core.design.Stage;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.pattern.Parts.Drive;
import cufflink.core.pattern.Parts.PieceTemplate;
import cufflink.core.pattern.Parts.StageTemplate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/** Compiles the stages of the folding: what each drives, and how far. */
final class StageCompiler {
  /** One of several alike, such as “fold[tiles - 1]” or “fold-2”. */
  private static final java.util.regex.Pattern INDEXED =
      java.util.regex.Pattern.compile("([^\\[\\]]+?)(?:\\s*\\[([^\\[\\]]+)]|-(\\d+))");

  private static final String OWN = "drive";

  private static final String ALL = "all";

  private final List<PieceTemplate> pieces;
  private final Assembly assembly;

  StageCompiler(List<PieceTemplate> pieces, Assembly assembly) {
    this.pieces = pieces;
    this.assembly = assembly;
  }

  StageTemplate stage(Section plain, Stage.Phase phase) {
    Section section = Repeats.counting(plain);
    String base = pieces.isEmpty() ? "" : pieces.get(0).presence().id();
    String folded =
        section.has("piece") ? AssemblyCompiler.pieceName(section, "piece", pieces) : base;
    List<Drive> drives = new ArrayList<>();
    drives.addAll(drives(section, "drive", scores(folded)));
    drives.addAll(drives(section, "with", others()));
    return new StageTemplate(
        Repeats.presence("stage", section), phase, section.text("stage"), folded, drives);
  }

  /** What a name in a stage stands for: one thing, or several that can be told apart by number. */
  private record Meant(Drive.Target target, boolean several, Kind kind) {}

  private Map<String, Meant> scores(String folded) {
    Map<String, Meant> names = new LinkedHashMap<>();
    names.put(
        ALL, new Meant(new Drive.Target.Scores(folded, Optional.empty()), false, Kind.NUMBER));
    pieces.stream()
        .filter(piece -> piece.presence().id().equals(folded))
        .forEach(piece -> addScores(names, "", piece));
    return names;
  }

  /** Names the scores of all pieces with the piece before them, and the joints that move. */
  private Map<String, Meant> others() {
    Map<String, Meant> names = new LinkedHashMap<>();
    pieces.forEach(piece -> addScores(names, piece.presence().id() + ".", piece));
    for (Assembly.JointTemplate joint : assembly.joints()) {
      String id = joint.presence().id();
      Assembly.MovementTemplate movement = joint.movement();
      for (int line = 0; line < movement.about().size(); line++) {
        int about = movement.either() ? line : 0;
        names.put(
            movement.either() ? id + "-" + (line + 1) : id,
            new Meant(new Drive.Target.Hinge(id, about), false, Kind.NUMBER));
      }
      movement
          .towards()
          .ifPresent(
              side ->
                  names.put(
                      id + "-slide",
                      new Meant(
                          new Drive.Target.Slide(id),
                          joint.presence().repeat().isPresent(),
                          Kind.LENGTH)));
    }
    return names;
  }

  private static void addScores(Map<String, Meant> names, String before, PieceTemplate piece) {
    for (Parts.LineTemplate score : piece.scores()) {
      String id = score.presence().id();
      Drive.Target target = new Drive.Target.Scores(piece.presence().id(), Optional.of(id));
      boolean several = score.presence().repeat().isPresent();
      names.put(before + id, new Meant(target, several, Kind.NUMBER));
    }
  }

  /** Returns “piece.score”, or the name of a joint, as the whole pattern knows it. */
  private static String full(Home home, String spoken) {
    int dot = spoken.indexOf('.');
    return dot < 0
        ? home.part(spoken)
        : home.piece(spoken.substring(0, dot)) + spoken.substring(dot);
  }

  private static List<Drive> drives(Section stage, String key, Map<String, Meant> expected) {
    List<Drive> drives = new ArrayList<>();
    Section section = stage.inside(key);
    boolean own = key.equals(OWN);
    section
        .entries()
        .forEach(
            (text, entry) -> {
              String name = own ? text : full(section.home(), text);
              Matcher indexed = INDEXED.matcher(name);
              boolean isIndexed = !expected.containsKey(name) && indexed.matches();
              Meant meant = expected.get(isIndexed ? indexed.group(1) : name);
              if (meant == null || (isIndexed && !meant.several())) {
                String known = String.join(", ", expected.keySet());
                section.note(entry.place(), "pattern.name", text, known);
                return;
              }
              Optional<Formula> index =
                  isIndexed
                      ? section.formula(new Entry.Text(entry.place(), index(indexed)), Kind.NUMBER)
                      : Optional.empty();
              section
                  .formula(entry, meant.kind())
                  .ifPresent(amount -> drives.add(new Drive(meant.target(), index, amount, own)));
            });
    return drives;
  }

  private static String index(Matcher indexed) {
    return indexed.group(2) == null ? indexed.group(3) : indexed.group(2);
  }
}
