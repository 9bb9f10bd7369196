package cufflink.desktop.slip;

import cufflink.core.design.Design;
import cufflink.core.glue.GluingOrder;
import cufflink.core.measure.LengthFormat;
import cufflink.core.scene.Ref;
import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Writes in what order a card is put together.
 *
 * @param design the card
 * @param order how it is put together
 * @param format how lengths are written
 */
public record StepSlip(Design design, GluingOrder order, LengthFormat format) {
  /**
   * Writes it.
   *
   * @return the steps by their names
   */
  public List<SlipSection> write() {
    List<SlipRow> rows = new ArrayList<>();
    for (int i = 0; i < order.steps().size(); i++) {
      GluingOrder.Step step = order.steps().get(i);
      String name = order.name(i, design).say(format);
      rows.add(
          SlipRow.read(
              new Subject.Step(i + 1),
              step.act(),
              Integer.toString(i + 1),
              name,
              Lights.of(refs(step))));
    }
    return rows.isEmpty()
        ? List.of(
            new SlipSection(
                Words.say("assemble.nothing-title"), Words.say("assemble.nothing"), List.of()))
        : List.of(new SlipSection(Words.say("assemble.in-this-order"), "", rows));
  }

  /**
   * Writes which panel is which.
   *
   * @param lines a sentence for each face that is seen
   * @param format how lengths are written
   * @return one section, each sentence in a line of its own
   */
  public static List<SlipSection> rehearsal(List<Message> lines, LengthFormat format) {
    String all =
        Words.say("rehearse.remark")
            + lines.stream().map(it -> it.say(format)).collect(Collectors.joining("\n", "\n", ""));
    return List.of(new SlipSection(Words.say("rehearse.title"), all, List.of()));
  }

  /**
   * Returns what is put on in a step.
   *
   * @param step the step
   * @return its joint, or its layers
   */
  public static Set<Ref> refs(GluingOrder.Step step) {
    Set<Ref> refs = new HashSet<>();
    step.act().joint().ifPresent(joint -> refs.add(new Ref(joint.on(), joint.id())));
    step.act().layers().forEach(layer -> refs.add(new Ref(layer.on(), layer.id())));
    return refs;
  }
}
