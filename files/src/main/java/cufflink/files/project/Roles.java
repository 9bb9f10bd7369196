package cufflink.files.project;

import cufflink.core.paper.PaperRole;

/** The names of what papers are for in project files: the first files said “card” for cardstock. */
final class Roles {
  private static final String CARD = "card";

  private Roles() {}

  static String written(String role) {
    return role.equals(PaperRole.CARDSTOCK.id()) ? CARD : role;
  }

  static String read(String name) {
    return name.equals(CARD) ? PaperRole.CARDSTOCK.id() : name;
  }
}
