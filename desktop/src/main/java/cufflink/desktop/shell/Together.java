package cufflink.desktop.shell;

import cufflink.core.ahead.Planned;
import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.make.AtTable;
import cufflink.core.make.Progress;
import cufflink.core.make.Session;
import cufflink.core.make.Task;
import cufflink.core.measure.Parsed;
import cufflink.desktop.wait.InOrder;
import cufflink.desktop.work.Maker;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Planned jobs that are made in one session: whichever needs what is set, or goes on while another
 * dries, lies on the table.
 */
final class Together {
  private final Workbench bench;
  private final Logbook log;
  private final InOrder work = new InOrder("session");
  private List<Run> runs = List.of();
  private Session session = new Session(List.of(), 0, 0);
  private final Set<Integer> finished = new HashSet<>();
  private int current = -1;

  /** A planned job as it lies on the table when it is its turn. */
  private record Run(Planned planned, AtTable at) {}

  /** The paper of a job. */
  private record Aside(String title, List<CutPlan> plans) {}

  /** The runs of a session, and what is set aside for each. */
  private record Ordered(List<Run> runs, List<Aside> aside) {}

  private static final AtTable.Planner PLANNER =
      new AtTable.Planner() {
        @Override
        public Optional<List<PaperPlan>> plans(PaperPlan.Question question) {
          return Optional.of(again(question));
        }

        @Override
        public List<PaperPlan> again(PaperPlan.Question question) {
          return PaperPlan.of(question, Watch.NOBODY);
        }
      };

  /** What a session is ordered from. */
  private record Asked(List<Planned> plans, List<List<Done>> done, Drawer drawer) {}

  Together(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
  }

  /** Says whether several jobs are being made. */
  boolean isOn() {
    return runs.size() > 1;
  }

  /** Begins a session of some plans, or goes on with them as they have become. */
  void begin(List<Planned> plans) {
    List<Planned> named = plans.stream().map(Together::named).toList();
    Drawer drawer = bench.drawer();
    log.change(
        store -> read(store, named),
        done -> {
          for (int i = 0; i < named.size(); i++) {
            bench.making().maker().learn(named.get(i).job().id(), done.get(i));
          }
          bench.tell(Words.say("together.orders"));
          work.run(() -> runs(new Asked(named, done, drawer)), this::go);
        });
  }

  /** What has been done of a job is known by its id. */
  private static Planned named(Planned plan) {
    if (!plan.job().id().isEmpty()) {
      return plan;
    }
    return plan.withJob(plan.job().withId(UUID.randomUUID().toString()));
  }

  private static Parsed<List<List<Done>>> read(LogStore store, List<Planned> plans) {
    Parsed<List<List<Done>>> all = Parsed.good(new ArrayList<>());
    for (Planned each : plans) {
      all =
          all.then(
              before ->
                  store
                      .put(each)
                      .then(put -> store.done(each.job().id()))
                      .then(
                          done -> {
                            List<List<Done>> more = new ArrayList<>(before);
                            more.add(done);
                            return Parsed.good(more);
                          }));
    }
    return all;
  }

  /** Each job has its paper set aside, so that no two are cut from the same sheet. */
  private Ordered runs(Asked asked) {
    List<Aside> aside = new ArrayList<>();
    Drawer drawer = asked.drawer();
    for (Planned plan : asked.plans()) {
      Optional<PaperPlan.Question> cutting =
          derivation(plan).flatMap(each -> question(each, asked.drawer()));
      if (cutting.isPresent()) {
        List<CutPlan> plans =
            PaperPlan.of(cutting.get().from(drawer), Watch.NOBODY).stream()
                .map(PaperPlan::plan)
                .toList();
        aside.add(new Aside(plan.job().title(), plans));
        drawer = drawer.reserve(plan.job().title(), plans);
      }
    }
    List<Run> made = new ArrayList<>();
    for (int i = 0; i < asked.plans().size(); i++) {
      Planned plan = asked.plans().get(i);
      List<Done> done = asked.done().get(i);
      Drawer left = drawer;
      derivation(plan)
          .flatMap(each -> at(each, done, left))
          .ifPresent(at -> made.add(new Run(plan, at)));
    }
    return new Ordered(made, aside);
  }

  private Optional<Derivation> derivation(Planned plan) {
    return bench.library().pattern(plan.job()).map(pattern -> Derivation.of(pattern, plan.job()));
  }

  private static Optional<PaperPlan.Question> question(Derivation derivation, Drawer drawer) {
    Job job = derivation.job();
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    return derivation.made().map(made -> PaperPlan.Question.of(made.design(), job, supplies));
  }

  /** The same run as the table would make of it alone. */
  private Optional<AtTable> at(Derivation derivation, List<Done> done, Drawer drawer) {
    Maker maker = bench.making().maker();
    Job job = derivation.job();
    return question(derivation, drawer)
        .map(
            cutting ->
                new AtTable.Asked(
                    job, cutting, false, done, maker.school(job.order()), maker.times()))
        .flatMap(asked -> AtTable.of(asked, PLANNER));
  }

  private void go(Ordered ordered) {
    runs = ordered.runs();
    finished.clear();
    bench
        .making()
        .changeDrawer(
            drawer -> {
              Drawer now = drawer;
              for (Aside each : ordered.aside()) {
                now = now.reserve(each.title(), each.plans());
              }
              return now;
            },
            "drawer.was-reserved");
    session = Session.ofWorks(runs.stream().map(run -> run.at().work()).toList());
    current = -1;
    bench.tell("");
    next();
  }

  /** Says which job's turn it is, and lays that on the table. */
  void next() {
    int turn = turn();
    if (turn < 0) {
      end();
      return;
    }
    if (turn != current) {
      current = turn;
      Planned plan = runs.get(turn).planned();
      if (bench.lay(plan.job(), Optional.empty())) {
        bench.station().set(Station.MAKE);
        bench.tell(Words.say("together.now", plan.job().title()));
      }
    }
  }

  /** The job on the table is made: whatever the session thought is left of it, others go on. */
  void goOn() {
    if (current >= 0) {
      finished.add(current);
    }
    next();
  }

  /** After something was done, it may be another job's turn; one that is finished stays. */
  void done() {
    boolean isOther = !isOn() || current < 0 || !bench.job().map(Job::id).equals(id(current));
    if (isOther) {
      end();
      return;
    }
    Planned plan = runs.get(current).planned();
    if (!bench.job().get().equals(plan.job())) {
      // It has become another meanwhile: the session is ordered anew, with what it is now.
      Job now = bench.job().get();
      begin(
          runs.stream()
              .map(Run::planned)
              .map(each -> each.equals(plan) ? each.withJob(now) : each)
              .toList());
      return;
    }
    if (!isFinished(current)) {
      next();
    }
  }

  private Optional<String> id(int run) {
    return Optional.of(runs.get(run).planned().job().id());
  }

  private boolean isFinished(int run) {
    AtTable at = runs.get(run).at();
    return progress(run).next() == at.work().tasks().size();
  }

  private Progress progress(int run) {
    Maker maker = bench.making().maker();
    AtTable at = runs.get(run).at();
    return Progress.of(at.work(), maker.done(at.jobId()));
  }

  private int turn() {
    for (Session.Turn each : session.turns()) {
      Task task = runs.get(each.run()).at().work().tasks().get(each.task());
      boolean isOpen = !finished.contains(each.run());
      if (isOpen && progress(each.run()).made(task) < task.count()) {
        return each.run();
      }
    }
    return -1;
  }

  private void end() {
    runs = List.of();
    current = -1;
  }
}
