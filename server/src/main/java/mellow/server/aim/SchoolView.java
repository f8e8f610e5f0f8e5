package mellow.server.aim;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.aim.School;
import mellow.core.aim.wall.SchoolRow;
import mellow.core.aim.wall.SchoolTable;
import mellow.core.finding.Figure;
import mellow.core.measure.Inclination;
import mellow.core.vehicle.LampKind;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** One school with what it means for both lamps. */
@Schema(name = "SchoolRow", description = "A school of aiming with what it means for both lamps.")
public record SchoolView(School school, String title, SchoolLampView left, SchoolLampView right) {

  /** What a school means for one lamp. */
  @Schema(name = "SchoolLamp", description = "What a school means for one lamp.")
  public record SchoolLampView(
      @Nullable FigureView percent,
      @Nullable FigureView angle,
      @Nullable FigureView mark,
      @Nullable FigureView belowLine,
      @Nullable FigureView reach,
      @Nullable FindingView remark,
      List<OpinionView> opinions) {

    static SchoolLampView of(SchoolRow.Lamp lamp) {
      return new SchoolLampView(
          lamp.percent().isPresent() ? FigureView.percent(lamp.percent().getAsDouble()) : null,
          lamp.percent().isPresent()
              ? FigureView.of(
                  Figure.degrees(Inclination.degreesOfPercent(lamp.percent().getAsDouble())))
              : null,
          lamp.mark().map(mark -> FigureView.lengthMm(mark.heightMm())).orElse(null),
          lamp.mark().map(mark -> FigureView.lengthMm(mark.belowLineMm())).orElse(null),
          lamp.mark().map(mark -> LampView.reachView(mark.reachMm())).orElse(null),
          lamp.remark().map(FindingView::of).orElse(null),
          lamp.opinions().stream()
              .map(
                  opinion ->
                      new OpinionView(
                          opinion.ruleSetId(),
                          Spoken.typed(opinion.title()),
                          FindingView.of(opinion.finding())))
              .toList());
    }
  }

  /** A rule set's verdict on a school's inclination. */
  @Schema(name = "Opinion", description = "A rule set's verdict on a school's inclination.")
  public record OpinionView(String ruleSetId, String title, FindingView finding) {}

  /** All schools for one pair. */
  @Schema(name = "SchoolTable", description = "The schools side by side for a pair of lamps.")
  public record TableView(LampKind kind, List<SchoolView> rows) {

    static TableView of(SchoolTable table) {
      return new TableView(table.kind(), table.rows().stream().map(SchoolView::of).toList());
    }
  }

  static SchoolView of(SchoolRow row) {
    return new SchoolView(
        row.school(),
        Spoken.term(row.school()),
        SchoolLampView.of(row.lamps().left()),
        SchoolLampView.of(row.lamps().right()));
  }
}
