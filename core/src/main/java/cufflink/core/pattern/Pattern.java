package cufflink.core.pattern;

import cufflink.core.design.Values;
import cufflink.core.expression.Formula;
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
 * @param parameters what the maker may choose, in order
 * @param lets the values derived from these, in the order of evaluation
 * @param rules what must hold
 * @param parts what its geometry is made of
 */
public record Pattern(
    String id,
    String name,
    String about,
    String family,
    List<String> does,
    List<Parameter> parameters,
    Map<String, Formula> lets,
    List<Rule> rules,
    Parts parts) {

  /** Copies the lists. */
  public Pattern {
    does = List.copyOf(does);
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
   * Returns the values a maker starts from.
   *
   * @return a value for each parameter
   */
  public Values normalValues() {
    Values values = Values.NONE;
    for (Parameter parameter : parameters) {
      values = values.and(parameter.id(), parameter.normal());
    }
    return values;
  }
}
