package mellow.core.subject;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.URI;
import java.util.Arrays;
import java.util.stream.Stream;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SubjectTextTest {
  /** Whatever people type as a name, other letters and the signs of the text form too. */
  private static final String ODD = "left: 100 % «Ω»/a+b@c?{0}";

  static Stream<Subject> subjects() {
    Subject.Lamp lamp = Subject.Lamp.of(LampFunction.FRONT_FOG, Side.LEFT).which(ODD);
    return Stream.of(
            Stream.of(
                Subject.Job.WHOLE,
                Subject.Vehicle.WHOLE,
                Subject.Bay.HERE,
                new Subject.Axle(true),
                new Subject.Wheel(false, Side.RIGHT),
                new Subject.FloorPoint("wall", Side.LEFT),
                lamp,
                Subject.Lamp.pair(LampFunction.DRL),
                Subject.Lamp.pair(LampFunction.DRL).which("inner"),
                new Subject.Surface(lamp, ODD),
                new Subject.Screw(LampFunction.DIPPED, Side.RIGHT, ODD)),
            kinds(SubjectKind::isNamed).map(kind -> kind.named(ODD)),
            kinds(SubjectKind::isWithin).map(kind -> kind.within(ODD, ODD)),
            kinds(SubjectKind::isWithin).map(kind -> kind.within(ODD, "")),
            kinds(SubjectKind::isWithin).map(kind -> kind.within("", ODD)))
        .flatMap(such -> such);
  }

  private static Stream<SubjectKind> kinds(java.util.function.Predicate<SubjectKind> which) {
    return Arrays.stream(SubjectKind.values()).filter(which);
  }

  @ParameterizedTest
  @MethodSource("subjects")
  void isReadBackAndFitsIntoAnAddress(Subject subject) {
    String text = subject.text();
    assertThat(SubjectText.parse(text)).isEqualTo(subject);
    assertThat(URI.create("http://shop/findings/" + text).getRawPath()).endsWith("/" + text);
  }

  @Test
  void everyKindHasASubject() {
    assertThat(subjects().map(Subject::kind)).contains(SubjectKind.values());
  }

  /** The text is kept: what was stored by an earlier version is read by a later one. */
  @ParameterizedTest
  @CsvSource({
    "job",
    "lamp:DIPPED:LEFT",
    "lamp:FRONT_FOG:RIGHT:inner",
    "lamp:DRL",
    "screw:DIPPED:RIGHT:v",
    "pin:X7:3",
    "step:bench.close:LEFT",
    "in-state:main%20beam:lamp%3ADIPPED"
  })
  void aKeptTextStays(String text) {
    assertThat(SubjectText.parse(text).text()).isEqualTo(text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "lamp", "lamp:GLOW:LEFT", "lamp:DRL:UP", "axle:MIDDLE", "moon:full"})
  void whatIsNoSubjectIsRefused(String text) {
    assertThatThrownBy(() -> SubjectText.parse(text)).isInstanceOf(IllegalArgumentException.class);
  }

  /** What belongs to one side is another thing on the other. */
  @Test
  void sidesAreTold() {
    assertThat(Subject.Lamp.of(LampFunction.TURN, Side.LEFT))
        .isNotEqualTo(Subject.Lamp.of(LampFunction.TURN, Side.RIGHT));
    assertThat(SubjectKind.END.within("relay", "85").isOf(SubjectKind.COMPONENT.named("relay")))
        .isTrue();
    assertThat(SubjectKind.END.within("relay", "85").isOf(SubjectKind.SLOT.named("relay")))
        .isFalse();
  }
}
