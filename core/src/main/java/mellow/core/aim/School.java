package mellow.core.aim;

/** The schools of aiming a low beam. */
public enum School {
  /** The inclination on the vehicle's label, else the market's rule. */
  RULE,
  /** 2 in at 25 ft below the lamp's centre, both lamps. */
  EQUAL_DROP,
  /** 4 in at 25 ft towards oncoming traffic, 2 in towards the kerb. */
  SPLIT_DROP,
  /** The cutoff at the height of the lamp's centre. */
  LEVEL,
  /** The beam's top 2.5 to 3 ft above the floor. */
  ABSOLUTE_BAND,
  /** The marks taken before the old lamps came off. */
  MATCH_BEFORE
}
