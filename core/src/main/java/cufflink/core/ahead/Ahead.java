package cufflink.core.ahead;

import cufflink.core.log.CardMade.Heading;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The days to come, by months.
 *
 * @param months those in which anything is due, the next one first
 */
public record Ahead(List<Month> months) {
  /** Copies the list. */
  public Ahead {
    months = List.copyOf(months);
  }

  /**
   * All that the log tells of what is to come.
   *
   * @param yearly days that come every year
   * @param planned jobs that are to be made
   * @param made all cards, the newest first
   * @param given all that left the shelf
   */
  public record Known(
      List<Yearly> yearly, List<Planned> planned, List<Heading> made, List<Given> given) {
    /** Copies the lists. */
    public Known {
      yearly = List.copyOf(yearly);
      planned = List.copyOf(planned);
      made = List.copyOf(made);
      given = List.copyOf(given);
    }
  }

  /**
   * One thing that is due.
   *
   * @param on the day
   * @param who for whom; empty if that is not said
   * @param what what for; empty if that is not said
   * @param cards how many cards, from 1
   * @param yearly the day that comes every year, if it is one
   * @param planned the job that is to be made for it, if one is
   * @param had what this person had before, the newest first, each construction once
   */
  public record Entry(
      LocalDate on,
      String who,
      String what,
      int cards,
      Optional<Yearly> yearly,
      Optional<Planned> planned,
      List<String> had) {
    /** Copies the list. */
    public Entry {
      had = List.copyOf(had);
    }
  }

  /**
   * What is due in a month, and how far what lies ready goes for it. What is planned takes cards
   * and kits of its construction, the earliest first; other days take what is left, but for what
   * their person had before.
   *
   * @param month the month
   * @param entries what is due, by days
   * @param cards how many cards are due
   * @param fromShelf how many of them finished cards are there for
   * @param fromKits how many of the others kits are there for
   */
  public record Month(
      YearMonth month, List<Entry> entries, int cards, int fromShelf, int fromKits) {
    /** Copies the list. */
    public Month {
      entries = List.copyOf(entries);
    }

    /** Returns how many have still to be made from sheets. */
    public int toMake() {
      return cards - fromShelf - fromKits;
    }
  }

  /**
   * Looks a year ahead. A job that is planned for somebody by one of their days, a month before it
   * at the most and for nothing else, is for that day; a plan whose day is past is still due.
   *
   * @param known all that the log tells
   * @param today the day on which it is asked
   * @return the days to come
   */
  public static Ahead of(Known known, LocalDate today) {
    List<Entry> entries = new ArrayList<>();
    List<Planned> free = new ArrayList<>(known.planned());
    for (Yearly each : known.yearly()) {
      LocalDate on = each.next(today);
      Optional<Planned> planned =
          free.stream().filter(it -> isFor(it, each, on)).min(Comparator.comparing(Planned::due));
      planned.ifPresent(free::remove);
      int cards = planned.map(Planned::copies).orElse(1);
      List<String> had = had(each.who(), known);
      entries.add(new Entry(on, each.who(), each.what(), cards, Optional.of(each), planned, had));
    }
    for (Planned each : free) {
      entries.add(
          new Entry(
              each.due(),
              each.forWhom(),
              each.occasion(),
              each.copies(),
              Optional.empty(),
              Optional.of(each),
              had(each.forWhom(), known)));
    }
    entries.sort(Comparator.comparing(Entry::on));
    return new Ahead(months(entries, Ready.of(known.made(), known.given())));
  }

  private static boolean isFor(Planned planned, Yearly day, LocalDate on) {
    return planned.forWhom().strip().equalsIgnoreCase(day.who().strip())
        && !planned.due().isAfter(on)
        && !planned.due().isBefore(on.minusMonths(1))
        && (planned.occasion().isEmpty() || planned.occasion().equalsIgnoreCase(day.what()));
  }

  /** What is left of what lies ready, while it is given to what is due. */
  private static final class Left {
    private final List<Ready> ready;
    private final int[] cards;
    private final int[] kits;

