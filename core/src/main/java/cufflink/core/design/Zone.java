package cufflink.core.design;

import cufflink.core.plane.Area;

/**
 * A part of a piece that must stay free of glue: a moving part, a pocket, a fold to come.
 *
 * @param id unique within the design
 * @param label why, in the maker's words, such as "the strap slides here"
 * @param on the piece
 * @param face the face
 * @param area where
 */
public record Zone(String id, String label, String on, Face face, Area area) {}
