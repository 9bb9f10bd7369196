package cufflink.desktop.shell;

import cufflink.core.paper.Papers;
import cufflink.files.words.Words;

/** How the layers of a card that lies flat are shown. */
enum Layers {
  /** On each other; once it is finished the card is shown as its receiver sees it. */
  TOGETHER("fold.together"),
  /** On each other, with all lines to work by in every state. */
  LINES("fold.lines"),
  TENFOLD("fold.tenfold"),
  SPREAD("fold.spread");

  private static final double APART = 9;
  private static final int TIMES = 10;

  private final String key;

  Layers(String key) {
    this.key = key;
  }

  String title() {
    return Words.say(key);
  }

  /** Returns how far each layer is lifted off the one below, in millimetres. */
  double apart(Papers papers) {
    return switch (this) {
      case TOGETHER, LINES -> 0;
      case TENFOLD -> TIMES * papers.card().caliper().toMillimetres();
      case SPREAD -> APART;
    };
  }
}
