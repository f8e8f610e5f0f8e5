package mellow.core.vehicle;

/** Whose marks a lamp bears, and by which a market goes. */
public enum MarkFamily {
  /** Approval by the UN regulations. */
  UN,
  /** Marks of the SAE, certified by the lamp's maker. */
  SAE
}
