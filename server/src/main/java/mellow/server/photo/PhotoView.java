package mellow.server.photo;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.measure.UnitSystem;
import mellow.core.photo.Marks;
import mellow.core.photo.Shot;
import mellow.server.db.tables.records.PhotoRecord;
import mellow.server.photo.PhotoNotes.MarksEdit;
import mellow.server.photo.PhotoNotes.Moment;
import mellow.server.wire.FigureView;
import org.jspecify.annotations.Nullable;

/** A photo as it is kept. */
@Schema(name = "Photo", description = "A photo as it is kept.")
public record PhotoView(
    String id,
    int version,
    Moment moment,
    String shows,
    @Nullable String fromTyped,
    @Schema(description = "From how far it was taken.") @Nullable FigureView from,
    boolean focusLocked,
    boolean exposureLocked,
    boolean balanceLocked,
    @Nullable MarksEdit marks,
    boolean putAside,
    @Schema(description = "As shown, pixels.") int widthPx,
    @Schema(description = "As shown, pixels.") int heightPx,
    String takenBy,
    Instant takenAt,
    String changedBy) {

  static PhotoView of(PhotoRecord row) {
    return new PhotoView(
        row.getId(),
        row.getVersion(),
        Moment.valueOf(row.getMoment()),
        row.getShows(),
        row.getFromTyped(),
        row.getFromMm() == null ? null : FigureView.lengthMm(row.getFromMm()),
        row.getFocusLocked(),
        row.getExposureLocked(),
        row.getBalanceLocked(),
        row.getLeftX() == null
            ? null
            : new MarksEdit(row.getLeftX(), row.getLeftY(), row.getRightX(), row.getRightY()),
        row.getPutAside(),
        row.getWidthPx(),
        row.getHeightPx(),
        row.getTakenBy(),
        row.getTakenAt().toInstant(ZoneOffset.UTC),
        row.getChangedBy());
  }

  boolean says(PhotoNotes notes) {
    return moment == notes.moment()
        && shows.equals(notes.shows())
        && Objects.equals(fromTyped, notes.fromTyped())
        && focusLocked == notes.focusLocked()
        && exposureLocked == notes.exposureLocked()
        && balanceLocked == notes.balanceLocked()
        && Objects.equals(marks, notes.marks())
        && putAside == notes.putAside();
  }

  Shot shot() {
    return new Shot(
        from == null ? OptionalDouble.empty() : OptionalDouble.of(from.value()),
        focusLocked,
        exposureLocked,
        balanceLocked,
        Optional.ofNullable(marks)
            .map(
                set ->
                    new Marks(
                        set.leftX() * widthPx,
                        set.leftY() * heightPx,
                        set.rightX() * widthPx,
                        set.rightY() * heightPx)));
  }

  /** What is noted of it, as it would be sent. */
  public PhotoNotes notes(UnitSystem units) {
    return new PhotoNotes(
        1,
        moment,
        shows,
        fromTyped,
        units,
        focusLocked,
        exposureLocked,
        balanceLocked,
        marks,
        putAside);
  }
}
