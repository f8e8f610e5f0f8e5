package mellow.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** A lamp on a switch, a fuse, two wires and a ground, against sums of this test's own. */
class SuspectsTest {
  private static final double BATTERY_VOLTS = 12.8;
  private static final double RATED_VOLTS = 12.8;
  private static final double RATED_WATTS = 55;
  private static final Conductor WIRE = new Conductor(1.5, 2, 20);

  private static final List<Controls> STATES = List.of(Controls.OFF, Controls.OFF.with(Key.RUN));

  private static final Circuit CIRCUIT =
      Circuit.of(
          Supply.Battery.charged("battery", "plus"),
          Joining.Fuse.of(10, "fuse", "plus", "fused"),
          Switch.of("switch", "fused", "switched", When.key(Key.RUN)),
          new Joining.Wire("wire", "switched", "lamp +", WIRE),
          new Emitter.Bulb(
              "lamp",
              new Emitter.Use(LampFunction.DIPPED, Side.LEFT),
              "lamp +",
              "lamp -",
              RATED_VOLTS,
              RATED_WATTS),
          Joining.Joint.good("ground", "lamp -", Circuit.GROUND));

  private static final CheckTable TABLE =
      CheckTable.of(CIRCUIT, STATES, Hypotheses.single(CIRCUIT));

  private static int place(Check check) {
    return TABLE.checks().indexOf(check);
  }

  private static int place(String part, FaultKind kind, double ohms) {
    return IntStream.range(0, TABLE.hypotheses().size())
        .filter(
            h ->
                TABLE.hypotheses().get(h).faults().stream()
                    .anyMatch(
                        fault ->
                            fault.part().equals(part)
                                && fault.kind() == kind
                                && fault.ohms() == ohms))
        .findFirst()
        .orElseThrow();
  }

  private static double shows(Check check, String part, FaultKind kind, double ohms) {
    return TABLE.shows(place(check), place(part, kind, ohms));
  }

  /** Voltage over the filament in series with some resistance: I ∝ V^0.55, by halving. */
  private static double overLamp(double ohms) {
    double low = 0;
    double high = BATTERY_VOLTS;
    for (int i = 0; i < 60; i++) {
      double volts = (low + high) / 2;
      double amps = RATED_WATTS / RATED_VOLTS * Math.pow(volts / RATED_VOLTS, 0.55);
      if (volts + amps * ohms > BATTERY_VOLTS) {
        high = volts;
      } else {
        low = volts;
      }
    }
    return low;
  }

  /** Battery 10 mΩ, fuse 0.1 V at its rating, contacts 5 mΩ each: common practice. */
  private static final double AROUND_OHMS = 0.01 + 0.1 / 10 + 2 * 0.005 + WIRE.ohms();

  @Test
  void aBadGroundIsSeenByItsDropUnderLoad() {
    Check atLamp = new Check.Measured(1, "lamp -", Circuit.GROUND);
    for (double ohms : new double[] {1, 12}) {
      double over = overLamp(AROUND_OHMS + ohms);
      double amps = RATED_WATTS / RATED_VOLTS * Math.pow(over / RATED_VOLTS, 0.55);
      assertThat(shows(atLamp, "ground", FaultKind.GROUND_CORRODED, ohms))
          .isCloseTo(amps * (ohms + 0.005), within(1e-3));
    }
    // nothing flows with the key out, so nothing is measured there
    assertThat(TABLE.checks()).doesNotContain(new Check.Measured(0, "lamp -", Circuit.GROUND));
  }

  @Test
  void anOpenGroundLeavesTheLampAtFullVoltageOnBothSides() {
    assertThat(
            shows(
                new Check.Measured(1, "lamp -", Circuit.GROUND),
                "ground",
                FaultKind.GROUND_OPEN,
                0))
        .isCloseTo(BATTERY_VOLTS, within(0.01));
    assertThat(shows(new Check.LampSeen(1, "lamp"), "ground", FaultKind.GROUND_OPEN, 0))
        .isEqualTo(Look.OUT.answer());
  }

