package mellow.core.hunt;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Joining;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.fault.Fault;
import mellow.core.fault.Suspects.Answer;

/**
 * Which checks bear a cause out before a part is bought or a loom opened: each part is seen by
 * itself, mends the lamp when a good one stands in for it, or loses voltage under load that nothing
 * else would lose there. Hypotheses are named by their places in the table.
 */
final class Confirmation {
  /**
   * A check that should have borne a cause out, and did not, is made once more; so is a quick one.
   */
  private static final int AGAIN = 2;

  /** Below this share one glance alone does not bear a cause out: another one costs little. */
  private static final double GLANCED = 0.97;

  /** The same for a reading, which may be misread as anything. */
  private static final double READ = 0.99;

  private final CheckTable table;
  private final CheckCost cost;
  private final List<List<Answer>> answers;
  private final Map<Ends, String> joinings = new HashMap<>();

  /** Where a meter is put over something. */
  private record Ends(String from, String to) {}

  /**
   * For a hunt as it stands.
   *
   * @param answers by moment
   */
  Confirmation(Circuit circuit, CheckTable table, CheckCost cost, List<List<Answer>> answers) {
    this.table = table;
    this.cost = cost;
    this.answers = answers;
    circuit
        .of(Joining.class)
        .forEach(
            one -> {
              joinings.put(new Ends(one.from(), one.to()), one.id());
              joinings.put(new Ends(one.to(), one.from()), one.id());
            });
  }

  /** Whether a cause was borne out; where nothing is wrong, there is none. */
  boolean isThere(int likeliest, double share) {
    return open(likeliest, share).findAny().isEmpty();
  }

  /** Whether each fault of a cause can be borne out by some check. */
  boolean canBearOut(int likeliest) {
    return table.hypotheses().get(likeliest).faults().stream()
        .noneMatch(fault -> possible(fault, likeliest).isEmpty());
  }

  /** The check that is to bear out a fault, where some still can. */
  Optional<Check> next(int likeliest, double share) {
    return open(likeliest, share).flatMap(ways -> best(ways, likeliest).stream()).findFirst();
  }

  /**
   * One that was not made yet before one that failed; where a quick one left doubt, what costs
   * least.
   */
  private Optional<Check> best(List<Check> ways, int likeliest) {
    Comparator<Check> cheapest = Comparator.comparing(cost::minutes);
    boolean leavesDoubt = ways.stream().anyMatch(check -> isBorneOut(check, likeliest));
    return ways.stream()
        .filter(check -> times(check) < AGAIN)
        .min(
            leavesDoubt
                ? cheapest
                : Comparator.<Check>comparingLong(this::times).thenComparing(cheapest));
  }

  /** How often a check was made. */
  long times(Check check) {
    int place = table.place(check);
    return answers.stream()
        .filter(seen -> seen.stream().anyMatch(answer -> answer.check() == place))
        .count();
  }

  /** The part that a check may bear out. */
  Optional<String> part(Check check) {
    return check instanceof Check.OfWhatStays looked
        ? Optional.of(looked.part())
        : check instanceof Check.Exchanged one ? Optional.of(one.part()) : over(check);
  }

  /** Whether a check of a part is expected to bear out what is wrong with it. */
  boolean bearsOut(Check check, int hypothesis) {
    int place = table.place(check);
    if (check instanceof Check.Exchanged exchanged) {
      return mends(exchanged, hypothesis);
    } else if (check instanceof Check.Measured measured) {
      return isAlwaysThere(hypothesis)
          && isApart(measured, table.shows(place, hypothesis), table.sound(place));
    }
    return table.shows(place, hypothesis) != table.sound(place);
  }

  /** The faults that some check could bear out, and none did enough yet, each with those checks. */
  private Stream<List<Check>> open(int likeliest, double share) {
    return table.hypotheses().get(likeliest).faults().stream()
        .map(fault -> possible(fault, likeliest))
        .filter(ways -> !ways.isEmpty() && !isBorneOut(ways, likeliest, share));
  }

  /** By a check that leaves no doubt, or by quick ones more than once. */
  private boolean isBorneOut(List<Check> ways, int likeliest, double share) {
    List<Check> did = ways.stream().filter(check -> isBorneOut(check, likeliest)).toList();
    return did.stream().anyMatch(check -> share >= certain(check))
        || did.stream().mapToLong(this::times).sum() >= AGAIN;
  }

