package mellow.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import mellow.core.entry.Entry;
import mellow.core.entry.LengthEntry;
import mellow.core.measure.UnitSystem;
import mellow.core.photo.Comparison;
import mellow.core.photo.PhotoFile;
import mellow.core.photo.PhotoProblem;
import mellow.core.record.Fact;
import mellow.core.workflow.Stage;
import mellow.server.db.tables.records.PhotoRecord;
import mellow.server.job.JobBrief;
import mellow.server.job.Jobs;
import mellow.server.photo.PhotoNotes.MarksEdit;
import mellow.server.photo.PhotoNotes.Moment;
import mellow.server.photo.PhotosPage.ComparisonView;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.record.Draft;
import mellow.server.record.Records;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps photos of jobs. */
@Service
public class Photos {
  /** How many photos a job holds at most. */
  public static final int MOST_OF_A_JOB = 200;

  private final Jobs jobs;
  private final PhotoStore store;
  private final PhotoFiles files;
  private final PhotosThen then;
  private final Records records;
  private final TransactionTemplate transactions;

  Photos(
      Jobs jobs,
      PhotoStore store,
      PhotoFiles files,
      PhotosThen then,
      Records records,
      TransactionTemplate transactions) {
    this.jobs = jobs;
    this.records = records;
    this.store = store;
    this.files = files;
    this.then = then;
    this.transactions = transactions;
  }

