package mellow.server.sheet;

/** The stages of a job whose settings are kept as a document. */
public enum Stage {
  PLACE
}
