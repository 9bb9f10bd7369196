package cufflink.core.value;

import cufflink.core.measure.Length;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a maker has chosen, by parameter.
 *
 * @param settings the settings, in the pattern's order
 */
public record Values(Map<String, Setting> settings) {
  /** No choices at all: everything as the pattern has it. */
  public static final Values NONE = new Values(Map.of());

  /** Copies the map and keeps its order. */
  public Values {
    settings = Collections.unmodifiableMap(new LinkedHashMap<>(settings));
  }

  /**
   * Returns these values with one changed.
   *
   * @param parameter the parameter's id
   * @param setting what it is set to
   * @return the changed values
   */
  public Values and(String parameter, Setting setting) {
    Map<String, Setting> changed = new LinkedHashMap<>(settings);
    changed.put(parameter, setting);
    return new Values(changed);
  }

  /**
   * Returns these values with one length changed.
   *
   * @param parameter the parameter's id
   * @param length what it is set to
   * @return the changed values
   */
  public Values and(String parameter, Length length) {
    return and(parameter, new Setting.OfLength(length));
  }

  /**
   * Returns these values with others laid over them.
   *
   * @param others the values that win
   * @return the changed values
   */
  public Values and(Values others) {
    Map<String, Setting> changed = new LinkedHashMap<>(settings);
    changed.putAll(others.settings);
    return new Values(changed);
  }

  /**
   * Returns these values with some left out.
   *
   * @param names the parameters to leave out
   * @return the other values
   */
  public Values without(Set<String> names) {
    Map<String, Setting> fewer = new LinkedHashMap<>(settings);
    fewer.keySet().removeAll(names);
    return new Values(fewer);
  }

  /**
   * Returns what a parameter is set to.
   *
   * @param parameter the parameter's id
   * @return the setting, if there is one
   */
  public Optional<Setting> get(String parameter) {
    return Optional.ofNullable(settings.get(parameter));
  }

  /**
   * Returns the length a parameter is set to.
   *
   * @param parameter the parameter's id
   * @return the length, if the parameter is set and is a length
   */
  public Optional<Length> length(String parameter) {
    return get(parameter)
        .filter(Setting.OfLength.class::isInstance)
        .map(setting -> ((Setting.OfLength) setting).length());
  }
}
