package mellow.server.platform;

import java.util.function.Supplier;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;

/** The same request twice at once, as a page sends it that waited too long for the first. */
public final class Repeated {
  private Repeated() {}

  /**
   * Does something in a transaction of its own that changes nothing when it is done again; where
   * the same was being done beside it, once more: then it finds it done.
   */
  public static <T> T orDone(Supplier<T> transaction) {
    try {
      return transaction.get();
    } catch (DuplicateKeyException | PessimisticLockingFailureException besideIt) {
      return transaction.get();
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
