package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.feed.sheet.Fix;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.harness.BladeFuse;
import mellow.core.harness.WireSize;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever a plan's own questions allow can be judged, and a remedy looked for. */
class EveryAnswerTest {
  private static final Set<String> UNITS = Set.of("A", "W");

  static Stream<FeedPlan> plans() {
    return FeedPlanBook.all().stream();
  }

  private static List<String> answers(Question question) {
    List<String> answers = new ArrayList<>();
    if (question.kind() instanceof Question.Kind.Wire) {
      List<WireSize> sizes = WireSize.all();
      for (int at : new int[] {0, sizes.size() / 2, sizes.size() - 1}) {
        answers.add(sizes.get(at).name());
      }
    } else if (question.kind() instanceof Question.Kind.Number number
        && UNITS.contains(number.unit())) {
      answers.add(Values.shown(number.least()));
      answers.add(Values.shown(number.most()));
      Arrays.stream(BladeFuse.values())
          .map(fuse -> Values.shown(fuse.amps()))
          .filter(question::takes)
          .forEach(answers::add);
    }
    return answers;
  }

  private static void judge(FeedPlan plan, String question, String answer) throws FeedProblem {
    FeedSheet sheet =
        FeedSheet.of(PlannedFeed.of(plan, Map.of(question, answer), Map.of()), Optional.empty());
    for (Finding finding : sheet.findings()) {
      if (finding.verdict() == Verdict.OUT) {
        Fix.of(sheet, finding);
        return;
      }
    }
  }

  @ParameterizedTest
  @MethodSource("plans")
  void everyFuseWireAndWattageThatIsAskedForIsTaken(FeedPlan plan) {
    for (Question question : plan.questions()) {
      for (String answer : answers(question)) {
        assertThatCode(() -> judge(plan, question.id(), answer))
            .as("%s, %s: %s", plan.id(), question.id(), answer)
            .doesNotThrowAnyException();
      }
    }
  }
}
