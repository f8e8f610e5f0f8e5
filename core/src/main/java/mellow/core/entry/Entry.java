package mellow.core.entry;

import java.util.function.Function;
import mellow.core.finding.Sentence;

/**
 * What became of a text that a person typed: a value, or a refusal that says where and why.
 *
 * @param <T> what the text stands for
 */
public sealed interface Entry<T> {

  /** What was typed, to the letter. */
  String typed();

  /** The text was understood. */
  record Accepted<T>(String typed, T value) implements Entry<T> {}

  /**
   * The text was not understood, or not in one way only.
   *
   * @param at index in {@code typed} of the first character that cannot stand there
   * @param why one sentence for people
   * @param wouldBeRight an example of what would be taken
   */
  record Refused<T>(String typed, int at, Sentence why, Sentence wouldBeRight)
      implements Entry<T> {}

  /** The same entry with its value changed; a refusal stays as it is. */
  default <R> Entry<R> map(Function<? super T, ? extends R> change) {
    if (this instanceof Accepted<T> accepted) {
      return new Accepted<>(accepted.typed(), change.apply(accepted.value()));
    }
    Refused<T> refused = (Refused<T>) this;
    return new Refused<>(refused.typed(), refused.at(), refused.why(), refused.wouldBeRight());
  }
}
