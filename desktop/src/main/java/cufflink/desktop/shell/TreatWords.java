package cufflink.desktop.shell;

import cufflink.core.decor.Treated;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.paper.PaperKind;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

/** What is stamped, inked or embossed before anything is glued: the words to choose it with. */
final class TreatWords {
  private final Workbench bench;
  private final Derivation derivation;

  TreatWords(Workbench bench, Derivation derivation) {
    this.bench = bench;
    this.derivation = derivation;
  }

  private List<Treatment> treatments() {
    return derivation.job().order().treatments();
  }

  Message words(Design design, Sentence sentence) {
    List<String> all =
        treatments().stream()
            .map(
                each ->
                    Words.say(
                        "treat.named",
                        Treated.of(each, design).map(Treated::label).orElse(each.part()),
                        say(each.kind())))
            .toList();
    String word = all.isEmpty() ? Words.say("treat.nothing") : String.join(", ", all);
    return Message.of(
        "treat.sentence", sentence.choice(word, Words.say("treat.hint"), () -> parts(design)));
  }

  private static String say(Treatment.Kind kind) {
    return Words.say(
        switch (kind) {
          case STAMP -> "treat.menu-stamp";
          case MARKER -> "treat.menu-marker";
          case WASH -> "treat.menu-wash";
          case PASTE -> "treat.menu-paste";
          case POWDER -> "treat.menu-powder";
          case EMBOSS -> "treat.menu-emboss";
        });
  }

  /** Each face of a piece, each layer, and what is there no longer. */
  private List<MenuItem> parts(Design design) {
    List<MenuItem> items = new ArrayList<>();
    design.pieces().stream()
        .filter(piece -> piece.paper() != PaperKind.RIBBON)
        .forEach(
            piece -> {
              String outside = Words.say("treat.menu-outside", piece.label());
              String inside = Words.say("treat.menu-inside", piece.label());
              items.add(menu(outside, piece.id(), Face.OUTSIDE));
              items.add(menu(inside, piece.id(), Face.INSIDE));
            });
    design
        .layers()
        .forEach(
            layer -> items.add(menu(layer.label(), layer.on() + "." + layer.id(), layer.face())));
    treatments().stream()
        .filter(each -> Treated.of(each, design).isEmpty())
        .forEach(each -> items.add(Sentence.tick(each.part(), true, () -> toggle(each))));
    return items;
  }

  private Menu menu(String label, String part, Face face) {
    Menu menu = new Menu(label);
    Stream.of(Treatment.Kind.values())
        .map(kind -> new Treatment(kind, part, face))
        .map(
            each ->
                Sentence.tick(say(each.kind()), treatments().contains(each), () -> toggle(each)))
        .forEach(menu.getItems()::add);
    return menu;
  }

  private void toggle(Treatment treatment) {
    List<Treatment> now = new ArrayList<>(treatments());
    if (!now.remove(treatment)) {
      if (now.size() >= Treatment.MOST) {
        bench.tell(Words.say("treat.most", Treatment.MOST));
        return;
      }
      now.add(treatment);
    }
    Order order = derivation.job().order();
    bench.making().order(order.withTreatments(now));
  }
}