  /** All photos of a job. */
  public PhotosPage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    return new PhotosPage(job.job(), job.vehicle(), photos(acting, jobId));
  }

  private List<PhotoView> photos(Acting acting, String jobId) {
    return rows(acting, jobId).map(PhotoView::of).toList();
  }

  /** The photos that are there, or were at the moment that the request looks back at. */
  private Stream<PhotoRecord> rows(Acting acting, String jobId) {
    List<PhotoRecord> all = store.ofJob(acting.shopId(), jobId);
    if (EarlierMoment.asked().isEmpty()) {
      return all.stream();
    }
    return then.of(all, records.whole(jobId).lines());
  }

  /**
   * Keeps a photo. Its files are on the disk before its row is: a row never names a file that is
   * not there. The same request again changes nothing.
   */
  public PhotosPage keep(Acting acting, String jobId, Taken taken, byte[] sent) {
    acting.personOrRefuse();
    jobs.brief(acting, jobId);
    add(acting, jobId, taken, new Looked(looked(sent)), sent);
    return page(acting, jobId);
  }

  /**
   * A photo that is to be kept.
   *
   * @param at when it was taken in, by the server's clock: it may have waited in the page
   */
  public record Taken(String id, Moment moment, String shows, Instant at) {}

  /** A picture that was looked at, without its file. */
  public static final class Looked {
    private final Picture picture;

    private Looked(Picture picture) {
      this.picture = picture;
    }
  }

  /**
   * Looks at a picture and keeps nothing. Pictures may be looked at side by side.
   *
   * @throws PhotoProblem where it is none, or damaged
   */
  public static Looked look(byte[] sent) throws PhotoProblem {
    return new Looked(Picture.of(sent));
  }

  /** Keeps a photo that comes with a job's file and was looked at, and what is noted of it. */
  public void restore(
      Acting acting, String jobId, String id, PhotoNotes notes, Looked looked, byte[] sent) {
    add(
        acting,
        jobId,
        new Taken(id, notes.moment(), notes.shows(), acting.storedAt()),
        looked,
        sent);
    change(acting, jobId, id, notes);
  }

  private void add(Acting acting, String jobId, Taken taken, Looked looked, byte[] sent) {
    String person = acting.personOrRefuse();
    Picture picture = looked.picture;
    keepFiles(picture, sent);
    transactions.executeWithoutResult(
        status -> {
          boolean closed = jobs.holdEvenClosed(acting, jobId);
          Optional<PhotoRecord> there = store.byId(acting.shopId(), taken.id());
          if (there.isPresent()) {
            refuseUnlessSame(there.get(), jobId, picture);
            return;
          }
          Jobs.refuseWhere(closed);
          if (photos(acting, jobId).size() >= MOST_OF_A_JOB) {
            throw Refusal.unprocessable("photo", PhotoWords.tooMany(MOST_OF_A_JOB));
          }
          PhotoRecord row = row(acting, person, jobId, taken, picture);
          store.add(row);
          kept(acting, row, PhotoView.of(row).notes(UnitSystem.METRIC), taken.at());
        });
  }

  private void keepFiles(Picture picture, byte[] sent) {
    if (files.has(picture.content())) {
      return;
    }
    try {
      files.keep(picture.content(), PhotoFiles.Kind.IMAGE, Picture.cleaned(sent).bytes());
    } catch (PhotoProblem problem) {
      throw new IllegalStateException("a picture that was looked at", problem);
    }
    files.keep(picture.content(), PhotoFiles.Kind.THUMBNAIL, picture.thumbnail());
  }

  private static Picture looked(byte[] sent) {
    try {
      return Picture.of(sent);
    } catch (PhotoProblem problem) {
      throw Refusal.unprocessable("photo", problem.says());
    }
  }

  private static void refuseUnlessSame(PhotoRecord there, String jobId, Picture picture) {
    if (!there.getJobId().equals(jobId) || !there.getContent().equals(picture.content())) {
      throw Refusal.conflict("id", PhotoWords.otherPhoto());
    }
  }

  private static PhotoRecord row(
      Acting acting, String person, String jobId, Taken taken, Picture picture) {
    PhotoRecord row = new PhotoRecord();
    row.setId(taken.id());
    row.setShopId(acting.shopId());
    row.setJobId(jobId);
    row.setVersion(1);
    row.setMoment(taken.moment().name());
    row.setShows(taken.shows());
    row.setFocusLocked(false);
    row.setExposureLocked(false);
    row.setBalanceLocked(false);
    row.setPutAside(false);
    row.setContent(picture.content());
    row.setFormat(picture.format().name());
    row.setWidthPx(picture.widthPx());
    row.setHeightPx(picture.heightPx());
    row.setBytes(picture.bytes());
    row.setTakenBy(person);
    row.setTakenAt(LocalDateTime.ofInstant(taken.at(), ZoneOffset.UTC));
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    return row;
  }

  /** Changes what is noted of a photo. */
  public PhotosPage note(Acting acting, String jobId, String id, PhotoNotes notes) {
    change(acting, jobId, id, notes);
    return page(acting, jobId);
  }

  private void change(Acting acting, String jobId, String id, PhotoNotes notes) {
    String person = acting.personOrRefuse();
    transactions.executeWithoutResult(status -> jobs.hold(acting, jobId));
    PhotoRecord there = ofJob(acting, jobId, id);
    // refused before anything is compared
    fromMm(notes.fromTyped(), notes.units());
    Edits.of(Optional.of(there.getVersion()), notes.version(), PhotoView.of(there).says(notes))
        .carryOut(
            () -> {
              throw new IllegalStateException("a photo is not added by its notes");
            },
            () ->
                Boolean.TRUE.equals(
                    transactions.execute(
                        status -> replaced(acting, noted(acting, person, there, notes), notes))),
            () -> {
              PhotoView current = PhotoView.of(ofJob(acting, jobId, id));
              return Differences.stale(
                  current.changedBy(), current, current.notes(notes.units()), notes);
            });
  }

  private boolean replaced(Acting acting, PhotoRecord row, PhotoNotes notes) {
    boolean done = store.replace(row, row.getVersion() - 1);
    if (done) {
      kept(acting, row, notes, acting.storedAt());
    }
    return done;
  }

  private void kept(Acting acting, PhotoRecord row, PhotoNotes notes, Instant at) {
    String name = "photo " + row.getId() + " " + row.getVersion();
    records.note(
        acting,
        row.getJobId(),
        new Draft(
            Records.idOf(row.getJobId(), name),
            Stage.CAME,
            new Fact.PhotoKept(row.getId(), row.getVersion(), Optional.of(then.written(notes))),
            Optional.empty(),
            at));
    jobs.touch(acting, row.getJobId());
  }

  private PhotoRecord ofJob(Acting acting, String jobId, String id) {
    return store
        .byId(acting.shopId(), id)
        .filter(row -> row.getJobId().equals(jobId))
        .orElseThrow(() -> Refusal.notFound(PhotoWords.noPhoto()));
  }

  private static @Nullable Double fromMm(@Nullable String typed, UnitSystem units) {
    if (typed == null || typed.isBlank()) {
      return null;
    }
    Entry<Double> entry = LengthEntry.readMm(typed, units.bareUnit());
    if (entry instanceof Entry.Accepted<Double> accepted) {
      if (accepted.value() <= 0) {
        throw Refusal.unprocessable("fromTyped", PhotoWords.fromInFront());
      }
      return accepted.value();
    }
    Entry.Refused<Double> refused = (Entry.Refused<Double>) entry;
    throw Refusal.unreadable("fromTyped", refused);
  }

  private static PhotoRecord noted(
      Acting acting, String person, PhotoRecord there, PhotoNotes notes) {
    PhotoRecord row = withNotes(there, notes);
    row.setVersion(notes.version() + 1);
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    return row;
  }

  /** A photo's row with other notes. */
  static PhotoRecord withNotes(PhotoRecord there, PhotoNotes notes) {
    PhotoRecord row = there.copy();
    row.setId(there.getId());
    row.setMoment(notes.moment().name());
    row.setShows(notes.shows());
    row.setFromTyped(notes.fromTyped());
    row.setFromMm(fromMm(notes.fromTyped(), notes.units()));
    row.setFocusLocked(notes.focusLocked());
    row.setExposureLocked(notes.exposureLocked());
    row.setBalanceLocked(notes.balanceLocked());
    MarksEdit marks = notes.marks();
    row.setLeftX(marks == null ? null : marks.leftX());
    row.setLeftY(marks == null ? null : marks.leftY());
    row.setRightX(marks == null ? null : marks.rightX());
    row.setRightY(marks == null ? null : marks.rightY());
    row.setPutAside(notes.putAside());
    return row;
  }

  /** The files of a job's photos, those put aside left out, in the order of the page. */
  public List<FileOf> files(Acting acting, String jobId) {
    return rows(acting, jobId)
        .filter(row -> !row.getPutAside())
        .map(
            row ->
                new FileOf(
                    PhotoView.of(row),
                    PhotoFile.Format.valueOf(row.getFormat()),
                    () -> files.read(row.getContent(), PhotoFiles.Kind.IMAGE)))
        .toList();
  }

  /**
   * A photo with its file.
   *
   * @param file read when it is asked for: all of a job's together may be large
   */
  public record FileOf(PhotoView photo, PhotoFile.Format format, Supplier<byte[]> file) {
    /**
     * The picture upright and small, as JPEG.
     *
     * @param mostPx its longer side at most, pixels
     */
    public byte[] jpeg(int mostPx) {
      byte[] bytes = file.get();
      int orientation = format == PhotoFile.Format.JPEG ? Picture.orientation(bytes) : 1;
      try {
        return SmallPicture.of(bytes, orientation, mostPx).jpeg();
      } catch (PhotoProblem problem) {
        throw new IllegalStateException("a picture that was looked at", problem);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /** A photo's file. */
  record Stored(PhotoFile.Format format, byte[] bytes) {}

  Stored file(Acting acting, String id, PhotoFiles.Kind kind) {
    PhotoRecord row =
        store.byId(acting.shopId(), id).orElseThrow(() -> Refusal.notFound(PhotoWords.noPhoto()));
    PhotoFile.Format format =
        kind == PhotoFiles.Kind.THUMBNAIL
            ? PhotoFile.Format.JPEG
            : PhotoFile.Format.valueOf(row.getFormat());
    return new Stored(format, files.read(row.getContent(), kind));
  }

  ComparisonView compare(Acting acting, String jobId, String before, String after) {
    return ComparisonView.of(
        Comparison.of(
            PhotoView.of(ofJob(acting, jobId, before)).shot(),
            PhotoView.of(ofJob(acting, jobId, after)).shot()));
  }
}
