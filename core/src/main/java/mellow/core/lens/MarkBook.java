package mellow.core.lens;

import static mellow.core.vehicle.LampFunction.DIPPED;
import static mellow.core.vehicle.LampFunction.DRIVING;
import static mellow.core.vehicle.LampFunction.DRL;
import static mellow.core.vehicle.LampFunction.FRONT_FOG;
import static mellow.core.vehicle.LampFunction.MAIN;
import static mellow.core.vehicle.LampFunction.POSITION;
import static mellow.core.vehicle.LampFunction.TURN;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;

/** The marks that are known here, by the family they belong to. */
final class MarkBook {
  /** The regulation of headlamps with gas discharge. */
  private static final String DISCHARGE = "UN R98";

  private static final Set<LampFunction> NONE = Set.of();

  private final Map<String, LensMark> marks = new HashMap<>();

  private MarkBook() {}

  /** Marks of the UN regulations. */
  static MarkBook ofUn() {
    MarkBook book = new MarkBook();
    book.headlamp("C", LensWords.lowFilament(), "UN R112", Set.of(DIPPED));
    book.headlamp("R", LensWords.mainFilament(), "UN R112", Set.of(MAIN));
    book.headlamp("CR", LensWords.bothFilament(), "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("C/R", LensWords.eitherFilament(), "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("HC", LensWords.lowHalogen(), "UN R112", Set.of(DIPPED));
    book.headlamp("HR", LensWords.mainHalogen(), "UN R112", Set.of(MAIN));
    book.headlamp("HCR", LensWords.bothHalogen(), "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("HC/R", LensWords.eitherHalogen(), "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("DC", LensWords.lowDischarge(), DISCHARGE, Set.of(DIPPED));
    book.headlamp("DR", LensWords.mainDischarge(), DISCHARGE, Set.of(MAIN));
    book.headlamp("DCR", LensWords.bothDischarge(), DISCHARGE, Set.of(DIPPED, MAIN));
    book.headlamp("DC/R", LensWords.eitherDischarge(), DISCHARGE, Set.of(DIPPED, MAIN));
    book.add("B", LensWords.fogB(), "UN R19", Set.of(FRONT_FOG), BeamClass.FOG_B);
    book.add("F3", LensWords.fogF3(), "UN R19", Set.of(FRONT_FOG), BeamClass.FOG_F3);
    book.add("RL", LensWords.drl(), "UN R87", Set.of(DRL), null);
    book.add("A", LensWords.position(), "UN R7", Set.of(POSITION), null);
    book.add("1", LensWords.turn(), "UN R6", Set.of(TURN), null);
    book.add("1A", LensWords.turnNear(), "UN R6", Set.of(TURN), null);
    book.add("1B", LensWords.turnClose(), "UN R6", Set.of(TURN), null);
    book.add("PL", LensWords.plastic(), "UN R112", NONE, null);
    book.add("IA", LensWords.reflector(), "UN R3", NONE, null);
    return book;
  }

  /** Marks behind "SAE". */
  static MarkBook ofSae() {
    MarkBook book = new MarkBook();
    String codes = "SAE J759";
    book.add("F", LensWords.fog(), codes, Set.of(FRONT_FOG), BeamClass.FOG_SAE);
    book.add("Y", LensWords.driving(), codes, Set.of(DRIVING), null);
    book.add("Y2", LensWords.drl(), codes, Set.of(DRL), null);
    book.add("I", LensWords.turnSignal(), codes, Set.of(TURN), null);
    book.add("P", LensWords.parking(), codes, Set.of(POSITION), null);
    book.add("P2", LensWords.marker(), codes, NONE, null);
    book.add("A", LensWords.reflector(), codes, NONE, null);
    String aim = "49 CFR 571.108 S10.18, SAE J599";
    Set<LampFunction> low = Set.of(DIPPED);
    book.add("VOL", LensWords.vol(), aim, low, BeamClass.SAE_VOL);
    book.add("VOR", LensWords.vor(), aim, low, BeamClass.SAE_VOR);
    book.add("VO", LensWords.vo(), aim, Set.of(MAIN), null);
    book.add("DOT", LensWords.dot(), aim, NONE, null);
    return book;
  }

  private void headlamp(
      String mark, Sentence says, String regulation, Set<LampFunction> functions) {
    add(mark, says, regulation, functions, functions.contains(DIPPED) ? BeamClass.UN_DIPPED : null);
  }

  private void add(
      String mark,
      Sentence says,
      String document,
      Set<LampFunction> functions,
      @org.jspecify.annotations.Nullable BeamClass beam) {
    Source source = Source.fromMemory(Sentence.of(document));
    marks.put(
        mark,
        new LensMark(
            mark, says, functions, Optional.ofNullable(beam), source, document.equals(DISCHARGE)));
  }

  Optional<LensMark> find(String mark) {
    return Optional.ofNullable(marks.get(mark));
  }
}
