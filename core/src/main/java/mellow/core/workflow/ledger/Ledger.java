package mellow.core.workflow.ledger;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is off the vehicle, as it follows from what was written down.
 *
 * @param entries all that count, in the order in which they were made
 * @param lines in the order in which things came off
 */
public record Ledger(List<LedgerEntry> entries, List<LedgerLine> lines) {
  public static final Ledger EMPTY = new Ledger(List.of(), List.of());

  public Ledger {
    entries = List.copyOf(entries);
    lines = List.copyOf(lines);
  }

  /** Reads a whole ledger, refusing the first entry that could not have been. */
  public static Ledger of(List<LedgerEntry> entries) throws LedgerProblem {
    Ledger ledger = EMPTY;
    for (LedgerEntry entry : entries) {
      ledger = ledger.with(entry);
    }
    return ledger;
  }

  /** The ledger with one entry more, or why it cannot be. */
  public Ledger with(LedgerEntry entry) throws LedgerProblem {
    List<LedgerEntry> after = new ArrayList<>(entries);
    if (entry instanceof LedgerEntry.Struck struck) {
      if (!after.removeIf(one -> one.id().equals(struck.struckId()))) {
        throw new LedgerProblem(LedgerWords.undoGone());
      }
    } else {
      after.add(entry);
    }
    return new Ledger(after, folded(after));
  }

  private static List<LedgerLine> folded(List<LedgerEntry> entries) throws LedgerProblem {
    Map<String, LedgerLine> lines = new LinkedHashMap<>();
    for (LedgerEntry entry : entries) {
      if (entry instanceof LedgerEntry.Out out) {
        lines.put(out.id(), LedgerLine.of(out.row()));
      } else if (entry instanceof LedgerEntry.Changed changed) {
        lines.put(changed.row().id(), there(lines, changed.row().id()).with(changed.row()));
      } else if (entry instanceof LedgerEntry.Moved moved) {
        lines.put(moved.rowId(), there(lines, moved.rowId()).after(moved.move(), moved.count()));
      }
    }
    return List.copyOf(lines.values());
  }

  private static LedgerLine there(Map<String, LedgerLine> lines, String id) throws LedgerProblem {
    LedgerLine line = lines.get(id);
    if (line == null) {
      throw new LedgerProblem(LedgerWords.undoLater());
    }
    return line;
  }

  public Optional<LedgerLine> line(String id) {
    return lines.stream().filter(line -> line.row().id().equals(id)).findFirst();
  }

  /** Whether anything went back yet. */
  public boolean refitBegun() {
    return lines.stream().anyMatch(line -> line.back() + line.replaced() > 0);
  }

  /** Whether everything is back, replaced or left in its hole, and tight. */
  public boolean isDone() {
    return lines.stream().allMatch(LedgerLine::isDone);
  }

  /** How many are still out, pieces and connectors among them. */
  public int out() {
    return lines.stream().mapToInt(LedgerLine::out).sum();
  }

  /** The lines in the order in which they go back: what came off last goes on first. */
  public List<LedgerLine> inReverse() {
    List<LedgerLine> reverse = new ArrayList<>(lines);
    Collections.reverse(reverse);
    return List.copyOf(reverse);
  }

  /**
   * What has to be in before a line goes back: whatever lies behind a piece, because it came off
   * after it; before a fastener the piece that it holds; before either what was said to come off
   * only after it.
   */
  public List<LedgerLine> before(LedgerLine line) {
    List<LedgerLine> before = new ArrayList<>(usuallyBefore(line));
    waitingFor(line).filter(one -> one.out() > 0 && !before.contains(one)).forEach(before::add);
    return List.copyOf(before);
  }

  /** The lines of which somebody said that this one has to be off or open before them. */
  private Stream<LedgerLine> waitingFor(LedgerLine line) {
    return lines.stream()
        .filter(one -> one != line && line.row().isCalled(one.row().after()))
        .filter(one -> one.row().overlaps(line.row()));
  }

  private List<LedgerLine> usuallyBefore(LedgerLine line) {
    if (!line.row().isPiece()) {
      return lines.stream()
          .filter(piece -> piece.row().isPiece() && holds(line.row(), piece.row()))
          .filter(piece -> piece.out() > 0)
          .toList();
    }
    return lines.subList(lines.indexOf(line) + 1, lines.size()).stream()
        .filter(behind -> behind.out() > 0 && behind.row().overlaps(line.row()))
        .toList();
  }

  private static boolean holds(LedgerRow fastener, LedgerRow piece) {
    return fastener.holds().equalsIgnoreCase(piece.what().name());
  }

  /** What is in front of a line and back already; empty while the line can be reached. */
  public Optional<LedgerLine> hiddenBy(LedgerLine line) {
    return Stream.concat(
            lines.subList(0, lines.indexOf(line)).stream().filter(one -> one.row().isPiece()),
            lines.stream().filter(one -> waitingFor(one).anyMatch(line::equals)))
        .filter(front -> front.out() == 0 && front.stays() == 0)
        .filter(front -> front.row().overlaps(line.row()))
        .findFirst();
  }
}
