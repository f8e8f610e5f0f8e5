package mellow.core.fault;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;

/** What every check would show under every hypothesis: made once for a circuit, and kept. */
public final class CheckTable {
  /** Readings that lie nearer than so many deviations are one answer. */
  private static final double APART = 4;

  /**
   * A bad contact has any resistance, of which the model has two: what it changes lies within so
   * large a share of what the model says. Judged.
   */
  private static final double SEVERITY = 0.5;

  private static final int[] NOTHING = {};
  private static final int OUT_AND_LIT = bit(Look.OUT.answer()) | bit(Look.LIT.answer());

  private final ShownBy shownBy;
  private final List<Check> checks;
  private final Map<Check, Integer> places;
  private final List<Row> rows;
  private final Outlines outlines;

  /** By hypothesis: whether it is seen at a lamp. */
  private final boolean[] seen;

  private CheckTable(ShownBy shownBy, List<Check> checks, List<Row> rows, Outlines outlines) {
    this.shownBy = shownBy;
    this.outlines = outlines;
    this.checks = List.copyOf(checks);
    this.rows = List.copyOf(rows);
    this.places = new LinkedHashMap<>();
    for (int place = 0; place < checks.size(); place++) {
      places.put(checks.get(place), place);
    }
    this.seen = new boolean[hypotheses().size()];
    int[] looks =
        IntStream.range(0, checks.size())
            .filter(check -> checks.get(check) instanceof Check.LampSeen)
            .toArray();
    for (int h = 0; h < seen.length; h++) {
      int of = h;
      seen[h] = Arrays.stream(looks).anyMatch(look -> shows(look, of) != sound(look));
    }
  }

  /**
   * What one check shows.
   *
   * @param shows by hypothesis; the last one is that of a sound circuit
   * @param groups which of them give the same answer, by number; -1 where the model cannot tell
   * @param answers how many answers are told apart, at least two
   * @param betweenSizes by hypothesis, see {@link #betweenSizes}
   */
  private record Row(double[] shows, int[] groups, int answers, int[] betweenSizes) {}

  /**
   * Solves the circuit under every hypothesis, in every state.
   *
   * @param states positions of the controls in which checks are made
   */
  public static CheckTable of(Circuit circuit, List<Controls> states, List<Hypothesis> hypotheses) {
    ShownBy shownBy = new ShownBy(circuit, states, hypotheses);
    List<Check> checks = new UsualChecks(circuit, shownBy.sound()).all();
    Outlines outlines = Outlines.of(hypotheses);
    return new CheckTable(shownBy, checks, rows(shownBy, checks, outlines), outlines);
  }

  private static List<Row> rows(ShownBy shownBy, List<Check> checks, Outlines outlines) {
    double[][] shows = shownBy.shown(checks);
    return IntStream.range(0, shows.length)
        .mapToObj(i -> row(checks.get(i), shows[i], outlines))
        .toList();
  }

  /**
   * The same with checks that are not among the usual ones: any two nodes, a test light, a clamp.
   *
   * @throws IllegalArgumentException for a check of a part, node or state that the circuit lacks
   */
  public CheckTable with(Collection<Check> more) {
    List<Check> fresh =
        more.stream().filter(check -> !places.containsKey(check)).distinct().toList();
    if (fresh.isEmpty()) {
      return this;
    }
    List<Check> all = new ArrayList<>(checks);
    all.addAll(fresh);
    List<Row> allRows = new ArrayList<>(rows);
    allRows.addAll(rows(shownBy, fresh, outlines));
    return new CheckTable(shownBy, all, allRows, outlines);
  }

  /** The same with more that may be wrong, behind the others. */
  public CheckTable and(List<Hypothesis> more) {
    if (more.isEmpty()) {
      return this;
    }
    ShownBy both = shownBy.and(more);
    Outlines all = Outlines.of(both.hypotheses());
    List<Row> wider = new ArrayList<>();
    for (int check = 0; check < checks.size(); check++) {
      wider.add(wider(both, check, all));
    }
    return new CheckTable(both, checks, wider, all);
  }

  private Row wider(ShownBy both, int check, Outlines all) {
    Row row = rows.get(check);
    int before = soundPlace();
    double[] shows = Arrays.copyOf(row.shows(), both.hypotheses().size() + 1);
    for (int h = before; h < shows.length - 1; h++) {
      shows[h] = both.shown(checks.get(check), h);
    }
    shows[shows.length - 1] = row.shows()[before];
    return row(checks.get(check), shows, all);
  }

  /** The same with what an ohmmeter shows once the battery is off. */
  public CheckTable withPoweredOff() {
    return with(UsualChecks.poweredOff(shownBy.circuit(), 0));
  }

  private static Row row(Check check, double[] shows, Outlines outlines) {
    int[] groups = groups(check, shows);
    int answers =
        check.answers() > 0
            ? check.answers()
            : Math.max(2, Arrays.stream(groups).max().orElse(0) + 1);
    return new Row(shows, groups, answers, betweenSizes(check, shows, outlines));
  }

  private static int[] groups(Check check, double[] shows) {
    if (!(check instanceof Check.ByMeter meter)) {
      return Arrays.stream(shows).mapToInt(said -> Double.isNaN(said) ? -1 : (int) said).toArray();
    }
    double[] begins = begins(meter, shows);
    int[] groups = new int[shows.length];
    for (int h = 0; h < shows.length; h++) {
      int place = Arrays.binarySearch(begins, shows[h]);
      groups[h] = Double.isNaN(shows[h]) ? -1 : place >= 0 ? place : -place - 2;
    }
    return groups;
  }

