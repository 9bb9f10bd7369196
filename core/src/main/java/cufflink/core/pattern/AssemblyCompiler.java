package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Place;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Assembly.AskewTemplate;
import cufflink.core.pattern.Assembly.InsideTemplate;
import cufflink.core.pattern.Assembly.JointTemplate;
import cufflink.core.pattern.Assembly.MovementTemplate;
import cufflink.core.pattern.Assembly.PocketTemplate;
import cufflink.core.pattern.Assembly.ZoneTemplate;
import cufflink.core.pattern.Parts.PieceTemplate;
import cufflink.core.pattern.Parts.PlaceTemplate;
import cufflink.core.pattern.Parts.Presence;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Compiles how the pieces of a pattern go together: joints, pockets, what stays free of glue. */
final class AssemblyCompiler {
  private final List<Section> files;
  private final List<PieceTemplate> pieces;

  AssemblyCompiler(List<Section> files, List<PieceTemplate> pieces) {
    this.files = files;
    this.pieces = pieces;
  }

  Assembly compile() {
    List<JointTemplate> joints =
        new ArrayList<>(
            PartsCompiler.named(files, "joins", (id, section) -> joint(id, section, "")));
    PartsCompiler.named(files, "units", (id, unit) -> joints.addAll(unit(id, unit)));
    List<PocketTemplate> pockets = PartsCompiler.named(files, "pockets", this::pocket);
    checkNames(joints, pockets);
    return new Assembly(joints, PartsCompiler.named(files, "keep-clear", this::zone), pockets);
  }

  /** What ribbons and held things are said to lie by, under and within must be there. */
  private void checkNames(List<JointTemplate> joints, List<PocketTemplate> pockets) {
    List<String> ids = joints.stream().map(each -> each.presence().id()).toList();
    List<String> open = new ArrayList<>();
    for (JointTemplate joint : joints) {
      int lines = joint.movement().about().size();
      for (int line = 1; line <= lines; line++) {
        String id = joint.presence().id();
        open.add(joint.movement().either() ? id + "-" + line : id);
      }
    }
    List<String> over = new ArrayList<>(PartsCompiler.named(files, "layers", (id, layer) -> id));
    over.addAll(ids);
    joints.stream()
        .flatMap(joint -> joint.movement().led().stream())
        .flatMap(led -> led.legs().stream())
        .forEach(
            leg -> {
              leg.by().ifPresent(by -> known(leg.place(), by, ids));
              leg.under().forEach(name -> known(leg.place(), name, over));
              leg.during().ifPresent(name -> known(leg.place(), name, open));
            });
    for (PocketTemplate pocket : pockets) {
      Place where = pocket.presence().place();
      for (InsideTemplate inside : pocket.places()) {
        inside.by().ifPresent(by -> known(where, by, ids));
        inside.during().ifPresent(name -> known(where, name, open));
      }
    }
  }

  private void known(Place where, String name, List<String> names) {
    if (!names.contains(name)) {
      String all = String.join(", ", names.stream().distinct().toList());
      files.get(0).note(where, "pattern.name", name, all);
    }
  }

  /** Reads the name of a piece, which must be there. */
  static String pieceName(Section section, String key, List<PieceTemplate> pieces) {
    return pieceName(section, section.text(key), section.place(), pieces);
  }

  private static String pieceName(Section section, Entry entry, List<PieceTemplate> pieces) {
    return pieceName(section, section.plain(entry), entry.place(), pieces);
  }

  private static String pieceName(
      Section section, String spoken, Place where, List<PieceTemplate> pieces) {
    String name = section.home().piece(spoken);
    if (pieces.stream().noneMatch(piece -> piece.presence().id().equals(name))) {
      section.note(where, "pattern.no-such-piece", name);
    }
    return name;
  }

  /** Reads the joints of a group of pieces that is made several times. */
  private List<JointTemplate> unit(String unit, Section plain) {
    if (!plain.has("for")) {
      plain.note(plain.place(), "pattern.missing", "for");
    }
    return plain.named(
        "joins", (id, section) -> joint(plain.home().part(id), section.repeatedAs(plain), unit));
  }

