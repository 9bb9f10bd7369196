package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.PaperKind;
import cufflink.core.design.Stage;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.pattern.Parts.CornerTemplate;
import cufflink.core.pattern.Parts.Crease;
import cufflink.core.pattern.Parts.LayerTemplate;
import cufflink.core.pattern.Parts.LineTemplate;
import cufflink.core.pattern.Parts.OpeningTemplate;
import cufflink.core.pattern.Parts.PieceTemplate;
import cufflink.core.pattern.Parts.Presence;
import cufflink.core.pattern.Parts.StageTemplate;
import cufflink.core.pattern.Parts.Turn;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Compiles the geometry of a pattern: pieces, lines, layers and folding. */
final class PartsCompiler {
  private static final int MOST_NAMED = 10;

  private final Section file;
  private final Set<String> ids = new HashSet<>();

  PartsCompiler(Section file) {
    this.file = file;
  }

  Parts compile() {
    List<PieceTemplate> pieces = file.named("pieces", this::piece);
    if (pieces.isEmpty()) {
      file.note(file.place(), "pattern.no-piece");
    }
    List<LayerTemplate> layers = file.named("layers", (id, part) -> layer(id, part, pieces));
    Assembly assembly = new AssemblyCompiler(file, pieces).compile();
    List<StageTemplate> stages = new ArrayList<>();
    for (Stage.Phase phase : Stage.Phase.values()) {
      file.sections(phase.name().toLowerCase(Locale.ROOT))
          .forEach(part -> stages.add(stage(part, phase, pieces, assembly)));
    }
    List<Formula> rest =
        file.entry("rests-on")
            .map(entry -> file.lengths(entry, 2))
            .orElseGet(() -> List.of(Section.nothing(Kind.LENGTH), Section.nothing(Kind.LENGTH)));
    return new Parts(
        pieces,
        layers,
        stages,
        rest,
        assembly,
        file.entry("finished").map(entry -> file.lengths(entry, 2)).orElse(List.of()),
        file.phrases("notes"));
  }

  private PieceTemplate piece(String id, Section plain) {
    Section section = Repeats.counting(plain);
    checkId(id, section);
    List<Formula> size =
        section
            .entry("size")
            .map(entry -> section.lengths(entry, 2))
            .orElseGet(
                () -> {
                  section.note(section.place(), "pattern.missing", "size");
                  return section.lengths(new Entry.Items(section.place(), List.of()), 2);
                });
    List<CornerTemplate> outline =
        section.items("outline").stream().map(corner -> corner(section, corner)).toList();
    Set<String> lines = new HashSet<>();
    return new PieceTemplate(
        Repeats.presence(id, section),
        section.oneOf("paper", PaperKind.class, PaperKind.CARDSTOCK),
        section.formula("count", Kind.NUMBER),
        size.get(0),
        size.get(1),
        outline,
        section.named("scores", (name, part) -> line(name, part, size, lines, true)),
        section.named("slits", (name, part) -> line(name, part, size, lines, false)),
        section.named("cuts", (name, part) -> line(name, part, size, lines, false)),
        section.named("openings", (name, part) -> opening(name, part, lines)));
  }

  /** A corner is a place, or a repeated place for an edge that is round. */
  private static CornerTemplate corner(Section section, Entry entry) {
    if (entry instanceof Entry.Group) {
      Section corner = Repeats.counting(section.within(entry));
      List<Formula> at =
          List.of(corner.required("x", Kind.LENGTH), corner.required("y", Kind.LENGTH));
      return new CornerTemplate(Repeats.presence("corner", corner), at);
    }
    Presence once =
        new Presence(entry.place(), "corner", "corner", Optional.empty(), Optional.empty());
    return new CornerTemplate(once, section.lengths(entry, 2));
  }

  private OpeningTemplate opening(String id, Section plain, Set<String> lines) {
    Section section = Repeats.counting(plain);
    if (!lines.add(id)) {
      section.note(section.place(), "pattern.twice", id);
    }
    boolean round = section.has("circle");
    if (round == section.has("area")) {
      section.note(section.place(), "pattern.opening");
    }
    Entry shape =
        section
            .entry(round ? "circle" : "area")
            .orElse(new Entry.Items(section.place(), List.of()));
    return new OpeningTemplate(
        Repeats.presence(id, section),
        section.oneOf("kind", Opening.Kind.class, Opening.Kind.WINDOW),
        round,
        section.lengths(shape, round ? 3 : 4),
        section.items("across").stream().map(section::plain).toList());
  }

  private void checkId(String id, Section section) {
    if (!ids.add(id)) {
      section.note(section.place(), "pattern.twice", id);
    }
  }

  private LineTemplate line(
      String id, Section plain, List<Formula> size, Set<String> lines, boolean score) {
    Section section = Repeats.counting(plain);
    if (!lines.add(id)) {
      section.note(section.place(), "pattern.twice", id);
    }
    Crease crease = score ? crease(section) : new Crease(Fold.DECORATIVE, Turn.SAME);
    return new LineTemplate(Repeats.presence(id, section), crease, ends(section, size));
  }

