package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.log.Done;
import cufflink.core.make.AtTable;
import cufflink.core.make.Round;
import cufflink.core.make.Task;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;

/** What stands beside what is to be done. */
final class MakeAside {
  private final Workbench bench;

  MakeAside(Workbench bench) {
    this.bench = bench;
  }

  /**
   * What was done before the job became another and no longer fits, what is still wet, or why it is
   * done now.
   */
  Optional<String> of(Derivation derivation, AtTable at, Task task) {
    if (task.phase() == Task.Phase.CUT && at.round().number() > 0) {
      List<Done> done = bench.making().maker().done(derivation.job().id());
      List<Message> told = Round.otherwise(done, at.needed());
      return told.isEmpty() ? Optional.empty() : Optional.of(say(Message.list("list.space", told)));
    }
    return task.phase() == Task.Phase.CUT
        ? Optional.empty()
        : at.progress()
            .before(task)
            .map(done -> Words.say("make.before", done.act().said()))
            .or(() -> bench.making().maker().dries(at).map(until -> Words.say("make.dries", until)))
            .or(() -> task.reasons().stream().reduce(Message::followedBy).map(this::say));
  }

  private String say(Message message) {
    return message.say(bench.format());
  }
}
