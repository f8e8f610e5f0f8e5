package mellow.server.photo;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import mellow.core.record.Fact;
import mellow.core.record.Line;
import mellow.server.db.tables.records.PhotoRecord;
import org.springframework.stereotype.Component;

/** The photos of a job as they stood at an earlier moment, with what was noted of them then. */
@Component
class PhotosThen {
  private final ObjectMapper json;

  PhotosThen(ObjectMapper json) {
    this.json = json.copy().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
  }

  /** What is noted of a photo, as the record keeps it. */
  String written(PhotoNotes notes) {
    try {
      return json.writeValueAsString(notes);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("notes that cannot be written", e);
    }
  }

  /**
   * The photos that were there, as they were.
   *
   * @param today all photos of the job as they are now
   * @param lines the lines of the job up to the moment
   */
  Stream<PhotoRecord> of(List<PhotoRecord> today, List<Line> lines) {
    Map<String, Line> last = new HashMap<>();
    for (Line line : lines) {
      if (line.fact() instanceof Fact.PhotoKept kept) {
        last.put(kept.photo(), line);
      }
    }
    return today.stream()
        .filter(row -> last.containsKey(row.getId()))
        .map(row -> then(row, last.get(row.getId())));
  }

  /** What was noted before the record had it is shown as today. */
  private PhotoRecord then(PhotoRecord today, Line line) {
    Fact.PhotoKept kept = (Fact.PhotoKept) line.fact();
    if (kept.notes().isEmpty()) {
      return today;
    }
    PhotoRecord row = Photos.withNotes(today, read(kept.notes().get()));
    row.setVersion(kept.version());
    row.setChangedBy(line.by());
    row.setChangedAt(LocalDateTime.ofInstant(line.at(), ZoneOffset.UTC));
    return row;
  }

  private PhotoNotes read(String notes) {
    try {
      return json.readValue(notes, PhotoNotes.class);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("notes of a photo that cannot be read", e);
    }
  }
}
