package cufflink.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.make.Session.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;

class SessionTest {
  private static final int SETTING = (int) Session.SETTING;

  private static List<List<Piece>> jobs(Random random) {
    List<List<Piece>> runs = new ArrayList<>();
    for (int run = 0; run < 2 + random.nextInt(2); run++) {
      List<Piece> pieces = new ArrayList<>();
      for (int i = 0; i < 3; i++) {
        boolean isGlued = i == 1 && random.nextBoolean();
        String setting = isGlued ? "liquid" : List.of("fence 70", "stop 40", "").get(i);
        pieces.add(new Piece(setting, 10 + random.nextInt(80), isGlued ? 200 : 0, i == 2));
      }
      runs.add(pieces);
    }
    return runs;
  }

  /** Goes through a session minute by minute as somebody at the table would. */
  private static double worked(List<List<Piece>> runs, Session session) {
    double time = 0;
    String set = null;
    int last = 0;
    int[] next = new int[runs.size()];
    double[] dry = new double[runs.size()];
    for (Session.Turn turn : session.turns()) {
      assertEquals(next[turn.run()]++, turn.task());
      Piece piece = runs.get(turn.run()).get(turn.task());
      time += set == null || set.equals(piece.setting()) ? 0 : SETTING;
      time += set == null || last == turn.run() ? 0 : Session.OTHER;
      last = turn.run();
      if (piece.handles()) {
        time = Math.max(time, dry[turn.run()]);
      }
      time += piece.seconds();
      set = piece.setting();
      if (piece.drying() > 0) {
        dry[turn.run()] = time + piece.drying();
      }
    }
    return time;
  }

  /** The shortest session there is, as an independent solver (Choco) proves it. */
  private static int shortest(List<List<Piece>> runs, int most) {
    Model model = new Model();
    List<IntVar> starts = new ArrayList<>();
    List<Piece> pieces = new ArrayList<>();
    List<Integer> of = new ArrayList<>();
    for (int run = 0; run < runs.size(); run++) {
      for (Piece each : runs.get(run)) {
        starts.add(model.intVar(0, most));
        pieces.add(each);
        of.add(run);
      }
    }
    IntVar end = model.intVar(0, most);
    for (int i = 0; i < pieces.size(); i++) {
      model.arithm(end, ">=", starts.get(i), "+", (int) pieces.get(i).seconds()).post();
      for (int j = i + 1; j < pieces.size(); j++) {
        int change = pieces.get(i).setting().equals(pieces.get(j).setting()) ? 0 : SETTING;
        int there = (int) pieces.get(i).seconds() + change;
        int back = (int) pieces.get(j).seconds() + change;
        if (of.get(i).equals(of.get(j))) {
          model.arithm(starts.get(j), ">=", starts.get(i), "+", there).post();
          if (pieces.get(j).handles() && pieces.get(i).drying() > 0) {
            int dry = (int) (pieces.get(i).seconds() + pieces.get(i).drying());
            model.arithm(starts.get(j), ">=", starts.get(i), "+", dry).post();
          }
        } else {
          there += (int) Session.OTHER;
          back += (int) Session.OTHER;
          BoolVar first = model.boolVar();
          model.arithm(starts.get(j), ">=", starts.get(i), "+", there).reifyWith(first);
          BoolVar second = model.boolVar();
          model.arithm(starts.get(i), ">=", starts.get(j), "+", back).reifyWith(second);
          model.or(first, second).post();
        }
      }
    }
    return model.getSolver().findOptimalSolution(end, false).getIntVal(end);
  }

  @Test
  void of_twentySmallJobs_isAsShortAsAnExactSolverFindsThem() {
    Random random = new Random(5);
    for (int round = 0; round < 20; round++) {
      List<List<Piece>> runs = jobs(random);
      Session session = Session.of(runs);
      assertEquals(session.seconds(), worked(runs, session), 1e-6);
      assertEquals(shortest(runs, (int) session.seconds()), session.seconds(), 1e-6, "" + runs);
    }
  }

  @Test
  void whileTheGlueOfOneDries_theOtherGoesOn() {
    Piece glue = new Piece("liquid", 60, 600, false);
    Piece fold = new Piece("", 20, 0, true);
    Piece cut = new Piece("fence", 300, 0, false);
    Session alone = Session.of(List.of(List.of(glue, fold)));
    assertEquals(680, alone.seconds());
    assertTrue(alone.waiting() > 580 - 2 * SETTING, alone.toString());
    Session both = Session.of(List.of(List.of(cut, cut), List.of(glue, fold)));
    assertEquals(1, both.turns().get(0).run());
    assertTrue(both.seconds() < 60 + 600 + 20 + 5 * SETTING, both.toString());
    assertTrue(both.waiting() < SETTING, both.toString());
  }

  /** Five jobs of a hundred tasks each are ordered while one waits. */
  @Test
  void of_longRuns_isNeverLongerThanOneAfterTheOther() {
    Random random = new Random(9);
    List<List<Piece>> runs = new ArrayList<>();
    double oneAfterTheOther = 0;
    for (int run = 0; run < 5; run++) {
      List<Piece> pieces = new ArrayList<>();
      for (int i = 0; i < 100; i++) {
        boolean isGlued = i > 60 && i % 9 == 0;
        String setting = isGlued ? "liquid" : "set " + i / 7 % 4;
        pieces.add(new Piece(setting, 5 + random.nextInt(60), isGlued ? 600 : 0, i > 95));
      }
      runs.add(pieces);
      oneAfterTheOther += Session.of(List.of(pieces)).seconds() + SETTING + Session.OTHER;
    }
    Session session = Session.of(runs);
    assertEquals(session.seconds(), worked(runs, session), 1e-6);
    assertTrue(session.seconds() <= oneAfterTheOther, session.seconds() + " " + oneAfterTheOther);
  }
}
