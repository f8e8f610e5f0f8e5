package mellow.core.subject;

/** The kinds of subjects, with the word that stands for each in its text form. */
public enum SubjectKind {
  JOB("job", 0),
  VEHICLE("vehicle", 0),
  AXLE("axle", 0),
  WHEEL("wheel", 0),
  BAY("bay", 0),
  FLOOR_POINT("floor", 0),
  LAMP("lamp", 0),
  SURFACE("surface", 0),
  SCREW("screw", 0),
  /**
   * A mark on a lens: the part whose lens it is, empty for the vehicle's, and the mark as typed.
   */
  MARK("mark", 2),
  PART("part", 1),
  /** A plug of a kit, and the side it is at; the side is empty where it is there once. */
  PLUG("plug", 2),
  PIN("pin", 2),
  /** Screws, clips and plugs of one row of the ledger. */
  FASTENERS("fasteners", 1),
  /** A measure of a projector or housing, or what heat could reach. */
  DIMENSION("dimension", 1),
  WIRE("wire", 1),
  /** A place along the routing of a wire: a hole, or what it passes. */
  ROUTE_POINT("route", 2),
  NODE("node", 1),
  COMPONENT("component", 1),
  /** An end of a component: the component, and the node it is joined to. */
  END("end", 2),
  /** A slot of a fuse box. */
  SLOT("slot", 1),
  /** A state of the controls. */
  STATE("state", 1),
  /** What something does in a state of the controls: the state, and the thing. */
  IN_STATE("in-state", 2),
  QUESTION("question", 1),
  /** What was changed on the vehicle before. */
  CHANGE("change", 1),
  STAGE("stage", 1),
  /** A step of the work, and its side; the side is empty where it is done once. */
  STEP("step", 2),
  /** Something left for later. */
  OPEN_ITEM("open-item", 1),
  TIMER("timer", 1),
  PHOTO("photo", 1),
  /** A rule set. */
  RULE_SET("rules", 1),
  /** A rule: its set, and its id. */
  RULE("rule", 2);

  private final String word;
  private final int names;

  SubjectKind(String word, int names) {
    this.word = word;
    this.names = names;
  }

  /** What stands for it in a text form. */
  String word() {
    return word;
  }

  boolean isNamed() {
    return names == 1;
  }

  boolean isWithin() {
    return names == 2;
  }

  /** Whether its first name is that of a thing of another kind. */
  boolean isWithin(SubjectKind whole) {
    return (this == END && whole == COMPONENT) || (this == RULE && whole == RULE_SET);
  }

  /** A subject of this kind that is told by one name. */
  public Subject named(String id) {
    return new Subject.Named(this, id);
  }

  /** A subject of this kind that lies within a named one. */
  public Subject within(String id, String inner) {
    return new Subject.Within(this, id, inner);
  }
}
