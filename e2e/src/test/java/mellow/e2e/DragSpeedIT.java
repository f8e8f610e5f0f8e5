package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mellow.e2e.screen.PlaceScreen;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Measures the page while a lamp is dragged over the front: {@code ./mellow bench}. A figure is no
 * ground to fail, for it is the machine's as much as the page's.
 */
@EnabledIfSystemProperty(named = "measure", matches = ".+")
class DragSpeedIT extends BrowserTest {
  private static final int MOVES = 400;

  /** Notes frames, moves, and when the judgement of each state that was sent had been drawn. */
  private static final String NOTES =
      """
      window.notes = { frames: [], moves: [], judged: [] };
      const frame = (at) => { notes.frames.push(at); requestAnimationFrame(frame); };
      requestAnimationFrame(frame);
      addEventListener('pointermove', () => notes.moves.push(performance.now()), true);
      const send = window.fetch;
      window.fetch = async (request, more) => {
        const sent = performance.now();
        const answer = await send(request, more);
        if ((request.url ?? request).includes('/api/calc/place')) {
          setTimeout(() => requestAnimationFrame(() =>
            notes.judged.push([sent, performance.now()])));
        }
        return answer;
      };""";

  @Test
  void aLampIsDragged() throws IOException {
    Page page = open("/jobs/" + app().job("valley bus 7") + "/place", Look.USUAL, NOTES);
    Locator lamp = new PlaceScreen(page).handle("Left fog lamp");
    BoundingBox box = lamp.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    drag(page, x, y);
    page.evaluate("notes.frames = []; notes.moves = []; notes.judged = [];");
    drag(page, x, y);
    settled(page);
    @SuppressWarnings("unchecked")
    Map<String, List<Object>> notes = (Map<String, List<Object>>) page.evaluate("notes");
    page.mouse().up();
    double[] moves = numbers(notes.get("moves"));
    double[] frames =
        Arrays.stream(numbers(notes.get("frames")))
            .filter(at -> at >= moves[0] && at <= moves[moves.length - 1])
            .toArray();
    double[] behind = behind(moves, notes.get("judged"));
    assertThat(behind).as("moves that were judged").hasSizeGreaterThan(MOVES / 2);
    double seconds = (frames[frames.length - 1] - frames[0]) / 1000;
    Files.write(
        Path.of(System.getProperty("measure")),
        List.of(
            line("drag_frames %.1f 1/s", (frames.length - 1) / seconds),
            line("drag_findings_behind_p50 %.1f ms", behind[behind.length / 2]),
            line("drag_findings_behind_p95 %.1f ms", behind[behind.length * 95 / 100])),
        StandardOpenOption.CREATE,
        StandardOpenOption.APPEND);
  }

  private static void drag(Page page, double x, double y) {
    for (int i = 0; i < MOVES; i++) {
      double turn = i * 2 * Math.PI / 100;
      page.mouse().move(x + 40 * Math.sin(turn), y - 20 + 20 * Math.cos(turn));
    }
  }

  /** How long after each move the first judgement was drawn that was asked for after it, sorted. */
  private static double[] behind(double[] moves, List<Object> judged) {
    return Arrays.stream(moves)
        .map(
            move ->
                judged.stream()
                    .map(one -> numbers((List<?>) one))
                    .filter(one -> one[0] >= move)
                    .mapToDouble(one -> one[1] - move)
                    .min()
                    .orElse(Double.NaN))
        .filter(Double::isFinite)
        .sorted()
        .toArray();
  }

  private static double[] numbers(List<?> list) {
    return list.stream().mapToDouble(one -> ((Number) one).doubleValue()).toArray();
  }

  private static String line(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }
}
