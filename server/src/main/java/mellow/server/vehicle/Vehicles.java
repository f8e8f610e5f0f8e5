package mellow.server.vehicle;

import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellow.core.aim.Adjuster;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.db.tables.records.AdjusterRecord;
import mellow.server.db.tables.records.VehicleRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps vehicles and what is remembered of their screws. */
@Service
public class Vehicles {
  private final VehicleStore store;

  Vehicles(VehicleStore store) {
    this.store = store;
  }

  /** The vehicle, or a refusal where it is not this shop's. */
  public VehicleView get(Acting acting, String id) {
    return store
        .byId(acting.shopId(), id)
        .map(VehicleView::of)
        .orElseThrow(() -> Refusal.notFound(VehicleWords.noVehicle()));
  }

  /** Vehicles of this shop by id. */
  public Map<String, VehicleView> byIds(Acting acting, Collection<String> ids) {
    return store.byIds(acting.shopId(), ids).stream()
        .map(VehicleView::of)
        .collect(Collectors.toMap(VehicleView::id, Function.identity()));
  }

  /** The screws of some vehicles, by vehicle. */
  public Map<String, List<AdjusterView>> adjusters(Collection<String> vehicleIds) {
    return store.adjusters(vehicleIds).stream()
        .collect(
            Collectors.groupingBy(
                AdjusterRecord::getVehicleId,
                Collectors.mapping(AdjusterView::of, Collectors.toList())));
  }

  List<VehicleView> page(Acting acting, String beforeId, int limit) {
    return store.page(acting.shopId(), beforeId, limit).stream().map(VehicleView::of).toList();
  }

  /** Adds or changes a vehicle. */
  @Transactional
  public VehicleView put(Acting acting, String id, VehicleEdit edit) {
    if (edit.dipped().kind() != LampKind.DIPPED) {
      throw Refusal.unprocessable("dipped", VehicleWords.notLowBeam());
    }
    if (edit.fog() != null && edit.fog().kind() != LampKind.FRONT_FOG) {
      throw Refusal.unprocessable("fog", VehicleWords.notFog());
    }
    String person = acting.personOrRefuse();
    Optional<VehicleView> there = store.byId(acting.shopId(), id).map(VehicleView::of);
    Edits.of(
            there.map(VehicleView::version),
            edit.version(),
            there.map(view -> view.says(edit)).orElse(false))
        .carryOut(
            () -> store.add(row(acting, person, id, edit, 1)),
            () -> store.replace(row(acting, person, id, edit, edit.version() + 1), edit.version()),
            () -> stale(get(acting, id), edit));
    noteUsualScrews(acting, person, id, edit);
    return get(acting, id);
  }

  /**
   * A lamp that is new to the vehicle starts with a vertical and a horizontal screw of which
   * nothing else is known. Their ids follow from the vehicle's, so that a repeated request adds
   * none.
   */
  private void noteUsualScrews(Acting acting, String person, String vehicleId, VehicleEdit edit) {
    Set<LampKind> known =
        store.adjusters(List.of(vehicleId)).stream()
            .map(row -> LampKind.valueOf(row.getLamp()))
            .collect(Collectors.toSet());
    for (LampKind lamp : LampKind.values()) {
      boolean fitted =
          switch (lamp) {
            case DIPPED -> true;
            case FRONT_FOG -> edit.fog() != null;
            // they sit on brackets, which are tilted by hand
            case DRIVING -> false;
          };
      if (fitted && !known.contains(lamp)) {
        for (Side side : Side.values()) {
          for (Adjuster.Axis axis : List.of(Adjuster.Axis.VERTICAL, Adjuster.Axis.HORIZONTAL)) {
            String id = usualScrewId(vehicleId, lamp, side, axis);
            AdjusterEdit screw =
                new AdjusterEdit(0, lamp, side, axis, "", "", Adjuster.Reach.NOT_KNOWN, null);
            store.add(row(acting, person, vehicleId, id, screw, 1));
          }
        }
      }
    }
  }

