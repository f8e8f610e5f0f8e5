package mellow.core.harness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Switch;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.harness.Solved.Held;

/** Judges what switches: contacts, taps on wires that only tell, outputs that look for a lamp. */
final class ContactJudge {
  private static final Source RELAY = Source.commonPractice(HarnessWords.srcContact());

  /** Filaments of turn signals take 21 to 27 W. Common practice. */
  private static final double USUAL_TURN_WATTS = 27;

  private static final double USUAL_VOLTS = 12.8;

  private final Solved solved;

  ContactJudge(Solved solved) {
    this.solved = solved;
  }

  List<Finding> of(Switch contacts) {
    List<Finding> findings = new ArrayList<>();
    for (int branch = 0; branch < contacts.contacts().size(); branch++) {
      int at = branch;
      if (solved.solutions().stream()
          .anyMatch(solution -> solution.on().amps(contacts, at) < -Solved.FLOWS_AMPS)) {
        findings.add(
            Solved.out(
                    FindingKey.of("feed.back", contacts.subject()),
                    HarnessWords.backfeed(contacts.id()))
                .withRemedy(
                    Remedy.of(
                        Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.relayOrDiode())));
        break;
      }
    }
    if (Double.isFinite(contacts.ratedAmps())) {
      findings.add(
          rated(
              contacts,
              strongest(contacts, 0, contacts.contacts().size()),
              contacts.ratedAmps(),
              HarnessWords.driveRelay()));
    }
    return findings;
  }

  Finding of(Joining.Clip clip) {
    return Solved.upTo(
        FindingKey.of("feed.signal", clip.subject()),
        new Held(Figure.amps(solved.mostContactAmps(clip, 0)), Figure.amps(clip.mostAmps())),
        RELAY,
        HarnessWords.signalWire(Figure.amps(solved.mostContactAmps(clip, 0)), clip.id()),
        Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.relayForSignal()));
  }

  Finding of(Moving.Relay relay) {
    return rated(
        relay,
        strongest(relay, 1, 1 + relay.contacts()),
        relay.ratedAmps(),
        HarnessWords.strongerRelay());
  }

  /** The branch that carries most, of those from one up to before another. */
  private int strongest(Part part, int first, int end) {
    return IntStream.range(first, end)
        .boxed()
        .max(Comparator.comparingDouble(branch -> solved.mostContactAmps(part, branch)))
        .orElse(first);
  }

  private Finding rated(Part part, int branch, double ratedAmps, Sentence change) {
    Figure.Current amps = Figure.amps(solved.mostContactAmps(part, branch));
    Figure.Current rated = Figure.amps(ratedAmps);
    return Solved.upTo(
        FindingKey.of("feed.contact", part.subject()),
        new Held(amps, rated),
        Solved.RATED,
        HarnessWords.contact(amps, part.id(), rated),
        Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, change));
  }

  Optional<Finding> of(Moving.BodyOutput output) {
    return tooLittle(
        solved.solutions().stream()
            .filter(solution -> solution.states().getOrDefault(output.id(), 0) == 1)
            .mapToDouble(solution -> solution.on().amps(output))
            .min(),
        output.leastAmps(),
        Solved.out(
                FindingKey.of("feed.checked", output.subject()), HarnessWords.bulbOut(output.id()))
            .withRemedy(
                Remedy.of(Remedy.Action.SET, Remedy.Page.FEED, HarnessWords.setLampType())));
  }

  Optional<Finding> of(Pulsed.Flasher flasher) {
    OptionalDouble least =
        solved.solutions().stream()
            .mapToDouble(solution -> Math.abs(solution.on().amps(flasher)))
            .filter(amps -> amps > Solved.FLOWS_AMPS)
            .min();
    return tooLittle(
        least,
        flasher.leastAmps(),
        Solved.out(
                FindingKey.of("feed.pace", flasher.subject()),
                HarnessWords.flashesFast(flasher.id()))
            .withRemedy(
                Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, slower(least.orElse(0)))));
  }

  /** The resistor that makes up for a usual filament, as the shelf has it. */
  private static Sentence slower(double ledAmps) {
    if (ledAmps >= USUAL_TURN_WATTS / USUAL_VOLTS) {
      return HarnessWords.rightFlasher();
    }
    LoadResistor exact = LoadResistor.of(USUAL_TURN_WATTS, ledAmps, USUAL_VOLTS);
    LoadResistor.Pick pick = exact.fromTheShelf();
    return HarnessWords.loadResistor(
        pick.count() > 1, Figure.ohms(pick.each()), Figure.ohms(exact.ohms()));
  }

  /** The finding where less flows than something looks for. */
  private static Optional<Finding> tooLittle(
      OptionalDouble leastAmps, double lookedForAmps, Finding finding) {
    return leastAmps.isPresent() && leastAmps.getAsDouble() < lookedForAmps
        ? Optional.of(
            finding.withDetail(
                HarnessWords.tooLittleFlows(
                    Figure.amps(leastAmps.getAsDouble()), Figure.amps(lookedForAmps))))
        : Optional.empty();
  }
}
