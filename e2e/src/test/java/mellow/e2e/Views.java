package mellow.e2e;

import java.util.List;

/** Every view of the demo, with what its keys open. */
final class Views {
  private static final List<String> NONE = List.of();

  private Views() {}

  /**
   * One view.
   *
   * @param path its address
   * @param drawings how many drawings it has at any size
   * @param tabs keys of the views within it
   * @param dialogs keys that open a dialog over it
   */
  record View(String path, int drawings, List<String> tabs, List<String> dialogs) {}

  static List<View> all(Application app) {
    String wall = "/jobs/" + app.job("library van 3");
    String fogs = "/jobs/" + app.job("valley bus 7");
    String projectors = "/jobs/" + app.job("snow patrol 2");
    String searching = "/jobs/" + app.job("valley bus 4");
    String lamps = "/jobs/" + app.job("club roadster");
    String closing = "/jobs/" + app.job("library van 2");
    String proving = "/jobs/" + app.job("road crew 5");
    return List.of(
        new View("/", 0, NONE, List.of("n")),
        new View(wall, 1, NONE, List.of("f", "c", "m", "o", "j", "r", "w")),
        new View(wall + "/stand-back", 0, NONE, NONE),
        new View(wall + "/take-in", 0, NONE, List.of("j", "v")),
        new View("/jobs/" + app.job("snow patrol 1") + "/as-it-came", 1, NONE, NONE),
        new View(wall + "/as-it-came", 1, NONE, NONE),
        new View(searching + "/find", 1, List.of("v"), List.of("o", "q")),
        new View(searching + "/find/stand-back", 0, NONE, NONE),
        new View("/jobs/" + app.job("snow patrol 1") + "/find", 0, NONE, List.of("q")),
        new View(fogs + "/parts", 0, NONE, List.of("c")),
        new View(wall + "/parts", 0, NONE, NONE),
        new View(wall + "/photos", 0, NONE, NONE),
        new View(lamps + "/place", 1, NONE, List.of("a", "t")),
        new View(wall + "/place", 1, NONE, NONE),
        new View(fogs + "/feed", 1, List.of("1", "3", "4", "5", "6", "7"), List.of("q", "w")),
        new View("/jobs/" + app.job("library van 1") + "/feed", 0, NONE, NONE),
        new View(fogs, 1, NONE, NONE),
        new View(lamps + "/apart", 1, NONE, NONE),
        new View(fogs + "/apart", 1, NONE, List.of("f")),
        new View(projectors + "/bench", 1, List.of("2", "3", "4"), List.of("w")),
        new View(proving + "/prove", 0, NONE, NONE),
        new View(proving + "/prove/stand-back", 0, NONE, NONE),
        new View(closing + "/together", 1, NONE, NONE),
        new View(closing + "/hand-over", 0, NONE, NONE),
        new View(fogs + "/record", 0, NONE, NONE),
        new View("/at/" + app.lineBefore(fogs, 3) + fogs + "/apart", 1, NONE, NONE),
        new View("/history", 0, NONE, NONE),
        new View("/bays", 0, NONE, NONE),
        new View("/bays/" + app.bay("Hall"), 1, NONE, NONE),
        new View("/rulebook", 0, NONE, List.of("n")),
        new View("/nowhere", 0, NONE, NONE));
  }
}
