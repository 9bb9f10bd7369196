package cufflink.files.export;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.fit.Offer;
import cufflink.core.fit.SheetUse;
import cufflink.core.measure.LengthFormat;
import java.util.List;

/** Writes what can be made from what is at hand. */
public final class OfferJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final JsonNumbers numbers;

  /**
   * Prepares a writer.
   *
   * @param format how the texts beside the lengths are written
   */
  public OfferJson(LengthFormat format) {
    this.numbers = new JsonNumbers(format);
  }

  /**
   * Writes offers.
   *
   * @param offers the offers, the best first
   * @return the JSON text
   */
  public String write(List<Offer> offers) {
    ObjectNode root = NODES.objectNode();
    ArrayNode array = root.putArray("offers");
    for (Offer offer : offers) {
      ObjectNode node = array.addObject();
      node.put("id", offer.pattern().id());
      numbers.length(node, "width", offer.design().finishedWidth());
      numbers.length(node, "height", offer.design().finishedHeight());
      node.put("sheet", offer.sheet().id());
      node.put("sheets", offer.use().sheets());
      node.put("perSheet", SheetUse.yield(offer.design(), offer.sheet()));
      node.put("waste", Math.round(offer.use().waste() * 1000) / 1000.0);
      offer.envelope().ifPresent(envelope -> node.put("envelope", envelope.id()));
      node.put("offMarks", offer.offMarks());
      offer.clearance().ifPresent(clearance -> numbers.length(node, "clearance", clearance));
    }
    return root.toPrettyString();
  }
}
