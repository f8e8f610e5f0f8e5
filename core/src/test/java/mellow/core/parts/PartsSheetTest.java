package mellow.core.parts;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.PartsBook;
import mellow.core.parts.Light.Colour;
import mellow.core.parts.Light.Lens;
import mellow.core.parts.Light.Pattern;
import mellow.core.parts.Part.Answer;
import mellow.core.parts.Part.Ask;
import mellow.core.parts.Part.Outcome;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PartsSheetTest {
  private static final Optional<MarkFamily> UN = Optional.of(MarkFamily.UN);
  private static final Optional<MarkFamily> US = Optional.of(MarkFamily.SAE);

  private static Map<Ask, Answer> allRight() {
    Map<Ask, Answer> checks = new EnumMap<>(Ask.class);
    Arrays.stream(Ask.values()).forEach(ask -> checks.put(ask, Answer.RIGHT));
    return checks;
  }

  private static Part part(Outcome outcome, String with, Map<Ask, Answer> checks) {
    return new Part(
        "p",
        "fog lamp",
        Part.Kind.LAMP,
        Optional.of(Side.LEFT),
        Stage.APART,
        checks,
        outcome,
        with,
        Optional.empty(),
        "");
  }

  private static PartsSheet judged(Optional<MarkFamily> market, Part... parts) {
    return PartsSheet.of(
        new PartsList(List.of(parts), List.of(), List.of(), Optional.empty(), ""),
        market,
        TrafficSide.RIGHT);
  }

  private static Finding only(PartsSheet sheet, String rule) {
    List<Finding> such =
        sheet.findings().stream().filter(one -> one.rule().startsWith(rule)).toList();
    assertThat(such).hasSize(1);
    return such.get(0);
  }

  @Test
  void aPartFitsOnlyOnceEverythingWasLookedAt() {
    assertThat(only(judged(UN, part(Outcome.FITS, "", allRight())), "parts.part").verdict())
        .isEqualTo(Verdict.WITHIN);
    Map<Ask, Answer> unseen = allRight();
    unseen.remove(Ask.CONNECTORS);
    Finding open = only(judged(UN, part(Outcome.FITS, "", unseen)), "parts.part");
    assertThat(open.verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThatFinding(open)
        .advises("parts.check", "openList=connectors match or adapters are there");
  }

  @Test
  void wrongSidesDoNotFitWhateverIsSaid() {
    Map<Ask, Answer> checks = allRight();
    checks.put(Ask.SIDE, Answer.WRONG);
    Finding wrong = only(judged(UN, part(Outcome.FITS, "", checks)), "parts.part");
    assertThat(wrong.verdict()).isEqualTo(Verdict.OUT);
    assertThat(wrong.headline())
        .isEqualTo(
            PartsWords.notRight(
                PartsWords.partOn("Fog lamp", Side.LEFT), List.of(PartsWords.checked(Ask.SIDE))));
    assertThat(only(judged(UN, part(Outcome.ADAPTS, "", checks)), "parts.part").verdict())
        .isEqualTo(Verdict.NOT_KNOWN);
    assertThatFinding(
            only(judged(UN, part(Outcome.ADAPTS, "a new bracket {0}", checks)), "parts.part"))
        .says("parts.adapts", "partSentence=Fog lamp, left", "with=a new bracket {0}");
  }

  @Test
  void whatIsMissingOrGoesBackMakesItsStageWait() {
    PartsSheet sheet = judged(UN, part(Outcome.GOES_BACK, "wrong outline", allRight()));
    assertThat(sheet.waiting()).containsEntry(Stage.APART, List.of("fog lamp, left"));
    Map<Ask, Answer> notHere = Map.of(Ask.HERE, Answer.WRONG);
    assertThat(judged(UN, part(Outcome.OPEN, "", notHere)).waiting()).containsKey(Stage.APART);
    assertThat(judged(UN, part(Outcome.FITS, "", allRight())).waiting()).isEmpty();
  }

  private static Part lamp(LampFunction circuit, Pattern pattern, Side side, Light light) {
    return new Part(
        circuit + "-" + side,
        "lamp",
        Part.Kind.LAMP,
        Optional.of(side),
        Stage.APART,
        allRight(),
        Outcome.FITS,
        "",
        Optional.of(new Light(circuit, pattern, light.kelvin(), light.bulb(), light.lens())),
        "");
  }

  private static Light light(int kelvin, Lens lens) {
    return new Light(
        LampFunction.DRL, Pattern.SIGNAL, OptionalInt.of(kelvin), Optional.empty(), lens);
  }

  /** From memory, 49 CFR 571.108: running lamps white to yellow, which there takes in amber. */
  @ParameterizedTest
  @CsvSource({"WHITE, WITHIN", "SELECTIVE_YELLOW, WITHIN", "AMBER, WITHIN", "OTHER, OUT"})
  void runningLampsOfTheUnitedStatesAreWhiteToYellow(Colour colour, Verdict verdict) {
    Light light =
        new Light(
            LampFunction.DRL, Pattern.SIGNAL, OptionalInt.empty(), Optional.of(colour), Lens.CLEAR);
    Part part = lamp(LampFunction.DRL, Pattern.SIGNAL, Side.LEFT, light);
    assertThat(only(judged(US, part), "parts.colour").verdict()).isEqualTo(verdict);
  }

  /** Colours from memory: UN R48; 3000 K is sold as yellow, 4300 and 6000 K as white. */
  @ParameterizedTest
  @CsvSource({
    "DRL, 6000, CLEAR, WITHIN",
    "DRL, 3000, CLEAR, OUT",
    "FRONT_FOG, 3000, CLEAR, WITHIN",
    "FRONT_FOG, 4300, YELLOW, WITHIN",
    "FRONT_FOG, 4300, AMBER, OUT",
    "TURN, 6000, CLEAR, OUT",
    "TURN, 4300, AMBER, WITHIN"
  })
  void bulbAndLensTogetherGiveTheColour(
      LampFunction circuit, int kelvin, Lens lens, Verdict verdict) {
    Part part = lamp(circuit, Pattern.SIGNAL, Side.LEFT, light(kelvin, lens));
    assertThat(only(judged(UN, part), "parts.colour").verdict()).isEqualTo(verdict);
  }

  /** Common practice: clear indicator bulbs that move over are painted amber, or the lens is. */
  @Test
  void anAmberBulbBehindAClearLensIsATurnSignal() {
    Light light =
        new Light(
            LampFunction.TURN,
            Pattern.SIGNAL,
            OptionalInt.empty(),
            Optional.of(Colour.AMBER),
            Lens.CLEAR);
    assertThat(
            only(judged(US, lamp(LampFunction.TURN, Pattern.SIGNAL, Side.LEFT, light)), "parts.col")
                .verdict())
        .isEqualTo(Verdict.WITHIN);
  }

  @Test
  void runningLampsOfTheUnitedStatesAreAMatchedPair() {
    Part left = lamp(LampFunction.DRL, Pattern.SIGNAL, Side.LEFT, light(4300, Lens.CLEAR));
    Part right = lamp(LampFunction.DRL, Pattern.SIGNAL, Side.RIGHT, light(6000, Lens.CLEAR));
    assertThat(only(judged(US, left, right), "parts.matched").verdict()).isEqualTo(Verdict.OUT);
    assertThat(judged(UN, left, right).findings())
        .noneMatch(finding -> finding.id().startsWith("parts.matched"));
  }

  @ParameterizedTest
  @CsvSource({
    "FRONT_FOG, DRIVING, true",
    "FRONT_FOG, COMBINATION, true",
    "FRONT_FOG, WIDE_FOG, false",
    "MAIN, DRIVING, false",
    "DRIVING, WIDE_FOG, true"
  })
  void aPatternBelongsToItsCircuit(LampFunction circuit, Pattern pattern, boolean out) {
    Part part = lamp(circuit, pattern, Side.LEFT, light(4300, Lens.CLEAR));
    assertThat(judged(UN, part).findings().stream().map(Finding::id))
        .filteredOn(id -> id.startsWith("parts.pattern"))
        .hasSize(out ? 1 : 0);
  }

  private static PartsSheet marked(LampFunction circuit, String marks, TrafficSide traffic) {
    return marked(circuit, marks, traffic, Optional.empty());
  }

  private static PartsSheet marked(
      LampFunction circuit, String marks, TrafficSide traffic, Optional<Side> side) {
    Light light =
        new Light(circuit, Pattern.NOT_SAID, OptionalInt.of(4300), Optional.empty(), Lens.CLEAR);
    Part lamp =
        new Part(
            "l",
            "lamp",
            Part.Kind.LAMP,
            side,
            Stage.APART,
            allRight(),
            Outcome.FITS,
            "",
            Optional.of(light),
            marks);
    return PartsSheet.of(
        new PartsList(List.of(lamp), List.of(), List.of(), Optional.empty(), ""), UN, traffic);
  }

  private static List<String> outOfMarks(LampFunction circuit, String marks, TrafficSide traffic) {
    return marked(circuit, marks, traffic).findings().stream()
        .filter(finding -> finding.id().startsWith("parts.lens."))
        .filter(finding -> finding.verdict() == Verdict.OUT)
        .map(finding -> Said.text(finding.headline()))
        .toList();
  }

  /**
   * From memory: B and F3 are front fog lamps, RL running lamps, HC a low beam (UN R19, R87, R112).
   */
  @Test
  void whatIsMouldedOnALampIsHeldAgainstWhatItIsFor() {
    assertThat(outOfMarks(LampFunction.FRONT_FOG, "E4 F3 02", TrafficSide.RIGHT)).isEmpty();
    assertThat(outOfMarks(LampFunction.FRONT_FOG, "E4 RL", TrafficSide.RIGHT))
        .containsExactly("Lamp: marked for daytime running lamp, not for front fog lamp");
    assertThat(outOfMarks(LampFunction.DIPPED, "E4 HC", TrafficSide.LEFT))
        .singleElement()
        .asString()
        .contains("Made for traffic on the right");
    assertThat(outOfMarks(LampFunction.FRONT_FOG, "SAE F", TrafficSide.RIGHT))
        .singleElement()
        .asString()
        .contains("not made for this market");
  }

  /** Two fog lamps that lie in each other's box. */
  @Test
  void aLensOfTheOtherSideIsOut() {
    PartsSheet swapped =
        marked(LampFunction.FRONT_FOG, "E4 B 02 R", TrafficSide.RIGHT, Optional.of(Side.LEFT));
    assertThat(swapped.findings())
        .filteredOn(finding -> finding.verdict() == Verdict.OUT)
        .extracting(Finding::id)
        .containsExactly("parts.lens.side@part:l");
  }

  @Test
  void anUnknownMarkIsSaidToBeUnknownAndNoMarksAreNoFinding() {
    assertThat(only(marked(LampFunction.TURN, "QZX", TrafficSide.RIGHT), "parts.lens.").verdict())
        .isEqualTo(Verdict.NOT_KNOWN);
    assertThat(marked(LampFunction.TURN, "  ", TrafficSide.RIGHT).findings())
        .noneMatch(finding -> finding.id().startsWith("parts.lens."));
  }

  /** Ties have no variant and no outline; a bracket has no plug. Common practice. */
  @Test
  void onlyWhatMakesSenseIsAskedOfAPart() {
    assertThat(asked(Part.Kind.SUPPLIES)).containsExactly(Ask.HERE);
    assertThat(asked(Part.Kind.FITTED))
        .containsExactly(Ask.HERE, Ask.VARIANT, Ask.OUTLINE, Ask.COMPLETE);
    assertThat(asked(Part.Kind.ELECTRIC)).containsExactly(Ask.HERE, Ask.CONNECTORS, Ask.COMPLETE);
  }

  private static List<Ask> asked(Part.Kind kind) {
    return new Part(
            "p",
            "part",
            kind,
            Optional.empty(),
            Stage.PROVE,
            Map.of(),
            Outcome.OPEN,
            "",
            Optional.empty(),
            "")
        .asked()
        .toList();
  }

  /** Running lamps that are built into the assemblies bring no lamps and brackets of their own. */
  @Test
  void whatIsBuiltInBringsNoPartsOfItsOwn() {
    assertThat(PartsBook.of(Set.of(WorkKind.DRL)))
        .extracting(UsualPart::name)
        .contains("running lamp", "bracket or bezel");
    assertThat(PartsBook.of(Set.of(WorkKind.SWAP, WorkKind.DRL)))
        .extracting(UsualPart::name)
        .contains("headlamp assembly", "running lamp harness with module")
        .doesNotContain("running lamp", "bracket or bezel");
    assertThat(PartsBook.of(Set.of(WorkKind.FOG, WorkKind.DRL)))
        .extracting(UsualPart::name)
        .containsOnlyOnce("bracket or bezel")
        .contains("running lamp");
  }

  /** A plug that the kit has once is ticked once. */
  @ParameterizedTest
  @CsvSource({
    "ONCE, , , NOT_KNOWN",
    "ONCE, , CONNECTED, WITHIN",
    "ONCE, , INSULATED, OUT",
    "RIGHT, CONNECTED, , WITHIN",
    "EACH_SIDE, CONNECTED, , NOT_KNOWN"
  })
  void plugIsTickedWhereTheKitHasIt(
      Plug.There there, Plug.State right, Plug.State once, Verdict expected) {
    Plug plug =
        new Plug(
            "module",
            "module",
            "",
            "",
            Plug.Gender.NOT_SAID,
            "",
            Plug.Use.CONNECT,
            Optional.empty(),
            there,
            right == null ? Map.of() : Map.of(Side.RIGHT, right),
            Optional.ofNullable(once));
    assertThat(plugs(plug)).extracting(Finding::verdict).containsExactly(expected);
  }

  private static Plug plug(
      String id, Plug.Use use, Plug.Gender gender, Map<Side, Plug.State> done) {
    Optional<String> mate = id.equals("b") ? Optional.of("a") : Optional.empty();
    return new Plug(
        id, id, "", "", gender, "", use, mate, Plug.There.EACH_SIDE, done, Optional.empty());
  }

  private static List<Finding> plugs(Plug... plugs) {
    return PartsSheet.of(
            new PartsList(List.of(), List.of(plugs), List.of(), Optional.empty(), ""),
            UN,
            TrafficSide.RIGHT)
        .findings();
  }

  @Test
  void plugsAreTickedOneByOneOnBothSides() {
    Map<Side, Plug.State> both =
        Map.of(Side.LEFT, Plug.State.CONNECTED, Side.RIGHT, Plug.State.CONNECTED);
    Plug male = plug("a", Plug.Use.CONNECT, Plug.Gender.MALE, both);
    assertThat(plugs(male)).extracting(Finding::verdict).containsExactly(Verdict.WITHIN);
    assertThat(plugs(male, plug("c", Plug.Use.CONNECT, Plug.Gender.MALE, Map.of())))
        .extracting(finding -> Said.keyed(finding.headline()))
        .containsExactly("parts.plugsOpen all=2, open=1");
    assertThat(plugs(plug("c", Plug.Use.INSULATE, Plug.Gender.MALE, both)))
        .extracting(Finding::verdict)
        .containsExactly(Verdict.OUT, Verdict.OUT);
    assertThat(plugs(male, plug("b", Plug.Use.CONNECT, Plug.Gender.MALE, both)))
        .extracting(Finding::id)
        .containsExactly("parts.plug-gender@plug:b");
    Map<Side, Plug.State> unlike =
        Map.of(Side.LEFT, Plug.State.CONNECTED, Side.RIGHT, Plug.State.PARTED);
    assertThat(plugs(plug("o", Plug.Use.OPTION, Plug.Gender.MALE, unlike)))
        .extracting(Finding::id)
        .containsExactly("parts.plug-alike@plug:o");
  }

  @Test
  void aCandidateIsTakenOnlyWithItsOutlineHeldAgainstTheVehicle() {
    Candidate a =
        new Candidate("a", "wide one", Optional.of(Answer.RIGHT), Optional.empty(), "", "");
    Candidate b = new Candidate("b", "cheap one", Optional.empty(), Optional.empty(), "", "");
    assertThat(decision(Optional.empty(), a, b)).containsExactly(Verdict.NOT_KNOWN);
    assertThat(decision(Optional.of("b"), a, b)).containsExactly(Verdict.NOT_KNOWN);
    assertThat(decision(Optional.of("a"), a, b)).isEmpty();
    assertThatThrownBy(() -> decision(Optional.of("z"), a, b))
        .isInstanceOf(IllegalArgumentException.class);
  }

  private static List<Verdict> decision(Optional<String> chosen, Candidate... candidates) {
    return PartsSheet.of(
            new PartsList(List.of(), List.of(), List.of(candidates), chosen, ""),
            UN,
            TrafficSide.RIGHT)
        .findings()
        .stream()
        .map(Finding::verdict)
        .toList();
  }

  @ParameterizedTest
  @EnumSource(
      value = WorkKind.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"AIM"})
  void everyWorkThatTakesPartsHasAListToStartWithWithinItsStages(WorkKind kind) {
    assertThat(PartsBook.of(EnumSet.of(kind)))
        .isNotEmpty()
        .allSatisfy(part -> assertThat(kind.stages()).contains(part.neededFor()));
  }
}
