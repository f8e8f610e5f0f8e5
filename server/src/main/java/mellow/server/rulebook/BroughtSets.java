package mellow.server.rulebook;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.formats.FormatProblem;
import mellow.core.formats.RuleChangeFormat;
import mellow.server.db.tables.records.JobRuleSetRecord;
import mellow.server.db.tables.records.LocalRuleSetRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.Brought;
import mellow.server.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The local rule sets that a job is judged by, going out with it and coming in elsewhere. */
@Service
public class BroughtSets {
  private final RuleBookStore store;
  private final RuleBooks books;
  private final LocalSets sets;
  private final ObjectMapper json;

  BroughtSets(RuleBookStore store, RuleBooks books, LocalSets sets, ObjectMapper json) {
    this.store = store;
    this.books = books;
    this.sets = sets;
    this.json = json;
  }

  /** The files of the local sets that a job is judged by, those that others stand over first. */
  public List<JsonNode> ofJob(Acting acting, String jobId) {
    Map<String, JsonNode> files = new LinkedHashMap<>();
    for (JobRuleSetRecord pin : store.ofJobs(acting.shopId(), List.of(jobId))) {
      store
          .version(acting.shopId(), pin.getSetId(), pin.getVersion())
          .ifPresent(row -> files.put(row.getId(), tree(row.getContent())));
    }
    List<JsonNode> ordered = new ArrayList<>();
    while (!files.isEmpty()) {
      Set<String> left = Set.copyOf(files.keySet());
      List<String> free =
          left.stream()
              .filter(id -> !left.contains(files.get(id).path("over").asText()))
              .sorted()
              .toList();
      if (free.isEmpty()) {
        throw new IllegalStateException("local rule sets that stand over each other: " + left);
      }
      free.forEach(id -> ordered.add(files.remove(id)));
    }
    return ordered;
  }

  private JsonNode tree(String text) {
    try {
      return json.readTree(text);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a rule set that cannot be read", e);
    }
  }

  /** A set as it is known here. */
  public record Here(String id, int version) {}

  /**
   * Keeps sets that came with a job, within its transaction: one that is here already is used as it
   * is, one whose name something else bears here comes in under another name.
   *
   * @return by the name in the file
   */
  public Map<String, Here> bring(Acting acting, List<? extends JsonNode> files) {
    Map<String, Here> brought = new LinkedHashMap<>();
    if (!files.isEmpty()) {
      forgetAfterwards(acting.shopId());
    }
    for (JsonNode file : files) {
      if (!(file.deepCopy() instanceof ObjectNode set)) {
        throw Refusal.inFile("own rule sets", RulebookWords.notObject());
      }
      Here base = brought.get(set.path("over").asText());
      if (base != null) {
        set.put("over", base.id());
      }
      brought.put(set.path("id").asText(), kept(acting, set));
    }
    return brought;
  }

  /** What was read meanwhile may not come to be. */
  private void forgetAfterwards(String shopId) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            books.forget(shopId);
          }
        });
  }

  private Here kept(Acting acting, ObjectNode set) {
    String id = set.path("id").asText();
    int version = set.path("version").asInt(1);
    Optional<LocalRuleSetRecord> same = store.version(acting.shopId(), id, version);
    if (same.filter(row -> tree(row.getContent()).equals(set)).isPresent()) {
      return new Here(id, version);
    }
    Set<String> taken =
        books.of(acting).all().stream().map(known -> known.id()).collect(Collectors.toSet());
    if (taken.contains(id)) {
      String other = Brought.otherName(id, set.toString());
      set.put("id", other).put("version", 1);
      if (store.version(acting.shopId(), other, 1).isPresent()) {
        return new Here(other, 1);
      }
      version = 1;
    }
    sets.add(acting, checked(set, version));
    books.forget(acting.shopId());
    return new Here(set.path("id").asText(), version);
  }

  private static LocalRuleSetRecord checked(ObjectNode set, int version) {
    LocalRuleSetRecord row = new LocalRuleSetRecord();
    try {
      row.setContent(RuleChangeFormat.withVersion(set.toString(), version));
      row.setId(RuleChangeFormat.read(row.getContent()).id());
    } catch (FormatProblem problem) {
      throw Refusal.inFile("own rule sets " + problem.place(), problem.says());
    }
    row.setVersion(version);
    return row;
  }

  /** Judges a job by just these versions from now on. */
  public void pin(Acting acting, String jobId, Map<String, Here> brought) {
    for (Here one : brought.values()) {
      store.repin(RuleBooks.pinned(acting, jobId, one.id(), one.version()));
    }
  }
}
