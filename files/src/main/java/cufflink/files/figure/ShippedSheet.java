package cufflink.files.figure;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Tint;
import cufflink.core.words.Message;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.stream.Stream;

/** Printed sheets that come with the application, painted when they are first looked at. */
public enum ShippedSheet {
  /** Wheels, cogs and stars, which may be turned any way. */
  WHEELS("sheet.wheels", "wheels", Tint.CREAM),
  /** Reeds and rushes, which stand upright. */
  REEDS("sheet.reeds", "reeds", Tint.SAND),
  /** Scales of water, which stand upright. */
  TIDE("sheet.tide", "tide", Tint.SKY),
  /** Gulls that wheel in a pale sky every way round. */
  GULLS("sheet.gulls", "gulls", Tint.MIST);

  /** Square sheets are sold as 30 cm as well; common practice, no source. */
  private static final Length METRIC = Length.ofMillimetres(300);

  private static final Length INCHES = Length.ofInches(12, 1);
  private static final String BEGINS = "5ee700000000000";

  private final String key;
  private final String label;
  private final Tint ground;

  ShippedSheet(String key, String label, Tint ground) {
    this.key = key;
    this.label = label;
    this.ground = ground;
  }

  /** Returns what it is called. */
  public Message called() {
    return Message.of(key);
  }

  /** Returns which way it is upright. */
  public Paper.Print print() {
    return this == REEDS || this == TIDE ? Paper.Print.UPRIGHT : Paper.Print.NONE;
  }

  /** Returns it as a picture of paper, about a foot square, on the maker's own ruler. */
  public Picture picture(Marks marks) {
    Length side = marks.inInches() ? INCHES : METRIC;
    return new Picture(name(ordinal()), label, side, side, ground.rgb());
  }

  /** Finds one by its label, as it is written at the command line. */
  public static Optional<ShippedSheet> labelled(String label) {
    return Stream.of(values()).filter(each -> each.label.equals(label)).findFirst();
  }

  private static String name(int number) {
    return BEGINS + number + ".jpg";
  }

  /**
   * Finds one.
   *
   * @param name the name under which pictures are kept
   * @return empty if it is a picture of the maker's own
   */
  public static Optional<ShippedSheet> named(String name) {
    return Stream.of(values()).filter(each -> name(each.ordinal()).equals(name)).findFirst();
  }

  BufferedImage paint() {
    SheetPainter painter = new SheetPainter(ground, ordinal());
    switch (this) {
      case WHEELS ->
          painter.scatter(150, new Tint[] {Tint.ESTUARY, Tint.RUST, Tint.MOSS}, painter::wheel);
      case REEDS ->
          painter.rows(92, 64, new Tint[] {Tint.MOSS, Tint.REED, Tint.RUST}, painter::reeds);
      case TIDE ->
          painter.rows(
              100, 50, new Tint[] {Tint.ESTUARY, Tint.NIGHT, Tint.ESTUARY}, painter::scale);
      case GULLS ->
          painter.scatter(110, new Tint[] {Tint.SLATE, Tint.WHITE, Tint.NIGHT}, painter::gull);
      default -> throw new IllegalStateException("no such sheet");
    }
    return painter.image();
  }
}
