package mellow.server.record;

import io.swagger.v3.oas.annotations.media.Schema;
import mellow.server.wire.SentenceView;

/** A field in which two versions of a document differ. */
@Schema(name = "VersionDifference", description = "A field in which two versions differ, in words.")
public record DifferenceView(SentenceView what, SentenceView theirs, SentenceView mine) {
  public static DifferenceView of(Comparer.Difference difference) {
    return new DifferenceView(
        SentenceView.of(difference.what()),
        SentenceView.of(difference.theirs()),
        SentenceView.of(difference.mine()));
  }
}
