package mellow.core.record;

import java.util.ArrayList;
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
  private final List<Line> living = new ArrayList<>();

  public JobRecord(List<Line> lines) {
    this.lines = List.copyOf(lines);
    for (Line line : this.lines) {
      byId.put(line.id(), line);
      line.strikes().ifPresent(struck -> strikers.put(struck, line));
    }
    for (Line line : this.lines) {
      if (!line.isUndoing() && !strikers.containsKey(line.id())) {
        living.add(line);
      }
    }
  }

  /** All lines, those that were struck too. */
  public List<Line> lines() {
    return lines;
  }

  /** The lines that count: neither struck, nor there only to strike another. */
  public List<Line> living() {
    return List.copyOf(living);
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

  /** The lines of one type of fact that count, in their order. */
  public Stream<Line> livingOf(Class<? extends Fact> type) {
    return living.stream().filter(line -> type.isInstance(line.fact()));
  }

  /** The record as it stood once that line had been kept. */
  public JobRecord upTo(long number) {
    return new JobRecord(lines.stream().filter(line -> line.number() <= number).toList());
  }

  /** The lines that were kept after that one. */
  public List<Line> after(long number) {
    return lines.stream().filter(line -> line.number() > number).toList();
  }

  /** The number of the last line; 0 while there is none. */
  public long last() {
    return lines.isEmpty() ? 0 : lines.get(lines.size() - 1).number();
  }

  /** Whether nothing was kept. */
  public boolean isEmpty() {
    return lines.isEmpty();
  }

  /** The document as it was revised last; empty where it never was. */
  public Optional<Fact.Revised> document(JobDocument document) {
    return facts(Fact.Revised.class)
        .filter(revised -> revised.document() == document)
        .reduce((earlier, later) -> later);
  }
}
