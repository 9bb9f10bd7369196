package cufflink.core.pattern;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.PartName;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * What goes with a piece: it is put on each copy of that, or on one of them, and is not there where
 * that is not. Its places are told as one looks at the face it lies on.
 */
final class Companions {
  private final Design design;

  private Companions(Design design) {
    this.design = design;
  }

  /**
   * What is to be put on.
   *
   * @param joint the joint, as on an inside
   * @param copy on which copy, from 1; 0 on each, and past the last on that
   * @param tucked whether it lies behind the ribbons that are led over it
   */
  record Companion(Joint joint, int copy, boolean tucked) {}

  /** Returns the design with all its companions, each on those before it as well. */
  static Design all(Design design, List<Companion> companions) {
    Design now = design;
    for (Companion each : companions) {
      now = new Companions(now).with(each);
    }
    return now;
  }

  private Design with(Companion companion) {
    String own = companion.joint().piece();
    Optional<Piece> host = design.piece(companion.joint().on());
    if (host.isEmpty() || design.piece(own).isEmpty()) {
      List<Piece> others =
          design.pieces().stream().filter(piece -> !piece.id().equals(own)).toList();
      return design.of(others, design.layers(), design.joints(), design.relations());
    }
    Joint joint =
        companion.joint().face() == Face.INSIDE
            ? companion.joint()
            : seen(companion.joint(), host.get().width());
    List<Integer> free = free(host.get());
    // A ribbon that leaves its face lies over all that is glued to that.
    boolean isTucked =
        companion.tucked() || design.joints().stream().anyMatch(each -> each.isLeaving(joint));
    if (isTucked) {
      free.replaceAll(at -> Math.min(at, behind(joint, at)));
    }
    int copy = companion.copy();
    List<Integer> chosen = copy == 0 ? free : List.of(free.get(Math.min(copy, free.size()) - 1));
    List<Joint> joints = new ArrayList<>(design.joints());
    List<Design.Relation> relations = new ArrayList<>(design.relations());
    for (int i = chosen.size() - 1; i >= 0; i--) {
      String id = i == 0 ? joint.id() : PartName.of(joint.id(), i + 1).id();
      joints.add(chosen.get(i), joint.named(id));
      if (i == 0 && !isTucked) {
        lead(joints, chosen.get(i));
      }
      if (i > 0 && design.overhangs(joint.id())) {
        relations.add(new Design.Relation.Overhangs(id));
      }
    }
    List<Piece> pieces =
        design.pieces().stream()
            .map(piece -> piece.id().equals(own) ? piece.inNumber(chosen.size()) : piece)
            .toList();
    return design.of(pieces, design.layers(), joints, relations);
  }

  /**
   * Ribbons that are led over the first copy are led there before what lies over them, or are told
   * what that is if they are led over another copy as well, which is not there yet.
   */
  private static void lead(List<Joint> joints, int put) {
    Joint over = joints.get(put);
    int at = put;
    for (int i = put + 1; i < joints.size(); i++) {
      Joint ribbon = joints.get(i);
      boolean isOnFirst =
          ribbon.movement().led().stream()
              .flatMap(led -> led.legs().stream())
              .noneMatch(leg -> leg.on().equals(over.on()) && leg.by().isPresent());
      if (!isOnFirst) {
        joints.set(i, ribbon.under(over));
      } else if (ribbon.isLedOver(over)) {
        joints.remove(i);
        joints.add(at, ribbon);
        at++;
      }
    }
  }

  /** Returns where the first ribbon is led over something, if what that lies on is there then. */
  private int behind(Joint joint, int at) {
    List<Joint> joints = design.joints();
    boolean isThere = design.base().id().equals(joint.on());
    for (int i = 0; i < at; i++) {
      if (isThere && joints.get(i).isLedOver(joint)) {
        return i;
      }
      isThere |= joints.get(i).piece().equals(joint.on()) && design.isJoining(joints.get(i));
    }
    return at;
  }

  /**
   * Returns where among the joints something goes onto each copy of a piece: when all that the
   * pattern puts on it is there, and before the next copy is begun; at the end for copies that are
   * put on nothing.
   */
  private List<Integer> free(Piece host) {
    String piece = host.id();
    List<Joint> joints = design.joints();
    List<Integer> puts = new ArrayList<>();
    for (int i = 0; i < joints.size(); i++) {
      if (joints.get(i).piece().equals(piece) && design.isJoining(joints.get(i))) {
        puts.add(i);
      }
    }
    boolean isThere = design.base().id().equals(piece);
    // Of what is cut in halves each half is put on by a joint of its own.
    int each = isThere ? 1 : Math.max(1, puts.size() / host.count());
    for (int i = puts.size() - 1; i >= 0; i--) {
      if (i % each != 0) {
        puts.remove(i);
      }
    }
    List<Integer> free = new ArrayList<>();
    for (int put : puts) {
      if (isThere) {
        free.add(begun(put, free.isEmpty() ? 0 : puts.get(puts.indexOf(put) - 1) + 1));
      }
      isThere = true;
    }
    int last = isThere ? 1 : host.count();
    free.addAll(Collections.nCopies(last, joints.size()));
    return free;
  }

  /** A copy is begun by what it lies on, if that is another copy as well, or by closing itself. */
  private int begun(int put, int first) {
    Joint joint = design.joints().get(put);
    int begun = put;
    while (begun > first) {
      String before = design.joints().get(begun - 1).piece();
      if (!before.equals(joint.piece()) && !before.equals(joint.on())) {
        break;
      }
      begun--;
    }
    return begun;
  }

  /** A face that is turned over like a page has its left edge where the piece has its right one. */
  private static Joint seen(Joint joint, Length host) {
    return joint.lying(
        mirrored(joint.area(), host),
        joint.glue().stream().map(each -> mirrored(each, host)).toList(),
        joint
            .askew()
            .map(
                each ->
                    new Joint.Askew(
                        each.place(),
                        new Point(host.minus(each.at().x()), each.at().y()),
                        -each.degrees(),
                        each.withGlue())));
  }

  private static Area mirrored(Area area, Length host) {
    Length left = host.minus(area.at().x()).minus(area.width());
    return new Area(new Point(left, area.at().y()), area.width(), area.height());
  }
}