  /** From which share on a check bears a cause out by itself. */
  private static double certain(Check check) {
    if (check instanceof Check.Measured) {
      return READ;
    }
    return check instanceof Check.PlugLooked || check instanceof Check.FuseLooked ? GLANCED : 0;
  }

  private List<Check> possible(Fault fault, int likeliest) {
    return ways(fault, likeliest).filter(table.checks()::contains).filter(cost::canBe).toList();
  }

  private Stream<Check> ways(Fault fault, int likeliest) {
    return switch (fault.kind()) {
      case PLUG_OUT -> Stream.of(new Check.PlugLooked(fault.part()));
      case WRONG_SLOT -> Stream.of(new Check.FuseLooked(fault.part()));
      case FUSE_BLOWN -> newFuse(fault, likeliest);
      case NOT_CONFIGURED, SET_WRONG -> Stream.empty();
      default ->
          Stream.of(
                  Stream.of(new Check.Inspected(fault.part())),
                  exchanges(fault, likeliest),
                  drops(fault, likeliest))
              .flatMap(ways -> ways);
    };
  }

  /** What blew a fuse may blow a new one: where one is at hand, it has to hold. */
  private Stream<Check> newFuse(Fault fault, int likeliest) {
    List<Check> holds = exchanges(fault, likeliest).filter(cost::canBe).toList();
    return holds.isEmpty() ? Stream.of(new Check.FuseLooked(fault.part())) : holds.stream();
  }

  private Stream<Check> exchanges(Fault fault, int likeliest) {
    return table.checks().stream()
        .filter(
            check ->
                check instanceof Check.Exchanged one
                    && one.part().equals(fault.part())
                    && mends(one, likeliest));
  }

  /**
   * Whether a lamp that is not as it should be becomes so with a good part in place of a bad one.
   */
  private boolean mends(Check.Exchanged check, int hypothesis) {
    int look = table.place(new Check.LampSeen(check.state(), check.lamp()));
    return isAlwaysThere(hypothesis)
        && table.shows(look, hypothesis) != table.sound(look)
        && table.shows(table.place(check), hypothesis) == table.sound(look);
  }

  private boolean isAlwaysThere(int hypothesis) {
    return table.hypotheses().get(hypothesis).present() == 1;
  }

  /** Voltage that is lost over a joining under load. */
  private Stream<Check> drops(Fault fault, int likeliest) {
    return isAlwaysThere(likeliest)
        ? table.checks().stream()
            .filter(check -> over(check).filter(fault.part()::equals).isPresent())
            .filter(check -> isLost(check, table.shows(table.place(check), likeliest)))
        : Stream.empty();
  }

  /** The joining over which a voltage is measured. */
  private Optional<String> over(Check check) {
    return check instanceof Check.Measured one
        ? Optional.ofNullable(joinings.get(new Ends(one.from(), one.to())))
        : Optional.empty();
  }

  /** Whether a reading is none that is met where the joining is sound, whatever else is wrong. */
  private boolean isLost(Check check, double shown) {
    int place = table.place(check);
    String part = over(check).orElseThrow();
    return isApart((Check.Measured) check, shown, table.sound(place))
        && IntStream.range(0, table.hypotheses().size())
            .filter(h -> table.hypotheses().get(h).isInTheModel())
            .filter(h -> !table.hypotheses().get(h).parts().contains(part))
            .noneMatch(h -> table.agrees(place, h, shown));
  }

  private static boolean isApart(Check.Measured check, double one, double other) {
    return Math.abs(one - other) > Check.ByMeter.AGREES * check.sigma(other);
  }

  /** Whether a check was made, and showed last what a hypothesis says. */
  private boolean isBorneOut(Check check, int hypothesis) {
    int place = table.place(check);
    return answers.stream()
        .flatMap(List::stream)
        .filter(answer -> answer.check() == place)
        .reduce((earlier, later) -> later)
        .filter(answer -> table.agrees(place, hypothesis, answer.shown()))
        .filter(answer -> over(check).isEmpty() || isLost(check, answer.shown()))
        .isPresent();
  }
}
