package mellow.server.demo;

import java.util.EnumSet;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.Outcome;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow.AsFound;
import mellow.core.workflow.ledger.Spot.View;
import mellow.server.workshop.CheckEdit;
import mellow.server.workshop.EntryEdit;
import mellow.server.workshop.EntryEdit.BakeEdit;
import mellow.server.workshop.EntryEdit.ChoiceEdit;
import mellow.server.workshop.EntryEdit.HeatEdit;
import mellow.server.workshop.EntryEdit.LensEdit;
import mellow.server.workshop.EntryEdit.MeasureEdit;
import mellow.server.workshop.EntryEdit.MoveEdit;
import mellow.server.workshop.EntryEdit.OutEdit;
import mellow.server.workshop.EntryEdit.ProofEdit;
import mellow.server.workshop.EntryEdit.SpotEdit;
import mellow.server.workshop.EntryEdit.StepEdit;
import mellow.server.workshop.EntryEdit.StopEdit;
import mellow.server.workshop.EntryEdit.TimerEdit;
import org.jspecify.annotations.Nullable;

/** What the demo's jobs wrote down while working. All figures are invented for it. */
final class DemoWorkshop {
  private DemoWorkshop() {}

  /** What was seen at one moment of a hunt. */
  static EntryEdit checked(CheckEdit check) {
    return new EntryEdit(
        Stage.FIND,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        check,
        null,
        0);
  }

  /** A bus with its bumper off for fog lamps; the liner on the left is next. */
  static void apartForFog(DemoWriter job, String key) {
    job.entry(key, done(Stage.APART, "apart.negative", null));
    job.entry(key, done(Stage.APART, "apart.jack", null));
    job.entry(
        key, out(6, FastenerKind.CLIP_PULL, "", at(View.FRONT, 0.5, 0.83), "bumper", "tray 1"));
    job.entry(
        key, out(2, FastenerKind.BOLT, "10 mm", at(View.LEFT_SIDE, 0.2, 0.5), "bumper", "tray 2"));
    job.entry(
        key, out(2, FastenerKind.BOLT, "10 mm", at(View.RIGHT_SIDE, 0.2, 0.5), "bumper", "tray 2"));
    String lower =
        job.entry(
            key,
            out(5, FastenerKind.SCREW, "T25", at(View.UNDERSIDE, 0.08, 0.5), "bumper", "tray 3"));
    job.entry(key, new Said(Stage.APART).move(lower, LedgerMove.BROKEN, 1));
    job.entry(
        key,
        hidden(1, "7 mm", at(View.LEFT_SIDE, 0.3, 0.62), "bumper", "under the edge of the liner"));
    job.entry(key, piece("bumper", 2));
    job.entry(key, out(1, FastenerKind.CONNECTOR, "", at(View.FRONT, 0.4, 0.45), "", ""));
    job.entry(key, done(Stage.APART, "apart.front", null));
    job.entry(key, done(Stage.APART, "apart.bumper", null));
  }

  /** A projector retrofit with both housings open, the left one tacked, full epoxy curing. */
  static void benchForProjectors(DemoWriter job, String key) {
    job.entry(key, done(Stage.APART, "apart.negative", null));
    for (Side side : Side.values()) {
      job.entry(
          key,
          out(
              3,
              FastenerKind.BOLT,
              "10 mm",
              at(View.FRONT, side == Side.LEFT ? 0.86 : 0.14, 0.6),
              side.word() + " headlamp",
              "tray 1"));
      job.entry(
          key,
          new Said(Stage.APART)
              .out(
                  row(
                      1,
                      FastenerKind.PIECE,
                      side.word() + " headlamp",
                      "",
                      null,
                      "",
                      "",
                      "",
                      false,
                      1)));
    }
    job.entry(key, done(Stage.APART, "apart.front", null));
    housings(job, key);
    ovens(job, key);
    lensAndTack(job, key);
  }

