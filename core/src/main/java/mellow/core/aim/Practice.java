package mellow.core.aim;

import mellow.core.finding.Source;
import mellow.core.measure.LengthUnit;

/** Figures of aiming practice, each with its source, in one place. */
public final class Practice {
  private Practice() {}

  /** The customary distance of lamps from the wall: 25 ft. Common practice. */
  static final double USUAL_DISTANCE_MM = LengthUnit.FT.toMm(25);

  /** Equal drop: 1.5 to 2 in below the lamp's centre at 25 ft, taped at 2. Common practice. */
  public static final double EQUAL_DROP_PERCENT = inchesAt25Ft(-2);

  /** Split drop, the lamp next to oncoming traffic: 4 in at 25 ft. Common practice. */
  public static final double SPLIT_DROP_ONCOMING_PERCENT = inchesAt25Ft(-4);

  /** Split drop, the lamp next to the kerb: 2 in at 25 ft. Common practice. */
  public static final double SPLIT_DROP_KERB_PERCENT = inchesAt25Ft(-2);

  /** Absolute band: top of the beam 2.5 to 3 ft above the floor. Common practice. */
  public static final double BAND_LOW_MM = LengthUnit.FT.toMm(2.5);

  public static final double BAND_HIGH_MM = LengthUnit.FT.toMm(3);

  /** Greatest height of a VOR lamp that is aimed level: 36 in (SAE J599, from memory). */
  public static final double LEVEL_VOR_HIGHEST_MM = LengthUnit.IN.toMm(36);

  /** How exactly a school without a band of its own is met: half an inch at 25 ft. Judged. */
  public static final double SETTING_TOLERANCE_PERCENT = inchesAt25Ft(0.5);

  /** The same where a rule's inclination is aimed for: half of UN R48's initial band. Judged. */
  public static final double RULE_TOLERANCE_PERCENT = 0.25;

  /** Room drawn for a rule that limits one side only. Judged. */
  public static final double OPEN_BAND_ROOM_PERCENT = 1;

  /** A distance is enough where the tape tells a third of the tolerance apart. Judged. */
  public static final double DISTANCE_SHARE_OF_TOLERANCE = 1 / 3.0;

  /** Largest misfit of four tyres to one plane that is taken as reading error. Judged. */
  static final double TWIST_LIMIT_MM = 3;

  /** A floor that leans more is no place to aim, or was misread. Judged. */
  static final double TILT_LIMIT_PERCENT = 3;

  /** Lamps of one pair differ in height by no more on a sound vehicle. Judged. */
  public static final double PAIR_HEIGHT_LIMIT_MM = 25;

  /** Beyond this the vehicle is better moved than computed. Judged. */
  public static final double SKEW_LIMIT_DEG = 3;

  /** Each lamp's step stands straight ahead to within 4 in at 25 ft (SAE J599, from memory). */
  public static final double ASIDE_LIMIT_PERCENT = inchesAt25Ft(4);

  /** A projector's flat part is level to within this. Judged. */
  public static final double ROLL_LIMIT_DEG = 0.5;

  /** Smallest turn from which an adjuster that does nothing is called dead. Judged. */
  public static final double TELLING_TURN = 0.5;

  public static final Source READING = Source.derived(AimWords.srcReading());

  public static final Source LEVELLING = Source.fromMemory(AimWords.srcLevelling());
  static final Source PLANE = Source.derived(AimWords.srcPlane());
  public static final Source ADVICE = Source.judged(AimWords.srcAdvice());

  static double inchesAt25Ft(double inches) {
    return 100 * LengthUnit.IN.toMm(inches) / USUAL_DISTANCE_MM;
  }
}
