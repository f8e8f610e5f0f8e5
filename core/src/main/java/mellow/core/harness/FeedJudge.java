package mellow.core.harness;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.circuit.solve.Solution;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.finding.Working;
import mellow.core.harness.Solved.Held;
import mellow.core.vehicle.MarkFamily;

/**
 * Judges a solved circuit as a feed: what its wires lose, what its fuses, contacts and resistors
 * bear, what flows where it should not.
 */
public final class FeedJudge {
  private static final Source REST = Source.commonPractice(HarnessWords.srcRest());
  private static final Source MOUNT = Source.commonPractice(HarnessWords.srcResistor());

  private static final double MOST_AT_REST_AMPS = 0.05;

  private final Solved solved;
  private final Optional<MarkFamily> market;

  /**
   * @param solutions of the circuit, one a state of its controls
   * @param laying how its wires lie
   * @param market whose rules are held against lamps; empty where none are chosen
   */
  public FeedJudge(
      Circuit circuit, List<Solution> solutions, Laying laying, Optional<MarkFamily> market) {
    solved = Solved.of(circuit, solutions, laying);
    this.market = market;
  }

  /** Everything that can be said, in the order of the circuit's parts. */
  public List<Finding> findings() {
    LampJudge lamps = new LampJudge(solved, market);
    FuseJudge fuses = new FuseJudge(solved);
    ContactJudge contacts = new ContactJudge(solved);
    LeadJudge leads = new LeadJudge(solved);
    List<Finding> findings = new ArrayList<>();
    for (Part part : solved.circuit().parts()) {
      if (part instanceof Emitter lamp) {
        findings.addAll(lamps.of(lamp));
      } else if (part instanceof Joining.Guard fuse) {
        findings.addAll(fuses.of(fuse));
      } else if (part instanceof Joining.Clip clip) {
        findings.add(contacts.of(clip));
        leads.of(clip).ifPresent(findings::add);
      } else if (part instanceof Moving.Relay relay) {
        findings.add(contacts.of(relay));
      } else if (part instanceof Moving.BodyOutput output) {
        contacts.of(output).ifPresent(findings::add);
      } else if (part instanceof Load load) {
        findings.addAll(load(load));
      } else if (part instanceof Pulsed.Flasher flasher) {
        contacts.of(flasher).ifPresent(findings::add);
      } else if (part instanceof Switch contact) {
        findings.addAll(contacts.of(contact));
      }
    }
    return findings;
  }

  private List<Finding> load(Load load) {
    List<Finding> findings = new ArrayList<>(List.of(heat(load)));
    if (load.purpose() == Load.Purpose.RESISTOR && load.mount() != Load.Mount.METAL) {
      findings.add(
          Finding.plain(
                  FindingKey.of("feed.mount", load.subject()),
                  Verdict.OUT,
                  MOUNT,
                  HarnessWords.hotMount(Words.capital(load.id()), load.mount()))
              .withRemedy(
                  Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, HarnessWords.bareMetal())));
    }
    if (load.purpose() == Load.Purpose.PILOT_LAMP) {
      glowsForEver(load).ifPresent(findings::add);
    }
    return findings;
  }

  private Finding heat(Load load) {
    double watts =
        solved
            .worst(
                solution ->
                    solution.average(
                        point -> point.amps(load) * point.between(load.from(), load.to())))
            .orElse(0);
    Held limit = new Held(Figure.watts(watts), Figure.watts(load.ratedWatts()));
    return Solved.upTo(
        FindingKey.of("feed.heat", load.subject()),
        limit,
        Solved.RATED,
        HarnessWords.heat(Figure.watts(watts), load.id(), Figure.watts(load.ratedWatts())),
        Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.largerResistor()));
  }

  private Optional<Finding> glowsForEver(Load pilot) {
    return solved.solutions().stream()
        .filter(solution -> solution.controls().equals(Controls.OFF))
        .filter(solution -> Math.abs(solution.on().amps(pilot)) > Solved.FLOWS_AMPS)
        .findFirst()
        .map(
            solution ->
                Solved.out(
                        FindingKey.of("feed.pilot", pilot.subject()),
                        HarnessWords.staysOn(pilot.id()))
                    .withRemedy(
                        Remedy.of(
                            Remedy.Action.CONNECT,
                            Remedy.Page.FEED,
                            HarnessWords.feedFromIgnition())));
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
    Figure.Current drawn = Figure.amps(amps);
    Finding finding =
        Solved.upTo(
            FindingKey.of("feed.rest"),
            new Held(drawn, Figure.amps(MOST_AT_REST_AMPS)),
            REST,
            HarnessWords.atRest(drawn),
            Remedy.of(Remedy.Action.CHECK, Remedy.Page.FEED, HarnessWords.findConstant()));
    if (!(amps > Solved.FLOWS_AMPS)) {
      return finding;
    }
    Figure.Count days = Figure.count(ampereHours / 2 / amps / 24);
    return finding
        .withDetail(HarnessWords.halfIn(Figure.count(ampereHours), days))
        .withWorking(
            Working.of(
                Working.read(HarnessWords.draw(), drawn),
                new Working.Line(
                    HarnessWords.daysToHalf(),
                    HarnessWords.daysToHalfFormula(),
                    Sentence.of("{0} ÷ 2 ÷ {1} ÷ 24", Figure.count(ampereHours), drawn),
                    days)));
  }
}
