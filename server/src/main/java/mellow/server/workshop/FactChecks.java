package mellow.server.workshop;

import java.time.Duration;
import mellow.core.entry.DurationEntry;
import mellow.core.entry.Entry;
import mellow.core.entry.LengthEntry;
import mellow.core.entry.TemperatureEntry;
import mellow.core.record.Fact;
import mellow.core.record.WorkLog;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.retrofit.LensLadder;
import mellow.server.platform.Refusal;

/** What cannot be, whatever the job: texts that are not read, and values out of their range. */
final class FactChecks {
  private static final double SHORTEST_COUNT_S = 5;
  private static final double LONGEST_MM = 30_000;
  private static final double NEAREST_WALL_MM = 1000;
  private static final double SHORTEST_RUN_MM = 50;
  private static final double LONGEST_RUN_MM = 5000;

  private FactChecks() {}

  static void check(Fact fact, WorkLog log) {
    if (fact instanceof Fact.Checked checked) {
      checked.shown().stream()
          .flatMap(shown -> shown.refused().stream())
          .findFirst()
          .ifPresent(
              why -> {
                throw Refusal.unprocessable("check", why);
              });
    } else if (fact instanceof Fact.TimerStarted timer) {
      time(timer.time());
    } else if (fact instanceof Fact.TimerStopped stopped && !isRunning(log, stopped.timer())) {
      throw Refusal.unprocessable("stop", WorkshopWords.timerOver());
    } else if (fact instanceof Fact.Baked baked) {
      bake(baked);
    } else if (fact instanceof Fact.Warmed warmed) {
      taken("after", WorkLog.sinceSwitchedOn(warmed.after()));
      taken("temperature", TemperatureEntry.readCelsius(warmed.temperature()));
      warmed.limit().ifPresent(limit -> taken("limit", TemperatureEntry.readCelsius(limit)));
    } else if (fact instanceof Fact.Sanded sanded) {
      LensLadder.refuses(log.rungs(sanded.side()), sanded.grit())
          .ifPresent(
              why -> {
                throw Refusal.unprocessable("lens", why);
              });
    } else if (fact instanceof Fact.BenchMeasured measured) {
      measure(measured);
    } else if (fact instanceof Fact.FlashesCounted counted
        && time(counted.time()).toMillis() / 1000.0 < SHORTEST_COUNT_S) {
      throw Refusal.unprocessable("time", WorkshopWords.countLonger());
    }
  }

  private static void bake(Fact.Baked baked) {
    new Bake(
            baked.purpose(),
            taken("temperature", TemperatureEntry.readCelsius(baked.temperature())),
            time(baked.time()).toSeconds() / 60.0,
            baked.notInside())
        .refused()
        .ifPresent(
            why -> {
              throw Refusal.unprocessable("bake", why);
            });
  }

  private static boolean isRunning(WorkLog log, String timer) {
    return log.timers().stream()
        .anyMatch(one -> one.timer().id().equals(timer) && one.timer().stopped().isEmpty());
  }

  private static void measure(Fact.BenchMeasured measured) {
    BenchField field = measured.field();
    if (field.bySide() != measured.side().isPresent()) {
      throw Refusal.unprocessable("side", WorkshopWords.ofSide(field, field.bySide()));
    }
    double mm = taken("typed", LengthEntry.measured(measured.typed(), measured.units())).mm();
    boolean height = field.bySide();
    if (!height && !(mm > 0) || Math.abs(mm) > LONGEST_MM) {
      throw Refusal.unprocessable("typed", WorkshopWords.benchLength());
    }
    if (field == BenchField.BENCH_DISTANCE && mm < NEAREST_WALL_MM) {
      throw Refusal.unprocessable("typed", WorkshopWords.benchDistance());
    }
    if (field == BenchField.RUN && (mm < SHORTEST_RUN_MM || mm > LONGEST_RUN_MM)) {
      throw Refusal.unprocessable("typed", WorkshopWords.benchRun());
    }
  }

  private static Duration time(String typed) {
    return taken("time", DurationEntry.read(typed));
  }

  private static <T> T taken(String field, Entry<T> entry) {
    if (entry instanceof Entry.Accepted<T> accepted) {
      return accepted.value();
    }
    throw Refusal.unreadable(field, (Entry.Refused<T>) entry);
  }
}
