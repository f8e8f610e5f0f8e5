package mellow.core.retrofit;

import java.util.List;
import mellow.core.finding.Sentence;

/**
 * What to do next with the oven.
 *
 * @param school which school
 * @param heat how hot and how long
 * @param because why
 */
public record OvenAdvice(OvenSchool school, OvenSchool.Heat heat, Sentence because) {
  /** Longer at the same heat before hotter: so often at one school. Judged. */
  private static final int TIMES_AT_ONE = 2;

  /** Follows from what was done with this housing so far, in order. */
  public static OvenAdvice of(Bake.Purpose purpose, List<Bake> before) {
    List<OvenSchool> schools =
        before.stream().filter(bake -> bake.purpose() == purpose).map(Bake::school).toList();
    boolean opens = purpose == Bake.Purpose.OPEN;
    if (schools.isEmpty()) {
      return at(OvenSchool.COOL, purpose, RetrofitWords.coolFirst(opens));
    }
    OvenSchool last = schools.get(schools.size() - 1);
    long times = schools.stream().filter(last::equals).count();
    if (times < TIMES_AT_ONE) {
      return at(last, purpose, RetrofitWords.onceMore());
    }
    if (last == OvenSchool.HOT) {
      return at(last, purpose, opens ? RetrofitWords.didNotOpen() : RetrofitWords.didNotClose());
    }
    return at(
        OvenSchool.values()[last.ordinal() + 1],
        purpose,
        RetrofitWords.oneUp((int) times, last, opens));
  }

  private static OvenAdvice at(OvenSchool school, Bake.Purpose purpose, Sentence because) {
    return new OvenAdvice(
        school, purpose == Bake.Purpose.OPEN ? school.opening() : school.resealing(), because);
  }
}