  /** A wire chafed to the body behind a fuse of 10 A carries hundreds of amperes: it blows. */
  @Test
  void aShortBlowsTheFuse() {
    Check fuse = new Check.FuseLooked("fuse");
    assertThat(shows(fuse, "wire", FaultKind.CHAFED_TO_GROUND, 0.05)).isEqualTo(1);
    assertThat(shows(fuse, "lamp", FaultKind.LAMP_DEAD, 0)).isZero();
    assertThat(shows(fuse, "fuse", FaultKind.FUSE_BLOWN, 0)).isEqualTo(1);
  }

  @Test
  void aStuckSwitchLightsTheLampWithTheKeyOut() {
    assertThat(shows(new Check.LampSeen(0, "lamp"), "switch", FaultKind.SWITCH_STUCK, 0))
        .isEqualTo(Look.LIT.answer());
  }

  @Test
  void aGoodLampInItsPlaceShinesWhereTheLampWasDead() {
    Check exchanged = new Check.Exchanged("lamp", 1, "lamp");
    assertThat(shows(exchanged, "lamp", FaultKind.LAMP_DEAD, 0)).isEqualTo(Look.LIT.answer());
    assertThat(shows(exchanged, "wire", FaultKind.WIRE_OPEN, 0)).isEqualTo(Look.OUT.answer());
  }

  private static final double OUT = Look.OUT.answer();
  private static final double WEAK = Look.WEAK.answer();
  private static final double LIT = Look.LIT.answer();

  /** How likely a lamp that truly looks so is seen as it was, look by look. */
  private static double looked(double truth, double... seen) {
    return Arrays.stream(seen)
        .map(one -> one == truth ? 0.98 : 0.02 / 4)
        .reduce(1, (a, b) -> a * b);
  }

  /**
   * How likely the lamp is seen so under a hypothesis. A contact of 1 Ω stands for all between none
   * and 12, one of 12 for all from 1 on, until it is apart and the lamp dark: where those look
   * different, another than its own is true in three cases of ten, weak as well between out and
   * lit; and the same at every look.
   */
  private static double looked(Hypothesis hypothesis, int look, double... seen) {
    double said = TABLE.shows(look, TABLE.hypotheses().indexOf(hypothesis));
    Set<Double> truths = new HashSet<>(Set.of(said));
    if (hypothesis.faults().size() == 1) {
      Fault one = hypothesis.faults().get(0);
      TABLE.hypotheses().stream()
          .filter(any -> any.faults().size() == 1)
          .map(any -> any.faults().get(0))
          .filter(fault -> fault.part().equals(one.part()) && fault.kind() == one.kind())
          .filter(fault -> fault.place() == one.place() && fault.ohms() != one.ohms())
          .findFirst()
          .map(fault -> TABLE.shows(look, place(one.part(), one.kind(), fault.ohms())))
          .ifPresent(other -> truths.addAll(List.of(other, one.ohms() == 1 ? LIT : OUT)));
    }
    if (truths.containsAll(Set.of(OUT, LIT))) {
      truths.add(WEAK);
    }
    int others = truths.size() - 1;
    return truths.stream()
        .mapToDouble(
            truth -> (others == 0 ? 1 : truth == said ? 0.7 : 0.3 / others) * looked(truth, seen))
        .sum();
  }

  /** In one look of ten a fault that wanders changes meanwhile, and its lamp is not plainly out. */
  private static final double CHANGING = 0.1;

  /** A bad contact may be half as bad again, or half as bad, as the model's. */
  private static double metered(double said, double besideSound) {
    double sigma = 0.12 + 0.02 * Math.abs(said) + 0.5 * Math.abs(besideSound);
    double bell =
        Math.exp(-Math.pow((12.7 - said) / sigma, 2) / 2) / sigma / Math.sqrt(2 * Math.PI);
    return 0.98 * bell + 0.02 / 15;
  }

