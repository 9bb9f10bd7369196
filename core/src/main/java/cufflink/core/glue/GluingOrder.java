package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Stage;
import cufflink.core.paper.Adhesive;
import cufflink.core.plane.Side;
import cufflink.core.run.Gluing;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.alg.cycle.SzwarcfiterLauerSimpleCycles;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;

/**
 * How a card is put together.
 *
 * @param steps what is done, in order; that of the pattern if there is none that works
 * @param musts all that had to be heeded
 * @param ring acts of which each must come before the next and the last before the first; empty if
 *     there is an order
 * @param wish what the maker wished
 */
public record GluingOrder(List<Step> steps, List<Must> musts, List<Act> ring, Wish wish) {
  /**
   * What a maker does in a way of his own; all by the ids of what is done.
   *
   * @param order in which order, as far as that can be; empty for the best
   * @param with what is glued with another adhesive than would be chosen
   * @param faces the layers and joints that go onto the other face than their pattern says
   * @param byEye whether it is placed by eye, and not by marks
   */
  public record Own(
      List<String> order, Map<String, Adhesive> with, Set<String> faces, boolean byEye) {
    /** All is done as is found to be best. */
    public static final Own NONE = new Own(List.of(), Map.of(), Set.of(), false);

    /** Copies all. */
    public Own {
      order = List.copyOf(order);
      with = Map.copyOf(with);
      faces = Set.copyOf(faces);
    }

    /** Returns the same with some layers and joints on the other face than they are now. */
    public Own swapping(Collection<String> ids) {
      Set<String> now = new HashSet<>(faces);
      for (String id : ids) {
        if (!now.remove(id)) {
          now.add(id);
        }
      }
      return new Own(order, with, now, byEye);
    }

    /** Returns the same in another order. */
    public Own inOrder(List<String> now) {
      return new Own(now, with, faces, byEye);
    }

    /** Returns the same with another adhesive for one thing; none leaves it to be chosen. */
    public Own with(String id, Optional<Adhesive> adhesive) {
      Map<String, Adhesive> now = new HashMap<>(with);
      now.remove(id);
      adhesive.ifPresent(each -> now.put(id, each));
      return new Own(order, now, faces, byEye);
    }

    /** Returns the same, placed by eye or by marks. */
    public Own placed(boolean eye) {
      return new Own(order, with, faces, eye);
    }
  }

  /**
   * What a maker wishes.
   *
   * @param raised whether layers stand on foam pads
   * @param own what is done in the maker's own way
   */
  public record Wish(boolean raised, Own own) {
    /** Wishes for nothing but the best order, of a card whose layers lie flat. */
    public static final Wish NONE = new Wish(false, Own.NONE);

    /** Checks that nothing is missing. */
    public Wish {
      Objects.requireNonNull(own);
    }
  }

  /**
   * One step.
   *
   * @param act what is done
   * @param folds what is folded before, so that it can be put on
   * @param choice what it is glued with
   * @param reasons why it comes before others: what would happen otherwise, each once
   */
  public record Step(Act act, List<Stage> folds, Choice choice, List<Message> reasons) {
    /**
     * Says what is glued where and with what, and why it comes when it does.
     *
     * @param design the card
     * @return a few sentences; nothing for layers
     */
    public Message told(Design design) {
      return act.joint()
          .map(
              joint -> {
                boolean isGlued = joint.isStuck();
                Message words = Gluing.of(joint, design);
                words = isGlued ? words.followedBy(choice.told()) : words;
                words = act.carried(design).map(words::followedBy).orElse(words);
                for (Message method : Method.of(act, design)) {
                  words = words.followedBy(method);
                }
                for (Message reason : reasons) {
                  words = words.followedBy(reason);
                }
                return words;
              })
          .orElse(Message.NONE);
    }

    /** Copies the lists. */
    public Step {
      folds = List.copyOf(folds);
      reasons = List.copyOf(reasons);
    }
  }

  /** Copies the lists. */
  public GluingOrder {
    steps = List.copyOf(steps);
    musts = List.copyOf(musts);
    ring = List.copyOf(ring);
  }

  /**
   * Finds the best order, or the one nearest to what the maker wishes.
   *
   * @param design the card
   * @param wish what the maker wishes
   * @return the order, with the ring that forbids any if there is one
   */
  public static GluingOrder of(Design design, Wish wish) {
    List<Act> acts = Act.of(design);
    List<Must> musts = Reach.of(design, acts);
    List<Act> ring = ring(acts, musts);
    OrderSearch.Cost cost = new OrderSearch.Cost(design, wish);
    List<Act> order = acts;
    if (ring.isEmpty()) {
      order =
          wish.own().order().isEmpty()
              ? OrderSearch.best(acts, musts, cost)
              : OrderSearch.nearest(acts, musts, wish.own().order());
    }
    List<Step> steps = new ArrayList<>();
    Set<String> folded = new LinkedHashSet<>();
    for (Act act : order) {
      List<Stage> folds = new ArrayList<>();
      boolean isFirst = act.isJoining() && folded.add(act.piece().orElseThrow());
      if (act.isSeam(design)) {
        folded.add(act.host());
        folds.addAll(Seam.folds(design, act.joint().orElseThrow()));
        if (!Copies.isSeveral(design, act.host())) {
          steps.forEach(step -> folds.removeAll(step.folds()));
        }
      } else if (isFirst) {
        folds.addAll(Reach.folds(design, act.piece().orElseThrow()));
      }
      List<Message> reasons = reasons(act, musts, design);
      steps.add(new Step(act, folds, Choice.of(act, design, wish), reasons));
    }
    return new GluingOrder(steps, musts, ring, wish);
  }

