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
import cufflink.core.fold.PrintWay;
import cufflink.core.fold.Sight;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Side;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Prints that lie on their side or upside down where they are seen: on the front and back of the
 * closed card, where it lies open, and round about where it stands.
 */
final class PrintInspection {
  /** Of a piece that shows less than this of all that is seen, nobody sees the print. */
  private static final double WORTH_SEEING = 0.03;

  /** A card that stands is looked at from so far below straight above, degrees. */
  private static final double TILT = 60;

  /** From how far beside the first way it is looked at as well, degrees. */
  private static final List<Integer> ROUND = List.of(20, 110, 200, 290);

  private final FoldModel model;
  private final Design design;
  private final PrintWay ways;
  private final Map<String, Cutout> cutouts;
  private final List<Print> prints = new ArrayList<>();

  private PrintInspection(FoldModel model, Design design, Papers papers) {
    this.model = model;
    this.design = design;
    this.ways = new PrintWay(model, design, papers);
    this.cutouts = Cutout.all(design, papers);
  }

  /** When a print is seen; what counts most comes first. */
  private enum When {
    STANDING,
    CLOSED,
    OPEN
  }

  /** A print that is seen. */
  private record Print(When when, int done, Sight.Shown shown, PrintWay.Seen seen) {
    String part() {
      return seen.part();
    }
  }

  /**
   * Inspects a card.
   *
   * @param design the card
   * @param report what came of folding it
   * @param papers what it is made from
   * @param pitch how far it is set up from the table
   * @param standing after how many stages it stands
   */
  static List<Finding> of(
      Design design, FoldReport report, Papers papers, double pitch, List<Integer> standing) {
    boolean isPrinted =
        design.roles().stream().anyMatch(role -> papers.of(role).print() != Paper.Print.NONE);
    if (!isPrinted || report.states().isEmpty()) {
      return List.of();
    }
    PrintInspection inspection = new PrintInspection(report.model(), design, papers);
    report.states().forEach(inspection::lying);
    design.relations(Design.Relation.Wraps.class).forEach(inspection::wrapped);
    for (FoldReport.State state : report.states()) {
      if (standing.contains(state.done())) {
        inspection.standing(state.done(), pitch);
      }
    }
    return inspection.findings();
  }

  private void lying(FoldReport.State state) {
    int closing = model.closing();
    if (state.done() < closing || !model.layering().lies(state.done())) {
      return;
    }
    boolean isClosed = state.done() == closing;
    Stream<Sight.Shown> back = isClosed ? state.back().shown().stream() : Stream.of();
    List<Sight.Shown> all = Stream.concat(state.front().shown().stream(), back).toList();
    double worth = isClosed ? 0 : worth(all);
    for (Sight.Shown shown : all) {
      if (shown.layer().isPresent() || shown.area() >= worth) {
        ways.lying(shown, state.done())
            .map(seen -> new Print(isClosed ? When.CLOSED : When.OPEN, state.done(), shown, seen))
            .ifPresent(prints::add);
      }
    }
  }

  private void wrapped(Design.Relation.Wraps band) {
    Sight.Shown shown =
        new Sight.Shown(0, band.piece(), Face.OUTSIDE, Optional.empty(), Side.TOP, 0);
    ways.wrapped(shown, band.around().equals(design.finishedHeight()))
        .map(seen -> new Print(When.CLOSED, model.closing(), shown, seen))
        .ifPresent(prints::add);
  }

  private void standing(int done, double pitch) {
    for (int turn : ROUND) {
      Sight sight = Sight.of(model, done, design, new Viewpoint(turn, TILT, pitch));
      double worth = worth(sight.shown());
      for (Sight.Shown shown : sight.shown()) {
        if (shown.area() >= worth) {
          ways.standing(shown, done, pitch)
              .map(seen -> new Print(When.STANDING, done, shown, seen))
              .ifPresent(prints::add);
        }
      }
    }
  }

