package cufflink.core.ahead;

import cufflink.core.cut.Drawer.Shortfall;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.run.PlanWords;
import cufflink.core.words.Message;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says what is to come. */
public final class AheadWords {
  private static final List<String> MONTHS =
      List.of(
          "month.january",
          "month.february",
          "month.march",
          "month.april",
          "month.may",
          "month.june",
          "month.july",
          "month.august",
          "month.september",
          "month.october",
          "month.november",
          "month.december");

  private static final Length FOOT = Length.ofInches(12, 1);
  private static final Length METRE = Length.ofMillimetres(1000);
  private static final int TENTHS = 10;

  private AheadWords() {}

  /** Names a month with its year. */
  public static Message name(YearMonth month) {
    return Message.of(
        "ahead.month-name",
        Message.of(MONTHS.get(month.getMonthValue() - 1)),
        Integer.toString(month.getYear()));
  }

  /**
   * Says how many cards a month needs and what lies ready for them.
   *
   * @param month the month
   * @return such as “June 2027: three cards; 2 kits ready, one to make”
   */
  public static Message month(Ahead.Month month) {
    List<Message> have = new ArrayList<>();
    if (month.fromShelf() > 0) {
      have.add(Message.of("ahead.from-shelf", month.fromShelf()));
    }
    if (month.fromKits() > 0) {
      have.add(Message.of("ahead.from-kits", month.fromKits()));
    }
    if (month.toMake() > 0) {
      have.add(Message.of("ahead.to-make", month.toMake()));
    }
    Message all = Message.list("list.comma", have);
    return Message.of("ahead.month", name(month.month()), month.cards(), all);
  }

  /**
   * Says what is due on a day.
   *
   * @param entry what is due
   * @return such as “2027-06-09: Nell, birthday; two of Bollard pocket are planned”
   */
  public static Message entry(Ahead.Entry entry) {
    List<String> about = new ArrayList<>(List.of(entry.who(), entry.what()));
    about.removeIf(String::isEmpty);
    String told = String.join(", ", about);
    Message day =
        told.isEmpty()
            ? Message.plain(entry.on().toString())
            : Message.of("ahead.day", entry.on().toString(), told);
    return entry
        .planned()
        .map(it -> Message.of("ahead.planned", day, it.copies(), it.job().title()))
        .orElse(day);
  }

  /** Says what somebody had before; nothing if they had none. */
  public static Message had(Ahead.Entry entry) {
    return entry.had().isEmpty()
        ? Message.NONE
        : Message.of("ahead.had", entry.who(), Message.list("list.comma", entry.had()));
  }

  /** Says what lies ready of one making. */
  public static Message ready(Ready ready) {
    String title = ready.card().about().title();
    if (ready.kits() == 0) {
      return Message.of("ahead.cards-ready", ready.cards(), title);
    }
    return ready.cards() == 0
        ? Message.of("ahead.kits-ready", ready.kits(), title)
        : Message.of("ahead.both-ready", ready.cards(), ready.kits(), title);
  }

  /**
   * Says what is to be bought.
   *
   * @param shopping the list
   * @param inInches whether the maker measures in inches
   * @return a line for each; none if everything is there
   */
  public static List<Message> shopping(Shopping shopping, boolean inInches) {
    List<Message> lines = new ArrayList<>(sheets(shopping));
    shopping
        .sundries()
        .amounts()
        .forEach((kind, amount) -> lines.add(sundry(kind, amount, inInches)));
    shopping.unplanned().forEach(title -> lines.add(Message.of("ahead.unplanned", title)));
    return lines;
  }

  /** Says which sheets are to be bought, a line for each. */
  public static List<Message> sheets(Shopping shopping) {
    List<Message> lines = new ArrayList<>();
    for (Shortfall each : shopping.sheets()) {
      lines.add(PlanWords.buy(each));
    }
    return lines;
  }

  /**
   * Says an amount as it is bought: lengths in tenths of metres or feet, rounded up.
   *
   * @param kind what
   * @param amount how much
   * @param inInches whether the maker measures in inches
   * @return a line
   */
  public static Message sundry(Kind kind, long amount, boolean inInches) {
    switch (kind.material()) {
      case DOTS:
        return Message.of("hand.dots", amount);
      case PADS:
        return Message.of("hand.pads", amount);
      case TAPE:
        return Message.of("ahead.tape", roll(amount, inInches));
      default:
        return Message.of(
            "ahead.ribbon",
            new Written(kind.width(), Written.Style.WITH_UNIT, Optional.empty()),
            roll(amount, inInches));
    }
  }

  private static Message roll(long amount, boolean inInches) {
    long unit = (inInches ? FOOT : METRE).units();
    long tenths = Math.floorDiv(amount * TENTHS + unit - 1, unit);
    String number =
        tenths % TENTHS == 0
            ? Long.toString(tenths / TENTHS)
            : tenths / TENTHS + "." + tenths % TENTHS;
    return Message.of(inInches ? "ahead.feet" : "ahead.metres", number);
  }

  /**
   * Foretells what will run out while a job is made, of what the maker said there is.
   *
   * @param used what the job uses up
   * @param there what there is
   * @param inInches whether the maker measures in inches
   * @return a sentence; nothing if there is enough
   */
  public static Message runsOut(Sundries used, Sundries there, boolean inInches) {
    List<Message> missing = new ArrayList<>();
    used.less(there)
        .known(there)
        .amounts()
        .forEach((kind, amount) -> missing.add(sundry(kind, amount, inInches)));
    return missing.isEmpty()
        ? Message.NONE
        : Message.of("ahead.runs-out", Message.list("list.comma", missing));
  }
}
