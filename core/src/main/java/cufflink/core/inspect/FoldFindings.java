package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Crease;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Vertex;
import cufflink.core.fold.Catches;
import cufflink.core.fold.FlatFoldability;
import cufflink.core.fold.MirroredCrease;
import cufflink.core.fold.Outside;
import cufflink.core.layers.LayerOrder;
import cufflink.core.linkage.Stuck;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What goes wrong when a card is folded in thought, as findings. */
final class FoldFindings {
  private static final int PER_CENT = 100;

  private FoldFindings() {}

  static List<Finding> vertices(FoldModel model) {
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
    Message sentence =
        switch (fault.kind()) {
          case ODD -> Message.of("fold.vertex-odd", x, y);
          case COUNT -> Message.of("fold.vertex-count", x, y);
          case WAY -> Message.of("fold.vertex-way", x, y);
          case ANGLES -> Message.of("fold.vertex-angles", x, y, degrees(fault.amount()));
        };
    for (Message cure : cures(flat, fault)) {
      sentence = sentence.followedBy(cure);
    }
    FindingKind kind = FindingKind.valueOf("VERTEX_" + fault.kind().name());
    return new Finding(
        kind, Severity.ERROR, Place.on(flat.piece().id(), scores), sentence, Optional.empty());
  }

  private static List<Message> cures(FlatPattern flat, FlatFoldability.Fault fault) {
    List<Message> cures = new ArrayList<>();
    fault
        .repair()
        .ifPresent(
            repair ->
                cures.add(
                    Message.of(
                        "fold.vertex-repair",
                        label(flat.creases().get(repair.crease())),
                        degrees(repair.radians()))));
    for (int turned : fault.turned()) {
      Crease crease = flat.creases().get(turned);
      boolean valley = crease.score().fold() == Fold.VALLEY;
      cures.add(Message.of(valley ? "fold.vertex-mountain" : "fold.vertex-valley", label(crease)));
    }
    return cures;
  }

  private static String degrees(double radians) {
    return String.format(Locale.ROOT, "%.1f", Math.abs(Math.toDegrees(radians)));
  }

  private static String label(Crease crease) {
    return crease.score().label();
  }

