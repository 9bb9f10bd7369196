package cufflink.desktop.slip;

import cufflink.core.card.StageOrder;
import cufflink.core.cut.Drawer;
import cufflink.core.decor.Greeting;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.design.Stage;
import cufflink.core.drawing.Influence;
import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.fold.Thickness;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.plane.Area;
import cufflink.core.run.Gluing;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes the slips of the stations from what follows from the job. */
public final class SlipWriter {
  private static final Set<FindingKind> ENVELOPE =
      Set.of(FindingKind.ENVELOPE_TOO_SMALL, FindingKind.RAISED_IN_ENVELOPE);

  private final Derivation derivation;
  private final LengthFormat format;

  /**
   * Prepares to write.
   *
   * @param derivation what follows from the job
   * @param format how lengths are written
   */
  public SlipWriter(Derivation derivation, LengthFormat format) {
    this.derivation = derivation;
    this.format = format;
  }

  /** Writes what can be typed over, and what it comes to. */
  public List<SlipSection> sizes() {
    List<SlipRow> finished = new ArrayList<>();
    List<SlipRow> others = new ArrayList<>();
    for (Parameter parameter : parameters(false)) {
      (parameter.role() == Role.OTHER ? others : finished).add(row(parameter));
    }
    List<SlipSection> sections = new ArrayList<>();
    sections.add(new SlipSection(Words.say("slip.finished"), "", finished));
    sections.add(new SlipSection(Words.say("slip.parts"), "", others));
    derivation
        .made()
        .ifPresent(
            made -> {
              List<SlipRow> rows = new ArrayList<>();
              made.design().pieces().forEach(piece -> rows.add(sizeOf(piece, 1)));
              sections.add(new SlipSection(Words.say("slip.comes-to"), "", rows));
            });
    derivation
        .made()
        .filter(made -> !made.design().pockets().isEmpty())
        .ifPresent(
            made ->
                sections.add(
                    new SlipSection(
                        Words.say("slip.pockets"),
                        "",
                        made.design().pockets().stream().map(this::row).toList())));
    sections.addAll(notes());
    return sections;
  }

  /** Returns the values of the construction, or of what its maker has put on. */
  private List<Parameter> parameters(boolean own) {
    List<Topper> toppers = derivation.job().order().toppers();
    Set<String> theirs =
        toppers.stream()
            .flatMap(each -> Stream.of(Topper.Measure.values()).map(each::value))
            .collect(Collectors.toSet());
    return derivation.pattern().parameters().stream()
        .filter(each -> theirs.contains(each.id()) == own)
        .toList();
  }

  /** Writes what is worth knowing about the card, each remark for itself. */
  private List<SlipSection> notes() {
    List<SlipSection> sections = new ArrayList<>();
    for (Message note : derivation.made().map(made -> made.design().notes()).orElse(List.of())) {
      String title = sections.isEmpty() ? Words.say("slip.notes") : "";
      sections.add(new SlipSection(title, note.say(format), List.of()));
    }
    return sections;
  }

  private SlipRow row(Parameter parameter) {
    Setting setting = derivation.settled().get(parameter.id()).orElse(parameter.normal());
    return new SlipRow(
        new Subject.Value(parameter.id()),
        setting,
        text(parameter, setting),
        label(parameter),
        Lights.found(() -> refs(parameter)),
        Optional.of(parameter));
  }

  private String label(Parameter parameter) {
    if (derivation.job().pinned().contains(parameter.id())) {
      return Words.say("slip.pinned", parameter.label());
    }
    return isReckoned(parameter)
        ? Words.say("slip.reckoned", parameter.label())
        : parameter.label();
  }

  private boolean isReckoned(Parameter parameter) {
    return derivation.job().values().get(parameter.id()).isEmpty()
        && parameter.allowance().isPresent();
  }

  private String text(Parameter parameter, Setting setting) {
    if (setting instanceof Setting.OfLength length) {
      return format.format(length.length());
    }
    if (setting instanceof Setting.OfCount count) {
      return Long.toString(count.count());
    }
    String name = ((Setting.OfChoice) setting).name();
    return parameter.choices().stream()
        .filter(choice -> choice.id().equals(name))
        .map(Parameter.Choice::label)
        .findFirst()
        .orElse(name);
  }

