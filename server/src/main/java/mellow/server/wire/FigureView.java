package mellow.server.wire;

import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import io.swagger.v3.oas.annotations.media.Schema;
import mellow.core.finding.Figure;
import mellow.core.finding.Quantity;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;

/** A figure with its text in both unit systems. */
@JsonSerialize(using = SaidFigures.Json.class)
@Schema(name = "Figure", description = "A number with its text in both unit systems.")
public record FigureView(
    @Schema(
            description =
                "LENGTH, FINE_LENGTH and REACH in mm; PERCENT; ANGLE and DIRECTION in degrees; TURNS,"
                    + " clockwise positive; AREA in cm²; INTENSITY in cd; ILLUMINANCE in"
                    + " lx; SPEED in km/h; VOLTAGE in V, CURRENT in"
                    + " A, RESISTANCE in Ω, POWER in W; COUNT and NUMBER bare",
            example = "76.2")
        double value,
    Quantity quantity,
    @Schema(example = "76 mm") String metric,
    @Schema(example = "3 in") String imperial) {

  public static FigureView of(Figure figure) {
    return of(figure, Spoken.speech());
  }

  static FigureView of(Figure figure, Speech speech) {
    return SaidFigures.of(figure, speech);
  }

  static FigureView said(Figure figure, Speech speech) {
    String metric = speech.text(figure, UnitSystem.METRIC);
    return new FigureView(
        figure.value(),
        figure.quantity(),
        metric,
        figure.quantity().followsUnits() ? speech.text(figure, UnitSystem.IMPERIAL) : metric);
  }

  public static FigureView lengthMm(double mm) {
    return of(Figure.lengthMm(mm));
  }

  public static FigureView percent(double percent) {
    return of(Figure.percent(percent));
  }
}
