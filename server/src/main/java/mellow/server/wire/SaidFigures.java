package mellow.server.wire;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.core.io.NumberOutput;
import com.fasterxml.jackson.core.io.SerializedString;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicReferenceArray;
import mellow.core.finding.Figure;
import mellow.core.finding.Quantity;
import mellow.core.words.Speech;
import org.jspecify.annotations.Nullable;

/**
 * Figures as they were said and written last. They are two thirds of a page, and of one that is
 * asked for again after each entry nearly all are the same. Each has one place by its value; the
 * next one that belongs there takes it.
 */
final class SaidFigures {
  private static final int PLACES = 1 << 13;

  private static final AtomicReferenceArray<@Nullable Said> SAID =
      new AtomicReferenceArray<>(PLACES);

  private SaidFigures() {}

  private record Said(Speech speech, FigureView view, SerializedString json) {
    boolean says(long bits, Quantity quantity, Speech asked) {
      return speech == asked
          && view.quantity() == quantity
          && Double.doubleToRawLongBits(view.value()) == bits;
    }
  }

  static FigureView of(Figure figure, Speech speech) {
    Quantity quantity = figure.quantity();
    long bits = Double.doubleToRawLongBits(figure.value());
    int place = place(bits, quantity);
    Said there = SAID.get(place);
    if (there != null && there.says(bits, quantity, speech)) {
      return there.view();
    }
    FigureView view = FigureView.said(figure, speech);
    SAID.setRelease(place, new Said(speech, view, json(view)));
    return view;
  }

  private static int place(long bits, Quantity quantity) {
    long mixed = (bits + quantity.ordinal()) * 0x9E3779B97F4A7C15L;
    return (int) (mixed >>> (Long.SIZE - Integer.numberOfTrailingZeros(PLACES)));
  }

  private static SerializedString json(FigureView view) {
    return new SerializedString(
        "{\"value\":"
            + NumberOutput.toString(view.value(), true)
            + ",\"quantity\":\""
            + view.quantity()
            + "\",\"metric\":\""
            + quoted(view.metric())
            + "\",\"imperial\":\""
            + quoted(view.imperial())
            + "\"}");
  }

  private static String quoted(String text) {
    return String.valueOf(JsonStringEncoder.getInstance().quoteAsString(text));
  }

  /** Writes a figure as it was written last. */
  static final class Json extends StdSerializer<FigureView> {
    private static final long serialVersionUID = 1;

    Json() {
      super(FigureView.class);
    }

    @Override
    public void serialize(FigureView view, JsonGenerator to, SerializerProvider provider)
        throws IOException {
      Said there = SAID.get(place(Double.doubleToRawLongBits(view.value()), view.quantity()));
      to.writeRawValue(there != null && there.view() == view ? there.json() : json(view));
    }
  }
}