    Left(List<Ready> ready) {
      this.ready = ready;
      cards = ready.stream().mapToInt(Ready::cards).toArray();
      kits = ready.stream().mapToInt(Ready::kits).toArray();
    }

    /** Takes from one heap what serves an entry, at most so many. */
    int take(int[] heap, Entry entry, int most) {
      int taken = 0;
      for (int i = 0; i < heap.length; i++) {
        if (serves(ready.get(i), entry)) {
          int now = Math.min(heap[i], most - taken);
          heap[i] -= now;
          taken += now;
        }
      }
      return taken;
    }

    /** A plan is for one construction; a day without one takes any that its person never had. */
    private static boolean serves(Ready ready, Entry entry) {
      return entry
          .planned()
          .map(it -> it.job().patternId().equals(ready.card().about().patternId()))
          .orElse(!entry.had().contains(ready.card().about().construction()));
    }
  }

  private static List<Month> months(List<Entry> entries, List<Ready> ready) {
    Left left = new Left(ready);
    TreeMap<YearMonth, List<Entry>> byMonth = new TreeMap<>();
    TreeMap<YearMonth, int[]> taken = new TreeMap<>();
    for (Entry each : entries) {
      YearMonth month = YearMonth.from(each.on());
      byMonth.computeIfAbsent(month, it -> new ArrayList<>()).add(each);
      taken.put(month, new int[2]);
    }
    // What is planned comes first; a day without a plan takes what is then left.
    for (boolean planned : new boolean[] {true, false}) {
      for (Entry each : entries) {
        if (each.planned().isPresent() == planned) {
          int[] of = taken.get(YearMonth.from(each.on()));
          int cards = left.take(left.cards, each, each.cards());
          of[0] += cards;
          of[1] += left.take(left.kits, each, each.cards() - cards);
        }
      }
    }
    List<Month> months = new ArrayList<>();
    byMonth.forEach(
        (month, all) -> {
          int cards = all.stream().mapToInt(Entry::cards).sum();
          months.add(new Month(month, all, cards, taken.get(month)[0], taken.get(month)[1]));
        });
    return months;
  }

  /**
   * Returns when each plan is to be begun at the latest, if all of them are made one after another,
   * the one that is due first before the others.
   *
   * @param planned the plans
   * @param minutes how long each takes, above nought, in the same order
   * @param aDay how many minutes a day there are, above nought
   * @return the days, in the same order; some may be past
   */
  public static List<LocalDate> begins(List<Planned> planned, List<Integer> minutes, int aDay) {
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < planned.size(); i++) {
      order.add(i);
    }
    order.sort(Comparator.comparing(i -> planned.get((int) i).due()).reversed());
    LocalDate[] begins = new LocalDate[planned.size()];
    long free = Long.MAX_VALUE;
    for (int i : order) {
      // Minutes at the table, counted from the beginning of day nought of the calendar.
      long end = Math.min(free, (planned.get(i).due().toEpochDay() + 1) * aDay);
      free = end - minutes.get(i);
      begins[i] = LocalDate.ofEpochDay(Math.floorDiv(free, aDay));
    }
    return List.of(begins);
  }

  /**
   * Returns what somebody had before, so that nobody gets the same twice.
   *
   * @param who the person's name, in any letters
   * @param known all that the log tells
   * @return constructions, each once, the newest first
   */
  public static List<String> had(String who, Known known) {
    String name = who.strip();
    if (name.isEmpty()) {
      return List.of();
    }
    TreeMap<LocalDate, List<String>> had = new TreeMap<>(Comparator.reverseOrder());
    for (Heading card : known.made()) {
      if (card.memory().forWhom().strip().equalsIgnoreCase(name)) {
        had.computeIfAbsent(card.on(), day -> new ArrayList<>()).add(card.about().construction());
      }
      known.given().stream()
          .filter(each -> each.card().equals(card.id()))
          .filter(each -> each.who().strip().equalsIgnoreCase(name))
          .forEach(
              each ->
                  had.computeIfAbsent(each.on(), day -> new ArrayList<>())
                      .add(card.about().construction()));
    }
    return had.values().stream().flatMap(List::stream).distinct().toList();
  }
}
