package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Heading;
import cufflink.desktop.paper.PictureBook;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Dimension2D;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One making in the log: its picture, and what is remembered of it. */
final class LogTile extends VBox {
  static final double WIDE = 200;
  private static final double TALL = 170;

  /** How much room it takes, with what lies beside it. */
  static final double ROOM = WIDE + 2 * 8 + 16;

  private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");

  private final Heading card;
  private final boolean hasPhoto;
  private final StackPane picture = new StackPane();
  private final Label differs = new Label();

  /**
   * What is worked out of it.
   *
   * @param derivation what follows from its job, if its construction is at hand
   * @param other what is other than the time before
   */
  record Found(Optional<Derivation> derivation, String other) {}

  LogTile(Heading card, Optional<Path> photo, boolean isHere) {
    this.card = card;
    this.hasPhoto = photo.isPresent();
    getStyleClass().add("stand");
    pseudoClassStateChanged(HERE, isHere);
    setPrefWidth(WIDE + 2 * 8);
    setMinWidth(WIDE + 2 * 8);
    picture.setMinHeight(TALL);
    picture.setMaxHeight(TALL);
    picture.getStyleClass().add("log-picture");
    photo.ifPresent(file -> picture.getChildren().setAll(photo(file)));
    getChildren().add(picture);
    add("stand-name", card.about().title());
    CardMade.Memory memory = card.memory();
    add("stand-size", Words.say("log.when", card.on().toString(), memory.copies()));
    add("stand-takes", memory.forWhom().isEmpty() ? "" : Words.say("log.for", memory.forWhom()));
    add("stand-takes", memory.occasion());
    add("stand-takes", memory.minutes() > 0 ? Words.say("log.minutes", memory.minutes()) : "");
    add("stand-takes", memory.stars() > 0 ? Words.say("log.stars", memory.stars()) : "");
    differs.getStyleClass().add("stand-takes");
    differs.setWrapText(true);
    differs.visibleProperty().bind(differs.textProperty().isNotEmpty());
    differs.managedProperty().bind(differs.visibleProperty());
    getChildren().add(differs);
    add(
        "stand-takes",
        memory.changed().isEmpty() ? "" : Words.say("log.changed", memory.changed()));
    String next = memory.nextTime();
    add("stand-takes", next.isEmpty() ? "" : Words.say("log.next-time", next));
    if (card.photo().isPresent() && !hasPhoto) {
      add("stand-takes", Words.say("log.photo-gone"));
    }
    setAccessibleText(Words.say("log.open", card.about().title(), card.on().toString()));
  }

  /** Says what can be done with it besides opening it. */
  void offers(Map<String, Runnable> acts) {
    ContextMenu menu = new ContextMenu();
    acts.forEach(
        (label, act) -> {
          MenuItem item = new MenuItem(label);
          item.setOnAction(event -> act.run());
          menu.getItems().add(item);
        });
    setOnContextMenuRequested(event -> menu.show(this, event.getScreenX(), event.getScreenY()));
    setOnMousePressed(event -> menu.hide());
  }

  /** A card that has no photograph is drawn. */
  void show(Found found, PictureBook pictures) {
    differs.setText(found.other().isEmpty() ? "" : Words.say("log.differs", found.other()));
    if (!hasPhoto) {
      found
          .derivation()
          .flatMap(each -> CardPicture.of(each).map(drawn -> hung(drawn, each, pictures)))
          .ifPresent(picture.getChildren()::setAll);
    }
  }

  /** The picture is read no larger than it is shown, beside the window's thread. */
  private Node photo(Path file) {
    int orientation = card.photo().map(CardMade.Photo::orientation).orElse(1);
    boolean lies = orientation > 4;
    double width = lies ? TALL : WIDE;
    double height = lies ? WIDE : TALL;
    Image image = new Image(file.toUri().toString(), width, height, true, true, true);
    ImageView view = new ImageView(image);
    turn(view, orientation);
    return new Group(view);
  }

  /**
   * Turns a picture as it was taken: each of the eight ways of Exif is a mirroring or none, and
   * then quarter turns clockwise.
   */
  static void turn(Node view, int orientation) {
    boolean mirrored = orientation == 2 || orientation == 4 || orientation == 5 || orientation == 7;
    view.setScaleX(mirrored ? -1 : 1);
    view.setRotate(
        switch (orientation) {
          case 3, 4 -> 180;
          case 6, 7 -> 90;
          case 5, 8 -> 270;
          default -> 0;
        });
  }

  private void add(String style, String text) {
    if (!text.isEmpty()) {
      Label label = new Label(text);
      label.getStyleClass().add(style);
      label.setWrapText(true);
      getChildren().add(label);
    }
  }

  private static Node hung(CardPicture picture, Derivation derivation, PictureBook pictures) {
    Dimension2D extent = picture.extent();
    double scale = Math.min(WIDE / extent.getWidth(), TALL / extent.getHeight());
    return picture.hung(
        extent.getWidth() * scale, extent.getHeight() * scale, derivation.job().marks(), pictures);
  }
}