  /** The least reading of each answer that is told apart from the one below it, V, A or Ω. */
  private static double[] begins(Check.ByMeter meter, double[] shows) {
    double[] sorted = Arrays.stream(shows).filter(shown -> !Double.isNaN(shown)).sorted().toArray();
    return IntStream.range(0, sorted.length)
        .filter(i -> i == 0 || sorted[i] - sorted[i - 1] > APART * meter.sigma(sorted[i]))
        .mapToDouble(i -> sorted[i])
        .toArray();
  }

  /** In the order in which they were found. */
  public List<Check> checks() {
    return checks;
  }

  /** Its place among the checks. */
  public int place(Check check) {
    return Objects.requireNonNull(places.get(check), () -> "not in the table: " + check);
  }

  /** What may be wrong. */
  public List<Hypothesis> hypotheses() {
    return shownBy.hypotheses();
  }

  /**
   * What a check shows under a hypothesis, by their places, or at {@link #soundPlace}; not a number
   * where the model cannot tell.
   */
  public double shows(int check, int hypothesis) {
    return rows.get(check).shows()[hypothesis];
  }

  /** What a check shows while nothing is wrong. */
  public double sound(int check) {
    return shows(check, soundPlace());
  }

  /** The place of a circuit with nothing wrong, behind those of the hypotheses. */
  public int soundPlace() {
    return hypotheses().size();
  }

  /**
   * The deviation of what a meter reads under a hypothesis: its own, and how bad it may be.
   *
   * @param check the place of one that is measured
   */
  double sigma(int check, int hypothesis) {
    double said = shows(check, hypothesis);
    boolean resists = hypothesis < soundPlace() && outlines.resists(hypothesis);
    return ((Check.ByMeter) checks.get(check)).sigma(said)
        + (resists ? SEVERITY * Math.abs(said - sound(check)) : 0);
  }

  /** Whether a check showed what a hypothesis says; false where the model cannot tell. */
  public boolean agrees(int check, int hypothesis, double shown) {
    double said = shows(check, hypothesis);
    return checks.get(check) instanceof Check.ByMeter
        ? Math.abs(shown - said) <= Check.ByMeter.AGREES * sigma(check, hypothesis)
        : said == shown || isBetweenSizes(check, hypothesis, shown);
  }

  /** Whether an answer is among those of {@link #betweenSizes}. */
  private boolean isBetweenSizes(int check, int hypothesis, double shown) {
    return (betweenSizes(check, hypothesis) & bit(shown)) != 0;
  }

  /**
   * What a bad contact may show whose resistance lies between that of a hypothesis and the next
   * ones of the model: weak as well, where one is out and the next lit.
   *
   * @return a bit for each answer, that of the hypothesis among them; none where there is but one,
   *     for what is measured, and for what work on the vehicle alone changes
   */
  int betweenSizes(int check, int hypothesis) {
    int[] all = rows.get(check).betweenSizes();
    return hypothesis < all.length ? all[hypothesis] : 0;
  }

  private static int[] betweenSizes(Check check, double[] shows, Outlines outlines) {
    if (check instanceof Check.ByMeter || check.isOfWhatStays()) {
      return NOTHING;
    }
    return IntStream.range(0, shows.length - 1)
        .map(h -> betweenSizes(shows, h, outlines.beside(h)))
        .toArray();
  }

  private static int betweenSizes(double[] shows, int hypothesis, int[] beside) {
    if (beside.length == 0) {
      return 0;
    }
    int answers = bit(shows[hypothesis]);
    for (int one : beside) {
      answers |= bit(shows[one == Outlines.SOUND ? shows.length - 1 : one]);
    }
    if ((answers & OUT_AND_LIT) == OUT_AND_LIT) {
      answers |= bit(Look.WEAK.answer());
    }
    return Integer.bitCount(answers) == 1 ? 0 : answers;
  }

  private static int bit(double answer) {
    return 1 << (int) answer;
  }

  /**
   * Whether a lamp shows that a fault comes or goes just now: it flickers, or comes on after tries,
   * where it looks otherwise with the fault than without.
   */
  public boolean changes(int check, int hypothesis, double shown) {
    return isChanged(check, hypothesis)
        && (shown == Look.FLICKERS.answer() || shown == Look.AFTER_TRIES.answer());
  }

  /** Whether a lamp looks otherwise under a hypothesis than in a sound circuit. */
  boolean isChanged(int check, int hypothesis) {
    return checks.get(check) instanceof Check.OfLamp && shows(check, hypothesis) != sound(check);
  }

  /** Whether some lamp looks otherwise than in a sound circuit, in a state in which it is seen. */
  boolean isSeen(int hypothesis) {
    return seen[hypothesis];
  }

  /** How many answers of a check are told apart, at least two. */
  int answers(int check) {
    return rows.get(check).answers();
  }

  /** What may be wrong, as numbers. */
  Outlines outlines() {
    return outlines;
  }

  /** Which answer of a check each hypothesis gives, the sound circuit last; not to be changed. */
  int[] groups(int check) {
    return rows.get(check).groups();
  }
}