  /** Bayes' rule once more, over every hypothesis, written out. */
  @Test
  void whatWasSeenWeighsEachHypothesis() {
    Check dark = new Check.LampSeen(1, "lamp");
    Check before = new Check.Measured(1, "lamp +", Circuit.GROUND);
    Suspects suspects =
        Suspects.before(TABLE).after(place(dark), Look.OUT.answer()).after(place(before), 12.7);

    double[] weights = new double[TABLE.hypotheses().size()];
    double sum = 0;
    for (int h = 0; h < weights.length; h++) {
      int at = h;
      Hypothesis hypothesis = TABLE.hypotheses().get(h);
      double looked = 1.0 / 5;
      double metered = 1.0 / 15;
      if (hypothesis.isInTheModel()) {
        // a sound lamp is lit, and 12.6 V stand before it
        double present = hypothesis.present();
        double changing = present < 1 ? CHANGING : 0;
        double shownLook = TABLE.shows(place(dark), h);
        looked =
            (1 - changing)
                    * (present * looked(hypothesis, place(dark), OUT)
                        + (1 - present) * looked(LIT, OUT))
                + changing * (shownLook == LIT ? looked(LIT, OUT) : 0.02 / 3);
        boolean resists = hypothesis.faults().stream().anyMatch(fault -> fault.ohms() > 0);
        double shown = TABLE.shows(place(before), h);
        double sound = TABLE.sound(place(before));
        metered =
            (1 - changing)
                    * (present * metered(shown, resists ? shown - sound : 0)
                        + (1 - present) * metered(sound, 0))
                + changing * metered(sound, 0);
      }
      boolean isComplainedOf =
          hypothesis.faults().isEmpty()
              || STATES.stream()
                  .map(state -> place(new Check.LampSeen(STATES.indexOf(state), "lamp")))
                  .anyMatch(look -> TABLE.shows(look, at) != TABLE.sound(look));
      weights[h] = hypothesis.prior() * (isComplainedOf ? 1 : 0.1) * looked * metered;
      sum += weights[h];
    }
    for (int h = 0; h < weights.length; h++) {
      assertThat(suspects.share(h)).isCloseTo(weights[h] / sum, within(1e-12));
    }
    // full voltage at a dark lamp: it is the lamp or its ground, and no wire before it
    double lampOrGround =
        suspects.byParts().getOrDefault(Set.of("lamp"), 0.0)
            + suspects.byParts().getOrDefault(Set.of("ground"), 0.0);
    assertThat(lampOrGround).isGreaterThan(0.95);
  }

  /** A bad contact of some resistance shows what it shows, however often somebody looks. */
  @Test
  void aSecondLookIsExpectedToShowWhatTheFirstDid() {
    int look = place(new Check.LampSeen(1, "lamp"));
    double[] seen = {WEAK, WEAK, LIT};
    Suspects suspects = Suspects.before(TABLE);
    double[] weights =
        IntStream.range(0, TABLE.hypotheses().size()).mapToDouble(suspects::share).toArray();
    for (double one : seen) {
      suspects = suspects.after(look, one);
    }
    List<Integer> steady =
        IntStream.range(0, weights.length)
            .filter(h -> TABLE.hypotheses().get(h).isInTheModel())
            .filter(h -> TABLE.hypotheses().get(h).present() == 1)
            .boxed()
            .toList();
    double all = 0;
    double shares = 0;
    for (int h : steady) {
      weights[h] *= looked(TABLE.hypotheses().get(h), look, seen);
      all += weights[h];
      shares += suspects.share(h);
    }
    for (int h : steady) {
      assertThat(suspects.share(h) / shares).isCloseTo(weights[h] / all, within(1e-9));
    }
  }

  @Test
  void nobodyIsSentToLookAThirdTime() {
    int look = place(new Check.LampSeen(1, "lamp"));
    Suspects suspects = Suspects.before(TABLE).after(look, WEAK).after(look, WEAK);
    assertThat(NextCheck.of(suspects, Check::minutes, new Check.LampSeen(1, "lamp")::equals))
        .isEmpty();
  }

