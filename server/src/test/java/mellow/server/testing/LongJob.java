package mellow.server.testing;

import java.util.Map;

/** A job of many facts, as work makes them: a reading and three lines of the workshop, in turn. */
public final class LongJob {
  private LongJob() {}

  /** Keeps so many facts of a new job; its id. */
  public static String of(Api api, int facts) {
    String job = api.newJob("Quenby Loft", Map.of());
    for (int i = 0; i < facts; i++) {
      if (i % 4 == 0) {
        Api.expect(
            api.read(job, Api.newId(), "CUTOFF_BELOW", "LEFT", String.valueOf(70 + i % 50)), 200);
      } else {
        Map<String, ?> flash = Map.of("side", "LEFT", "flashes", 10 + i % 20, "time", "10 s");
        Api.expect(
            api.put(
                "/api/jobs/" + job + "/workshop/" + Api.newId(),
                Map.of("stage", "PROVE", "waitedMs", 0, "flash", flash)),
            200);
      }
    }
    return job;
  }
}
