package cufflink.files.command;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;

/** Passes bytes on and remembers why that failed, if it did. */
final class WatchedStream extends FilterOutputStream {
  private String failure = "";

  WatchedStream(OutputStream out) {
    super(out);
  }

  @Override
  public void write(int each) throws IOException {
    write(new byte[] {(byte) each}, 0, 1);
  }

  @Override
  public void write(byte[] bytes, int from, int count) throws IOException {
    try {
      out.write(bytes, from, count);
    } catch (IOException reason) {
      failure = String.valueOf(reason.getMessage());
      throw reason;
    }
  }

  /** Says whether whoever read has had enough, as the first lines of a long answer. */
  boolean isReaderGone() {
    return failure.contains("Broken pipe");
  }
}
