package mellow.core.lens;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;

/**
 * A lens as it was read.
 *
 * @param marks its marks in the order in which they were typed
 * @param families whose marks they are; empty where none says it
 * @param traffic which traffic its low beam is for
 * @param side that the lamp is made for; empty where no letter says it
 * @param reference mark of its main beam; those of all that are lit together add up to 100 at most
 */
public record LensReading(
    List<LensMark> marks,
    Set<MarkFamily> families,
    Traffic traffic,
    Optional<Side> side,
    OptionalDouble reference) {
  private static final MarkBook UN = MarkBook.ofUn();
  private static final MarkBook SAE = MarkBook.ofSae();
  private static final int LONGEST = 200;

  private static final Pattern APPROVAL = Pattern.compile("E\\d{1,2}");
  private static final Pattern NUMBER = Pattern.compile("\\d{3,10}|\\d{2}-\\d{3,6}");
  private static final Pattern SERIES = Pattern.compile("0\\d");
  private static final Pattern YEAR = Pattern.compile("(?:19|20)?\\d{2}");

  private static final Source ARROWS = Source.fromMemory(LensWords.srcArrows());
  private static final Source SIDE_LETTERS = Source.commonPractice(LensWords.srcSides());
  private static final Source REFERENCE_SUM = Source.fromMemory(LensWords.srcReference());
  private static final Map<String, Side> SIDES =
      Map.of("L", Side.LEFT, "LH", Side.LEFT, "R", Side.RIGHT, "RH", Side.RIGHT);

  /** UN R112 and R98, main beams (from memory). */
  private static final Set<String> REFERENCES =
      Set.of("7.5", "10", "12.5", "17.5", "20", "25", "27.5", "30", "37.5", "40", "45", "50");

  private static final Source SAE_CODES = Source.fromMemory(Sentence.of("SAE J759"));
  private static final Source APPROVALS = Source.fromMemory(LensWords.srcApprovals());

  public LensReading {
    marks = List.copyOf(marks);
    families = Set.copyOf(families);
  }

  /** The traffic that a stepped cutoff is made for. */
  public enum Traffic {
    /** No arrow. */
    RIGHT,
    /** One arrow. */
    LEFT,
    /** An arrow both ways. */
    EITHER
  }

  /** Reads what stands on a lens; marks are parted by spaces, commas or line ends. */
  public static LensReading of(String typed) {
    String text =
        typed
            .substring(0, Math.min(typed.length(), LONGEST))
            .toUpperCase(Locale.ROOT)
            // a decimal comma parts no marks
            .replaceAll("(?<!\\d)(\\d{1,2}),5(?!\\d)", "$1.5");
    List<LensMark> marks = new ArrayList<>();
    Set<MarkFamily> families = EnumSet.noneOf(MarkFamily.class);
    Traffic traffic = Traffic.RIGHT;
    Optional<Side> side = Optional.empty();
    OptionalDouble reference = OptionalDouble.empty();
    for (String mark : joined(text)) {
      if (mark.equals("SAE") || mark.equals("DOT")) {
        families.add(MarkFamily.SAE);
      }
      Optional<Traffic> arrow = arrow(mark);
      if (arrow.isPresent()) {
        traffic = arrow.get();
        marks.add(arrowMark(mark, traffic));
      } else if (SIDES.containsKey(mark) && (mark.length() > 1 || saysAFunction(marks))) {
        // a letter by itself is a mark of UN R112 where no other says what the lamp is for
        side = Optional.of(SIDES.get(mark));
        marks.add(plain(mark, LensWords.forSide(side.get()), SIDE_LETTERS));
      } else if (!families.contains(MarkFamily.SAE) && REFERENCES.contains(mark)) {
        reference = OptionalDouble.of(Double.parseDouble(mark));
        marks.add(plain(mark, LensWords.reference(), REFERENCE_SUM));
      } else if (APPROVAL.matcher(mark).matches()) {
        families.add(MarkFamily.UN);
        marks.add(plain(mark, LensWords.authority(mark.substring(1)), APPROVALS));
      } else {
        boolean behindSae = families.contains(MarkFamily.SAE);
        LensMark found = known(mark, behindSae);
        if (!behindSae && !found.functions().isEmpty()) {
          families.add(found.beam().map(BeamClass::family).orElse(MarkFamily.UN));
        }
        marks.add(found);
      }
    }
    return new LensReading(marks, families, traffic, side, reference);
  }

  /** The marks one by one; two arrows that point away from each other are one mark. */
  private static List<String> joined(String text) {
    return Stream.of(
            text.replaceAll("(?:←|<-+)\\s*(?:→|-+>)|(?:→|-+>)\\s*(?:←|<-+)", " ↔ ")
                .split("[\\s,;]+"))
        .filter(mark -> !mark.isEmpty())
        .toList();
  }

  private static boolean saysAFunction(List<LensMark> marks) {
    return marks.stream().anyMatch(mark -> !mark.functions().isEmpty());
  }

  private static LensMark known(String mark, boolean behindSae) {
    if (mark.equals("SAE")) {
      return plain(mark, LensWords.saeFollow(), SAE_CODES);
    }
    Optional<LensMark> found =
        behindSae || mark.equals("DOT") || mark.startsWith("VO")
            ? SAE.find(mark).or(() -> UN.find(mark))
            : UN.find(mark);
    if (found.isPresent()) {
      return found.get();
    }
    if (behindSae && YEAR.matcher(mark).matches()) {
      return plain(mark, LensWords.year(), SAE_CODES);
    }
    if (!behindSae && SERIES.matcher(mark).matches()) {
      return plain(mark, LensWords.series(), APPROVALS);
    }
    if (NUMBER.matcher(mark).matches()) {
      return plain(mark, LensWords.number(), APPROVALS);
    }
    return plain(mark, Sentence.EMPTY, Source.derived(LensWords.srcKnown()));
  }

  private static LensMark plain(String mark, Sentence says, Source source) {
    return new LensMark(mark, says, Set.of(), Optional.empty(), source, false);
  }

  private static Optional<Traffic> arrow(String mark) {
    return switch (mark) {
      case "↔", "<->", "<-->", "⟷" -> Optional.of(Traffic.EITHER);
      case "→", "->", "-->", "⟶" -> Optional.of(Traffic.LEFT);
      default -> Optional.empty();
    };
  }

  private static LensMark arrowMark(String mark, Traffic traffic) {
    return plain(
        mark,
        traffic == Traffic.EITHER ? LensWords.eitherTraffic() : LensWords.leftTraffic(),
        ARROWS);
  }

  /** Whether a ballast strikes behind it: a headlamp approved for gas discharge. */
  public boolean isDischarge() {
    return marks.stream().anyMatch(LensMark::discharge);
  }

  /** All functions that the marks allow. */
  public Set<LampFunction> functions() {
    Set<LampFunction> functions = EnumSet.noneOf(LampFunction.class);
    marks.forEach(mark -> functions.addAll(mark.functions()));
    return functions;
  }

  /**
   * The class by which the aim of such a lamp is judged; empty where no mark says it.
   *
   * @param market whose marks go first on a lens that bears both
   */
  public Optional<BeamClass> beam(LampKind kind, Optional<MarkFamily> market) {
    List<BeamClass> classes =
        marks.stream()
            .flatMap(mark -> mark.beam().stream())
            .filter(beam -> beam.kind() == kind)
            .toList();
    return classes.stream()
        .filter(beam -> market.equals(Optional.of(beam.family())))
        .findFirst()
        .or(() -> classes.stream().findFirst());
  }

  /**
   * What does not suit, and what is not known.
   *
   * @param market whose marks are wanted; empty where any will do
   * @param side on which traffic runs
   */
  public List<Finding> findings(Optional<MarkFamily> market, TrafficSide side) {
    List<Finding> findings = new ArrayList<>();
    marks.stream()
        .filter(mark -> !mark.isKnown())
        .forEach(
            mark ->
                findings.add(
                    Finding.notKnown(
                        FindingKey.of("lens.unknown", SubjectKind.MARK.within("", mark.typed())),
                        mark.source(),
                        LensWords.unknown(mark.typed()),
                        Remedy.of(Remedy.Action.READ, Remedy.Page.PARTS, LensWords.readAgain()))));
    if (!families.isEmpty()) {
      market.ifPresent(wanted -> findings.add(market(wanted)));
    }
    if (beam(LampKind.DIPPED, market).filter(BeamClass.UN_DIPPED::equals).isPresent()) {
      findings.add(traffic(side));
    }
    return findings;
  }

  /**
   * Whether it is made for the side on which it is fitted; empty where no letter says its side. A
   * lamp of the other side fits the box, and not the vehicle.
   */
  public Optional<Finding> fits(Side fitted) {
    return side.map(
        made ->
            made == fitted
                ? Finding.plain(
                    FindingKey.of("lens.side"),
                    Verdict.WITHIN,
                    SIDE_LETTERS,
                    LensWords.madeFor(made))
                : Finding.plain(
                        FindingKey.of("lens.side"),
                        Verdict.OUT,
                        SIDE_LETTERS,
                        LensWords.madeFor(made))
                    .withRemedy(
                        Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PARTS, LensWords.swapped())));
  }

  private Finding market(MarkFamily wanted) {
    boolean un = wanted == MarkFamily.UN;
    Source source = Source.fromMemory(un ? LensWords.srcApproved() : LensWords.srcCertified());
    if (families.contains(wanted)) {
      return Finding.plain(
          FindingKey.of("lens.market"), Verdict.WITHIN, source, LensWords.marketMarks());
    }
    return Finding.plain(FindingKey.of("lens.market"), Verdict.OUT, source, LensWords.noMark(un))
        .withRemedy(Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PARTS, LensWords.goesBack()));
  }

  private Finding traffic(TrafficSide side) {
    boolean suits = traffic == Traffic.EITHER || traffic.name().equals(side.name());
    return suits
        ? Finding.plain(
            FindingKey.of("lens.traffic"), Verdict.WITHIN, ARROWS, LensWords.risesToKerb())
        : Finding.plain(
                FindingKey.of("lens.traffic"),
                Verdict.OUT,
                ARROWS,
                LensWords.wrongTraffic(traffic == Traffic.LEFT))
            .withRemedy(
                Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PARTS, LensWords.otherTraffic()));
  }
}