  private static void housings(DemoWriter job, String key) {
    measure(job, key, BenchField.BOWL_OPENING, "84");
    measure(job, key, BenchField.BOWL_DEPTH, "118");
    measure(job, key, BenchField.BEHIND, "74");
    measure(job, key, BenchField.HOLE, "21.5");
    measure(job, key, BenchField.CUT_TO, "103");
    measure(job, key, BenchField.LENS, "63.5");
    measure(job, key, BenchField.SHROUD, "92");
    measure(job, key, BenchField.FRONT, "88");
    measure(job, key, BenchField.BACK, "61");
    measure(job, key, BenchField.BENCH_DISTANCE, "6400");
    measure(job, key, BenchField.RUN, "600");
    job.entry(key, done(Stage.BENCH, "bench.fit", null));
    for (Side side : Side.values()) {
      String height = side == Side.LEFT ? "811" : "806";
      sided(job, key, BenchField.FACTORY_LEFT, side, height);
      sided(job, key, BenchField.FACTORY_RIGHT, side, height);
      job.entry(key, done(Stage.BENCH, "bench.cutoff", side));
      job.entry(key, done(Stage.BENCH, "bench.clips", side));
    }
  }

  private static void ovens(DemoWriter job, String key) {
    for (Side side : Side.values()) {
      for (int time = 0; time < (side == Side.LEFT ? 2 : 1); time++) {
        String bake =
            job.entry(
                key,
                new Said(Stage.BENCH)
                    .bake(
                        new BakeEdit(
                            Bake.Purpose.OPEN,
                            side,
                            "220 °F",
                            "5 min",
                            EnumSet.allOf(Bake.Inside.class))));
        job.wait(5);
        job.entry(key, new Said(Stage.BENCH).stop(bake));
      }
      job.entry(key, done(Stage.BENCH, "bench.open", side));
      job.entry(key, done(Stage.BENCH, "bench.cut", side));
      job.entry(key, done(Stage.BENCH, "bench.dummy", side));
    }
  }

  private static void lensAndTack(DemoWriter job, String key) {
    job.entry(key, new Said(Stage.BENCH).choice(WorkChoice.LENS, "RESTORE"));
    for (int grit : new int[] {1000, 1200, 2000}) {
      job.entry(key, new Said(Stage.BENCH).lens(new LensEdit(Side.LEFT, grit)));
    }
    String tack = job.entry(key, cure("fast epoxy, left", BenchTimer.Adhesive.FAST_EPOXY, "6 min"));
    job.wait(6);
    job.entry(key, new Said(Stage.BENCH).stop(tack));
    sided(job, key, BenchField.NOW_LEFT, Side.LEFT, "812");
    sided(job, key, BenchField.NOW_RIGHT, Side.LEFT, "811");
    job.entry(key, done(Stage.BENCH, "bench.align", Side.LEFT));
    sided(job, key, BenchField.NOW_LEFT, Side.RIGHT, "811");
    sided(job, key, BenchField.NOW_RIGHT, Side.RIGHT, "801");
    job.entry(key, done(Stage.BENCH, "bench.recheck", Side.LEFT));
    job.entry(key, done(Stage.BENCH, "bench.glue", Side.LEFT));
    job.entry(key, cure("full epoxy, left", BenchTimer.Adhesive.FULL_EPOXY, "36 h"));
  }

  /** Pods half proved: the left one flickers in one state; its bracket warms. */
  static void provePods(DemoWriter job, String key) {
    job.entry(key, done(Stage.PROVE, "prove.connect", null));
    String[] warm = {"18 °C", "27 °C", "33 °C", "37 °C", "40 °C", "42 °C", "44 °C"};
    for (int minute = 0; minute < warm.length; minute++) {
      job.entry(
          key,
          new Said(Stage.PROVE)
              .heat(
                  new HeatEdit(
                      "left pod", minute + " min", warm[minute], minute == 0 ? "80 °C" : null)));
    }
    for (LampFunction function :
        new LampFunction[] {
          LampFunction.POSITION, LampFunction.DIPPED, LampFunction.MAIN, LampFunction.FRONT_FOG
        }) {
      job.entry(key, proof("key out", function, Outcome.WORKS, null, ""));
    }
    for (String pod : new String[] {"outer", "middle", "inner"}) {
      boolean loose = pod.equals("inner");
      job.entry(
          key,
          pod(
              "left " + pod + " pod",
              loose ? Outcome.FLICKERS : Outcome.WORKS,
              loose ? "when the harness is shaken" : ""));
    }
    job.entry(key, proof("lights off, auxiliary", LampFunction.MAIN, Outcome.WORKS, null, ""));
  }

