package mellow.core.harness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mellow.core.circuit.Conductor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SizingTest {
  private static final Laying FREE = new Laying(70, 30, 1);

  /**
   * By hand, AWG 18 at 20.95 and AWG 14 at 8.286 Ω/km (ASTM B258): 4.30 A over 8 m lose 0.720 V,
   * 5.6 % of 12.8 V, on the first, and 0.285 V, 2.2 %, on the second.
   */
  @Test
  void fogLampOverFourMetresAndBack() {
    WireChoice choice = WireChoice.of(new WireChoice.Asked(4.297, 12.8, 8, 20), FREE);
    assertThat(choice.of("AWG 18").dropPercent()).isCloseTo(5.63, within(0.01));
    assertThat(choice.of("AWG 18").holds()).isFalse();
    assertThat(choice.of("AWG 14").dropPercent()).isCloseTo(2.23, within(0.01));
    assertThat(choice.of("AWG 14").holds()).isTrue();
    // 0.5 to 1.5 mm² lose too much: 4.297 A × 8 m ÷ (58 × 1.5) = 0.395 V, 3.09 %
    assertThat(choice.of("1.5 mm²").dropPercent()).isCloseTo(3.09, within(0.01));
    assertThat(choice.thinnest().orElseThrow().size().name()).isEqualTo("AWG 14");
  }

  /** Two lamps on one pair of wires: AWG 14 loses 4.5 %, AWG 12 (5.211 Ω/km) 2.8 %, by hand. */
  @Test
  void bothLampsOnOnePairOfWiresNeedMore() {
    WireChoice choice = WireChoice.of(new WireChoice.Asked(8.594, 12.8, 8, 20), FREE);
    assertThat(choice.of("AWG 14").dropPercent()).isCloseTo(4.45, within(0.01));
    assertThat(choice.of("AWG 12").dropPercent()).isCloseTo(2.80, within(0.01));
    assertThat(choice.thinnest().orElseThrow().size().name()).isEqualTo("AWG 12");
  }

  /** DIN VDE 0298-4, single PVC wires in free air at 30 °C, from memory. */
  @ParameterizedTest
  @CsvSource({"1, 19", "1.5, 24", "2.5, 32", "4, 42", "6, 54"})
  void wireInFreeAirBearsWhatTheTableSays(double mm2, double amps) {
    assertThat(FREE.allowedAmps(mm2)).isCloseTo(amps, within(0.03 * amps));
  }

  @Test
  void heatAndCompanyTakeCurrentAway() {
    assertThat(new Laying(70, 60, 1).allowedAmps(1)).isCloseTo(9.5, within(1e-9));
    assertThat(new Laying(70, 30, 2).allowedAmps(1)).isCloseTo(15.2, within(1e-9));
    assertThatThrownBy(() -> new Laying(70, 80, 1)).hasMessageContaining("bears no current");
  }

  /**
   * 27 W at 12.8 V are 2.11 A; less 0.25 A leaves 1.86 A: 6.9 Ω. On the shelf: 6 Ω, common
   * practice.
   */
  @Test
  void loadResistorBesideDiodes() {
    LoadResistor resistor = LoadResistor.of(27, 0.25, 12.8);
    assertThat(resistor.ohms()).isCloseTo(6.9, within(0.05));
    LoadResistor.Pick pick = resistor.fromTheShelf();
    assertThat(pick).isEqualTo(new LoadResistor.Pick(6, 1));
    assertThat(pick.wattsLit(13.5)).isCloseTo(30.4, within(0.05));
    assertThat(pick.wattsFlashing(13.5)).isCloseTo(15.2, within(0.05));
    assertThatThrownBy(() -> LoadResistor.of(5, 0.5, 12.8)).hasMessageContaining("no resistor");
  }

  /** A daytime running lamp of 800 cd as a position lamp of at most 140 cd: UN R7, from memory. */
  @Test
  void dutyForALimitOfIntensity() {
    assertThat(DimmedLamp.mostDuty(800, 140)).isCloseTo(0.175, within(1e-12));
    assertThat(DimmedLamp.mostDuty(100, 140)).isEqualTo(1);
  }

  /** ISO 8820-3. */
  @ParameterizedTest
  @CsvSource({
    "3, violet",
    "5, tan",
    "7.5, brown",
    "10, red",
    "15, blue",
    "20, yellow",
    "25, clear",
    "30, green",
    "40, orange"
  })
  void bladeFusesByColour(double amps, String colour) {
    assertThat(BladeFuse.rated(amps).orElseThrow().colour()).isEqualTo(colour);
  }

  @Test
  void fuseCarriesItsLoadAndGuardsItsWire() {
    assertThat(BladeFuse.forLoad(8.6, 30)).contains(BladeFuse.A15);
    assertThat(BladeFuse.forLoad(8, 30)).contains(BladeFuse.A10);
    assertThat(BladeFuse.forLoad(8.6, 12)).isEmpty();
    // ISO 8820-3, from memory: never at 110 %, within 600 s at 135 %, 5 s at 200 %, 0.1 s at 600 %
    assertThat(BladeFuse.A10.opensWithinSeconds(11)).isEmpty();
    assertThat(BladeFuse.A10.opensWithinSeconds(13.5)).contains(600.0);
    assertThat(BladeFuse.A10.opensWithinSeconds(20).orElseThrow()).isCloseTo(5, within(1e-9));
    assertThat(BladeFuse.A10.opensWithinSeconds(100)).contains(0.1);
  }

  /** Both series side by side: AWG 14 (2.08 mm²) lies between 1.5 and 2.5 mm². */
  @Test
  void sizesOfBothSeriesStandInOrder() {
    assertThat(WireSize.all().stream().map(WireSize::name))
        .containsSubsequence("AWG 20", "0.75 mm²", "AWG 18", "1.5 mm²", "AWG 14", "2.5 mm²");
    assertThatThrownBy(() -> new Conductor(1, -3, 20)).hasMessageContaining("circuit.wireLength");
    assertThatThrownBy(() -> Conductor.awg(99, 1)).hasMessageContaining("gauges run");
  }
}
