package mellow.core.aim;

/** The schools of aiming a low beam. */
public enum School {
  /** The inclination on the vehicle's label, else the market's rule. */
  RULE("By the rule"),
  /** 2 in at 25 ft below the lamp's centre, both lamps. */
  EQUAL_DROP("Equal drop"),
  /** 4 in at 25 ft towards oncoming traffic, 2 in towards the kerb. */
  SPLIT_DROP("Split drop"),
  /** The cutoff at the height of the lamp's centre. */
  LEVEL("Level"),
  /** The beam's top 2.5 to 3 ft above the floor. */
  ABSOLUTE_BAND("Band above the floor"),
  /** The marks taken before the old lamps came off. */
  MATCH_BEFORE("Match before");

  private final String title;

  School(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
