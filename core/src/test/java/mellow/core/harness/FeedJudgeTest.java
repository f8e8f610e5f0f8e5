package mellow.core.harness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.Turn;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.circuit.check.StateTable;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** Small feeds as they are met, each sound and each with one fault. Common practice throughout. */
class FeedJudgeTest {
  private static final String GROUND = Circuit.GROUND;
  private static final Supply.Battery BATTERY = Supply.Battery.charged("battery", "plus");
  private static final Emitter.Use LEFT = new Emitter.Use(LampFunction.FRONT_FOG, Side.LEFT);
  private static final Emitter.Use RIGHT = new Emitter.Use(LampFunction.FRONT_FOG, Side.RIGHT);
  private static final Controls ON = Controls.OFF.with(Key.RUN).withFog(true);

  /**
   * Fog lamps with a switch of their own from accessory, through a relay: four metres, and back.
   */
  private static Circuit fogs(int awg, double fuseAmps) {
    return Circuit.of(
        BATTERY,
        Joining.Fuse.of(fuseAmps, "fuse", "plus", "fused"),
        new Joining.Wire("feed", "fused", "30", Conductor.awg(12, 0.5)),
        Switch.of("key", "plus", "acc", When.key(Key.ACCESSORY, Key.RUN, Key.ENGINE)),
        Switch.of("switch", "acc", "86", When.fogOn()),
        Moving.Relay.of("relay", Moving.Relay.Pins.four("86", GROUND, "30", "87")),
        new Joining.Wire("left out", "87", "left +", Conductor.awg(awg, 4)),
        new Emitter.Bulb("left fog", LEFT, "left +", "left -", 12.8, 55),
        new Joining.Wire("left back", "left -", GROUND, Conductor.awg(awg, 4)),
        new Joining.Wire("right out", "87", "right +", Conductor.awg(awg, 4)),
        new Emitter.Bulb("right fog", RIGHT, "right +", "right -", 12.8, 55),
        new Joining.Wire("right back", "right -", GROUND, Conductor.awg(awg, 4)));
  }

  private static List<Finding> judged(Circuit circuit, Controls... states) {
    Solver solver = new Solver(circuit);
    List<Solution> solutions = Arrays.stream(states).map(solver::solve).toList();
    return new FeedJudge(circuit, solutions, new Laying(105, 60, 1), Optional.empty()).findings();
  }

  private static List<String> outOf(Circuit circuit, Controls... states) {
    return judged(circuit, states).stream()
        .filter(finding -> finding.verdict() == Verdict.OUT)
        .map(Finding::id)
        .toList();
  }

  private static Circuit with(Circuit circuit, Part... more) {
    List<Part> parts = new ArrayList<>(circuit.parts());
    parts.addAll(List.of(more));
    return new Circuit(parts);
  }

  @Test
  void soundFeedHasNothingOut() {
    assertThat(outOf(fogs(12, 15), Controls.OFF, ON)).isEmpty();
  }

  @Test
  void thinWireLosesTooMuchAndIsNotGuarded() {
    assertThat(outOf(fogs(18, 15), Controls.OFF, ON))
        .containsExactly("feed.drop@component:left%20fog", "feed.drop@component:right%20fog");
    // AWG 20 beside the engine bears some 13 A: a fuse of 15 does not guard it
    assertThat(outOf(fogs(20, 15), ON)).contains("feed.guard@component:fuse");
  }

  /** Of several contacts the one that carries most is held against what each of them bears. */
  @Test
  void strongestContactOfASwitchIsJudged() {
    Switch two =
        new Switch(
            "switch",
            List.of(
                new Switch.Contact("plus", "pilot", When.fogOn()),
                new Switch.Contact("plus", "lamps", When.fogOn())),
            3);
    Circuit circuit =
        Circuit.of(
            BATTERY,
            two,
            new Load("pilot lamp", "pilot", GROUND, 640, 1),
            new Emitter.Bulb("left fog", LEFT, "lamps", GROUND, 12.8, 55));
    assertThat(outOf(circuit, ON)).contains("feed.contact@component:switch");
  }

