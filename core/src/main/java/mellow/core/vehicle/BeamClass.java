package mellow.core.vehicle;

/** What the lens says of the beam's cutoff; rules of aim differ by it. */
public enum BeamClass {
  /** UN dipped beam with a stepped cutoff. */
  UN_DIPPED(LampKind.DIPPED, MarkFamily.UN),
  /** SAE, visually aimed on the cutoff's left part. */
  SAE_VOL(LampKind.DIPPED, MarkFamily.SAE),
  /** SAE, visually aimed on the cutoff's right part. */
  SAE_VOR(LampKind.DIPPED, MarkFamily.SAE),
  /** A low beam whose lens nobody has read yet: no rule can be held against it. */
  DIPPED_UNREAD(LampKind.DIPPED, MarkFamily.UN),
  /** UN front fog lamp of class B. */
  FOG_B(LampKind.FRONT_FOG, MarkFamily.UN),
  /** UN front fog lamp of class F3. */
  FOG_F3(LampKind.FRONT_FOG, MarkFamily.UN),
  /** SAE front fog lamp. */
  FOG_SAE(LampKind.FRONT_FOG, MarkFamily.SAE),
  /** A driving lamp or pod, which has no cutoff; told by what it is, not by a mark. */
  DRIVING(LampKind.DRIVING, MarkFamily.UN);

  private final LampKind kind;
  private final MarkFamily family;

  BeamClass(LampKind kind, MarkFamily family) {
    this.kind = kind;
    this.family = family;
  }

  public LampKind kind() {
    return kind;
  }

  public MarkFamily family() {
    return family;
  }
}
