package mellow.core.workflow.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.vehicle.Side;
import org.jspecify.annotations.Nullable;

/**
 * The second side against the first, which was worked before it and serves as its reference.
 *
 * @param first the side that was worked first
 * @param expected what the first side had and the second has not had yet
 * @param more what the second had and the first had not
 */
public record SecondSide(Side first, List<String> expected, List<String> more) {
  private static final Source MIRRORED =
      Source.commonPractice("the second side is worked from the first as reference");

  public SecondSide {
    expected = List.copyOf(expected);
    more = List.copyOf(more);
  }

  /** Compares both sides; empty while only one was begun, or none. */
  public static Optional<SecondSide> of(Ledger ledger) {
    Optional<Side> first =
        ledger.lines().stream().flatMap(line -> line.row().side().stream()).findFirst();
    if (first.isEmpty()) {
      return Optional.empty();
    }
    Map<String, Map<String, Integer>> here = counts(ledger, first.get());
    Map<String, Map<String, Integer>> there = counts(ledger, first.get().other());
    if (there.isEmpty()) {
      return Optional.empty();
    }
    // in how many places they were counted is nobody's business as long as the sums agree
    Set<String> alike =
        here.keySet().stream()
            .filter(what -> sum(here.get(what)) == sum(there.get(what)))
            .collect(Collectors.toSet());
    here.keySet().removeAll(alike);
    there.keySet().removeAll(alike);
    return Optional.of(new SecondSide(first.get(), surplus(here, there), surplus(there, here)));
  }

  private static int sum(@Nullable Map<String, Integer> places) {
    return places == null ? 0 : places.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Whether the second side is as the first, as far as it came off. */
  public Finding finding() {
    String here = first.word();
    String there = first.other().word();
    if (expected.isEmpty() && more.isEmpty()) {
      return Finding.plain(
          FindingKey.of("apart.second"),
          Verdict.WITHIN,
          MIRRORED,
          Sentence.of("The %s came off as the %s did".formatted(there, here)));
    }
    String what =
        expected.isEmpty()
            ? ": more there, " + String.join("; ", more)
            : ": still expected " + String.join("; ", expected);
    return Finding.plain(
            FindingKey.of("apart.second"),
            Verdict.AT_EDGE,
            MIRRORED,
            Sentence.of(Words.typed("The %s is not as the %s".formatted(there, here) + what)))
        .withRemedy(Sentence.of("Look whether it is there; what differs is worth a note."));
  }

  /** Of each kind how many, by their places. */
  private static Map<String, Map<String, Integer>> counts(Ledger ledger, Side side) {
    Map<String, Map<String, Integer>> counts = new LinkedHashMap<>();
    ledger.lines().stream()
        .map(LedgerLine::row)
        .filter(row -> row.side().filter(side::equals).isPresent())
        .forEach(
            row ->
                counts
                    .computeIfAbsent(mirrored(row.what().words(1)), fresh -> new LinkedHashMap<>())
                    .merge(mirrored(row.where()), row.count(), Integer::sum));
    return counts;
  }

  /** Without the side, so that both sides read alike. */
  private static String mirrored(String words) {
    return words.replaceAll(",? ?(?<!\\p{L})(left|right)(?!\\p{L})", "").strip();
  }

  private static List<String> surplus(
      Map<String, Map<String, Integer>> of, Map<String, Map<String, Integer>> against) {
    List<String> more = new ArrayList<>();
    of.forEach(
        (what, places) ->
            places.forEach(
                (where, count) -> {
                  int over = count - against.getOrDefault(what, Map.of()).getOrDefault(where, 0);
                  if (over > 0) {
                    more.add(over + " × " + what + (where.isEmpty() ? "" : ", " + where));
                  }
                }));
    return more;
  }
}
