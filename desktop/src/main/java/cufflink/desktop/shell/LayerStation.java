package cufflink.desktop.shell;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lying;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Portrait;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Side;
import cufflink.core.run.Lie;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** What is glued where? */
final class LayerStation implements PullStation {
  private final Workbench bench;
  private final Runnable redraw;
  private final Puller puller;
  private final OwnSizes sizes;
  private final FigureChoice figures;
  private final PictureChoice pictures;
  private final PictureHand hand;
  private final CardBeside card;
  private final PerJob<Place> place = new PerJob<>(new Place(Optional.empty(), ""));

  /** What lies on the card that was last drawn: it is asked several times for a drawing. */
  private List<Patch> patches = List.of();

  private Derivation.Made patched;

  /** Which face of which piece is looked at; at first the one that something is glued to. */
  private record Place(Optional<Face> face, String piece) {}

  LayerStation(Workbench bench, Logbook log, Runnable redraw) {
    this.bench = bench;
    this.redraw = redraw;
    this.puller = new Puller(bench);
    this.sizes = new OwnSizes(bench, log);
    this.figures = new FigureChoice(bench);
    this.pictures = new PictureChoice(bench);
    this.hand = new PictureHand(bench);
    this.card = new CardBeside(bench);
  }

  PictureChoice pictures() {
    return pictures;
  }

  FigureChoice figures() {
    return figures;
  }

  @Override
  public Station station() {
    return Station.LAYER;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    return new SlipWriter(derivation, bench.format()).layers();
  }

  @Override
  public Node sentence(Derivation derivation) {
    List<Piece> hosts = derivation.made().map(LayerStation::hosts).orElse(List.of());
    Sentence sentence = new Sentence();
    String side =
        sentence.choice(
            Words.say(word(face(derivation))),
            Words.say("layer.face-hint"),
            () ->
                List.of(
                    Sentence.item(Words.say(word(Face.OUTSIDE)), () -> turn(Face.OUTSIDE)),
                    Sentence.item(Words.say(word(Face.INSIDE)), () -> turn(Face.INSIDE))));
    Order order = derivation.job().order();
    String lying =
        sentence.choice(
            Words.say(order.raised() ? "layer.raised" : "layer.flat"),
            Words.say("layer.raised-hint"),
            () ->
                List.of(
                    Sentence.item(
                        Words.say("layer.flat"),
                        () -> bench.making().order(order.withRaised(false))),
                    Sentence.item(
                        Words.say("layer.raised"),
                        () -> bench.making().order(order.withRaised(true)))));
    if (hosts.size() < 2) {
      return sentence.show(
          Message.of("layer.sentence", side, lying).followedBy(papers(derivation, sentence)));
    }
    String piece =
        sentence.choice(
            host(hosts).label(),
            Words.say("layer.piece-hint"),
            () ->
                hosts.stream()
                    .map(each -> Sentence.item(each.label(), () -> take(each.id())))
                    .toList());
    return sentence.show(
        Message.of("layer.sentence-of", side, piece, lying)
            .followedBy(papers(derivation, sentence)));
  }

  private Message papers(Derivation derivation, Sentence sentence) {
    return derivation
        .made()
        .map(
            made ->
                new TopperWords(bench, derivation, sizes, figures)
                    .words(host(hosts(made)), face(derivation), sentence)
                    .followedBy(looks(derivation, made, sentence)))
        .orElse(Message.NONE);
  }

  private Message looks(Derivation derivation, Derivation.Made made, Sentence sentence) {
    PictureWords words = new PictureWords(bench, derivation, pictures);
    return new PaperLook(bench, derivation.look(), words)
        .words(made.design(), sentence)
        .followedBy(hand.words(derivation, sentence, redraw))
        .followedBy(new TreatWords(bench, derivation).words(made.design(), sentence))
        .followedBy(words.gone());
  }

  /** Returns the pieces that something can be glued to, the card itself before all others. */
  private static List<Piece> hosts(Derivation.Made made) {
    return made.design().pieces().stream()
        .filter(each -> each.role().kind() != PaperKind.RIBBON)
        .toList();
  }

  private Piece host(List<Piece> hosts) {
    return hosts.stream()
        .filter(each -> each.id().equals(place.now().piece()))
        .findFirst()
        .orElse(hosts.get(0));
  }

  private void take(String id) {
    place.change(now -> new Place(Optional.empty(), id));
    redraw.run();
  }

  private Face face(Derivation derivation) {
    Optional<Face> chosen = place.at(derivation).face();
    return chosen.or(() -> derivation.made().flatMap(this::covered)).orElse(Face.OUTSIDE);
  }

  /** Returns the face of the piece that something is glued to first. */
  private Optional<Face> covered(Derivation.Made made) {
    String host = host(hosts(made)).id();
    return patches(made).stream()
        .filter(patch -> patch.ref().piece().equals(host))
        .map(Patch::face)
        .findFirst();
  }

  private List<Patch> patches(Derivation.Made made) {
    if (made != patched) {
      patches = Patch.of(made.design());
      patched = made;
    }
    return patches;
  }

  private static String word(Face face) {
    return face == Face.INSIDE ? "layer.inside" : "layer.outside";
  }

  private void turn(Face newFace) {
    place.change(now -> new Place(Optional.of(newFace), now.piece()));
    redraw.run();
  }

  @Override
  public void act() {
    bench.derivation().get().ifPresent(now -> turn(face(now).other()));
  }

  @Override
  public void step(int direction) {
    bench.derivation().get().ifPresent(now -> turn(face(now).other()));
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return derivation
        .made()
        .map(
            made ->
                over(
                    card.draw(
                        derivation,
                        host(hosts(made)),
                        face(derivation),
                        surface,
                        on ->
                            Portrait.dressed(
                                drawn(derivation, made, on),
                                made.design(),
                                derivation.look(),
                                Optional.of(lying(derivation, made)))),
                    face(derivation) == Face.OUTSIDE));
  }

  private Drawing over(Drawing drawing, boolean isTurnedOver) {
    hand.over(drawing.scale(), isTurnedOver);
    return puller.over(drawing, isTurnedOver);
  }

  private Lying lying(Derivation derivation, Derivation.Made made) {
    return new Lying(host(hosts(made)), new Lie(face(derivation), Side.TOP));
  }

  private Drawing drawn(Derivation derivation, Derivation.Made made, Surface surface) {
    return FlatDrawing.of(
        lying(derivation, made),
        surface,
        new FlatDrawing.Options(patches(made), Optional.empty(), score -> false, true, true));
  }

  @Override
  public Puller puller() {
    return puller;
  }

  /** The hand moves what lies there, or the picture on it. */
  @Override
  public void press(double x, double y) {
    if (!hand.press()) {
      puller.press();
    }
  }

  @Override
  public void drag(double right, double down) {
    hand.drag(right, down);
    puller.drag(right, down);
  }

  @Override
  public void release() {
    hand.release();
    puller.release();
  }
}
