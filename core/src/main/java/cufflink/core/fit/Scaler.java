package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.Set;

/** Scales the values of a pattern to a finished size and puts them on marks. */
final class Scaler {
  private final Pattern pattern;
  private final Values values;
  private final Marks marks;
  private final Ruled ruled;
  private final Length width;
  private final Length height;
  private final Set<String> pinned;

  Scaler(Pattern pattern, Values values, Rulers rulers, Set<String> pinned) {
    this.pattern = pattern;
    this.pinned = pinned;
    this.values = pattern.normalValues().and(values).and(Bench.of(rulers.card()));
    this.marks = rulers.card();
    this.ruled = Ruled.of(pattern, this.values, rulers);
    this.width = length(pattern.parameter(Role.FINISHED_WIDTH));
    this.height = length(pattern.parameter(Role.FINISHED_HEIGHT));
  }

  Length width() {
    return width;
  }

  Length height() {
    return height;
  }

  Length length(Parameter parameter) {
    return values.length(parameter.id()).orElseThrow();
  }

  /**
   * Returns the height that keeps the proportions at a width, on the nearest mark; a card without a
   * width has no proportions, and its height stays.
   */
  Length heightFor(Length newWidth) {
    if (!width.isPositive()) {
      return height.max(marks.step());
    }
    return onMark(newWidth.scaled(height, width), marks);
  }

  /**
   * Returns the values at a finished size: what scales with the width or the height grows in
   * proportion and goes to the nearest mark, the rest stays.
   */
  Values at(Length newWidth, Length newHeight) {
    Values scaled = values;
    for (Parameter parameter : pattern.parameters()) {
      if (values.length(parameter.id()).isPresent()) {
        scaled = scaled.and(parameter.id(), scaled(parameter, newWidth, newHeight));
      }
    }
    return scaled;
  }

  private Length scaled(Parameter parameter, Length newWidth, Length newHeight) {
    Length before = length(parameter);
    return switch (parameter.role()) {
      case FINISHED_WIDTH -> newWidth;
      case FINISHED_HEIGHT -> newHeight;
      case OTHER ->
          pinned.contains(parameter.id())
              ? before
              : scaledOnMark(parameter, before, newWidth, newHeight);
    };
  }

  private Length scaledOnMark(
      Parameter parameter, Length before, Length newWidth, Length newHeight) {
    return switch (parameter.scales()) {
      case ACROSS ->
          newWidth.equals(width) || !width.isPositive()
              ? before
              : onMark(before.scaled(newWidth, width), ruled.of(parameter));
      case ALONG ->
          newHeight.equals(height) || !height.isPositive()
              ? before
              : onMark(before.scaled(newHeight, height), ruled.of(parameter));
      case NO, GIVEN -> before;
    };
  }

  /** What has a size keeps one; a place may be at an edge, or past it. */
  private static Length onMark(Length length, Marks marks) {
    Length near = marks.nearest(length);
    return length.isPositive() ? near.max(marks.step()) : near;
  }
}
