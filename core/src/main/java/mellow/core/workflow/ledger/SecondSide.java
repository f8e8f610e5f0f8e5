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
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.Side;
import org.jspecify.annotations.Nullable;

/**
 * The second side against the first, which was worked before it and serves as its reference.
 *
 * @param first the side that was worked first
 * @param expected what the first side had and the second has not had yet
 * @param more what the second had and the first had not
 */
public record SecondSide(Side first, List<Sentence> expected, List<Sentence> more) {
  private static final Source MIRRORED = Source.commonPractice(LedgerWords.srcMirrored());

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
    Map<LedgerRow.What, Map<Sentence, Integer>> here = counts(ledger, first.get());
    Map<LedgerRow.What, Map<Sentence, Integer>> there = counts(ledger, first.get().other());
    if (there.isEmpty()) {
      return Optional.empty();
    }
    // in how many places they were counted is nobody's business as long as the sums agree
    Set<LedgerRow.What> alike =
        here.keySet().stream()
            .filter(what -> sum(here.get(what)) == sum(there.get(what)))
            .collect(Collectors.toSet());
    here.keySet().removeAll(alike);
    there.keySet().removeAll(alike);
    return Optional.of(new SecondSide(first.get(), surplus(here, there), surplus(there, here)));
  }

  private static int sum(@Nullable Map<Sentence, Integer> places) {
    return places == null ? 0 : places.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Whether the second side is as the first, as far as it came off. */
  public Finding finding() {
    if (expected.isEmpty() && more.isEmpty()) {
      return Finding.plain(
          FindingKey.of("apart.second"),
          Verdict.WITHIN,
          MIRRORED,
          LedgerWords.mirrored(first.other()));
    }
    return Finding.plain(
            FindingKey.of("apart.second"),
            Verdict.AT_EDGE,
            MIRRORED,
            expected.isEmpty()
                ? LedgerWords.moreThere(first.other(), more)
                : LedgerWords.stillExpected(first.other(), expected))
        .withRemedy(
            Remedy.of(Remedy.Action.CHECK, Remedy.Page.TOGETHER, LedgerWords.noteDifference()));
  }

  /** Of each kind how many, by their places. */
  private static Map<LedgerRow.What, Map<Sentence, Integer>> counts(Ledger ledger, Side side) {
    Map<LedgerRow.What, Map<Sentence, Integer>> counts = new LinkedHashMap<>();
    ledger.lines().stream()
        .map(LedgerLine::row)
        .filter(row -> row.side().filter(side::equals).isPresent())
        .forEach(
            row ->
                counts
                    .computeIfAbsent(row.what().ofEitherSide(), fresh -> new LinkedHashMap<>())
                    .merge(row.placeOfEitherSide(), row.count(), Integer::sum));
    return counts;
  }

  private static List<Sentence> surplus(
      Map<LedgerRow.What, Map<Sentence, Integer>> of,
      Map<LedgerRow.What, Map<Sentence, Integer>> against) {
    List<Sentence> more = new ArrayList<>();
    of.forEach(
        (what, places) ->
            places.forEach(
                (place, count) -> {
                  int over = count - against.getOrDefault(what, Map.of()).getOrDefault(place, 0);
                  if (over > 0) {
                    more.add(LedgerRow.at(LedgerRow.counted(what, over), place));
                  }
                }));
    return more;
  }
}
