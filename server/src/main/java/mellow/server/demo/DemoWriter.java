package mellow.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import mellow.core.aim.Adjuster;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import mellow.core.vehicle.VehicleClass;
import mellow.server.bay.BayEdit;
import mellow.server.bay.Bays;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.service.Feeds;
import mellow.server.find.FindEdit;
import mellow.server.find.Finds;
import mellow.server.handover.HandOverEdit;
import mellow.server.handover.HandOvers;
import mellow.server.job.JobEdit;
import mellow.server.job.Jobs;
import mellow.server.logbook.Logbooks;
import mellow.server.logbook.ReadingEdit;
import mellow.server.parts.Parts;
import mellow.server.parts.PartsEdit;
import mellow.server.photo.PhotoNotes;
import mellow.server.photo.Photos;
import mellow.server.place.FrontEdit;
import mellow.server.place.Places;
import mellow.server.platform.Acting;
import mellow.server.record.Owner;
import mellow.server.shop.Shops;
import mellow.server.takein.FoundEdit;
import mellow.server.takein.TakeInEdit;
import mellow.server.takein.TakeIns;
import mellow.server.vehicle.AdjusterEdit;
import mellow.server.vehicle.VehicleEdit;
import mellow.server.vehicle.Vehicles;
import mellow.server.workshop.CheckEdit;
import mellow.server.workshop.CheckEdit.ShownEdit;
import mellow.server.workshop.EntryEdit;
import mellow.server.workshop.Workshops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Writes the demo scenario as one person at one time; a minute goes by between two entries. */
final class DemoWriter {
  private final Factory doors;
  private final String person;
  private Instant at;
  private int entries;

  private DemoWriter(Factory doors, Instant at, String person) {
    this.doors = doors;
    this.at = at;
    this.person = person;
  }

  /** Opens the doors through which the scenario is written. */
  @Component
  static final class Factory {
    private final Shops shops;
    private final Vehicles vehicles;
    private final Bays bays;
    private final Jobs jobs;
    private final Logbooks logbooks;
    private final Places places;
    private final TakeIns takeIns;
    private final Parts parts;
    private final Photos photos;
    private final Feeds feeds;
    private final Finds finds;
    private final Workshops workshops;
    private final HandOvers handOvers;

    Factory(
        Shops shops,
        Vehicles vehicles,
        Bays bays,
        Jobs jobs,
        Logbooks logbooks,
        Places places,
        TakeIns takeIns,
        Parts parts,
        Photos photos,
        Feeds feeds,
        Finds finds,
        Workshops workshops,
        HandOvers handOvers) {
      this.shops = shops;
      this.vehicles = vehicles;
      this.bays = bays;
      this.jobs = jobs;
      this.logbooks = logbooks;
      this.places = places;
      this.takeIns = takeIns;
      this.parts = parts;
      this.photos = photos;
      this.feeds = feeds;
      this.finds = finds;
      this.workshops = workshops;
      this.handOvers = handOvers;
    }

    DemoWriter at(Instant at, String person) {
      return new DemoWriter(this, at, person);
    }

    boolean yardIsEmpty() {
      return jobs.none(Acting.ONLY_SHOP);
    }

    void names(String shop, String... people) {
      shops.rename(Acting.ONLY_SHOP, shop);
      for (String name : people) {
        shops.addPerson(Acting.ONLY_SHOP, id("person " + name), name);
      }
    }
  }

  private static String id(String name) {
    return UUID.nameUUIDFromBytes(("demo " + name).getBytes(StandardCharsets.UTF_8)).toString();
  }

  private Acting acting() {
    at = at.plus(Duration.ofSeconds(53));
    return new Acting(Acting.ONLY_SHOP, person, at);
  }

  void bay(String key, String name, String note, UnitSystem units) {
    doors.bays.put(acting(), id("bay " + key), new BayEdit(0, name, note, units));
  }

  void floor(String key, String front, String wheelbase, String track, String footSpacing) {
    floor(key, ReadingKind.PLAN_FRONT_TYRES, null, front);
    floor(key, ReadingKind.PLAN_WHEELBASE, null, wheelbase);
    floor(key, ReadingKind.PLAN_TRACK, null, track);
    floor(key, ReadingKind.PLAN_FOOT_SPACING, null, footSpacing);
  }

