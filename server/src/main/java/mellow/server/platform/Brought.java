package mellow.server.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** What is a workshop's own elsewhere and comes in with a job, under a name that is free here. */
public final class Brought {
  private static final int LONGEST_NAME = 41;
  private static final int MARK_BYTES = 3;

  private Brought() {}

  /**
   * Another name for something whose own name is taken by something else. It follows from the
   * content, so that the same thing brought twice is kept once.
   */
  public static String otherName(String name, String content) {
    String mark = "-" + HexFormat.of().formatHex(sha256(content), 0, MARK_BYTES);
    int room = LONGEST_NAME - mark.length();
    return (name.length() > room ? name.substring(0, room) : name) + mark;
  }

  private static byte[] sha256(String content) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(content.getBytes(StandardCharsets.UTF_8));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
