package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.Question;
import mellow.core.feed.Values;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.harness.BladeFuse;
import mellow.core.harness.WireSize;

/**
 * A change of one answer or one wire after which a finding is out no more, nothing else being out
 * that was not before.
 *
 * @param words what to take: "2.5 mm²", "a 15 A fuse"
 * @param answers of the plan with the change
 * @param changes of its parts with the change
 */
public record Fix(
    Sentence words, Map<String, String> answers, Map<String, Map<String, String>> changes) {
  /** A wire is taken so many sizes larger at most: beyond that another way of feeding is asked. */
  private static final int MOST_SIZES_UP = 3;

  public Fix {
    answers = Map.copyOf(answers);
    changes = Map.copyOf(changes);
  }

  /**
   * The change that leaves least out, the smallest among equals; empty where none is known. Answers
   * are tried first: they keep both sides alike.
   */
  public static Optional<Fix> of(FeedSheet sheet, Finding finding) throws FeedProblem {
    List<Fix> answers = new ArrayList<>();
    List<Fix> wires = new ArrayList<>();
    if (finding.answers("feed.drop", "feed.guard")) {
      answers.addAll(sizes(sheet.feed()));
      wires.addAll(wires(sheet.feed()));
    }
    if (finding.answers("feed.fuse", "feed.guard")) {
      answers.addAll(fuses(sheet.feed()));
    }
    Optional<Fix> answer = best(answers, sheet, finding);
    return answer.isPresent() ? answer : best(wires, sheet, finding);
  }

  private static Optional<Fix> best(List<Fix> tries, FeedSheet sheet, Finding finding)
      throws FeedProblem {
    Set<FindingKey> before = outOf(sheet);
    int least = before.size();
    Optional<Fix> best = Optional.empty();
    for (Fix one : tries) {
      Set<FindingKey> after =
          outOf(
              FeedSheet.of(
                  PlannedFeed.of(sheet.feed().plan(), one.answers(), one.changes()),
                  sheet.market()));
      if (!after.contains(finding.key()) && before.containsAll(after) && after.size() < least) {
        least = after.size();
        best = Optional.of(one);
      }
    }
    return best;
  }

  private static Set<FindingKey> outOf(FeedSheet sheet) {
    return sheet.findings().stream()
        .filter(one -> one.verdict() == Verdict.OUT)
        .map(Finding::key)
        .collect(Collectors.toSet());
  }

  /** Larger wires by one question at a time, the next size of each first. */
  private static List<Fix> sizes(PlannedFeed feed) {
    List<Fix> tries = new ArrayList<>();
    for (int up = 1; up <= MOST_SIZES_UP; up++) {
      for (Question question : feed.plan().questions()) {
        if (question.kind() instanceof Question.Kind.Wire) {
          larger(feed.answers().getOrDefault(question.id(), ""), up)
              .ifPresent(
                  size -> tries.add(answered(feed, question.id(), size, Sentence.typed(size))));
        }
      }
    }
    return tries;
  }

  /** Larger wires one at a time, the next size of each first. */
  private static List<Fix> wires(PlannedFeed feed) {
    List<Fix> tries = new ArrayList<>();
    for (int up = 1; up <= MOST_SIZES_UP; up++) {
      for (PlannedPart wire : feed.added("wire")) {
        larger(wire.value("size"), up)
            .ifPresent(
                size ->
                    tries.add(changed(feed, wire.id(), size, FeedWords.sizeFor(size, wire.id()))));
      }
    }
    return tries;
  }

  private static Optional<String> larger(String name, int up) {
    List<String> series =
        WireSize.all().stream()
            .map(WireSize::name)
            .filter(size -> size.startsWith("AWG") == name.startsWith("AWG"))
            .toList();
    int at = series.indexOf(name) + up;
    return series.contains(name) && at < series.size()
        ? Optional.of(series.get(at))
        : Optional.empty();
  }

  private static List<Fix> fuses(PlannedFeed feed) {
    return feed.plan().questions().stream()
        .filter(question -> ratesAFuse(feed.plan(), question))
        .flatMap(
            question ->
                Arrays.stream(BladeFuse.values())
                    .map(fuse -> Values.shown(fuse.amps()))
                    .filter(question::takes)
                    .map(amps -> answered(feed, question.id(), amps, FeedWords.fuseOf(amps))))
        .toList();
  }

  private static boolean ratesAFuse(FeedPlan plan, Question question) {
    return plan.blocks().stream()
        .filter(block -> List.of("fuse", "tap").contains(block.kind()))
        .anyMatch(block -> block.takes("amps", question.id()));
  }

  private static Fix answered(PlannedFeed feed, String question, String answer, Sentence words) {
    Map<String, String> answers = new LinkedHashMap<>(feed.answers());
    answers.put(question, answer);
    return new Fix(words, answers, feed.changes());
  }

  private static Fix changed(PlannedFeed feed, String part, String size, Sentence words) {
    Map<String, Map<String, String>> changes = new LinkedHashMap<>(feed.changes());
    Map<String, String> values = new LinkedHashMap<>(changes.getOrDefault(part, Map.of()));
    values.put("size", size);
    changes.put(part, values);
    return new Fix(words, feed.answers(), changes);
  }
}
