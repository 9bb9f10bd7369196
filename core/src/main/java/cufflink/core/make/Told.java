package cufflink.core.make;

import cufflink.core.decor.Treated;
import cufflink.core.make.Task.Phase;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/** What is said of a task, the number that stands over it, and what is in hand for it. */
record Told(
    Message words, Optional<Length> number, double seconds, List<Message> reasons, InHand inHand) {
  /** What is in hand, and how long it dries, in seconds. */
  record InHand(String name, int drying) {
    static InHand of(Adhesive adhesive) {
      return new InHand(adhesive.name(), adhesive.drying());
    }
  }

  Told(Message words, Optional<Length> number, double seconds) {
    this(words, number, seconds, List.of(), InHand.of(Adhesive.NONE));
  }

  static Told of(Phase phase, Message words) {
    return new Told(words, Optional.empty(), Times.usual(phase));
  }

  static Told of(Treated treated) {
    var kind = treated.treatment().kind();
    return new Told(
        treated.words(),
        Optional.empty(),
        Times.usual(Phase.TREAT),
        List.of(Message.of("treat.reason")),
        new InHand(kind.word(), kind.drying()));
  }

  /** Cuts and scores go by the number that is set, the rest by what is in hand. */
  Task.Tooling tooling(Phase phase, String role, boolean waits) {
    String set =
        switch (phase) {
          case CUT -> role + number.map(it -> " " + it).orElse("");
          case SCORE -> number.map(Length::toString).orElse("");
          case LAYER, ASSEMBLE, TREAT -> inHand.name();
          default -> "";
        };
    return new Task.Tooling((phase.word() + " " + set).strip(), inHand.drying(), waits);
  }
}
