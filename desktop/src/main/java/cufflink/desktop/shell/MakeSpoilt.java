package cufflink.desktop.shell;

import cufflink.core.cut.Part;
import cufflink.core.design.Piece;
import cufflink.core.log.Done;
import cufflink.core.make.AtTable;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;

/** Asks which piece is spoilt or lost, of those that lie on the table. */
final class MakeSpoilt {
  private final Workbench bench;
  private final Runnable over;

  /** Prepares to ask; what comes after is called when it has been said. */
  MakeSpoilt(Workbench bench, Runnable over) {
    this.bench = bench;
    this.over = over;
  }

  /** Returns a button for each piece, and one for none. */
  FlowPane show(AtTable at) {
    FlowPane pieces = new FlowPane();
    pieces.getStyleClass().add("make-pieces");
    for (Piece piece : at.progress().there(at.design())) {
      Function<Instant, List<Done>> act = now -> at.spoil(piece.id(), now);
      pieces.getChildren().add(choice(piece.label(), () -> spoil(at, piece.label(), act)));
    }
    for (Part part : at.layers()) {
      Function<Instant, List<Done>> act = now -> at.spoil(part, now);
      pieces.getChildren().add(choice(part.label(), () -> spoil(at, part.label(), act)));
    }
    pieces.getChildren().add(choice(Words.say("make.not-spoilt"), () -> {}));
    return pieces;
  }

  private Button choice(String label, Runnable chosen) {
    Button button = new Button(label);
    button.getStyleClass().add("make-remember");
    button.setOnAction(
        event -> {
          chosen.run();
          over.run();
        });
    return button;
  }

  private void spoil(AtTable at, String label, Function<Instant, List<Done>> act) {
    bench.making().maker().note(at, act);
    bench.tell(Words.say("make.spoilt-told", label));
  }
}
