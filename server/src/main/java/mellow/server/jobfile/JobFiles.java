package mellow.server.jobfile;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import mellow.core.aim.Adjuster;
import mellow.core.record.JobDocument;
import mellow.core.record.Line;
import mellow.core.words.Speech;
import mellow.server.bay.BayEdit;
import mellow.server.bay.BayView;
import mellow.server.bay.Bays;
import mellow.server.feed.service.Feeds;
import mellow.server.find.Finds;
import mellow.server.handover.HandOverPage;
import mellow.server.handover.HandOvers;
import mellow.server.job.JobEdit;
import mellow.server.job.JobPage;
import mellow.server.job.Jobs;
import mellow.server.logbook.Logbooks;
import mellow.server.logbook.ReadingEdit;
import mellow.server.logbook.ReadingView;
import mellow.server.logbook.UndoneEdit;
import mellow.server.parts.Parts;
import mellow.server.parts.PartsPage;
import mellow.server.place.PlacePage;
import mellow.server.place.Places;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Owner;
import mellow.server.sheet.DocumentShapes;
import mellow.server.takein.TakeInPage;
import mellow.server.takein.TakeIns;
import mellow.server.vehicle.AdjusterEdit;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.Vehicles;
import mellow.server.workshop.EntryEdit;
import mellow.server.workshop.Workshops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes jobs as files, and takes files in as new jobs. */
@Service
class JobFiles {
  private static final Comparator<AdjusterView> BY_PLACE =
      Comparator.comparing(AdjusterView::lamp)
          .thenComparing(AdjusterView::side)
          .thenComparing(AdjusterView::axis)
          .thenComparing(AdjusterView::drive)
          .thenComparing(AdjusterView::place);

  /** Entries are named by their place in the file. */
  private static final String PLACE = "00000000-0000-7000-8000-%012d";

  private final Jobs jobs;
  private final Vehicles vehicles;
  private final Logbooks logbooks;
  private final TakeIns takeIns;
  private final Parts parts;
  private final Places places;
  private final Bays bays;
  private final Feeds feeds;
  private final Finds finds;
  private final Workshops workshops;
  private final HandOvers handOvers;
  private final OwnFiles own;

  JobFiles(
      Jobs jobs,
      Vehicles vehicles,
      Logbooks logbooks,
      TakeIns takeIns,
      Parts parts,
      Places places,
      Bays bays,
      Feeds feeds,
      Finds finds,
      Workshops workshops,
      HandOvers handOvers,
      OwnFiles own) {
    this.jobs = jobs;
    this.vehicles = vehicles;
    this.logbooks = logbooks;
    this.takeIns = takeIns;
    this.parts = parts;
    this.places = places;
    this.bays = bays;
    this.feeds = feeds;
    this.finds = finds;
    this.workshops = workshops;
    this.handOvers = handOvers;
    this.own = own;
  }

  /** The file of a job. */
  JobFile of(Acting acting, String jobId) {
    JobPage page = jobs.page(acting, jobId);
    TakeInPage taken = takeIns.page(acting, jobId);
    PartsPage delivered = parts.page(acting, jobId);
    PlacePage placed = places.page(acting, jobId);
    // ordered by what they are: ids differ from file to file
    List<AdjusterView> adjusters = page.adjusters().stream().sorted(BY_PLACE).toList();
    List<String> screws = adjusters.stream().map(AdjusterView::id).toList();
    List<String> readings = page.readings().stream().map(ReadingView::id).toList();
    return new JobFile(
        JobFile.FORMAT,
        page.vehicle().edit(0),
        adjusters.stream().map(AdjusterView::edit).toList(),
        page.job().edit(0, page.vehicle().id(), null),
        page.readings().stream().map(reading -> taken(reading, screws, readings)).toList(),
        taken.version() == 0 ? null : taken.takeIn(),
        taken.foundVersion() == 0 ? null : taken.found(),
        delivered.version() == 0 ? null : delivered.parts(),
        placed.version() == 0 ? null : placed.front(),
        feeds.kept(acting, jobId).orElse(null),
        finds.kept(acting, jobId).orElse(null),
        written(jobId),
        handOvers.kept(acting, jobId).orElse(null),
        page.bay() == null ? null : bay(page, page.bay()),
        own.ofJob(acting, jobId),
        page.job().closedAt() == null ? null : closed(acting, jobId),
        shapes());
  }

