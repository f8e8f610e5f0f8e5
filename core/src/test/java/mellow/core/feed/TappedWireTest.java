package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.subject.SubjectKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a tapped wire and a switch carry, and what guards the thin lead behind a tap. */
class TappedWireTest {
  private static PlannedFeed feed(String plan, Map<String, String> answers) throws FeedProblem {
    return PlannedFeed.of(FeedPlanBook.byId(plan).orElseThrow(), answers, Map.of());
  }

  private static Optional<Finding> finding(String id, String plan, Map<String, String> answers)
      throws FeedProblem {
    return FeedSheet.of(feed(plan, answers), Optional.empty()).findings().stream()
        .filter(one -> one.id().equals(id))
        .findFirst();
  }

  private static Verdict verdict(String id, String plan, Map<String, String> answers)
      throws FeedProblem {
    return finding(id, plan, answers).map(Finding::verdict).orElse(Verdict.WITHIN);
  }

  @Test
  void whatTheFogSwitchCarriesIsAsked() throws Exception {
    String id = "feed.asked@question:carries";
    assertThat(verdict(id, "fog-refed", Map.of())).isEqualTo(Verdict.NOT_KNOWN);
    for (Map<String, String> known :
        List.of(Map.of("carries", "coil"), Map.of("carries", "lamps"), Map.of("refed", "no"))) {
      assertThat(finding(id, "fog-refed", known)).as(known.toString()).isEmpty();
    }
  }

  /** Two filaments of 55 W take some 9 A with the engine on: common practice. */
  @Test
  void jumperThatCarriesTheLampsThemselvesIsOut() throws Exception {
    Finding carries =
        finding("feed.signal@component:accessory%20tap", "fog-refed", Map.of("carries", "lamps"))
            .orElseThrow();
    assertThat(carries.verdict()).isEqualTo(Verdict.OUT);
    assertThat(Said.figures(carries.headline()).get(0).value()).isCloseTo(9, within(0.5));
    assertThat(Said.pattern(carries.remedy().orElseThrow())).contains("relay");
    assertThat(
            verdict(
                "feed.signal@component:accessory%20tap", "fog-refed", Map.of("carries", "coil")))
        .isEqualTo(Verdict.WITHIN);
    assertThat(
            verdict(
                "feed.fuse@component:lead%20fuse",
                "fog-refed", Map.of("carries", "lamps", "leadFuse", "3")))
        .as("a fuse in the jumper opens")
        .isEqualTo(Verdict.OUT);
  }

  /**
   * 0.75 mm² bears 15 A alone in free air at 30 °C (DIN VDE 0298-4, from memory): with a second
   * wire in the sleeve and 60 °C around it 15 × 0.8 × √(45 / 40), that is 12.7 A.
   */
  @ParameterizedTest
  @CsvSource({
    "fog-own-switch, source tap, 0, none, NOT_KNOWN",
    "fog-own-switch, source tap, 10, none, WITHIN",
    "fog-own-switch, source tap, 20, none, OUT",
    "fog-own-switch, source tap, 20, 3, WITHIN",
    "fog-own-switch, source tap, 0, 3, WITHIN",
    "fog-refed, accessory tap, 0, none, NOT_KNOWN",
    "fog-refed, accessory tap, 20, none, OUT",
    "fog-refed, accessory tap, 20, 2, WITHIN",
    "drl-kit, lights tap, 25, none, OUT",
    "drl-kit, lights tap, 25, 1, WITHIN",
    "drl-module, side-lamp tap, 25, none, OUT",
    "drl-module, side-lamp tap, 5, none, WITHIN"
  })
  void thinLeadOnATapIsGuarded(String plan, String tap, String tapped, String own, Verdict expected)
      throws Exception {
    Map<String, String> answers = new HashMap<>(Map.of("tappedFuse", tapped, "leadFuse", own));
    assertThat(
            verdict(
                FindingKey.of("feed.lead", SubjectKind.COMPONENT.named(tap)).text(), plan, answers))
        .isEqualTo(expected);
  }

  @Test
  void fuseInTheLeadIsBought() throws Exception {
    assertThat(
            FeedSheet.of(feed("drl-kit", Map.of("leadFuse", "3")), Optional.empty())
                .bill()
                .lines()
                .stream()
                .map(line -> Said.text(line.what()))
                .toList())
        .anyMatch(line -> line.contains("3 A"));
    assertThat(feed("fog-own-switch", Map.of()).added("fuse"))
        .extracting(PlannedPart::id)
        .isEqualTo(List.of("fog fuse"));
  }
}
