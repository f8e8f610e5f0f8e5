package mellow.core.workflow;

/** What can be known of a job, for steps that wait for it. */
public enum Fact {
  BATTERY_OFF("the negative terminal is off"),
  LIVE("the battery is on, or a helper battery is joined"),
  PLACE("the place is proved"),
  PARTS("the parts are right"),
  FIT("housing and projector fit"),
  FACTORY_CUTOFF("the factory cutoff is taped"),
  BENCH_AIM("the projector stands on the tape, level"),
  FAST_EPOXY("the fast epoxy has cured"),
  RECHECKED("the tacked projector was looked at on the tape once more"),
  FULL_EPOXY("the full epoxy has cured"),
  SEALANT("the sealant has cured"),
  CURES("no cure runs that it would disturb"),
  HEAT("the heat was read until its end is known"),
  LIT("it was lit by plug on both sides"),
  PROVED("every function is proved"),
  PLUGGED("every connector is plugged"),
  REACHABLE("every adjuster can be reached, or is aimed already");

  private final String words;

  Fact(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
