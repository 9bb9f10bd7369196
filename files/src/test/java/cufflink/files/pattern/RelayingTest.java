package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.Relayer;
import cufflink.core.fit.Relaying;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What other marks would change is told before; taken, they change just that. */
class RelayingTest {
  @ParameterizedTest
  @ValueSource(strings = {"off-centre-gate", "handled-purse", "squash-card"})
  void of_tellsWhatTakingThemChanges(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Values values =
        Relayer.relay(pattern, pattern.normalValues(), Rulers.one(Marks.MILLIMETRES), Set.of());
    for (Marks marks : Marks.COMMON) {
      Relaying told = Relaying.of(pattern, values, Rulers.one(marks), Set.of());
      Values taken = Relayer.relay(pattern, values, Rulers.one(marks), Set.of());
      long moved =
          values.settings().keySet().stream()
              .filter(name -> !values.get(name).equals(taken.get(name)))
              .count();
      assertEquals(moved, told.moved());
      for (String name : values.settings().keySet()) {
        Length before = values.length(name).orElse(Length.ZERO);
        Length after = taken.length(name).orElse(before);
        assertTrue(after.minus(before).abs().compareTo(told.farthest()) <= 0, name);
      }
    }
    Relaying same = Relaying.of(pattern, values, Rulers.one(Marks.MILLIMETRES), Set.of());
    assertEquals(new Relaying(Rulers.one(Marks.MILLIMETRES), 0, Length.ZERO), same);
  }
}
