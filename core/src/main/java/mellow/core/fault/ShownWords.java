package mellow.core.fault;

import java.util.List;
import mellow.core.circuit.Circuit;
import mellow.core.feed.DrivingState;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/** What is checked and what it showed, in words. */
public final class ShownWords {
  private ShownWords() {}

  /** What is to be done, or was. */
  public static Sentence check(Shown shown) {
    return switch (shown.kind()) {
      case FUSE -> FaultWords.checkFuse(shown.part());
      case PLUG -> FaultWords.checkPlug(shown.part());
      case INSPECTED -> FaultWords.checkInspected(shown.part());
      case FED_ALONE -> FaultWords.checkFedAlone(shown.lamp());
      default -> inState(shown, shown.state().orElseThrow());
    };
  }

  private static Sentence inState(Shown shown, DrivingState state) {
    return switch (shown.kind()) {
      case LAMP -> FaultWords.checkLamp(state, shown.lamp());
      case LAMP_WARM -> FaultWords.checkLampWarm(state, shown.lamp());
      case LAMP_COLD -> FaultWords.checkLampCold(state, shown.lamp());
      case LAMP_WET -> FaultWords.checkLampWet(state, shown.lamp());
      case LAMP_STILL -> FaultWords.checkLampStill(state, shown.lamp());
      case SWAPPED -> FaultWords.checkSwapped(state, shown.part(), shown.lamp());
      case OHMS ->
          shown.to().equals(Circuit.GROUND)
              ? FaultWords.checkOhmsToGround(state, shown.from())
              : FaultWords.checkOhms(state, shown.from(), shown.to());
      case FELT -> FaultWords.checkFelt(state, shown.part());
      case PLUG_TURNED -> FaultWords.checkPlugTurned(state, shown.lamp());
      case UNPLUGGED -> FaultWords.checkUnplugged(state, shown.part(), shown.lamp());
      case EXCHANGED ->
          shown.part().equals(shown.lamp())
              ? FaultWords.checkGoodLamp(state, shown.lamp())
              : FaultWords.checkExchanged(state, shown.part(), shown.lamp());
      case BRIDGED ->
          shown.to().equals(Circuit.GROUND)
              ? FaultWords.checkGroundLead(state, shown.from(), shown.lamp())
              : FaultWords.checkFeedLead(state, shown.to(), shown.lamp());
      case SHAKEN -> FaultWords.checkShaken(state, shown.part(), shown.lamp());
      case VOLTS ->
          shown.to().equals(Circuit.GROUND)
              ? FaultWords.checkVoltsToGround(state, shown.from())
              : FaultWords.checkVolts(state, shown.from(), shown.to());
      case AMPS -> FaultWords.checkAmps(state, shown.part());
      case TEST_LIGHT -> FaultWords.checkTestLight(state, shown.from());
      case RELAY -> FaultWords.checkRelay(state, shown.part());
      case FUSE, PLUG, INSPECTED, FED_ALONE -> throw new IllegalStateException("it has no state");
    };
  }

  /** What was done at one moment, and what it showed; lamps that were seen together in one go. */
  public static Sentence moment(List<Shown> all) {
    return all.size() > 1 && all.stream().allMatch(one -> isSeenWith(one, all.get(0)))
        ? FaultWords.lampsSeen(
            all.get(0).state().orElseThrow(),
            Sentence.listed(
                all.stream().map(one -> FaultWords.lampLooks(one.lamp(), answer(one))).toList()))
        : Sentence.listed(all.stream().map(ShownWords::line).toList());
  }

  private static boolean isSeenWith(Shown one, Shown other) {
    return one.kind() == Shown.Kind.LAMP
        && other.kind() == Shown.Kind.LAMP
        && one.state().equals(other.state());
  }

  private static Sentence line(Shown shown) {
    return FaultWords.lineChecked(check(shown), answer(shown));
  }

  /** What it showed. */
  public static Sentence answer(Shown shown) {
    return switch (shown.kind()) {
      case VOLTS -> FaultWords.volts(Figure.volts(shown.value()));
      case AMPS -> FaultWords.amps(Figure.amps(shown.value()));
      case OHMS ->
          shown.value() >= Check.Resistance.MOST_OHMS
              ? FaultWords.open()
              : FaultWords.resistance(Figure.ohms(shown.value()));
      default -> answer(shown.kind(), (int) shown.value());
    };
  }

  /** One of the answers of a check that is not measured. */
  public static Sentence answer(Shown.Kind kind, int answer) {
    if (kind.isOfLight()) {
      return Sentence.term(Look.values()[answer]);
    }
    boolean yes = answer > 0;
    return switch (kind) {
      case SHAKEN -> FaultWords.answerShaken(yes);
      case RELAY -> FaultWords.answerRelay(yes);
      case FELT -> FaultWords.answerFelt(yes);
      case FUSE -> FaultWords.answerFuse(yes);
      case PLUG -> FaultWords.answerPlug(yes);
      case INSPECTED -> FaultWords.answerInspected(yes);
      default -> throw new IllegalArgumentException("it is measured");
    };
  }
}
