package mellow.core.aim.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.Astride;
import mellow.core.aim.Floor;
import mellow.core.aim.LampPlace;
import mellow.core.aim.PairInput;
import mellow.core.aim.Road;
import mellow.core.aim.School;
import mellow.core.aim.Target;
import mellow.core.aim.WallInput;
import mellow.core.aim.lamp.Limits;
import mellow.core.aim.lamp.PairGeometry;
import mellow.core.aim.lamp.Schools;
import mellow.core.finding.FindingKey;
import mellow.core.rules.RuleSet;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * The schools side by side for one pair of lamps. Apart from the sheet, since it is looked at once
 * and costs as much as all the rest.
 *
 * @param kind which pair
 * @param rows a row a school
 */
public record SchoolTable(LampKind kind, List<SchoolRow> rows) {

  /** The tables of all pairs. */
  public static List<SchoolTable> of(WallInput wall) {
    Floor floor = Floor.of(wall.survey());
    return wall.pairs().stream()
        .map(
            pair -> {
              PairGeometry geometry = new PairGeometry(pair, floor, wall.marks());
              Astride astride = Astride.of(pair, wall.market());
              return new SchoolTable(
                  pair.kind(),
                  new Comparison(wall, pair, geometry, new Schools(wall, pair, geometry, astride))
                      .rows());
            })
        .toList();
  }

  /** One pair's comparison in the making. */
  private static final class Comparison {
    private final WallInput wall;
    private final PairInput pair;
    private final PairGeometry geometry;
    private final Schools schools;

    Comparison(WallInput wall, PairInput pair, PairGeometry geometry, Schools schools) {
      this.wall = wall;
      this.pair = pair;
      this.geometry = geometry;
      this.schools = schools;
    }

    List<SchoolRow> rows() {
      List<School> shown =
          pair.kind() == LampKind.DIPPED ? List.of(School.values()) : List.of(School.RULE);
      return shown.stream()
          .map(school -> new SchoolRow(school, BySide.of(side -> lamp(school, side))))
          .toList();
    }

    private SchoolRow.Lamp lamp(School school, Side side) {
      Schools.Answer answer = schools.answer(school, side);
      if (answer instanceof Schools.Answer.Declines declines) {
        return new SchoolRow.Lamp(
            OptionalDouble.empty(), Optional.empty(), Optional.of(declines.why()), List.of());
      }
      Target target = ((Schools.Answer.Aims) answer).target();
      double percent = target.percent();
      Optional<LampPlace> place = geometry.lamps().on(side);
      return new SchoolRow.Lamp(
          OptionalDouble.of(percent),
          place.map(lamp -> mark(lamp, percent)),
          target.warning(),
          place.map(lamp -> opinions(lamp, percent)).orElse(List.of()));
    }

    private static SchoolRow.Mark mark(LampPlace lamp, double percent) {
      double heightMm = lamp.heightMm(percent);
      return new SchoolRow.Mark(
          heightMm, lamp.lineMm() - heightMm, Road.reachMm(lamp.centreMm(), percent));
    }

    private List<SchoolRow.Opinion> opinions(LampPlace lamp, double percent) {
      List<RuleSet> sets = new ArrayList<>(List.of(wall.market()));
      sets.addAll(wall.compare());
      return sets.stream()
          .map(
              set ->
                  new SchoolRow.Opinion(
                      set.id(),
                      set.title(),
                      Limits.judge(
                          FindingKey.of(
                              "opinion." + set.id(),
                              Subject.Lamp.of(pair.kind().function(), lamp.side())),
                          set,
                          pair.lampFacts(lamp.side()),
                          lamp,
                          percent,
                          0,
                          false)))
          .toList();
    }
  }
}
