package mellow.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import mellow.core.aim.Adjuster.Axis;
import mellow.core.aim.Adjuster.Reach;
import mellow.core.aim.School;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The demo scenario: the workshop of an invented valley cooperative, its buses, library vans, snow
 * patrol and members' vehicles. All names and figures are invented for it. Loaded once, into an
 * empty yard, through the same doors that the page uses.
 */
@Component
class DemoScenario {
  private final DemoWriter.Factory writers;
  private final boolean wanted;
  private final Clock clock;

  DemoScenario(
      DemoWriter.Factory writers, @Value("${mellow.demo:false}") boolean wanted, Clock clock) {
    this.writers = writers;
    this.wanted = wanted;
    this.clock = clock;
  }

  @EventListener(ApplicationReadyEvent.class)
  void load() {
    if (wanted && writers.yardIsEmpty()) {
      Instant now = clock.instant();
      people();
      bays(now.minus(Duration.ofDays(11)));
      springs(now.minus(Duration.ofDays(40)));
      wick(now.minus(Duration.ofDays(6)));
      skarn(now.minus(Duration.ofDays(3)));
      ambit(now.minus(Duration.ofHours(29)));
      drift(now.minus(Duration.ofHours(27)));
      pods(now.minus(Duration.ofHours(26)));
      lantern(now.minus(Duration.ofHours(25)));
      wanderingFault(now.minus(Duration.ofHours(9)));
      runningLamps(now.minus(Duration.ofHours(7)));
      projectors(now.minus(Duration.ofHours(22)));
      swap(now.minus(Duration.ofHours(15)));
      tundal(now.minus(Duration.ofHours(5)));
      sledgeCart(now.minus(Duration.ofHours(2)));
      loft(now.minus(Duration.ofMinutes(40)));
    }
  }

  private void people() {
    writers.names("Valley cooperative workshop", "Runa", "Marten", "Ilse");
  }

  /** Three bays: a hall with a twisted floor, a short annex, and the sloping yard outside. */
  private void bays(Instant at) {
    DemoWriter hall = writers.at(at, "Runa");
    hall.bay("hall", "Hall", "water level, floor of 1974, settled at the drain", UnitSystem.METRIC);
    hall.floor("hall", "8.15 m", "2700", "1560", "1300");
    hall.heights("hall", "0", "6", "15", "4");
    hall.foot("hall", "-11", "-3");

    DemoWriter annex = writers.at(at.plus(Duration.ofHours(1)), "Ilse");
    annex.bay("annex", "Annex", "short, level slab, laser", UnitSystem.METRIC);
    annex.floor("annex", "3.4 m", "2500", "1500", "1200");
    annex.heights("annex", "0", "1", "1", "1");
    annex.foot("annex", "0", "1");

    DemoWriter yard = writers.at(at.plus(Duration.ofHours(2)), "Marten");
    yard.bay("slope", "Yard wall", "outdoors, falls towards the wall, laser", UnitSystem.METRIC);
    yard.floor("slope", "8.6 m", "2800", "1600", "1300");
    yard.heights("slope", "0", "-3", "31", "29");
    yard.foot("slope", "-96", "-99");
  }

  /** Within: a small hatch, done in the yard. */
  private void wick(Instant at) {
    DemoWriter job = writers.at(at, "Ilse");
    job.vehicle(
        "wick", "Sollen Wick", "Marten's hatch", Side.LEFT, 2380, 760, 1660, BeamClass.UN_DIPPED);
    job.looks("wick", "five doors", 2014, BodyKind.HATCH, 1490, 810, 600);
    job.job(
        "wick",
        "slope",
        "projector lamp swap, bulbs moved over",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        "1.2 %");
    job.takeIn("wick", DemoTakeIns.swap("Marten"));
    job.feed("wick", DemoFeeds.plugIn());
    job.centres("wick", "7.8 m", "7.8 m", "641", "640", "566", "1142");
    job.read("wick", Side.LEFT, "60");
    job.turn("wick", Side.LEFT, "1/2 clockwise");
    job.read("wick", Side.LEFT, "92");
    job.read("wick", Side.RIGHT, "95");
    job.step("wick", Side.LEFT, "4");
    job.step("wick", Side.RIGHT, "-6");
    job.found("wick", DemoTakeIns.hatch());
  }

