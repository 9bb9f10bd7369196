package cufflink.core.cut;

import java.util.Arrays;

/**
 * Rectangles of which none goes into another one: the wider, the lower. In units of length.
 *
 * <p>A new one that another goes into is not taken; those that it goes into are dropped.
 */
final class Front {
  static final long NONE = Long.MAX_VALUE;

  private long[] wide = new long[4];
  private long[] tall = new long[4];
  private int size;

  int size() {
    return size;
  }

  long wide(int index) {
    return wide[index];
  }

  long tall(int index) {
    return tall[index];
  }

  void add(long width, long height) {
    int at = first(width);
    // All before are narrower; the last of them is the lowest.
    if (at > 0 && tall[at - 1] <= height || at < size && wide[at] == width && tall[at] <= height) {
      return;
    }
    int end = at;
    while (end < size && tall[end] >= height) {
      end++;
    }
    if (size == wide.length && end == at) {
      wide = Arrays.copyOf(wide, 2 * size);
      tall = Arrays.copyOf(tall, 2 * size);
    }
    System.arraycopy(wide, end, wide, at + 1, size - end);
    System.arraycopy(tall, end, tall, at + 1, size - end);
    wide[at] = width;
    tall[at] = height;
    size += 1 - (end - at);
  }

  /** Returns the first place whose rectangle is at least as wide. */
  private int first(long width) {
    int low = 0;
    int high = size;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (wide[middle] < width) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** Returns the least width at a height, or {@link #NONE}. */
  long widthAt(long height) {
    int low = 0;
    int high = size;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (tall[middle] > height) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low < size ? wide[low] : NONE;
  }

  /** Returns the least height at a width, or {@link #NONE}. */
  long heightAt(long width) {
    int after = width == NONE ? size : first(width + 1);
    return after == 0 ? NONE : tall[after - 1];
  }
}
