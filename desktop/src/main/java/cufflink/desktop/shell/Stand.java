package cufflink.desktop.shell;

import cufflink.core.card.Card;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.fit.Offer;
import cufflink.core.fit.SheetUse;
import cufflink.core.fit.Wish;
import cufflink.core.measure.LengthFormat;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperKind;
import cufflink.core.words.Message;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Dimension2D;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** One construction on the shelf: its paper in true proportion to the others, and what it takes. */
final class Stand extends VBox {
  private static final double PIXELS_PER_MILLIMETRE = 0.92;
  private static final double EDGE = 32;

  /** What a construction says it can do, if it holds a card. */
  private static final String HOLDS = "holds-card";

  private static final double LEAST_WIDTH = 190;
  private static final double TALLEST = 300;

  private final Offer offer;
  private final List<Object> shows;
  private Runnable take = () -> {};

  Stand(Workbench bench, Offer offer, Wish wish) {
    this.offer = offer;
    this.shows = shows(bench, offer, wish);
    Design design = offer.design();
    FoldModel model = Card.of(design).orElseThrow().whole();
    CardPicture picture = new CardPicture(look(offer, wish), design, model);
    PaperView paper = paper(picture, bench);
    Label name = new Label(offer.pattern().name());
    name.getStyleClass().add("stand-name");
    name.setWrapText(true);
    Label size = new Label(size(offer, format(bench)));
    size.getStyleClass().add("stand-size");
    size.setWrapText(true);
    Label suits = new Label(suits(offer));
    suits.getStyleClass().add("stand-takes");
    suits.setWrapText(true);
    Label takes = new Label(takes(bench, offer, wish.copies()));
    takes.getStyleClass().add("stand-takes");
    takes.setWrapText(true);
    getChildren().addAll(paper, name, suits, size, takes);
    getStyleClass().add("stand");
    setMaxWidth(Math.max(LEAST_WIDTH, paper.getPrefWidth()) + EDGE);
    setPrefWidth(getMaxWidth());
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.BUTTON);
    setAccessibleText(String.join(". ", name.getText(), offer.pattern().about(), size.getText()));
    setOnMouseClicked(event -> take.run());
    setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            take.run();
            event.consume();
          }
        });
  }

  /** What holds a card is shown with what is looked for, or one of the size that most are. */
  private static Look look(Offer offer, Wish wish) {
    Look look = offer.pattern().look();
    return offer.pattern().does().contains(HOLDS)
        ? look.holding(wish.item().or(() -> StandardSizes.items().stream().findFirst()))
        : look;
  }

  /** Returns the words for an occasion. */
  static String occasion(String name) {
    return Words.say("shelf.suits-" + name);
  }

  private static String suits(Offer offer) {
    List<String> occasions = offer.pattern().suits().stream().map(Stand::occasion).toList();
    return occasions.isEmpty()
        ? ""
        : Words.say("shelf.suits", Message.list("list.comma", occasions));
  }

  /** On the shelf everything is on the ruler with which something new would be begun. */
  static LengthFormat format(Workbench bench) {
    return Words.on(bench.rulers().last(), LengthFormat.Fractions.TYPESET);
  }

  /** Returns all that a stand shows: two that are alike in it look alike. */
  static List<Object> shows(Workbench bench, Offer offer, Wish wish) {
    return List.of(
        offer.design(),
        look(offer, wish),
        size(offer, format(bench)),
        takes(bench, offer, wish.copies()));
  }

  /** Returns all that it shows. */
  List<Object> shows() {
    return shows;
  }

  /** Takes it up. */
  void takeUp() {
    take.run();
  }

  /** Says what happens when it is taken up. */
  Stand taking(Runnable now) {
    take = now;
    return this;
  }

  /** Says whether the construction that lies here is one that is looked for. */
  boolean suits(Wish wish) {
    return wish.suits(offer.pattern());
  }

  private static PaperView paper(CardPicture picture, Workbench bench) {
    Dimension2D extent = picture.extent();
    double scale = Math.min(PIXELS_PER_MILLIMETRE, (TALLEST - EDGE) / extent.getHeight());
    return picture.hung(
        extent.getWidth() * scale + EDGE,
        extent.getHeight() * scale + EDGE,
        bench.rulers().last(),
        bench.papers().book());
  }

  private static String size(Offer offer, LengthFormat format) {
    Design design = offer.design();
    String size = format.briefSize(design.finishedWidth(), design.finishedHeight());
    return offer
        .envelope()
        .map(envelope -> Words.say("shelf.size-envelope", size, envelope.label()))
        .orElse(size);
  }

  private static String takes(Workbench bench, Offer offer, int copies) {
    Message paper = Message.of("shelf.of-card", offer.use().sheets(), offer.sheet().label());
    Optional<SheetUse> layers =
        SheetUse.of(offer.design(), PaperKind.PATTERNED, copies, offer.sheet());
    if (layers.isPresent()) {
      Message patterned = Message.of("shelf.of-patterned", layers.get().sheets());
      paper = Message.of("list.comma", paper, patterned);
    }
    String level =
        bench
            .making()
            .maker()
            .level(offer.pattern())
            .map(own -> Words.say("shelf.went", Words.say("shelf.level-" + own)))
            .orElse(Words.say("shelf.level-" + offer.pattern().effort().level()));
    Integer own = bench.making().maker().minutes().get(offer.pattern().id());
    return own == null
        ? Words.say("shelf.takes", paper, offer.pattern().effort().minutes(), level)
        : Words.say("shelf.took", paper, own, level);
  }
}
