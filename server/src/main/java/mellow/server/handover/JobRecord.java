package mellow.server.handover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.aim.LampView;
import mellow.server.aim.SheetView;
import mellow.server.handover.HandOverPage.BeforeAfterView;
import mellow.server.job.JobPage;
import mellow.server.logbook.ReadingView;
import mellow.server.wire.FigureView;

/** What was measured of a job, as its first and its last values. */
final class JobRecord {
  private final JobPage page;
  private final UnitSystem units;

  JobRecord(JobPage page) {
    this.page = page;
    this.units = page.job().units();
  }

  private String text(FigureView figure) {
    return units == UnitSystem.METRIC ? figure.metric() : figure.imperial();
  }

  /** Heights and cutoffs as the vehicle came, and as it goes. */
  List<BeforeAfterView> beforeAfter() {
    List<BeforeAfterView> rows = new ArrayList<>();
    for (LampKind lamp : LampKind.values()) {
      for (Side side : Side.values()) {
        row(rows, ReadingKind.CENTRE, ReadingKind.CENTRE, lamp, side, "centre");
        row(
            rows,
            ReadingKind.BEFORE_BELOW,
            ReadingKind.CUTOFF_BELOW,
            lamp,
            side,
            "cutoff below its line");
      }
    }
    return rows;
  }

  private void row(
      List<BeforeAfterView> rows,
      ReadingKind before,
      ReadingKind after,
      LampKind lamp,
      Side side,
      String words) {
    List<ReadingView> early = living(before, lamp, side);
    List<ReadingView> late = living(after, lamp, side);
    if (early.isEmpty()) {
      early = late;
    }
    if (!early.isEmpty() && !late.isEmpty()) {
      rows.add(
          new BeforeAfterView(
              side.word() + (lamp == LampKind.DIPPED ? " lamp, " : " fog lamp, ") + words,
              text(early.get(0).value()),
              text(late.get(late.size() - 1).value())));
    }
  }

  private List<ReadingView> living(ReadingKind kind, LampKind lamp, Side side) {
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
      String kind = pair.kind() == LampKind.DIPPED ? " cutoff" : " fog cutoff";
      for (LampView lamp : List.of(pair.left(), pair.right())) {
        if (lamp.reading() != null) {
          facts.put(lamp.side().word() + kind, text(lamp.reading().percent()));
        }
      }
    }
    for (BeforeAfterView row : beforeAfter()) {
      if (row.what().endsWith("centre")) {
        facts.put(row.what(), row.after());
      }
    }
    facts.put("bay", page.bay() == null ? "none" : page.bay().name());
    return facts;
  }
}