  /** All that it lies under is told in one sentence. */
  private static List<Message> reasons(Act act, List<Must> musts, Design design) {
    List<Message> reasons = new ArrayList<>();
    List<Message> under = new ArrayList<>();
    for (Must must : musts) {
      if (must.before().equals(act) && !must.isLast()) {
        boolean isUnder = must.isUnder();
        Message told = isUnder ? must.after().name(design) : must.why();
        List<Message> all = isUnder ? under : reasons;
        if (!all.contains(told)) {
          all.add(told);
        }
      }
    }
    if (!under.isEmpty()) {
      reasons.add(0, Must.under(Message.list("list.comma", under)));
    }
    return reasons;
  }

  /**
   * Looks whether there is any order.
   *
   * @param design the card
   * @return acts each of which must come before the next and the last before the first; empty if
   *     there is an order
   */
  public static List<Act> ring(Design design) {
    List<Act> acts = Act.of(design);
    return ring(acts, Reach.of(design, acts));
  }

  /**
   * Says all that is worth knowing while a step is done.
   *
   * @param index which step, from 0
   * @param design the card
   * @param raised whether layers stand on foam pads
   * @param place where it goes, as all lies then; nothing where its pattern says it better
   * @return what is folded before, what goes where with what, why it comes now, what to try
   */
  public List<Message> walk(int index, Design design, boolean raised, Optional<Message> place) {
    return new WalkWords(this, design, raised).of(index, place, Optional.empty());
  }

  /**
   * Says the same to one before whom all lies as it is drawn.
   *
   * @param index which step, from 0
   * @param design the card
   * @param raised whether layers stand on foam pads
   * @param place where it goes, as all lies then; nothing where its pattern says it better
   * @param lies where a side of the host lies then
   * @return the same lines as {@link #walk(int, Design, boolean, Optional)}
   */
  public List<Message> walk(
      int index,
      Design design,
      boolean raised,
      Optional<Message> place,
      Optional<UnaryOperator<Side>> lies) {
    return new WalkWords(this, design, raised).of(index, place, lies);
  }

  /**
   * Says where a layer goes, by marks or by eye.
   *
   * @param layer the layer
   * @param design the card
   * @param raised whether it stands on foam pads
   * @return the direction
   */
  public Message glued(Layer layer, Design design, boolean raised) {
    boolean isByEye = wish.own().byEye() && layer.shape() == Layer.Shape.WHOLE;
    return Optional.of(layer)
        .filter(each -> isByEye)
        .flatMap(each -> ByEye.of(each, design))
        .map(eye -> Gluing.of(layer, design, raised, eye.words()))
        .orElseGet(() -> Gluing.of(layer, design, raised));
  }

  /**
   * Moves a step to another place.
   *
   * @param from which step, from 0
   * @param to where it is to stand, from 0
   * @return the ids of all that is done, in the new order
   */
  public List<String> moved(int from, int to) {
    List<String> ids = new ArrayList<>(steps.stream().map(step -> step.act().id()).toList());
    ids.add(to, ids.remove(from));
    return ids;
  }

  /**
   * Says what would happen at the table if a step stood elsewhere.
   *
   * @param from which step, from 0
   * @param to where it is to stand, from 0
   * @return what forbids it, of all the nearest; empty if it can stand there
   */
  public Optional<Must> against(int from, int to) {
    Act moved = steps.get(from).act();
    int direction = Integer.signum(to - from);
    for (int at = from + direction; direction != 0 && at != to + direction; at += direction) {
      Act passed = steps.get(at).act();
      Act before = direction > 0 ? moved : passed;
      Act after = direction > 0 ? passed : moved;
      Optional<Must> forbids =
          musts.stream()
              .filter(must -> must.before().equals(before) && must.after().equals(after))
              .findFirst();
      if (forbids.isPresent()) {
        return forbids;
      }
    }
    return Optional.empty();
  }

  /**
   * Names a step; of several alike it says which one it is.
   *
   * @param index which step, from 0
   * @param design the card
   * @return a few words
   */
  public Message name(int index, Design design) {
    Message name = steps.get(index).act().name(design);
    List<Integer> alike =
        IntStream.range(0, steps.size())
            .filter(i -> steps.get(i).act().name(design).equals(name))
            .boxed()
            .toList();
    return alike.size() == 1
        ? name
        : Message.of(
            "act.nth",
            name,
            Integer.toString(alike.indexOf(index) + 1),
            Integer.toString(alike.size()));
  }

  /**
   * Returns how many steps there are before the card is folded, filled and closed; what goes round
   * all of it comes after.
   *
   * @param design the card
   */
  public int beforeClosing(Design design) {
    int before = steps.size();
    while (before > 0 && Round.is(steps.get(before - 1).act(), design)) {
      before--;
    }
    return before;
  }

  /** Returns the joints in the order in which they are made. */
  public List<Joint> joints() {
    return steps.stream().flatMap(step -> step.act().joint().stream()).toList();
  }

  private static List<Act> ring(List<Act> acts, List<Must> musts) {
    DefaultDirectedGraph<Act, DefaultEdge> graph = new DefaultDirectedGraph<>(DefaultEdge.class);
    acts.forEach(graph::addVertex);
    musts.forEach(must -> graph.addEdge(must.before(), must.after()));
    if (!new CycleDetector<>(graph).detectCycles()) {
      return List.of();
    }
    return new SzwarcfiterLauerSimpleCycles<>(graph)
        .findSimpleCycles().stream().min(Comparator.comparingInt(List::size)).orElse(List.of());
  }
}
