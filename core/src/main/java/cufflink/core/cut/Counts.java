package cufflink.core.cut;

import java.util.function.IntConsumer;

/** Sets of parts that may hold several of a kind, each numbered so that parts of sets add up. */
final class Counts {
  private final int[] most;
  private final int[] strides;
  private final int states;

  /** Numbers all sets with at most so many of each kind; there must be fewer than 2^31 of them. */
  Counts(int[] most) {
    this.most = most.clone();
    this.strides = new int[most.length];
    int next = 1;
    for (int kind = 0; kind < most.length; kind++) {
      strides[kind] = next;
      next = Math.multiplyExact(next, most[kind] + 1);
    }
    this.states = next;
  }

  /** Returns how many ways there are to take a set out of a set, or the largest number. */
  static double pairs(int[] most) {
    double pairs = 1;
    for (int count : most) {
      pairs *= (count + 1.0) * (count + 2.0) / 2;
    }
    return pairs;
  }

  int states() {
    return states;
  }

  /** Returns the number of the set that holds everything. */
  int whole() {
    return states - 1;
  }

  int of(int state, int kind) {
    return state / strides[kind] % (most[kind] + 1);
  }

  /** Says whether a set holds one of a kind and nothing else. */
  boolean isSingle(int state, int kind) {
    // A kind of which there is none shares its stride with the next one.
    return most[kind] > 0 && state == strides[kind];
  }

  /** Goes through all sets inside another one, the empty one and itself left out. */
  void inside(int state, IntConsumer each) {
    int[] limit = new int[most.length];
    for (int kind = 0; kind < most.length; kind++) {
      limit[kind] = of(state, kind);
    }
    int[] now = new int[most.length];
    int part = 0;
    while (true) {
      int kind = 0;
      while (kind < most.length && now[kind] == limit[kind]) {
        part -= now[kind] * strides[kind];
        now[kind] = 0;
        kind++;
      }
      if (kind == most.length) {
        return;
      }
      now[kind]++;
      part += strides[kind];
      if (part != state) {
        each.accept(part);
      }
    }
  }
}