  /** Two lamps draw 8.4 A; a fuse of 10 A carries 8 for long. */
  @Test
  void fuseTooSmallForItsLoad() {
    assertThat(outOf(fogs(12, 10), ON)).containsExactly("feed.fuse@component:fuse");
  }

  @Test
  void tableSaysWhereALampDoesOtherwiseThanAsked() {
    StateTable.State off =
        new StateTable.State(
            "off", Sentence.of("key out"), Controls.OFF.withFog(true), lit(LightLevel.OUT));
    StateTable.State on =
        new StateTable.State("on", Sentence.of("fog on"), ON, lit(LightLevel.FULL));
    StateTable table = StateTable.of(fogs(12, 15), List.of(off, on, off));
    assertThat(table.findings()).isEmpty();
    assertThat(
            table
                .rows()
                .get(1)
                .cells()
                .get(StateTable.Lamps.of(LampFunction.FRONT_FOG))
                .darkest()
                .light())
        .isBetween(0.85, 1.0);
    Circuit dead = fogs(12, 15).with(((Moving.Relay) part(fogs(12, 15), "relay")).kill());
    assertThat(StateTable.of(dead, List.of(off, on)).findings())
        .extracting(finding -> Said.pattern(finding.headline()))
        .containsExactly("Fog on: front fog lamp out, should be lit");
    Circuit blown = fogs(12, 15).with(Joining.Fuse.of(15, "fuse", "plus", "fused").blow());
    assertThat(StateTable.of(blown, List.of(on)).findings()).hasSize(1);
  }

  private static Map<StateTable.Lamps, LightLevel> lit(LightLevel level) {
    return Map.of(StateTable.Lamps.of(LampFunction.FRONT_FOG), level);
  }

  private static Part part(Circuit circuit, String id) {
    return circuit.part(id).orElseThrow();
  }

  /**
   * A lamp of diodes takes a tenth of the bulb's current: too little for the flasher, until helped.
   */
  @Test
  void diodesFlashFastUntilAResistorStandsBeside() {
    Emitter.Use turn = new Emitter.Use(LampFunction.TURN, Side.LEFT);
    Circuit fast =
        Circuit.of(
            BATTERY,
            new Pulsed.Flasher("flasher", "plus", "49a", 1.2),
            Switch.of("lever", "49a", "L", When.turn(Turn.LEFT)),
            new Emitter.DrivenLed("turn left", turn, "L", GROUND, 3.2, 8));
    Controls left = Controls.OFF.with(Turn.LEFT);
    assertThat(outOf(fast, left)).containsExactly("feed.pace@component:flasher");
    assertThat(outOf(with(fast, new Load("resistor", "L", GROUND, 6, 50)), left)).isEmpty();
    // at 13.5 V it makes 30 W while lit, half of that on the average: a small one burns
    assertThat(outOf(with(fast, new Load("resistor", "L", GROUND, 6, 10)), left))
        .containsExactly("feed.heat@component:resistor");
  }

  @Test
  void polarisedLampTheWrongWayRound() {
    Circuit circuit = Circuit.of(BATTERY, new Emitter.DrivenLed("drl", LEFT, GROUND, "plus", 8, 9));
    assertThat(outOf(circuit, Controls.OFF)).containsExactly("feed.reversed@component:drl");
  }

  @Test
  void ballastOnAPulsedOutputFlickersAndDiodesAreTakenForBroken() {
    Moving.BodyOutput output =
        new Moving.BodyOutput("output", "plus", "out", When.lights(Lights.DIPPED), true, 0.9, 2.5);
    Controls dipped = Controls.OFF.with(Lights.DIPPED);
    Circuit discharge =
        Circuit.of(BATTERY, output, Emitter.Discharge.of35W("low beam", LEFT, "out", GROUND));
    assertThat(outOf(discharge, dipped)).contains("feed.flicker@component:low%20beam");
    Circuit diodes =
        Circuit.of(BATTERY, output, new Emitter.DrivenLed("low beam", LEFT, "out", GROUND, 15, 8));
    assertThat(outOf(diodes, dipped)).containsExactly("feed.checked@component:output");
    assertThat(outOf(diodes, Controls.OFF)).isEmpty();
  }

