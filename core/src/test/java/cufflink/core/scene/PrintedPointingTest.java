package cufflink.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Paper is pointed at whether it is printed or not; what lies uppermost is meant. */
class PrintedPointingTest {
  private static List<Spot> square(double from, double to) {
    return List.of(new Spot(from, from), new Spot(to, from), new Spot(to, to), new Spot(from, to));
  }

  @Test
  void printedPaper_isPointedAt_aboveWhatLiesBelow() {
    Ref card = new Ref("base", "");
    Ref layer = new Ref("base", "front");
    Drawing drawing =
        new Drawing(
            100,
            100,
            1,
            List.of(
                new Shape(square(0, 90), Fill.INSIDE, 1, card),
                new Printed(List.of(square(20, 60)), 0, List.of(), 0, 1, layer)));
    TextMeasure none = TextMeasure.GUESS;
    assertEquals(Optional.of(layer), Pointing.at(drawing, new Spot(40, 40), 3, none));
    assertEquals(Optional.of(card), Pointing.at(drawing, new Spot(75, 75), 3, none));
    assertEquals(Optional.empty(), Pointing.at(drawing, new Spot(96, 96), 3, none));
  }
}