  /** An assembly swap left overnight: the right lamp is in by hand, the left one still out. */
  static void togetherAfterSwap(DemoWriter job, String key) {
    job.entry(key, done(Stage.APART, "apart.negative", null));
    String[] rows = new String[6];
    for (Side side : Side.values()) {
      int from = side == Side.LEFT ? 0 : 3;
      double across = side == Side.LEFT ? 0.86 : 0.14;
      String lamp = side.word() + " headlamp";
      rows[from] =
          job.entry(
              key,
              out(
                  3,
                  FastenerKind.BOLT,
                  "10 mm",
                  at(View.FRONT, across, 0.62),
                  lamp,
                  "tray " + (from / 3 + 1)));
      rows[from + 1] =
          job.entry(
              key,
              new Said(Stage.APART)
                  .out(row(1, FastenerKind.PIECE, lamp, "", null, "", "", "", false, 1)));
      rows[from + 2] =
          job.entry(
              key,
              new Said(Stage.APART)
                  .out(
                      row(
                          2,
                          FastenerKind.CONNECTOR,
                          side.word() + " lamp",
                          "",
                          at(View.FRONT, across, 0.5),
                          "",
                          "",
                          "",
                          false,
                          1)));
    }
    job.entry(key, done(Stage.APART, "apart.front", null));
    job.entry(key, done(Stage.PROVE, "prove.connect", null));
    job.entry(key, done(Stage.PROVE, "prove.power", null));
    allProved(job, key);
    job.entry(key, done(Stage.TOGETHER, "together.reach", null));
    job.entry(key, done(Stage.TOGETHER, "together.behind", null));
    Said together = new Said(Stage.TOGETHER);
    job.entry(key, together.move(rows[5], LedgerMove.BACK, 2));
    job.entry(key, together.move(rows[4], LedgerMove.BACK, 1));
    job.entry(key, together.move(rows[3], LedgerMove.BACK, 3));
    job.entry(key, together.move(rows[2], LedgerMove.BACK, 1));
  }

  private static void allProved(DemoWriter job, String key) {
    for (String state :
        new String[] {
          "key out", "side lamps", "low beam", "main beam", "headlamp flash", "engine, lights off"
        }) {
      for (LampFunction function :
          new LampFunction[] {
            LampFunction.POSITION, LampFunction.DIPPED, LampFunction.MAIN, LampFunction.TURN
          }) {
        job.entry(key, proof(state, function, Outcome.WORKS, null, ""));
      }
    }
    for (String state : new String[] {"turn left", "turn right"}) {
      job.entry(key, proof(state, LampFunction.TURN, Outcome.WORKS, null, ""));
    }
  }

  /** A van long done: nothing left over, one bolt worth knowing of. */
  static void allTogether(DemoWriter job, String key) {
    String hidden =
        job.entry(
            key,
            hidden(
                1,
                "10 mm",
                at(View.RIGHT_SIDE, 0.25, 0.55),
                "bumper",
                "behind the washer neck, long extension"));
    String clips =
        job.entry(key, out(9, FastenerKind.CLIP_PULL, "", at(View.FRONT, 0.5, 0.85), "bumper", ""));
    String bumper = job.entry(key, piece("bumper", 2));
    Said together = new Said(Stage.TOGETHER);
    job.entry(key, together.move(bumper, LedgerMove.BACK, 1));
    job.entry(key, together.move(clips, LedgerMove.BROKEN, 1));
    job.entry(key, together.move(clips, LedgerMove.REPLACED, 1));
    job.entry(key, together.move(clips, LedgerMove.BACK, 8));
    job.entry(key, together.move(hidden, LedgerMove.BACK, 1));
    job.entry(key, together.move(hidden, LedgerMove.TIGHT, 1));
  }

  private static void measure(DemoWriter job, String key, BenchField field, String typed) {
    job.entry(
        key, new Said(Stage.BENCH).measure(new MeasureEdit(field, null, typed, UnitSystem.METRIC)));
  }

  private static void sided(DemoWriter job, String key, BenchField field, Side side, String typed) {
    job.entry(
        key, new Said(Stage.BENCH).measure(new MeasureEdit(field, side, typed, UnitSystem.METRIC)));
  }

