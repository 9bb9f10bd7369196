package cufflink.files.figure;

import cufflink.core.measure.Marks;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Tint;
import java.awt.image.BufferedImage;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A sheet printed with one of the plain prints, in any two colours; painted when it is first looked
 * at. Its name says all there is to know of it.
 *
 * @param motif what is printed, not {@link Motif#PLAIN}
 * @param ground the colour of the paper
 * @param ink the colour of the print
 */
public record PrintedSheet(Motif motif, Tint ground, Tint ink) {
  private static final String BEGINS = "5ed";
  private static final Pattern NAME =
      Pattern.compile(BEGINS + "([1-5])(\\p{XDigit}{6})(\\p{XDigit}{6})\\.jpg");
  private static final int HEX = 16;

  /** Checks that something is printed. */
  public PrintedSheet {
    if (motif == Motif.PLAIN) {
      throw new IllegalArgumentException("nothing is printed");
    }
  }

  /** Returns which way it is upright; only leaves have a top. */
  public Paper.Print print() {
    return motif == Motif.SPRIGS ? Paper.Print.UPRIGHT : Paper.Print.NONE;
  }

  /** Returns it as a picture of paper, about a foot square, on the maker's own ruler. */
  public Picture picture(Marks marks) {
    String name =
        String.format(
            Locale.ROOT, "%s%d%06x%06x.jpg", BEGINS, motif.ordinal(), ground.rgb(), ink.rgb());
    Picture shipped = ShippedSheet.WHEELS.picture(marks);
    return new Picture(name, label(motif), shipped.wide(), shipped.high(), mean());
  }

  private int mean() {
    double inked =
        switch (motif) {
          case PLAIN -> 0;
          case STRIPES -> 0.4;
          case DOTS, SPRIGS -> 0.12;
          case CHECKS -> 0.5;
          case WAVES -> 0.36;
        };
    int mean = 0;
    for (int shift = HEX; shift >= 0; shift -= HEX / 2) {
      int paper = ground.rgb() >> shift & 0xFF;
      int print = ink.rgb() >> shift & 0xFF;
      mean |= (int) Math.round(paper + (print - paper) * inked) << shift;
    }
    return mean;
  }

  /** Finds a print by its label, as it is written at the command line. */
  public static Optional<Motif> labelled(String label) {
    return Stream.of(Motif.values())
        .filter(each -> each != Motif.PLAIN && label(each).equals(label))
        .findFirst();
  }

  private static String label(Motif motif) {
    return motif.name().toLowerCase(Locale.ROOT);
  }

  /**
   * Finds one.
   *
   * @param name the name under which pictures are kept
   * @return empty if it is another picture
   */
  public static Optional<PrintedSheet> named(String name) {
    Matcher found = NAME.matcher(name);
    if (!found.matches()) {
      return Optional.empty();
    }
    Motif motif = Motif.values()[Integer.parseInt(found.group(1))];
    return tint(found.group(2))
        .flatMap(paper -> tint(found.group(3)).map(print -> new PrintedSheet(motif, paper, print)));
  }

  private static Optional<Tint> tint(String rgb) {
    int wanted = Integer.parseInt(rgb, HEX);
    return Stream.of(Tint.values()).filter(each -> each.rgb() == wanted).findFirst();
  }

  BufferedImage paint() {
    SheetPainter painter = new SheetPainter(ground, motif.ordinal());
    switch (motif) {
      case STRIPES -> painter.stripes(60, 24, ink);
      case DOTS -> painter.staggered(50, 50, ink, painter::spot);
      case CHECKS -> painter.staggered(50, 25, ink, painter::square);
      case SPRIGS -> painter.staggered(75, 60, ink, painter::sprig);
      case WAVES -> painter.waves(50, ink);
      default -> throw new IllegalStateException("nothing is printed");
    }
    return painter.image();
  }
}
