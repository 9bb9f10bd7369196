package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Goal;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.run.Hand;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Values;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.export.PlanJson;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whoever obeys the moves, as they are written for programs or as they are printed for people, ends
 * with the pieces of the design. The hands that obey know nothing of it; the paper is turned by the
 * Java library.
 */
class ObedienceTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final List<String> TOPS = List.of("top", "right", "bottom", "left");
  static final LengthFormat METRIC =
      LengthFormat.of(Marks.HALF_MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);
  private static final List<String> SHEETS = List.of("letter", "a4", "a5", "square-12", "square-8");

  /** Numbers are rounded to six decimals of a millimetre. */
  private static final double EXACT = 1e-5;

  /** Numbers are said to half a millimetre, and what is over to the nearest half of that. */
  private static final double SAID = 0.6;

  private static final Map<String, List<Job>> JOBS = new ConcurrentHashMap<>();

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static List<ScoringHabit> habits(Marks board) {
    List<ScoringHabit> habits = new ArrayList<>();
    for (Hand hand : Hand.values()) {
      habits.add(new ScoringHabit(true, board, hand));
      habits.add(new ScoringHabit(false, board, hand));
    }
    return habits;
  }

  /** As it comes, and from five sheets on two rulers. */
  static List<Job> jobs(Pattern pattern) {
    return JOBS.computeIfAbsent(pattern.id(), id -> sized(pattern));
  }

  private static List<Job> sized(Pattern pattern) {
    List<Job> jobs = new ArrayList<>();
    for (Marks marks : List.of(Marks.HALF_MILLIMETRES, Marks.SIXTEENTHS)) {
      for (String sheet : SHEETS) {
        Goal goal = new Goal.FromSheet(StandardSizes.sheet(sheet).orElseThrow());
        Fitter.Manner manner = new Fitter.Manner(marks, true, Set.of());
        Values values =
            Fitter.fit(pattern, pattern.normalValues(), goal, manner)
                .values()
                .orElse(pattern.normalValues());
        Job job = Jobs.job(pattern.id(), values);
        habits(marks).forEach(habit -> jobs.add(job.withHabit(habit)));
      }
    }
    return jobs;
  }

  @ParameterizedTest
  @MethodSource("ids")
  void movesObeyed_makeThePieces(String id) throws Exception {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    int tried = 0;
    for (Job job : jobs(pattern)) {
      Derivation derivation = Derivation.of(pattern, job);
      if (derivation.made().isEmpty()) {
        continue;
      }
      JsonNode plan = new ObjectMapper().readTree(new PlanJson(METRIC).plan(derivation, ""));
      Map<String, VirtualSheet> sheets = MoveHands.obey(plan);
      for (Piece piece : derivation.made().get().design().pieces()) {
        if (!sheets.containsKey(piece.id())) {
          assertTrue(isOnlyCutOut(piece), id + " forgets " + piece.id());
          continue;
        }
        Wanted wanted = new Wanted(piece, job.habit(), new AffineTransform(), EXACT);
        assertEquals(
            List.of(),
            wanted.faults(sheets.get(piece.id()), true),
            id + " " + piece.id() + " " + job.habit());
      }
      tried++;
    }
    assertEquals(40, tried);
  }

  private static boolean isOnlyCutOut(Piece piece) {
    return piece.scores().isEmpty()
        && piece.slits().isEmpty()
        && piece.cuts().isEmpty()
        && piece.openings().isEmpty()
        && !piece.isTrimmed();
  }

  /** A blank may first have lain any way round; the words only say which face was up. */
  private static List<String> leastFaults(Piece piece, ScoringHabit habit, List<Move> moves) {
    List<String> words =
        moves.stream()
            .filter(move -> !(move instanceof Move.CutOut))
            .map(move -> move.words().say(METRIC))
            .toList();
    boolean straight = moves.stream().noneMatch(move -> move instanceof Move.CutOut);
    boolean inside = ((Move.Lay) moves.get(0)).lie().up() == Face.INSIDE;
    return leastFaults(new Wish(piece, habit, straight, inside), words);
  }

  /** What is to come of the words, and which face was up at first. */
  record Wish(Piece piece, ScoringHabit habit, boolean straight, boolean inside) {}

  static List<String> leastFaults(Wish wish, List<String> sentences) {
    Piece piece = wish.piece();
    ScoringHabit habit = wish.habit();
    boolean straight = wish.straight();
    boolean inside = wish.inside();
    PrintedHands hands =
        new PrintedHands(piece.width().toMillimetres(), piece.height().toMillimetres());
    List<String> dull = new ArrayList<>();
    for (String words : sentences) {
      if (!hands.obey(words)) {
        dull.add("cannot be obeyed: " + words);
      }
    }
    if (!dull.isEmpty()) {
      return dull;
    }
    List<String> least = null;
    for (String top : TOPS) {
      AffineTransform lie =
          MoveHands.lie(piece.width().toMillimetres(), piece.height().toMillimetres(), inside, top);
      List<String> faults = new Wanted(piece, habit, lie, SAID).faults(hands.sheet(), straight);
      if (least == null || faults.size() < least.size()) {
        least = faults;
      }
    }
    return least;
  }

  /** What is cut through two pieces is done to both. */
  private static Collection<List<Move>> byPiece(List<Move> moves) {
    Map<Piece, List<Move>> all = new LinkedHashMap<>();
    List<List<Move>> now = List.of();
    for (Move move : moves) {
      if (move instanceof Move.Lay lay) {
        now = List.of(all.computeIfAbsent(lay.piece(), piece -> new ArrayList<>()));
      } else if (move instanceof Move.Stack stack) {
        now = List.of(all.get(stack.under()), all.get(stack.over()));
      }
      now.forEach(each -> each.add(move));
    }
    return all.values();
  }

  @ParameterizedTest
  @MethodSource("ids")
  void wordsObeyed_makeThePieces(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    for (Job job : jobs(pattern)) {
      Derivation.of(pattern, job)
          .made()
          .ifPresent(
              made ->
                  byPiece(Moves.of(made.design(), job.habit(), 1))
                      .forEach(
                          moves -> {
                            Piece piece = ((Move.Lay) moves.get(0)).piece();
                            assertEquals(
                                List.of(),
                                leastFaults(piece, job.habit(), moves),
                                id + " " + piece.id() + " " + job.habit());
                          }));
    }
  }

  private static Length mm(int length) {
    return Length.ofMillimetres(length);
  }

  private static Point point(int x, int y) {
    return new Point(mm(x), mm(y));
  }

  private static Piece random(Random random) {
    int wide = 90 + random.nextInt(60);
    int high = 60 + random.nextInt(50);
    List<Score> scores = new ArrayList<>();
    List<Slit> slits = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(7); i++) {
      Fold fold = Fold.values()[random.nextInt(3)];
      int kind = random.nextInt(4);
      Point from = point(1 + random.nextInt(wide - 2), random.nextInt(high / 2));
      Point to =
          switch (kind) {
            case 0 -> new Point(from.x(), mm(high / 2 + random.nextInt(high / 2)));
            case 1 -> new Point(mm(wide), from.y());
            default -> point(random.nextInt(wide), high / 2 + 1 + random.nextInt(high / 2 - 1));
          };
      Segment line = new Segment(from, to);
      if (kind == 3) {
        slits.add(new Slit("slit" + i, "slit " + i, line));
      } else {
        scores.add(new Score("s" + i, "score " + i, fold, line));
      }
    }
    return piece(wide, high, scores, slits);
  }

  private static Piece piece(int wide, int high, List<Score> scores, List<Slit> slits) {
    return new Piece(
        "piece",
        "piece",
        PaperKind.CARDSTOCK,
        1,
        mm(wide),
        mm(high),
        Piece.rectangle(mm(wide), mm(high)),
        scores,
        slits);
  }

  @Test
  void wordsObeyed_makeAnyPieceAtAll() {
    Random random = new Random(20_261);
    int overs = 0;
    int dots = 0;
    for (int i = 0; i < 600; i++) {
      Piece piece = random(random);
      Design design =
          new Design("trial", List.of(piece), List.of(), List.of(), point(1, 1), mm(10), mm(10));
      ScoringHabit habit = habits(Marks.FIVE_MILLIMETRES).get(random.nextInt(4));
      List<Move> moves = Moves.of(design, habit, 1);
      assertEquals(List.of(), leastFaults(piece, habit, moves), piece.toString());
      overs += turnings(moves);
      dots += moves.stream().anyMatch(move -> move instanceof Move.Dot) ? 1 : 0;
    }
    assertTrue(overs > 100, "only " + overs);
    assertTrue(dots > 100, "only " + dots);
  }

  /** A piece with one fold from edge to edge, and a cut across it that is made folded. */
  private static Piece folded(Random random) {
    int wide = 90 + random.nextInt(60);
    int high = 60 + random.nextInt(50);
    boolean upright = random.nextBoolean();
    int side = upright ? wide : high;
    int at = 5 + random.nextInt(side - 10);
    int reach = 1 + random.nextInt(Math.min(at, side - at));
    int aside = 1 + random.nextInt((upright ? high : wide) - 2);
    Segment crease =
        upright
            ? new Segment(point(at, 0), point(at, high))
            : new Segment(point(0, at), point(wide, at));
    Segment cut =
        upright
            ? new Segment(point(at - reach, aside), point(at + reach, aside))
            : new Segment(point(aside, at + reach), point(aside, at - reach));
    Fold fold = random.nextBoolean() ? Fold.VALLEY : Fold.MOUNTAIN;
    return piece(
        wide,
        high,
        List.of(new Score("fold", "fold", fold, crease)),
        List.of(new Slit("cut", "cut", cut, "fold", false)));
  }

  @Test
  void wordsObeyed_cutThroughBothPliesOfAFoldedPiece() {
    Random random = new Random(14);
    for (int i = 0; i < 300; i++) {
      Piece piece = folded(random);
      Design design =
          new Design("trial", List.of(piece), List.of(), List.of(), point(1, 1), mm(10), mm(10));
      List<Move> moves = Moves.of(design, habits(Marks.FIVE_MILLIMETRES).get(i % 4), 1);
      long lays = moves.stream().filter(move -> move instanceof Move.Lay).count();
      assertEquals(3, lays, "laid, folded and opened again: " + moves);
      assertEquals(
          List.of(),
          leastFaults(piece, habits(Marks.FIVE_MILLIMETRES).get(i % 4), moves),
          piece.toString());
    }
  }

  /** Turning over is told once at most before the second cuts begin. */
  private static int turnings(List<Move> moves) {
    int overs = 0;
    int last = 0;
    for (int i = 0; i < moves.size(); i++) {
      last = moves.get(i) instanceof Move.Press ? i : last;
    }
    for (Move move : moves.subList(0, last)) {
      boolean over = move instanceof Move.Turn turn && turn.words().key().equals("score.over");
      overs += over ? 1 : 0;
    }
    assertTrue(overs <= 1, moves.toString());
    return overs;
  }
}
