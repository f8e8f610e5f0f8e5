package mellow.core.aim;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.vehicle.Side;

/** Finds and converts readings of a cutoff. */
public final class CutoffReadings {
  private CutoffReadings() {}

  /** The inclination of a reading, in percent. */
  public static double percent(AimEvent.CutoffRead read, LampPlace lamp) {
    return read.datum() == AimEvent.Datum.BELOW_LINE
        ? -lamp.percentOf(read.read().mm())
        : lamp.percentOfHeight(read.read().mm());
  }

  /** The last event of a kind on a side. */
  public static <E extends AimEvent> Optional<E> last(
      List<AimEvent> events, Class<E> kind, Side side) {
    for (int i = events.size() - 1; i >= 0; i--) {
      if (events.get(i).side() == side && kind.isInstance(events.get(i))) {
        return Optional.of(kind.cast(events.get(i)));
      }
    }
    return Optional.empty();
  }

  /**
   * How steep the cutoff was as the vehicle came, in percent: by the mark taken before the old lamp
   * came off, or by the first reading where no screw had been turned yet; empty where neither was.
   */
  public static OptionalDouble percentAsItCame(
      PairInput pair, Side side, Optional<LampPlace> lamp) {
    Optional<PairInput.BeforeMark> mark = pair.before().on(side);
    if (mark.isPresent()) {
      return OptionalDouble.of(mark.get().percent());
    }
    Optional<AimEvent> first =
        pair.events().stream()
            .filter(event -> event.side() == side)
            .filter(
                event -> event instanceof AimEvent.CutoffRead || event instanceof AimEvent.Turned)
            .findFirst();
    return lamp.isPresent() && first.orElse(null) instanceof AimEvent.CutoffRead read
        ? OptionalDouble.of(percent(read, lamp.get()))
        : OptionalDouble.empty();
  }

  /**
   * The last reading that stands before the latest turn, where the cutoff was read again after that
   * turn; empty where nothing was turned between two readings.
   */
  public static Optional<AimEvent.CutoffRead> beforeLastTurn(List<AimEvent> events, Side side) {
    Optional<AimEvent.CutoffRead> last = Optional.empty();
    Optional<AimEvent.CutoffRead> beforeTurn = Optional.empty();
    for (AimEvent event : events) {
      if (event.side() != side) {
        continue;
      }
      if (event instanceof AimEvent.CutoffRead read) {
        last = Optional.of(read);
      } else if (event instanceof AimEvent.Turned) {
        beforeTurn = last;
      }
    }
    return beforeTurn;
  }

  /**
   * What the coarsest reading of a lamp's cutoff was read to, ± mm; the lamp's tape before that.
   */
  public static double plusMinusMm(List<AimEvent> events, LampPlace lamp) {
    return events.stream()
        .filter(event -> event.side() == lamp.side())
        .filter(AimEvent.CutoffRead.class::isInstance)
        .mapToDouble(event -> ((AimEvent.CutoffRead) event).read().plusMinusMm())
        .max()
        .orElse(lamp.tapeMm());
  }

  /** Whether an adjuster was turned after the last reading of the cutoff. */
  public static boolean turnedSinceRead(List<AimEvent> events, Side side) {
    return turnedSince(AimEvent.CutoffRead.class, events, side);
  }

  /** Whether a screw of the lamp was turned after it was last read in a way. */
  public static boolean turnedSince(
      Class<? extends AimEvent> read, List<AimEvent> events, Side side) {
    boolean turned = false;
    for (AimEvent event : events) {
      if (event.side() == side) {
        if (read.isInstance(event)) {
          turned = false;
        } else if (event instanceof AimEvent.Turned) {
          turned = true;
        }
      }
    }
    return turned;
  }
}
