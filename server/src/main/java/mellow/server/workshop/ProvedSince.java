package mellow.server.workshop;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mellow.core.proof.ProofLamp;
import mellow.core.proof.ProofSheet;
import mellow.core.workflow.SinceThen;
import mellow.server.job.JobFacts;
import mellow.server.platform.Acting;
import mellow.server.takein.SeenSince;
import org.springframework.stereotype.Component;

/** What was proved to work since a vehicle was taken in. */
@Component
class ProvedSince implements SeenSince {
  private final WorkshopJudge judge;

  ProvedSince(WorkshopJudge judge) {
    this.judge = judge;
  }

  @Override
  public Map<String, Set<SinceThen.Lamp>> working(Acting acting, Collection<JobFacts> jobs) {
    Map<String, Set<SinceThen.Lamp>> working = new LinkedHashMap<>();
    judge.proofs(acting, jobs).forEach((id, proof) -> working.put(id, working(proof)));
    return working;
  }

  /** A function works on a side once each of its lamps there does. */
  private static Set<SinceThen.Lamp> working(ProofSheet proof) {
    Set<ProofLamp> open = new TreeSet<>(proof.list().lamps());
    open.removeIf(proof::isProved);
    return proof.list().lamps().stream()
        .map(lamp -> new SinceThen.Lamp(lamp.function(), lamp.side()))
        .filter(
            lamp ->
                open.stream()
                    .noneMatch(
                        one -> one.function() == lamp.function() && one.side() == lamp.side()))
        .collect(Collectors.toSet());
  }
}
