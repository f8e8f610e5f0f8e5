package mellow.server.place;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.placement.NearestPlace;
import mellow.server.wire.FigureView;
import mellow.server.wire.SentenceView;
import org.jspecify.annotations.Nullable;

/** The nearest good place of a pair. */
@Schema(name = "NearestPlace", description = "The smallest move after which every limit holds.")
public record NearestView(
    Kind kind,
    @Schema(description = "Where both lamps sit then; of MOVES.") FrontEdit.@Nullable SpotEdit spot,
    @Schema(description = "How far they move; of MOVES.") @Nullable FigureView move,
    @Schema(description = "Which limits exclude each other; of NOWHERE.")
        List<SentenceView> clashes) {

  /** What came of it. */
  public enum Kind {
    STAYS,
    MOVES,
    NOWHERE
  }

  static NearestView of(NearestPlace place) {
    if (place instanceof NearestPlace.Moves moves) {
      return new NearestView(
          Kind.MOVES,
          new FrontEdit.SpotEdit(
              moves.spot().outMm(), moves.spot().heightMm(), moves.spot().headingDeg()),
          FigureView.lengthMm(moves.moveMm()),
          List.of());
    }
    if (place instanceof NearestPlace.Nowhere nowhere) {
      return new NearestView(
          Kind.NOWHERE, null, null, nowhere.clashes().stream().map(SentenceView::of).toList());
    }
    return new NearestView(Kind.STAYS, null, null, List.of());
  }
}
