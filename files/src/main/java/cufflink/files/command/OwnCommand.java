package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;
import static cufflink.files.command.OwnLog.print;
import static cufflink.files.command.OwnLog.with;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.files.size.ChartText;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Looks at the chart of sizes that a maker owns. */
@Command(
    name = "own",
    mixinStandardHelpOptions = true,
    subcommands = {
      OwnCommand.AddCommand.class,
      OwnCommand.DropCommand.class,
      OwnCommand.FitsCommand.class
    })
final class OwnCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Mixin private RulerOption marks = new RulerOption();

  @Override
  public Integer call() {
    LengthFormat format = Words.on(marks.ruler(), Fractions.PLAIN);
    List<String> lines = new ArrayList<>(ChartText.lines(with(s -> orBad(s.chart())), format));
    if (lines.isEmpty()) {
      lines.add(Words.say("chart.none"));
    }
    return print(spec, lines);
  }

  /** Notes something that is owned. */
  @Command(name = "add", mixinStandardHelpOptions = true)
  static final class AddCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "SIZE", descriptionKey = "parameter.own-size")
    private String written;

    @Mixin private RulerOption marks = new RulerOption();

    @Override
    public Integer call() {
      Owned owned = orBad(ChartText.parse(written, marks.ruler()));
      with(store -> orBad(store.chart().then(chart -> store.put(chart.with(owned)))));
      LengthFormat format = Words.on(marks.ruler(), Fractions.PLAIN);
      return print(spec, List.of(ChartText.line(owned).say(format)));
    }
  }

  /** Takes something out again. */
  @Command(name = "forget", mixinStandardHelpOptions = true)
  static final class DropCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "NAME", descriptionKey = "parameter.own-name")
    private String name;

    @Override
    public Integer call() {
      Chart before = with(store -> orBad(store.chart()));
      Chart after = before.without(name);
      if (after.equals(before)) {
        throw BadInputException.of("chart.unknown", name);
      }
      with(store -> orBad(store.put(after)));
      return print(spec, List.of());
    }
  }

  /** Says what something that is printed or stamped fits on. */
  @Command(name = "fits", mixinStandardHelpOptions = true)
  static final class FitsCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "WxH", descriptionKey = "parameter.own-fits")
    private String written;

    @Mixin private RulerOption marks = new RulerOption();

    @Override
    public Integer call() {
      Chart chart = with(store -> orBad(store.chart()));
      Owned printed = orBad(ChartText.printed(chart, written, marks.ruler()));
      LengthFormat format = Words.on(marks.ruler(), Fractions.PLAIN);
      return print(spec, ChartText.fits(chart, printed, marks.ruler(), format));
    }
  }
}