  private List<Formula> ends(Section section, List<Formula> size) {
    if (section.has("from") && section.has("to")) {
      List<Formula> ends = new ArrayList<>(section.lengths(section.entry("from").orElseThrow(), 2));
      ends.addAll(section.lengths(section.entry("to").orElseThrow(), 2));
      return ends;
    }
    boolean upright = section.has("x");
    if (upright == section.has("y")) {
      section.note(section.place(), "pattern.line");
      return java.util.Collections.nCopies(4, Section.nothing(Kind.LENGTH));
    }
    Formula at = section.required(upright ? "x" : "y", Kind.LENGTH);
    Formula nought = Formula.compile("0 mm", Map.of()).orElseThrow();
    List<Formula> span =
        section
            .entry("span")
            .map(entry -> section.lengths(entry, 2))
            .orElse(List.of(nought, upright ? size.get(1) : size.get(0)));
    return upright
        ? List.of(at, span.get(0), at, span.get(1))
        : List.of(span.get(0), at, span.get(1), at);
  }

  private static Crease crease(Section section) {
    String text = section.text("fold");
    Entry entry = section.entry("fold").orElse(new Entry.Text(section.place(), ""));
    Turn turn = Turn.SAME;
    String fold = text;
    if (text.startsWith("alternate from ")) {
      turn = Turn.FROM_FIRST;
      fold = text.substring("alternate from ".length());
    } else if (text.startsWith("alternate to ")) {
      turn = Turn.TO_LAST;
      fold = text.substring("alternate to ".length());
    }
    return new Crease(section.oneOf(entry, fold, Fold.class, Fold.VALLEY), turn);
  }

  private LayerTemplate layer(String id, Section plain, List<PieceTemplate> pieces) {
    Section section = Repeats.counting(plain);
    checkId(id, section);
    String on = AssemblyCompiler.pieceName(section, "on", pieces);
    List<Formula> panel =
        section
            .entry("panel")
            .map(entry -> section.lengths(entry, 4))
            .orElseGet(
                () -> {
                  section.note(section.place(), "pattern.missing", "panel");
                  return section.lengths(new Entry.Items(section.place(), List.of()), 4);
                });
    return new LayerTemplate(
        Repeats.presence(id, section),
        section.oneOf("paper", PaperKind.class, PaperKind.PATTERNED),
        on,
        section.oneOf("face", Face.class, Face.INSIDE),
        panel,
        section.required("border", Kind.LENGTH),
        section.oneOf("shape", Layer.Shape.class, Layer.Shape.WHOLE));
  }

  private StageTemplate stage(
      Section plain, Stage.Phase phase, List<PieceTemplate> pieces, Assembly assembly) {
    Section section = Repeats.counting(plain);
    String base = pieces.isEmpty() ? "" : pieces.get(0).presence().id();
    String folded =
        section.has("piece") ? AssemblyCompiler.pieceName(section, "piece", pieces) : base;
    Map<String, Kind> driven = new LinkedHashMap<>();
    driven.put(StageTemplate.ALL, Kind.NUMBER);
    pieces.stream()
        .filter(piece -> piece.presence().id().equals(folded))
        .flatMap(piece -> piece.scores().stream())
        .forEach(score -> name(driven, score.presence().id(), score));
    return new StageTemplate(
        Repeats.presence("stage", section),
        phase,
        section.text("stage"),
        folded,
        section.drives("drive", driven),
        section.drives("with", others(pieces, assembly)));
  }

  /** Names the scores of all pieces with the piece before them, and the joints that move. */
  private static Map<String, Kind> others(List<PieceTemplate> pieces, Assembly assembly) {
    Map<String, Kind> others = new LinkedHashMap<>();
    for (PieceTemplate piece : pieces) {
      for (Parts.LineTemplate score : piece.scores()) {
        name(others, piece.presence().id() + "." + score.presence().id(), score);
      }
    }
    for (Assembly.JointTemplate joint : assembly.joints()) {
      String id = joint.presence().id();
      Assembly.MovementTemplate movement = joint.movement();
      for (int line = 0; line < movement.about().size(); line++) {
        others.put(movement.either() ? id + "-" + (line + 1) : id, Kind.NUMBER);
      }
      movement.towards().ifPresent(side -> others.put(id + "-slide", Kind.LENGTH));
    }
    return others;
  }

  /** Of a repeated score each can be named by its number. */
  private static void name(Map<String, Kind> names, String name, Parts.LineTemplate score) {
    names.put(name, Kind.NUMBER);
    for (int i = 0; i < MOST_NAMED && score.presence().repeat().isPresent(); i++) {
      names.put(name + "-" + i, Kind.NUMBER);
    }
  }
}