  /** Id of a screw that every vehicle starts with. */
  public static String usualScrewId(
      String vehicleId, LampKind lamp, Side side, Adjuster.Axis axis) {
    String name = String.join(" ", vehicleId, lamp.name(), side.name(), axis.name());
    return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)).toString();
  }

  private static Refusal stale(VehicleView current, VehicleEdit mine) {
    return Differences.stale(current.changedBy(), current, current.edit(current.version()), mine);
  }

  private VehicleRecord row(
      Acting acting, String person, String id, VehicleEdit edit, int version) {
    VehicleRecord row = new VehicleRecord();
    row.setId(id);
    row.setShopId(acting.shopId());
    row.setVersion(version);
    row.setName(edit.name());
    row.setNickname(edit.nickname());
    row.setVariant(edit.variant());
    row.setModelYear(edit.modelYear() == null ? null : edit.modelYear().shortValue());
    row.setDriverSide(edit.driverSide().name());
    row.setWheelbaseMm(edit.wheelbaseMm());
    row.setLampAheadMm(edit.lampAheadMm());
    row.setWidthMm(edit.widthMm());
    row.setBody(edit.body() == null ? null : edit.body().name());
    row.setVehicleClass(edit.vehicleClass() == null ? null : edit.vehicleClass().name());
    row.setHeightMm(edit.heightMm());
    row.setFrontOverhangMm(edit.frontOverhangMm());
    row.setRearOverhangMm(edit.rearOverhangMm());
    row.setDipped(edit.dipped().name());
    row.setFog(edit.fog() == null ? null : edit.fog().name());
    row.setLensDipped(edit.lensDipped());
    row.setDrivingAimed(edit.drivingAimed());
    row.setLensFog(edit.lensFog());
    row.setSteeperByMaker(edit.steeperByMaker());
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    return row;
  }

  /** Remembers a screw anew, or changes what is remembered. */
  @Transactional
  public AdjusterView putAdjuster(Acting acting, String vehicleId, String id, AdjusterEdit edit) {
    String person = acting.personOrRefuse();
    get(acting, vehicleId);
    Optional<AdjusterRecord> row = store.adjuster(acting.shopId(), id);
    if (row.isPresent() && !row.get().getVehicleId().equals(vehicleId)) {
      throw Refusal.notFound(VehicleWords.otherVehicle());
    }
    Optional<AdjusterView> there = row.map(AdjusterView::of);
    Edits.of(
            there.map(AdjusterView::version),
            edit.version(),
            there.map(view -> view.says(edit)).orElse(false))
        .carryOut(
            () -> store.add(row(acting, person, vehicleId, id, edit, 1)),
            () ->
                store.replace(
                    row(acting, person, vehicleId, id, edit, edit.version() + 1), edit.version()),
            () -> stale(adjuster(acting, id), edit));
    return adjuster(acting, id);
  }

  private AdjusterView adjuster(Acting acting, String id) {
    return store.adjuster(acting.shopId(), id).map(AdjusterView::of).orElseThrow();
  }

  private static Refusal stale(AdjusterView current, AdjusterEdit mine) {
    return Differences.stale(current.changedBy(), current, current.edit(), mine);
  }

  private AdjusterRecord row(
      Acting acting, String person, String vehicleId, String id, AdjusterEdit edit, int version) {
    AdjusterRecord row = new AdjusterRecord();
    row.setId(id);
    row.setShopId(acting.shopId());
    row.setVehicleId(vehicleId);
    row.setVersion(version);
    row.setLamp(edit.lamp().name());
    row.setSide(edit.side().name());
    row.setAxis(edit.axis().name());
    row.setDrive(edit.drive());
    row.setPlace(edit.place());
    row.setReach(edit.reach().name());
    row.setRememberedRate(edit.rememberedRate());
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    return row;
  }
}
