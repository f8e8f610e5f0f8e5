package mellow.core.record;

import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/** The kinds of facts. What stands for one in what is stored never changes. */
public enum FactKind {
  READ("read", Fact.Read.class),
  TAKEN_OFF("out", Fact.TakenOff.class),
  MOVED("move", Fact.Moved.class),
  STEP("step", Fact.StepDone.class),
  TIMER("timer", Fact.TimerStarted.class),
  TIMER_STOPPED("stop", Fact.TimerStopped.class),
  BAKED("bake", Fact.Baked.class),
  WARMED("heat", Fact.Warmed.class),
  LAMPS_TRIED("proof", Fact.LampsTried.class),
  SANDED("lens", Fact.Sanded.class),
  BENCH_MEASURED("measure", Fact.BenchMeasured.class),
  CHOSEN("choice", Fact.Chosen.class),
  FLASHES("flash", Fact.FlashesCounted.class),
  BATTERY("battery", Fact.BatteryChanged.class),
  CHECKED("checked", Fact.Checked.class),
  UNDONE("undone", Fact.Undone.class),
  REVISED("revised", Fact.Revised.class),
  PHOTO("photo", Fact.PhotoKept.class),
  HANDED_OVER("closed", Fact.HandedOver.class),
  AMENDED("amended", Fact.Amended.class),
  ASIDE("aside", Fact.PutAside.class);

  private static final Map<Class<?>, FactKind> BY_TYPE =
      Arrays.stream(values()).collect(Collectors.toMap(kind -> kind.type, kind -> kind));

  private final String code;
  private final Class<? extends Fact> type;

  FactKind(String code, Class<? extends Fact> type) {
    this.code = code;
    this.type = type;
  }

  /** The kind of facts of a type. */
  public static FactKind of(Class<?> type) {
    return Objects.requireNonNull(BY_TYPE.get(type));
  }

  /** What stands for it in what is stored. */
  public String code() {
    return code;
  }

  /**
   * The kind that a code stands for.
   *
   * @throws IllegalArgumentException where it stands for none
   */
  public static FactKind of(String code) {
    for (FactKind kind : values()) {
      if (kind.code.equals(code)) {
        return kind;
      }
    }
    throw new IllegalArgumentException("no kind of fact: " + code);
  }
}