  static Optional<Finding> stuck(FoldModel model) {
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
                  kind(stuck),
                  Severity.WARNING,
                  Place.on(stage.piece(), scores),
                  sentence(model, stage, stuck),
                  Optional.empty());
            });
  }

  private static FindingKind kind(Stuck stuck) {
    if (stuck.loose() > 0) {
      return FindingKind.STAGE_LOOSE;
    }
    return stuck.proved() ? FindingKind.STAGE_STUCK : FindingKind.STAGE_UNKNOWN;
  }

  private static Message sentence(FoldModel model, Stage stage, Stuck stuck) {
    if (stuck.crowd() > 0) {
      return Message.of("fold.crowded", stage.title(), Integer.toString(stuck.crowd()));
    }
    if (stuck.loose() > 0) {
      return Message.of("fold.loose", stage.title());
    }
    int part = (int) Math.round(PER_CENT * stuck.share());
    if (!stuck.proved()) {
      return Message.of("fold.unknown", stage.title(), Integer.toString(part));
    }
    Message sentence =
        part == 0
            ? Message.of("fold.stuck", stage.title())
            : Message.of("fold.stuck-part", stage.title(), Integer.toString(part));
    return stuck.creases().stream()
        .flatMap(crease -> meeting(model, crease).stream())
        .findFirst()
        .map(
            vertex ->
                sentence.followedBy(
                    Message.of(
                        "fold.stuck-vertex", rough(vertex.place().x()), rough(vertex.place().y()))))
        .orElse(sentence);
  }

  /** Returns the place at which a crease meets others. */
  private static Optional<Vertex> meeting(FoldModel model, int crease) {
    return model.assembly().members().stream()
        .flatMap(
            member ->
                Vertex.of(member.flat()).stream()
                    .filter(
                        vertex ->
                            vertex.spokes().stream()
                                .anyMatch(
                                    spoke -> member.firstCrease() + spoke.crease() == crease)))
        .findFirst();
  }

  static Finding tooLarge(FoldModel model) {
    return finding(
        model,
        FindingKind.TOO_MANY_FACETS,
        Message.of(
            "fold.too-large",
            model.flat().piece().label(),
            Integer.toString(model.assembly().facets().size()),
            Integer.toString(FoldModel.MOST_FACETS)));
  }

  static Finding orderUnknown(FoldModel model) {
    return finding(
        model,
        FindingKind.LAYERS_UNKNOWN,
        Message.of("fold.order-unknown", model.flat().piece().label()));
  }

  private static Finding finding(FoldModel model, FindingKind kind, Message sentence) {
    Place place = Place.on(model.flat().piece().id());
    return new Finding(kind, Severity.WARNING, place, sentence, Optional.empty());
  }

  static Finding clash(FoldModel model) {
    int done = model.closing();
    int crease = LayerOrder.of(model.pose(done), model.turns(done), true).clash();
    String piece = model.flat().piece().id();
    Place place = Place.on(piece);
    if (crease >= 0) {
      Crease where = model.assembly().creases().get(crease);
      place = Place.on(model.assembly().pieceOf(where.first()).id(), where.score().id());
    }
    return new Finding(
        FindingKind.LAYERS_CLASH,
        Severity.ERROR,
        place,
        Message.of("fold.clash", model.flat().piece().label()),
        Optional.empty());
  }

  static List<Finding> catches(FoldModel model, List<Catches.Catch> catches) {
    List<Finding> findings = new ArrayList<>();
    Set<List<Object>> told = new HashSet<>();
    Assembly assembly = model.assembly();
    for (Catches.Catch each : catches) {
      int stage = (int) Math.min(model.stages().size() - 1, Math.floor(each.moment()));
      String one = assembly.pieceOf(each.facet()).label();
      String other = assembly.pieceOf(each.other()).label();
      if (told.add(List.of(stage, one, other))) {
        Message sentence =
            Message.of(
                one.equals(other) ? "fold.catch-self" : "fold.catch",
                model.stages().get(stage).title(),
                one,
                other,
                rough(each.amount()),
                whole(model.turned(each.moment())));
        String piece = assembly.pieceOf(each.facet()).id();
        findings.add(
            new Finding(
                FindingKind.CATCHES,
                Severity.WARNING,
                Place.on(piece),
                sentence,
                Optional.empty()));
      }
    }
    return findings;
  }

  /** A fold that has to go through two plies and is scored on one of them only. */
  static List<Finding> mirrored(FoldModel model) {
    List<Finding> findings = new ArrayList<>();
    for (MirroredCrease each : MirroredCrease.of(model)) {
      Crease crease = model.assembly().creases().get(each.crease());
      Piece piece = model.assembly().pieceOf(each.facet());
      String key = each.fold() == Fold.VALLEY ? "fold.mirror-valley" : "fold.mirror-mountain";
      Message sentence =
          Message.of(
              key,
              model.stages().get(each.stage()).title(),
              label(crease),
              piece.label(),
              Length.fromMillimetres(each.from().x()),
              Length.fromMillimetres(each.from().y()),
              Length.fromMillimetres(each.to().x()),
              Length.fromMillimetres(each.to().y()));
      Place place = Place.on(piece.id(), crease.score().id());
      findings.add(
          new Finding(
              FindingKind.CREASE_MISSING, Severity.ERROR, place, sentence, Optional.empty()));
    }
    return findings;
  }

  /** Layers that reach past the closed card. */
  static List<Finding> outside(FoldModel model, Design design) {
    List<Finding> findings = new ArrayList<>();
    for (Layer layer : design.layers()) {
      double amount = design.overhangs(layer.id()) ? 0 : Outside.amount(model, layer);
      if (amount > 0) {
        findings.add(
            new Finding(
                FindingKind.STICKS_OUT,
                Severity.ERROR,
                Place.on(layer.on(), layer.id()),
                Message.of("fold.outside-layer", layer.label(), rough(amount)),
                Optional.empty()));
      }
    }
    for (Outside each : Outside.of(model)) {
      Optional<String> joint = model.assembly().members().get(each.member()).joint().map(Joint::id);
      if (joint.filter(design::overhangs).isPresent()) {
        continue;
      }
      Piece piece = model.assembly().members().get(each.member()).flat().piece();
      Written amount = rough(each.amount());
      boolean closed = each.moment() <= model.closing();
      int stage = (int) Math.max(0, Math.ceil(each.moment()) - 1);
      Message sentence =
          closed
              ? each.degrees() < 1
                  ? Message.of("fold.outside", piece.label(), amount)
                  : Message.of("fold.outside-since", piece.label(), amount, whole(each.degrees()))
              : Message.of(
                  "fold.outside-worked", model.stages().get(stage).title(), piece.label(), amount);
      findings.add(
          new Finding(
              FindingKind.STICKS_OUT,
              closed ? Severity.ERROR : Severity.WARNING,
              Place.on(piece.id()),
              sentence,
              Optional.empty()));
    }
    return findings;
  }

  private static Written rough(double millimetres) {
    return Written.rough(Length.fromMillimetres(millimetres));
  }

  private static String whole(double degrees) {
    return Long.toString(Math.round(degrees));
  }
}
