package mellow.core.rules;

import java.time.LocalDate;
import mellow.core.finding.Source;

/**
 * Somebody held a rule against the text in force.
 *
 * @param setId the set that the rule stands in
 * @param setVersion the set's version then: a rule that changes later has to be confirmed anew
 * @param ruleId the rule
 * @param place where it stands in the text at hand
 * @param person who looked
 * @param on when
 */
public record Confirmation(
    String setId, int setVersion, String ruleId, String place, String person, LocalDate on) {

  Source lift(Source source) {
    return source.mark() == Source.Mark.FROM_MEMORY
        ? new Source(
            Source.Mark.PUBLISHED,
            RulesWords.checked(source.reference(), person, on.toString(), place))
        : source;
  }
}
