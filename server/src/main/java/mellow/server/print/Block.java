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
    return new Block(
        heading, rows.stream().map(cells -> new Row(cells(List.of(), cells, widths))).toList());
  }

  /** Lines with a shape before each, one of {@link Shapes}. */
  public static Block shaped(
      String heading, List<Double> widths, List<String> shapes, List<List<String>> rows) {
    List<Row> shaped = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      shaped.add(new Row(cells(List.of(shapes.get(i)), rows.get(i), widths)));
    }
    return new Block(heading, shaped);
  }

  private static List<Cell> cells(List<String> shapes, List<String> words, List<Double> widths) {
    List<Cell> cells = new ArrayList<>();
    for (int i = 0; i < words.size(); i++) {
      cells.add(
          new Cell(
              i < shapes.size() ? shapes.get(i) : "",
              words.get(i),
              String.format(Locale.ROOT, "%.1f%%", 100 * widths.get(i))));
    }
    return cells;
  }
}
