package cufflink.core.inspect;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
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
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Prints that lie on their side or upside down where they are seen: on the front and back of the
 * closed card, and on layers where the card lies open.
 */
final class PrintInspection {
  private static final List<Side> CLOCKWISE = List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT);

  private final FoldModel model;
  private final Papers papers;
  private final Map<String, Cutout> cutouts;
  private final List<Finding> findings = new ArrayList<>();
  private final Set<String> told = new HashSet<>();

  PrintInspection(FoldModel model, Design design, Papers papers) {
    this.model = model;
    this.cutouts = Cutout.all(design, papers);
    this.papers = papers;
  }

  List<Finding> of(List<FoldReport.State> states) {
    int closing = model.closing();
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

  private static String part(Sight.Shown shown) {
    return shown.layer().map(each -> each.on() + "." + each.id()).orElse(shown.piece());
  }

  /** What is cut from a place of its sheet is turned there, if that is large enough. */
  private Optional<Finding.Fix> upright(Sight.Shown shown, String name) {
    if (shown.top() == Side.NONE) {
      return Optional.empty();
    }
    int wanted = Math.floorMod(-CLOCKWISE.indexOf(shown.top()), CLOCKWISE.size());
    return Optional.ofNullable(cutouts.get(part(shown)))
        .filter(each -> each.picture().holds(wanted, each.frame().width(), each.frame().height()))
        .map(
            each ->
                new Finding.Fix(
                    Message.of("fold.turn-print", name), Map.of(each.part(), each.turned(wanted))));
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