  /** A blown fuse, and behind it a dead lamp: a new fuse alone brings nothing back. */
  @Test
  void twoFaultsAtOnceAreTold() {
    List<Hypothesis> hypotheses = Hypotheses.withPairs(CIRCUIT, 40);
    assertThat(hypotheses.stream().mapToDouble(Hypothesis::prior).sum()).isCloseTo(1, within(1e-9));
    assertThat(hypotheses.stream().filter(one -> one.faults().size() == 2))
        .hasSize(40)
        .allMatch(one -> one.parts().size() == 2);

    CheckTable table = CheckTable.of(CIRCUIT, STATES, hypotheses);
    List<Check> checks = table.checks();
    Suspects suspects =
        Suspects.before(table)
            .after(checks.indexOf(new Check.FuseLooked("fuse")), 1)
            .after(checks.indexOf(new Check.Exchanged("fuse", 1, "lamp")), Look.OUT.answer());
    assertThat(suspects.byParts().get(Set.of("fuse"))).isLessThan(0.1);
    suspects = suspects.after(checks.indexOf(new Check.Inspected("lamp")), 1);
    assertThat(suspects.byParts().keySet().iterator().next()).isEqualTo(Set.of("fuse", "lamp"));
  }

  /** Whatever is wrong, a check shows one of its answers. */
  @Test
  void theAnswersOfACheckMakeUpAllThatItMayShow() {
    for (Check check : TABLE.checks()) {
      if (!(check instanceof Check.ByMeter)) {
        for (int h = 0; h <= TABLE.hypotheses().size(); h++) {
          double sum = 0;
          for (int shown = 0; shown < check.answers(); shown++) {
            Suspects.Answer answer = new Suspects.Answer(place(check), shown);
            sum += new Met(TABLE, answer, List.of()).likelihood(h);
          }
          assertThat(sum).as("%s under %d", check, h).isCloseTo(1, within(1e-12));
        }
      }
    }
  }

  /** The same figure typed twice is no other than one that differs in its last digit. */
  @Test
  void aReadingTwiceIsAReadingTwice() {
    int meter = place(new Check.Measured(1, "lamp +", Circuit.GROUND));
    Suspects once = Suspects.before(TABLE).after(meter, 1.5);
    Suspects same = once.after(meter, 1.5);
    Suspects nearly = once.after(meter, 1.5 + 1e-9);
    for (int h = 0; h < TABLE.hypotheses().size(); h++) {
      assertThat(same.share(h)).isCloseTo(nearly.share(h), within(1e-6));
    }
  }

  /** Mutual information between what is to be mended and the answer, written out. */
  @Test
  void theNextCheckTellsWhatItIsExpectedToTell() {
    Suspects suspects =
        Suspects.before(TABLE).after(place(new Check.LampSeen(1, "lamp")), Look.OUT.answer());
    NextCheck fuse =
        NextCheck.of(suspects, Check::minutes, new Check.FuseLooked("fuse")::equals).orElseThrow();
    Map<Set<String>, double[]> both = new HashMap<>();
    double[] answer = new double[2];
    for (int h = 0; h < TABLE.hypotheses().size(); h++) {
      Hypothesis hypothesis = TABLE.hypotheses().get(h);
      Set<String> mended = hypothesis.isInTheModel() ? hypothesis.parts() : Set.of("not known");
      double said = TABLE.shows(fuse.place(), h);
      for (int shown = 0; shown < 2; shown++) {
        double likely = Double.isNaN(said) ? 0.5 : said == shown ? 0.98 : 0.02;
        answer[shown] += suspects.share(h) * likely;
        both.computeIfAbsent(mended, fresh -> new double[2])[shown] += suspects.share(h) * likely;
      }
    }
    double bits = 0;
    for (double[] one : both.values()) {
      for (int shown = 0; shown < 2; shown++) {
        double byItself = (one[0] + one[1]) * answer[shown];
        bits += one[shown] * Math.log(one[shown] / byItself) / Math.log(2);
      }
    }
    assertThat(both).hasSizeGreaterThan(4);
    assertThat(fuse.bits()).isCloseTo(bits, within(1e-9));
  }
}