  private static Map<JobDocument, Integer> shapes() {
    Map<JobDocument, Integer> shapes = new EnumMap<>(JobDocument.class);
    for (JobDocument document : JobFileModule.PLACES.keySet()) {
      shapes.put(document, DocumentShapes.KNOWN.newest(document));
    }
    return shapes;
  }

  private JobFile.@Nullable ClosedFile closed(Acting acting, String jobId) {
    HandOverPage page = handOvers.page(acting, jobId);
    HandOverPage.ClosedView closed = page.closed();
    return closed == null
        ? null
        : new JobFile.ClosedFile(
            ImportedName.plain(closed.by()),
            closed.at(),
            closed.reason(),
            closed.language(),
            closed.findings(),
            page.amendments().stream()
                .map(
                    one ->
                        new JobFile.AmendmentFile(
                            one.words(), one.why(), ImportedName.plain(one.by()), one.at()))
                .toList());
  }

  /** What was written down; entries are named by their place, so that every file reads the same. */
  private List<JobFile.Written> written(String jobId) {
    List<Line> made = workshops.lines(jobId);
    List<String> ids = made.stream().map(Line::id).toList();
    return made.stream()
        .map(
            one ->
                new JobFile.Written(
                    EntryEdit.of(one).withIds(id -> PLACE.formatted(ids.indexOf(id))),
                    ImportedName.plain(one.by()),
                    one.at()))
        .toList();
  }

  private static JobFile.BayFile bay(JobPage page, BayView bay) {
    List<String> ids = page.bayReadings().stream().map(ReadingView::id).toList();
    return new JobFile.BayFile(
        new BayEdit(0, bay.name(), bay.note(), bay.units()),
        page.bayReadings().stream().map(reading -> taken(reading, List.of(), ids)).toList());
  }

  private static JobFile.Taken taken(
      ReadingView reading, List<String> screws, List<String> readings) {
    return new JobFile.Taken(
        reading.kind(),
        reading.lamp(),
        reading.side(),
        reading.adjusterId() == null ? null : screws.indexOf(reading.adjusterId()),
        reading.typed(),
        reading.units(),
        reading.strikes() == null ? null : readings.indexOf(reading.strikes()),
        ImportedName.plain(reading.takenBy()),
        reading.takenAt(),
        reading.undone() == null
            ? null
            : new JobFile.TakenBack(
                ImportedName.plain(reading.undone().by()), reading.undone().at()));
  }

  /**
   * Takes a file in as a new job on a new vehicle; who took a reading and when stays with it. All
   * ids follow from the job's, so that a repeated request changes nothing.
   */
  @Transactional
  public JobPage takeIn(Acting acting, String jobId, JobFile file) {
    if (!isClosed(acting, jobId)) {
      open(acting, jobId, file);
      close(acting, jobId, file);
    }
    return jobs.page(acting, jobId);
  }

  /** Whether the job is there and closed: then it was taken in before. */
  boolean isClosed(Acting acting, String jobId) {
    return handOvers.isClosed(acting, jobId);
  }

  /** Everything but that it is closed: pictures still come in. */
  @Transactional
  public void open(Acting acting, String jobId, JobFile sent) {
    OwnFiles.Brought brought = own.bring(acting, sent);
    JobFile file = brought.file();
    String vehicleId = id(jobId, "vehicle");
    vehicles.put(acting, vehicleId, file.vehicle());
    List<String> screws = putScrews(acting, jobId, vehicleId, file);
    JobEdit job = file.job().withVehicle(vehicleId);
    jobs.put(
        acting, jobId, file.bay() == null ? job : job.withBay(putBay(acting, jobId, file.bay())));
    jobs.hold(acting, jobId);
    own.pin(acting, jobId, brought);
    keep(acting, new Owner.OfJob(jobId), jobId + " reading ", file.readings(), screws);
    if (file.takeIn() != null) {
      takeIns.put(acting, jobId, 0, file.takeIn());
    }
    if (file.found() != null) {
      takeIns.putFound(acting, jobId, 0, file.found());
    }
    if (file.parts() != null) {
      parts.put(acting, jobId, 0, file.parts());
    }
    if (file.front() != null) {
      places.put(acting, jobId, 0, file.front());
    }
    if (file.feed() != null) {
      feeds.put(acting, jobId, 0, file.feed());
    }
    if (file.find() != null) {
      finds.keep(acting, jobId, 0, file.find());
    }
    restore(acting, jobId, file.workshop() == null ? List.of() : file.workshop());
    if (file.handOver() != null) {
      handOvers.put(acting, jobId, 0, file.handOver());
    }
  }

