package mellow.server.record;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.record.FactKind;
import mellow.core.record.Line;
import mellow.core.record.WorkLog;
import mellow.server.platform.EarlierMoment;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was read and done, as it was read last, and what came to it since. Lines never change, and
 * those of one job or bay are numbered in the order in which they are committed ({@link
 * Records#keep} holds their owner), so that only what stands behind the last known one is asked
 * for; a job of thousands of lines costs little more than one of a few.
 */
@Component
class KnownLines {
  private static final Duration UNASKED = Duration.ofMinutes(30);
  private static final long MOST_LINES = 100_000;
  private static final Set<FactKind> KINDS = kinds();

  private final FactStore store;
  private final Cache<Owner, List<Line>> known =
      Caffeine.newBuilder()
          .maximumWeight(MOST_LINES)
          .weigher((Owner owner, List<Line> lines) -> lines.size() + 1)
          .expireAfterAccess(UNASKED)
          .build();

  KnownLines(FactStore store) {
    this.store = store;
  }

  /** Documents are long, and only their last versions are asked for. */
  private static Set<FactKind> kinds() {
    Set<FactKind> kinds = EnumSet.of(FactKind.READ, FactKind.UNDONE);
    kinds.addAll(WorkLog.WORK);
    return kinds;
  }

  private static List<Line> upTo(long last, List<Line> lines) {
    return lines.stream().filter(line -> line.number() <= last).toList();
  }

  /**
   * The lines of each, in the order in which they were kept; up to the moment that the request
   * sees.
   */
  Map<Owner, List<Line>> of(Collection<? extends Owner> owners) {
    Map<Owner, List<Line>> lines = new LinkedHashMap<>();
    Map<Owner, Long> after = new LinkedHashMap<>();
    for (Owner owner : owners) {
      List<Line> before = known.asMap().getOrDefault(owner, List.of());
      lines.put(owner, before);
      after.put(owner, before.isEmpty() ? 0 : before.get(before.size() - 1).number());
    }
    Map<Owner, List<Line>> fresh = new LinkedHashMap<>();
    for (FactStore.Owned one : store.after(after, KINDS)) {
      fresh
          .computeIfAbsent(one.owner(), owner -> new ArrayList<>(lines.get(owner)))
          .add(one.line());
    }
    lines.putAll(fresh);
    // what is not committed yet may never be
    if (!TransactionSynchronizationManager.isActualTransactionActive()) {
      known.putAll(fresh);
    }
    EarlierMoment.lastLine().ifPresent(last -> lines.replaceAll((owner, all) -> upTo(last, all)));
    return lines;
  }
}
