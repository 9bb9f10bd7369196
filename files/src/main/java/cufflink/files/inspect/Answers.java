package cufflink.files.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.fold.PrintWay;
import cufflink.core.fold.Sight;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Written;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.plane.Side;
import cufflink.core.post.Posting;
import cufflink.core.stance.Stance;
import cufflink.core.words.Message;
import cufflink.files.size.Post;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Amounts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Answers what is asked about a card before it is made: the window, the command line and JSON say
 * the same.
 */
public final class Answers {
  /** What takes up less of what is seen is not named. */
  private static final double WORTH_NAMING = 0.04;

  private static final int PER_CENT = 100;

  private final Derivation whole;
  private final Design design;
  private final FoldReport report;
  private final LengthFormat format;
  private final List<Envelope> own;
  private final List<Stance> stances;

  private Answers(
      Derivation whole, Design design, FoldReport report, LengthFormat format, List<Envelope> own) {
    this.whole = whole;
    this.design = design;
    this.report = report;
    this.format = format;
    this.own = own;
    this.stances = whole.stances(report);
  }

  /**
   * Answers.
   *
   * @param whole what follows from the job, folded in thought
   * @param report what came of folding it
   * @param format how lengths are written
   * @return what can be said, in the order in which a maker asks
   */
  public static List<Answer> of(Derivation whole, FoldReport report, LengthFormat format) {
    return of(whole, report, format, List.of());
  }

  /**
   * Answers.
   *
   * @param whole what follows from the job, folded in thought
   * @param report what came of folding it
   * @param format how lengths are written
   * @param own the envelopes that its maker has
   * @return what can be said, in the order in which a maker asks
   */
  public static List<Answer> of(
      Derivation whole, FoldReport report, LengthFormat format, List<Envelope> own) {
    return whole
        .made()
        .map(made -> new Answers(whole, made.design(), report, format, own).all())
        .orElse(List.of());
  }

  private List<Answer> all() {
    List<Answer> answers =
        new ArrayList<>(
            List.of(
                new Answer(Answer.About.CLOSED, closed()),
                new Answer(Answer.About.ENVELOPE, envelope()),
                new Answer(Answer.About.POST, post()),
                new Answer(Answer.About.STANDS, stands()),
                new Answer(Answer.About.MOUTHS, mouths()),
                new Answer(Answer.About.SHOWS, shows())));
    answers.removeIf(each -> each.lines().isEmpty());
    return answers;
  }

  private List<Message> closed() {
    List<Message> lines = new ArrayList<>();
    whole
        .thickness()
        .ifPresent(
            all ->
                all.thickest()
                    .ifPresent(
                        thickest ->
                            lines.add(
                                Message.of(
                                    "answer.size",
                                    format.briefSize(all.size().get(0), all.size().get(1)),
                                    Amounts.thickness(thickest.thick(), format),
                                    Integer.toString(thickest.plies()),
                                    Amounts.weight(all.grams(), format)))));
    return lines;
  }

  private List<Message> envelope() {
    Length thick = report.closedThickness();
    List<Message> lines = new ArrayList<>();
    if (thick.compareTo(ClosedState.DEEPEST_LETTER) > 0) {
      return List.of(Message.of("answer.box", Written.rough(thick)));
    }
    Optional<Envelope> asked =
        whole.job().goal() instanceof Goal.ForEnvelope wanted
            ? Optional.of(wanted.envelope())
            : Optional.empty();
    asked.ifPresent(
        each ->
            lines.add(
                takes(each, thick)
                    ? Message.of("answer.goes-in", each.label(), spare(each, thick))
                    : Message.of("answer.goes-not", each.label())));
    if (asked.filter(each -> takes(each, thick)).isEmpty()) {
      Length clearance = Envelope.usualClearance(whole.job().marks()).max(thick);
      smallest(own, clearance)
          .ifPresent(each -> lines.add(Message.of("answer.own", each.label(), spare(each, thick))));
      lines.add(
          smallest(StandardSizes.envelopes(), clearance)
              .map(each -> Message.of("answer.smallest", each.label(), spare(each, thick)))
              .orElseGet(
                  () ->
                      Message.of(
                          "answer.make-one",
                          format.briefSize(
                              design.finishedWidth().plus(clearance),
                              design.finishedHeight().plus(clearance)))));
    }
    return lines;
  }

  private Optional<Envelope> smallest(List<Envelope> envelopes, Length clearance) {
    return Posting.smallest(envelopes, design.finishedWidth(), design.finishedHeight(), clearance);
  }

  private boolean takes(Envelope envelope, Length thick) {
    return envelope.takes(design.finishedWidth(), design.finishedHeight(), thick);
  }

