package cufflink.files.export;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.design.Opening;
import cufflink.core.design.Score;
import cufflink.core.measure.LengthFormat;
import cufflink.core.run.Lie;
import cufflink.core.run.Move;
import cufflink.core.run.ScoreRun;
import java.util.List;
import java.util.Locale;

/**
 * Writes moves, for other programs to obey: lines and outlines are in millimetres from the upper
 * left corner of the paper as it then lies, x to the right and y down.
 */
final class MovesJson {
  private final LengthFormat format;
  private final JsonNumbers numbers;

  MovesJson(LengthFormat format) {
    this.format = format;
    this.numbers = new JsonNumbers(format);
  }

  void write(ObjectNode root, List<Move> moves) {
    ArrayNode array = root.putArray("moves");
    for (Move move : moves) {
      ObjectNode node = array.addObject();
      act(node, move);
      node.put("words", move.words().say(format));
    }
  }

  private void act(ObjectNode node, Move move) {
    if (move instanceof Move.Trim trim) {
      node.put("act", "cut").put("paper", trim.step().paper()).put("top", plain(trim.top()));
      numbers.length(node, "fence", trim.step().fence());
      numbers.line(node, trim.line());
    } else if (move instanceof Move.Lay lay) {
      node.put("act", "lay").put("piece", lay.piece().id());
      node.put("up", plain(lay.lie().up())).put("top", plain(lay.lie().top()));
      node.put("count", lay.count());
      lay.folded().ifPresent(folded -> node.putArray("folded").add(folded.score().id()));
    } else if (move instanceof Move.Stack stack) {
      node.put("act", "lay").put("piece", stack.under().id());
      node.put("up", plain(Lie.DESCRIBED.up())).put("top", plain(Lie.DESCRIBED.top()));
      ObjectNode over = node.putArray("with").addObject().put("piece", stack.over().id());
      over.put("up", plain(stack.lie().up())).put("top", plain(stack.lie().top()));
    } else if (move instanceof Move.Turn turn) {
      turn(node, turn);
    } else if (move instanceof Move.Dot dot) {
      node.put("act", "mark").put("face", dot.faceUp() ? "up" : "below");
      numbers.place(node, "at", dot.at());
    } else if (move instanceof Move.Press press) {
      press(node, press);
    } else if (move instanceof Move.Cut cut) {
      node.put("act", cut.isSlit() ? "slit" : "cut");
      put(node, "id", cut.id());
      if (cut.isWide()) {
        node.put("wide", true);
      }
      numbers.line(node, cut.line());
    } else if (move instanceof Move.TrimTo trim) {
      node.put("act", "cut").put("along", trim.paper());
      numbers.line(node, trim.line());
    } else if (move instanceof Move.CutOut cut) {
      node.put("act", "cut");
      numbers.places(node, "outline", cut.outline());
    } else if (move instanceof Move.Open open) {
      boolean punched = open.opening().kind() != Opening.Kind.WINDOW;
      node.put("act", punched ? "punch" : "cut").put("id", open.opening().id());
      numbers.places(node, "outline", open.outline());
    } else if (move instanceof Move.Crease crease) {
      node.put("act", "fold");
      ids(node.putArray("ids"), crease.stroke().parts());
      node.put("towards", crease.towards() ? "maker" : "table");
      numbers.line(node, crease.line());
    }
  }

  private static void turn(ObjectNode node, Move.Turn turn) {
    switch (turn.turning().act()) {
      case CLOCKWISE -> node.put("act", "turn").put("quarter", "clockwise");
      case ANTICLOCKWISE -> node.put("act", "turn").put("quarter", "anticlockwise");
      default -> node.put("act", "turn-over");
    }
  }

  private void press(ObjectNode node, Move.Press press) {
    node.put("act", "score");
    ids(node.putArray("ids"), press.stroke().parts());
    ids(node.putArray("against"), press.stroke().against());
    numbers.line(node, press.line());
    press.stop().map(ScoreRun.Stop::at).ifPresent(at -> numbers.length(node, "stop", at));
    node.put("passes", press.passes());
  }

  private static void ids(ArrayNode array, List<Score> scores) {
    scores.stream().map(Score::id).forEach(array::add);
  }

  private static void put(ObjectNode node, String name, String text) {
    if (!text.isEmpty()) {
      node.put(name, text);
    }
  }

  private static String plain(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
