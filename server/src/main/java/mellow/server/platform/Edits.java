package mellow.server.platform;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/**
 * What becomes of a versioned edit, so that nothing is overwritten unseen and nothing done twice.
 */
public enum Edits {
  /** There is no such row, and the edit starts at version 0. */
  CREATE,
  /** The edit was made on the current version. */
  UPDATE,
  /** The same edit was carried out before. */
  REPEAT,
  /** Somebody else changed the row since. */
  STALE;

  /**
   * Decides on an edit.
   *
   * @param currentVersion of the row; empty where there is none
   * @param editedVersion on which the edit was made; 0 for a new row
   * @param alreadySo the row already says what the edit wants
   */
  public static Edits of(Optional<Integer> currentVersion, int editedVersion, boolean alreadySo) {
    if (currentVersion.isEmpty()) {
      if (editedVersion != 0) {
        throw Refusal.notFound(PlatformWords.nothingToChange());
      }
      return CREATE;
    }
    if (alreadySo) {
      return REPEAT;
    }
    return currentVersion.get() == editedVersion ? UPDATE : STALE;
  }

  /**
   * Carries the edit out.
   *
   * @param add adds the row
   * @param replace writes the row where it still has the edited version; whether it had
   * @param stale the refusal with the row as it is now
   */
  public void carryOut(Runnable add, BooleanSupplier replace, Supplier<Refusal> stale) {
    switch (this) {
      case CREATE -> add.run();
      case UPDATE -> {
        if (!replace.getAsBoolean()) {
          throw stale.get();
        }
      }
      case STALE -> throw stale.get();
      case REPEAT -> {}
    }
  }
}
