package mellow.server.jobfile;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.service.Feeds;
import mellow.server.find.FindEdit;
import mellow.server.find.Finds;
import mellow.server.place.FrontEdit;
import mellow.server.platform.Acting;
import mellow.server.rulebook.BroughtSets;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What jobs stand on that is a workshop's own: it goes with them, and finds its name elsewhere. */
@Component
class OwnFiles {
  private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

  private final BroughtSets sets;
  private final Feeds feeds;
  private final Finds finds;
  private final ObjectMapper json;

  OwnFiles(BroughtSets sets, Feeds feeds, Finds finds, ObjectMapper json) {
    this.sets = sets;
    this.feeds = feeds;
    this.finds = finds;
    this.json = json;
  }

  /** Null where the job stands on nothing but what ships with the product. */
  JobFile.@Nullable OwnFile ofJob(Acting acting, String jobId) {
    List<JsonNode> rules = sets.ofJob(acting, jobId);
    Optional<String> plan =
        feeds.kept(acting, jobId).flatMap(feed -> feeds.ownPlan(acting, feed.plan()));
    Optional<String> searched =
        finds.kept(acting, jobId).flatMap(find -> feeds.ownPlan(acting, find.plan()));
    Map<String, Map<String, Object>> beside = new TreeMap<>();
    feeds
        .kept(acting, jobId)
        .ifPresent(
            feed ->
                feeds
                    .ownBeside(acting, feed)
                    .forEach((tag, file) -> beside.put(tag, object(file))));
    return rules.isEmpty() && plan.isEmpty() && beside.isEmpty() && searched.isEmpty()
        ? null
        : new JobFile.OwnFile(
            rules.stream().map(set -> json.convertValue(set, OBJECT)).toList(),
            plan.map(this::object).orElse(null),
            beside.isEmpty() ? null : beside,
            searched.map(this::object).orElse(null));
  }

  private Map<String, Object> object(String text) {
    try {
      return json.readValue(text, OBJECT);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a plan that cannot be read", e);
    }
  }

  /** A file whose names are those of here, and its rule sets by their names in the file. */
  record Brought(JobFile file, Map<String, BroughtSets.Here> sets) {}

  /** Keeps what a file brought, and names it in the file as it is named here. */
  Brought bring(Acting acting, JobFile file) {
    JobFile.OwnFile own = file.own();
    if (own == null) {
      return new Brought(file, Map.of());
    }
    Map<String, BroughtSets.Here> brought =
        sets.bring(
            acting, own.ruleSets().stream().map(set -> json.<JsonNode>valueToTree(set)).toList());
    FrontEdit front = file.front();
    FeedEdit feed = file.feed();
    return new Brought(
        file.named(
            file.job().withRuleSet(here(brought, file.job().ruleSet())),
            front == null
                ? null
                : front.withRuleSets(
                    front.ruleSets().stream().map(id -> here(brought, id)).toList()),
            feed == null ? null : feed(acting, feed, own),
            find(acting, file.find(), own)),
        brought);
  }

  /** A feed on the plans that came with it. */
  private FeedEdit feed(Acting acting, FeedEdit sent, JobFile.OwnFile own) {
    FeedEdit feed =
        own.feedPlan() == null
            ? sent
            : feeds.bring(acting, sent, json.valueToTree(own.feedPlan()).toString());
    if (own.feedPlansBeside() != null) {
      for (Map.Entry<String, Map<String, Object>> one : own.feedPlansBeside().entrySet()) {
        feed =
            feeds.bringBeside(
                acting, feed, one.getKey(), json.valueToTree(one.getValue()).toString());
      }
    }
    return feed;
  }

  /** A hunt on the circuit that came with it. */
  private @Nullable FindEdit find(Acting acting, @Nullable FindEdit sent, JobFile.OwnFile own) {
    return sent == null || sent.plan() == null || own.findPlan() == null
        ? sent
        : sent.on(feeds.bring(acting, sent.plan(), json.valueToTree(own.findPlan()).toString()));
  }

  private static String here(Map<String, BroughtSets.Here> brought, String id) {
    BroughtSets.Here here = brought.get(id);
    return here == null ? id : here.id();
  }

  /** Judges a job by the versions that it came with. */
  void pin(Acting acting, String jobId, Brought brought) {
    sets.pin(acting, jobId, brought.sets());
  }
}
