package mellow.server.place;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.placement.free.NearestPlace;
import mellow.server.wire.FigureView;
import mellow.server.wire.SentenceView;
import org.jspecify.annotations.Nullable;

/** The nearest good place of a pair. */
@Schema(name = "NearestPlace", description = "The smallest move after which every limit holds.")
public record NearestView(
    Kind kind,
    @Schema(description = "From the centre line to each lamp's own side, mm; of MOVES.")
        @Nullable Double outMm,
    @Schema(description = "Above the ground, mm; of MOVES.") @Nullable Double heightMm,
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
          moves.outMm(),
          moves.heightMm(),
          FigureView.lengthMm(moves.moveMm()),
          List.of());
    }
    if (place instanceof NearestPlace.Nowhere nowhere) {
      List<SentenceView> clashes = nowhere.clashes().stream().map(SentenceView::of).toList();
      return new NearestView(Kind.NOWHERE, null, null, null, clashes);
    }
    return new NearestView(Kind.STAYS, null, null, null, List.of());
  }
}
