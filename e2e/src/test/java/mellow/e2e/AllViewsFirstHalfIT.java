package mellow.e2e;

import org.junit.jupiter.api.Test;

/** The first of two halves: see {@link AllViews}. */
class AllViewsFirstHalfIT extends AllViews {
  @Test
  void everyViewHoldsAtEachSizeAndFollowsTheRulesOfAccessibility() {
    hold(0);
  }
}
