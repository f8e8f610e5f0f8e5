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
import mellow.core.finding.Source;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;

/** The marks that are known here, by the family they belong to. */
final class MarkBook {
  private static final Set<LampFunction> NONE = Set.of();

  private final Map<String, LensMark> marks = new HashMap<>();

  private MarkBook() {}

  /** Marks of the UN regulations. */
  static MarkBook ofUn() {
    MarkBook book = new MarkBook();
    book.headlamp("C", "low beam, filament or LED", "UN R112", Set.of(DIPPED));
    book.headlamp("R", "main beam, filament or LED", "UN R112", Set.of(MAIN));
    book.headlamp("CR", "low and main beam, filament or LED", "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("C/R", "low or main beam, not both at once", "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("HC", "low beam, halogen", "UN R112", Set.of(DIPPED));
    book.headlamp("HR", "main beam, halogen", "UN R112", Set.of(MAIN));
    book.headlamp("HCR", "low and main beam, halogen", "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp(
        "HC/R", "low or main beam, halogen, not both at once", "UN R112", Set.of(DIPPED, MAIN));
    book.headlamp("DC", "low beam, gas discharge", "UN R98", Set.of(DIPPED));
    book.headlamp("DR", "main beam, gas discharge", "UN R98", Set.of(MAIN));
    book.headlamp("DCR", "low and main beam, gas discharge", "UN R98", Set.of(DIPPED, MAIN));
    book.headlamp(
        "DC/R",
        "low or main beam, gas discharge, not both at once",
        "UN R98",
        Set.of(DIPPED, MAIN));
    book.add("B", "front fog lamp, class B", "UN R19", Set.of(FRONT_FOG), BeamClass.FOG_B);
    book.add("F3", "front fog lamp, class F3", "UN R19", Set.of(FRONT_FOG), BeamClass.FOG_F3);
    book.add("RL", "daytime running lamp", "UN R87", Set.of(DRL), null);
    book.add("A", "front position lamp", "UN R7", Set.of(POSITION), null);
    book.add("1", "front turn signal", "UN R6", Set.of(TURN), null);
    book.add("1A", "front turn signal near a headlamp", "UN R6", Set.of(TURN), null);
    book.add("1B", "front turn signal close to a headlamp", "UN R6", Set.of(TURN), null);
    book.add("PL", "plastic lens", "UN R112", NONE, null);
    book.add("IA", "reflector", "UN R3", NONE, null);
    return book;
  }

  /** Marks behind "SAE". */
  static MarkBook ofSae() {
    MarkBook book = new MarkBook();
    String codes = "SAE J759";
    book.add("F", "front fog lamp", codes, Set.of(FRONT_FOG), BeamClass.FOG_SAE);
    book.add("Y", "driving lamp", codes, Set.of(DRIVING), null);
    book.add("Y2", "daytime running lamp", codes, Set.of(DRL), null);
    book.add("I", "turn signal", codes, Set.of(TURN), null);
    book.add("P", "parking lamp", codes, Set.of(POSITION), null);
    book.add("P2", "side marker or clearance lamp", codes, NONE, null);
    book.add("A", "reflector", codes, NONE, null);
    String aim = "49 CFR 571.108 S10.18 and SAE J599";
    Set<LampFunction> low = Set.of(DIPPED);
    book.add("VOL", "low beam aimed by eye on the cutoff's left", aim, low, BeamClass.SAE_VOL);
    book.add("VOR", "low beam aimed by eye on the cutoff's right", aim, low, BeamClass.SAE_VOR);
    book.add("VO", "main beam aimed by eye", aim, Set.of(MAIN), null);
    book.add("DOT", "its maker certifies it for the United States", aim, NONE, null);
    return book;
  }

  private void headlamp(String mark, String says, String regulation, Set<LampFunction> functions) {
    add(mark, says, regulation, functions, functions.contains(DIPPED) ? BeamClass.UN_DIPPED : null);
  }

  private void add(
      String mark,
      String says,
      String document,
      Set<LampFunction> functions,
      @org.jspecify.annotations.Nullable BeamClass beam) {
    Source source = new Source(Source.Mark.FROM_MEMORY, document);
    marks.put(mark, new LensMark(mark, says, functions, Optional.ofNullable(beam), source));
  }

  Optional<LensMark> find(String mark) {
    return Optional.ofNullable(marks.get(mark));
  }
}
