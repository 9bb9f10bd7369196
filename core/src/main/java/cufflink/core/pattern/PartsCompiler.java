package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Stage;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Names;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.pattern.Parts.Crease;
import cufflink.core.pattern.Parts.LayerTemplate;
import cufflink.core.pattern.Parts.LineTemplate;
import cufflink.core.pattern.Parts.OpeningTemplate;
import cufflink.core.pattern.Parts.PieceTemplate;
import cufflink.core.pattern.Parts.PlaceTemplate;
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
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** Compiles the geometry of a pattern: pieces, lines, layers and folding. */
final class PartsCompiler {
  private final List<Section> files;
  private final Set<String> ids = new HashSet<>();
  private final Map<String, PaperRole> roles = new LinkedHashMap<>();

  /**
   * @param files the pattern, then the accessories that it includes
   */
  PartsCompiler(List<Section> files) {
    this.files = files;
  }

  Parts compile() {
    Section file = files.get(0);
    for (PaperKind kind : PaperKind.values()) {
      roles.put(PaperRole.of(kind).id(), PaperRole.of(kind));
    }
    file.named("papers", this::addRole);
    List<PieceTemplate> pieces = named(files, "pieces", this::piece);
    if (pieces.isEmpty()) {
      file.note(file.place(), "pattern.no-piece");
    }
    List<LayerTemplate> layers = named(files, "layers", (id, part) -> layer(id, part, pieces));
    Assembly assembly = new AssemblyCompiler(files, pieces).compile();
    StageCompiler staging = new StageCompiler(pieces, assembly);
    List<StageTemplate> stages = new ArrayList<>();
    for (Stage.Phase phase : Stage.Phase.values()) {
      for (Section each : files) {
        each.sections(phase.name().toLowerCase(Locale.ROOT))
            .forEach(part -> stages.add(staging.stage(part, phase)));
      }
    }
    List<Formula> rest =
        file.entry("rests-on")
            .map(entry -> file.lengths(entry, 2))
            .orElseGet(() -> List.of(Section.nothing(Kind.LENGTH), Section.nothing(Kind.LENGTH)));
    List<Parts.Note> notes = new ArrayList<>();
    for (Section each : files) {
      each.items("notes").forEach(entry -> notes.add(note(each, entry)));
    }
    return new Parts(
        pieces,
        layers,
        stages,
        rest,
        assembly,
        file.entry("finished").map(entry -> file.lengths(entry, 2)).orElse(List.of()),
        notes,
        new RelationCompiler(files).compile());
  }

  /** A note is a sentence, or one that is said only under a condition. */
  private static Parts.Note note(Section file, Entry entry) {
    if (entry instanceof Entry.Group) {
      Section note = file.within(entry);
      return new Parts.Note(Repeats.conditions(note), note.phrase("say"));
    }
    return new Parts.Note(file.home().when(), file.phraseOf(entry));
  }

  /** Reads the parts of one kind in all files; each is given the id it has in the pattern. */
  static <T> List<T> named(List<Section> files, String key, BiFunction<String, Section, T> read) {
    List<T> all = new ArrayList<>();
    for (Section file : files) {
      all.addAll(file.named(key, (id, part) -> read.apply(file.home().part(id), part)));
    }
    return all;
  }

  private String addRole(String id, Section section) {
    PaperKind kind = section.oneOf("like", PaperKind.class, PaperKind.PATTERNED);
    if (roles.putIfAbsent(id, new PaperRole(id, section.text("label"), kind)) != null) {
      section.note(section.place(), "pattern.twice", id);
    }
    return id;
  }

  private PaperRole role(Section section, PaperRole otherwise) {
    Optional<Entry> entry = section.entry("paper");
    String named = entry.map(section::plain).orElse(otherwise.id());
    PaperRole role = roles.get(named);
    if (role == null) {
      section.note(
          entry.orElseThrow().place(), "pattern.one-of", named, String.join(", ", roles.keySet()));
      return otherwise;
    }
    return role;
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
    List<PlaceTemplate> outline =
        section.items("outline").stream().map(corner -> corner(section, corner)).toList();
    Set<String> lines = new HashSet<>();
    return new PieceTemplate(
        Repeats.presence(id, section),
        role(section, PaperRole.CARDSTOCK),
        section.formula("count", Kind.NUMBER).or(() -> section.home().count()),
        size.get(0),
        size.get(1),
        outline,
        section.named("scores", (name, part) -> line(name, part, size, lines, true)),
        section.named("slits", (name, part) -> line(name, part, size, lines, false)),
        section.named("cuts", (name, part) -> line(name, part, size, lines, false)),
        section.named("openings", (name, part) -> opening(name, part, lines)),
        section.entry("mirrors").map(entry -> earlier(section, entry)).orElse(""),
        section.entry("from").map(entry -> earlier(section, entry)).orElse(""),
        section.formula("cards", Kind.NUMBER));
  }

  /** A piece can only depend on one that is described before it. */
  private String earlier(Section section, Entry entry) {
    String other = section.plain(entry);
    if (!ids.contains(other)) {
      section.note(entry.place(), "pattern.one-of", other, String.join(", ", new TreeSet<>(ids)));
    }
    return other;
  }

  /** A corner is a place, or a repeated place for an edge that is round. */
  private static PlaceTemplate corner(Section section, Entry entry) {
    if (entry instanceof Entry.Group) {
      Section corner = Repeats.counting(section.within(entry));
      List<Formula> at =
          List.of(corner.required("x", Kind.LENGTH), corner.required("y", Kind.LENGTH));
      return new PlaceTemplate(Repeats.presence("corner", corner), at);
    }
    Presence once = new Presence(entry.place(), "corner", "corner", List.of(), Optional.empty());
    return new PlaceTemplate(once, section.lengths(entry, 2));
  }

  private OpeningTemplate opening(String id, Section plain, Set<String> lines) {
    Section section = Repeats.counting(plain);
    if (!lines.add(id)) {
      section.note(section.place(), "pattern.twice", id);
    }
    boolean round = section.has("circle");
    boolean isFree = section.has("outline");
    if (Stream.of(round, section.has("area"), isFree).filter(each -> each).count() != 1) {
      section.note(section.place(), "pattern.opening");
    }
    Entry shape =
        section
            .entry(round ? "circle" : "area")
            .orElse(new Entry.Items(section.place(), List.of()));
    List<Formula> numbers = isFree ? List.of() : section.lengths(shape, round ? 3 : 4);
    return new OpeningTemplate(
        Repeats.presence(id, section),
        section.oneOf("kind", Opening.Kind.class, Opening.Kind.WINDOW),
        round,
        numbers,
        section.items("outline").stream().map(corner -> corner(section, corner)).toList(),
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
    return new LineTemplate(
        Repeats.presence(id, section),
        crease,
        ends(section, size),
        section.entry("folded").map(section::plain).orElse(""),
        section.oneOf("sides", Sides.class, Sides.ONE) == Sides.BOTH);
  }

  /** Along which sides of its line a slit is cut. */
  private enum Sides {
    ONE,
    BOTH
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
    Formula nought = Formula.compile("0 mm", Names.of(Map.of())).orElseThrow();
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
        role(section, PaperRole.PATTERNED),
        on,
        section.oneOf("face", Face.class, Face.INSIDE),
        panel,
        section.required("border", Kind.LENGTH),
        section.oneOf("shape", Layer.Shape.class, Layer.Shape.WHOLE));
  }
}
