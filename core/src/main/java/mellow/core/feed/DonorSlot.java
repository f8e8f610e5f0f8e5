package mellow.core.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;

/**
 * A slot of the fuse box that a tap takes its current from.
 *
 * @param tap the part that sits in it
 * @param name as the map in the lid has it
 * @param feeds what it feeds besides
 */
public record DonorSlot(String tap, String name, Feeds feeds) {
  /** As plans call a slot that nobody has named yet. */
  private static final String UNNAMED = "the tapped slot";

  private static final Source CRITICAL = Source.commonPractice(FeedWords.srcCritical());

  /** What hangs on a slot. */
  public enum Feeds {
    UNKNOWN,
    COMFORT,
    LAMPS,
    CRITICAL
  }

  /** The slots that a feed taps, in the plan's order. */
  public static List<DonorSlot> of(PlannedFeed feed) {
    List<DonorSlot> slots = new ArrayList<>();
    for (PlannedPart tap : feed.added("tap")) {
      slots.add(
          new DonorSlot(
              tap.id(),
              tap.value("slot"),
              Optional.of(tap.value("feeds"))
                  .filter(feeds -> !feeds.isEmpty())
                  .map(feeds -> Feeds.valueOf(feeds.toUpperCase(Locale.ROOT)))
                  .orElse(Feeds.UNKNOWN)));
    }
    return slots;
  }

  /** The same for the same slot, however it is typed. */
  public static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
  }

  public static boolean isNamed(String name) {
    return !plain(name).equals(UNNAMED);
  }

  /** Whether somebody has said which slot it is. */
  public boolean isNamed() {
    return isNamed(name);
  }

  public Finding finding() {
    if (feeds == Feeds.CRITICAL) {
      return Finding.plain(
              FindingKey.of("tap.feeds", SubjectKind.COMPONENT.named(tap)),
              Verdict.OUT,
              CRITICAL,
              FeedWords.noDonor(name))
          .withRemedy(Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.takeComfort()));
    }
    if (feeds == Feeds.UNKNOWN || !isNamed()) {
      return Finding.plain(
              FindingKey.of("tap.feeds", SubjectKind.COMPONENT.named(tap)),
              Verdict.NOT_KNOWN,
              CRITICAL,
              isNamed() ? FeedWords.slotFeedsUnknown(name) : FeedWords.slotUnknown())
          .withRemedy(Remedy.of(Remedy.Action.READ, Remedy.Page.FEED, FeedWords.readMap()));
    }
    return Finding.plain(
        FindingKey.of("tap.feeds", SubjectKind.COMPONENT.named(tap)),
        Verdict.WITHIN,
        CRITICAL,
        FeedWords.donorSlot(name, Sentence.term(feeds)));
  }
}
