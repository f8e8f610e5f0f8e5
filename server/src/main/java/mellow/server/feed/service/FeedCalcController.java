package mellow.server.feed.service;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Controls;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.FeedEdit.WishEdit;
import mellow.server.feed.FeedView;
import mellow.server.feed.NodeView;
import mellow.server.feed.ProposalView;
import mellow.server.feed.SolvedView;
import mellow.server.feed.SourceEdit;
import mellow.server.feed.SourceView;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/calc/feed")
@Tag(name = "Feed")
class FeedCalcController {
  private final Feeds feeds;

  FeedCalcController(Feeds feeds) {
    this.feeds = feeds;
  }

  @Schema(description = "A plan with the driver's controls in one position.")
  record SolveRequest(
      @NotNull @Valid ChosenPlan plan,
      @NotNull @Schema(description = "How the driver's controls stand.") Controls controls) {}

  @Schema(description = "A point of a plan's circuit, with the controls in one position.")
  record NodeRequest(
      @NotNull @Valid ChosenPlan plan,
      @NotNull @Schema(description = "How the driver's controls stand.") Controls controls,
      @NotNull @Size(max = 200) @Schema(example = "left fog +") String node) {}

  @Schema(description = "What lamps should do, and what the vehicle answers by itself.")
  record WishRequest(
      @NotNull @Size(max = 160) List<@Valid @NotNull WishEdit> wishes,
      @NotNull @Size(max = 20) @Schema(example = "{\"lowStays\": \"yes\"}")
          Map<String, @NotNull String> known) {}

  @PostMapping
  @Operation(
      summary = "Judge a feed",
      description = "Solved in every state of its plan, judged and drawn; without memory.")
  FeedView judge(
      Acting acting,
      @RequestParam @Pattern(regexp = Patterns.ID) String job,
      @Valid @RequestBody FeedEdit edit) {
    return feeds.judge(acting, job, edit);
  }

  @PostMapping("/solve")
  @Operation(
      summary = "Solve a feed in one position of the controls",
      description = "Volts of every node, amperes of every part, light of every lamp.")
  SolvedView solve(Acting acting, @Valid @RequestBody SolveRequest request) {
    return feeds.solve(acting, request.plan(), request.controls());
  }

  @PostMapping("/node")
  @Operation(
      summary = "How the voltage of a point comes about",
      description = "What stands at the battery, less what each part on the way takes.")
  NodeView node(Acting acting, @Valid @RequestBody NodeRequest request) {
    return feeds.node(acting, request.plan(), request.controls(), request.node());
  }

  @PostMapping("/proposals")
  @Operation(
      summary = "Plans that do what is wished",
      description = "The nearest first, with what each misses, needs and costs.")
  List<ProposalView> proposals(
      Acting acting,
      @RequestParam @Pattern(regexp = Patterns.ID) String job,
      @Valid @RequestBody WishRequest request) {
    return feeds.proposals(
        acting, job, request.wishes().stream().map(WishEdit::core).toList(), request.known());
  }

  @PostMapping("/probe")
  @Operation(
      summary = "What a probed wire is",
      description = "By its readings in positions of key and light switch, or what to read next.")
  SourceView probe(Acting acting, @Valid @RequestBody SourceEdit wire) {
    wire.core();
    return SourceView.of(wire);
  }
}
