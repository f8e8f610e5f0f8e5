package mellow.core.workflow;

/** The stages of a job, in the usual order of work. */
public enum Stage {
  TAKE_IN("Take in"),
  CAME("As it came"),
  PARTS("Parts"),
  PLACE("Place"),
  FEED("Feed"),
  APART("Apart"),
  BENCH("Bench"),
  PROVE("Prove"),
  TOGETHER("Together"),
  WALL("Wall"),
  HAND_OVER("Hand over");

  private final String words;

  Stage(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