  /** Two sources on one lamp: with the second on, the first's wire is fed backwards. */
  @Test
  void secondSourceRunsBackThroughTheFirstSwitch() {
    Circuit circuit =
        Circuit.of(
            BATTERY,
            Switch.of("side", "plus", "wire", When.lights(Lights.SIDE)),
            Switch.of("joined", "wire", "lamp", When.ALWAYS),
            new Emitter.Bulb("marker", LEFT, "wire", GROUND, 12, 5),
            Switch.of("added", "plus", "lamp", When.auxiliaryOn()),
            new Emitter.Bulb("lamp", LEFT, "lamp", GROUND, 12, 21));
    assertThat(outOf(circuit, Controls.OFF.withAuxiliary(true)))
        .containsExactly("feed.back@component:joined");
    assertThat(outOf(circuit, Controls.OFF.with(Lights.SIDE))).isEmpty();
  }

  /** 12 V over 120 Ω are 107 mA: 60 Ah are at half after 30 Ah ÷ 0.1066 A = 11.7 days. */
  @Test
  void whatStaysOnWithTheKeyOutEmptiesTheBattery() {
    Circuit circuit = Circuit.of(BATTERY, new Load("switch lamp", "plus", GROUND, 120, 2));
    Finding finding = FeedJudge.atRest(circuit, new Solver(circuit).solve(Controls.OFF), 60);
    assertThat(finding.verdict()).isEqualTo(Verdict.OUT);
    assertThat(Said.figures(finding.headline()).get(0).value()).isCloseTo(0.1067, within(0.0002));
    assertThat(Said.figures(finding.detail()).get(1).value()).isCloseTo(11.7, within(0.05));
  }

