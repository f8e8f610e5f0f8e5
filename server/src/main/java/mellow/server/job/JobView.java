package mellow.server.job;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.logbook.JobSetup;
import mellow.core.measure.UnitSystem;
import mellow.core.record.Fact;
import mellow.core.record.Line;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.TrafficSide;
import mellow.server.db.tables.records.JobRecord;
import mellow.server.rulebook.RuleBooks;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;
import org.jspecify.annotations.Nullable;

/** What is settled for a job, as it is kept. */
@Schema(name = "Job", description = "What is settled for a job, as it is kept.")
public record JobView(
    String id,
    int version,
    String vehicleId,
    @Nullable String bayId,
    String work,
    String ruleSet,
    TrafficSide traffic,
    UnitSystem units,
    School school,
    @Nullable String labelTyped,
    @Schema(description = "Percent, negative downwards.") @Nullable Double labelPercent,
    boolean stanceChanged,
    boolean frontClosed,
    MarkStyle.Edge markEdge,
    MarkStyle.Origin markOrigin,
    double tapeWidthMm,
    String changedBy,
    Instant changedAt,
    Instant touchedAt,
    @Schema(description = "When it was handed over; left out while it is worked on.")
        @Nullable Instant closedAt) {

  /** The job of a row. */
  public static JobView of(JobRecord row) {
    return new JobView(
        row.getId(),
        row.getVersion(),
        row.getVehicleId(),
        row.getBayId(),
        row.getWork(),
        row.getRuleSet(),
        TrafficSide.valueOf(row.getTraffic()),
        UnitSystem.valueOf(row.getUnits()),
        School.valueOf(row.getSchool()),
        row.getLabelTyped(),
        row.getLabelPercent(),
        row.getStanceChanged(),
        row.getFrontClosed(),
        MarkStyle.Edge.valueOf(row.getMarkEdge()),
        MarkStyle.Origin.valueOf(row.getMarkOrigin()),
        row.getTapeWidthMm(),
        row.getChangedBy(),
        row.getChangedAt().toInstant(ZoneOffset.UTC),
        row.getTouchedAt().toInstant(ZoneOffset.UTC),
        row.getClosedAt() == null ? null : row.getClosedAt().toInstant(ZoneOffset.UTC));
  }

  boolean says(JobEdit edit) {
    return edit(edit.version(), vehicleId, bayId).equals(edit);
  }

  /** The job as it would be sent to be kept. */
  public JobEdit edit(int onVersion, String ofVehicle, @Nullable String inBay) {
    return new JobEdit(
        onVersion,
        ofVehicle,
        inBay,
        work,
        ruleSet,
        traffic,
        units,
        school,
        labelTyped,
        stanceChanged,
        frontClosed,
        markEdge,
        markOrigin,
        tapeWidthMm);
  }

  /** The same as it was set up at an earlier moment. */
  JobView as(
      JobEdit edit,
      @Nullable Double percent,
      Line settled,
      Instant latest,
      @Nullable Instant handedOver) {
    return new JobView(
        id,
        ((Fact.Revised) settled.fact()).version(),
        edit.vehicleId(),
        edit.bayId(),
        edit.work(),
        edit.ruleSet(),
        edit.traffic(),
        edit.units(),
        edit.school(),
        edit.labelTyped(),
        percent,
        edit.stanceChanged(),
        edit.frontClosed(),
        edit.markEdge(),
        edit.markOrigin(),
        edit.tapeWidthMm(),
        settled.by(),
        settled.at(),
        latest,
        handedOver);
  }

  /** What the core needs of the job, the vehicle and its screws. */
  public JobSetup setup(VehicleView vehicle, List<AdjusterView> adjusters, RuleBook book) {
    RuleSet market = RuleBooks.aimSet(book, ruleSet);
    return new JobSetup(
        traffic,
        market,
        vehicle.scope(),
        book.ofAim().stream().filter(set -> set != market).toList(),
        school,
        labelPercent == null ? OptionalDouble.empty() : OptionalDouble.of(labelPercent),
        stanceChanged,
        frontClosed,
        markEdge,
        tapeWidthMm,
        markOrigin,
        vehicle.dipped(),
        Optional.ofNullable(vehicle.fog()),
        Boolean.TRUE.equals(vehicle.drivingAimed()),
        vehicle.steeperByMaker(),
        adjusters.stream().map(AdjusterView::core).toList());
  }
}
