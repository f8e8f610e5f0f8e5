package mellow.server.wire;

import io.swagger.v3.oas.annotations.media.Schema;
import mellow.core.finding.Caution;
import mellow.server.wire.FindingView.SourceView;

/** Something to heed. */
@Schema(name = "Caution", description = "Something to heed at a stage of the work.")
public record CautionView(String id, String text, SourceView source) {

  public static CautionView of(Caution caution) {
    return new CautionView(
        caution.id(), Spoken.words(caution.text()), SourceView.of(caution.source()));
  }
}
