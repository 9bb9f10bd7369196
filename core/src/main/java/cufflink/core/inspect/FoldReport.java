package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Finding;
import cufflink.core.design.Finding.Place;
import cufflink.core.design.Finding.Severity;
import cufflink.core.design.Layer;
import cufflink.core.design.PaperKind;
import cufflink.core.design.Sentence;
import cufflink.core.design.Side;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Vertex;
import cufflink.core.fold.Assembly;
import cufflink.core.fold.Catches;
import cufflink.core.fold.FlatFoldability;
import cufflink.core.fold.FoldModel;
import cufflink.core.fold.LayerOrder;
import cufflink.core.fold.Sight;
import cufflink.core.fold.Thickness;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * What is known of a card once it has been folded in thought: what goes wrong on the way, how thick
 * it is closed, and what shows of it then.
 *
 * @param findings what goes wrong
 * @param thickness how thick the closed card is where, if it lies flat
 * @param front what shows from the front, if its layer order is known
 * @param back what shows from the back, if its layer order is known
 */
public record FoldReport(
    List<Finding> findings,
    Optional<Thickness> thickness,
    Optional<Sight> front,
    Optional<Sight> back) {
  private static final int PER_CENT = 100;

  /** Copies the list. */
  public FoldReport {
    findings = List.copyOf(findings);
  }

  /**
   * Folds a card in thought.
   *
   * @param design the card
   * @param model the card, put together
   * @param papers what it is made from
   * @param raised whether layers stand on foam pads
   * @param stops asked now and then; true ends the search for catches
   * @return all that came of it
   */
  public static FoldReport of(
      Design design, FoldModel model, Papers papers, boolean raised, BooleanSupplier stops) {
    int done = model.closing();
    List<Finding> findings = new ArrayList<>(vertices(model));
    stuck(model).ifPresent(findings::add);
    boolean flat = model.closed().isPresent() && model.isFlat(done);
    Optional<LayerOrder.Stack> stack = flat ? model.stack(done) : Optional.empty();
    if (flat && stack.isEmpty()) {
      findings.add(clash(model));
    }
    findings.addAll(catches(model, stops));
    Optional<Sight> front = stack.map(each -> Sight.of(model, done, each, design, true));
    Optional<Sight> back = stack.map(each -> Sight.of(model, done, each, design, false));
    front.ifPresent(each -> findings.addAll(prints(each, papers)));
    back.ifPresent(each -> findings.addAll(prints(each, papers)));
    Optional<Thickness> thickness =
        flat ? Optional.of(Thickness.of(model, done, design, papers, raised)) : Optional.empty();
    return new FoldReport(findings, thickness, front, back);
  }

  private static List<Finding> vertices(FoldModel model) {
    List<Finding> findings = new ArrayList<>();
    double[] closed = model.turns(model.closing());
    for (Assembly.Member member : model.assembly().members()) {
      FlatPattern flat = member.flat();
      double[] own = new double[flat.creases().size()];
      System.arraycopy(closed, member.firstCrease(), own, 0, own.length);
      for (FlatFoldability.Fault fault : FlatFoldability.faults(flat, own)) {
        findings.add(finding(flat, fault));
      }
    }
    return findings;
  }

  private static Finding finding(FlatPattern flat, FlatFoldability.Fault fault) {
    String[] scores =
        fault.vertex().spokes().stream()
            .map(spoke -> flat.creases().get(spoke.crease()).score())
            .map(score -> score.id())
            .distinct()
            .toArray(String[]::new);
    Length x = Length.fromMillimetres(fault.vertex().place().x());
    Length y = Length.fromMillimetres(fault.vertex().place().y());
    Sentence sentence =
        switch (fault.kind()) {
          case ODD -> Sentence.of("fold.vertex-odd", x, y);
          case COUNT -> Sentence.of("fold.vertex-count", x, y);
          case ANGLES ->
              Sentence.of("fold.vertex-angles", x, y, degrees(fault.amount()))
                  .followedBy(
                      fault
                          .repair()
                          .map(
                              repair ->
                                  Sentence.of(
                                      "fold.vertex-repair",
                                      label(flat.creases().get(repair.crease())),
                                      degrees(repair.radians())))
                          .orElseThrow());
        };
    String kind = "vertex-" + fault.kind().name().toLowerCase(Locale.ROOT);
    return new Finding(
        kind, Severity.ERROR, Place.on(flat.piece().id(), scores), sentence, Optional.empty());
  }

  private static String degrees(double radians) {
    return String.format(Locale.ROOT, "%.1f", Math.abs(Math.toDegrees(radians)));
  }

  private static String label(Crease crease) {
    return crease.score().label();
  }

  private static Optional<Finding> stuck(FoldModel model) {
    return model
        .stuck()
        .map(
            stuck -> {
              Stage stage = model.stages().get(stuck.stage());
              String[] scores =
                  stuck.creases().stream()
                      .filter(crease -> crease >= 0 && crease < model.assembly().creases().size())
                      .map(crease -> model.assembly().creases().get(crease).score().id())
                      .distinct()
                      .toArray(String[]::new);
              return new Finding(
                  stuck.loose() > 0 ? "stage-loose" : "stage-stuck",
                  Severity.WARNING,
                  Place.on(stage.piece(), scores),
                  sentence(model, stage, stuck),
                  Optional.empty());
            });
  }

  private static Sentence sentence(FoldModel model, Stage stage, FoldModel.Stuck stuck) {
    if (stuck.loose() > 0) {
      return Sentence.of("fold.loose", stage.title());
    }
    int part = (int) Math.round(PER_CENT * stuck.share());
    Sentence sentence =
        part == 0
            ? Sentence.of("fold.stuck", stage.title())
            : Sentence.of("fold.stuck-part", stage.title(), Integer.toString(part));
    return stuck.creases().stream()
        .flatMap(crease -> meeting(model, crease).stream())
        .findFirst()
        .map(
            vertex ->
                sentence.followedBy(
                    Sentence.of(
                        "fold.stuck-vertex",
                        Length.fromMillimetres(vertex.place().x()),
                        Length.fromMillimetres(vertex.place().y()))))
        .orElse(sentence);
  }

  /** Returns the place at which a crease meets others. */
  private static Optional<Vertex> meeting(FoldModel model, int crease) {
    return model.assembly().members().stream()
        .flatMap(
            member ->
                Vertex.of(member.flat(), Tolerance.PAPER).stream()
                    .filter(
                        vertex ->
                            vertex.spokes().stream()
                                .anyMatch(
                                    spoke -> member.firstCrease() + spoke.crease() == crease)))
        .findFirst();
  }

  private static Finding clash(FoldModel model) {
    int done = model.closing();
    int crease = LayerOrder.of(model.pose(done), model.turns(done), true).clash();
    String piece = model.flat().piece().id();
    Place place = Place.on(piece);
    if (crease >= 0) {
      Crease where = model.assembly().creases().get(crease);
      place = Place.on(model.assembly().pieceOf(where.first()).id(), where.score().id());
    }
    return new Finding(
        "layers-clash",
        Severity.ERROR,
        place,
        Sentence.of("fold.clash", model.flat().piece().label()),
        Optional.empty());
  }

  private static List<Finding> catches(FoldModel model, BooleanSupplier stops) {
    List<Finding> findings = new ArrayList<>();
    Set<List<Object>> told = new HashSet<>();
    Assembly assembly = model.assembly();
    for (Catches.Catch each : Catches.of(model, stops)) {
      int stage = (int) Math.min(model.stages().size() - 1, Math.floor(each.moment()));
      String one = assembly.pieceOf(each.facet()).label();
      String other = assembly.pieceOf(each.other()).label();
      if (told.add(List.of(stage, one, other))) {
        Sentence sentence =
            Sentence.of(
                one.equals(other) ? "fold.catch-self" : "fold.catch",
                model.stages().get(stage).title(),
                one,
                other,
                Length.fromMillimetres(each.amount()));
        String piece = assembly.pieceOf(each.facet()).id();
        findings.add(
            new Finding("catches", Severity.WARNING, Place.on(piece), sentence, Optional.empty()));
      }
    }
    return findings;
  }

  /** A print that lies on its side or upside down where it is seen first. */
  private static List<Finding> prints(Sight sight, Papers papers) {
    List<Finding> findings = new ArrayList<>();
    Set<String> told = new HashSet<>();
    for (Sight.Shown shown : sight.shown()) {
      Optional<Layer> layer = shown.layer();
      Paper paper =
          layer.filter(each -> each.paper() != PaperKind.CARDSTOCK).isPresent()
              ? papers.patterned()
              : papers.card();
      boolean isPrinted = paper.print() != Paper.Print.NONE;
      boolean shows = layer.isPresent() || paper.twoSided() || shown.face() == Face.OUTSIDE;
      String name = layer.map(Layer::label).orElse(shown.piece());
      if (isPrinted && shows && shown.top() != Side.TOP && told.add(name)) {
        findings.add(print(shown, name));
      }
    }
    return findings;
  }

  private static Finding print(Sight.Shown shown, String name) {
    boolean onItsSide = shown.top() == Side.LEFT || shown.top() == Side.RIGHT;
    boolean turns = !onItsSide && shown.layer().filter(each -> !each.shape().isHalf()).isPresent();
    String key = onItsSide ? "fold.print-side" : turns ? "fold.print-turn" : "fold.print-down";
    Place place =
        Place.on(
            shown.piece(),
            shown.layer().map(each -> new String[] {each.id()}).orElse(new String[0]));
    return new Finding(
        "print-direction",
        turns ? Severity.WARNING : Severity.ERROR,
        place,
        Sentence.of(key, name),
        Optional.empty());
  }
}
