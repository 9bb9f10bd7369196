package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.value.Setting;
import java.util.List;
import java.util.Optional;

/**
 * A value of a pattern that the maker may choose.
 *
 * @param id its name in formulas
 * @param label the maker's name for it
 * @param normal what it is if the maker chooses nothing
 * @param role what it stands for
 * @param scales whether it grows with the card
 * @param limits what it may be
 * @param choices the words it may be, empty for lengths and counts
 * @param formerly the names it had in earlier editions of its file
 */
public record Parameter(
    String id,
    String label,
    Setting normal,
    Role role,
    Scaling scales,
    Limits limits,
    List<Choice> choices,
    List<String> formerly) {

  /**
   * What a value may be, and what it is reckoned to be.
   *
   * @param least the least it may be, if there is a limit
   * @param most the most it may be, if there is a limit
   * @param allowance how it is reckoned from the papers and other values unless the maker sets it;
   *     it is then taken up to the next mark
   */
  public record Limits(
      Optional<Formula> least, Optional<Formula> most, Optional<Formula> allowance) {}

  /** What a parameter stands for. */
  public enum Role {
    /** The width of the closed card. */
    FINISHED_WIDTH,
    /** The height of the closed card. */
    FINISHED_HEIGHT,
    /** Anything else. */
    OTHER
  }

  /** How a parameter grows with the card. */
  public enum Scaling {
    /** With the finished width. */
    ACROSS,
    /** With the finished height. */
    ALONG,
    /** Never: borders, tabs, clearances, counts. */
    NO,
    /** Never, and no cure changes it: it is given from outside, such as something held. */
    GIVEN
  }

  /**
   * One of several words.
   *
   * @param id its name in formulas
   * @param label the maker's name for it
   */
  public record Choice(String id, String label) {}

  /** Copies the list. */
  public Parameter {
    choices = List.copyOf(choices);
    formerly = List.copyOf(formerly);
  }

  Parameter reckonedBy(Optional<Formula> formula) {
    Limits reckoned = new Limits(least(), most(), formula);
    return new Parameter(id, label, normal, role, scales, reckoned, choices, formerly);
  }

  /**
   * Returns the least it may be.
   *
   * @return a formula, if there is a limit
   */
  public Optional<Formula> least() {
    return limits.least();
  }

  /**
   * Returns the most it may be.
   *
   * @return a formula, if there is a limit
   */
  public Optional<Formula> most() {
    return limits.most();
  }

  /**
   * Returns how it is reckoned unless the maker sets it.
   *
   * @return a formula, if it is an allowance
   */
  public Optional<Formula> allowance() {
    return limits.allowance();
  }

  /**
   * Returns what formulas take the parameter for.
   *
   * @return the kind of its value
   */
  public Kind kind() {
    if (normal instanceof Setting.OfLength) {
      return Kind.LENGTH;
    }
    return normal instanceof Setting.OfCount ? Kind.NUMBER : Kind.WORD;
  }

  /**
   * Says whether the parameter is a length.
   *
   * @return true for a length
   */
  public boolean isLength() {
    return kind() == Kind.LENGTH;
  }

  /** Says whether it goes down the card: it grows with the height, or is how high a topper is. */
  public boolean isDown() {
    return scales == Scaling.ALONG || id.endsWith("_down");
  }
}
