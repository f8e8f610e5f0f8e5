package mellow.core.retrofit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import mellow.core.retrofit.FitSection.Field;
import mellow.core.retrofit.FitSection.Of;
import mellow.core.retrofit.FitSection.Piece;
import mellow.core.retrofit.FitSection.Span;
import org.junit.jupiter.api.Test;

/** The section is to scale: what was measured is found again in the drawing. */
class FitSectionTest {
  private static final Housing HOUSING =
      new Housing(
          Map.of(
              Housing.Size.BOWL_OPENING, 84.0,
              Housing.Size.BOWL_DEPTH, 118.0,
              Housing.Size.BEHIND, 74.0,
              Housing.Size.HOLE, 21.5,
              Housing.Size.CUT_TO, 103.0),
          Housing.Seal.GLUED);
  private static final Projector PROJECTOR =
      new Projector(
          Map.of(
              Projector.Size.LENS, 63.5,
              Projector.Size.SHROUD, 92.0,
              Projector.Size.FRONT, 88.0,
              Projector.Size.BEHIND, 61.0));

  private static Span span(FitSection section, Field field) {
    return section.spans().stream().filter(one -> one.field() == field).findFirst().orElseThrow();
  }

  @Test
  void measurementsAreAsLongAsTheySay() {
    FitSection section = FitSection.of(HOUSING, PROJECTOR);
    for (Span span : section.spans()) {
      assertThat(span.to() - span.from())
          .as(span.field().name())
          .isEqualTo(span.mm().orElseThrow());
    }
    assertThat(section.spans()).extracting(Span::field).contains(Field.SHROUD);
  }

  @Test
  void partsStandWhereTheyWereMeasured() {
    List<Piece> pieces = FitSection.of(HOUSING, PROJECTOR).pieces();
    assertThat(most(pieces, Of.LENS, FitSection.Vertex::xMm)).isEqualTo(88);
    assertThat(most(pieces, Of.LENS, FitSection.Vertex::yMm)).isEqualTo(63.5 / 2);
    assertThat(most(pieces, Of.SHROUD, FitSection.Vertex::yMm)).isEqualTo(46);
    assertThat(least(pieces, Of.BODY)).isEqualTo(-61);
    assertThat(pieces).extracting(Piece::of).doesNotContain(Of.BOSS);
  }

  private static double most(
      List<Piece> pieces, Of of, ToDoubleFunction<FitSection.Vertex> coordinate) {
    return coordinates(pieces, of, coordinate).max().orElseThrow();
  }

  private static double least(List<Piece> pieces, Of of) {
    return coordinates(pieces, of, FitSection.Vertex::xMm).min().orElseThrow();
  }

  private static DoubleStream coordinates(
      List<Piece> pieces, Of of, ToDoubleFunction<FitSection.Vertex> coordinate) {
    return pieces.stream()
        .filter(piece -> piece.of() == of)
        .flatMap(piece -> piece.vertices().stream())
        .mapToDouble(coordinate);
  }

  /** Nothing measured yet: something is drawn to measure on, and says that it is not measured. */
  @Test
  void unmeasuredIsDrawnAsUsualAndSaysSo() {
    FitSection section =
        FitSection.of(new Housing(Map.of(), Housing.Seal.GLUED), new Projector(Map.of()));
    assertThat(section.pieces()).isNotEmpty();
    assertThat(section.spans()).allMatch(span -> span.mm().isEmpty() && span.to() > span.from());
    assertThat(span(section, Field.HOLE).upright()).isTrue();
  }

  @Test
  void bossIsDrawnWhereThereIsOne() {
    Projector threaded =
        new Projector(
            Map.of(
                Projector.Size.LENS, 63.5,
                Projector.Size.SHROUD, 80.0,
                Projector.Size.FRONT, 88.0,
                Projector.Size.BEHIND, 61.0,
                Projector.Size.THREAD, 22.2));
    assertThat(most(FitSection.of(HOUSING, threaded).pieces(), Of.BOSS, FitSection.Vertex::yMm))
        .isEqualTo(11.1);
  }
}
