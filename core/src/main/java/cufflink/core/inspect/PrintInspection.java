package cufflink.core.inspect;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.fold.Sight;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Prints that lie on their side or upside down where they are seen: on the front and back of the
 * closed card, and on layers where the card lies open.
 */
final class PrintInspection {
  private static final List<Side> CLOCKWISE = List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT);

  private final FoldModel model;
  private final Design design;
  private final Papers papers;
  private final Map<String, Cutout> cutouts;

  /** How many quarter turns each part wants, wherever it is seen. */
  private final Map<String, Set<Integer>> wanted = new HashMap<>();

  private final List<Finding> findings = new ArrayList<>();
  private final Set<String> told = new HashSet<>();

  PrintInspection(FoldModel model, Design design, Papers papers) {
    this.model = model;
    this.design = design;
    this.cutouts = Cutout.all(design, papers);
    this.papers = papers;
  }

  List<Finding> of(List<FoldReport.State> states) {
    int closing = model.closing();
    for (FoldReport.State state : states) {
      if (state.done() >= closing && model.layering().lies(state.done())) {
        Stream<Sight.Shown> front = state.front().shown().stream();
        Stream<Sight.Shown> back = state.back().shown().stream();
        (state.done() == closing ? Stream.concat(front, back) : front).forEach(this::want);
      }
    }
    for (FoldReport.State state : states) {
      if (state.done() == closing && model.layering().lies(closing)) {
        closed(state.front());
        closed(state.back());
      }
    }
    for (FoldReport.State state : states) {
      if (state.done() > closing && model.layering().lies(state.done())) {
        open(state);
      }
    }
    return findings;
  }

  private void closed(Sight sight) {
    Set<String> here = new HashSet<>();
    for (Sight.Shown shown : sight.shown()) {
      String name = name(shown);
      if (isWrong(shown) && here.add(name)) {
        told.add(name);
        findings.add(print(shown, name));
      }
    }
  }

  private void open(FoldReport.State state) {
    for (Sight.Shown shown : state.front().shown()) {
      String name = name(shown);
      if (shown.layer().isPresent() && isWrong(shown) && told.add(name)) {
        findings.add(
            new Finding(
                FindingKind.PRINT_DIRECTION,
                Severity.WARNING,
                place(shown),
                Message.of("fold.print-open", name, model.stages().get(state.done() - 1).title()),
                upright(shown, name)));
      }
    }
  }

  private boolean isWrong(Sight.Shown shown) {
    Paper paper = papers.of(shown.layer().map(Layer::role).orElseGet(() -> role(shown.piece())));
    boolean isPrinted = paper.print() != Paper.Print.NONE;
    boolean shows = shown.layer().isPresent() || paper.twoSided() || shown.face() == Face.OUTSIDE;
    return isPrinted && shows && top(shown) != Side.TOP;
  }

  private PaperRole role(String piece) {
    return model.assembly().members().stream()
        .map(member -> member.flat().piece())
        .filter(each -> each.id().equals(piece))
        .findFirst()
        .map(Piece::role)
        .orElse(PaperRole.CARDSTOCK);
  }

  private static String name(Sight.Shown shown) {
    return shown.layer().map(Layer::label).orElse(shown.piece());
  }

  private static Place place(Sight.Shown shown) {
    return Place.on(
        shown.piece(), shown.layer().map(each -> new String[] {each.id()}).orElse(new String[0]));
  }

  /** Returns where the top of its print is, which may have been turned on the part. */
  private Side top(Sight.Shown shown) {
    if (shown.top() == Side.NONE) {
      return Side.NONE;
    }
    Optional<Cutout> cutout = Optional.ofNullable(cutouts.get(part(shown)));
    int turns = cutout.map(each -> each.spot().quarters()).orElse(0);
    return CLOCKWISE.get((CLOCKWISE.indexOf(shown.top()) + turns) % CLOCKWISE.size());
  }

  /** Something flat that is glued on is seen as a layer is, and goes by the name of its piece. */
  private String part(Sight.Shown shown) {
    Optional<Layer> layer = shown.layer();
    Optional<String> glued =
        layer.flatMap(
            it ->
                design.joints().stream()
                    .filter(joint -> joint.id().equals(it.id()) && joint.on().equals(it.on()))
                    .map(Joint::piece)
                    .findFirst());
    return glued.or(() -> layer.map(it -> it.on() + "." + it.id())).orElse(shown.piece());
  }

  /** Takes note of how a part would have to be turned where it is seen. */
  private void want(Sight.Shown shown) {
    if (shown.top() != Side.NONE) {
      int turn = Math.floorMod(-CLOCKWISE.indexOf(shown.top()), CLOCKWISE.size());
      wanted.computeIfAbsent(part(shown), part -> new HashSet<>()).add(turn);
    }
  }

  /**
   * What is cut from a place of its sheet is turned there, if that is large enough, and if it is
   * upright then wherever it is seen.
   */
  private Optional<Finding.Fix> upright(Sight.Shown shown, String name) {
    if (shown.top() == Side.NONE) {
      return Optional.empty();
    }
    int turn = Math.floorMod(-CLOCKWISE.indexOf(shown.top()), CLOCKWISE.size());
    return Optional.ofNullable(cutouts.get(part(shown)))
        .filter(each -> wanted.getOrDefault(part(shown), Set.of()).size() == 1)
        .filter(each -> each.picture().holds(turn, each.frame().width(), each.frame().height()))
        .map(
            each ->
                new Finding.Fix(
                    Message.of("fold.turn-print", name), Map.of(each.part(), each.turned(turn))));
  }

  private Finding print(Sight.Shown shown, String name) {
    Side top = top(shown);
    boolean onItsSide = top == Side.LEFT || top == Side.RIGHT;
    boolean turns = !onItsSide && shown.layer().filter(each -> !each.shape().isHalf()).isPresent();
    String key = onItsSide ? "fold.print-side" : turns ? "fold.print-turn" : "fold.print-down";
    return new Finding(
        FindingKind.PRINT_DIRECTION,
        turns ? Severity.WARNING : Severity.ERROR,
        place(shown),
        Message.of(key, name),
        upright(shown, name));
  }
}
