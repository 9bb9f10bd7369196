package cufflink.core.paper;

import java.util.Collections;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The papers of a job, by what they are for.
 *
 * @param byRole the papers that the maker has chosen, by the id of their role
 * @param colours what they look like, by the id of their role; what is left out is pictured as its
 *     construction says
 * @param spots where on the sheet parts are cut, by the names of the parts in cut plans; what is
 *     left out is cut wherever there is room
 */
public record Papers(
    Map<String, Paper> byRole, Map<String, Colours> colours, Map<String, Picture.Spot> spots) {
  /** What a maker has who has said nothing. */
  public static final Papers USUAL = new Papers(Map.of(), Map.of());

  /**
   * What a paper looks like.
   *
   * @param ground its own colour
   * @param ink the colour of what is printed on it, and of a mat under it
   * @param motif what is printed
   * @param picture the maker's own picture of it, which then is what it looks like
   */
  public record Colours(Tint ground, Tint ink, Motif motif, Optional<Picture> picture) {
    /** Checks that nothing is missing. */
    public Colours {
      Objects.requireNonNull(ground);
      Objects.requireNonNull(ink);
      Objects.requireNonNull(motif);
      Objects.requireNonNull(picture);
    }

    /** Makes what is in no picture. */
    public Colours(Tint ground, Tint ink, Motif motif) {
      this(ground, ink, motif, Optional.empty());
    }

    /** Returns the same print on another ground. */
    public Colours on(Tint now) {
      return new Colours(now, ink, motif, picture);
    }

    /** Returns the same print in another ink. */
    public Colours in(Tint now) {
      return new Colours(ground, now, motif, picture);
    }

    /** Returns another print in the same colours, which then shows instead of a picture. */
    public Colours with(Motif now) {
      return new Colours(ground, ink, now);
    }

    /** Returns what looks as in a picture; the rest is what mats are of, and what shows without. */
    public Colours as(Picture now) {
      return new Colours(ground, ink, motif, Optional.of(now));
    }

    /** Says whether something is printed on it. */
    public boolean isPrinted() {
      return motif != Motif.PLAIN || picture.isPresent();
    }

    /** Returns the colour that it has from afar, red, green and blue, eight bits each. */
    public int mean() {
      return picture.map(Picture::mean).orElseGet(ground::rgb);
    }
  }

  /** Copies the papers, and leaves out what goes without saying. */
  public Papers {
    colours = Collections.unmodifiableMap(new TreeMap<>(colours));
    spots = Collections.unmodifiableMap(new TreeMap<>(spots));
    Map<String, Paper> chosen = new TreeMap<>(byRole);
    chosen.remove(PaperRole.CARDSTOCK.id(), Paper.CARD);
    chosen.remove(PaperRole.PATTERNED.id(), Paper.PATTERNED);
    byRole = Collections.unmodifiableMap(chosen);
  }

  /**
   * Makes papers whose parts are cut wherever there is room.
   *
   * @param byRole the papers, by the id of their role
   * @param colours what they look like, by the id of their role
   */
  public Papers(Map<String, Paper> byRole, Map<String, Colours> colours) {
    this(byRole, colours, Map.of());
  }

  /**
   * Makes the papers of a card that needs only two.
   *
   * @param card what the folded pieces are cut from
   * @param patterned what the layers are cut from
   */
  public Papers(Paper card, Paper patterned) {
    this(Map.of(PaperRole.CARDSTOCK.id(), card, PaperRole.PATTERNED.id(), patterned), Map.of());
  }

  /**
   * Returns the paper for a role.
   *
   * @param role what it is for; ribbon is taken to be as thick as patterned paper
   * @return what the maker has chosen for it, or else the paper of its kind
   */
  public Paper of(PaperRole role) {
    Paper chosen = byRole.get(role.id());
    if (chosen != null) {
      return chosen;
    }
    if (role.kind() == PaperKind.CARDSTOCK) {
      return byRole.getOrDefault(PaperRole.CARDSTOCK.id(), Paper.CARD);
    }
    return byRole.getOrDefault(PaperRole.PATTERNED.id(), Paper.PATTERNED);
  }

  /**
   * Returns the same with another paper for a role.
   *
   * @param role what it is for
   * @param paper the paper
   * @return the papers
   */
  public Papers with(PaperRole role, Paper paper) {
    Map<String, Paper> now = new TreeMap<>(byRole);
    now.put(role.id(), paper);
    return new Papers(now, colours, spots);
  }

  /**
   * Returns the same with one of them looking otherwise.
   *
   * @param role what it is for
   * @param now what it looks like
   * @return the papers
   */
  public Papers looking(PaperRole role, Colours now) {
    Map<String, Colours> all = new TreeMap<>(colours);
    all.put(role.id(), now);
    return new Papers(byRole, all, spots);
  }

  /**
   * Returns the same with a part cut from a certain place of its sheet.
   *
   * @param part its name in cut plans
   * @param spot where; anywhere if empty
   * @return the papers
   */
  public Papers cutting(String part, Optional<Picture.Spot> spot) {
    Map<String, Picture.Spot> now = new TreeMap<>(spots);
    spot.ifPresentOrElse(at -> now.put(part, at), () -> now.remove(part));
    return new Papers(byRole, colours, now);
  }

  /**
   * Returns what the folded pieces are cut from.
   *
   * @return the paper of the usual cardstock
   */
  public Paper card() {
    return of(PaperRole.CARDSTOCK);
  }

  /**
   * Returns what the layers are cut from.
   *
   * @return the usual patterned paper
   */
  public Paper patterned() {
    return of(PaperRole.PATTERNED);
  }
}
