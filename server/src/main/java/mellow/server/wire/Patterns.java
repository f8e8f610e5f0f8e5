package mellow.server.wire;

/** Shapes of texts that come over the wire. */
public final class Patterns {
  /** A UUID in its usual, lower-case form. */
  public static final String ID = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

  /** A name that a file or an address can bear. */
  public static final String SHORT_NAME = "[a-z0-9][a-z0-9-]{1,40}";

  private Patterns() {}
}
