package cufflink.files.export;

import cufflink.files.figure.Pictures;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Pictures in a PDF document, each embedded once. */
final class PdfImages {
  private static final float QUALITY = 0.85f;

  private final PDDocument document;
  private final Pictures pictures;
  private final Map<String, Optional<PDImageXObject>> embedded = new HashMap<>();

  PdfImages(PDDocument document, Pictures pictures) {
    this.document = document;
    this.pictures = pictures;
  }

  Optional<PDImageXObject> of(String name) throws IOException {
    Optional<PDImageXObject> known = embedded.get(name);
    if (known == null) {
      var image = pictures.image(name).map(Pictures::opaque);
      known =
          image.isEmpty()
              ? Optional.empty()
              : Optional.of(JPEGFactory.createFromImage(document, image.get(), QUALITY));
      embedded.put(name, known);
    }
    return known;
  }
}
