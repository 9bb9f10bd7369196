package cufflink.core.ahead;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Spoken;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.Tools;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Heading;
import cufflink.core.log.CardMade.Memory;
import cufflink.core.measure.Marks;
import cufflink.core.value.Values;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AheadTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private static Job job(String id, int copies, int kits) {
    return Job.begun("Tide", Edition.atHand("gate"), Values.NONE, Tools.usual(Marks.MILLIMETRES))
        .withId(id)
        .withOrder(Order.ONE.withCopies(copies).withKits(kits));
  }

  private static Heading made(String id, String day, Job job, String who) {
    int finished = job.order().copies() - job.order().kits();
    Memory memory = new Memory(finished, who, "", 0, 0, "", "");
    return new CardMade(id, LocalDate.parse(day), job, "Gate " + id, memory).heading();
  }

  private static Planned planned(String id, String due, int copies, String who) {
    return new Planned(id, LocalDate.parse(due), job("", copies, 0), "Gate", who, "");
  }

  private static String said(cufflink.core.words.Message message) {
    return message.say(Spoken.ENGLISH);
  }

  @Test
  void next_isTodayOrWithinAYear_andALeapDayHasADayInEveryYear() {
    Yearly leap = new Yearly("a", "Nell", "", MonthDay.of(2, 29));
    assertEquals(LocalDate.of(2027, 2, 28), leap.next(TODAY));
    assertEquals(LocalDate.of(2028, 2, 29), leap.next(LocalDate.of(2027, 3, 1)));
    Yearly now = new Yearly("b", "Nell", "", MonthDay.of(11, 26));
    assertEquals(TODAY, now.next(TODAY));
    assertEquals(LocalDate.of(2027, 11, 26), now.next(TODAY.plusDays(1)));
  }

  @Test
  void ready_isWhatNobodyHas_andTheKitsThatAreStillLeft() {
    Job forty = job("j", 40, 34);
    List<Heading> made =
        List.of(
            made("c", "2026-07-02", job("j", 40, 30), ""),
            made("b", "2026-06-01", forty, ""),
            made("a", "2026-05-01", job("", 2, 0), "Nell"));
    List<Given> given =
        List.of(new Given("g", "b", TODAY, 2, "Ömer"), new Given("h", "b", TODAY, 1, ""));
    List<Ready> ready = Ready.of(made, given);
    // Of the six of June three are left; of July's ten none was given, and thirty are kits still.
    assertEquals(List.of(new Ready(made.get(0), 10, 30), new Ready(made.get(1), 3, 0)), ready);
    assertEquals("10 cards and 30 kits of Tide", said(AheadWords.ready(ready.get(0))));
  }

  @Test
  void aPlan_isForTheDayOfItsPerson_whenItIsDueByThen() {
    Yearly june = new Yearly("y", "Nell", "birthday", MonthDay.of(6, 9));
    Planned forIt = planned("p", "2027-06-07", 3, " nell ");
    Planned late = planned("q", "2027-06-20", 2, "Nell");
    Planned past = planned("r", "2026-11-01", 1, "");
    Heading before = made("a", "2026-06-05", job("", 1, 0), "NELL");
    Heading given = made("b", "2026-08-05", job("k", 6, 4), "");
    Ahead ahead =
        Ahead.of(
            new Ahead.Known(
                List.of(june),
                List.of(past, forIt, late),
                List.of(given, before),
                List.of(new Given("g", "b", TODAY, 1, "Nell"))),
            TODAY);
    assertEquals(2, ahead.months().size());
    // One is left over on the shelf; the plan that is past takes it.
    Ahead.Month first = ahead.months().get(0);
    assertEquals("November 2026: one card; one lies ready.", said(AheadWords.month(first)));
    Ahead.Month second = ahead.months().get(1);
    assertEquals(
        "June 2027: 5 cards; 4 kits to put together, one to make.", said(AheadWords.month(second)));
    Ahead.Entry day = second.entries().get(0);
    assertEquals("2027-06-09: Nell, birthday; 3 of Tide planned", said(AheadWords.entry(day)));
    assertEquals("Nell had before: Gate b, Gate a", said(AheadWords.had(day)));
    assertEquals(
        "2027-06-20: Nell; 2 of Tide planned", said(AheadWords.entry(second.entries().get(1))));
  }

  @Test
  void aPlan_takesOnlyItsOwnConstruction_andBeforeADayThatTakesAny() {
    Heading gate = made("a", "2026-06-05", job("", 1, 0), "");
    Job other =
        Job.begun("Sail", Edition.atHand("tree"), Values.NONE, Tools.usual(Marks.MILLIMETRES));
    Heading tree = new CardMade("t", TODAY, other, "Tree", Memory.of(1)).heading();
    Yearly soon = new Yearly("y", "Ömer", "", MonthDay.of(12, 1));
    Planned later = planned("p", "2027-02-07", 2, "Nell");
    Ahead ahead =
        Ahead.of(
            new Ahead.Known(List.of(soon), List.of(later), List.of(gate, tree), List.of()), TODAY);
    assertEquals(1, ahead.months().get(0).fromShelf());
    assertEquals(1, ahead.months().get(1).fromShelf());
    assertEquals(1, ahead.months().get(1).toMake());
    // Whoever had one of them gets another.
    Given before = new Given("g", "old", TODAY, 1, "Ömer");
    Heading old = made("old", "2026-01-01", job("", 1, 0), "");
    Heading same = new Heading("new", TODAY, old.about(), Memory.of(1), Optional.empty());
    Ahead twice =
        Ahead.of(
            new Ahead.Known(List.of(soon), List.of(), List.of(same, old), List.of(before)), TODAY);
    assertEquals(0, twice.months().get(0).fromShelf());
    Ahead without =
        Ahead.of(new Ahead.Known(List.of(soon), List.of(later), List.of(gate), List.of()), TODAY);
    assertEquals(0, without.months().get(0).fromShelf());
    assertEquals(1, without.months().get(1).fromShelf());
  }

  /** Somebody works so long every day from a day on, always at what is due first. */
  private static boolean isReady(
      List<Planned> plans, List<Integer> minutes, int aDay, LocalDate from) {
    List<Integer> left = new ArrayList<>(minutes);
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      order.add(i);
    }
    order.sort(java.util.Comparator.comparing(i -> plans.get(i).due()));
    for (LocalDate day = from;
        order.stream().anyMatch(i -> left.get(i) > 0);
        day = day.plusDays(1)) {
      int free = aDay;
      for (int i : order) {
        int now = Math.min(free, left.get(i));
        left.set(i, left.get(i) - now);
        free -= now;
        if (now > 0 && day.isAfter(plans.get(i).due())) {
          return false;
        }
      }
    }
    return true;
  }

  @Test
  void begins_areTheLatestDays_onWhichAllIsStillReady() {
    Random random = new Random(3);
    for (int round = 0; round < 300; round++) {
      List<Planned> plans = new ArrayList<>();
      List<Integer> minutes = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(6); i++) {
        LocalDate due = TODAY.plusDays(50 + random.nextInt(20));
        plans.add(planned("p" + i, due.toString(), 1, ""));
        minutes.add(1 + random.nextInt(400));
      }
      int aDay = 20 + random.nextInt(100);
      List<LocalDate> begins = Ahead.begins(plans, minutes, aDay);
      LocalDate first = begins.stream().min(LocalDate::compareTo).orElseThrow();
      assertTrue(isReady(plans, minutes, aDay, first));
      assertTrue(!isReady(plans, minutes, aDay, first.plusDays(1)));
    }
  }

  /** A heap of cards and one of kits, from which each card that is due is taken by hand. */
  @Test
  void months_takeWhatLiesReady_asAHandWould() {
    Random random = new Random(7);
    for (int round = 0; round < 200; round++) {
      List<Planned> plans = new ArrayList<>();
      for (int i = 0; i < random.nextInt(8); i++) {
        LocalDate due = TODAY.plusDays(random.nextInt(300));
        plans.add(planned("p" + i, due.toString(), 1 + random.nextInt(5), ""));
      }
      int copies = 1 + random.nextInt(12);
      int kits = random.nextInt(copies + 1);
      Heading made = made("m", "2026-01-01", job("j", copies, kits), "");
      Deque<String> heap = new ArrayDeque<>();
      for (int i = 0; i < copies; i++) {
        heap.add(i < copies - kits ? "card" : "kit");
      }
      Ahead ahead = Ahead.of(new Ahead.Known(List.of(), plans, List.of(made), List.of()), TODAY);
      for (Ahead.Month month : ahead.months()) {
        List<String> taken = new ArrayList<>();
        plans.stream()
            .filter(each -> each.due().toString().startsWith(month.month().toString()))
            .forEach(
                each -> {
                  for (int i = 0; i < each.copies(); i++) {
                    taken.add(heap.isEmpty() ? "nothing" : heap.poll());
                  }
                });
        assertEquals(taken.stream().filter("card"::equals).count(), month.fromShelf());
        assertEquals(taken.stream().filter("kit"::equals).count(), month.fromKits());
        assertEquals(taken.stream().filter("nothing"::equals).count(), month.toMake());
      }
    }
  }
}
