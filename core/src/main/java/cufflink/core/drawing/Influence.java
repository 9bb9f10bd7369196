package cufflink.core.drawing;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Which panels, lines and layers a value moves, found by moving it: so that a number on the slip
 * and its place on the paper light each other.
 */
public final class Influence {
  private final Design before;
  private final Design after;
  private final Set<Ref> refs = new HashSet<>();

  private Influence(Design before, Design after) {
    this.before = before;
    this.after = after;
  }

  /**
   * Finds what a value moves.
   *
   * @param pattern the construction
   * @param values all values
   * @param design what the construction comes to with them
   * @param parameter the value's parameter
   * @return what it moves on the first piece and its layers; empty for choices
   */
  public static Set<Ref> of(Pattern pattern, Values values, Design design, Parameter parameter) {
    Setting now = values.get(parameter.id()).orElse(parameter.normal());
    Optional<Setting> moved = moved(now);
    return moved
        .map(setting -> values.and(parameter.id(), setting))
        .flatMap(changed -> PatternEvaluator.evaluate(pattern, changed).design())
        .map(after -> new Influence(design, after).compare())
        .orElse(Set.of());
  }

  private static Optional<Setting> moved(Setting setting) {
    if (setting instanceof Setting.OfLength length) {
      return Optional.of(new Setting.OfLength(length.length().plus(Unit.MILLIMETRE.length())));
    }
    return setting instanceof Setting.OfCount count
        ? Optional.of(new Setting.OfCount(count.count() + 1))
        : Optional.empty();
  }

  private Set<Ref> compare() {
    Piece was = before.base();
    Piece is = after.base();
    comparePanels(was, folds(was, true), folds(is, true), true);
    comparePanels(was, folds(was, false), folds(is, false), false);
    for (Score score : was.scores()) {
      boolean stays = is.score(score.id()).filter(now -> isBeside(was, score, is, now)).isPresent();
      if (!score.folds() && !stays) {
        refs.add(new Ref(was.id(), score.id()));
      }
    }
    for (Layer layer : before.layers()) {
      boolean stays =
          after.layers().stream()
              .anyMatch(now -> now.id().equals(layer.id()) && now.border().equals(layer.border()));
      if (!stays) {
        refs.add(new Ref(layer.on(), layer.id()));
      }
    }
    return Set.copyOf(refs);
  }

  private void comparePanels(Piece piece, List<Length> was, List<Length> is, boolean across) {
    for (int i = 1; i < was.size(); i++) {
      Length panel = was.get(i).minus(was.get(i - 1));
      boolean same = i < is.size() && is.get(i).minus(is.get(i - 1)).equals(panel);
      if (!same) {
        refs.add(panel(piece.id(), across, i));
      }
    }
  }

  /**
   * Returns what a panel between folds is called.
   *
   * @param piece the piece's id
   * @param across true for panels side by side, false for panels one below the other
   * @param index its number, from 1
   * @return the reference
   */
  static Ref panel(String piece, boolean across, int index) {
    return new Ref(piece, (across ? "panel-across-" : "panel-down-") + index);
  }

  /**
   * Returns where panels begin and end.
   *
   * @param piece the piece
   * @param across true for the places of upright folds, false for those of level ones
   * @return the edges and folds in order
   */
  static List<Length> folds(Piece piece, boolean across) {
    List<Length> places = new ArrayList<>();
    places.add(Length.ZERO);
    for (Score score : piece.scores()) {
      boolean counts = across ? score.line().isVertical() : score.line().isLevel();
      if (score.folds() && counts) {
        places.add(across ? score.line().from().x() : score.line().from().y());
      }
    }
    places.add(across ? piece.width() : piece.height());
    return places.stream().distinct().sorted().toList();
  }

  /** Says whether a line has kept its distance from the fold or edge before it or after it. */
  private static boolean isBeside(Piece was, Score score, Piece is, Score now) {
    boolean across = score.line().isVertical();
    Length then = across ? score.line().from().x() : score.line().from().y();
    Length here = across ? now.line().from().x() : now.line().from().y();
    return distance(folds(was, across), then, true).equals(distance(folds(is, across), here, true))
        || distance(folds(was, across), then, false)
            .equals(distance(folds(is, across), here, false));
  }

  private static Length distance(List<Length> places, Length at, boolean before) {
    return places.stream()
        .filter(place -> before ? place.compareTo(at) <= 0 : place.compareTo(at) >= 0)
        .map(place -> place.minus(at).abs())
        .min(Length::compareTo)
        .orElse(Length.ZERO);
  }
}