  /** Within, in inches, by a right-cutoff rule. */
  private void skarn(Instant at) {
    DemoWriter job = writers.at(at, "Runa");
    job.vehicle(
        "skarn", "Brask Skarn", "road crew 2", Side.LEFT, 3220, 905, 1930, BeamClass.SAE_VOR);
    job.looks("skarn", "crew cab", 2017, BodyKind.PICKUP, 1850, 960, 1180);
    job.job(
        "skarn",
        "slope",
        "truck lamps, 25 ft aim",
        "us-sae-j599",
        TrafficSide.RIGHT,
        UnitSystem.IMPERIAL,
        School.RULE,
        null);
    job.takeIn("skarn", DemoTakeIns.aim("road crew", "aim for the inspection"));
    job.centres("skarn", "25 ft", "25 ft", "38 1/4", "38 1/8", "35 1/2", "58 3/4");
    job.read("skarn", Side.LEFT, "2 1/8");
    job.read("skarn", Side.RIGHT, "5");
    job.turn("skarn", Side.RIGHT, "1 anticlockwise");
    job.read("skarn", Side.RIGHT, "3 1/4");
    job.turn("skarn", Side.RIGHT, "3/4 anticlockwise");
    job.read("skarn", Side.RIGHT, "1 15/16");
    job.found("skarn", DemoTakeIns.truck());
    job.close("skarn", "");
  }

  /** Half corrected: the left lamp is right, the right one was turned and not read again. */
  private void ambit(Instant at) {
    DemoWriter job = writers.at(at, "Marten");
    job.vehicle(
        "ambit",
        "Sollen Ambit",
        "midwife's estate",
        Side.RIGHT,
        2710,
        845,
        1790,
        BeamClass.UN_DIPPED);
    job.looks("ambit", "", 2012, BodyKind.ESTATE, 1470, 900, 1010);
    job.job(
        "ambit",
        "slope",
        "lamps swapped, aim",
        "gb-inspection",
        TrafficSide.LEFT,
        UnitSystem.METRIC,
        School.RULE,
        null);
    job.takeIn("ambit", DemoTakeIns.swap("district midwife"));
    job.feed("ambit", DemoFeeds.turnSignals());
    job.centres("ambit", "7.5 m", "7.51 m", "688", "690", "612", "1248");
    job.read("ambit", Side.LEFT, "96");
    job.read("ambit", Side.RIGHT, "20");
    job.turn("ambit", Side.RIGHT, "1 clockwise");
    job.read("ambit", Side.RIGHT, "48");
    job.turn("ambit", Side.RIGHT, "1 3/4 clockwise");
  }

  /** Too short: a roadster in the annex, by inches that the tape cannot tell apart there. */
  private void drift(Instant at) {
    DemoWriter job = writers.at(at, "Ilse");
    job.vehicle(
        "drift", "Orlo Drift", "Ilse's roadster", Side.LEFT, 2310, 730, 1680, BeamClass.UN_DIPPED);
    job.looks("drift", "", 2009, BodyKind.ROADSTER, 1240, 790, 850);
    job.job(
        "drift",
        "annex",
        "new lamps, quick check",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.IMPERIAL,
        School.EQUAL_DROP,
        null);
    job.takeIn("drift", DemoTakeIns.swap("Ilse"));
    job.feed("drift", DemoFeeds.runningLampKit());
    job.centres("drift", "8 ft 6", "8 ft 6", "24 7/8", "24 3/4", "22", "45 1/2");
    job.read("drift", Side.LEFT, "11/16");
    job.read("drift", Side.RIGHT, "5/8");
  }

  /** Not measured yet: a minibus with fog lamps. */
  private void lantern(Instant at) {
    DemoWriter job = writers.at(at, "Runa");
    job.vehicle(
        "lantern",
        "Quenby Lantern",
        "valley bus 7",
        Side.LEFT,
        3300,
        940,
        2020,
        BeamClass.UN_DIPPED,
        BeamClass.FOG_F3);
    job.looks("lantern", "long", 2015, BodyKind.BUS, 2720, 1010, 1650);
    job.job(
        "lantern",
        "hall",
        "fog lamps behind blank covers",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        null);
    job.takeIn("lantern", DemoTakeIns.fog());
    job.parts("lantern", DemoParts.fogBehindCovers());
    job.lamp("lantern", ReadingKind.CENTRE, LampKind.DIPPED, Side.LEFT, "874");
    job.lamp("lantern", ReadingKind.CENTRE, LampKind.DIPPED, Side.RIGHT, "871");
    job.front("lantern", DemoFronts.fogBehindCovers());
    job.feed("lantern", DemoFeeds.fogBehindCovers());
    DemoWorkshop.apartForFog(job, "lantern");
  }

