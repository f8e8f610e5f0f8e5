package mellow.benchmarks;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import mellow.server.testing.MariaDb;

/** Fills a migrated database with made-up jobs, each with a vehicle, its screws and readings. */
final class JobGenerator {
  private static final String SHOP = "01900000-0000-7000-8000-000000000001";
  private static final int BATCH = 500;

  private final Random random = new Random(20);
  private final List<String> jobIds = new ArrayList<>();
  private final List<String> openIds = new ArrayList<>();

  /** Those that are still worked on. */
  List<String> open() {
    return openIds;
  }

  /** Adds so many jobs; their ids. */
  List<String> fill(String url, int jobs) throws SQLException {
    try (Connection connection =
        DriverManager.getConnection(url, MariaDb.user(), MariaDb.password())) {
      connection.setAutoCommit(false);
      for (int done = 0; done < jobs; done += BATCH) {
        batch(connection, Math.min(BATCH, jobs - done), done);
        connection.commit();
      }
    }
    return jobIds;
  }

  private void batch(Connection connection, int count, int from) throws SQLException {
    try (PreparedStatement vehicle =
            connection.prepareStatement(
                "insert into vehicle (id, shop_id, version, name, nickname, driver_side, wheelbase_mm,"
                    + " lamp_ahead_mm, width_mm, dipped, steeper_by_maker, changed_by, changed_at)"
                    + " values (?,?,1,?,?,'LEFT',2700,850,1850,'UN_DIPPED',0,'Runa',?)");
        PreparedStatement screw =
            connection.prepareStatement(
                "insert into adjuster (id, shop_id, vehicle_id, version, lamp, side, axis, drive, place,"
                    + " reach, changed_by, changed_at)"
                    + " values (?,?,?,1,'DIPPED',?,?,'','','NOT_KNOWN','Runa',?)");
        PreparedStatement job =
            connection.prepareStatement(
                "insert into job (id, shop_id, version, vehicle_id, work, rule_set, traffic, units,"
                    + " school, label_typed, label_percent, stance_changed, front_closed, mark_edge,"
                    + " mark_origin, tape_width_mm, changed_by, changed_at, touched_at, closed_at)"
                    + " values (?,?,1,?,?,'un-r48','RIGHT','METRIC','RULE','1.2 %',-1.2,0,1,'UPPER',"
                    + "'MEASURED',25,'Runa',?,?,?)");
        PreparedStatement reading =
            connection.prepareStatement(
                "insert into fact (id, shop_id, job_id, stage, kind, shape, content, kept_by, device,"
                    + " made_at) values (?,?,?,'WALL','read',1,json_object('kind',?,'lamp','DIPPED',"
                    + "'side',?,'typed',?,'units','METRIC','value',?),'Runa','',?)");
        PreparedStatement record =
            connection.prepareStatement(
                "insert into hand_over (job_id, shop_id, reason, findings, words, terms, closed_by,"
                    + " closed_at) values (?,?,'','[]',?,?,'Runa',?)")) {
      for (int i = 0; i < count; i++) {
        Timestamp at = Timestamp.from(Instant.now().minusSeconds(600L * (from + i)));
        String vehicleId = id();
        String jobId = id();
        jobIds.add(jobId);
        add(vehicle, vehicleId, SHOP, "Quenby Loft " + (from + i), "van " + i, at);
        for (String side : List.of("LEFT", "RIGHT")) {
          for (String axis : List.of("VERTICAL", "HORIZONTAL")) {
            add(screw, id(), SHOP, vehicleId, side, axis, at);
          }
        }
        // one in twenty is still worked on
        boolean open = (from + i) % 20 == 0;
        if (open) {
          openIds.add(jobId);
        }
        add(job, jobId, SHOP, vehicleId, "aim", at, at, open ? null : at);
        readings(reading, jobId, at);
        if (!open) {
          String words = words(from + i);
          String terms =
              Arrays.stream(words.split("\\s+", -1)).distinct().collect(Collectors.joining(" "));
          add(record, jobId, SHOP, words, terms, at);
        }
      }
      vehicle.executeBatch();
      screw.executeBatch();
      job.executeBatch();
      reading.executeBatch();
      record.executeBatch();
    }
  }

  /** What a record is found by: some twenty lines of what came off and what was done. */
  private String words(int number) {
    StringBuilder words = new StringBuilder("Quenby Loft, van " + number + "\n");
    for (int line = 0; line < 20; line++) {
      words.append("off: ").append(1 + random.nextInt(9)).append(" clips, tray ");
      words.append(random.nextInt(500)).append(", upper edge\n");
    }
    return words.toString();
  }

  private void readings(PreparedStatement reading, String job, Timestamp at) throws SQLException {
    read(reading, job, "DISTANCE", "LEFT", 7620, at);
    read(reading, job, "DISTANCE", "RIGHT", 7620 + random.nextInt(20), at);
    read(reading, job, "CENTRE", "LEFT", 650 + random.nextInt(60), at);
    read(reading, job, "CENTRE", "RIGHT", 650 + random.nextInt(60), at);
    read(reading, job, "LOWER_EDGE", "LEFT", 590, at);
    read(reading, job, "LOWER_EDGE", "RIGHT", 590, at);
    read(reading, job, "SPACING", null, 1200, at);
    for (int i = 0; i < 3; i++) {
      read(reading, job, "CUTOFF_BELOW", "LEFT", random.nextInt(160), at);
      read(reading, job, "CUTOFF_BELOW", "RIGHT", random.nextInt(160), at);
    }
  }

  private void read(
      PreparedStatement reading, String job, String kind, String side, int mm, Timestamp at)
      throws SQLException {
    add(reading, id(), SHOP, job, kind, side, String.valueOf(mm), (double) mm, at);
  }

  private String id() {
    return new UUID(random.nextLong(), random.nextLong()).toString();
  }

  private static void add(PreparedStatement statement, Object... values) throws SQLException {
    for (int i = 0; i < values.length; i++) {
      statement.setObject(i + 1, values[i]);
    }
    statement.addBatch();
  }
}
