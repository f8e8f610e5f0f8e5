package mellow.core.workflow;

import static mellow.core.workflow.Stage.APART;
import static mellow.core.workflow.Stage.BENCH;
import static mellow.core.workflow.Stage.CAME;
import static mellow.core.workflow.Stage.FEED;
import static mellow.core.workflow.Stage.FIND;
import static mellow.core.workflow.Stage.HAND_OVER;
import static mellow.core.workflow.Stage.PARTS;
import static mellow.core.workflow.Stage.PLACE;
import static mellow.core.workflow.Stage.PROVE;
import static mellow.core.workflow.Stage.TAKE_IN;
import static mellow.core.workflow.Stage.TOGETHER;
import static mellow.core.workflow.Stage.WALL;

import java.util.Set;

/** What a customer can want, and the stages that it brings. */
public enum WorkKind {
  SWAP(Set.of(TAKE_IN, CAME, PARTS, FEED, APART, PROVE, TOGETHER, WALL, HAND_OVER)),
  RETROFIT(Set.of(TAKE_IN, CAME, PARTS, FEED, APART, BENCH, PROVE, TOGETHER, WALL, HAND_OVER)),
  FOG(Set.of(TAKE_IN, CAME, PARTS, PLACE, FEED, APART, PROVE, TOGETHER, WALL, HAND_OVER)),
  /** Running lamps are not aimed: the wall comes in only where headlamps were loosened. */
  DRL(Set.of(TAKE_IN, CAME, PARTS, PLACE, FEED, APART, PROVE, TOGETHER, HAND_OVER)),
  PODS(Set.of(TAKE_IN, CAME, PARTS, PLACE, FEED, APART, PROVE, TOGETHER, WALL, HAND_OVER)),
  REPAIR(Set.of(TAKE_IN, CAME, FIND, PARTS, FEED, APART, PROVE, TOGETHER, WALL, HAND_OVER)),
  /** From the cabin or under the bonnet: nothing is raised, drilled or aimed for it. */
  REWIRE(Set.of(TAKE_IN, PARTS, FEED, APART, PROVE, TOGETHER, HAND_OVER)),
  AIM(Set.of(TAKE_IN, CAME, WALL, HAND_OVER));

  private final Set<Stage> stages;

  WorkKind(Set<Stage> stages) {
    this.stages = stages;
  }

  public Set<Stage> stages() {
    return stages;
  }
}
