package mellow.core.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.PlannedFeed;
import org.junit.jupiter.api.Test;

/** Plans and tables of parts as they come from elsewhere, sound and hostile. */
class FeedFormatsTest {
  private static final String FILE = FeedPlanBook.file("drl-tap").orElseThrow();

  private static PlannedFeed feed() throws Exception {
    return PlannedFeed.usual(FeedPlanFormat.read(FILE));
  }

  @Test
  void aShopsOwnPlanIsTheSameUnderAnotherName() throws Exception {
    FeedPlan own =
        FeedPlanFormat.read(
            FeedPlanFormat.withUsual(
                FeedPlanFormat.renamed(FILE, "valley", 3, "Ours"), Map.of("tapAmps", "7.5")));
    assertThat(own.id()).isEqualTo("valley");
    assertThat(own.version()).isEqualTo(3);
    assertThat(PlannedFeed.usual(own).part("fuse tap").orElseThrow().value("amps"))
        .isEqualTo("7.5");
    assertThat(own.blocks()).hasSameSizeAs(FeedPlanBook.byId("drl-tap").orElseThrow().blocks());
  }

  @Test
  void whatBreaksTheFormIsRefusedWithItsPlace() {
    assertThatThrownBy(() -> FeedPlanFormat.read("")).isInstanceOf(FormatProblem.class);
    assertThatThrownBy(() -> FeedPlanFormat.read("{".repeat(20_000)))
        .isInstanceOf(FormatProblem.class)
        .hasMessageContaining("formats.notJson");
    refused("\"kind\": \"lamp\"", "\"kind\": \"laser\"", "formats.notAmong");
    refused("\"version\": 1", "\"version\": -1", "formats.atLeast");
    refused("\"plus\": \"{side} drl +\"", "\"plus\": \"{nothing}\"", "feed.notAsked");
    refused("\"amps\": \"{tapAmps}\"", "\"amps\": \"zero\"", "feed.noNumber");
    refused("\"watts\": \"{watts}\"", "\"watts\": \"-8\"", "circuit.notPositive");
    refused("\"metres\": \"{branch}\"", "\"metres\": \"-1\"", "circuit.wireLength");
    refused("\"id\": \"drl feed\"", "\"id\": \"fuse tap\"", "circuit.twoParts");
    refused("\"size\": \"0.75 mm²\"", "\"size\": \"0 mm²\"", "feed.noWire");
    refused("\"usual\": \"800\"", "\"usual\": \"80000\"", "feed.outsideRange");
  }

  private static void refused(String was, String is, String says) {
    assertThat(FILE).contains(was);
    assertThatThrownBy(() -> FeedPlanFormat.read(FILE.replace(was, is)))
        .isInstanceOf(FormatProblem.class)
        .hasMessageContaining(says);
  }

  /** 300 blocks are allowed; more than a vehicle has are refused before anything is solved. */
  @Test
  void thousandsOfPartsAreRefused() {
    String many =
        IntStream.range(0, 1000)
            .mapToObj(
                i ->
                    "{\"kind\":\"joint\",\"id\":\"j%d\",\"from\":\"n%d\",\"to\":\"n%d\"}"
                        .formatted(i, i, i + 1))
            .collect(Collectors.joining(","));
    assertThatThrownBy(
            () -> FeedPlanFormat.read(FILE.replace("\"blocks\": [", "\"blocks\": [" + many + ",")))
        .isInstanceOf(FormatProblem.class)
        .hasMessageContaining("300");
  }

  @Test
  void tableOfPartsGoesOutAndComesIn() throws Exception {
    String csv = FeedCsv.write(feed());
    assertThat(FeedCsv.read(csv, feed(), Map.of())).isEmpty();
    String thicker = csv.replace("left branch,wire,size,0.75", "left branch,wire,size,1.5");
    assertThat(FeedCsv.read(thicker, feed(), Map.of("fuse tap", Map.of("amps", "10"))))
        .isEqualTo(
            Map.of("left branch", Map.of("size", "1.5 mm²"), "fuse tap", Map.of("amps", "10")));
  }

  @Test
  void hostileTablesAreRefusedWithTheirLine() throws Exception {
    PlannedFeed feed = feed();
    assertThatThrownBy(() -> FeedCsv.read("a,b\n1,2\n", feed, Map.of()))
        .hasMessageContaining("formats.columns");
    assertThatThrownBy(() -> FeedCsv.read("part,kind,name,value\nx,wire\n", feed, Map.of()))
        .hasMessageContaining("formats.cells");
    assertThatThrownBy(
            () ->
                FeedCsv.read(
                    "part,kind,name,value\n=cmd|' /C calc'!A0,wire,size,1\n", feed, Map.of()))
        .isInstanceOf(FormatProblem.class)
        .hasMessageContaining("formats.noPart");
    assertThatThrownBy(() -> FeedCsv.read("part,kind,name,value\n\"open", feed, Map.of()))
        .hasMessageContaining("formats.notCsv");
    String formula = FILE.replace("\"colour\": \"red\"", "\"colour\": \"=1+1\"");
    assertThat(FeedCsv.write(PlannedFeed.usual(FeedPlanFormat.read(formula))))
        .contains("drl feed,wire,colour,'=1+1");
  }
}
