package mellow.core.finding;

import mellow.core.subject.Subject;

/**
 * What tells one finding from another.
 *
 * @param rule what was asked: "aim.limits"
 * @param subject of what it was asked
 */
public record FindingKey(String rule, Subject subject) {
  private static final String ABOUT = "@";

  /** Of the job as a whole. */
  public static FindingKey of(String rule) {
    return new FindingKey(rule, Subject.Job.WHOLE);
  }

  public static FindingKey of(String rule, Subject subject) {
    return new FindingKey(rule, subject);
  }

  /** Its text: "aim.limits@lamp:DIPPED:RIGHT"; the rule alone for the job as a whole. */
  public String text() {
    return subject.equals(Subject.Job.WHOLE) ? rule : rule + ABOUT + subject.text();
  }
}