  /** Two sheets joined along their edges reach round half of what lies between them each. */
  private String spare(Envelope envelope, Length thick) {
    Length wide = design.finishedWidth().plus(thick);
    Length high = design.finishedHeight().plus(thick);
    boolean turned = wide.compareTo(envelope.width()) > 0 || high.compareTo(envelope.height()) > 0;
    Length across = (turned ? envelope.height() : envelope.width()).minus(wide);
    Length down = (turned ? envelope.width() : envelope.height()).minus(high);
    return format.briefSize(across, down);
  }

  private List<Message> post() {
    if (report.closedThickness().compareTo(ClosedState.DEEPEST_LETTER) > 0) {
      return List.of();
    }
    return Post.of(whole).stream()
        .flatMap(posted -> Post.ownFirst(posted.postings()).stream())
        .map(Post::told)
        .toList();
  }

  private List<Message> stands() {
    return stances.stream()
        .map(
            stance -> {
              String state = state(stance.done());
              return switch (stance.kind()) {
                case STANDS ->
                    Message.of("answer.upright", state, Long.toString(Math.round(stance.tilt())));
                case TIPS -> Message.of("answer.tips", state);
                case LIES -> Message.of("answer.leans", state);
              };
            })
        .toList();
  }

  private String state(int done) {
    return report.model().stages().get(done - 1).title();
  }

  private List<Message> mouths() {
    return design.pockets().stream().map(this::mouth).toList();
  }

  private Message mouth(Pocket pocket) {
    boolean sealed =
        whole.findings().stream()
            .filter(
                each ->
                    each.kind() == FindingKind.GLUED_SHUT
                        || each.kind() == FindingKind.POCKET_GLUED_AWAY)
            .anyMatch(each -> each.place().lines().contains(pocket.id()));
    String size = format.size(pocket.width(), pocket.depth());
    if (sealed) {
      return Message.of("answer.mouth-sealed", pocket.label());
    }
    Optional<HeldItem> item = whole.job().item();
    if (item.isEmpty()) {
      return Message.of("answer.mouth", pocket.label(), size);
    }
    Length spare = pocket.clearance(item.get());
    String key = spare.compareTo(Length.ZERO) < 0 ? "answer.mouth-lacks" : "answer.mouth-holds";
    return Message.of(key, pocket.label(), size, item.get().label(), format.format(spare.abs()));
  }

  private List<Message> shows() {
    List<Message> lines = new ArrayList<>();
    for (FoldReport.State each : report.states()) {
      // What stands open is not looked at from above.
      boolean stands = stances.stream().anyMatch(it -> it.done() == each.done());
      if (each.done() < report.model().closing() || stands) {
        continue;
      }
      boolean closed = each.done() == report.model().closing();
      Message front = seen(each.front(), each.done());
      lines.add(
          closed
              ? Message.of("answer.front", front)
              : Message.of("answer.state-front", state(each.done()), front));
      if (closed) {
        lines.add(Message.of("answer.back", seen(each.back(), each.done())));
      }
    }
    return lines;
  }

  /** Names what is seen, what takes up most of it first. */
  private Message seen(Sight sight, int done) {
    Map<Message, Double> areas = new LinkedHashMap<>();
    double all = 0;
    for (Sight.Shown shown : sight.shown()) {
      areas.merge(named(shown, done), shown.area(), Double::sum);
      all += shown.area();
    }
    double worth = all * WORTH_NAMING;
    double total = all;
    List<Message> names =
        areas.entrySet().stream()
            .filter(each -> each.getValue() >= worth)
            .sorted(Map.Entry.<Message, Double>comparingByValue().reversed())
            .map(
                each ->
                    Message.of(
                        "answer.share",
                        each.getKey(),
                        Long.toString(Math.round(PER_CENT * each.getValue() / total))))
            .toList();
    return Message.list("list.comma", names);
  }

  private Message named(Sight.Shown shown, int done) {
    Piece piece = design.piece(shown.piece()).orElseThrow();
    String label = shown.layer().map(each -> each.label()).orElse(piece.label());
    PrintWay ways = new PrintWay(report.model(), design, whole.job().papers());
    Optional<PrintWay.Seen> print =
        report.model().layering().lies(done)
            ? ways.lying(shown, done)
            : ways.standing(shown, done, whole.look().pitch());
    return print
        .filter(seen -> !seen.isUpright())
        .map(seen -> seen.top() == Side.BOTTOM ? "answer.upside-down" : "answer.on-its-side")
        .map(key -> Message.of(key, label))
        .orElseGet(() -> Message.plain(label));
  }
}
