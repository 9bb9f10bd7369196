package cufflink.desktop.slip;

import cufflink.core.scene.Ref;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/** What a line of the slip lights on the paper, found when it is first asked for. */
public final class Lights {
  static final Lights NONE = of(Set.of());

  private final Supplier<Set<Ref>> finder;
  private Optional<Set<Ref>> found = Optional.empty();

  private Lights(Supplier<Set<Ref>> finder) {
    this.finder = finder;
  }

  static Lights of(Set<Ref> refs) {
    return new Lights(() -> refs);
  }

  static Lights of(Ref ref) {
    return of(Set.of(ref));
  }

  static Lights found(Supplier<Set<Ref>> finder) {
    return new Lights(finder);
  }

  /**
   * Returns what is lit.
   *
   * @return places on the paper
   */
  public Set<Ref> refs() {
    if (found.isEmpty()) {
      found = Optional.of(Set.copyOf(finder.get()));
    }
    return found.get();
  }
}