  private JointTemplate joint(String id, Section plain, String unit) {
    Section section = Repeats.counting(plain);
    return new JointTemplate(
        Repeats.presence(id, section),
        pieceName(section, "piece", pieces),
        pieceName(section, "on", pieces),
        section.oneOf("face", Face.class, Face.INSIDE),
        section.has("path") ? List.of() : area(section),
        section.oneOf("shape", Layer.Shape.class, Layer.Shape.WHOLE),
        section.items("glue").stream().map(each -> glue(section, each)).toList(),
        section.oneOf("mouth", Side.class, Side.NONE),
        holds(section),
        movement(section, pieces),
        section.has("turned")
            ? Optional.of(section.oneOf("turned", Joint.Turned.class, Joint.Turned.NONE))
            : Optional.empty(),
        section
            .entry("askew")
            .map(
                each ->
                    new AskewTemplate(
                        section.lengths(each, 4),
                        section.required("degrees", Kind.NUMBER),
                        section.has("goes-with"))),
        section.has("over") && section.text("over").equals("true"),
        section.has("with")
            ? Optional.of(section.oneOf("with", Adhesive.class, Adhesive.LIQUID))
            : Optional.empty(),
        unit,
        companion(section));
  }

  /** What goes with its host goes with each copy of it, or with that of a number. */
  private static Optional<Assembly.With> companion(Section section) {
    if (!section.has("goes-with")) {
      return Optional.empty();
    }
    boolean isEach = section.text("goes-with").equals("each");
    boolean isTucked = section.text("tucked", "false").equals("true");
    return Optional.of(new Assembly.With(isEach ? 0 : section.whole("goes-with", 1), isTucked));
  }

  /** Glue goes onto an area, or onto a repeated one. */
  private static PlaceTemplate glue(Section section, Entry entry) {
    if (entry instanceof Entry.Group) {
      Section spot = Repeats.counting(section.within(entry));
      return new PlaceTemplate(Repeats.presence("glue", spot), area(spot));
    }
    Presence once = new Presence(entry.place(), "glue", "glue", List.of(), Optional.empty());
    return new PlaceTemplate(once, section.lengths(entry, 4));
  }

  /** Only what has a mouth can hold something. */
  private static Optional<String> holds(Section section) {
    if (section.has("holds") && !section.has("mouth")) {
      section.note(section.place(), "pattern.missing", "mouth");
    }
    return section.entry("holds").map(section::plain);
  }

  private static MovementTemplate movement(Section section, List<PieceTemplate> pieces) {
    boolean slides = section.has("slides");
    return new MovementTemplate(
        section.items("about").stream().map(each -> section.lengths(each, 4)).toList(),
        section.has("either") && section.text("either").equals("true"),
        slides ? Optional.of(section.oneOf("slides", Side.class, Side.TOP)) : Optional.empty(),
        section.entry("slides-at").map(each -> section.lengths(each, 2)),
        section.items("slides-under").stream()
            .map(each -> pieceName(section, each, pieces))
            .toList(),
        section.items("through").stream().map(each -> section.lengths(each, 4)).toList(),
        section.items("follows").stream().map(each -> section.lengths(each, 4)).toList(),
        LedTemplate.of(section, pieces));
  }

  private ZoneTemplate zone(String id, Section plain) {
    Section section = Repeats.counting(plain);
    return new ZoneTemplate(
        Repeats.presence(id, section),
        pieceName(section, "on", pieces),
        section.oneOf("face", Face.class, Face.INSIDE),
        area(section));
  }

  private PocketTemplate pocket(String id, Section plain) {
    Section section = Repeats.counting(plain);
    Formula depth = section.required("depth", Kind.LENGTH);
    return new PocketTemplate(
        Repeats.presence(id, section),
        pieceName(section, "on", pieces),
        section.required("width", Kind.LENGTH),
        depth,
        section.formula("room", Kind.LENGTH).orElse(depth),
        section.entry("area").map(each -> section.lengths(each, 4)),
        section.sections("held").stream().map(each -> inside(each, section)).toList());
  }

  private InsideTemplate inside(Section section, Section pocket) {
    if (!section.has("area") && !pocket.has("area")) {
      section.note(section.place(), "pattern.missing", "area");
    }
    return new InsideTemplate(
        section.entry("by").map(by -> section.home().part(section.plain(by))),
        section.oneOf("face", Face.class, Face.INSIDE),
        section.entry("area").map(each -> section.lengths(each, 4)),
        section.oneOf("mouth", Side.class, Side.NONE),
        section.entry("while").map(each -> section.home().part(section.plain(each))));
  }

  private static List<Formula> area(Section section) {
    if (!section.has("area")) {
      section.note(section.place(), "pattern.missing", "area");
    }
    return section.lengths(
        section.entry("area").orElse(new Entry.Items(section.place(), List.of())), 4);
  }
}
