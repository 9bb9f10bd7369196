package cufflink.files.export;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Pocket;
import cufflink.core.design.Zone;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.Must;
import cufflink.core.glue.Trial;
import cufflink.core.measure.LengthFormat;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import java.util.Locale;

/** Writes how the pieces of a design go together. */
final class AssemblyJson {
  private final JsonNumbers numbers;

  AssemblyJson(JsonNumbers numbers) {
    this.numbers = numbers;
  }

  /** Writes in which order what is glued, with what, and what must come before it and why. */
  void write(ArrayNode glue, Design design, GluingOrder order, LengthFormat format) {
    for (GluingOrder.Step step : order.steps()) {
      ObjectNode node = glue.addObject();
      Act act = step.act();
      node.put("name", act.name(design).say(format));
      node.put("on", act.host()).put("face", plain(act.face()));
      act.joint().ifPresent(joint -> node.put("joint", joint.id()));
      act.layers().forEach(layer -> node.withArray("layers").add(layer.id()));
      node.put("with", plain(step.choice().adhesive()));
      node.put("why", step.choice().why().say(format));
      node.put("side", step.choice().isOnHost() ? "host" : "part");
      act.joint()
          .ifPresent(
              joint -> {
                node.put("part", joint.piece());
                numbers.places(node, "outline", joint.outline());
              });
      for (Layer layer : act.layers()) {
        numbers.places(node.withArray("outlines").addObject(), layer.id(), layer.outline());
      }
      design.zones().stream()
          .filter(zone -> zone.on().equals(act.host()) && zone.face() == act.face())
          .forEach(zone -> node.withArray("keepClear").add(zone.id()));
      Trial.of(act, step.choice(), design).ifPresent(trial -> node.put("try", trial.say(format)));
      step.folds().forEach(stage -> node.withArray("foldBefore").add(stage.title()));
      for (Must must : order.musts()) {
        if (must.after().equals(act)) {
          ObjectNode after = node.withArray("after").addObject();
          after.put("name", must.before().name(design).say(format));
          must.before().joint().ifPresent(joint -> after.put("joint", joint.id()));
          must.before().layers().forEach(layer -> after.withArray("layers").add(layer.id()));
          after.put("why", must.why().say(format));
        }
      }
    }
  }

  void write(ObjectNode root, Design design) {
    ArrayNode joints = root.putArray("joints");
    design.joints().forEach(joint -> write(joints.addObject(), joint));
    ArrayNode clear = root.putArray("keepClear");
    design.zones().forEach(zone -> write(clear.addObject(), zone));
    ArrayNode pockets = root.putArray("pockets");
    design.pockets().forEach(pocket -> write(pockets.addObject(), pocket));
  }

  private void write(ObjectNode node, Joint joint) {
    node.put("id", joint.id());
    node.put("label", joint.label());
    node.put("piece", joint.piece());
    node.put("on", joint.on());
    node.put("face", plain(joint.face()));
    node.put("shape", plain(joint.shape()));
    node.put("mouth", plain(joint.mouth()));
    numbers.area(node, joint.area());
    joint.turned().ifPresent(turned -> node.put("turned", plain(turned)));
    if (joint.over()) {
      node.put("over", true);
    }
    joint.askew().ifPresent(askew -> write(node.putObject("askew"), askew));
    ArrayNode glue = node.putArray("glue");
    for (Area area : joint.glue()) {
      numbers.area(glue.addObject(), area);
    }
    write(node, joint.movement());
  }

  private void write(ObjectNode node, Movement movement) {
    if (!movement.about().isEmpty()) {
      node.put("either", movement.either());
      ArrayNode about = node.putArray("about");
      movement.about().forEach(line -> numbers.ends(about.addObject(), line.from(), line.to()));
    }
    movement
        .slide()
        .ifPresent(
            slide -> {
              node.put("slides", plain(slide.towards()));
              slide.at().ifPresent(at -> write(node.putObject("slidesAt"), at));
              ArrayNode under = node.putArray("slidesUnder");
              slide.under().forEach(under::add);
            });
    movement.led().ifPresent(led -> write(node, led));
    if (!movement.through().isEmpty()) {
      ArrayNode through = node.putArray("through");
      movement.through().forEach(area -> numbers.area(through.addObject(), area));
    }
  }

  private void write(ObjectNode node, Movement.Led led) {
    numbers.length(node, "tail", led.tail());
    ArrayNode path = node.putArray("path");
    for (Movement.Leg leg : led.legs()) {
      ObjectNode part = path.addObject();
      part.put("on", leg.on());
      leg.by().ifPresent(by -> part.put("by", by));
      part.put("face", plain(leg.face()));
      numbers.ends(part, leg.middle().from(), leg.middle().to());
      numbers.length(part, "taped", leg.taped());
      ArrayNode under = part.putArray("under");
      leg.under().forEach(under::add);
      leg.during().ifPresent(open -> part.put("while", open.joint() + "-" + (open.line() + 1)));
    }
  }

  private void write(ObjectNode node, Joint.Askew askew) {
    write(node.putObject("place"), askew.place());
    write(node.putObject("at"), askew.at());
    node.put("degrees", askew.degrees());
  }

  private void write(ObjectNode node, Point point) {
    numbers.length(node, "x", point.x());
    numbers.length(node, "y", point.y());
  }

  private void write(ObjectNode node, Zone zone) {
    node.put("id", zone.id());
    node.put("label", zone.label());
    node.put("on", zone.on());
    node.put("face", plain(zone.face()));
    numbers.area(node, zone.area());
  }

  private void write(ObjectNode node, Pocket pocket) {
    node.put("id", pocket.id());
    node.put("label", pocket.label());
    node.put("on", pocket.on());
    numbers.length(node, "width", pocket.width());
    numbers.length(node, "depth", pocket.depth());
    numbers.length(node, "room", pocket.room());
  }

  private static String plain(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
