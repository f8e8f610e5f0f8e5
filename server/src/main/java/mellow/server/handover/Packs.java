package mellow.server.handover;

import java.util.List;
import mellow.core.rules.RuleSet;
import mellow.server.feed.Feeds;
import mellow.server.job.JobFacts;
import mellow.server.job.Jobs;
import mellow.server.parts.Parts;
import mellow.server.photo.Photos;
import mellow.server.platform.Acting;
import mellow.server.workshop.Workshops;
import mellow.server.yard.Standings;
import org.springframework.stereotype.Service;

/** Puts packs together. */
@Service
class Packs {
  private final HandOvers handOvers;
  private final Standings standings;
  private final Jobs jobs;
  private final Parts parts;
  private final Workshops workshops;
  private final Feeds feeds;
  private final Photos photos;

  Packs(
      HandOvers handOvers,
      Standings standings,
      Jobs jobs,
      Parts parts,
      Workshops workshops,
      Feeds feeds,
      Photos photos) {
    this.handOvers = handOvers;
    this.standings = standings;
    this.jobs = jobs;
    this.parts = parts;
    this.workshops = workshops;
    this.feeds = feeds;
    this.photos = photos;
  }

  Pack of(Acting acting, String jobId) {
    JobFacts facts = jobs.facts(acting, jobId);
    List<RuleSet> sets = List.of(facts.market());
    return new Pack(
        handOvers.page(acting, jobId),
        standings.stages(acting, facts),
        sets,
        parts.page(acting, jobId).parts().parts().stream()
            .map(part -> part.name())
            .filter(name -> !name.isBlank())
            .toList(),
        workshops.summary(acting, jobId),
        feeds.papers(acting, jobId),
        photos.files(acting, jobId));
  }
}
