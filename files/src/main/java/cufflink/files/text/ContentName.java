package cufflink.files.text;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Names for what is kept, made of what is in it, so that the same is kept once. */
public final class ContentName {
  private ContentName() {}

  /**
   * Names some bytes.
   *
   * @param bytes what is kept
   * @return 64 hexadecimal digits, their SHA-256 (FIPS 180-4)
   */
  public static String of(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException("every Java has SHA-256", never);
    }
  }
}
