package mellow.server.find;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.circuit.Emitter;
import mellow.core.feed.PlannedFeed;
import mellow.core.proof.Mended;
import mellow.core.record.JobDocument;
import mellow.server.platform.Acting;
import mellow.server.sheet.Sheets;
import mellow.server.workshop.Mendings;
import org.springframework.stereotype.Component;

/** What was mended: its lamps are proved again. */
@Component
class FindMendings implements Mendings {
  private final Sheets sheets;
  private final SearchedFeeds searched;

  FindMendings(Sheets sheets, SearchedFeeds searched) {
    this.sheets = sheets;
    this.searched = searched;
  }

  @Override
  public Map<String, Mended> of(Acting acting, Collection<String> jobIds) {
    Map<String, Mended> mended = new HashMap<>();
    searched
        .mended(acting, sheets.ofJobs(acting, jobIds, JobDocument.FIND, FindEdit.class))
        .forEach((id, search) -> mended.put(id, mended(search.edit(), search.feed())));
    return mended;
  }

  private static Mended mended(FindEdit edit, PlannedFeed feed) {
    return new Mended(
        feed.circuit()
            .of(Emitter.class)
            .map(lamp -> lamp.use().function())
            .collect(Collectors.toSet()),
        edit.endings().stream()
            .flatMap(one -> Stream.concat(one.parts().stream().sorted(), Stream.of(one.did())))
            .collect(Collectors.joining(", ")));
  }
}
