package cufflink.core.pattern;

import cufflink.core.design.Design.Relation;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Parts.Presence;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;

/** Compiles what the parts of a pattern have to do with each other, beside being glued. */
final class RelationCompiler {
  private final List<Section> files;
  private final List<Bond> bonds = new ArrayList<>();

  /**
   * A relation, still in formulas.
   *
   * @param presence how often it is there
   * @param relation makes it from the id of its part and its lengths
   * @param lengths none, or the sides of a room
   */
  record Bond(
      Presence presence,
      BiFunction<String, List<Length>, Relation> relation,
      List<Formula> lengths) {
    Relation in(Scope scope, String id) {
      return relation.apply(id, lengths.stream().map(scope::length).toList());
    }
  }

  RelationCompiler(List<Section> files) {
    this.files = files;
  }

  List<Bond> compile() {
    PartsCompiler.named(files, "pieces", this::piece);
    PartsCompiler.named(files, "layers", this::layer);
    PartsCompiler.named(files, "joins", this::joint);
    PartsCompiler.named(
        files,
        "units",
        (id, unit) ->
            unit.named(
                "joins", (join, plain) -> joint(unit.home().part(join), plain.repeatedAs(unit))));
    return bonds;
  }

  private String layer(String id, Section plain) {
    return seen(overhang(id, plain), plain);
  }

  private String joint(String id, Section plain) {
    return flush(seen(overhang(id, plain), plain), plain);
  }

  private String piece(String id, Section plain) {
    Section section = Repeats.counting(plain);
    Home home = section.home();
    section
        .entry("into")
        .map(section::plain)
        .ifPresent(pocket -> add(id, section, (part, none) -> new Relation.Into(part, pocket)));
    takes(id, section);
    letters(id, section);
    wraps(id, section);
    section
        .entry("mates")
        .map(entry -> home.piece(section.plain(entry)))
        .ifPresent(other -> add(id, section, (part, none) -> new Relation.Mates(part, other)));
    section
        .entry("serves")
        .ifPresent(
            entry -> {
              int sides = section.items(entry).size() == 2 ? 2 : 3;
              bonds.add(
                  new Bond(
                      Repeats.presence(id, section),
                      (part, room) ->
                          new Relation.Serves(
                              part,
                              room.get(0),
                              room.get(1),
                              sides == 2 ? Length.ZERO : room.get(2)),
                      section.lengths(entry, sides)));
            });
    return id;
  }

  private void wraps(String id, Section section) {
    boolean tied = section.text("tied", "false").equals("true");
    section
        .entry("wraps")
        .flatMap(entry -> section.formula(entry, Kind.LENGTH))
        .ifPresent(
            around ->
                bonds.add(
                    new Bond(
                        Repeats.presence(id, section),
                        (part, lengths) -> new Relation.Wraps(part, lengths.get(0), tied),
                        List.of(around))));
  }

  /** What is written on a piece was drawn before; it is no formula. */
  private void letters(String id, Section section) {
    List<List<Point>> outlines =
        section.items("letters").stream()
            .map(section::plain)
            .map(RelationCompiler::points)
            .toList();
    if (!outlines.isEmpty()) {
      Point size = outlines.get(0).get(0);
      List<List<Point>> letters = outlines.subList(1, outlines.size());
      List<Formula> room =
          section.entry("room").map(each -> section.lengths(each, 4)).orElse(List.of());
      bonds.add(
          new Bond(
              Repeats.presence(id, section),
              (part, at) -> new Relation.Reads(part, size.x(), size.y(), letters, area(at)),
              room));
    }
  }

  private static Optional<Area> area(List<Length> sides) {
    return sides.isEmpty()
        ? Optional.empty()
        : Optional.of(new Area(new Point(sides.get(0), sides.get(1)), sides.get(2), sides.get(3)));
  }

  private static List<Point> points(String numbers) {
    List<Point> points = new ArrayList<>();
    String[] each = numbers.split(" ");
    for (int i = 0; i + 1 < each.length; i += 2) {
      points.add(
          new Point(
              Length.ofMillimetres(Long.parseLong(each[i])),
              Length.ofMillimetres(Long.parseLong(each[i + 1]))));
    }
    return points;
  }

  private String overhang(String id, Section plain) {
    Section section = Repeats.counting(plain);
    if (section.text("overhangs", "false").equals("true")) {
      add(id, section, (part, none) -> new Relation.Overhangs(part));
    }
    takes(id, section);
    if (section.text("arched", "false").equals("true")) {
      add(id, section, (part, none) -> new Relation.Arched(part));
    }
    if (section.has("offered")) {
      Relation.Offered.How how =
          section.oneOf("offered", Relation.Offered.How.class, Relation.Offered.How.DRY);
      add(id, section, (part, none) -> new Relation.Offered(part, how));
    }
    if (section.has("grips")) {
      Side side = section.oneOf("grips", Side.class, Side.NONE);
      add(id, section, (part, none) -> new Relation.Grips(part, side));
    }
    if (section.text("closes", "false").equals("true")) {
      add(id, section, (part, none) -> new Relation.Closes(part));
    }
    return id;
  }

  /** What is not paper is counted with the part it goes into. */
  private void takes(String id, Section section) {
    Section takes = section.inside("takes");
    takes
        .entries()
        .forEach(
            (what, entry) -> {
              int count = takes.whole(what, 0);
              if (count > 0) {
                add(id, section, (part, none) -> new Relation.Takes(part, what, count));
              } else {
                section.note(entry.place(), "pattern.number", what, takes.plain(entry));
              }
            });
  }

  private String seen(String id, Section plain) {
    Section section = Repeats.counting(plain);
    if (section.has("seen")) {
      Relation.Seen.When when =
          section.oneOf("seen", Relation.Seen.When.class, Relation.Seen.When.CLOSED);
      add(id, section, (part, none) -> new Relation.Seen(part, when));
    }
    return id;
  }

  private String flush(String id, Section plain) {
    Section section = Repeats.counting(plain);
    section
        .entry("flush")
        .ifPresent(
            entry -> {
              String paper = section.home().part(section.plain(entry));
              Set<String> papers = new TreeSet<>();
              papers.addAll(PartsCompiler.named(files, "layers", (each, part) -> each));
              papers.addAll(PartsCompiler.named(files, "joins", (each, part) -> each));
              if (!papers.contains(paper) || paper.equals(id)) {
                papers.remove(id);
                section.note(entry.place(), "pattern.one-of", paper, String.join(", ", papers));
              }
              add(id, section, (part, none) -> new Relation.Flush(part, paper));
            });
    return id;
  }

  private void add(
      String id, Section section, BiFunction<String, List<Length>, Relation> relation) {
    bonds.add(new Bond(Repeats.presence(id, section), relation, List.of()));
  }
}