  private static EntryEdit done(Stage stage, String step, @Nullable Side side) {
    return new Said(stage).step(new StepEdit(step, side, false, "", null));
  }

  private static EntryEdit cure(String name, BenchTimer.Adhesive adhesive, String time) {
    return new Said(Stage.BENCH)
        .timer(new TimerEdit(name, BenchTimer.Kind.CURE, Side.LEFT, adhesive, time));
  }

  private static EntryEdit proof(
      String state, LampFunction function, Outcome outcome, @Nullable Side side, String seen) {
    return new Said(Stage.PROVE)
        .proof(new ProofEdit(state, function, null, outcome, side, 0, seen, null, null));
  }

  private static EntryEdit pod(String name, Outcome outcome, String seen) {
    return new Said(Stage.PROVE)
        .proof(
            new ProofEdit(
                "lights off, auxiliary",
                LampFunction.FRONT_FOG,
                null,
                outcome,
                Side.LEFT,
                0,
                seen,
                name,
                null));
  }

  private static SpotEdit at(View view, double across, double up) {
    return new SpotEdit(view, across, up);
  }

  private static EntryEdit piece(String name, int people) {
    return new Said(Stage.APART)
        .out(row(1, FastenerKind.PIECE, name, "", null, "", "", "", false, people));
  }

  private static EntryEdit hidden(
      int count, String size, SpotEdit spot, String holds, String note) {
    return new Said(Stage.APART)
        .out(row(count, FastenerKind.BOLT, "", size, spot, "tray 2", holds, note, true, 1));
  }

  private static EntryEdit out(
      int count, FastenerKind kind, String size, SpotEdit spot, String holds, String tray) {
    return new Said(Stage.APART).out(row(count, kind, "", size, spot, tray, holds, "", false, 1));
  }

  private static OutEdit row(
      int count,
      FastenerKind kind,
      String name,
      String size,
      @Nullable SpotEdit spot,
      String tray,
      String holds,
      String note,
      boolean hidden,
      int people) {
    return new OutEdit(
        count,
        kind,
        name,
        size,
        "",
        spot,
        "",
        tray,
        holds,
        AsFound.SOUND,
        hidden,
        people,
        note,
        null,
        null,
        null);
  }

  /** Something said at a stage. */
  private record Said(Stage stage) {
    EntryEdit out(OutEdit one) {
      return with(one, null, null, null, null, null);
    }

    EntryEdit move(String row, LedgerMove move, int count) {
      return with(null, new MoveEdit(row, move, count), null, null, null, null);
    }

    EntryEdit step(StepEdit one) {
      return with(null, null, one, null, null, null);
    }

    EntryEdit timer(TimerEdit one) {
      return with(null, null, null, one, null, null);
    }

    EntryEdit stop(String timer) {
      return with(null, null, null, null, new StopEdit(timer), null);
    }

    EntryEdit bake(BakeEdit one) {
      return with(null, null, null, null, null, one);
    }

    EntryEdit heat(HeatEdit one) {
      return more(one, null, null, null, null);
    }

    EntryEdit proof(ProofEdit one) {
      return more(null, one, null, null, null);
    }

    EntryEdit lens(LensEdit one) {
      return more(null, null, one, null, null);
    }

    EntryEdit measure(MeasureEdit one) {
      return more(null, null, null, one, null);
    }

    EntryEdit choice(WorkChoice which, String value) {
      return more(null, null, null, null, new ChoiceEdit(which, value));
    }

    private EntryEdit with(
        @Nullable OutEdit out,
        @Nullable MoveEdit move,
        @Nullable StepEdit step,
        @Nullable TimerEdit timer,
        @Nullable StopEdit stop,
        @Nullable BakeEdit bake) {
      return new EntryEdit(
          stage, null, out, move, step, timer, stop, bake, null, null, null, null, null, null, null,
          null, null, 0);
    }

    private EntryEdit more(
        @Nullable HeatEdit heat,
        @Nullable ProofEdit proof,
        @Nullable LensEdit lens,
        @Nullable MeasureEdit measure,
        @Nullable ChoiceEdit choice) {
      return new EntryEdit(
          stage, null, null, null, null, null, null, null, heat, proof, lens, measure, choice, null,
          null, null, null, 0);
    }
  }
}