  void heights(String key, String frontLeft, String frontRight, String rearLeft, String rearRight) {
    floor(key, ReadingKind.FLOOR_FRONT_LEFT, null, frontLeft);
    floor(key, ReadingKind.FLOOR_FRONT_RIGHT, null, frontRight);
    floor(key, ReadingKind.FLOOR_REAR_LEFT, null, rearLeft);
    floor(key, ReadingKind.FLOOR_REAR_RIGHT, null, rearRight);
  }

  void foot(String key, String left, String right) {
    floor(key, ReadingKind.FOOT, Side.LEFT, left);
    floor(key, ReadingKind.FOOT, Side.RIGHT, right);
  }

  private void floor(String key, ReadingKind kind, @Nullable Side side, String typed) {
    String bay = id("bay " + key);
    doors.logbooks.keep(
        acting(),
        new Owner.OfBay(bay),
        id(key + kind + side),
        new ReadingEdit(kind, LampKind.DIPPED, side, null, typed, UnitSystem.METRIC, null, null));
  }

  void vehicle(
      String key,
      String name,
      String nickname,
      Side driver,
      double wheelbase,
      double lampAhead,
      double width,
      BeamClass dipped) {
    vehicle(key, name, nickname, driver, wheelbase, lampAhead, width, dipped, null);
  }

  void vehicle(
      String key,
      String name,
      String nickname,
      Side driver,
      double wheelbase,
      double lampAhead,
      double width,
      BeamClass dipped,
      @Nullable BeamClass fog) {
    lastVehicle =
        new VehicleEdit(
            0,
            name,
            nickname,
            null,
            null,
            driver,
            wheelbase,
            lampAhead,
            width,
            null,
            null,
            null,
            null,
            null,
            dipped,
            lens(dipped),
            fog,
            fog == null ? null : "E4 F3 00 2114",
            null,
            false);
    doors.vehicles.put(acting(), id("vehicle " + key), lastVehicle);
  }

  private @Nullable VehicleEdit lastVehicle;

  /** What the last vehicle looks like; lengths in mm. */
  void looks(
      String key,
      String variant,
      int year,
      BodyKind body,
      double height,
      double frontOverhang,
      double rearOverhang) {
    VehicleEdit plain = Objects.requireNonNull(lastVehicle);
    doors.vehicles.put(
        acting(),
        id("vehicle " + key),
        new VehicleEdit(
            1,
            plain.name(),
            plain.nickname(),
            variant,
            year,
            plain.driverSide(),
            plain.wheelbaseMm(),
            plain.lampAheadMm(),
            plain.widthMm(),
            body,
            switch (body) {
              case VAN -> VehicleClass.N1;
              case BUS -> VehicleClass.M1;
              default -> null;
            },
            height,
            frontOverhang,
            rearOverhang,
            plain.dipped(),
            plain.lensDipped(),
            plain.fog(),
            plain.lensFog(),
            null,
            false));
  }

  void takeIn(String key, TakeInEdit takeIn) {
    doors.takeIns.put(acting(), id("job " + key), 0, takeIn);
  }

  void parts(String key, PartsEdit parts) {
    doors.parts.put(acting(), id("job " + key), 0, parts);
  }

  void feed(String key, FeedEdit feed) {
    doors.feeds.put(acting(), id("job " + key), 0, feed);
  }

  /** Searches a fault: each moment's checks show what the job's simulated vehicle answers. */
  void search(String key, FindEdit find, List<List<ShownEdit>> checks) {
    String job = id("job " + key);
    doors.finds.keep(acting(), job, 0, find);
    for (List<ShownEdit> moment : checks) {
      List<ShownEdit> shown = doors.finds.simulated(acting(), job, moment);
      entry(key, DemoWorkshop.checked(new CheckEdit(shown)));
    }
  }

  /** Writes something down in the workshop; answers the entry's id. */
  String entry(String key, EntryEdit entry) {
    String id = id("entry " + key + " " + entries++);
    doors.workshops.write(acting(), id("job " + key), id, entry);
    return id;
  }

  /** Lets some minutes go by. */
  void wait(int minutes) {
    at = at.plus(Duration.ofMinutes(minutes));
  }

  void photo(String key, byte[] file, PhotoNotes notes) {
    String photo = id("photo " + key + notes.moment());
    doors.photos.keep(
        acting(),
        id("job " + key),
        new Photos.Taken(photo, notes.moment(), notes.shows(), acting().storedAt()),
        file);
    doors.photos.note(acting(), id("job " + key), photo, notes);
  }

  void told(String key, HandOverEdit told) {
    doors.handOvers.put(acting(), id("job " + key), 0, told);
  }

