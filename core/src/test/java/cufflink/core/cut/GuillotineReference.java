package cufflink.core.cut;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * The fewest sheets by trying every cut there is, on rectangles of a few whole units: each cut goes
 * right through and is no longer than the blade.
 */
final class GuillotineReference {
  private final int[][] sizes;
  private final int longest;
  private final Map<Long, Boolean> known = new HashMap<>();

  private GuillotineReference(int[][] sizes, int longest) {
    this.sizes = sizes;
    this.longest = longest;
  }

  /** Says whether one rectangle can be cut from a sheet. */
  static boolean fits(int[] size, int width, int height, int longest) {
    return new GuillotineReference(new int[][] {size}, longest).holds(width, height, 1);
  }

  /** Returns the fewest sheets from which all rectangles can be cut, each fitting by itself. */
  static int fewest(int[][] sizes, int width, int height, int longest) {
    GuillotineReference reference = new GuillotineReference(sizes, longest);
    int all = (1 << sizes.length) - 1;
    int[] sheets = new int[all + 1];
    Arrays.fill(sheets, Integer.MAX_VALUE / 2);
    sheets[0] = 0;
    for (int set = 1; set <= all; set++) {
      for (int some = set; some > 0; some = (some - 1) & set) {
        if (sheets[set & ~some] + 1 < sheets[set] && reference.holds(width, height, some)) {
          sheets[set] = sheets[set & ~some] + 1;
        }
      }
    }
    return sheets[all];
  }

  private boolean holds(int width, int height, int set) {
    if (set == 0) {
      return true;
    }
    long key = (((long) width << 8 | height) << 16) | set;
    Boolean before = known.get(key);
    if (before == null) {
      before = isWhole(width, height, set) || cuts(width, height, set);
      known.put(key, before);
    }
    return before;
  }

  private boolean isWhole(int width, int height, int set) {
    if (Integer.bitCount(set) != 1) {
      return false;
    }
    int[] size = sizes[Integer.numberOfTrailingZeros(set)];
    return size[0] == width && size[1] == height || size[1] == width && size[0] == height;
  }

  private boolean cuts(int width, int height, int set) {
    for (int x = 1; height <= longest && x < width; x++) {
      for (int some = set; ; some = (some - 1) & set) {
        if (holds(x, height, some) && holds(width - x, height, set & ~some)) {
          return true;
        }
        if (some == 0) {
          break;
        }
      }
    }
    for (int y = 1; width <= longest && y < height; y++) {
      for (int some = set; ; some = (some - 1) & set) {
        if (holds(width, y, some) && holds(width, height - y, set & ~some)) {
          return true;
        }
        if (some == 0) {
          break;
        }
      }
    }
    return false;
  }
}
