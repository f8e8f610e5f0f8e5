package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import mellow.core.circuit.Ngspice;
import mellow.core.circuit.check.StateTable;
import mellow.core.formats.FactoryBook;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Circuits as factories build them do what they say, and as a general circuit simulator has it. */
class FactoryCircuitsTest {
  @TempDir private Path directory;

  static Stream<PlannedFeed> circuits() throws FeedProblem {
    List<PlannedFeed> all = new ArrayList<>();
    for (FeedPlan plan : FactoryBook.all()) {
      all.add(PlannedFeed.usual(plan));
    }
    for (String what : List.of("DIPPED", "MAIN", "POSITION", "DRL")) {
      all.add(
          PlannedFeed.of(
              FactoryBook.byId("factory-generic").orElseThrow(), Map.of("what", what), Map.of()));
    }
    return all.stream();
  }

  @ParameterizedTest
  @MethodSource("circuits")
  void lampsShineWhereTheyShould(PlannedFeed feed) {
    assertThat(feed.table().findings()).as(feed.plan().id()).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("circuits")
  void simulatorFindsTheSameVoltages(PlannedFeed feed) throws Exception {
    for (StateTable.Row row : feed.table().rows()) {
      int solved = new Ngspice(directory).agrees(feed.circuit(), row.solution(), row.state().id());
      assertThat(solved).as(row.state().id()).isEqualTo(row.solution().phases().size());
    }
  }
}
