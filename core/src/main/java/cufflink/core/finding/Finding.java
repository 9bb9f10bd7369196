package cufflink.core.finding;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Picture;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Something about a design that a maker should know before cutting.
 *
 * @param kind what it is about
 * @param severity how bad it is
 * @param place where it is
 * @param sentence what will happen at the table
 * @param fix the cure, if there is one
 */
public record Finding(
    FindingKind kind, Severity severity, Place place, Message sentence, Optional<Fix> fix) {

  /** How bad a finding is. */
  public enum Severity {
    /** The card will not work. */
    ERROR,
    /** The card may work. */
    WARNING
  }

  /**
   * Where a finding is.
   *
   * @param piece the piece, empty if it concerns the whole design
   * @param lines the scores, slits or layers it concerns
   * @param parameters the values it concerns
   */
  public record Place(String piece, List<String> lines, List<String> parameters) {
    /** Copies the lists. */
    public Place {
      lines = List.copyOf(lines);
      parameters = List.copyOf(parameters);
    }

    /**
     * Returns a place on a piece.
     *
     * @param piece the piece
     * @param lines the scores, slits or layers
     * @return the place
     */
    public static Place on(String piece, String... lines) {
      return new Place(piece, List.of(lines), List.of());
    }

    /**
     * Returns the place of a value.
     *
     * @param parameter the parameter's id
     * @return the place
     */
    public static Place of(String parameter) {
      return new Place("", List.of(), List.of(parameter));
    }
  }

  /**
   * A cure that can be applied at one press.
   *
   * @param label what it does
   * @param values the values it sets
   * @param spots the parts that it cuts from other places of their sheets, by their names
   * @param treatments what is done to paper instead of what; nothing where that is empty
   * @param toppers what is put on besides if it is fresh, and else instead of that of the same id
   * @param dotted the papers that get a print which looks the same every way round
   */
  public record Fix(
      Message label,
      Values values,
      Map<String, Picture.Spot> spots,
      Map<Treatment, Optional<Treatment>> treatments,
      List<Topper> toppers,
      Set<PaperRole> dotted,
      boolean lowered) {
    /** Copies the maps and the list. */
    public Fix {
      spots = Map.copyOf(spots);
      treatments = Map.copyOf(treatments);
      toppers = List.copyOf(toppers);
      dotted = Set.copyOf(dotted);
    }

    /** Makes a cure that only sets values. */
    public Fix(Message label, Values values) {
      this(label, values, Map.of(), Map.of(), List.of(), Set.of(), false);
    }

    /** Makes a cure that cuts parts from other places. */
    public Fix(Message label, Map<String, Picture.Spot> spots) {
      this(label, Values.NONE, spots, Map.of(), List.of(), Set.of(), false);
    }

    /** Makes a cure that does something else to some paper, or nothing. */
    public Fix(Message label, Treatment was, Optional<Treatment> now) {
      this(label, Values.NONE, Map.of(), Map.of(was, now), List.of(), Set.of(), false);
    }

    /** Makes a cure that puts something on, or sticks it on otherwise. */
    public Fix(Message label, List<Topper> toppers) {
      this(label, Values.NONE, Map.of(), Map.of(), toppers, Set.of(), false);
    }

    /** Makes a cure that takes another print for papers. */
    public static Fix dotting(Message label, PaperRole role) {
      return new Fix(label, Values.NONE, Map.of(), Map.of(), List.of(), Set.of(role), false);
    }

    /** Makes a cure that glues layers flat, and what its maker has put on otherwise. */
    public static Fix lowering(Message label, List<Topper> toppers) {
      return new Fix(label, Values.NONE, Map.of(), Map.of(), toppers, Set.of(), true);
    }

    /** Says whether it does nothing but set values. */
    public boolean isOfValues() {
      boolean isPaper = !spots.isEmpty() || !treatments.isEmpty() || !dotted.isEmpty();
      return !isPaper && toppers.isEmpty() && !lowered;
    }
  }

  /**
   * Returns the finding with a cure.
   *
   * @param cure the cure
   * @return the same finding, cured at a press
   */
  public Finding curedBy(Fix cure) {
    return new Finding(kind, severity, place, sentence, Optional.of(cure));
  }

  /** Returns the finding without its cure. */
  public Finding uncured() {
    return new Finding(kind, severity, place, sentence, Optional.empty());
  }

  /**
   * Says whether the card will not work.
   *
   * @return true for an error
   */
  public boolean isError() {
    return severity == Severity.ERROR;
  }
}
