package cufflink.core.job;

import java.util.Objects;

/**
 * What a job is known by.
 *
 * @param id an id of its own, which it keeps for ever, whatever it is called and wherever it is
 *     kept; empty while nobody has given it one
 * @param title the maker's name for it
 * @param notes anything the maker wants to remember
 */
public record Tag(String id, String title, String notes) {
  /** Checks that nothing is missing. */
  public Tag {
    Objects.requireNonNull(id);
    Objects.requireNonNull(title);
    Objects.requireNonNull(notes);
  }
}
