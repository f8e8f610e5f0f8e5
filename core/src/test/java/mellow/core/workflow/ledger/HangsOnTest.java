package mellow.core.workflow.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.ledger.LedgerRow.AsFound;
import mellow.core.workflow.ledger.LedgerRow.What;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is unplugged is proved again; a plug that nobody named may be any. Common practice. */
class HangsOnTest {
  private static LedgerRow row(FastenerKind kind, String name, String where) {
    return new LedgerRow(
        "r",
        1,
        new What(kind, name, "", ""),
        Optional.empty(),
        where,
        "",
        "",
        AsFound.SOUND,
        false,
        1,
        "",
        false,
        "");
  }

  @ParameterizedTest
  @CsvSource({
    "CONNECTOR, '', left fog, FRONT_FOG",
    "CONNECTOR, side marker, right, SIDE_MARKER",
    "CONNECTOR, '', turn signal left, TURN",
    "CONNECTOR, horn, '', ''",
    "PIECE, left headlamp, '', DIPPED MAIN POSITION TURN",
    "PIECE, bumper, '', ''",
    "CLIP_PULL, '', left fog, ''"
  })
  void wordsTellWhatIsParted(FastenerKind kind, String name, String where, String functions) {
    Set<LampFunction> expected =
        Arrays.stream(functions.split(" "))
            .filter(one -> !one.isEmpty())
            .map(LampFunction::valueOf)
            .collect(Collectors.toSet());
    assertThat(HangsOn.parted(row(kind, name, where))).isEqualTo(expected);
    assertThat(HangsOn.named(row(kind, name, where))).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource({"'', left", "front module, ''"})
  void anUnknownPlugMayFeedAnyLamp(String name, String where) {
    LedgerRow row = row(FastenerKind.CONNECTOR, name, where);
    assertThat(HangsOn.parted(row)).containsExactlyInAnyOrder(LampFunction.values());
    assertThat(HangsOn.named(row)).isEmpty();
  }
}
