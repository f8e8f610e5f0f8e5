package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.feed.JointPlan.Beside;
import mellow.core.feed.PlanStep.Act;
import mellow.core.feed.PlanStep.Needs;
import mellow.core.finding.Said;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The order of connecting can be carried out: a hand that does step after step never finds a dead
 * wire to probe, a live one to cut, or a lamp to try that has no feed. Common practice: probe
 * first, battery off, fit, battery on, fuses in one at a time, try, prove.
 */
class WiringOrderTest {
  private static final int TRIES = 40;

  /** A hand at the vehicle, and how things stand before it. */
  private static final class Hand {
    private final PlannedFeed feed;
    private final WiringOrder school;
    private final Set<String> toFit = new HashSet<>();
    private boolean batteryOn = true;
    private boolean fusesOut;
    private boolean fusesIn;
    private boolean touched;
    private boolean positiveOn;
    private boolean proved;

    Hand(PlannedFeed feed, WiringOrder school) {
      this.feed = feed;
      this.school = school;
      feed.plan().steps().stream()
          .filter(step -> step.battery() == Needs.OFF && step.isIn(feed))
          .forEach(step -> toFit.add(Said.text(step.does())));
    }

    private boolean hasFuses() {
      return feed.parts().stream()
          .anyMatch(
              part -> !part.factory() && (part.kind().equals("fuse") || part.kind().equals("tap")));
    }

    void does(PlanStep step) {
      String says = feed.plan().id() + feed.answers() + " at “" + step.does() + "”";
      assertThat(proved).as("nothing after the proof: " + says).isFalse();
      switch (step.act()) {
        case NEGATIVE_OFF -> {
          assertThat(batteryOn && !toFit.isEmpty()).as(says).isTrue();
          batteryOn = false;
        }
        case NEGATIVE_ON -> {
          assertThat(!batteryOn && toFit.isEmpty()).as(says).isTrue();
          assertThat(fusesOut || !hasFuses()).as("on with its fuses in: " + says).isTrue();
          batteryOn = true;
        }
        case FUSES_OUT -> {
          assertThat(hasFuses()).as(says).isTrue();
          fusesOut = true;
        }
        case FUSES_IN -> {
          assertThat(fusesOut && batteryOn && toFit.isEmpty()).as(says).isTrue();
          fusesIn = true;
        }
        case POSITIVE_LEAD -> {
          assertThat(toFit.isEmpty() && (fusesOut || !hasFuses())).as(says).isTrue();
          positiveOn = true;
        }
        case GROUND_LEADS -> {
          assertThat(feed.added("wire"))
              .as(says)
              .anyMatch(wire -> Set.of("body", "ground").contains(wire.value("to")));
          boolean battery =
              feed.added("wire").stream().anyMatch(wire -> wire.value("from").equals("battery +"));
          assertThat(positiveOn || !battery).as("ground before plus: " + says).isTrue();
        }
        case PROVE -> {
          isFed(says);
          proved = true;
        }
        case WORK -> works(step, says);
      }
    }

    private void works(PlanStep step, String says) {
      if (toFit.contains(Said.text(step.does()))) {
        assertThat(school == WiringOrder.LIVE ? !fusesIn && !positiveOn : !batteryOn)
            .as(says)
            .isTrue();
        touched = true;
        toFit.remove(Said.text(step.does()));
      } else if (step.battery() == Needs.FED) {
        isFed(says);
      } else if (step.battery() == Needs.ON) {
        assertThat(batteryOn && !touched).as(says).isTrue();
      }
    }

    private void isFed(String says) {
      assertThat(batteryOn && toFit.isEmpty() && (fusesIn || !hasFuses())).as(says).isTrue();
    }
  }

  private static Map<String, String> random(FeedPlan plan, Random random) {
    Map<String, String> answers = new HashMap<>();
    for (Question question : plan.questions()) {
      if (question.kind() instanceof Question.Kind.Choice choice) {
        answers.put(
            question.id(), choice.options().get(random.nextInt(choice.options().size())).value());
      }
    }
    return answers;
  }

  private static void carriedOut(FeedPlan plan, WiringOrder school, long seed) throws FeedProblem {
    Random random = new Random(seed);
    for (int i = 0; i < TRIES; i++) {
      PlannedFeed feed = PlannedFeed.of(plan, random(plan, random), Map.of());
      Hand hand = new Hand(feed, school);
      for (PlanStep step : school.of(feed)) {
        hand.does(step);
      }
      assertThat(hand.proved && hand.toFit.isEmpty()).as(plan.id() + feed.answers()).isTrue();
    }
  }

  static Stream<FeedPlan> plans() {
    return FeedPlanBook.all().stream();
  }

  @ParameterizedTest
  @MethodSource("plans")
  void everyPlanCanBeConnectedInBothSchools(FeedPlan plan) throws FeedProblem {
    for (WiringOrder school : WiringOrder.values()) {
      carriedOut(plan, school, 20261129);
    }
  }

  @ParameterizedTest
  @EnumSource(WiringOrder.class)
  void plansBesideEachOtherAreConnectedInOneGo(WiringOrder school) throws FeedProblem {
    List<FeedPlan> all = FeedPlanBook.all();
    for (int i = 0; i < all.size(); i++) {
      FeedPlan other = all.get((i + 7) % all.size());
      carriedOut(
          JointPlan.of(all.get(i), List.of(new Beside("p2", other, "second"))),
          school,
          20261129 + i);
    }
  }

  /** Each step of a plan that names what it is about names something of its own. */
  @ParameterizedTest
  @MethodSource("plans")
  void whatAStepIsAboutIsInThePlan(FeedPlan plan) throws FeedProblem {
    Random random = new Random(4);
    Set<String> never = new HashSet<>();
    plan.steps().forEach(step -> never.add(Said.text(step.does())));
    for (int i = 0; i < TRIES; i++) {
      PlannedFeed feed = PlannedFeed.of(plan, random(plan, random), Map.of());
      plan.steps().stream()
          .filter(step -> step.isIn(feed))
          .forEach(step -> never.remove(Said.text(step.does())));
    }
    assertThat(never).as("steps that no answer brings").isEmpty();
  }

  @Test
  void whatAnAnswerMakesPointlessVanishes() throws FeedProblem {
    FeedPlan refed = FeedPlanBook.byId("fog-refed").orElseThrow();
    PlannedFeed asItWas = PlannedFeed.of(refed, Map.of("refed", "no"), Map.of());
    assertThat(WiringOrder.NEGATIVE_OFF.of(asItWas))
        .extracting(PlanStep::act)
        .as("nothing is refed: no terminal is pulled, no battery taken off")
        .containsExactly(Act.PROVE);
    List<String> words = new ArrayList<>();
    WiringOrder.NEGATIVE_OFF
        .of(PlannedFeed.usual(refed))
        .forEach(step -> words.add(Said.text(step.does())));
    assertThat(words).as("it has no fuse of its own").noneMatch(word -> word.contains("fuse"));
  }
}
