package mellow.core.retrofit;

import java.util.List;

/**
 * What to do next with the oven.
 *
 * @param school which school
 * @param heat how hot and how long
 * @param because why
 */
public record OvenAdvice(OvenSchool school, OvenSchool.Heat heat, String because) {
  /** Longer at the same heat before hotter: so often at one school. Judged. */
  private static final int TIMES_AT_ONE = 2;

  /** Follows from what was done with this housing so far, in order. */
  public static OvenAdvice of(Bake.Purpose purpose, List<Bake> before) {
    List<OvenSchool> schools =
        before.stream().filter(bake -> bake.purpose() == purpose).map(Bake::school).toList();
    boolean opens = purpose == Bake.Purpose.OPEN;
    if (schools.isEmpty()) {
      return at(
          OvenSchool.COOL,
          purpose,
          opens
              ? "Cool first: what parts at 220 °F (104 °C) needs no more, and nothing warps."
              : "Cool first: what goes shut at 225 °F (107 °C) needs no more, and nothing warps.");
    }
    OvenSchool last = schools.get(schools.size() - 1);
    long times = schools.stream().filter(last::equals).count();
    if (times < TIMES_AT_ONE) {
      return at(last, purpose, "Once more at the same heat: longer comes before hotter.");
    }
    if (last == OvenSchool.HOT) {
      return at(
          last,
          purpose,
          opens
              ? "It did not part at 290 °F (143 °C): look once more for screws, tabs and metal"
                  + " clips; a welded housing is cut, not baked."
              : "It did not go shut at the hot school either: look once more at what lies in the"
                  + " channel, and at how the lens sits in it.");
    }
    return at(
        OvenSchool.values()[last.ordinal() + 1],
        purpose,
        "%d times at the %s school and not %s: one school up."
            .formatted(times, last.words(), opens ? "apart" : "shut"));
  }

  private static OvenAdvice at(OvenSchool school, Bake.Purpose purpose, String because) {
    return new OvenAdvice(
        school, purpose == Bake.Purpose.OPEN ? school.opening() : school.resealing(), because);
  }
}
