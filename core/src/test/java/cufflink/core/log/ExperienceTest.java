package cufflink.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.value.Values;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ExperienceTest {
  private static final Values PROPOSED = values(120, 60);

  private static Values values(long width, long flap) {
    return Values.NONE
        .and("width", Length.ofMillimetres(width))
        .and("flap", Length.ofMillimetres(flap));
  }

  private static CardMade card(Values values, int copies, int minutes, String nextTime) {
    Job job = Job.begun("Voucher", Edition.atHand("gate"), values, Tools.usual(Marks.MILLIMETRES));
    CardMade.Memory memory = new CardMade.Memory(copies, "", "", minutes, 0, "", nextTime);
    return new CardMade("id" + minutes, LocalDate.of(2026, 6, 1), job, "Gate", memory);
  }

  @Test
  void threeTimesTheSame_isAHabit_twiceIsNone() {
    CardMade own = card(values(110, 60), 1, 0, "");
    assertEquals(
        Values.NONE.and("width", Length.ofMillimetres(110)),
        Experience.of(List.of(own, own, own, card(PROPOSED, 1, 0, "")), PROPOSED).habits());
    assertEquals(Values.NONE, Experience.of(List.of(own, own), PROPOSED).habits());
    CardMade other = card(values(112, 60), 1, 0, "");
    assertEquals(Values.NONE, Experience.of(List.of(own, other, own), PROPOSED).habits());
    // What the construction proposes is nobody's habit.
    CardMade usual = card(PROPOSED, 1, 0, "");
    assertEquals(Values.NONE, Experience.of(List.of(usual, usual, usual), PROPOSED).habits());
  }

  @Test
  void theNewestCard_tellsWhatWasOtherwise_orWhatToChange() {
    CardMade otherwise = card(values(120, 58), 1, 0, "");
    assertEquals(Optional.of(otherwise), Experience.of(List.of(otherwise), PROPOSED).last());
    assertEquals(List.of("flap"), Experience.differences(PROPOSED, otherwise.job().values()));
    CardMade said = card(PROPOSED, 1, 0, "flap 2 narrower");
    assertEquals(Optional.of(said), Experience.of(List.of(said, otherwise), PROPOSED).last());
    CardMade nothing = card(PROPOSED, 1, 0, "");
    assertEquals(Optional.empty(), Experience.of(List.of(nothing, said), PROPOSED).last());
    assertEquals(Experience.NONE, Experience.of(List.of(), PROPOSED));
  }

  @Test
  void spoiltPieces_makeItHarder_andNoneInManyCardsEasier() {
    assertEquals(Optional.empty(), new Experience.Went(2, 9).level(1));
    assertEquals(Optional.of(2), new Experience.Went(4, 2).level(1));
    assertEquals(Optional.empty(), new Experience.Went(4, 1).level(1));
    assertEquals(Optional.empty(), new Experience.Went(5, 0).level(3));
    assertEquals(Optional.of(2), new Experience.Went(6, 0).level(3));
    // There is nothing beyond either end.
    assertEquals(Optional.empty(), new Experience.Went(6, 0).level(1));
    assertEquals(Optional.empty(), new Experience.Went(6, 6).level(3));
  }

  @Test
  void minutes_areThoseOfOneCard_andTheMiddleOfAll() {
    List<CardMade> cards = new ArrayList<>();
    cards.add(card(PROPOSED, 12, 240, ""));
    assertEquals(Optional.of(20), Experience.of(cards, PROPOSED).minutes());
    cards.add(card(PROPOSED, 1, 900, ""));
    cards.add(card(PROPOSED, 2, 50, ""));
    cards.add(card(PROPOSED, 1, 0, ""));
    assertEquals(Optional.of(25), Experience.of(cards, PROPOSED).minutes());
    assertEquals(
        Optional.of(1), Experience.of(List.of(card(PROPOSED, 40, 1, "")), PROPOSED).minutes());
  }
}