  private static double worth(List<Sight.Shown> shown) {
    return shown.stream().mapToDouble(Sight.Shown::area).sum() * WORTH_SEEING;
  }

  /** Of what bears one name the first that is wrong is told of. */
  private List<Finding> findings() {
    // Once it stands, it is looked at as it stands, and in the first way in which it does.
    Map<String, Integer> stands = new HashMap<>();
    prints.stream()
        .filter(each -> each.when() == When.STANDING)
        .forEach(each -> stands.putIfAbsent(each.part(), each.done()));
    prints.removeIf(
        each ->
            stands.containsKey(each.part())
                && (each.when() != When.STANDING || each.done() != stands.get(each.part())));
    prints.sort(Comparator.comparing(Print::when));
    Set<String> told = new HashSet<>();
    List<Finding> findings = new ArrayList<>();
    for (Print print : prints) {
      if (!print.seen().isUpright() && told.add(name(print))) {
        findings.add(finding(print));
      }
    }
    return findings;
  }

  private Finding finding(Print print) {
    boolean isLayer = print.shown().layer().isPresent();
    boolean turns =
        !isOnItsSide(print)
            && print.shown().layer().filter(each -> !each.shape().isHalf()).isPresent();
    return new Finding(
        FindingKind.PRINT_DIRECTION,
        print.when() == When.CLOSED && !turns ? Severity.ERROR : Severity.WARNING,
        Place.on(
            print.shown().piece(),
            isLayer ? new String[] {print.shown().layer().get().id()} : new String[0]),
        words(print, turns),
        Optional.of(turned(print).orElseGet(() -> dotted(print))));
  }

  private Message words(Print print, boolean turns) {
    String name = name(print);
    if (print.when() == When.STANDING) {
      return Message.of("fold.print-stands", name);
    }
    if (!isOneWay(print)) {
      return Message.of("fold.print-both", name);
    }
    if (print.when() == When.OPEN) {
      return Message.of("fold.print-open", name, model.stages().get(print.done() - 1).title());
    }
    return Message.of(
        isOnItsSide(print) ? "fold.print-side" : turns ? "fold.print-turn" : "fold.print-down",
        name);
  }

  private static boolean isOnItsSide(Print print) {
    return print.seen().top() == Side.LEFT || print.seen().top() == Side.RIGHT;
  }

  /**
   * Says whether a part that is cut turned is upright then wherever it is seen; when it is closed
   * matters more than when it is open.
   */
  private boolean isOneWay(Print print) {
    return prints.stream()
        .filter(each -> each.part().equals(print.part()))
        .filter(each -> each.when().compareTo(print.when()) <= 0)
        .allMatch(each -> each.seen().quarters() == print.seen().quarters());
  }

  private String name(Print print) {
    return print
        .shown()
        .layer()
        .map(Layer::label)
        .or(() -> design.piece(print.shown().piece()).map(Piece::label))
        .orElse(print.shown().piece());
  }

  /** What is cut from a place of its sheet is turned there, if that is large enough. */
  private Optional<Finding.Fix> turned(Print print) {
    int turn = print.seen().quarters();
    return Optional.ofNullable(cutouts.get(print.part()))
        .filter(each -> isOneWay(print))
        .filter(each -> each.picture().holds(turn, each.frame().width(), each.frame().height()))
        .map(
            each ->
                new Finding.Fix(
                    Message.of("fold.turn-print", name(print)),
                    Map.of(each.part(), each.turned(turn))));
  }

  private Finding.Fix dotted(Print print) {
    PaperRole role = ways.role(print.shown());
    Message paper =
        role.isUsual()
            ? Message.of(role.equals(PaperRole.PATTERNED) ? "paper.patterned" : "paper.cardstock")
            : Message.plain(role.label());
    return Finding.Fix.dotting(Message.of("fold.dot-print", paper), role);
  }
}
