package mellow.core.hunt;

import java.util.EnumSet;
import java.util.Set;

/**
 * What there is to check with, as the job stands.
 *
 * @param open the places that can be reached already
 * @param twoPeople whether somebody works the controls while another looks
 * @param live whether the battery is connected
 */
public record AtHand(Set<Reach> open, Set<Tool> tools, boolean twoPeople, boolean live) {
  /** With everything closed and every tool there. */
  public static final AtHand USUAL = new AtHand(Set.of(), EnumSet.allOf(Tool.class), false, true);

  public AtHand {
    open = Set.copyOf(open);
    tools = Set.copyOf(tools);
  }
}
