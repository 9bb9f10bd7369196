package cufflink.core.finding;

import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What goes wrong from one cause: findings that one cure ends together.
 *
 * @param first the worst of them, which is told
 * @param others what else comes of the same, in the order in which they were found
 */
public record Trouble(Finding first, List<Finding> others) {
  private static final Comparator<Finding> WORST_FIRST =
      Comparator.comparing(Finding::isError)
          .reversed()
          // A pattern's own words say best what it is that goes wrong.
          .thenComparing(each -> each.kind() != FindingKind.RULE)
          .thenComparing(Trouble::cost);

  /** Copies the list. */
  public Trouble {
    others = List.copyOf(others);
  }

  /**
   * Puts findings in the order of what they cost at the table, those of one cause together. What is
   * cured by moving the same values the same way has the same cause; what is said twice in the same
   * words is said once.
   *
   * @param findings what goes wrong, with its cures as far as they are known
   * @param now the values as they are
   * @return the dearest first; first of all what keeps the card from working
   */
  public static List<Trouble> of(List<Finding> findings, Values now) {
    Map<Object, List<Finding>> causes = new LinkedHashMap<>();
    for (Finding each : findings) {
      Object cause =
          each.fix()
              .filter(Finding.Fix::isOfValues)
              .<Object>map(fix -> moves(fix.values(), now))
              .orElse(each.sentence());
      List<Finding> same = causes.computeIfAbsent(cause, key -> new ArrayList<>());
      if (same.stream().noneMatch(it -> it.sentence().equals(each.sentence()))) {
        same.add(each);
      }
    }
    return causes.values().stream()
        .map(Trouble::from)
        .sorted(
            Comparator.comparing((Trouble each) -> !each.first.isError())
                .thenComparing((Trouble each) -> each.cost())
                .thenComparing((Trouble each) -> each.first.kind() != FindingKind.RULE))
        .toList();
  }

  /** Which way each value of a cure moves: what wants less and what wants more are two troubles. */
  private static Map<String, Object> moves(Values cure, Values now) {
    Map<String, Object> moves = new HashMap<>();
    cure.settings().forEach((id, to) -> moves.put(id, way(to, now.get(id).orElse(to))));
    return moves;
  }

  private static Object way(Setting to, Setting from) {
    if (to instanceof Setting.OfLength longer && from instanceof Setting.OfLength shorter) {
      return Integer.signum(longer.length().compareTo(shorter.length()));
    }
    if (to instanceof Setting.OfCount more && from instanceof Setting.OfCount less) {
      return Long.signum(more.count() - less.count());
    }
    return to;
  }

  private static Trouble from(List<Finding> same) {
    List<Finding> others = new ArrayList<>(same);
    Finding worst = same.stream().min(WORST_FIRST).orElseThrow();
    others.remove(worst);
    return new Trouble(worst, others);
  }

  /**
   * Returns what a finding costs if it is found out at the table.
   *
   * @param finding the finding
   * @return the cost of its kind; whatever breaks a rule without which the card will not work may
   *     cost all
   */
  public static Cost cost(Finding finding) {
    return finding.kind() == FindingKind.RULE && finding.isError()
        ? Cost.START
        : finding.kind().cost();
  }

  /** Returns what it costs if it is found out at the table: the most that comes of it. */
  public Cost cost() {
    return Stream.concat(Stream.of(first), others.stream())
        .map(Trouble::cost)
        .min(Comparator.naturalOrder())
        .orElseThrow();
  }

  /**
   * Returns what can still be done once all is glued; common practice, no source.
   *
   * @return a sentence, if there is anything
   */
  public Optional<Message> mend() {
    return Optional.ofNullable(
        switch (first.kind()) {
          case HANGS_OVER -> Message.of("mend.hangs-over");
          case LAYER_OVER_EDGE, LAYER_OVER_BORDER -> Message.of("mend.layer-edge");
          case LAYER_OVER_SCORE -> Message.of("mend.layer-score");
          case STICKS_OUT -> Message.of("mend.sticks-out");
          case CATCHES -> Message.of("mend.catches");
          case ENVELOPE_TOO_SMALL, TOO_THICK_FOR_ENVELOPE -> Message.of("mend.envelope");
          case GLUED_SHUT, GLUE_IN_THE_WAY -> Message.of("mend.glued");
          case PRINT_DIRECTION -> Message.of("mend.print");
          case RAISED_IN_ENVELOPE, THICK_FOR_POST -> Message.of("mend.thick");
          case ITEM_TOO_LARGE, NO_POCKET -> Message.of("mend.item");
          case TIPS_OVER -> Message.of("mend.tips");
          case FLAP_HEAVY -> Message.of("mend.heavy");
          case SHOWS_THROUGH -> Message.of("mend.through");
          default -> null;
        });
  }
}
