package mellow.server.handover;

import java.util.List;
import mellow.core.rules.RuleSet;
import mellow.server.feed.service.Feeds;
import mellow.server.find.Finds;
import mellow.server.job.JobFacts;
import mellow.server.job.Jobs;
import mellow.server.parts.Parts;
import mellow.server.photo.Photos;
import mellow.server.platform.Acting;
import mellow.server.print.Foot;
import mellow.server.print.Paper;
import mellow.server.wire.HorizonView;
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
  private final Finds finds;
  private final Feeds feeds;
  private final Photos photos;
  private final Foot foot;

  Packs(
      HandOvers handOvers,
      Standings standings,
      Jobs jobs,
      Parts parts,
      Workshops workshops,
      Finds finds,
      Feeds feeds,
      Photos photos,
      Foot foot) {
    this.handOvers = handOvers;
    this.standings = standings;
    this.jobs = jobs;
    this.parts = parts;
    this.workshops = workshops;
    this.finds = finds;
    this.feeds = feeds;
    this.photos = photos;
    this.foot = foot;
  }

  byte[] pdf(Acting acting, String jobId, Paper paper) {
    Pack pack = of(acting, jobId);
    return PackSheet.pdf(pack, paper, foot.of(acting, pack.page().vehicle()));
  }

  private Pack of(Acting acting, String jobId) {
    JobFacts facts = jobs.facts(acting, jobId);
    List<RuleSet> sets = List.of(facts.market());
    return new Pack(
        handOvers.page(acting, jobId),
        HorizonView.of(standings.of(acting, facts).horizon()),
        standings.stages(acting, facts),
        sets,
        parts.page(acting, jobId).parts().parts().stream()
            .map(part -> part.name())
            .filter(name -> !name.isBlank())
            .toList(),
        workshops.summary(acting, jobId),
        finds.told(acting, jobId),
        feeds.papers(acting, jobId),
        photos.files(acting, jobId));
  }
}
