package mellow.core.circuit.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.CircuitWords;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.solve.Solution;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;

/** What is wrong with a circuit as such, whatever it is meant to do. */
public final class CircuitCheck {
  /** More than this from a battery is no lamp any more. Judged. */
  private static final double SHORT_AMPS = 300;

  private static final Source JOINED = Source.derived(CircuitWords.srcJoined());
  private static final Source SOLVED = Source.derived(CircuitWords.srcSolved());

  private CircuitCheck() {}

  /** What can be seen from how the parts are joined, with every contact taken as closed. */
  public static List<Finding> ofJoining(Circuit circuit) {
    List<Finding> findings = new ArrayList<>();
    if (circuit.of(Supply.class).findAny().isEmpty()) {
      findings.add(
          Finding.plain(
                  FindingKey.of("circuit.supply"), Verdict.OUT, JOINED, CircuitWords.nothingFeeds())
              .withRemedy(
                  Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, CircuitWords.addBattery())));
    }
    Set<String> grounded = reached(circuit, Circuit.GROUND);
    for (Part part : circuit.parts()) {
      if (part.branches().stream().anyMatch(branch -> !grounded.contains(branch.from()))) {
        findings.add(
            Finding.plain(
                    FindingKey.of("circuit.floating", part.subject()),
                    Verdict.OUT,
                    JOINED,
                    CircuitWords.noGround(part.id()))
                .withRemedy(
                    Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, CircuitWords.joinGround())));
      }
    }
    findings.addAll(alone(circuit));
    return findings;
  }

  /** Ends that nothing else is joined to: current can neither come nor go there. */
  private static List<Finding> alone(Circuit circuit) {
    Map<String, Set<String>> joined = new HashMap<>();
    for (Part part : circuit.parts()) {
      for (Branch branch : part.branches()) {
        for (String node : List.of(branch.from(), branch.to())) {
          joined.computeIfAbsent(node, fresh -> new TreeSet<>()).add(part.id());
        }
      }
    }
    List<Finding> findings = new ArrayList<>();
    joined.forEach(
        (node, parts) -> {
          if (parts.size() == 1 && !node.equals(Circuit.GROUND)) {
            String part = parts.iterator().next();
            findings.add(
                Finding.plain(
                        FindingKey.of("circuit.end", SubjectKind.END.within(part, node)),
                        Verdict.AT_EDGE,
                        JOINED,
                        CircuitWords.openEnd(node, part))
                    .withRemedy(
                        Remedy.of(
                            Remedy.Action.CONNECT, Remedy.Page.FEED, CircuitWords.joinEnd())));
          }
        });
    return findings;
  }

  private static Set<String> reached(Circuit circuit, String start) {
    Map<String, Set<String>> near = new HashMap<>();
    for (Part part : circuit.parts()) {
      for (Branch branch : part.branches()) {
        near.computeIfAbsent(branch.from(), fresh -> new HashSet<>()).add(branch.to());
        near.computeIfAbsent(branch.to(), fresh -> new HashSet<>()).add(branch.from());
      }
    }
    Set<String> reached = new HashSet<>(Set.of(start));
    Deque<String> open = new ArrayDeque<>(reached);
    while (!open.isEmpty()) {
      for (String node : near.getOrDefault(open.pop(), Set.of())) {
        if (reached.add(node)) {
          open.push(node);
        }
      }
    }
    return reached;
  }

  /** What can be seen from a solution: what never comes to rest, starves, or is shorted. */
  public static List<Finding> ofSolution(Circuit circuit, Solution solution) {
    List<Finding> findings = new ArrayList<>();
    for (String id : solution.restless()) {
      findings.add(
          Finding.plain(
                  FindingKey.of("circuit.chatter", SubjectKind.COMPONENT.named(id)),
                  Verdict.OUT,
                  SOLVED,
                  CircuitWords.chatters(id))
              .withRemedy(
                  Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, CircuitWords.ownCoil())));
    }
    if (!solution.converged()) {
      findings.add(
          Finding.plain(
                  FindingKey.of("circuit.unsolved"),
                  Verdict.NOT_KNOWN,
                  SOLVED,
                  CircuitWords.unsolved())
              .withRemedy(
                  Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, CircuitWords.splitCircuit())));
    }
    circuit
        .of(Emitter.class)
        .filter(lamp -> lamp.starvesAt(solution.on().between(lamp.plus(), lamp.minus())))
        .forEach(
            lamp ->
                findings.add(
                    Finding.plain(
                            FindingKey.of("circuit.starves", lamp.subject()),
                            Verdict.OUT,
                            SOLVED,
                            CircuitWords.starves(lamp.id()))
                        .withRemedy(
                            Remedy.of(
                                Remedy.Action.CHANGE,
                                Remedy.Page.FEED,
                                CircuitWords.strongerFeed()))));
    circuit
        .of(Supply.class)
        .forEach(
            supply -> {
              double amps = -solution.on().amps(supply);
              if (amps > SHORT_AMPS) {
                findings.add(
                    Finding.plain(
                            FindingKey.of("circuit.short", supply.subject()),
                            Verdict.OUT,
                            SOLVED,
                            CircuitWords.shortCircuit(Figure.amps(amps), supply.id()))
                        .withRemedy(
                            Remedy.of(
                                Remedy.Action.CHECK, Remedy.Page.FEED, CircuitWords.findShort())));
              }
            });
    return findings;
  }
}
