package mellow.core.harness;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Point;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Solution;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;

/**
 * Judges a solved circuit as a feed: what its wires lose, what its fuses, contacts and resistors
 * bear, what flows where it should not.
 */
public final class FeedJudge {
  private static final Source DROP = Source.commonPractice("at most 3 % drop on a lamp's feed");
  private static final Source FUSE = Source.commonPractice("lasting load at most 80 % of the fuse");
  private static final Source WIRE =
      Source.commonPractice("a fuse below what the thinnest wire behind it bears");
  private static final Source RATED = Source.derived("the part's own rating");
  private static final Source REST =
      Source.commonPractice("no more than 50 mA with the key out and all at rest");
  private static final Source SOLVED = Source.derived("the solved circuit");

  private static final double MOST_AT_REST_AMPS = 0.05;
  private static final double FLOWS_AMPS = 0.001;
  private static final double WRONG_WAY_VOLTS = -1;
  private static final double LIT = 0.01;

  private final Circuit circuit;
  private final List<Solution> solutions;
  private final Laying laying;

  /**
   * @param solutions of the circuit, one a state of its controls
   * @param laying how its wires lie
   */
  public FeedJudge(Circuit circuit, List<Solution> solutions, Laying laying) {
    this.circuit = circuit;
    this.solutions = List.copyOf(solutions);
    this.laying = laying;
  }

