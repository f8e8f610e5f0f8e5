package mellow.core.photometry.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellow.core.photometry.Beam;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.photometry.wall.BeamCutoff.Flat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BeamCutoffTest {
  private static Beam beam(String lamp) {
    return Beam.of(ShippedBeam.named(lamp).orElseThrow().file());
  }

  /** Where the test of each kind of lamp has its cutoff (from memory), to 0.05°. */
  @ParameterizedTest
  @CsvSource({
    "reflector, LEFT, -0.573",
    "projector, LEFT, -0.573",
    "projector-vol, LEFT, -0.4",
    "projector-vor, RIGHT, 0",
    "fog-b, WHOLE, -1.146",
    "fog-f3, WHOLE, -1",
  })
  void theCutoffIsWhereItWasMade(String lamp, Flat flat, double heightDeg) {
    BeamCutoff cutoff = BeamCutoff.of(beam(lamp), flat).orElseThrow();
    assertThat(cutoff.flatDeg()).isCloseTo(heightDeg, within(0.05));
    assertThat(cutoff.rollDeg()).isCloseTo(0, within(0.5));
    // UN R112 asks for 0.13 at least (from memory)
    assertThat(cutoff.sharpness()).isGreaterThan(0.13);
  }

  /** A UN low beam rises by 15° from straight ahead; made for the other traffic, to the left. */
  @Test
  void theArmRisesToTheKerb() {
    Beam right = beam("projector");
    BeamCutoff cutoff = BeamCutoff.of(right, Flat.LEFT).orElseThrow();
    assertThat(cutoff.arm().orElseThrow().slopeDeg()).isCloseTo(15, within(1.0));
    assertThat(cutoff.arm().orElseThrow().elbowDeg()).isCloseTo(0, within(0.2));
    BeamCutoff mirrored = BeamCutoff.of(right.mirrored(), Flat.RIGHT).orElseThrow();
    assertThat(mirrored.flatDeg()).isCloseTo(cutoff.flatDeg(), within(0.02));
    assertThat(mirrored.arm().orElseThrow().elbowDeg())
        .isCloseTo(-cutoff.arm().orElseThrow().elbowDeg(), within(0.02));
  }

  /** An arc in a bowl made for a filament blurs its edge and lifts it. */
  @Test
  void anotherSourceSpoilsTheEdge() {
    BeamCutoff filament = BeamCutoff.of(beam("reflector"), Flat.LEFT).orElseThrow();
    assertThat(BeamCutoff.of(beam("reflector-arc"), Flat.LEFT))
        .hasValueSatisfying(
            arc -> {
              assertThat(arc.sharpness()).isLessThan(filament.sharpness() / 2);
              assertThat(arc.flatDeg()).isGreaterThan(filament.flatDeg() + 0.5);
            });
  }

  @ParameterizedTest
  @ValueSource(strings = {"running", "spot", "wide"})
  void whatFadesHasNoCutoff(String lamp) {
    assertThat(BeamCutoff.of(beam(lamp), Flat.WHOLE)).isEmpty();
  }
}
