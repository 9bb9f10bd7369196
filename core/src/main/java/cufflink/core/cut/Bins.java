package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * Sheets that are being filled one part after another, each in the free rectangle it fills best.
 */
final class Bins {
  private final Kinds kinds;
  private final boolean downFirst;
  private final boolean byRest;
  private final List<Node> free = new ArrayList<>();
  private final List<Bin> bins = new ArrayList<>();

  /** A sheet with what is on it. */
  record Bin(Kinds.Room room, Node root, List<Integer> kindsOnIt) {
    double filled(Kinds kinds) {
      double area = 0;
      for (int kind : kindsOnIt) {
        area += kinds.area(kind);
      }
      return area / ((double) room.width() * room.height());
    }
  }

  /** A rectangle that is free, holds a part, or is cut in two. */
  static final class Node {
    private final Bin bin;
    private final long width;
    private final long height;
    private int kind = -1;
    private boolean turned;
    private boolean down;
    private Node first;
    private Node rest;

    private Node(Bin bin, Kinds.Room room, long width, long height) {
      this.bin = bin == null ? new Bin(room, this, new ArrayList<>()) : bin;
      this.width = width;
      this.height = height;
    }

    Layout layout(Kinds kinds) {
      if (first != null) {
        return new Layout.Split(down, first.layout(kinds), rest.layout(kinds));
      }
      Length wide = Length.ofUnits(width);
      Length tall = Length.ofUnits(height);
      return kind < 0
          ? new Layout.Spare(wide, tall)
          : new Layout.Cut(wide, tall, kinds.parts(kind).get(0), turned);
    }
  }

  /**
   * Makes no sheets yet.
   *
   * @param downFirst which way the first cut beside a part runs
   * @param byRest whether that depends on which leaves the larger rectangle
   */
  Bins(Kinds kinds, boolean downFirst, boolean byRest) {
    this.kinds = kinds;
    this.downFirst = downFirst;
    this.byRest = byRest;
  }

  List<Bin> bins() {
    return bins;
  }

  void open(Kinds.Room room) {
    Node root = new Node(null, room, room.width(), room.height());
    bins.add(root.bin);
    free.add(root);
  }

  /** Puts a part where it leaves the narrowest strip; says whether there was room. */
  boolean put(int kind) {
    Node best = null;
    boolean turn = false;
    long least = Long.MAX_VALUE;
    for (Node node : free) {
      for (int way = 0; way < 2; way++) {
        boolean turned = way == 1;
        long right = node.width - kinds.width(kind, turned);
        long below = node.height - kinds.height(kind, turned);
        long rest = Math.min(right, below);
        if (rest >= 0
            && rest < least
            && node.bin.room().allows(kind, turned)
            && kinds.reaches(node.width - right, node.height - below, node.width, node.height)) {
          least = rest;
          best = node;
          turn = turned;
        }
      }
    }
    if (best == null) {
      return false;
    }
    free.remove(best);
    best.bin.kindsOnIt().add(kind);
    cut(best, kind, turn);
    return true;
  }

  private void cut(Node node, int kind, boolean turned) {
    long wide = kinds.width(kind, turned);
    long tall = kinds.height(kind, turned);
    if (wide == node.width && tall == node.height) {
      node.kind = kind;
      node.turned = turned;
      return;
    }
    boolean down = wide < node.width && (tall == node.height || chooses(node, wide, tall));
    node.down = down;
    node.first = child(node, down ? wide : node.width, down ? node.height : tall);
    node.rest =
        child(node, down ? node.width - wide : node.width, down ? node.height : node.height - tall);
    free.add(node.rest);
    cut(node.first, kind, turned);
  }

  private static Node child(Node node, long width, long height) {
    return new Node(node.bin, node.bin.room(), width, height);
  }

  private boolean chooses(Node node, long wide, long tall) {
    long longest = kinds.longestCut();
    boolean downWorks = node.height <= longest && wide <= longest;
    boolean acrossWorks = node.width <= longest && tall <= longest;
    if (downWorks != acrossWorks) {
      return downWorks;
    }
    if (byRest) {
      return (node.width - wide) * (double) node.height
          >= (node.height - tall) * (double) node.width;
    }
    return downFirst;
  }
}
