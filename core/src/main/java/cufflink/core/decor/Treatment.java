package cufflink.core.decor;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.words.Message;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;

/**
 * Something that is done to paper besides cutting and folding it: while it is flat and loose, and
 * before anything is glued, since later it comes out uneven. It dries before the paper is handled.
 *
 * @param kind what is done
 * @param part to what: a piece, or a layer with its piece before it, as in cut plans
 * @param face which face of a piece; of a layer it is always the one that is seen
 */
public record Treatment(Kind kind, String part, Face face) {
  /** The most that is done to one card. */
  public static final int MOST = 40;

  /** What is done. All figures are common practice, no source. */
  public enum Kind {
    /** Ink from a pad. */
    STAMP(300, 0, "treat.do-stamp", "treat.name-stamp"),
    /** Markers on alcohol, which go through all but thick card. */
    MARKER(120, 200, "treat.do-marker", "treat.name-marker"),
    /** Water colours or sprayed ink, which go through thin paper. */
    WASH(900, 160, "treat.do-wash", "treat.name-wash"),
    /** Paste pressed through a stencil, which stays raised. */
    PASTE(3_600, 0, "treat.do-paste", "treat.name-paste"),
    /** Powder on wet ink, melted. */
    POWDER(60, 0, "treat.do-powder", "treat.name-powder"),
    /** Pressed into the paper by a folder or a stylus. */
    EMBOSS(0, Integer.MAX_VALUE, "treat.do-emboss", "treat.name-emboss");

    private final int drying;
    private final int through;
    private final String does;
    private final String name;

    Kind(int drying, int through, String does, String name) {
      this.drying = drying;
      this.through = through;
      this.does = does;
      this.name = name;
    }

    /**
     * Says what to do.
     *
     * @param where the part
     * @return a sentence
     */
    public Message does(Message where) {
      return Message.of(does, where);
    }

    /** Returns what it is called. */
    public Message label() {
      return Message.of(name);
    }

    /** Returns how long it dries before the paper is handled, in seconds. */
    public int drying() {
      return drying;
    }

    /**
     * Says whether it is seen on the other face.
     *
     * @param grammage the paper's, grams per square metre
     * @return whether it goes through paper of this weight
     */
    public boolean showsThrough(int grammage) {
      return grammage < through;
    }

    /** Says whether it colours the paper, which then must be light enough for it. */
    public boolean isInk() {
      return this == STAMP || this == MARKER || this == WASH;
    }

    /** Returns what it is called in files and in keys. */
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /** Checks that nothing is missing. */
  public Treatment {
    Objects.requireNonNull(kind);
    Objects.requireNonNull(part);
    Objects.requireNonNull(face);
  }

  /**
   * Finds the piece it is done to.
   *
   * @param design the card
   * @return empty if it is done to a layer, or to what the card does not have
   */
  public Optional<Piece> piece(Design design) {
    return design.piece(part);
  }

  /**
   * Finds the layer it is done to.
   *
   * @param design the card
   * @return empty if it is done to a piece, or to what the card does not have
   */
  public Optional<Layer> layer(Design design) {
    return design.layers().stream()
        .filter(layer -> part.equals(layer.on() + "." + layer.id()))
        .findFirst();
  }
}
