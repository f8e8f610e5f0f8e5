package mellow.core.workflow;

/** What can be known of a job, for steps that wait for it. */
public enum Precondition {
  BATTERY_OFF,
  LIVE,
  PLACE,
  PARTS,
  FIT,
  FACTORY_CUTOFF,
  BENCH_AIM,
  FAST_EPOXY,
  RECHECKED,
  FULL_EPOXY,
  SEALANT,
  CURES,
  HEAT,
  LIT,
  PROVED,
  PLUGGED,
  REACHABLE
}
