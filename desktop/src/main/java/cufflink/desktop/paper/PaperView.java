package cufflink.desktop.paper;

import cufflink.core.flat.Spot;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Pointing;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;

/** Shows a drawing as large as there is room, lights what the pointer is at, and carries flags. */
public final class PaperView extends Palette {
  private static final double REACH = 9;
  private static final double TEXT_SIZE = 22;

  private final Canvas canvas = new Canvas();
  private final FontBook fonts = new FontBook();
  private final ObjectProperty<Set<Ref>> chosen = new SimpleObjectProperty<>(Set.of());
  private final FlagLayer flags = new FlagLayer(chosen::set);
  private Function<Surface, Optional<Drawing>> maker = surface -> Optional.empty();
  private Marks marks = Marks.MILLIMETRES;
  private LengthFormat format = Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.TYPESET);
  private Optional<Drawing> drawing = Optional.empty();

  private PictureBook pictures;

  /** Makes an empty view of what is in no picture. */
  public PaperView() {
    this(PictureBook.empty());
  }

  /**
   * Makes an empty view.
   *
   * @param pictures what papers look like
   */
  public PaperView(PictureBook pictures) {
    this.pictures = pictures;
    getStyleClass().add("paper-view");
    getChildren().addAll(canvas, flags);
    canvas.setManaged(false);
    chosen.addListener((property, before, now) -> paint());
    addEventHandler(MouseEvent.MOUSE_MOVED, this::point);
    addEventHandler(MouseEvent.MOUSE_EXITED, event -> chosen.set(Set.of()));
    flags.setPickOnBounds(false);
  }

  /**
   * Shows papers as they look.
   *
   * @param now where their pictures are
   */
  public void look(PictureBook now) {
    pictures = now;
  }

  /**
   * Returns what is lit.
   *
   * @return what it stands for
   */
  public ObjectProperty<Set<Ref>> chosen() {
    return chosen;
  }

  /**
   * Shows a drawing.
   *
   * @param newMaker makes the drawing for the room there is
   * @param newMarks the maker's ruler
   * @param newFormat how lengths are written
   */
  public void show(
      Function<Surface, Optional<Drawing>> newMaker, Marks newMarks, LengthFormat newFormat) {
    maker = newMaker;
    marks = newMarks;
    format = newFormat;
    redraw();
  }

  /**
   * Plants flags.
   *
   * @param newFlags the flags, in the order in which they matter
   */
  public void plant(List<Flag> newFlags) {
    boolean isBare = flags.isBare() && newFlags.isEmpty();
    flags.plant(newFlags);
    if (!isBare) {
      requestLayout();
    }
  }

  /** Makes the drawing anew and paints it. */
  public void redraw() {
    if (getWidth() > 0 && getHeight() > 0) {
      drawing = maker.apply(new Surface(getWidth(), getHeight(), marks, format, fonts, TEXT_SIZE));
      paint();
      placeFlags();
    }
  }

  private void placeFlags() {
    flags.place(ref -> drawing.flatMap(each -> Pointing.middle(each, ref)), numbers());
  }

  /** Returns where the drawing has its numbers, which nothing may cover. */
  private List<Rectangle2D> numbers() {
    return drawing.stream()
        .flatMap(each -> each.marks().stream())
        .filter(mark -> mark instanceof Drawing.Caption)
        .map(Drawing.Caption.class::cast)
        .filter(caption -> caption.tone() == Drawing.Tone.NUMBER)
        .map(caption -> caption.box(fonts))
        .map(
            box ->
                new Rectangle2D(
                    box.left(), box.top(), box.right() - box.left(), box.bottom() - box.top()))
        .toList();
  }

  private void paint() {
    var graphics = canvas.getGraphicsContext2D();
    graphics.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
    CanvasPainter painter =
        new CanvasPainter(
            graphics,
            this,
            fonts,
            chosen.get(),
            (name, pixels) -> pictures.image(name, pixels, this::paint));
    drawing.ifPresent(painter::paint);
  }

  private void point(MouseEvent event) {
    Spot at = new Spot(event.getX(), event.getY());
    chosen.set(
        drawing.flatMap(each -> Pointing.at(each, at, REACH, fonts)).map(Set::of).orElse(Set.of()));
  }

  @Override
  protected void layoutChildren() {
    boolean resized = canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight();
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    flags.resizeRelocate(0, 0, getWidth(), getHeight());
    if (resized || drawing.isEmpty()) {
      redraw();
    } else {
      placeFlags();
      paint();
    }
  }
}
