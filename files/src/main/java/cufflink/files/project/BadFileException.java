package cufflink.files.project;

import cufflink.core.words.Message;

/** Carries what is wrong out of the depth of a file; it never leaves this package. */
final class BadFileException extends Exception {
  private static final long serialVersionUID = 1L;

  private final transient Message told;

  BadFileException(Message told) {
    super(told.key());
    this.told = told;
  }

  Message told() {
    return told;
  }
}
