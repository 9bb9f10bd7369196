package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Which of several equal pieces is meant: a pattern puts each on by a joint of its own, and what
 * then goes on such a piece goes on the one that was put there last before it.
 *
 * @param card the whole card
 * @param done the joints that are made
 */
record Copies(Design card, List<Joint> done) {
  /**
   * One of several equal pieces.
   *
   * @param by the joint that puts it on; empty for what is put on nothing
   * @param piece the piece, by its id
   */
  record Copy(Optional<Joint> by, String piece) {}

  /** Returns the joint that puts on the piece that another joint goes on. */
  Optional<Joint> host(Joint joint) {
    return card.host(joint);
  }

  /** Says whether a piece is made more than once. */
  static boolean isSeveral(Design card, String piece) {
    return card.piece(piece).filter(each -> each.count() > 1).isPresent();
  }

  /** Returns what a piece hangs on so far, over other pieces or directly; itself if on nothing. */
  Copy root(Optional<Joint> by, String piece) {
    Copy root = new Copy(by, piece);
    Set<Joint> seen = new HashSet<>();
    while (root.by().filter(done::contains).filter(seen::add).isPresent()) {
      Joint joint = root.by().get();
      root = new Copy(host(joint), joint.on());
    }
    return root;
  }

  /**
   * Returns the joints that hang on a piece, over other pieces or directly, as the pattern has
   * them.
   */
  List<Joint> hanging(Copy root) {
    Set<Optional<Joint>> together = new HashSet<>(Set.of(root.by()));
    List<Joint> hanging = card.joints().stream().filter(done::contains).toList();
    boolean grows = true;
    while (grows) {
      grows = false;
      for (Joint each : hanging) {
        boolean isHere =
            isOn(each, root) || host(each).isPresent() && together.contains(host(each));
        grows |= isHere && together.add(Optional.of(each));
      }
    }
    return hanging.stream()
        .filter(
            each -> together.contains(Optional.of(each)) && !root.by().equals(Optional.of(each)))
        .toList();
  }

  private boolean isOn(Joint joint, Copy root) {
    return joint.on().equals(root.piece()) && host(joint).equals(root.by());
  }
}
