package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.OpenItem;
import mellow.core.feed.sheet.MeterReading;
import mellow.core.feed.sheet.TimedBattery;
import mellow.core.feed.sheet.Wish;
import mellow.core.vehicle.LampFunction;
import mellow.server.feed.RouteEdit.HazardEdit;
import mellow.server.platform.Refusal;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;

/** What is settled of a job's feed, as it is sent to be kept. */
@Schema(name = "FeedEdit", description = "What is wished, the plan taken, what was found and done.")
public record FeedEdit(
    @NotNull @Size(max = 160) List<@Valid @NotNull WishEdit> wishes,
    @Valid @Nullable ChosenPlan plan,
    @NotNull @Size(max = 40) List<@Valid @NotNull SourceEdit> sources,
    @NotNull @Size(max = 20) List<@Valid @NotNull RouteEdit> routes,
    @NotNull @Size(max = 20) List<@Valid @NotNull HazardEdit> hazards,
    @NotNull @Size(max = 200) List<@Valid @NotNull MeterEdit> readings,
    @NotNull @Size(max = 200) List<@Valid @NotNull BatteryEdit> battery,
    @NotNull @Size(max = 60) List<@Valid @NotNull OpenEdit> open,
    @NotNull @Size(max = 200) List<@Valid @NotNull SettingEdit> settings) {
  static final int LONGEST = 200;

  public static final FeedEdit NOTHING =
      new FeedEdit(
          List.of(), null, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
          List.of());

  /** What lamps should do. */
  @Schema(name = "FeedWish", description = "What lamps should do in a state.")
  public record WishEdit(
      @NotNull LampFunction function, @NotNull DrivingState state, @NotNull LightLevel level) {
    public Wish core() {
      return new Wish(function, state, level);
    }
  }

  /** A plan with what was answered and changed. */
  @Schema(name = "ChosenPlan", description = "A plan, its answers, and parts changed in place.")
  public record ChosenPlan(
      @NotNull @Pattern(regexp = Patterns.SHORT_NAME) @Schema(example = "fog-own-switch") String id,
      @Schema(description = "That was taken; a shop's own plan may have newer ones.", example = "1")
          int version,
      @NotNull
          @Size(max = 300)
          @Schema(
              description = "By question; the usual one where left out.",
              example = "{\"fuse\": \"15\"}")
          Map<@Size(max = 40) String, @NotNull @Size(max = 60) String> answers,
      @NotNull
          @Size(max = 200)
          @Schema(
              description = "By part and name.",
              example = "{\"left branch\": {\"size\": \"2.5 mm²\"}}")
          Map<@Size(max = LONGEST) String, @NotNull Map<String, @NotNull @Size(max = 60) String>>
              changes,
      @Schema(description = "Plans in the same circuit; left out where there is none.")
          @Nullable
          @Size(max = 4)
          List<@Valid @NotNull BesidePlan> beside) {

    /** A plan by itself. */
    public ChosenPlan(
        String id,
        int version,
        Map<String, String> answers,
        Map<String, Map<String, String>> changes) {
      this(id, version, answers, changes, null);
    }

    /** The plans that stand beside it. */
    public List<BesidePlan> others() {
      return beside == null ? List.of() : beside;
    }
  }

  /** A plan beside another. */
  @Schema(
      name = "BesidePlan",
      description =
          "A plan in the circuit of another. Its answers and parts stand with those of the first,"
              + " its questions under its tag: p2_fuse.")
  public record BesidePlan(
      @NotNull @Pattern(regexp = "p[2-5]") @Schema(example = "p2") String tag,
      @NotNull @Pattern(regexp = Patterns.SHORT_NAME) @Schema(example = "drl-tap") String id,
      @Schema(example = "1") int version,
      @Schema(
              description = "What its lamps are called beside others of that function; or empty.",
              example = "new")
          @NotNull
          @Size(max = 30)
          @Pattern(regexp = "[^\\p{Cntrl}/;]*")
          String pair) {}

  /** What a meter showed. */
  @Schema(name = "MeterReading", description = "What a meter showed at a place, in a state.")
  public record MeterEdit(
      @NotNull @Size(max = 40) @Schema(example = "m1") String id,
      @NotNull DrivingState state,
      @Schema(description = "A current through a part, else the volts of a point.") boolean amperes,
      @NotNull @Size(max = LONGEST) @Schema(example = "left fog +") String place,
      @Schema(example = "13.4") double value,
      @NotNull @Size(max = 60) @Schema(example = "Runa") String person) {
    public MeterReading core() {
      if (!Double.isFinite(value) || Math.abs(value) > 1000) {
        throw Refusal.unprocessable("value", FeedWords.meterRange(String.valueOf(value)));
      }
      return new MeterReading(state, amperes, place, value);
    }
  }

  /** What happened to the battery. */
  @Schema(name = "BatteryEvent", description = "What happened to the battery, or beside it.")
  public record BatteryEdit(
      @NotNull BatteryTimeline.What what,
      @NotNull
          @Size(max = LONGEST)
          @Schema(description = "What was done; empty for terminals.", example = "splice")
          String step,
      @NotNull @Size(max = 60) @Schema(example = "Runa") String person,
      @NotNull @Size(max = 40) @Schema(example = "2026-11-25T20:15:00Z") String at) {
    public static BatteryEdit of(TimedBattery event) {
      return new BatteryEdit(event.what(), event.step(), event.by(), event.at().toString());
    }

    /** What was noted without a readable time came first. */
    public TimedBattery timed() {
      Instant moment;
      try {
        moment = Instant.parse(at);
      } catch (DateTimeException noMoment) {
        moment = Instant.EPOCH;
      }
      return new TimedBattery(moment, what, step, person);
    }
  }

  /** What is still open. */
  @Schema(name = "OpenItem", description = "A temporary measure or an unconnected wire.")
  public record OpenEdit(
      @NotNull @Size(max = 40) @Schema(example = "o1") String id,
      @NotNull OpenItem.Kind kind,
      @NotNull @Size(min = 1, max = LONGEST) @Schema(example = "tape for a grommet") String what,
      boolean done) {
    public OpenItem core() {
      return new OpenItem(id, kind, what, done);
    }
  }

  /** What was set in a body computer. */
  @Schema(
      name = "BodySetting",
      description = "What was set in a body computer, and what came of it.")
  public record SettingEdit(
      @NotNull @Size(max = 60) @Schema(example = "running lamps present") String parameter,
      @NotNull @Size(max = 60) @Schema(example = "no") String before,
      @NotNull @Size(max = 60) @Schema(example = "yes") String after,
      @NotNull @Size(max = LONGEST) @Schema(example = "taken") String result,
      boolean taken,
      @NotNull @Size(max = 60) @Schema(example = "Runa") String person,
      @NotNull @Size(max = 40) @Schema(example = "2026-11-25T20:15:00Z") String at) {}

  /** With a plan that stands beside the first known by another name. */
  public FeedEdit besidePlan(String tag, String id, int version) {
    if (plan == null) {
      return this;
    }
    return withPlan(
        new ChosenPlan(
            plan.id(),
            plan.version(),
            plan.answers(),
            plan.changes(),
            plan.others().stream()
                .map(
                    one ->
                        one.tag().equals(tag) ? new BesidePlan(tag, id, version, one.pair()) : one)
                .toList()));
  }

  /** The same on a plan that bears another name here. */
  public FeedEdit onPlan(String id, int version) {
    return plan == null
        ? this
        : withPlan(new ChosenPlan(id, version, plan.answers(), plan.changes(), plan.beside()));
  }

  private FeedEdit withPlan(ChosenPlan newPlan) {
    return new FeedEdit(
        wishes, newPlan, sources, routes, hazards, readings, battery, open, settings);
  }

  /** What was noted of the battery here, with its times. */
  public List<TimedBattery> timed() {
    return battery.stream().map(BatteryEdit::timed).toList();
  }

  /**
   * Refuses what could not have happened to the battery after all that is known of it. What was
   * kept before is not asked again.
   *
   * @param before as it was kept
   * @param elsewhere what other stages did to it
   */
  public void checkBattery(List<BatteryEdit> before, List<TimedBattery> elsewhere) {
    boolean longer =
        battery.size() > before.size() && battery.subList(0, before.size()).equals(before);
    BatteryTimeline timeline =
        TimedBattery.timeline(
            TimedBattery.joined(
                longer ? before.stream().map(BatteryEdit::timed).toList() : List.of(), elsewhere));
    try {
      for (BatteryEdit event : battery.subList(longer ? before.size() : 0, battery.size())) {
        timeline = timeline.with(new BatteryTimeline.Event(event.what(), event.step()));
      }
    } catch (FeedProblem refused) {
      if (longer || elsewhere.isEmpty()) {
        throw Refusal.unprocessable(refused.place(), refused.says());
      }
    }
  }
}
