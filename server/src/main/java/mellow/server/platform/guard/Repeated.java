package mellow.server.platform.guard;

import java.util.function.Supplier;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;

/** The same request several times at once, as pages send it that waited too long for the first. */
public final class Repeated {
  /** With so many at once each of them may be in another's way. */
  private static final int MOST_TRIES = 8;

  private Repeated() {}

  /**
   * Does something in a transaction of its own that changes nothing when it is done again; where
   * the same was being done beside it, once more: then it finds it done.
   */
  public static <T> T orDone(Supplier<T> transaction) {
    for (int tried = 1; ; tried++) {
      try {
        return transaction.get();
      } catch (DuplicateKeyException | PessimisticLockingFailureException besideIt) {
        if (tried == MOST_TRIES) {
          throw besideIt;
        }
      }
    }
  }

  /** The same for what answers nothing. */
  public static void orDone(Runnable transaction) {
    orDone(
        () -> {
          transaction.run();
          return true;
        });
  }
}