  /** Running lamps planned on a roadster: one follows the bumper round the corner. */
  private void runningLamps(Instant at) {
    DemoWriter job = writers.at(at, "Runa");
    job.vehicle(
        "club", "Orlo Drift", "club roadster", Side.LEFT, 2310, 730, 1680, BeamClass.UN_DIPPED);
    job.looks("club", "", 2010, BodyKind.ROADSTER, 1240, 790, 850);
    job.job(
        "club",
        "annex",
        "running lamps from small heads",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        null);
    job.takeIn("club", DemoTakeIns.runningLamps());
    job.front("club", DemoFronts.runningLamps());
    job.feed("club", DemoFeeds.runningLamps());
  }

  /** Pods on brackets, in inches: all within. */
  private void pods(Instant at) {
    DemoWriter job = writers.at(at, "Marten");
    job.vehicle(
        "crew5", "Brask Skarn", "road crew 5", Side.LEFT, 3220, 905, 1930, BeamClass.SAE_VOR);
    job.looks("crew5", "crew cab", 2018, BodyKind.PICKUP, 1850, 960, 1180);
    job.job(
        "crew5",
        "slope",
        "fog pods on brackets",
        "us-sae-j599",
        TrafficSide.RIGHT,
        UnitSystem.IMPERIAL,
        School.RULE,
        null);
    job.takeIn("crew5", DemoTakeIns.pods());
    job.front("crew5", DemoFronts.pods());
    job.feed("crew5", DemoFeeds.pods());
    DemoWorkshop.provePods(job, "crew5");
    job.search("crew5", DemoHunts.podsThatGoOut(), DemoHunts.checksOfPodsThatGoOut());
  }

  /** A retrofit on the bench: opened and cut, the left projector glued, the right one leaning. */
  private void projectors(Instant at) {
    DemoWriter job = writers.at(at, "Ilse");
    job.vehicle(
        "tundal2",
        "Brask Tundal",
        "snow patrol 2",
        Side.LEFT,
        2850,
        820,
        1880,
        BeamClass.UN_DIPPED);
    job.looks("tundal2", "short", 2007, BodyKind.OFF_ROADER, 1870, 870, 790);
    job.job(
        "tundal2",
        "slope",
        "projectors into old bowls",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        null);
    job.takeIn("tundal2", DemoTakeIns.bowls());
    DemoWorkshop.benchForProjectors(job, "tundal2");
  }

  /** A swap left overnight, half together. */
  private void swap(Instant at) {
    DemoWriter job = writers.at(at, "Marten");
    job.vehicle(
        "ambit2",
        "Sollen Ambit",
        "nurse's estate",
        Side.LEFT,
        2710,
        845,
        1790,
        BeamClass.UN_DIPPED);
    job.looks("ambit2", "", 2013, BodyKind.ESTATE, 1470, 900, 1010);
    job.job(
        "ambit2",
        "slope",
        "clouded lamps swapped",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        "1.0 %");
    job.takeIn("ambit2", DemoTakeIns.swap("district nurse"));
    job.feed("ambit2", DemoFeeds.plugIn());
    DemoWorkshop.togetherAfterSwap(job, "ambit2");
  }

  /** Out, with a screw behind the closed front: a lifted 4x4 aimed level. */
  private void tundal(Instant at) {
    DemoWriter job = writers.at(at, "Marten");
    job.vehicle(
        "tundal", "Brask Tundal", "snow patrol 1", Side.LEFT, 2850, 820, 1880, BeamClass.UN_DIPPED);
    job.looks("tundal", "short", 2006, BodyKind.OFF_ROADER, 1870, 870, 790);
    job.screw(
        "tundal",
        Side.RIGHT,
        Axis.VERTICAL,
        "hex 6 under a rubber cap",
        "behind the grille, inboard",
        Reach.FRONT_OPEN_ONLY,
        null);
    job.job(
        "tundal",
        "slope",
        "lamps on a lifted 4x4, level aim",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.LEVEL,
        null);
    job.takeIn("tundal", DemoTakeIns.aimAfterLift());
    job.note("tundal", ReadingKind.LIFT_FRONT, "45");
    job.note("tundal", ReadingKind.LIFT_REAR, "25");
    for (ReadingKind before :
        List.of(ReadingKind.TYRE_FRONT_BEFORE, ReadingKind.TYRE_REAR_BEFORE)) {
      job.note("tundal", before, "235/75 R15");
    }
    for (ReadingKind now : List.of(ReadingKind.TYRE_FRONT, ReadingKind.TYRE_REAR)) {
      job.note("tundal", now, "31x10.5 R15");
    }
    job.centres("tundal", "7.62 m", "7.66 m", "1062", "1066", "978", "1360");
    job.read("tundal", Side.LEFT, "0");
    job.read("tundal", Side.RIGHT, "12");
  }

