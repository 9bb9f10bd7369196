package cufflink.files.project;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Optional;
import java.util.Set;

/**
 * What a file is beside its content: who may do what with it, and by how many names it goes. On
 * systems that know of neither, nothing is known and nothing is given on.
 *
 * @param attributes owner, group and permissions, if the file is there and the system knows them
 * @param names by how many names the file goes, one if that is not known
 */
record Standing(Optional<PosixFileAttributes> attributes, int names) {
  static Standing of(Path file) {
    if (!Files.exists(file)) {
      return new Standing(Optional.empty(), 1);
    }
    try {
      PosixFileAttributes known = Files.readAttributes(file, PosixFileAttributes.class);
      return new Standing(Optional.of(known), (Integer) Files.getAttribute(file, "unix:nlink"));
    } catch (IOException | UnsupportedOperationException | IllegalArgumentException unknown) {
      return new Standing(Optional.empty(), 1);
    }
  }

  /** Says whether its owner has taken the right to write it away, even if we could. */
  boolean isProtected() {
    Set<PosixFilePermission> writers =
        Set.of(
            PosixFilePermission.OWNER_WRITE,
            PosixFilePermission.GROUP_WRITE,
            PosixFilePermission.OTHERS_WRITE);
    return attributes
        .map(PosixFileAttributes::permissions)
        .filter(each -> each.stream().noneMatch(writers::contains))
        .isPresent();
  }

  boolean hasOtherNames() {
    return names > 1;
  }

  /** Lets another file be as this one was; the owner only where we may give files away. */
  void giveTo(Path file) throws IOException {
    if (attributes.isEmpty()) {
      return;
    }
    PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class);
    view.setPermissions(attributes.get().permissions());
    try {
      view.setGroup(attributes.get().group());
      view.setOwner(attributes.get().owner());
    } catch (IOException notOurs) {
      // Only the administrator gives files away; then it stays with whoever saves it.
      return;
    }
  }
}
