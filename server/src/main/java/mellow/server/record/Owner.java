package mellow.server.record;

/** What a line belongs to. */
public sealed interface Owner {
  String id();

  /** A job. */
  record OfJob(String id) implements Owner {}

  /** A bay. */
  record OfBay(String id) implements Owner {}
}
