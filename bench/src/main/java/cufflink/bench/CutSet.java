package cufflink.bench;

import cufflink.core.cut.CutQuestion;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.Trimmer;
import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** The jobs that cut plans are measured by, made from seeds so that they are always the same. */
final class CutSet {
  /** The seeds of the set; each gives one job of sixty pieces. */
  static final List<Integer> SEEDS = List.of(11, 23, 37, 41, 59, 67, 73, 89, 97, 103);

  private static final int KINDS = 12;
  private static final int EACH = 5;

  private CutSet() {}

  /** Returns sixty pieces of twelve sizes, on A4 and, for every other seed, with off-cuts. */
  static CutQuestion sixty(int seed) {
    return question(seed, KINDS, EACH);
  }

  /** Returns eight pieces of eight sizes. */
  static CutQuestion eight(int seed) {
    return question(seed, 8, 1);
  }

  private static CutQuestion question(int seed, int kinds, int each) {
    Random random = new Random(seed);
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < kinds; i++) {
      Length wide = Length.ofMillimetres(25 + random.nextInt(150));
      Length tall = Length.ofMillimetres(25 + random.nextInt(180));
      parts.add(new Part("p" + i, "part " + i, wide, tall, each, Part.Folds.EITHER));
    }
    List<Stock> stock = new ArrayList<>();
    stock.add(stock("a4", 210, 297, 0, false));
    if (seed % 2 == 1) {
      stock.add(stock("off-cut", 120 + random.nextInt(60), 90 + random.nextInt(60), 2, true));
    }
    return new CutQuestion(parts, stock, Trimmer.USUAL);
  }

  private static Stock stock(String id, int width, int height, int count, boolean offCut) {
    return new Stock(
        id,
        id,
        Length.ofMillimetres(width),
        Length.ofMillimetres(height),
        count,
        offCut,
        Paper.CARD);
  }
}
