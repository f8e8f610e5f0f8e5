package mellow.server.rulebook;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import mellow.core.finding.Sentence;
import mellow.core.formats.BuiltInRules;
import mellow.core.formats.FormatProblem;
import mellow.core.formats.RuleChangeFormat;
import mellow.core.rules.Confirmation;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleChange;
import mellow.core.rules.RuleProblem;
import mellow.core.rules.RuleSet;
import mellow.server.db.tables.records.JobRuleSetRecord;
import mellow.server.db.tables.records.LocalRuleSetRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.wire.Spoken;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** The rule sets that hold for a shop, and those that hold for a job of it. */
@Service
public class RuleBooks {
  private static final Logger LOG = LoggerFactory.getLogger(RuleBooks.class);

  /** How long what was read serves; what is changed through this server is read anew at once. */
  private static final Duration SERVES = Duration.ofSeconds(5);

  private final RuleBookStore store;
  private final Map<String, Held> held = new ConcurrentHashMap<>();

  RuleBooks(RuleBookStore store) {
    this.store = store;
  }

  private record Held(
      List<RuleChange> changes, List<Confirmation> confirmed, RuleBook book, Instant readAt) {}

  private Held held(Acting acting) {
    Held there = held.get(acting.shopId());
    if (there == null || Duration.between(there.readAt(), acting.at()).compareTo(SERVES) > 0) {
      there = read(acting);
      held.put(acting.shopId(), there);
    }
    return there;
  }

  void forget(String shopId) {
    held.remove(shopId);
  }

  private Held read(Acting acting) {
    List<RuleChange> changes =
        store.newest(acting.shopId()).stream().map(RuleBooks::change).toList();
    List<Confirmation> confirmed =
        store.confirmations(acting.shopId()).stream()
            .map(
                row ->
                    new Confirmation(
                        row.getSetId(),
                        row.getSetVersion(),
                        row.getRuleId(),
                        row.getPlace(),
                        row.getPerson(),
                        LocalDate.from(row.getConfirmedAt().atOffset(ZoneOffset.UTC))))
            .toList();
    return new Held(changes, confirmed, book(changes, confirmed), acting.at());
  }

  static RuleChange change(LocalRuleSetRecord row) {
    try {
      return RuleChangeFormat.read(row.getContent());
    } catch (FormatProblem e) {
      throw new IllegalStateException(
          "the local rule set %s, version %d cannot be read"
              .formatted(row.getId(), row.getVersion()),
          e);
    }
  }

  /** A set that no longer holds over its base is left out, so that the others still do. */
  private static RuleBook book(List<RuleChange> changes, List<Confirmation> confirmed) {
    try {
      return RuleBook.of(BuiltInRules.all(), changes, confirmed);
    } catch (RuleProblem problem) {
      for (RuleChange suspect : changes) {
        List<RuleChange> others = changes.stream().filter(one -> one != suspect).toList();
        if (changes.size() == 1 || isSound(others, confirmed)) {
          LOG.warn("The local rule set {} is left out: {}", suspect.id(), problem.says());
          return book(others, confirmed);
        }
      }
      return book(changes.subList(0, changes.size() - 1), confirmed);
    }
  }

  private static boolean isSound(List<RuleChange> changes, List<Confirmation> confirmed) {
    try {
      RuleBook.of(BuiltInRules.all(), changes, confirmed);
      return true;
    } catch (RuleProblem problem) {
      return false;
    }
  }

  /** What holds now. */
  public RuleBook of(Acting acting) {
    return held(acting).book();
  }

  List<RuleChange> changes(Acting acting) {
    return held(acting).changes();
  }

  List<Confirmation> confirmed(Acting acting) {
    return held(acting).confirmed();
  }

  /** What holds for a job: local sets in the versions that it is judged by. */
  public RuleBook ofJob(Acting acting, String jobId) {
    return ofJobs(acting, List.of(jobId)).getOrDefault(jobId, of(acting));
  }

