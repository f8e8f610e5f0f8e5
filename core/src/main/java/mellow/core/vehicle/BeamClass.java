package mellow.core.vehicle;

/** What the lens says of the beam's cutoff; rules of aim differ by it. */
public enum BeamClass {
  /** UN dipped beam with a stepped cutoff. */
  UN_DIPPED(LampKind.DIPPED),
  /** SAE, visually aimed on the cutoff's left part. */
  SAE_VOL(LampKind.DIPPED),
  /** SAE, visually aimed on the cutoff's right part. */
  SAE_VOR(LampKind.DIPPED),
  /** UN front fog lamp of class B. */
  FOG_B(LampKind.FRONT_FOG),
  /** UN front fog lamp of class F3. */
  FOG_F3(LampKind.FRONT_FOG),
  /** SAE front fog lamp. */
  FOG_SAE(LampKind.FRONT_FOG);

  private final LampKind kind;

  BeamClass(LampKind kind) {
    this.kind = kind;
  }

  public LampKind kind() {
    return kind;
  }
}