  /** Closes the job where the file's was. */
  @Transactional
  public void close(Acting acting, String jobId, JobFile file) {
    JobFile.ClosedFile closed = file.closed();
    if (closed == null) {
      return;
    }
    handOvers.restore(
        as(acting, closed.by(), closed.at()),
        jobId,
        closed.reason(),
        Objects.requireNonNullElse(closed.language(), Speech.ENGLISH.language()),
        closed.findings());
    for (int place = 0; place < closed.amendments().size(); place++) {
      JobFile.AmendmentFile one = closed.amendments().get(place);
      handOvers.amend(
          as(acting, one.by(), one.at()),
          jobId,
          id(jobId, "amendment " + place),
          one.words(),
          one.why());
    }
  }

  /** Whoever a file says it was, and then. */
  private static Acting as(Acting acting, String name, Instant at) {
    return new Acting(acting.shopId(), ImportedName.marked(name), at);
  }

  private String putBay(Acting acting, String jobId, JobFile.BayFile bay) {
    String id = id(jobId, "bay");
    bays.put(acting, id, bay.bay());
    keep(acting, new Owner.OfBay(id), jobId + " bay reading ", bay.readings(), List.of());
    return id;
  }

  private void keep(
      Acting acting, Owner owner, String seed, List<JobFile.Taken> readings, List<String> screws) {
    for (int place = 0; place < readings.size(); place++) {
      JobFile.Taken taken = readings.get(place);
      logbooks.keep(
          as(acting, taken.takenBy(), taken.takenAt()),
          owner,
          id(seed + place),
          edit(seed, taken, place, screws));
      JobFile.TakenBack undone = taken.undone();
      if (undone != null) {
        logbooks.undo(
            as(acting, undone.by(), undone.at()),
            owner,
            id(seed + "undone " + place),
            new UndoneEdit(id(seed + place), null));
      }
    }
  }

  private void restore(Acting acting, String jobId, List<JobFile.Written> written) {
    for (int place = 0; place < written.size(); place++) {
      JobFile.Written one = written.get(place);
      workshops.restore(
          as(acting, one.by(), one.at()),
          jobId,
          entryId(jobId, place),
          one.entry().withIds(id -> entryId(jobId, placeOf(id, written.size()))));
    }
  }

  private static String entryId(String jobId, int place) {
    return id(jobId + " entry " + place);
  }

  private static int placeOf(String id, int many) {
    String digits = id.substring(id.length() - 12);
    int place = digits.matches("\\d+") ? (int) Math.min(many, Long.parseLong(digits)) : many;
    if (place >= many) {
      throw Refusal.unprocessable("workshop", JobfileWords.entryMissing());
    }
    return place;
  }

  /** The screws' ids; those that every vehicle starts with are there already. */
  private List<String> putScrews(Acting acting, String jobId, String vehicleId, JobFile file) {
    List<String> ids = new ArrayList<>();
    Set<String> used = new HashSet<>();
    for (AdjusterEdit screw : file.screws()) {
      String usual = Vehicles.usualScrewId(vehicleId, screw.lamp(), screw.side(), screw.axis());
      boolean there = screw.axis() != Adjuster.Axis.TO_BE_TRIED && used.add(usual);
      String id = there ? usual : id(jobId, "screw " + ids.size());
      vehicles.putAdjuster(acting, vehicleId, id, screw.onVersion(there ? 1 : 0));
      ids.add(id);
    }
    return ids;
  }

  private static ReadingEdit edit(
      String seed, JobFile.Taken taken, int place, List<String> screws) {
    Integer screw = taken.screw();
    if (screw != null && screw >= screws.size()) {
      throw Refusal.unprocessable("readings", JobfileWords.screwMissing(place));
    }
    Integer strikes = taken.strikes();
    if (strikes != null && strikes >= place) {
      throw Refusal.unprocessable("readings", JobfileWords.correctsLater(place));
    }
    return new ReadingEdit(
        taken.kind(),
        taken.lamp(),
        taken.side(),
        screw == null ? null : screws.get(screw),
        taken.typed(),
        taken.units(),
        strikes == null ? null : id(seed + strikes),
        null);
  }

  private static String id(String jobId, String what) {
    return id(jobId + " " + what);
  }

  private static String id(String seed) {
    return UUID.nameUUIDFromBytes(seed.getBytes(StandardCharsets.UTF_8)).toString();
  }
}
