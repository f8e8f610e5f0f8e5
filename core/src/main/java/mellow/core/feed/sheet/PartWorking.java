package mellow.core.feed.sheet;

import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Part;
import mellow.core.circuit.solve.Solution;
import mellow.core.feed.FeedWords;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.finding.Working;
import mellow.core.finding.Working.Line;

/** How the figures of a part come about, as one would write them on cardboard. */
public final class PartWorking {
  private PartWorking() {}

  /** The working of a part in a solved position; none for one that only switches. */
  public static Working of(Part part, Solution solution) {
    if (part instanceof Joining.Wire wire) {
      return wire(wire, solution);
    } else if (part instanceof Joining.Guard fuse) {
      return fuse(fuse, solution);
    } else if (part instanceof Emitter.Bulb bulb) {
      return bulb(bulb, solution);
    } else if (part instanceof Load load) {
      return load(load, solution);
    }
    return Working.NONE;
  }

  private static Figure amps(Part part, Solution solution) {
    return Figure.amps(Math.abs(solution.average(point -> point.amps(part, 0))));
  }

  private static Working wire(Joining.Wire wire, Solution solution) {
    Figure ohms = Figure.number(wire.conductor().ohms());
    Figure amps = amps(wire, solution);
    Figure metres = Figure.number(wire.conductor().metres());
    Figure section = Figure.number(wire.conductor().mm2());
    return Working.of(
        new Line(
            FeedWords.resistance(),
            FeedWords.resistanceFormula(),
            Sentence.of(
                "1/58 × {0} ÷ {1} × (1 + 0.00393 × ({2} − 20))",
                metres, section, Figure.count(wire.conductor().celsius())),
            ohms),
        new Line(
            FeedWords.lostOnIt(),
            FeedWords.lostFormula(),
            Sentence.of("{0} × {1}", amps, ohms),
            Figure.volts(amps.value() * ohms.value())));
  }

  private static Working fuse(Joining.Guard fuse, Solution solution) {
    Figure amps = amps(fuse, solution);
    Figure rated = Figure.amps(fuse.ratedAmps());
    return Working.of(
        new Line(
            FeedWords.ofRating(),
            FeedWords.ofRatingFormula(),
            Sentence.of("100 × {0} ÷ {1}", amps, rated),
            Figure.percent(100 * amps.value() / rated.value())));
  }

  private static Working bulb(Emitter.Bulb bulb, Solution solution) {
    Figure volts = Figure.volts(solution.on().between(bulb.plus(), bulb.minus()));
    Figure rated = Figure.volts(bulb.ratedVolts());
    Figure nominal = Figure.amps(bulb.ratedWatts() / bulb.ratedVolts());
    return Working.of(
        new Line(
            FeedWords.current(),
            FeedWords.currentFormula(),
            Sentence.of("{0} × ({1} ÷ {2})^0.55", nominal, volts, rated),
            Figure.amps(Math.abs(solution.on().amps(bulb)))),
        new Line(
            FeedWords.light(),
            FeedWords.lightFormula(),
            Sentence.of("100 × ({0} ÷ {1})^3.4", volts, rated),
            Figure.percent(100 * bulb.light(volts.value()))));
  }

  private static Working load(Load load, Solution solution) {
    Figure volts = Figure.volts(solution.on().between(load.from(), load.to()));
    Figure ohms = Figure.ohms(load.ohms());
    return Working.of(
        new Line(
            FeedWords.heat(),
            FeedWords.heatFormula(),
            Sentence.of("{0}² ÷ {1}", volts, ohms),
            Figure.watts(volts.value() * volts.value() / load.ohms())));
  }
}
