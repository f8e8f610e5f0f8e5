package mellow.server.jobfile;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import mellow.core.measure.UnitSystem;
import mellow.core.photo.PhotoFile;
import mellow.core.photo.PhotoProblem;
import mellow.server.feed.Feeds;
import mellow.server.job.JobFacts;
import mellow.server.job.JobPage;
import mellow.server.job.Jobs;
import mellow.server.logbook.ReadingView;
import mellow.server.photo.PhotoNotes;
import mellow.server.photo.PhotoView;
import mellow.server.photo.Photos;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
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
  private final ObjectMapper json;
  private final Validator validator;

  JobZips(
      JobFiles files,
      Jobs jobs,
      Photos photos,
      Feeds feeds,
      ObjectMapper json,
      Validator validator) {
    this.files = files;
    this.jobs = jobs;
    this.photos = photos;
    this.feeds = feeds;
    this.json = json;
    this.validator = validator;
  }

  byte[] of(Acting acting, String jobId) {
    Map<String, byte[]> zip = new LinkedHashMap<>();
    zip.put(JobZip.JOB, bytes(files.of(acting, jobId)));
    JobFacts facts = jobs.facts(acting, jobId);
    zip.put(
        "rules.json",
        bytes(
            facts.book().ofAim().stream()
                .map(set -> Map.of("id", set.id(), "title", set.title(), "version", set.version()))
                .toList()));
    zip.put("readings.csv", csv(jobs.page(acting, jobId)).getBytes(StandardCharsets.UTF_8));
    feeds
        .papers(acting, jobId)
        .ifPresent(
            papers -> {
              zip.put("circuit/circuit.svg", papers.svg());
              zip.put("circuit/wiring.pdf", papers.pdf());
              papers
                  .netlists()
                  .forEach(
                      (state, netlist) ->
                          zip.put(
                              "circuit/" + state.name().toLowerCase(Locale.ROOT) + ".cir",
                              netlist.getBytes(StandardCharsets.UTF_8)));
            });
    List<PhotoOf> notes = new ArrayList<>();
    for (Photos.FileOf photo : photos.files(acting, jobId)) {
      String name =
          JobZip.numbered(
              "photos", notes.size() + 1, photo.format() == PhotoFile.Format.JPEG ? "jpg" : "png");
      zip.put(name, photo.bytes());
      notes.add(new PhotoOf(name, notes(photo.photo())));
    }
    zip.put(JobZip.PHOTOS, bytes(notes));
    zip.put("job.schema.json", JobSchema.text().getBytes(StandardCharsets.UTF_8));
    return JobZip.written(zip);
  }

  /** A picture of the ZIP and what is noted of it. */
  record PhotoOf(String file, PhotoNotes notes) {}

  private static PhotoNotes notes(PhotoView photo) {
    return new PhotoNotes(
        1,
        photo.moment(),
        photo.shows(),
        photo.fromTyped(),
        UnitSystem.METRIC,
        photo.focusLocked(),
        photo.exposureLocked(),
        photo.balanceLocked(),
        photo.marks(),
        photo.putAside());
  }

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
            reading.typed(),
            reading.units(),
            reading.value().value(),
            reading.takenBy(),
            reading.takenAt(),
            reading.struckBy() == null ? "" : "struck");
      }
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    return text.toString();
  }

  /** Takes a ZIP in as a new job; the same request again changes nothing. */
  JobPage takeIn(Acting acting, String jobId, byte[] sent) {
    Map<String, byte[]> zip = JobZip.read(sent);
    JobFile file = file(zip);
    // looked at before anything is kept: a ZIP comes in whole or not at all
    List<PhotoOf> pictures = pictures(zip);
    if (files.isClosed(acting, jobId)) {
      return jobs.page(acting, jobId);
    }
    files.open(acting, jobId, file);
    for (PhotoOf picture : pictures) {
      String id =
          UUID.nameUUIDFromBytes((jobId + " " + picture.file()).getBytes(StandardCharsets.UTF_8))
              .toString();
      PhotoNotes notes = picture.notes();
      photos.keep(acting, jobId, id, notes.moment(), notes.shows(), zip.get(picture.file()));
      photos.note(acting, jobId, id, notes);
    }
    files.close(acting, jobId, file);
    return jobs.page(acting, jobId);
  }

  private JobFile file(Map<String, byte[]> zip) {
    JsonNode tree = JobZip.json(json, JobZip.JOB, zip.get(JobZip.JOB));
    JobFile file;
    try {
      file = json.treeToValue(tree, JobFile.class);
    } catch (JsonProcessingException e) {
      throw Refusal.inFile(JobZip.JOB, "It is not the file of a job.");
    }
    Set<ConstraintViolation<JobFile>> wrong = validator.validate(file);
    for (ConstraintViolation<JobFile> one : wrong) {
      throw Refusal.inFile(
          JobZip.JOB, "“%s” %s.".formatted(one.getPropertyPath(), one.getMessage()));
    }
    return file;
  }

  private List<PhotoOf> pictures(Map<String, byte[]> zip) {
    List<PhotoOf> pictures = new ArrayList<>();
    if (zip.containsKey(JobZip.PHOTOS)) {
      JobZip.json(json, JobZip.PHOTOS, zip.get(JobZip.PHOTOS))
          .forEach(note -> pictures.add(picture(zip, note)));
    }
    return pictures;
  }

  private PhotoOf picture(Map<String, byte[]> zip, JsonNode note) {
    String name = note.path("file").asText();
    byte[] bytes = zip.get(name);
    if (bytes == null) {
      throw Refusal.inFile(JobZip.PHOTOS, "The picture “%s” is not in the ZIP.".formatted(name));
    }
    try {
      PhotoFile.clean(bytes, 1);
    } catch (PhotoProblem problem) {
      throw Refusal.inFile(name, String.valueOf(problem.getMessage()));
    }
    try {
      PhotoNotes notes = json.treeToValue(note.get("notes"), PhotoNotes.class);
      if (notes != null && validator.validate(notes).isEmpty()) {
        return new PhotoOf(name, notes);
      }
    } catch (JsonProcessingException | IllegalArgumentException e) {
      // said below
    }
    throw Refusal.inFile(JobZip.PHOTOS, "What is noted of “%s” cannot be.".formatted(name));
  }
}
