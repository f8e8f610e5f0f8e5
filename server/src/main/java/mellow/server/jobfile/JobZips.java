package mellow.server.jobfile;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import mellow.core.formats.Spreadsheet;
import mellow.core.measure.UnitSystem;
import mellow.core.photo.PhotoFile;
import mellow.core.photo.PhotoProblem;
import mellow.server.feed.service.Feeds;
import mellow.server.job.JobFacts;
import mellow.server.job.JobPage;
import mellow.server.job.Jobs;
import mellow.server.logbook.ReadingView;
import mellow.server.photo.PhotoNotes;
import mellow.server.photo.Photos;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.platform.Violations;
import mellow.server.platform.guard.Repeated;
import mellow.server.print.Foot;
import mellow.server.print.Paper;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;

/** Writes whole jobs as ZIPs with their pictures and open files, and takes them in. */
@Service
class JobZips {
  private static final CSVFormat CSV =
      CSVFormat.RFC4180
          .builder()
          .setHeader("what", "lamp", "side", "typed", "units", "value", "by", "at", "struck")
          .build();

  private final JobFiles files;
  private final Jobs jobs;
  private final Photos photos;
  private final Feeds feeds;
  private final Foot foot;
  private final ObjectMapper json;
  private final Validator validator;

  JobZips(
      JobFiles files,
      Jobs jobs,
      Photos photos,
      Feeds feeds,
      Foot foot,
      ObjectMapper json,
      Validator validator) {
    this.files = files;
    this.jobs = jobs;
    this.photos = photos;
    this.feeds = feeds;
    this.foot = foot;
    this.json = json;
    this.validator = validator;
  }

  JobZip of(Acting acting, String jobId) {
    JobZip zip = new JobZip();
    zip.add(JobZip.JOB, bytes(files.of(acting, jobId)));
    JobFacts facts = jobs.facts(acting, jobId);
    zip.add(
        "rules.json",
        bytes(
            facts.book().ofAim().stream()
                .map(set -> Map.of("id", set.id(), "title", set.title(), "version", set.version()))
                .toList()));
    zip.add("readings.csv", csv(jobs.page(acting, jobId)).getBytes(StandardCharsets.UTF_8));
    feeds
        .papers(acting, jobId)
        .ifPresent(
            papers -> {
              zip.add("circuit/circuit.svg", papers.svg());
              zip.add(
                  "circuit/wiring.pdf",
                  papers.wiring().pdf(Paper.A4, foot.of(acting, facts.vehicle())));
              papers
                  .netlists()
                  .forEach(
                      (state, netlist) ->
                          zip.add(
                              "circuit/" + state.name().toLowerCase(Locale.ROOT) + ".cir",
                              netlist.getBytes(StandardCharsets.UTF_8)));
            });
    List<PhotoOf> notes = new ArrayList<>();
    for (Photos.FileOf photo : photos.files(acting, jobId)) {
      String name =
          JobZip.numbered(
              "photos", notes.size() + 1, photo.format() == PhotoFile.Format.JPEG ? "jpg" : "png");
      zip.add(name, photo.file());
      notes.add(new PhotoOf(name, photo.photo().notes(UnitSystem.METRIC)));
    }
    zip.add(JobZip.PHOTOS, bytes(notes));
    zip.add("job.schema.json", JobSchema.text().getBytes(StandardCharsets.UTF_8));
    return zip;
  }

  /** A picture of the ZIP and what is noted of it. */
  record PhotoOf(String file, PhotoNotes notes) {}

  private byte[] bytes(Object content) {
    try {
      return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(content);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a job that cannot be written", e);
    }
  }

  private static String csv(JobPage page) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(text, CSV)) {
      for (ReadingView reading : page.readings()) {
        printer.printRecord(
            reading.title(),
            reading.lamp(),
            reading.side() == null ? "" : reading.side(),
            Spreadsheet.shielded(reading.typed()),
            reading.units(),
            reading.value().value(),
            Spreadsheet.shielded(reading.takenBy()),
            reading.takenAt(),
            reading.struckBy() == null ? "" : "struck");
      }
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    return text.toString();
  }

  /** A picture of a ZIP that was looked at. */
  private record Looked(PhotoOf of, Photos.Looked picture) {}

  /** Takes a ZIP in as a new job; the same request again changes nothing. */
  JobPage takeIn(Acting acting, String jobId, SentZip zip) {
    JobFile file = file(zip);
    // looked at before anything is kept: a ZIP comes in whole or not at all
    List<Looked> pictures = pictures(zip);
    if (files.isClosed(acting, jobId)) {
      return jobs.page(acting, jobId);
    }
    Repeated.orDone(() -> files.open(acting, jobId, file));
    for (Looked picture : pictures) {
      String name = picture.of().file();
      String id =
          UUID.nameUUIDFromBytes((jobId + " " + name).getBytes(StandardCharsets.UTF_8)).toString();
      photos.restore(
          acting, jobId, id, picture.of().notes(), picture.picture(), zip.file(name).orElseThrow());
    }
    files.close(acting, jobId, file);
    return jobs.page(acting, jobId);
  }

  private JobFile file(SentZip zip) {
    JsonNode tree = zip.json(json, JobZip.JOB).orElseThrow();
    JobFile file;
    try {
      file = json.treeToValue(tree, JobFile.class);
    } catch (JsonProcessingException e) {
      throw Refusal.inFile(JobZip.JOB, JobfileWords.notAJob());
    }
    if (file == null) {
      // an empty text and "null" are read as nothing
      throw Refusal.inFile(JobZip.JOB, JobfileWords.notAJob());
    }
    Set<ConstraintViolation<JobFile>> wrong = validator.validate(file);
    for (ConstraintViolation<JobFile> one : wrong) {
      throw Refusal.inFile(JobZip.JOB, Violations.says(String.valueOf(one.getPropertyPath()), one));
    }
    return file;
  }

  private List<Looked> pictures(SentZip zip) {
    List<JsonNode> notes = new ArrayList<>();
    zip.json(json, JobZip.PHOTOS).ifPresent(all -> all.forEach(notes::add));
    if (notes.size() > Photos.MOST_OF_A_JOB) {
      throw Refusal.inFile(JobZip.PHOTOS, JobfileWords.tooManyPhotos(Photos.MOST_OF_A_JOB));
    }
    List<PhotoOf> pictures = notes.stream().map(this::noted).toList();
    return pictures.parallelStream().map(one -> looked(zip, one)).toList();
  }

  private PhotoOf noted(JsonNode note) {
    String name = note.path("file").asText();
    try {
      PhotoNotes notes = json.treeToValue(note.get("notes"), PhotoNotes.class);
      if (notes != null && validator.validate(notes).isEmpty()) {
        return new PhotoOf(name, notes);
      }
    } catch (JsonProcessingException | IllegalArgumentException e) {
      // said below
    }
    throw Refusal.inFile(JobZip.PHOTOS, JobfileWords.photoNotes(name));
  }

  private static Looked looked(SentZip zip, PhotoOf of) {
    byte[] bytes =
        zip.file(of.file())
            .orElseThrow(
                () -> Refusal.inFile(JobZip.PHOTOS, JobfileWords.pictureMissing(of.file())));
    try {
      return new Looked(of, Photos.look(bytes));
    } catch (PhotoProblem problem) {
      throw Refusal.inFile(of.file(), problem.says());
    }
  }
}