  private Set<Ref> refs(Parameter parameter) {
    return derivation
        .made()
        .map(
            made ->
                Influence.of(derivation.pattern(), derivation.settled(), made.design(), parameter))
        .orElse(Set.of());
  }

  private SlipRow sizeOf(Piece piece, int copies) {
    return SlipRow.read(
        new Subject.CutPart(piece.id(), ""),
        List.of(piece.width(), piece.height(), piece.total(copies)),
        on(piece.paper()).size(piece.width(), piece.height()),
        times(piece.label(), piece.total(copies)),
        Lights.of(new Ref(piece.id(), "")));
  }

  private SlipRow sizeOf(Layer layer, int copies) {
    return SlipRow.read(
        new Subject.CutPart(layer.on(), layer.id()),
        List.of(layer.width(), layer.height(), copies),
        onLayers().size(layer.width(), layer.height()),
        times(layer.label(), copies),
        Lights.of(new Ref(layer.on(), layer.id())));
  }

  private LengthFormat on(PaperKind kind) {
    return kind == PaperKind.PATTERNED ? onLayers() : format;
  }

  private LengthFormat onLayers() {
    return format.onLayers(derivation.job().rulers());
  }

  private static String times(String label, int count) {
    return count == 1 ? label : Words.say("slip.times", count, label);
  }

  /**
   * Writes what is cut to size.
   *
   * @param plans how each paper is cut, as far as that is known
   * @param drawer the maker's sheets and off-cuts
   * @return the sizes, and where the fence stands
   */
  public List<SlipSection> cuts(List<PaperPlan> plans, Drawer drawer) {
    List<SlipSection> sections = new ArrayList<>(cuts());
    sections.addAll(new CutSlip(derivation, format).write(plans, drawer));
    return sections;
  }

  private List<SlipSection> cuts() {
    List<SlipSection> sections = new ArrayList<>();
    int copies = derivation.job().order().copies();
    List<PaperRole> roles = derivation.made().map(made -> made.design().roles()).orElse(List.of());
    for (PaperRole role : roles) {
      List<SlipRow> rows = new ArrayList<>();
      derivation.made().stream()
          .flatMap(made -> made.design().pieces().stream())
          .filter(piece -> piece.role().equals(role))
          .forEach(piece -> rows.add(sizeOf(piece, copies)));
      derivation.made().stream()
          .map(Derivation.Made::design)
          .forEach(
              design ->
                  design.layers().stream()
                      .filter(layer -> layer.role().equals(role))
                      .forEach(layer -> rows.add(sizeOf(layer, design.count(layer) * copies))));
      if (!rows.isEmpty()) {
        String title =
            role.isUsual()
                ? Words.say(
                    switch (role.kind()) {
                      case CARDSTOCK -> "slip.from-cardstock";
                      case PATTERNED -> "slip.from-patterned";
                      case RIBBON -> "slip.from-ribbon";
                    })
                : Words.say("slip.from-role", role.label());
        sections.add(new SlipSection(title, "", rows));
      }
    }
    return sections;
  }

  /** Writes where each piece is scored, and what is cut after that. */
  public List<SlipSection> scores() {
    return new ScoreSlip(derivation, format).write();
  }

  /** Writes the stages of folding and using the card. */
  public List<SlipSection> folds() {
    List<SlipRow> folding = new ArrayList<>();
    List<SlipRow> opening = new ArrayList<>();
    int number = 0;
    for (Stage stage :
        derivation.made().map(made -> StageOrder.of(made.design())).orElse(List.of())) {
      number++;
      SlipRow row =
          SlipRow.read(
              new Subject.Fold(number),
              stage.moves(),
              Integer.toString(number),
              stage.title(),
              Lights.NONE);
      (stage.isFolding() ? folding : opening).add(row);
    }
    List<SlipSection> sections = new ArrayList<>();
    sections.add(new SlipSection(Words.say("slip.in-this-order"), "", folding));
    sections.add(new SlipSection(Words.say("slip.then-use"), "", opening));
    sections.removeIf(section -> section.rows().isEmpty());
    derivation
        .made()
        .flatMap(Derivation.Made::closed)
        .filter(ClosedState::isFlat)
        .ifPresent(
            closed -> {
              List<Length> size =
                  derivation
                      .thickness()
                      .map(Thickness::size)
                      .orElse(List.of(closed.width(), closed.height()));
              sections.add(
                  new SlipSection(
                      Words.say("slip.closed"),
                      "",
                      List.of(
                          SlipRow.read(
                              new Subject.Closed(),
                              size,
                              format.briefSize(size.get(0), size.get(1)),
                              closed(),
                              Lights.NONE))));
            });
    return sections;
  }