  void close(String key, String reason) {
    doors.handOvers.close(acting(), id("job " + key), reason);
  }

  void amend(String key, String words, String why) {
    doors.handOvers.amend(acting(), id("job " + key), id("amendment " + key), words, why);
  }

  void found(String key, FoundEdit found) {
    doors.takeIns.putFound(acting(), id("job " + key), 0, found);
  }

  private static String lens(BeamClass dipped) {
    return switch (dipped) {
      case SAE_VOL -> "SAE VOL DOT";
      case SAE_VOR -> "SAE VOR DOT";
      default -> "E4 HCR PL 02 4087";
    };
  }

  void screw(
      String key,
      Side side,
      Adjuster.Axis axis,
      String drive,
      String place,
      Adjuster.Reach reach,
      @Nullable Double rate) {
    String vehicle = id("vehicle " + key);
    doors.vehicles.putAdjuster(
        acting(),
        vehicle,
        Vehicles.usualScrewId(vehicle, LampKind.DIPPED, side, axis),
        new AdjusterEdit(1, LampKind.DIPPED, side, axis, drive, place, reach, rate));
  }

  void front(String key, FrontEdit front) {
    doors.places.put(acting(), id("job " + key), 0, front);
  }

  private UnitSystem units = UnitSystem.METRIC;

  void job(
      String key,
      @Nullable String bay,
      String work,
      String rules,
      TrafficSide traffic,
      UnitSystem units,
      School school,
      @Nullable String label) {
    this.units = units;
    doors.jobs.put(
        acting(),
        id("job " + key),
        new JobEdit(
            0,
            id("vehicle " + key),
            bay == null ? null : id("bay " + bay),
            work,
            rules,
            traffic,
            units,
            school,
            label,
            false,
            key.equals("tundal"),
            MarkStyle.Edge.UPPER,
            MarkStyle.Origin.MEASURED,
            25));
  }

  void centres(
      String key,
      String distanceLeft,
      String distanceRight,
      String left,
      String right,
      String lowerEdge,
      String spacing) {
    lamp(key, ReadingKind.DISTANCE, LampKind.DIPPED, Side.LEFT, distanceLeft);
    lamp(key, ReadingKind.DISTANCE, LampKind.DIPPED, Side.RIGHT, distanceRight);
    lamp(key, ReadingKind.CENTRE, LampKind.DIPPED, Side.LEFT, left);
    lamp(key, ReadingKind.CENTRE, LampKind.DIPPED, Side.RIGHT, right);
    lamp(key, ReadingKind.LOWER_EDGE, LampKind.DIPPED, Side.LEFT, lowerEdge);
    lamp(key, ReadingKind.LOWER_EDGE, LampKind.DIPPED, Side.RIGHT, lowerEdge);
    lamp(key, ReadingKind.SPACING, LampKind.DIPPED, null, spacing);
  }

  void read(String key, Side side, String below) {
    lamp(key, ReadingKind.CUTOFF_BELOW, LampKind.DIPPED, side, below);
  }

  /** Reads, notices the slip, and strikes it through. */
  void readWrong(String key, Side side, String wrong, String right) {
    read(key, side, wrong);
    keep(key, ReadingKind.CUTOFF_BELOW, LampKind.DIPPED, side, null, right, lastId);
  }

  void step(String key, Side side, String left) {
    lamp(key, ReadingKind.STEP_LEFT, LampKind.DIPPED, side, left);
  }

  void turn(String key, Side side, String turns) {
    String screw =
        Vehicles.usualScrewId(id("vehicle " + key), LampKind.DIPPED, side, Adjuster.Axis.VERTICAL);
    keep(key, ReadingKind.TURN, LampKind.DIPPED, side, screw, turns, null);
  }

  void lamp(String key, ReadingKind kind, LampKind lamp, @Nullable Side side, String typed) {
    keep(key, kind, lamp, side, null, typed, null);
  }

  void note(String key, ReadingKind kind, String typed) {
    lamp(key, kind, LampKind.DIPPED, null, typed);
  }

  private String lastId = "";
  private int count;

  private void keep(
      String key,
      ReadingKind kind,
      LampKind lamp,
      @Nullable Side side,
      @Nullable String screw,
      String typed,
      @Nullable String strikes) {
    lastId = id("reading " + key + ++count);
    doors.jobs.keep(
        acting(),
        id("job " + key),
        lastId,
        new ReadingEdit(kind, lamp, side, screw, typed, units, strikes, null));
  }
}
