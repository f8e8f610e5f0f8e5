package mellow.server.wire;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.lang.reflect.RecordComponent;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import mellow.core.finding.Figure;
import mellow.core.finding.Quantity;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A figure that was said before is said and written as one that was not. */
class FigureViewTest {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final double[] VALUES = {0, -0.0, 1.0 / 3, 76.2, -1e-9, 12345.6789, 1e21};

  /** The library's own way for a map of the same values. */
  private static JsonNode byTheLibrary(FigureView view) {
    return JSON.valueToTree(
        Map.of(
            "value", view.value(),
            "quantity", view.quantity().name(),
            "metric", view.metric(),
            "imperial", view.imperial()));
  }

  @ParameterizedTest
  @EnumSource
  void eachIsWrittenAsTheLibraryWouldHoweverOften(Quantity quantity) throws Exception {
    for (double value : VALUES) {
      Figure figure = Figure.of(value, quantity);
      for (int again = 0; again < 2; again++) {
        FigureView view = FigureView.of(figure);
        assertThat(view.metric()).isEqualTo(Speech.ENGLISH.text(figure, UnitSystem.METRIC));
        assertThat(view.imperial()).isEqualTo(Speech.ENGLISH.text(figure, UnitSystem.IMPERIAL));
        assertThat(JSON.readTree(JSON.writeValueAsBytes(view))).isEqualTo(byTheLibrary(view));
      }
    }
  }

  @Test
  void noFieldIsLeftOut() throws Exception {
    JsonNode written = JSON.readTree(JSON.writeValueAsBytes(FigureView.of(Figure.percent(1))));
    assertThat(written.fieldNames())
        .toIterable()
        .containsExactly(
            Stream.of(FigureView.class.getRecordComponents())
                .map(RecordComponent::getName)
                .toArray(String[]::new));
  }

  @Test
  void theNextReaderMayHaveAnotherLanguage() {
    Figure figure = Figure.percent(1.15);
    Speech german = Speech.of(Locale.GERMAN);
    assertThat(FigureView.of(figure, Speech.ENGLISH).metric()).isEqualTo("1.15 %");
    assertThat(FigureView.of(figure, german).metric()).isEqualTo("1,15 %");
    assertThat(FigureView.of(figure, Speech.ENGLISH).metric()).isEqualTo("1.15 %");
  }
}
