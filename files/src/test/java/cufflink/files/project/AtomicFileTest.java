package cufflink.files.project;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Parsed;
import cufflink.files.Spoken;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What stands on the disk stays what it is: a link a link, a private file private. */
class AtomicFileTest {
  private static final AtomicFile WRITER = new AtomicFile(AtomicFile.Disk.REAL);

  @TempDir private Path folder;

  private Path file(String text) throws IOException {
    return Files.writeString(folder.resolve("card"), text);
  }

  private static Parsed<Path> write(Path file, String text) {
    return WRITER.replaceKeepingPrevious(file, text.getBytes(UTF_8));
  }

  @Test
  void write_throughALink_writesWhatItPointsTo() throws IOException {
    Path real = file("old");
    Path link = Files.createSymbolicLink(folder.resolve("link"), real);
    assertEquals(link, write(link, "new").orElseThrow());
    assertTrue(Files.isSymbolicLink(link));
    assertEquals("new", Files.readString(real));
    assertEquals("old", Files.readString(AtomicFile.previous(link)));
  }

  @Test
  void write_aFileOfTwoNames_staysOneFile() throws IOException {
    Path one = file("old");
    Path other = Files.createLink(folder.resolve("other"), one);
    assertTrue(write(one, "new").value().isPresent());
    assertEquals("new", Files.readString(other));
    assertEquals("old", Files.readString(AtomicFile.previous(one)));
  }

  @Test
  void write_aPrivateFile_staysPrivate() throws IOException {
    Path file = file("old");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    write(file, "new");
    assertEquals("new", Files.readString(file));
    assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
    assertEquals(
        "rw-------",
        PosixFilePermissions.toString(Files.getPosixFilePermissions(AtomicFile.previous(file))));
  }

  @Test
  void write_aProtectedFile_isRefused() throws IOException {
    Path file = file("old");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
    assertEquals(
        file
            + " is protected against writing; save it under another name, or take the protection"
            + " away first.",
        write(file, "new").problem().say(Spoken.ENGLISH));
    assertEquals("old", Files.readString(file));
  }

  /** The version before that is what is left if this one turns out to be no good. */
  @Test
  void write_refusedByAFullDisk_leavesBothVersions() throws IOException {
    Path file = file("first");
    write(file, "second");
    AtomicFile full =
        new AtomicFile(
            (path, bytes) -> {
              throw new IOException("No space left on device");
            });
    assertTrue(
        full.replaceKeepingPrevious(file, new byte[9])
            .problem()
            .say(Spoken.ENGLISH)
            .contains("make room"));
    assertEquals("second", Files.readString(file));
    assertEquals("first", Files.readString(AtomicFile.previous(file)));
    assertEquals(List.of("card", "card~"), names());
  }

  @Test
  void write_nameTooLong_saysSo() {
    Path file = folder.resolve("x".repeat(255));
    assertTrue(WRITER.replace(file, new byte[1]).value().isPresent());
    Path longer = folder.resolve("x".repeat(256));
    assertTrue(
        WRITER
            .replace(longer, new byte[1])
            .problem()
            .say(Spoken.ENGLISH)
            .contains("too long for this disk"));
    assertTrue(write(folder.resolve("y".repeat(255)), "new").value().isPresent());
    assertTrue(
        write(folder.resolve("y".repeat(255)), "newer")
            .problem()
            .say(Spoken.ENGLISH)
            .contains("too long"));
  }

  @Test
  void write_intoAPipe_isReadAtItsOtherEnd() throws Exception {
    Path pipe = folder.resolve("pipe");
    assertEquals(0, new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor());
    CompletableFuture<String> read =
        CompletableFuture.supplyAsync(
            () -> {
              try {
                return Files.readString(pipe);
              } catch (IOException unreadable) {
                return unreadable.toString();
              }
            });
    assertTrue(write(pipe, "through").value().isPresent());
    assertEquals("through", read.get());
    assertEquals(List.of("pipe"), names());
  }

  @Test
  void write_sweepsAwayWhatWasLeftBehind() throws IOException {
    Path old = Files.writeString(folder.resolve(".cufflink-1.tmp"), "half");
    Files.setLastModifiedTime(old, FileTime.from(Instant.now().minusSeconds(3_600)));
    Files.writeString(folder.resolve(".cufflink-2.tmp"), "being written");
    write(file("old"), "new");
    assertEquals(List.of(".cufflink-2.tmp", "card", "card~"), names());
  }

  private List<String> names() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(each -> each.getFileName().toString()).sorted().toList();
    }
  }
}
