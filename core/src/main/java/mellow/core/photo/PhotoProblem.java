package mellow.core.photo;

/** A file that is not taken, with a sentence that says why. */
@SuppressWarnings("serial")
public final class PhotoProblem extends Exception {
  public PhotoProblem(String sentence) {
    super(sentence);
  }
}
