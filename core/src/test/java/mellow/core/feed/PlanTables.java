package mellow.core.feed;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.check.StateTable;
import mellow.core.finding.Said;

/** State tables as people draw them: "#" lit full, "o" reduced, "." out. */
final class PlanTables {
  private PlanTables() {}

  /** The cells of a drawn table: by state, then by lamps. Columns stand between bars. */
  static Map<String, Map<String, LightLevel>> drawn(String text) {
    List<String[]> lines =
        text.lines()
            .filter(line -> !line.isBlank())
            .map(line -> Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new))
            .toList();
    Map<String, Map<String, LightLevel>> table = new LinkedHashMap<>();
    String[] states = lines.get(0);
    for (int column = 1; column < states.length; column++) {
      Map<String, LightLevel> cells = new LinkedHashMap<>();
      for (String[] line : lines.subList(1, lines.size())) {
        cells.put(line[0], level(line[column]));
      }
      table.put(states[column], cells);
    }
    return table;
  }

  private static LightLevel level(String sign) {
    return switch (sign) {
      case "#" -> LightLevel.FULL;
      case "o" -> LightLevel.REDUCED;
      case "." -> LightLevel.OUT;
      default -> throw new IllegalArgumentException("no sign of a table: " + sign);
    };
  }

  /** The same of a solved table; lamps that go together and differ are said to be null. */
  static Map<String, Map<String, LightLevel>> solved(StateTable table) {
    Map<String, Map<String, LightLevel>> states = new LinkedHashMap<>();
    for (StateTable.Row row : table.rows()) {
      states.put(
          row.state().id(),
          row.cells().entrySet().stream()
              .filter(cell -> cell.getValue().is(cell.getValue().level()))
              .collect(
                  Collectors.toMap(
                      cell -> Said.text(cell.getKey().words()), cell -> cell.getValue().level())));
    }
    return states;
  }
}
