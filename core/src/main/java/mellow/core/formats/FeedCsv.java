package mellow.core.formats;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** A plan's parts as a table: part, kind, name, value; RFC 4180. */
public final class FeedCsv {
  private static final String[] HEADER = {"part", "kind", "name", "value"};
  private static final int MOST_LINES = 20_000;

  private FeedCsv() {}

  /** The table. */
  public static String write(PlannedFeed feed) {
    try (StringWriter text = new StringWriter();
        CSVPrinter printer =
            new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(HEADER).build())) {
      for (PlannedPart part : feed.parts()) {
        for (Map.Entry<String, String> one : new TreeMap<>(part.values()).entrySet()) {
          if (!List.of("id", "kind").contains(one.getKey())) {
            printer.printRecord(
                Spreadsheet.shielded(part.id()),
                part.kind(),
                one.getKey(),
                Spreadsheet.shielded(one.getValue()));
          }
        }
      }
      return text.toString();
    } catch (IOException e) {
      throw new IllegalStateException("a table that cannot be written", e);
    }
  }

  /**
   * The changes that a table makes to a plan.
   *
   * @param before changes that were made already; the table's come on top
   * @throws FormatProblem where the table names what is not there
   */
  public static Map<String, Map<String, String>> read(
      String csv, PlannedFeed feed, Map<String, Map<String, String>> before) throws FormatProblem {
    Map<String, Map<String, String>> changes = new LinkedHashMap<>(before);
    try (CSVParser parser =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .build()
            .parse(new StringReader(csv))) {
      if (!parser.getHeaderNames().equals(List.of(HEADER))) {
        throw new FormatProblem("line 1", FormatsWords.columns());
      }
      for (CSVRecord line : parser) {
        String at = "line " + (line.getRecordNumber() + 1);
        if (line.size() != HEADER.length || line.getRecordNumber() > MOST_LINES) {
          throw new FormatProblem(at, FormatsWords.cells(line.size()));
        }
        change(changes, feed, line, at);
      }
      return changes;
    } catch (IOException
        | UncheckedIOException
        | IllegalArgumentException
        | IllegalStateException e) {
      throw new FormatProblem("", FormatsWords.notCsv(String.valueOf(e.getMessage())));
    }
  }

  private static void change(
      Map<String, Map<String, String>> changes, PlannedFeed feed, CSVRecord line, String at)
      throws FormatProblem {
    String id = Spreadsheet.bare(line.get(0));
    String value = Spreadsheet.bare(line.get(3));
    PlannedPart part =
        feed.part(id).orElseThrow(() -> new FormatProblem(at, FormatsWords.noPart(id)));
    if (!part.value(line.get(2)).equals(value)) {
      Map<String, String> more = new LinkedHashMap<>(changes.getOrDefault(id, Map.of()));
      more.put(line.get(2), value);
      changes.put(id, more);
    }
  }
}
