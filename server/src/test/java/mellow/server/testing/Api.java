package mellow.server.testing;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.UUID;

/** Speaks to a running server as another program would. */
public final class Api {
  private static final ObjectMapper JSON = new ObjectMapper();

  /** One for all: each would bring a thread and connections of its own. */
  private static final HttpClient HTTP =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

  private final String base;
  private final String person;
  private final String language;
  private final String asOf;

  public Api(String base, String person) {
    this(base, person, "en", "");
  }

  private Api(String base, String person, String language, String asOf) {
    this.base = base;
    this.person = person;
    this.language = language;
    this.asOf = asOf;
  }

  /** The same person, who looks back to right after a line of the record. */
  public Api lookingBackTo(Object line) {
    return new Api(base, person, language, line.toString());
  }

  /** The same person, whose browser asks for another language. */
  public Api speaking(String otherLanguage) {
    return new Api(base, person, otherLanguage, asOf);
  }

  public Api as(String otherPerson) {
    return new Api(base, otherPerson, language, asOf);
  }

  /** An answer: its status, body and headers. */
  public record Answer(int status, JsonNode body, HttpResponse<String> raw) {
    public String detail() {
      return body.path("detail").asText();
    }

    /** The message that says why it was refused: "server/feed.noPlanYet". */
    public String why() {
      return body.path("type").asText().replaceFirst("^urn:mellow:problem:", "");
    }
  }

  public Answer get(String path) {
    return send(request(path).GET());
  }

  public Answer put(String path, Object body) {
    return send(request(path).PUT(HttpRequest.BodyPublishers.ofString(text(body))));
  }

  /** Puts the bytes of a file. */
  public Answer send(String path, String type, byte[] bytes) {
    return send(
        request(path)
            .setHeader("Content-Type", type)
            .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes)));
  }

  public Answer post(String path, Object body) {
    return send(request(path).POST(HttpRequest.BodyPublishers.ofString(text(body))));
  }

  /** The bytes of a file that is answered with 200. */
  public byte[] file(String path) {
    try {
      HttpResponse<byte[]> answer =
          HTTP.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != 200) {
        throw new AssertionError(path + " is answered with " + answer.statusCode());
      }
      return answer.body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create(base + path))
        // a machine that builds other things meanwhile is slow, not wrong
        .timeout(Duration.ofSeconds(60))
        .header("Content-Type", "application/json")
        .header("Accept-Language", language)
        .header("X-As-Of", asOf)
        .header("X-Acting-As", URLEncoder.encode(person, StandardCharsets.UTF_8));
  }

  private Answer send(HttpRequest.Builder request) {
    try {
      HttpResponse<String> response =
          HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
      String body = response.body();
      boolean json = response.headers().firstValue("Content-Type").orElse("").contains("json");
      return new Answer(
          response.statusCode(),
          json ? JSON.readTree(body) : JSON.getNodeFactory().textNode(body),
          response);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String text(Object body) {
    try {
      return body instanceof String string ? string : JSON.writeValueAsString(body);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public static String newId() {
    return UUID.randomUUID().toString();
  }

  /** Takes a vehicle in and returns the job's id. */
  public String newJob(String vehicleName, Map<String, ?> changes) {
    return newJob(newId(), vehicleName, changes);
  }

  /** The same under a given id. */
  public String newJob(String job, String vehicleName, Map<String, ?> changes) {
    String vehicle = newId();
    expect(
        put(
            "/api/vehicles/" + vehicle,
            Map.of(
                "version",
                0,
                "name",
                vehicleName,
                "nickname",
                "test",
                "driverSide",
                "LEFT",
                "dipped",
                "UN_DIPPED",
                "steeperByMaker",
                false)),
        200);
    Map<String, Object> edit = jobEdit(vehicle);
    edit.putAll(changes);
    expect(put("/api/jobs/" + job, edit), 200);
    return job;
  }

  /** Says what is wanted of a new job, and how far its front comes apart. */
  public void takeIn(String job, String kind, String access) {
    Map<String, Object> takeIn =
        new java.util.HashMap<>(
            Map.of(
                "customer",
                "",
                "kinds",
                java.util.List.of(kind),
                "wants",
                "",
                "access",
                access,
                "secondSet",
                false,
                "headlampsLoosened",
                false,
                "changes",
                java.util.List.of(),
                "changesNote",
                "",
                "checks",
                java.util.List.of()));
    expect(put("/api/jobs/" + job + "/take-in", Map.of("version", 0, "takeIn", takeIn)), 200);
  }

  /** A new job's settings, to be changed. */
  public static Map<String, Object> jobEdit(String vehicle) {
    return new java.util.HashMap<>(
        Map.ofEntries(
            Map.entry("version", 0),
            Map.entry("vehicleId", vehicle),
            Map.entry("work", "aim"),
            Map.entry("ruleSet", "un-r48"),
            Map.entry("traffic", "RIGHT"),
            Map.entry("units", "METRIC"),
            Map.entry("school", "RULE"),
            Map.entry("stanceChanged", false),
            Map.entry("frontClosed", true),
            Map.entry("markEdge", "UPPER"),
            Map.entry("markOrigin", "MEASURED"),
            Map.entry("tapeWidthMm", 25)));
  }

  /** Keeps a reading of a job. */
  public Answer read(String job, String id, String kind, String side, String typed) {
    Map<String, Object> reading =
        new java.util.HashMap<>(Map.of("kind", kind, "typed", typed, "units", "METRIC"));
    if (side != null) {
      reading.put("side", side);
    }
    return put("/api/jobs/" + job + "/readings/" + id, reading);
  }

  /** Holds that this was refused with one message, which shows these arguments. */
  public static Answer refused(Answer answer, String key, String... shown) {
    boolean all = Arrays.stream(shown).allMatch(answer.detail()::contains);
    if (!answer.why().equals(key) || !all) {
      throw new AssertionError(
          "expected the refusal %s with %s but got %d: %s"
              .formatted(key, Arrays.toString(shown), answer.status(), answer.body()));
    }
    return answer;
  }

  public static Answer expect(Answer answer, int status) {
    if (answer.status() != status) {
      throw new AssertionError(
          "expected %d but got %d: %s".formatted(status, answer.status(), answer.body()));
    }
    return answer;
  }
}
