package mellow.e2e;

import java.io.IOException;
import org.junit.jupiter.api.Test;

/** The second of two halves: see {@link AllViews}. */
class AllViewsSecondHalfIT extends AllViews {
  @Test
  void everyViewHoldsAtEachSizeAndFollowsTheRulesOfAccessibility() throws IOException {
    hold(1);
  }
}