  /** What holds for some jobs; those for which simply the newest holds are left out. */
  public Map<String, RuleBook> ofJobs(Acting acting, Collection<String> jobIds) {
    Held now = held(acting);
    if (now.changes().isEmpty()) {
      return Map.of();
    }
    Map<String, Integer> newest =
        now.changes().stream().collect(Collectors.toMap(RuleChange::id, RuleChange::version));
    Map<String, List<RuleChange>> older = new HashMap<>();
    for (JobRuleSetRecord pin : store.ofJobs(acting.shopId(), jobIds)) {
      if (newest.getOrDefault(pin.getSetId(), pin.getVersion()) != (int) pin.getVersion()) {
        store
            .version(acting.shopId(), pin.getSetId(), pin.getVersion())
            .ifPresent(
                row ->
                    older
                        .computeIfAbsent(pin.getJobId(), none -> new ArrayList<>())
                        .add(change(row)));
      }
    }
    Map<String, RuleBook> books = new HashMap<>();
    older.forEach(
        (job, changes) -> books.put(job, book(with(now.changes(), changes), now.confirmed())));
    return books;
  }

  private static List<RuleChange> with(List<RuleChange> newest, List<RuleChange> older) {
    return newest.stream()
        .map(
            change ->
                older.stream()
                    .filter(one -> one.id().equals(change.id()))
                    .findFirst()
                    .orElse(change))
        .toList();
  }

  /** Notes for a job the versions of the local sets that it is now judged by. */
  public void pin(Acting acting, String jobId, Collection<String> setIds) {
    for (RuleChange change : withBases(changes(acting), setIds)) {
      store.pin(pinned(acting, jobId, change.id(), change.version()));
    }
  }

  /** Some local sets with those that they stand on: a job keeps the versions of all. */
  private static List<RuleChange> withBases(List<RuleChange> all, Collection<String> setIds) {
    Set<String> wanted = new HashSet<>(setIds);
    boolean more = true;
    while (more) {
      more = false;
      for (RuleChange change : all) {
        more |= wanted.contains(change.id()) && wanted.add(change.over());
      }
    }
    return all.stream().filter(change -> wanted.contains(change.id())).toList();
  }

  static JobRuleSetRecord pinned(Acting acting, String jobId, String setId, int version) {
    JobRuleSetRecord row = new JobRuleSetRecord();
    row.setJobId(jobId);
    row.setSetId(setId);
    row.setShopId(acting.shopId());
    row.setVersion(version);
    row.setTakenBy(acting.personOrRefuse());
    row.setTakenAt(acting.moment());
    return row;
  }

  /** The sets of a job's book of which there is a newer version. */
  public List<NewerRules> newer(Acting acting, RuleBook kept) {
    RuleBook now = of(acting);
    if (now == kept) {
      return List.of();
    }
    List<NewerRules> newer = new ArrayList<>();
    for (RuleChange change : changes(acting)) {
      kept.byId(change.id())
          .filter(old -> old.version() != change.version())
          .flatMap(
              old ->
                  now.byId(change.id())
                      .map(
                          fresh ->
                              new NewerRules(
                                  change.id(),
                                  fresh.title(),
                                  old.version(),
                                  fresh.version(),
                                  Spoken.all(RuleBook.differences(old, fresh)))))
          .ifPresent(newer::add);
    }
    return newer;
  }

  /** Judges a job by the newest version of one of its sets from now on. */
  public void takeNewest(Acting acting, String jobId, String setId) {
    List<RuleChange> taken = withBases(changes(acting), List.of(setId));
    if (taken.isEmpty()) {
      throw Refusal.notFound(RulebookWords.noLocalSet(setId));
    }
    for (RuleChange change : taken) {
      store.repin(pinned(acting, jobId, change.id(), change.version()));
    }
  }

  /** A rule set of aim by its short name, or a refusal. */
  public static RuleSet aimSet(RuleBook book, String id) {
    return book.byId(id)
        .filter(set -> !set.aimRules().isEmpty())
        .orElseThrow(
            () ->
                Refusal.unprocessable(
                    "ruleSet",
                    RulebookWords.noAimSet(
                        id, book.ofAim().stream().map(set -> Sentence.typed(set.id())).toList())));
  }
}
