package mellow.server.history;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mellow.core.measure.UnitSystem;
import mellow.core.record.JobDocument;
import mellow.core.workflow.Stage;
import mellow.server.history.HistoryView.CountView;
import mellow.server.history.HistoryView.EstimateView;
import mellow.server.history.HistoryView.FoundView;
import mellow.server.history.HistoryView.LookBackView;
import mellow.server.history.HistoryView.StageTimeView;
import mellow.server.parts.PartsEdit;
import mellow.server.platform.Acting;
import mellow.server.sheet.Sheets;
import mellow.server.takein.FoundEdit;
import mellow.server.wire.Spoken;
import mellow.server.workshop.Workshops;
import org.springframework.stereotype.Service;

/** Looks back over jobs. */
@Service
class Histories {
  private static final int LOOKED_AT = 300;
  private static final int MOST_WORDS = 8;
  private static final int SHOWN = 10;
  private static final int LINES_SHOWN = 3;

  private final HistoryStore store;
  private final Sheets sheets;
  private final Workshops workshops;
  private final ObjectMapper json;

  Histories(HistoryStore store, Sheets sheets, Workshops workshops, ObjectMapper json) {
    this.store = store;
    this.sheets = sheets;
    this.workshops = workshops;
    this.json = json;
  }

  HistoryView find(Acting acting, String text, int limit) {
    List<String> words =
        Arrays.stream(text.strip().split("\\s+", -1))
            .filter(word -> !word.isEmpty())
            .limit(MOST_WORDS)
            .toList();
    return new HistoryView(
        store.find(acting.shopId(), words, limit).stream()
            .map(
                one ->
                    new FoundView(
                        one.jobId(),
                        one.vehicle(),
                        one.nickname(),
                        one.work(),
                        one.touchedAt().toInstant(ZoneOffset.UTC),
                        one.closed(),
                        where(one.words(), words)))
            .toList());
  }

  private static List<String> where(String record, List<String> words) {
    return record
        .lines()
        .filter(
            line ->
                words.stream()
                    .anyMatch(
                        word ->
                            line.toLowerCase(Locale.ROOT).contains(word.toLowerCase(Locale.ROOT))))
        .limit(LINES_SHOWN)
        .toList();
  }

  LookBackView lookBack(Acting acting) {
    Map<String, String> names = new LinkedHashMap<>();
    store
        .find(acting.shopId(), List.of(), LOOKED_AT)
        .forEach(one -> names.put(one.jobId(), one.nickname()));
    List<String> latest = List.copyOf(names.keySet());
    Map<String, FoundEdit> found =
        sheets.ofJobs(acting, latest, JobDocument.FOUND, FoundEdit.class);
    Map<String, PartsEdit> parts =
        sheets.ofJobs(acting, latest, JobDocument.PARTS, PartsEdit.class);
    return new LookBackView(
        latest.size(),
        times(found.values()),
        estimates(found, names),
        most(workshops.trouble(latest)),
        most(wrongParts(parts.values())),
        most(rules(acting)));
  }

  private static List<StageTimeView> times(Collection<FoundEdit> found) {
    Map<Stage, List<Integer>> minutes = new EnumMap<>(Stage.class);
    for (FoundEdit one : found) {
      one.minutes()
          .forEach(
              (stage, taken) ->
                  minutes.computeIfAbsent(stage, key -> new ArrayList<>()).add(taken));
    }
    List<StageTimeView> times = new ArrayList<>();
    minutes.forEach(
        (stage, taken) -> {
          Collections.sort(taken);
          int middle = taken.size() / 2;
          times.add(
              new StageTimeView(
                  stage,
                  Spoken.term(stage),
                  taken.size() % 2 == 1
                      ? taken.get(middle)
                      : (taken.get(middle - 1) + taken.get(middle)) / 2.0,
                  taken.get(taken.size() - 1),
                  taken.size()));
        });
    return times;
  }

  private static List<EstimateView> estimates(
      Map<String, FoundEdit> found, Map<String, String> names) {
    List<EstimateView> estimates = new ArrayList<>();
    names.forEach(
        (id, name) -> {
          FoundEdit one = found.get(id);
          if (one != null && one.estimateMinutes() != null && !one.minutes().isEmpty()) {
            int taken = one.minutes().values().stream().mapToInt(Integer::intValue).sum();
            estimates.add(new EstimateView(name, one.estimateMinutes(), taken));
          }
        });
    return estimates.stream().limit(SHOWN).toList();
  }

  private static Map<String, Integer> wrongParts(Collection<PartsEdit> parts) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (PartsEdit edit : parts) {
      mellow.core.parts.PartsSheet.of(
              edit.core(), java.util.Optional.empty(), mellow.core.vehicle.TrafficSide.RIGHT)
          .findings()
          .stream()
          .filter(finding -> finding.verdict() == mellow.core.finding.Verdict.OUT)
          .forEach(
              finding ->
                  counts.merge(
                      Spoken.text(finding.headline(), UnitSystem.METRIC), 1, Integer::sum));
    }
    return counts;
  }

  /** The rules that stood above the horizon at hand-over. */
  private Map<String, Integer> rules(Acting acting) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (String findings : store.findings(acting.shopId(), LOOKED_AT)) {
      try {
        for (JsonNode finding : json.readTree(findings)) {
          counts.merge(finding.at("/source/reference").asText(), 1, Integer::sum);
        }
      } catch (JsonProcessingException e) {
        throw new IllegalStateException("a record that cannot be read", e);
      }
    }
    return counts;
  }

  private static List<CountView> most(Map<String, Integer> counts) {
    return counts.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .limit(SHOWN)
        .map(one -> new CountView(one.getKey(), one.getValue()))
        .toList();
  }
}
