package mellow.core.record;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The lines of a job, in the order in which they were kept. */
public final class JobRecord {
  /** Of a job of which nothing was kept. */
  public static final JobRecord EMPTY = new JobRecord(List.of());

  private final List<Line> lines;
  private final Map<String, Line> byId = new HashMap<>();
  private final Map<String, Line> strikers = new HashMap<>();
  private final List<Line> living;

  public JobRecord(List<Line> lines) {
    this.lines = List.copyOf(lines);
    for (Line line : this.lines) {
      byId.put(line.id(), line);
      line.strikes().ifPresent(struck -> strikers.put(struck, line));
    }
    this.living =
        this.lines.stream()
            .filter(line -> !line.isUndoing() && !strikers.containsKey(line.id()))
            .toList();
  }

  /** All lines, those that were struck too. */
  public List<Line> lines() {
    return lines;
  }

  /** The lines that count: neither struck, nor there only to strike another. */
  public List<Line> living() {
    return living;
  }

  public Optional<Line> line(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /** The line that took another one back, or stands instead of it. */
  public Optional<Line> striker(String id) {
    return Optional.ofNullable(strikers.get(id));
  }

  /** The facts of one type that count, in their order. */
  public <F extends Fact> Stream<F> facts(Class<F> type) {
    return living.stream().map(Line::fact).filter(type::isInstance).map(type::cast);
  }
}
