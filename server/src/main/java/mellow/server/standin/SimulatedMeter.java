package mellow.server.standin;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * A simulated meter on this machine's loopback: it speaks SCPI over TCP and shows what its probes
 * were put on last, with a display of 4 ½ digits. Nothing is at its probes at first.
 */
@Component
public class SimulatedMeter implements SmartLifecycle {
  private static final String IDENTITY = "mellow horizon,simulated meter,0,1";

  /** More people than that do not read one meter. */
  private static final int MOST_READERS = 8;

  /** The least step of the display. */
  private static final double DIGIT = 0.001;

  private static final String OVERLOAD = "+9.90000000E+37";
  private static final int LONGEST_QUERY = 200;

  private volatile double volts;
  private volatile double amps;
  private volatile ServerSocket server;
  private ExecutorService readers;

  /** Where it can be asked: 127.0.0.1:40123. */
  public String address() {
    return "127.0.0.1:" + server.getLocalPort();
  }

  /** Puts its probes on something, V. */
  public void probe(double volts) {
    this.volts = volts;
  }

  /** Closes its clamp around something, A. */
  public void clamp(double amps) {
    this.amps = amps;
  }

  @Override
  public synchronized void start() {
    try {
      server = new ServerSocket(0, MOST_READERS, InetAddress.getLoopbackAddress());
    } catch (IOException problem) {
      throw new IllegalStateException("no port for the simulated meter", problem);
    }
    readers = Executors.newFixedThreadPool(MOST_READERS + 1, SimulatedMeter::thread);
    readers.execute(this::listen);
  }

  private static Thread thread(Runnable work) {
    Thread thread = new Thread(work, "simulated meter");
    thread.setDaemon(true);
    return thread;
  }

  private void listen() {
    while (!server.isClosed()) {
      try {
        Socket reader = server.accept();
        readers.execute(() -> answer(reader));
      } catch (IOException closed) {
        return;
      }
    }
  }

  private void answer(Socket reader) {
    try (reader;
        BufferedReader in =
            new BufferedReader(
                new InputStreamReader(reader.getInputStream(), StandardCharsets.US_ASCII))) {
      OutputStream out = reader.getOutputStream();
      String line = in.readLine();
      while (line != null && line.length() <= LONGEST_QUERY) {
        for (String query : line.split(";", -1)) {
          String answer = answer(query.strip().toUpperCase(Locale.ROOT));
          if (!answer.isEmpty()) {
            out.write((answer + "\n").getBytes(StandardCharsets.US_ASCII));
          }
        }
        line = in.readLine();
      }
    } catch (IOException gone) {
      // whoever read it went away
    }
  }

  /** An unknown query gets no answer, as of real ones. */
  private String answer(String query) {
    return switch (query) {
      case "*IDN?" -> IDENTITY;
      case "MEAS:VOLT:DC?", "MEASURE:VOLTAGE:DC?" -> shown(volts);
      case "MEAS:CURR:DC?", "MEASURE:CURRENT:DC?" -> shown(amps);
      case "MEAS:RES?", "MEASURE:RESISTANCE?" -> OVERLOAD;
      default -> "";
    };
  }

  private static String shown(double value) {
    return String.format(Locale.ROOT, "%+.6E", Math.rint(value / DIGIT) * DIGIT);
  }

  @Override
  public synchronized void stop() {
    try {
      server.close();
    } catch (IOException closed) {
      // it was closed already
    }
    readers.shutdownNow();
  }

  @Override
  public boolean isRunning() {
    return server != null && !server.isClosed();
  }
}
