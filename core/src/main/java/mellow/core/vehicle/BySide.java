package mellow.core.vehicle;

import java.util.function.Function;

/**
 * The same thing once for each side.
 *
 * @param <T> what it is
 */
public record BySide<T>(T left, T right) {

  public static <T> BySide<T> of(Function<Side, T> make) {
    return new BySide<>(make.apply(Side.LEFT), make.apply(Side.RIGHT));
  }

  public T on(Side side) {
    return side == Side.LEFT ? left : right;
  }

  public <R> BySide<R> map(Function<? super T, ? extends R> change) {
    return new BySide<>(change.apply(left), change.apply(right));
  }
}
