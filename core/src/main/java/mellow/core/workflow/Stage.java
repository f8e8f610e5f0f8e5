package mellow.core.workflow;

/** The stages of a job, in the usual order of work. */
public enum Stage {
  TAKE_IN,
  CAME,
  FIND,
  PARTS,
  PLACE,
  FEED,
  APART,
  BENCH,
  PROVE,
  TOGETHER,
  WALL,
  HAND_OVER
}
