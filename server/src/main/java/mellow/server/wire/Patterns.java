package mellow.server.wire;

/** Shapes of texts that come over the wire. */
public final class Patterns {
  /** A UUID in its usual, lower-case form. */
  public static final String ID = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

  public static final String ID_SAYS =
      "has to be a UUID such as 0193b0f2-6a00-7c3e-9d1a-2f4b6c8d0e1f";

  /** A name that a file or an address can bear. */
  public static final String SHORT_NAME = "[a-z0-9][a-z0-9-]{1,40}";

  public static final String SHORT_NAME_SAYS = "is 2 to 41 small letters, digits or hyphens";

  private Patterns() {}
}
