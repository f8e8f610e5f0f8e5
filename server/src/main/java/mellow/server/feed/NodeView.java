package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.feed.sheet.NodeWorking;
import mellow.core.finding.Source;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView.SourceView;
import mellow.server.wire.FindingView.WorkingLineView;

/** The voltage of a node. */
@Schema(name = "NodeVolts", description = "The voltage of a node, and how it comes about.")
public record NodeView(
    FigureView volts,
    @Schema(description = "From the battery or from ground; empty where nothing leads there.")
        List<WorkingLineView> working,
    SourceView source) {
  private static final Source SOLVED = Source.derived(FeedWords.srcNode());

  public static NodeView of(NodeWorking node) {
    return new NodeView(
        FigureView.of(node.volts()), WorkingLineView.of(node.working()), SourceView.of(SOLVED));
  }
}
