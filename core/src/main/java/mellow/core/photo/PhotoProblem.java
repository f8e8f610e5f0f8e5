package mellow.core.photo;

import mellow.core.finding.Refused;
import mellow.core.finding.Sentence;

/** A file that is not taken, with a sentence that says why. */
@SuppressWarnings("serial")
public final class PhotoProblem extends Refused {
  public PhotoProblem(Sentence why) {
    super(why);
  }
}
