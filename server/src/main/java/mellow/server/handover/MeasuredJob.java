package mellow.server.handover;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.WorkKind;
import mellow.server.aim.LampView;
import mellow.server.aim.LampView.CutoffView;
import mellow.server.aim.SheetView;
import mellow.server.handover.HandOverPage.BeforeAfterView;
import mellow.server.job.JobPage;
import mellow.server.logbook.ReadingView;
import mellow.server.wire.FigureView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** What was measured of a job, as its first and its last values. */
final class MeasuredJob {
  private final JobPage page;
  private final UnitSystem units;

  MeasuredJob(JobPage page) {
    this.page = page;
    this.units = page.job().units();
  }

  private String text(FigureView figure) {
    return units == UnitSystem.METRIC ? figure.metric() : figure.imperial();
  }

  /**
   * Heights and cutoffs as the vehicle came, and as it goes. What new lamps show first at the wall
   * is not how it came.
   */
  List<BeforeAfterView> beforeAfter(Set<WorkKind> kinds) {
    List<BeforeAfterView> rows = new ArrayList<>();
    for (SheetView.PairView pair : page.sheet().pairs()) {
      for (LampView lamp : List.of(pair.left(), pair.right())) {
        centre(pair.kind(), lamp.side()).ifPresent(rows::add);
        cutoff(read(pair.kind(), lamp.side()), pair.kind(), lamp, fresh(kinds))
            .ifPresent(rows::add);
      }
    }
    return rows;
  }

  /** The lamps that are not those that the vehicle came with. */
  private static Set<LampKind> fresh(Set<WorkKind> kinds) {
    Set<LampKind> fresh = EnumSet.noneOf(LampKind.class);
    if (kinds.contains(WorkKind.SWAP) || kinds.contains(WorkKind.RETROFIT)) {
      fresh.add(LampKind.DIPPED);
    }
    if (kinds.contains(WorkKind.FOG) || kinds.contains(WorkKind.PODS)) {
      fresh.add(LampKind.FRONT_FOG);
      fresh.add(LampKind.DRIVING);
    }
    return fresh;
  }

  private static String notRead() {
    return Spoken.words(HandoverWords.notRead());
  }

  /** What is read of a lamp at the wall: "left lamp, cutoff". */
  private static String read(LampKind lamp, Side side) {
    return Spoken.words(HandoverWords.readOf(side, lamp, lamp == LampKind.DRIVING));
  }

  private Optional<BeforeAfterView> centre(LampKind lamp, Side side) {
    List<ReadingView> read = living(ReadingKind.CENTRE, lamp, side);
    return read.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new BeforeAfterView(
                Spoken.words(HandoverWords.centreOf(side, lamp)),
                text(read.get(0).value()),
                text(read.get(read.size() - 1).value())));
  }

  /** In percent, which alone tells two distances alike; the tape's reading beside it. */
  private Optional<BeforeAfterView> cutoff(
      String words, LampKind kind, LampView lamp, Set<LampKind> fresh) {
    Optional<String> before = marked(kind, lamp);
    if (before.isEmpty() && lamp.asItCame() != null && !fresh.contains(kind)) {
      before = Optional.of(text(lamp.asItCame()));
    }
    CutoffView reading = lamp.reading();
    if (reading == null && before.isEmpty()) {
      return Optional.empty();
    }
    String after =
        reading == null || lamp.place() == null
            ? notRead()
            : text(reading.percent()) + below(reading.belowLine(), lamp.place().along());
    return Optional.of(new BeforeAfterView(words, before.orElse(notRead()), after));
  }

  /** As the mark from before has it; empty where none was taken. */
  private Optional<String> marked(LampKind kind, LampView lamp) {
    Optional<FigureView> below = last(ReadingKind.BEFORE_BELOW, kind, lamp.side());
    Optional<FigureView> distance = last(ReadingKind.BEFORE_DISTANCE, LampKind.DIPPED, null);
    return below.isEmpty() || distance.isEmpty() || lamp.asItCame() == null
        ? Optional.empty()
        : Optional.of(text(lamp.asItCame()) + below(below.get(), distance.get()));
  }

  private Optional<FigureView> last(ReadingKind kind, LampKind lamp, @Nullable Side side) {
    return living(kind, lamp, side).stream()
        .map(ReadingView::value)
        .reduce((earlier, later) -> later);
  }

  private String below(FigureView drop, FigureView distance) {
    return " "
        + Spoken.words(
            HandoverWords.belowLine(
                text(FigureView.lengthMm(Math.abs(drop.value()))),
                drop.value() < 0,
                text(distance)));
  }

  private List<ReadingView> living(ReadingKind kind, LampKind lamp, @Nullable Side side) {
    return page.readings().stream()
        .filter(
            one ->
                one.struckBy() == null
                    && one.kind() == kind
                    && one.lamp() == lamp
                    && one.side() == side)
        .toList();
  }

  /** The facts that a comeback is held against: what each lamp does now. */
  Map<String, String> facts() {
    Map<String, String> facts = new LinkedHashMap<>();
    for (SheetView.PairView pair : page.sheet().pairs()) {
      for (LampView lamp : List.of(pair.left(), pair.right())) {
        if (lamp.reading() != null) {
          facts.put(read(pair.kind(), lamp.side()), text(lamp.reading().percent()));
        }
        centre(pair.kind(), lamp.side()).ifPresent(row -> facts.put(row.what(), row.after()));
      }
    }
    if (page.bay() != null) {
      facts.put(Spoken.words(HandoverWords.bay()), page.bay().name());
    }
    return facts;
  }
}
