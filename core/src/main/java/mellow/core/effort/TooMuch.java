package mellow.core.effort;

/** An answer that would take longer than it may. */
@SuppressWarnings("serial")
public final class TooMuch extends RuntimeException {
  TooMuch() {
    super("This takes too long to work out: draw fewer shapes or corners, or a smaller circuit.");
  }
}
