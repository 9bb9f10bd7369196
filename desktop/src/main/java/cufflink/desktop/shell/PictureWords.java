package cufflink.desktop.shell;

import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Papers.Colours;
import cufflink.core.paper.Picture;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.ShippedSheet;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

/** The words with which papers get their pictures, and parts their places on them. */
final class PictureWords {
  private final Workbench bench;
  private final Derivation derivation;
  private final PictureChoice pictures;

  PictureWords(Workbench bench, Derivation derivation, PictureChoice pictures) {
    this.bench = bench;
    this.derivation = derivation;
    this.pictures = pictures;
  }

  /** Tells of pictures that are not on this machine. */
  Message gone() {
    return derivation.job().papers().colours().values().stream()
        .flatMap(colours -> colours.picture().stream())
        .filter(Predicate.not(pictures::has))
        .findFirst()
        .map(picture -> Message.of("picture.gone", picture.label()))
        .orElse(Message.NONE);
  }

  /** Offers a picture for a paper, and what can be done with one. */
  List<MenuItem> items(PaperRole role, Colours now, Consumer<Colours> choose) {
    Menu shipped = new Menu(Words.say("look.shipped"));
    for (ShippedSheet sheet : ShippedSheet.values()) {
      Picture picture = sheet.picture(derivation.job().marks());
      boolean isNow = now.picture().filter(picture::equals).isPresent();
      Runnable take = () -> bench.making().look(role, now.as(picture), sheet.print());
      shipped.getItems().add(Sentence.tick(Words.say(sheet.called()), isNow, take));
    }
    List<MenuItem> items = new ArrayList<>();
    items.add(shipped);
    items.add(
        Sentence.item(
            Words.say("look.picture"),
            () ->
                pictures.choose(
                    PaperPlan.sheet(
                        derivation.job(), role, StandardSizes.usualSheet(derivation.job().marks())),
                    picture -> take(picture, now, choose))));
    now.picture()
        .ifPresent(
            picture -> {
              items.add(
                  Sentence.typed(
                      Words.say("look.wide-prompt"), text -> widen(text, picture, now, choose)));
              items.add(
                  Sentence.item(
                      Words.say("look.no-picture"), () -> choose.accept(now.with(now.motif()))));
              items.addAll(parts(role));
            });
    return items;
  }

  private void take(Picture picture, Colours now, Consumer<Colours> choose) {
    choose.accept(now.as(picture));
    bench.tell(
        Words.say(
            "look.taken",
            picture.label(),
            bench.format().briefSize(picture.wide(), picture.high())));
  }

  private void widen(String text, Picture picture, Colours now, Consumer<Colours> choose) {
    Optional<Length> wide =
        LengthParser.parse(text.strip(), unit()).value().filter(Picture::isSheet);
    Optional<Picture> wider =
        wide.map(picture::wide).filter(it -> it.wide().equals(wide.orElseThrow()));
    wider.ifPresentOrElse(
        it -> choose.accept(now.as(it)),
        () ->
            bench.tell(
                Words.say(
                    "look.wide-wrong",
                    text.strip(),
                    bench.format().format(Picture.SMALLEST),
                    bench.format().format(Picture.LARGEST))));
  }

  private Unit unit() {
    return bench.shownMarks().unit();
  }

  private List<MenuItem> parts(PaperRole role) {
    Design design = derivation.made().orElseThrow().design();
    List<Cutout> parts =
        Cutout.all(design, derivation.job().papers()).values().stream()
            .filter(each -> isOf(design, each.part(), role))
            .toList();
    List<MenuItem> items = new ArrayList<>();
    if (parts.size() > 1) {
      items.add(
          Sentence.item(
              Words.say("look.run-on"),
              () -> {
                Papers papers = bench.making().papers();
                for (Cutout each : parts) {
                  papers =
                      papers.cutting(
                          each.part(),
                          Optional.of(
                              each.within(
                                  each.spot(), bench.job().orElseThrow().rulers().layers())));
                }
                bench.making().use(papers);
              }));
    }
    parts.forEach(each -> items.add(menu(each)));
    return items;
  }

  private static boolean isOf(Design design, String part, PaperRole role) {
    return design.piece(part).filter(piece -> piece.role().equals(role)).isPresent()
        || design.layers().stream()
            .filter(layer -> layer.role().equals(role))
            .anyMatch(layer -> part.equals(layer.on() + "." + layer.id()));
  }

  private Menu menu(Cutout part) {
    Menu menu = new Menu(part.label());
    menu.getItems()
        .add(
            Sentence.tick(
                Words.say("look.cut-anywhere"),
                !part.isPlaced(),
                () ->
                    bench
                        .making()
                        .use(bench.making().papers().cutting(part.part(), Optional.empty()))));
    Picture.Spot spot = part.spot();
    menu.getItems()
        .add(
            Sentence.tick(
                Words.say(
                    "look.cut-here",
                    bench.format().format(spot.left()),
                    bench.format().format(spot.top())),
                part.isPlaced(),
                () -> place(part, spot)));
    menu.getItems()
        .add(Sentence.item(Words.say("look.cut-middle"), () -> place(part, part.centred())));
    menu.getItems()
        .add(
            Sentence.item(
                Words.say("look.cut-turned"), () -> place(part, part.turned(spot.quarters() + 1))));
    menu.getItems()
        .add(Sentence.typed(Words.say("look.cut-prompt"), text -> type(part, text.strip())));
    return menu;
  }

  private void type(Cutout part, String text) {
    String[] both = text.split("[x×]", 2);
    Optional<Length> left = LengthParser.parse(both[0].strip(), unit()).value();
    Optional<Length> top =
        both.length < 2 ? Optional.empty() : LengthParser.parse(both[1].strip(), unit()).value();
    if (left.isEmpty() || top.isEmpty()) {
      bench.tell(Words.say("look.cut-wrong", text));
      return;
    }
    place(part, part.spot().at(left.get(), top.get()));
  }

  /** What would lie past an edge of the sheet is cut at that edge, and the maker is told. */
  private void place(Cutout part, Picture.Spot asked) {
    Picture.Spot spot = part.within(asked, bench.job().orElseThrow().rulers().layers());
    bench.making().use(bench.making().papers().cutting(part.part(), Optional.of(spot)));
    if (!part.picture().holds(spot.quarters(), part.frame().width(), part.frame().height())) {
      bench.tell(Words.say("look.too-small", part.label(), part.picture().label()));
    } else if (!part.within(asked).equals(asked)) {
      bench.tell(
          Words.say(
              "look.cut-clamped",
              bench.format().format(spot.left()),
              bench.format().format(spot.top())));
    }
  }
}
