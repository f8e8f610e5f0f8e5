package mellow.core.harness;

import java.util.List;
import java.util.Optional;

/**
 * Which wire feeds a load: the thinnest that loses little enough and stays cool enough.
 *
 * @param options all sizes, the thinnest first, each with what it loses and bears
 */
public record WireChoice(List<Option> options) {
  /** A lamp's feed and return together lose at most this: common practice. */
  public static final double MOST_DROP_PERCENT = 3;

  public WireChoice {
    options = List.copyOf(options);
  }

  /**
   * What is asked of a wire.
   *
   * @param amps that the load takes
   * @param volts at the source
   * @param wayMetres from the source to the load and back to ground, as far as it is wire
   * @param wireCelsius its temperature when loaded
   */
  public record Asked(double amps, double volts, double wayMetres, double wireCelsius) {
    public Asked {
      if (!(amps > 0) || !(volts > 0) || !(wayMetres > 0)) {
        throw new IllegalArgumentException(
            "a feed has a current, a voltage and a length: %s A, %s V, %s m"
                .formatted(amps, volts, wayMetres));
      }
    }
  }

  /**
   * One size and what it does.
   *
   * @param dropPercent of the source's voltage
   * @param allowedAmps for long, as it lies
   */
  public record Option(WireSize size, double dropPercent, double allowedAmps, boolean holds) {}

  public static WireChoice of(Asked asked, Laying laying) {
    return new WireChoice(
        WireSize.all().stream()
            .map(
                size -> {
                  double ohms = size.of(asked.wayMetres(), asked.wireCelsius()).ohms();
                  double drop = 100 * asked.amps() * ohms / asked.volts();
                  double allowed = laying.allowedAmps(size.mm2());
                  return new Option(
                      size, drop, allowed, drop <= MOST_DROP_PERCENT && asked.amps() <= allowed);
                })
            .toList());
  }

  /** The thinnest that holds both; empty where no size on the reel does. */
  public Optional<Option> thinnest() {
    return options.stream().filter(Option::holds).findFirst();
  }

  /** The option of one size, by the name on its reel. */
  public Option of(String name) {
    return options.stream()
        .filter(option -> option.size().name().equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no wire is called “%s”".formatted(name)));
  }
}
