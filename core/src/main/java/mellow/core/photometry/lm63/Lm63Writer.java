package mellow.core.photometry.lm63;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Writes a beam file as its edition has it; what was read and written again reads the same. */
public final class Lm63Writer {
  /** Characters in a line; the edition of 1986 allows 80 (from memory). */
  private static final int LINE = 80;

  private final StringBuilder out = new StringBuilder();

  private Lm63Writer() {}

  /** The file, lines ended by CR and LF. */
  public static String write(BeamFile file) {
    Lm63Writer writer = new Lm63Writer();
    if (file.edition() != Edition.LM_63_1986) {
      writer.line(file.edition().opening());
    }
    file.labels().forEach(label -> writer.line(label.line()));
    writer.line(file.tilt().line());
    if (file.tilt() instanceof Tilt.Included included) {
      writer.line(Integer.toString(included.geometry()));
      writer.line(Integer.toString(included.angles().size()));
      writer.numbers(doubles(included.angles()));
      writer.numbers(doubles(included.factors()));
    }
    writer.head(file);
    Grid grid = file.grid();
    writer.numbers(grid.vertical());
    writer.numbers(grid.horizontal());
    for (double[] column : grid.candela()) {
      writer.numbers(column);
    }
    return writer.out.toString();
  }

  private void head(BeamFile file) {
    Grid grid = file.grid();
    Opening opening = file.opening();
    DoubleUnaryOperator inUnits = metres -> metres / opening.unit();
    numbers(
        new double[] {
          file.source().lamps(),
          file.source().lumens().orElse(-1),
          file.factors().multiplier(),
          grid.vertical().length,
          grid.horizontal().length,
          grid.type().number(),
          opening.inFeet() ? 1 : 2,
          inUnits.applyAsDouble(opening.widthM()),
          inUnits.applyAsDouble(opening.lengthM()),
          inUnits.applyAsDouble(opening.heightM())
        });
    numbers(new double[] {file.factors().ballast(), file.factors().third(), file.inputWatts()});
  }

  private static double[] doubles(List<Double> values) {
    return values.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private void line(String text) {
    out.append(text).append("\r\n");
  }

  private void numbers(double[] values) {
    List<String> row = new ArrayList<>();
    int length = 0;
    for (double value : values) {
      String text = text(value);
      if (length + text.length() + 1 > LINE) {
        line(String.join(" ", row));
        row.clear();
        length = 0;
      }
      row.add(text);
      length += text.length() + 1;
    }
    line(String.join(" ", row));
  }

  /** The shortest text that reads as the same number. */
  private static String text(double value) {
    return value == 0
        ? "0"
        : new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
  }
}