  /** Everything that can be said, in the order of the circuit's parts. */
  public List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    for (Part part : circuit.parts()) {
      if (part instanceof Emitter lamp) {
        drop(lamp).ifPresent(findings::add);
        wrongWay(lamp).ifPresent(findings::add);
        flickers(lamp).ifPresent(findings::add);
      } else if (part instanceof Joining.Fuse fuse) {
        findings.add(fuseLoad(fuse));
        fuseAgainstWire(fuse).ifPresent(findings::add);
      } else if (part instanceof Moving.Relay relay) {
        findings.add(contacts(relay));
      } else if (part instanceof Moving.BodyOutput output) {
        takenForBroken(output).ifPresent(findings::add);
      } else if (part instanceof Load load) {
        findings.add(heat(load));
      } else if (part instanceof Pulsed.Flasher flasher) {
        pace(flasher).ifPresent(findings::add);
      } else if (part instanceof Switch contacts) {
        backfeed(contacts).ifPresent(findings::add);
      }
    }
    return findings;
  }

  private OptionalDouble worst(ToDoubleFunction<Solution> value) {
    return solutions.stream().mapToDouble(value).filter(Double::isFinite).max();
  }

  private double mostAmps(Part part, int branch) {
    return worst(solution -> Math.abs(solution.average(point -> point.amps(part, branch))))
        .orElse(0);
  }

  private Optional<Finding> drop(Emitter lamp) {
    OptionalDouble lost =
        worst(
            solution -> solution.light(lamp) < LIT ? Double.NaN : dropPercent(solution.on(), lamp));
    if (lost.isEmpty()) {
      return Optional.empty();
    }
    Figure percent = Figure.percent(lost.getAsDouble());
    return Optional.of(
        upTo(
            "feed.drop." + lamp.id(),
            new Limit(percent, Figure.percent(WireChoice.MOST_DROP_PERCENT)),
            DROP,
            Sentence.of("{0} lost on the way to: " + Words.typed(lamp.id()), percent),
            "A thicker wire, or a shorter way; count the return."));
  }

  private double dropPercent(Point point, Emitter lamp) {
    double source =
        circuit.of(Supply.class).mapToDouble(supply -> point.at(supply.plus())).max().orElse(0);
    return 100 * (source - point.between(lamp.plus(), lamp.minus())) / source;
  }

  private Optional<Finding> wrongWay(Emitter lamp) {
    boolean reversed =
        !(lamp instanceof Emitter.Bulb)
            && solutions.stream()
                .anyMatch(
                    solution -> solution.on().between(lamp.plus(), lamp.minus()) < WRONG_WAY_VOLTS);
    return reversed
        ? Optional.of(
            out("feed.reversed." + lamp.id(), "Wrong way round: " + Words.typed(lamp.id()))
                .withRemedy(Sentence.of("Turn its plug, or swap plus and minus.")))
        : Optional.empty();
  }

  /** A ballast wants a steady feed: one that is switched many times a second lets it drop out. */
  private Optional<Finding> flickers(Emitter lamp) {
    boolean pulsed =
        lamp instanceof Emitter.Discharge discharge
            && solutions.stream()
                .anyMatch(
                    solution ->
                        lit(solution.on(), discharge)
                            && solution.phases().stream()
                                .anyMatch(phase -> !lit(phase.point(), discharge)));
    return pulsed
        ? Optional.of(
            out("feed.flicker." + lamp.id(), "Flickers on a pulsed feed: " + Words.typed(lamp.id()))
                .withRemedy(Sentence.of("A relay of its own, triggered by the factory feed.")))
        : Optional.empty();
  }

  private static boolean lit(Point point, Emitter lamp) {
    return lamp.light(point.between(lamp.plus(), lamp.minus())) > LIT;
  }

  private Finding fuseLoad(Joining.Fuse fuse) {
    Figure amps = Figure.amps(mostAmps(fuse, 0));
    return upTo(
        "feed.fuse." + fuse.id(),
        new Limit(amps, Figure.amps(fuse.ratedAmps() * BladeFuse.LASTING_SHARE)),
        FUSE,
        Sentence.of(
            "{0} for long through " + Words.typed(fuse.id()) + " of {1}",
            amps,
            Figure.amps(fuse.ratedAmps())),
        "A larger fuse, if its wire bears it, or two feeds.");
  }

  private Optional<Finding> fuseAgainstWire(Joining.Fuse fuse) {
    OptionalDouble thinnest =
        behind(fuse).stream().mapToDouble(wire -> wire.conductor().mm2()).min();
    if (thinnest.isEmpty()) {
      return Optional.empty();
    }
    Figure allowed = Figure.amps(laying.allowedAmps(thinnest.getAsDouble()));
    Figure rated = Figure.amps(fuse.ratedAmps());
    return Optional.of(
        upTo(
            "feed.guard." + fuse.id(),
            new Limit(rated, allowed),
            WIRE,
            Sentence.of(
                "The thinnest wire behind " + Words.typed(fuse.id()) + " bears {0}, the fuse {1}",
                allowed,
                rated),
            "A thicker wire, or a smaller fuse."));
  }

  /** The wires that a fuse guards: whatever its far end reaches before a load or another fuse. */
  private Set<Joining.Wire> behind(Joining.Fuse fuse) {
    Set<Joining.Wire> wires = new HashSet<>();
    Set<String> seen = new HashSet<>(Set.of(fuse.from(), fuse.to(), Circuit.GROUND));
    Deque<String> open = new ArrayDeque<>(Set.of(fuse.to()));
    while (!open.isEmpty()) {
      String node = open.pop();
      for (Part part : circuit.parts()) {
        if (part instanceof Joining.Fuse
            || part instanceof Supply
            || part instanceof Emitter
            || part instanceof Load) {
          continue;
        }
        part.branches().stream()
            .filter(branch -> !branch.name().equals("coil"))
            .filter(branch -> branch.from().equals(node) || branch.to().equals(node))
            .forEach(
                branch -> {
                  if (part instanceof Joining.Wire wire) {
                    wires.add(wire);
                  }
                  for (String next : List.of(branch.from(), branch.to())) {
                    if (seen.add(next)) {
                      open.push(next);
                    }
                  }
                });
      }
    }
    return wires;
  }

  private Finding contacts(Moving.Relay relay) {
    double most = 0;
    for (int branch = 1; branch < relay.branches().size(); branch++) {
      most = Math.max(most, mostAmps(relay, branch));
    }
    Limit limit = new Limit(Figure.amps(most), Figure.amps(relay.ratedAmps()));
    return upTo(
        "feed.contact." + relay.id(),
        limit,
        RATED,
        Sentence.of(
            "{0} through the contact of " + Words.typed(relay.id()) + ", rated {1}",
            limit.value(),
            limit.most()),
        "A relay with a stronger contact, or one for each lamp.");
  }

  private Optional<Finding> takenForBroken(Moving.BodyOutput output) {
    OptionalDouble least =
        solutions.stream()
            .filter(solution -> solution.states().getOrDefault(output.id(), 0) == 1)
            .mapToDouble(solution -> solution.on().amps(output))
            .min();
    return tooLittle(
        least,
        output.leastAmps(),
        out("feed.checked." + output.id(), "Takes the lamp for broken: " + Words.typed(output.id()))
            .withRemedy(
                Sentence.of("Set the lamp type in the body computer, or add a load resistor.")));
  }

  private Finding heat(Load load) {
    double watts =
        worst(
                solution ->
                    solution.average(
                        point -> point.amps(load) * point.between(load.from(), load.to())))
            .orElse(0);
    Limit limit = new Limit(Figure.watts(watts), Figure.watts(load.ratedWatts()));
    return upTo(
        "feed.heat." + load.id(),
        limit,
        RATED,
        Sentence.of(
            "{0} of heat in " + Words.typed(load.id()) + ", rated {1}",
            limit.value(),
            limit.most()),
        "A larger one, on bare metal, never on plastic or a loom.");
  }

  private Optional<Finding> pace(Pulsed.Flasher flasher) {
    OptionalDouble least =
        solutions.stream()
            .mapToDouble(solution -> Math.abs(solution.on().amps(flasher)))
            .filter(amps -> amps > FLOWS_AMPS)
            .min();
    return tooLittle(
        least,
        flasher.leastAmps(),
        out("feed.pace." + flasher.id(), "Flashes fast: " + Words.typed(flasher.id()))
            .withRemedy(
                Sentence.of("A load resistor beside the lamp, or a flasher made for diodes.")));
  }

  private Optional<Finding> backfeed(Switch contacts) {
    for (int branch = 0; branch < contacts.contacts().size(); branch++) {
      int at = branch;
      boolean back =
          solutions.stream().anyMatch(solution -> solution.on().amps(contacts, at) < -FLOWS_AMPS);
      if (back) {
        return Optional.of(
            out(
                    "feed.back." + contacts.id(),
                    "Current runs backwards through: " + Words.typed(contacts.id()))
                .withRemedy(Sentence.of("A relay or a diode where two sources come together.")));
      }
    }
    return Optional.empty();
  }

  /**
   * What flows with the key out and all controls off, against what a battery stands.
   *
   * @param atRest the circuit solved so
   * @param ampereHours of the battery
   */
  public static Finding atRest(Circuit circuit, Solution atRest, double ampereHours) {
    if (!atRest.controls().equals(Controls.OFF)) {
      throw new IllegalArgumentException("at rest means all controls off");
    }
    double amps =
        -circuit
            .of(Supply.class)
            .mapToDouble(supply -> atRest.average(point -> point.amps(supply)))
            .sum();
    Figure drawn = Figure.amps(amps);
    Finding finding =
        upTo(
            "feed.rest",
            new Limit(drawn, Figure.amps(MOST_AT_REST_AMPS)),
            REST,
            Sentence.of("{0} with the key out", drawn),
            "Look for what is fed by a constant wire; feed it from an ignition-switched one.");
    return amps > FLOWS_AMPS
        ? finding.withDetail(
            Sentence.of(
                "A battery of {0} Ah is at half in {1} days",
                Figure.count(ampereHours), Figure.count(ampereHours / 2 / amps / 24)))
        : finding;
  }

  /** A value and what it must not pass, of one quantity. */
  private record Limit(Figure value, Figure most) {
    Margin margin() {
      double room = most.value();
      return Margin.of(new Figure(room - value.value(), value.quantity()), 0, room);
    }
  }

  private static Finding upTo(String id, Limit limit, Source source, Sentence says, String remedy) {
    Finding finding = Finding.on(id, limit.margin(), source, says);
    return finding.verdict() == Verdict.OUT ? finding.withRemedy(Sentence.of(remedy)) : finding;
  }

  /** The finding where less flows than something looks for. */
  private static Optional<Finding> tooLittle(
      OptionalDouble leastAmps, double lookedForAmps, Finding finding) {
    return leastAmps.isPresent() && leastAmps.getAsDouble() < lookedForAmps
        ? Optional.of(
            finding.withDetail(
                Sentence.of(
                    "{0} flow, it looks for {1}",
                    Figure.amps(leastAmps.getAsDouble()), Figure.amps(lookedForAmps))))
        : Optional.empty();
  }

  private static Finding out(String id, String says) {
    return Finding.plain(id, Verdict.OUT, SOLVED, Sentence.of(says));
  }
}
