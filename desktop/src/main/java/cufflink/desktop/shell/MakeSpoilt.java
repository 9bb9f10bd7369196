package cufflink.desktop.shell;

import cufflink.core.cut.Part;
import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.log.Done;
import cufflink.core.make.Adapted;
import cufflink.core.make.AtTable;
import cufflink.core.measure.Parsed;
import cufflink.core.pattern.Parameter;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

/** Asks which piece is spoilt or lost, or what it measures if it does not fit. */
final class MakeSpoilt {
  private final Workbench bench;
  private final Runnable over;
  private final Runnable again;

  /** Which piece does not fit, while that is being told; empty while it is asked. */
  private Optional<Optional<Piece>> misfit = Optional.empty();

  /**
   * Prepares to ask.
   *
   * @param bench the workbench
   * @param over is called when it has been said
   * @param again is called when something else is asked
   */
  MakeSpoilt(Workbench bench, Runnable over, Runnable again) {
    this.bench = bench;
    this.over = over;
    this.again = again;
  }

  /** Begins with the first question. */
  void begin() {
    misfit = Optional.empty();
  }

  /** Returns what is asked. */
  String question() {
    if (misfit.isEmpty()) {
      return Words.say("make.which");
    }
    return misfit
        .get()
        .map(
            piece ->
                Words.say(
                    "make.measure",
                    piece.label(),
                    bench.format().size(piece.width(), piece.height())))
        .orElse(Words.say("make.which-misfit"));
  }

  /** Returns a button for each piece, one for none, and one for what does not fit. */
  FlowPane show(AtTable at) {
    FlowPane pieces = new FlowPane();
    pieces.getStyleClass().add("make-pieces");
    Optional<Piece> measured = misfit.flatMap(piece -> piece);
    if (measured.isPresent()) {
      measure(at, measured.get(), pieces);
    } else if (misfit.isPresent()) {
      for (Piece piece : at.progress().there(at.design())) {
        pieces.getChildren().add(button(piece.label(), () -> ask(Optional.of(Optional.of(piece)))));
      }
    } else {
      spoilt(at, pieces);
      pieces
          .getChildren()
          .add(button(Words.say("make.misfit"), () -> ask(Optional.of(Optional.empty()))));
    }
    String no = Words.say(misfit.isPresent() ? "make.all-fits" : "make.not-spoilt");
    pieces.getChildren().add(button(no, this::end));
    return pieces;
  }

  private void spoilt(AtTable at, FlowPane pieces) {
    for (Piece piece : at.progress().there(at.design())) {
      Function<Instant, List<Done>> act = now -> at.spoil(piece.id(), now);
      pieces.getChildren().add(button(piece.label(), () -> spoil(at, piece.label(), act)));
    }
    for (Part part : at.layers()) {
      Function<Instant, List<Done>> act = now -> at.spoil(part, now);
      pieces.getChildren().add(button(part.label(), () -> spoil(at, part.label(), act)));
    }
  }

  private void measure(AtTable at, Piece piece, FlowPane pieces) {
    TextField size = new TextField();
    size.setPromptText(Words.say("make.measure-field"));
    size.setAccessibleText(question());
    Node fit = button(Words.say("make.measure-fit"), () -> fit(at, piece, size.getText()));
    size.setOnAction(event -> fit(at, piece, size.getText()));
    pieces.getChildren().addAll(size, fit);
  }

  private void ask(Optional<Optional<Piece>> now) {
    misfit = now;
    again.run();
  }

  private void end() {
    misfit = Optional.empty();
    over.run();
  }

  private Button button(String label, Runnable chosen) {
    Button button = new Button(label);
    button.getStyleClass().add("make-remember");
    button.setOnAction(event -> chosen.run());
    return button;
  }

  private void spoil(AtTable at, String label, Function<Instant, List<Done>> act) {
    bench.making().maker().note(at, act);
    bench.tell(Words.say("make.spoilt-told", label));
    end();
  }

  /** What is not cut yet is made to fit what was measured. */
  private void fit(AtTable at, Piece piece, String text) {
    Parsed<StandardSizes.Size> size = StandardSizes.parse(text, bench.shownMarks().unit());
    Optional<Derivation> derivation = bench.derivation().get();
    if (size.value().isEmpty() || derivation.isEmpty()) {
      bench.tell(Words.say(size.problem()));
      return;
    }
    var measured =
        new Adapted.Measured(piece.id(), size.orElseThrow().width(), size.orElseThrow().height());
    Optional<Adapted> adapted =
        Adapted.of(derivation.get().pattern(), derivation.get().job(), measured);
    if (adapted.isEmpty()) {
      bench.tell(Words.say("make.measure-none", piece.label()));
      return;
    }
    bench.making().maker().note(at, now -> at.measure(measured, now));
    String changed =
        adapted.get().parameters().stream().map(Parameter::label).collect(Collectors.joining(", "));
    bench
        .making()
        .start(
            adapted.get().values(),
            changed.isEmpty()
                ? Words.say("make.measured-same")
                : Words.say("make.measured", changed));
    end();
  }
}
