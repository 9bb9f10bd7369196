package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.paper.Look;
import cufflink.core.value.Values;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A construction as data, ready to be evaluated with any values.
 *
 * @param id its name in files and commands
 * @param name the maker's name for it
 * @param about what it does and what it is good for
 * @param family the family it belongs to
 * @param does what it can do, such as "stands"
 * @param suits what it is good for, such as "thanks"
 * @param effort how hard it is and how long it takes
 * @param proportions whether width and height may differ
 * @param parameters what the maker may choose, in order
 * @param lets the values derived from these, in the order of evaluation
 * @param rules what must hold
 * @param parts what its geometry is made of
 * @param look how it is pictured
 * @param waits whether some of it, such as a band, depends on how thick the closed card is
 */
public record Pattern(
    String id,
    String name,
    String about,
    String family,
    List<String> does,
    List<String> suits,
    Effort effort,
    Proportions proportions,
    List<Parameter> parameters,
    Map<String, Formula> lets,
    List<Rule> rules,
    Parts parts,
    Look look,
    boolean waits) {

  /**
   * What a construction asks of its maker.
   *
   * @param level from 1, easy, to 3, for a quiet afternoon
   * @param minutes how long one copy takes, above zero; common practice, no source
   */
  public record Effort(int level, int minutes) {}

  /** Whether the finished width and height may differ. */
  public enum Proportions {
    /** They may. */
    FREE,
    /** They are the same. */
    SQUARE,
    /** They may, and the card is made upright and across. */
    EITHER
  }

  /**
   * Says whether the finished card is always square.
   *
   * @return true if width and height are the same
   */
  public boolean isSquare() {
    return proportions == Proportions.SQUARE;
  }

  /**
   * Says whether the card is made upright as well as across.
   *
   * @return true if it works when its width and height are exchanged
   */
  public boolean isTurned() {
    return proportions == Proportions.EITHER;
  }

  /** Copies the lists. */
  public Pattern {
    does = List.copyOf(does);
    suits = List.copyOf(suits);
    parameters = List.copyOf(parameters);
    lets = new LinkedHashMap<>(lets);
    rules = List.copyOf(rules);
  }

  /**
   * Finds a parameter.
   *
   * @param parameterId its id
   * @return the parameter, if the pattern has it
   */
  public Optional<Parameter> parameter(String parameterId) {
    return parameters.stream().filter(each -> each.id().equals(parameterId)).findFirst();
  }

  /**
   * Finds the parameter of a role.
   *
   * @param role the finished width or height
   * @return the parameter; every pattern has both
   */
  public Parameter parameter(Parameter.Role role) {
    return parameters.stream().filter(each -> each.role() == role).findFirst().orElseThrow();
  }

  /**
   * Returns the formula of a side of the closed card.
   *
   * @param role which side
   * @return the formula as it stands in the file, which may be the value of the role alone
   */
  public String closedSide(Parameter.Role role) {
    List<Formula> closed = parts.finished();
    int side = role == Parameter.Role.FINISHED_WIDTH ? 0 : 1;
    return closed.isEmpty() ? parameter(role).id() : closed.get(side).toString();
  }

  /**
   * Returns the values a maker starts from.
   *
   * @return a value for each parameter that is not reckoned
   */
  public Values normalValues() {
    Values values = Values.NONE;
    for (Parameter parameter : parameters) {
      if (parameter.allowance().isEmpty()) {
        values = values.and(parameter.id(), parameter.normal());
      }
    }
    return values;
  }
}
