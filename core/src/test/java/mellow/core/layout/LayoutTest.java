package mellow.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.FeedPlanBook;
import mellow.core.vehicle.Site;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Where things sit on most vehicles: common practice. */
class LayoutTest {
  private static PlannedFeed factory(String id, Map<String, Map<String, String>> changes)
      throws FeedProblem {
    return PlannedFeed.of(FactoryBook.byId(id).orElseThrow(), Map.of(), changes);
  }

  static Stream<FeedPlan> plans() {
    return Stream.concat(FeedPlanBook.all().stream(), FactoryBook.all().stream());
  }

  @ParameterizedTest
  @MethodSource("plans")
  void everyPartSitsSomewhereAndEveryWireEndsWhereSomethingIs(FeedPlan plan) throws FeedProblem {
    PlannedFeed feed = PlannedFeed.usual(plan);
    Layout layout = Layout.of(feed);
    Circuit circuit = feed.circuit();
    assertThat(circuit.parts())
        .allSatisfy(
            part ->
                assertThat(layout.site(part.id()).isPresent())
                    .isNotEqualTo(part instanceof Joining.Wire));
    assertThat(circuit.of(Emitter.class))
        .allSatisfy(
            lamp -> assertThat(layout.site(lamp.id())).hasValue(Site.lamps(lamp.use().side())));
    List<Layout.Run> runs = layout.runs();
    assertThat(runs.stream().flatMap(run -> run.part().stream()))
        .containsExactlyInAnyOrderElementsOf(
            circuit.of(Joining.Wire.class).map(Joining.Wire::id).toList());
    Set<String> ground = feed.rails().ground();
    assertThat(runs.stream().flatMap(run -> Stream.of(run.from(), run.to())))
        .filteredOn(end -> !ground.contains(end.node()))
        .allSatisfy(end -> assertThat(layout.sites(end.node())).contains(end.site()));
  }

  @Test
  void aLampsWireRunsFromItsFuseToItsPlugAndItsReturnToTheBoltOfItsSide() throws FeedProblem {
    Layout layout = Layout.of(factory("factory-low-switched-plus", Map.of()));
    assertThat(layout.runs())
        .contains(
            new Layout.Run(
                Optional.of("left low-beam lead"),
                new Layout.End(Site.ENGINE_BOX, "left low fused"),
                new Layout.End(Site.LEFT_LAMPS, "left low beam +")),
            new Layout.Run(
                Optional.of("right ground wire"),
                new Layout.End(Site.RIGHT_LAMPS, "right low beam -"),
                new Layout.End(Site.RIGHT_GROUND, "right ground bolt")))
        // from switch to box nothing is known but that a wire leads there
        .contains(
            new Layout.Run(
                Optional.empty(),
                new Layout.End(Site.DASH, "low-beam wire"),
                new Layout.End(Site.ENGINE_BOX, "low-beam wire")));
  }

  @Test
  void aPartSitsWhereThisVehicleHasIt() throws FeedProblem {
    PlannedFeed moved =
        factory("factory-main-relay", Map.of("main-beam relay", Map.of("at", "DASH_BOX")));
    Layout layout = Layout.of(moved);
    assertThat(layout.site("main-beam relay")).hasValue(Site.DASH_BOX);
    assertThat(layout.sites("main 30")).containsExactly(Site.ENGINE_BOX, Site.DASH_BOX);
    assertThatThrownBy(
            () -> factory("factory-main-relay", Map.of("main-beam relay", Map.of("at", "roof"))))
        .isInstanceOf(FeedProblem.class)
        .hasMessageContaining("roof");
  }

  @Test
  void aWireLiesBetweenPlacesWhateverIsSaidOfIt() throws FeedProblem {
    Layout usual = Layout.of(factory("factory-main-relay", Map.of()));
    Layout said =
        Layout.of(
            factory("factory-main-relay", Map.of("left main-beam lead", Map.of("at", "DASH"))));
    assertThat(said.site("left main-beam lead")).isEmpty();
    assertThat(said.runs()).isEqualTo(usual.runs());
  }
}