  /** Long done: what it found serves the other vans of its model. */
  private void springs(Instant at) {
    DemoWriter job = writers.at(at, "Runa");
    job.vehicle(
        "loft2", "Quenby Loft", "library van 2", Side.LEFT, 3000, 870, 1960, BeamClass.UN_DIPPED);
    job.looks("loft2", "long", 2015, BodyKind.VAN, 2260, 930, 1280);
    job.job(
        "loft2",
        "slope",
        "lamps swapped and aimed",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        "1.2 %");
    job.takeIn("loft2", DemoTakeIns.swap("valley library"));
    job.feed("loft2", DemoFeeds.ledProjectors());
    job.centres("loft2", "6.1 m", "6.1 m", "668", "669", "610", "1310");
    job.read("loft2", Side.LEFT, "86");
    job.read("loft2", Side.RIGHT, "84");
    job.step("loft2", Side.LEFT, "2");
    job.step("loft2", Side.RIGHT, "0");
    DemoWorkshop.allTogether(job, "loft2");
    job.found("loft2", DemoTakeIns.van());
    job.told("loft2", DemoTakeIns.vanTold(LocalDate.ofInstant(at, ZoneOffset.UTC)));
    job.close(
        "loft2", "every function was shown to the library's driver, not written down one by one");
    job.amend("loft2", "the new clip is the left one", "the sides were mixed up in the note");
  }

  /** Fog lamps that die now on one side, now on the other. */
  private void wanderingFault(Instant at) {
    DemoWriter job = writers.at(at, "Ilse");
    job.vehicle(
        "bus4",
        "Quenby Lantern",
        "valley bus 4",
        Side.LEFT,
        3300,
        940,
        2020,
        BeamClass.UN_DIPPED,
        BeamClass.FOG_B);
    job.looks("bus4", "long", 2014, BodyKind.BUS, 2720, 1010, 1650);
    job.job(
        "bus4",
        "hall",
        "dead fog pair, find the fault",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        null);
    job.takeIn("bus4", DemoTakeIns.deadFogPair());
    job.search("bus4", DemoHunts.deadFogPair(), DemoHunts.checksOfDeadFogPair());
  }

  /** Not measured at all: nothing but the vehicle. */
  private void sledgeCart(Instant at) {
    DemoWriter job = writers.at(at, "Ilse");
    job.vehicle(
        "loft1", "Quenby Loft", "library van 1", Side.LEFT, 3000, 870, 1960, BeamClass.UN_DIPPED);
    job.looks("loft1", "long, high roof", 2016, BodyKind.VAN, 2530, 930, 1280);
    job.job(
        "loft1",
        null,
        "aim after new springs",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        null);
    job.takeIn("loft1", DemoTakeIns.aim("valley library", "new springs, aim again"));
  }

  /**
   * Measured and out, on the twisted floor, with a corrected reading and a screw that was learnt.
   */
  private void loft(Instant at) {
    DemoWriter job = writers.at(at, "Runa");
    job.vehicle(
        "loft3", "Quenby Loft", "library van 3", Side.LEFT, 3000, 870, 1960, BeamClass.UN_DIPPED);
    job.looks("loft3", "long", 2016, BodyKind.VAN, 2260, 930, 1280);
    job.screw(
        "loft3",
        Side.RIGHT,
        Axis.VERTICAL,
        "cross-head on a toothed wheel",
        "above the lamp, inboard",
        Reach.ALWAYS,
        null);
    job.job(
        "loft3",
        "slope",
        "projector retrofit",
        "un-r48",
        TrafficSide.RIGHT,
        UnitSystem.METRIC,
        School.RULE,
        "1.2 %");
    job.takeIn("loft3", DemoTakeIns.retrofit());
    job.parts("loft3", DemoParts.projectors());
    job.feed("loft3", DemoFeeds.projectors());
    job.photo("loft3", DemoPhotos.before(), DemoPhotos.beforeNotes());
    job.photo("loft3", DemoPhotos.after(), DemoPhotos.afterNotes());
    job.centres("loft3", "6.1 m", "6.1 m", "26 5/16 in", "671", "612", "131 cm");
    job.read("loft3", Side.LEFT, "70");
    job.readWrong("loft3", Side.RIGHT, "81", "-18");
    job.turn("loft3", Side.RIGHT, "1 clockwise");
    job.read("loft3", Side.RIGHT, "18");
  }
}
