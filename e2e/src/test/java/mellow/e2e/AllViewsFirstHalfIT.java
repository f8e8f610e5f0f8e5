package mellow.e2e;

import java.io.IOException;
import org.junit.jupiter.api.Test;

/** The first of two halves: see {@link AllViews}. */
class AllViewsFirstHalfIT extends AllViews {
  @Test
  void everyViewHoldsAtEachSizeAndFollowsTheRulesOfAccessibility() throws IOException {
    hold(0);
  }
}
