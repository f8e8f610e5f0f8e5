package mellow.core.parts;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.CannotBe;

/**
 * The parts of a job.
 *
 * @param candidates what was compared before ordering
 * @param chosen id of the candidate that was taken
 * @param why the reason for it
 */
public record PartsList(
    List<Part> parts,
    List<Plug> plugs,
    List<Candidate> candidates,
    Optional<String> chosen,
    String why) {
  public PartsList {
    parts = List.copyOf(parts);
    plugs = List.copyOf(plugs);
    candidates = List.copyOf(candidates);
    unique(parts.stream().map(Part::id).toList());
    unique(plugs.stream().map(Plug::id).toList());
    unique(candidates.stream().map(Candidate::id).toList());
    Set<String> known = new HashSet<>(candidates.stream().map(Candidate::id).toList());
    if (chosen.isPresent() && !known.contains(chosen.get())) {
      throw new CannotBe(PartsWords.chosenUnknown());
    }
    mates(plugs);
  }

  private static void mates(List<Plug> plugs) {
    for (Plug plug : plugs) {
      boolean lost =
          plug.matesWith()
              .map(
                  id ->
                      id.equals(plug.id()) || plugs.stream().noneMatch(one -> one.id().equals(id)))
              .orElse(false);
      if (lost) {
        throw new CannotBe(PartsWords.matesUnknown(plug.label()));
      }
    }
  }

  private static void unique(List<String> ids) {
    if (new HashSet<>(ids).size() != ids.size()) {
      throw new CannotBe(PartsWords.idTwice());
    }
  }
}
