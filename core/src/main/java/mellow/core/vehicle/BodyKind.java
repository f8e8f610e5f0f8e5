package mellow.core.vehicle;

/** The kinds of body, as far as their outlines differ. */
public enum BodyKind {
  HATCH,
  ESTATE,
  ROADSTER,
  OFF_ROADER,
  PICKUP,
  VAN,
  BUS
}
