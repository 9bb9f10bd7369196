package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One thing that is done when a card is put together.
 *
 * @param number its place in the pattern, from 0; what is as good in any order is done in this one
 * @param host the piece that lies on the table, by its id
 * @param face which face of it is worked on
 * @param layers the layers that are glued to that face, the lowest first; empty if it is a joint
 * @param joint the piece that is put on, if it is no layers
 */
public record Act(int number, String host, Face face, List<Layer> layers, Optional<Joint> joint) {
  /** Copies the list. */
  public Act {
    layers = List.copyOf(layers);
    if (layers.isEmpty() == joint.isEmpty()) {
      throw new IllegalArgumentException("layers or a joint on " + host);
    }
  }

  /**
   * Finds all that is done to put a card together. The layers of one face go on one after another;
   * what is trimmed to the edge of a paper has been glued onto that before, and goes on with it.
   *
   * @param design the card
   * @return the acts, in the order of the pattern
   */
  public static List<Act> of(Design design) {
    Map<String, List<Layer>> faces = new LinkedHashMap<>();
    for (Layer layer : design.layers()) {
      faces.computeIfAbsent(layer.on() + " " + layer.face(), key -> new ArrayList<>()).add(layer);
    }
    List<Act> acts = new ArrayList<>();
    for (List<Layer> each : faces.values()) {
      Layer first = each.get(0);
      acts.add(new Act(acts.size(), first.on(), first.face(), each, Optional.empty()));
    }
    Set<Joint> carried = new HashSet<>();
    design.layers().forEach(each -> carried.addAll(design.carried(each.id())));
    design.joints().forEach(each -> carried.addAll(design.carried(each.id())));
    for (Joint each : design.joints()) {
      if (carried.contains(each)) {
        continue;
      }
      acts.add(new Act(acts.size(), each.on(), each.face(), List.of(), Optional.of(each)));
    }
    return acts;
  }

  /** Returns what lies on what is put on already, trimmed to its edge. */
  List<Joint> carries(Design design) {
    List<Joint> carried = new ArrayList<>();
    layers.forEach(each -> carried.addAll(design.carried(each.id())));
    joint.ifPresent(each -> carried.addAll(design.carried(each.id())));
    return carried;
  }

  /** Says that something lies on it already, if it does. */
  Optional<Message> carried(Design design) {
    List<Message> names =
        carries(design).stream().map(each -> Message.of("act.joint", each.label())).toList();
    return names.isEmpty()
        ? Optional.empty()
        : Optional.of(Message.of("act.carries", Message.list("list.comma", names)));
  }

  /** Returns its name in files, which stays the same while sizes change. */
  public String id() {
    return joint.map(Joint::id).orElseGet(() -> host + " " + face.name().toLowerCase(Locale.ROOT));
  }

  /** Says whether it puts a piece on another one. */
  boolean isJoining() {
    return joint.filter(each -> !each.piece().equals(each.on())).isPresent();
  }

  /** Says whether it glues one piece to itself. */
  boolean isSeam(Design design) {
    return joint.filter(design::isSeam).isPresent();
  }

  /** Says whether it is glued, and not only put in or slid under. */
  boolean isGlued() {
    return joint.map(Joint::isStuck).orElse(true);
  }

  /** Returns the piece that is put on; empty for layers. */
  Optional<String> piece() {
    return joint.map(Joint::piece);
  }

  /**
   * Names what is done.
   *
   * @param design the card
   * @return a few words
   */
  public Message name(Design design) {
    if (joint.isPresent()) {
      return Message.of("act.joint", joint.get().label());
    }
    String label = design.piece(host).map(Piece::label).orElse(host);
    return Message.of(face == Face.INSIDE ? "act.layers-inside" : "act.layers-outside", label);
  }
}
