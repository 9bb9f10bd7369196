package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers.Colours;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Tint;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.PrintedSheet;
import cufflink.files.figure.ShippedSheet;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** What the papers of a card look like: their colours, and what is printed on them. */
final class PaperLook {
  private static final double SWATCH = 18;

  private final Workbench bench;
  private final Look look;
  private final PictureWords pictures;

  PaperLook(Workbench bench, Look look, PictureWords pictures) {
    this.bench = bench;
    this.look = look;
    this.pictures = pictures;
  }

  /** Says of each paper of a card how it looks, each to be chosen otherwise. */
  Message words(Design design, Sentence sentence) {
    List<Message> papers = new ArrayList<>();
    for (PaperRole role : design.roles()) {
      String word =
          sentence.choice(name(role), Words.say("look.hint", paper(role)), () -> items(role));
      papers.add(Message.of("look.paper", paper(role), word));
    }
    return Message.of("look.sentence", Message.list("list.comma", papers));
  }

  private static String paper(PaperRole role) {
    return role.isUsual() ? Words.say("look.of-" + written(role.kind())) : role.label();
  }

  private String name(PaperRole role) {
    Colours colours = look.colours(role);
    if (colours.picture().isPresent() && printed(colours).isEmpty()) {
      return Words.say("look.as-in", called(colours.picture().get()));
    }
    String ground = name(colours.ground());
    return colours.motif() == Motif.PLAIN
        ? ground
        : Words.say("look.printed", name(colours.motif()), name(colours.ink()), ground);
  }

  private static String called(Picture picture) {
    return ShippedSheet.named(picture.name())
        .map(each -> Words.say(each.called()))
        .orElseGet(picture::label);
  }

  private static Optional<PrintedSheet> printed(Colours colours) {
    return colours.picture().flatMap(picture -> PrintedSheet.named(picture.name()));
  }

  private static String written(Enum<?> each) {
    return each.name().toLowerCase(Locale.ROOT);
  }

  private static String name(Tint tint) {
    return Words.say("tint." + written(tint));
  }

  private static String name(Motif motif) {
    return Words.say("motif." + written(motif));
  }

  private List<MenuItem> items(PaperRole role) {
    Colours now = look.colours(role);
    List<MenuItem> pictured =
        role.kind() == PaperKind.RIBBON
            ? List.of()
            : pictures.items(role, now, it -> choose(role, it).run());
    if (role.kind() != PaperKind.PATTERNED && role.isUsual()) {
      return with(tints(now.ground(), tint -> tinted(role, now.on(tint))), pictured);
    }
    Menu print = new Menu(Words.say("look.print"));
    for (Motif motif : Motif.values()) {
      boolean isNow = now.motif() == motif && (now.picture().isEmpty() || printed(now).isPresent());
      print
          .getItems()
          .add(Sentence.tick(name(motif), isNow, () -> print(role, now.with(motif)).run()));
    }
    Menu ink = new Menu(Words.say("look.ink"));
    ink.getItems().addAll(tints(now.ink(), tint -> tinted(role, now.in(tint))));
    Menu ground = new Menu(Words.say("look.ground"));
    ground.getItems().addAll(tints(now.ground(), tint -> tinted(role, now.on(tint))));
    return with(List.of(print, ink, ground), pictured);
  }

  private static List<MenuItem> with(List<MenuItem> items, List<MenuItem> more) {
    List<MenuItem> all = new ArrayList<>(items);
    all.addAll(more);
    return all;
  }

  private static List<MenuItem> tints(Tint now, Function<Tint, Runnable> choose) {
    return Stream.of(Tint.values())
        .map(
            tint -> {
              MenuItem item = Sentence.tick(name(tint), tint == now, choose.apply(tint));
              item.setGraphic(new Rectangle(SWATCH, SWATCH, colour(tint)));
              return item;
            })
        .toList();
  }

  private static Color colour(Tint tint) {
    int rgb = tint.rgb();
    return Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
  }

  private Runnable choose(PaperRole role, Colours colours) {
    return () -> bench.making().look(role, colours);
  }

  /** A plain print is a sheet as well, so that it can be slid in its part. */
  private Runnable print(PaperRole role, Colours colours) {
    Optional<PrintedSheet> sheet =
        Optional.of(colours)
            .filter(each -> each.motif() != Motif.PLAIN)
            .map(each -> new PrintedSheet(each.motif(), each.ground(), each.ink()));
    Colours now = sheet.map(each -> colours.as(each.picture(marks()))).orElse(colours);
    Paper.Print way = sheet.map(PrintedSheet::print).orElse(Paper.Print.NONE);
    return () -> {
      bench.making().look(role, now, way);
      now.picture()
          .ifPresent(
              it ->
                  bench.tell(
                      Words.say(
                          "look.taken",
                          name(now.motif()),
                          bench.format().briefSize(it.wide(), it.high()))));
    };
  }

  /** What is such a sheet is printed anew in other colours. */
  private Runnable tinted(PaperRole role, Colours now) {
    return choose(
        role,
        printed(now)
            .map(each -> new PrintedSheet(each.motif(), now.ground(), now.ink()))
            .map(each -> now.as(each.picture(marks())))
            .orElse(now));
  }

  private Marks marks() {
    return bench.job().orElseThrow().marks();
  }
}
