package mellow.e2e;

import org.junit.jupiter.api.Test;

/** The second of two halves: see {@link AllViews}. */
class AllViewsSecondHalfIT extends AllViews {
  @Test
  void everyViewHoldsAtEachSizeAndFollowsTheRulesOfAccessibility() {
    hold(1);
  }
}
