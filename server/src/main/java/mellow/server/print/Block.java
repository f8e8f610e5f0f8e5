package mellow.server.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Rows of cells under a heading, as documents print them; a row is never torn over two pages. */
public record Block(String heading, List<Row> rows) {
  /** A row of a table. */
  public record Row(List<Cell> cells) {}

  /**
   * A cell.
   *
   * @param shape drawn before the words; empty for none
   * @param width of its column, as style sheets say it
   */
  public record Cell(String shape, String words, String width) {}

  /**
   * Words of a row behind a shape.
   *
   * @param shape one of {@link Shapes}; empty for none
   */
  public record Shaped(String shape, List<String> cells) {}

  private static final List<Double> WHOLE = List.of(1.0);

  /** Plain lines. */
  public static Block lines(String heading, List<String> lines) {
    return table(heading, WHOLE, lines.stream().map(List::of).toList());
  }

  /**
   * A table.
   *
   * @param widths of the columns, as shares of the page
   */
  public static Block table(String heading, List<Double> widths, List<List<String>> rows) {
    return shaped(heading, widths, rows.stream().map(cells -> new Shaped("", cells)).toList());
  }

  /** A table with a shape before each row. */
  public static Block shaped(String heading, List<Double> widths, List<Shaped> rows) {
    return new Block(heading, rows.stream().map(row -> row(row, widths)).toList());
  }

  private static Row row(Shaped row, List<Double> widths) {
    List<Cell> cells = new ArrayList<>();
    for (String words : row.cells()) {
      double width = widths.get(cells.size());
      cells.add(
          new Cell(
              cells.isEmpty() ? row.shape() : "",
              words,
              String.format(Locale.ROOT, "%.1f%%", 100 * width)));
    }
    return new Row(cells);
  }
}
