package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.fit.Finder;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.OffMarks;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Question;
import cufflink.core.fit.Question.Extent;
import cufflink.core.fit.Question.Priority;
import cufflink.core.fit.SheetUse;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.plane.Point;
import cufflink.core.value.Values;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What can be made from what is at hand. */
class FinderTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Length CLEARANCE = Length.ofMillimetres(4);

  /** Halving between none that is too small and one that is too large must go up, not down. */
  @Test
  void offers_constructionWithoutADesignWhenSmall_isFound() {
    Pattern pattern =
        PatternFile.read(
                "x",
                """
                format: cufflink-pattern/1
                id: trial
                name: Trial
                proportions: square
                parameters:
                  width: {label: Width, default: 140 mm, role: finished-width, scales: across}
                  height: {label: Height, default: 140 mm, role: finished-height, scales: along}
                pieces:
                  base:
                    label: card
                    size: [2 * width, height]
                    scores:
                      half: {x: width, fold: valley}
                layers:
                  mat: {label: mat, on: base, panel: [0 mm, 0 mm, width, height], border: 130 mm}
                folding:
                  - {stage: Fold, drive: {half: 180}}
                """)
            .pattern()
            .orElseThrow();
    Question question =
        new Question(
            List.of(StandardSizes.sheet("a4").orElseThrow()),
            List.of(),
            CLEARANCE,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            1,
            Marks.MILLIMETRES,
            Question.Priority.LARGEST);
    List<Offer> offers = Finder.offers(question, pattern);
    assertEquals(Length.ofMillimetres(148), offers.get(0).design().finishedWidth());
  }

  /** Brute force over every size on a coarse ruler. */
  @Test
  void offers_sheetAndEnvelope_areTheLargestThatServe() {
    Marks marks = Marks.FIVE_MILLIMETRES;
    Sheet a4 = StandardSizes.sheet("a4").orElseThrow();
    Envelope c5 = StandardSizes.envelope("c5").orElseThrow();
    int compared = 0;
    boolean isLong = Boolean.getBoolean("cufflink.long");
    int turn = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      // All in the long run; otherwise every second one.
      if (!isLong && turn++ % 2 != 0) {
        continue;
      }
      List<Offer> offers = Finder.offers(question(a4, c5, marks), pattern);
      double best = 0;
      for (int width = 5; width <= 300; width += 5) {
        Optional<Design> design = atWidth(pattern, Length.ofMillimetres(width), marks);
        if (design.filter(each -> serves(each, a4, c5)).isPresent()) {
          best = Math.max(best, design.get().finishedWidth().toMillimetres());
        }
      }
      if (offers.isEmpty()) {
        assertEquals(0, best, pattern.id());
      } else {
        compared++;
        assertEquals(best, offers.get(0).design().finishedWidth().toMillimetres(), pattern.id());
      }
    }
    assertTrue(compared > (isLong ? 12 : 5), "too few to mean anything: " + compared);
  }

  private static Optional<Design> atWidth(Pattern pattern, Length width, Marks marks) {
    Values start =
        cufflink.core.fit.Relayer.relay(
            pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
    Length before = start.length("width").orElseThrow();
    Length height =
        marks.nearest(start.length("height").orElseThrow().scaled(width, before)).max(marks.step());
    Values scaled =
        Fitter.scaled(pattern, start, width, height, new Fitter.Manner(marks, true, Set.of()));
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, scaled.and(Bench.of(marks)));
    return evaluation.works() ? evaluation.design() : Optional.empty();
  }

  private static boolean serves(Design design, Sheet sheet, Envelope envelope) {
    return envelope.takes(design.finishedWidth(), design.finishedHeight(), CLEARANCE)
        && design.pieces().stream()
            .filter(piece -> piece.paper() != PaperKind.RIBBON)
            .allMatch(piece -> sheet.holds(piece.width(), piece.height()));
  }

  private static Question question(Sheet sheet, Envelope envelope, Marks marks) {
    return new Question(
        List.of(sheet),
        List.of(envelope),
        CLEARANCE,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        1,
        marks,
        Priority.LARGEST);
  }

  @Test
  void offers_limitsOfSize_areKept() {
    Question question =
        new Question(
            StandardSizes.sheets(),
            List.of(),
            CLEARANCE,
            Optional.empty(),
            Optional.of(new Extent(Length.ofMillimetres(90), Length.ofMillimetres(60))),
            Optional.of(new Extent(Length.ofMillimetres(120), Length.ofMillimetres(120))),
            6,
            Marks.MILLIMETRES,
            Priority.LEAST_PAPER);
    List<Offer> offers = Finder.offers(question, LIBRARY.patterns());
    assertFalse(offers.isEmpty());
    double paper = 0;
    for (Offer offer : offers) {
      double longer =
          offer.design().finishedWidth().max(offer.design().finishedHeight()).toMillimetres();
      assertTrue(longer >= 90 && longer <= 120, offer.pattern().id() + " " + longer);
      assertTrue(offer.paper() >= paper, "the least paper does not come first");
      paper = offer.paper();
    }
  }

  @Test
  void offers_easiestNumbers_comeInOrderAndAreCountedFromTheDesign() {
    Question question =
        new Question(
            StandardSizes.sheets(),
            StandardSizes.envelopes(),
            Length.ofInches(3, 16),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            1,
            Marks.EIGHTHS,
            Priority.EASIEST_NUMBERS);
    List<Offer> offers = Finder.offers(question, LIBRARY.patterns());
    int before = 0;
    for (Offer offer : offers) {
      assertEquals(OffMarks.of(offer.design(), Rulers.one(Marks.EIGHTHS)).size(), offer.offMarks());
      assertTrue(offer.offMarks() >= before);
      before = offer.offMarks();
    }
  }

  /** Yields of one sheet; common practice, no source. */
  @Test
  void use_ofOneSheet_isWhatTheTradeYields() {
    assertEquals(6, yieldOf("4 1/4", "3 1/4", sheet("8 1/2", "11")));
    assertEquals(4, yieldOf("4", "3", sheet("8", "8")));
    assertEquals(1, yieldOf("8 1/2", "11", sheet("8 1/2", "11")));
    assertEquals(0, yieldOf("8 5/8", "11", sheet("8 1/2", "11")));
  }

  /** The album is cut from one square with nothing left; common practice, no source. */
  @Test
  void use_album_wastesNothing() {
    Pattern album = LIBRARY.pattern("concertina-album").orElseThrow();
    Values values = album.normalValues().and("width", inches("4")).and("height", inches("4"));
    Design design = PatternEvaluator.evaluate(album, values).design().orElseThrow();
    double pieces =
        design.pieces().stream()
            .filter(piece -> piece.paper() != PaperKind.RIBBON)
            // Inserts are of some other card.
            .filter(piece -> piece.role().isUsual())
            .mapToDouble(
                piece ->
                    piece.count() * piece.width().toMillimetres() * piece.height().toMillimetres())
            .sum();
    assertEquals(Math.pow(inches("12").toMillimetres(), 2), pieces, 1e-6);
  }

  @Test
  void use_moreCopies_takeMoreSheetsAndNeverLessThanTheirArea() {
    Sheet a4 = StandardSizes.sheet("a4").orElseThrow();
    for (Pattern pattern : LIBRARY.patterns()) {
      Design design =
          PatternEvaluator.evaluate(pattern, pattern.normalValues()).design().orElseThrow();
      double area =
          design.pieces().stream()
              .filter(piece -> piece.paper() == PaperKind.CARDSTOCK && piece.from().isEmpty())
              .mapToDouble(
                  piece ->
                      piece.count()
                          * piece.width().toMillimetres()
                          * piece.height().toMillimetres())
              .sum();
      // White paper to write on is a layer of card.
      area +=
          design.layers().stream()
              .filter(layer -> layer.paper() == PaperKind.CARDSTOCK)
              .mapToDouble(layer -> layer.width().toMillimetres() * layer.height().toMillimetres())
              .sum();
      int before = 0;
      for (int copies = 1; copies <= 5; copies++) {
        Optional<SheetUse> use = SheetUse.of(design, PaperKind.CARDSTOCK, copies, a4);
        if (use.isPresent()) {
          int least = (int) Math.ceil(copies * area / (210 * 297) - 1e-9);
          assertTrue(use.get().sheets() >= Math.max(before, least), pattern.id());
          assertEquals(
              1 - copies * area / (210.0 * 297 * use.get().sheets()), use.get().waste(), 1e-9);
          before = use.get().sheets();
        }
      }
    }
  }

  /** ISO/IEC 7810 ID-1, 85.60 by 53.98 mm, from memory. */
  @Test
  void clearance_ofABankCard_isTheTighterOfMouthAndRoom() {
    HeldItem card = StandardSizes.item("gift-card").orElseThrow();
    assertEquals(
        Length.ofUnits(8_000 * 90 - Length.fromMillimetres(85.6).units()),
        card.clearance(mm(90), mm(60), mm(60)));
    assertEquals("-1.6 mm", card.clearance(mm(84), mm(60), mm(60)).toString());
    assertTrue(card.clearance(mm(60), mm(50), mm(90)).isPositive(), "upright it stands in half");
    assertFalse(card.clearance(mm(60), mm(40), mm(90)).isPositive(), "less than half would hold");
  }

  private static int yieldOf(String width, String height, Sheet sheet) {
    Piece piece =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            inches(width),
            inches(height),
            Piece.rectangle(inches(width), inches(height)),
            List.of(),
            List.of());
    Design design =
        new Design(
            "trial",
            List.of(piece),
            List.of(),
            List.of(),
            new Point(Length.ZERO, Length.ZERO),
            inches(width),
            inches(height));
    return SheetUse.yield(design, sheet);
  }

  private static Sheet sheet(String width, String height) {
    return new Sheet("own", "your sheet", inches(width), inches(height));
  }

  private static Length inches(String text) {
    return LengthParser.parse(text, Unit.INCH).orElseThrow();
  }

  private static Length mm(int millimetres) {
    return Length.ofMillimetres(millimetres);
  }
}