  private static Finding finding(Circuit circuit, String id, Controls... states) {
    return judged(circuit, states).stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** A tap on a wire that only tells feeds a coil of 90 Ω, and no lamp of 5 W. */
  @Test
  void wireThatOnlyTellsDrivesACoilAndNoLamp() {
    Joining.Clip clip = Joining.Clip.of("tap", "plus", "tapped");
    Circuit coil =
        Circuit.of(
            BATTERY,
            clip,
            Moving.Relay.of("relay", Moving.Relay.Pins.four("tapped", GROUND, "plus", "87")),
            new Emitter.Bulb("lamp", LEFT, "87", GROUND, 12, 55));
    assertThat(finding(coil, "feed.signal@component:tap", Controls.OFF).verdict())
        .isEqualTo(Verdict.WITHIN);
    Circuit lamp =
        Circuit.of(BATTERY, clip, new Emitter.Bulb("lamp", LEFT, "tapped", GROUND, 12, 5));
    Finding out = finding(lamp, "feed.signal@component:tap", Controls.OFF);
    assertThat(out.verdict()).isEqualTo(Verdict.OUT);
    // 5 W at 12 V are 0.417 A; at 12.8 V by the 0.55 law 0.43 A
    assertThat(Said.figures(out.headline()).get(0).value()).isCloseTo(0.43, within(0.005));
  }

  /** A dash switch for 5 A bears no pair of fog lamps, but the relay's coil. */
  @Test
  void dashSwitchBearsNoPairOfLamps() {
    Switch dash = Switch.of("dash switch", "plus", "out", When.fogOn()).rated(5);
    Circuit direct =
        Circuit.of(
            BATTERY,
            dash,
            new Emitter.Bulb("left", LEFT, "out", GROUND, 12, 55),
            new Emitter.Bulb("right", RIGHT, "out", GROUND, 12, 55));
    assertThat(outOf(direct, ON)).containsExactly("feed.contact@component:dash%20switch");
    assertThat(outOf(direct, Controls.OFF)).isEmpty();
  }

  /** A cold filament takes twelve times its current for an instant: a fuse stands it. */
  @Test
  void coldFilamentsAndStrikingBallasts() {
    Finding filaments = finding(fogs(12, 15), "feed.start@component:fuse", ON);
    assertThat(filaments.verdict()).isEqualTo(Verdict.WITHIN);
    double starting = Said.figures(filaments.headline()).get(0).value();
    double running = Said.figures(filaments.headline()).get(1).value();
    // twelve times, less what the leads let through
    assertThat(starting / running).isBetween(4.0, 12.0);
    assertThat(outOf(ballasts(7.5), Controls.OFF)).contains("feed.start@component:fuse");
    assertThat(finding(ballasts(20), "feed.start@component:fuse", Controls.OFF).verdict())
        .isEqualTo(Verdict.WITHIN);
  }

  /** Behind the second fuse a thin wire is that fuse's to guard. */
  @Test
  void fuseGuardsWhatStandsBeforeTheNextOne() {
    Circuit two =
        Circuit.of(
            BATTERY,
            Joining.Fuse.of(30, "main fuse", "plus", "bus"),
            new Joining.Wire("bus wire", "bus", "box", Conductor.awg(8, 1)),
            Joining.Fuse.of(5, "lamp fuse", "box", "fused"),
            new Joining.Wire("thin", "fused", "lamp", Conductor.awg(22, 1)),
            new Emitter.Bulb("lamp", LEFT, "lamp", GROUND, 12.8, 21));
    assertThat(finding(two, "feed.guard@component:main%20fuse", Controls.OFF).verdict())
        .isEqualTo(Verdict.WITHIN);
    assertThat(finding(two, "feed.guard@component:lamp%20fuse", Controls.OFF).verdict())
        .isEqualTo(Verdict.WITHIN);
    Circuit one =
        new Circuit(
            two.parts().stream()
                .map(part -> part.id().equals("lamp fuse") ? joint("box", "fused") : part)
                .toList());
    assertThat(finding(one, "feed.guard@component:main%20fuse", Controls.OFF).verdict())
        .isEqualTo(Verdict.OUT);
  }

  private static Part joint(String from, String to) {
    return new Joining.Joint("joint", from, to, 0.001, true);
  }

  /** What a start takes of what a fuse stands at the least, %: as its finding says it. */
  private static double taken(Finding start) {
    return Said.figures(start.detail()).get(0).value();
  }

  /** The amperes of the first moment, as shares of the fuse. */
  private static double share(Finding start, double fuseAmps) {
    return Said.figures(start.headline()).get(0).value() / fuseAmps;
  }

  /**
   * A filament's current that falls away within 50 ms is taken to heat as that of its first moment
   * does in a sixth of them, which is less than the third of a straight fall: it falls fastest at
   * first. Held against ISO 8820-3 (from memory): 350 % for 0.04 s, 600 % for 0.02 s, a straight
   * line between them on both logarithms.
   */
  @Test
  void filamentsTakeASixthOfTheirFall() {
    Finding start = finding(fogs(12, 15), "feed.start@component:fuse", ON);
    double share = share(start, 15);
    assertThat(share).isBetween(3.5, 6.0);
    double along = Math.log(share / 3.5) / Math.log(6 / 3.5);
    double stands = 0.04 * Math.pow(0.5, along);
    assertThat(taken(start)).isCloseTo(100 * 0.05 / 6 / stands, within(0.01));
  }

  /**
   * Two ballasts strike for four seconds with some 16 A. ISO 8820-3 (from memory): a fuse stands
   * 160 % for 0.25 s, 200 % for 0.15 s.
   */
  @Test
  void ballastsTakeTheirStrikeForFourSeconds() {
    Finding start = finding(ballasts(10), "feed.start@component:fuse", Controls.OFF);
    double share = share(start, 10);
    assertThat(share).isBetween(1.6, 2.0);
    double along = Math.log(share / 1.6) / Math.log(2 / 1.6);
    assertThat(taken(start))
        .isCloseTo(100 * 4 / (0.25 * Math.pow(0.15 / 0.25, along)), within(0.5));
    assertThat(start.verdict()).isEqualTo(Verdict.OUT);
    assertThat(start.remedy()).isPresent();
  }

  /** What opens anyway, or takes no more at the start than later, has no start to be judged. */
  @Test
  void noStartIsJudgedWhereNothingStarts() {
    assertThat(findings(fogs(12, 5), ON)).noneMatch(id -> id.startsWith("feed.start"));
    Finding opens = finding(fogs(12, 5), "feed.fuse@component:fuse", ON);
    // 8.4 A are 168 % of 5 A: it opens between the 50 s of 160 % and the 5 s of 200 %
    assertThat(Said.figures(opens.detail()).get(0).value()).isBetween(5.0, 50.0);
    Circuit heater =
        Circuit.of(
            BATTERY,
            Joining.Fuse.of(10, "fuse", "plus", "feed"),
            new Load("heater", "feed", GROUND, 3, 100));
    assertThat(findings(heater, Controls.OFF)).noneMatch(id -> id.startsWith("feed.start"));
    assertThat(finding(heater, "feed.fuse@component:fuse", Controls.OFF).detail().isEmpty())
        .isTrue();
  }

  private static List<String> findings(Circuit circuit, Controls... states) {
    return judged(circuit, states).stream().map(Finding::id).toList();
  }

  /** Two ballasts strike with some 16 A together, for some seconds. */
  private static Circuit ballasts(double fuseAmps) {
    return Circuit.of(
        BATTERY,
        Joining.Fuse.of(fuseAmps, "fuse", "plus", "feed"),
        Emitter.Discharge.of35W("left", LEFT, "feed", GROUND),
        Emitter.Discharge.of35W("right", RIGHT, "feed", GROUND));
  }

  @Test
  void resistorOnPlasticAndALampThatNeverGoesOut() {
    Load onPlastic =
        new Load("resistor", "plus", GROUND, 6, 50, Load.Purpose.RESISTOR, Load.Mount.PLASTIC);
    assertThat(outOf(Circuit.of(BATTERY, onPlastic), Controls.OFF))
        .containsExactly("feed.mount@component:resistor");
    Load pilot =
        new Load("pilot", "plus", GROUND, 150, 2, Load.Purpose.PILOT_LAMP, Load.Mount.METAL);
    assertThat(outOf(Circuit.of(BATTERY, pilot), Controls.OFF))
        .containsExactly("feed.pilot@component:pilot");
    assertThat(outOf(Circuit.of(BATTERY, pilot), ON)).isEmpty();
  }

  /** 800 cd dimmed to a fifth are 160: more than a position lamp's 140. UN R7 (from memory). */
  @Test
  void runningLampThatIsDimmedTooLittle() {
    Emitter.Use use = new Emitter.Use(LampFunction.DRL, Side.LEFT, 800);
    Emitter lamp = new Emitter.DrivenLed("drl", use, "dimmed", GROUND, 8, 8);
    Circuit bright = Circuit.of(BATTERY, new Pulsed.Dimmer("dimmer", "plus", "dimmed", 0.2), lamp);
    Finding finding = finding(bright, "feed.dimmed@component:drl", Controls.OFF.with(Lights.SIDE));
    assertThat(finding.verdict()).isEqualTo(Verdict.OUT);
    assertThat(Said.figures(finding.headline()).get(0).value()).isCloseTo(160, within(0.5));
    assertThat(Said.figures(finding.remedy().orElseThrow()).get(0).value())
        .isCloseTo(17.5, within(1e-9));
    Circuit right = Circuit.of(BATTERY, new Pulsed.Dimmer("dimmer", "plus", "dimmed", 0.15), lamp);
    assertThat(outOf(right, Controls.OFF.with(Lights.SIDE)))
        .doesNotContain("feed.dimmed@component:drl");
  }
}