  /** A card is ready for an envelope only if it is for one and, folded whole, goes into it. */
  private String closed() {
    boolean fits =
        derivation.thickness().isPresent()
            && derivation.findings().stream()
                .noneMatch(each -> ENVELOPE.contains(each.kind()) || each.isError());
    return fits && derivation.job().goal() instanceof Goal.ForEnvelope wanted
        ? Words.say("slip.closed-envelope", wanted.envelope().label())
        : Words.say("slip.closed-size");
  }

  /** Writes what is glued where. */
  public List<SlipSection> layers() {
    List<SlipRow> rows = new ArrayList<>();
    derivation
        .made()
        .ifPresent(made -> made.design().layers().forEach(layer -> rows.add(sizeOf(layer, 1))));
    List<SlipRow> borders =
        derivation.pattern().parameters().stream()
            .filter(parameter -> parameter.id().contains("border"))
            .map(this::row)
            .toList();
    List<SlipSection> sections = new ArrayList<>();
    List<SlipRow> own = new ArrayList<>(parameters(true).stream().map(this::row).toList());
    derivation.made().ifPresent(made -> addGreetings(own, made.design()));
    sections.add(new SlipSection(Words.say("slip.own"), Words.say("slip.own-remark"), own));
    sections.add(new SlipSection(Words.say("slip.layers"), "", rows));
    derivation.made().ifPresent(made -> addGluing(sections, made.design()));
    sections.add(
        new SlipSection(Words.say("slip.border"), Words.say("slip.border-remark"), borders));
    sections.removeIf(section -> section.rows().isEmpty());
    return sections;
  }

  /** Says how much room the words on a piece of the maker's own have. */
  private void addGreetings(List<SlipRow> rows, Design design) {
    Marks marks = derivation.job().marks();
    for (Topper topper : derivation.job().order().toppers()) {
      Greeting.on(design, topper.id())
          .ifPresent(
              greeting ->
                  rows.add(
                      SlipRow.read(
                          new Subject.CutPart(topper.on(), topper.id()),
                          List.of(greeting.width(), greeting.height()),
                          format.size(
                              marks.floor(greeting.width()), marks.floor(greeting.height())),
                          Words.say("slip.greeting", topper.words()),
                          Lights.of(new Ref(topper.on(), topper.id())))));
    }
  }

  private void addGluing(List<SlipSection> sections, Design design) {
    sections.add(
        new SlipSection(
            Words.say("slip.joints"),
            "",
            design.joints().stream().map(each -> row(each, design)).toList()));
    sections.add(
        new SlipSection(
            Words.say("slip.zones"),
            "",
            design.zones().stream()
                .map(zone -> row(zone.on(), zone.id(), zone.area(), zone.label()))
                .toList()));
    sections.add(
        new SlipSection(
            Words.say("slip.pockets"), "", design.pockets().stream().map(this::row).toList()));
  }

  private SlipRow row(Joint joint, Design design) {
    String label = Gluing.of(joint, design).say(format);
    return row(joint.on(), joint.id(), joint.area(), label);
  }

  private SlipRow row(String piece, String id, Area area, String label) {
    return SlipRow.read(
        new Subject.Glued(piece, id),
        area,
        format.size(area.width(), area.height()),
        label,
        Lights.of(new Ref(piece, id)));
  }

  private SlipRow row(Pocket pocket) {
    String label =
        derivation
            .job()
            .item()
            .map(
                item -> {
                  Length spare = pocket.clearance(item);
                  return spare.compareTo(Length.ZERO) < 0
                      ? Words.say(
                          "slip.pocket-small",
                          pocket.label(),
                          item.label(),
                          format.format(spare.abs()))
                      : Words.say(
                          "slip.pocket-holds", pocket.label(), item.label(), format.format(spare));
                })
            .orElseGet(() -> Words.say("slip.pocket", pocket.label()));
    return SlipRow.read(
        new Subject.Holder(pocket.id()),
        List.of(pocket.width(), pocket.depth(), pocket.room()),
        format.size(pocket.width(), pocket.depth()),
        label,
        Lights.NONE);
  }
}
