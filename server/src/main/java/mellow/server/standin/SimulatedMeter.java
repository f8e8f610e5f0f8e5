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
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.DoubleSupplier;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * A simulated meter on this machine's loopback: it speaks SCPI over TCP and shows what its probes
 * were put on last, with a display of 4 ½ digits that needs some tenths of a second to settle.
 * Nothing is at its probes at first. {@code SENS:HOLD ON} holds what it shows.
 */
@Component
public class SimulatedMeter implements SmartLifecycle {
  private static final String IDENTITY = "mellow horizon,simulated meter,0,1";

  /** More people than that do not read one meter. */
  private static final int MOST_READERS = 8;

  /** The least step of the display. */
  private static final double DIGIT = 0.001;

  /** Its probe lies on the bench. */
  private static final double AMBIENT_CELSIUS = 18.6;

  private static final String OVERLOAD = "+9.90000000E+37";
  private static final int LONGEST_QUERY = 200;

  private final Input volts = new Input(1000, 0);
  private final Input amps = new Input(400, 0);
  private final Input ohms = new Input(4e7, Double.POSITIVE_INFINITY);
  private final Set<Socket> open = ConcurrentHashMap.newKeySet();
  private volatile ServerSocket server;
  private ExecutorService readers;

  /** Where it can be asked: 127.0.0.1:40123. */
  public String address() {
    return "127.0.0.1:" + server.getLocalPort();
  }

  /** Puts its probes on something live, V. */
  public void probe(DoubleSupplier shown) {
    volts.put(shown);
  }

  /** Closes its clamp around something, A. */
  public void clamp(DoubleSupplier shown) {
    amps.put(shown);
  }

  /** Puts its probes on something dead, Ω; infinite for what is open. */
  public void resist(DoubleSupplier shown) {
    ohms.put(shown);
  }

  /** Drops every connection, as a plug that is pulled does. */
  public void drop() throws IOException {
    for (Socket reader : open) {
      reader.close();
    }
  }

  /** One of its ranges: it settles from what it showed before, and holds. */
  private static final class Input {
    private static final double SETTLES_NANOS = 120e6;

    private final double range;
    private DoubleSupplier shown;
    private double from;
    private long since = System.nanoTime();
    private double last;
    private boolean held;

    /**
     * With nothing at its probes.
     *
     * @param nothing what it shows then
     */
    Input(double range, double nothing) {
      this.range = range;
      this.shown = () -> nothing;
    }

    synchronized void put(DoubleSupplier now) {
      from = Double.isFinite(last) ? last : 0;
      shown = now;
      since = System.nanoTime();
    }

    synchronized void hold(boolean on) {
      held = on;
    }

    /** Infinite beyond its range. */
    synchronized double read() {
      if (!held) {
        double now = shown.getAsDouble();
        double left = Math.exp((since - System.nanoTime()) / SETTLES_NANOS);
        last = Math.abs(now) > range ? Double.POSITIVE_INFINITY : now + (from - now) * left;
      }
      return last;
    }
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
    open.add(reader);
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
    } finally {
      open.remove(reader);
    }
  }

  /** An unknown query gets no answer, as of real ones. */
  private String answer(String query) {
    return switch (query) {
      case "*IDN?" -> IDENTITY;
      case "MEAS:VOLT:DC?", "MEASURE:VOLTAGE:DC?" -> shown(volts.read());
      case "MEAS:CURR:DC?", "MEASURE:CURRENT:DC?" -> shown(amps.read());
      case "MEAS:RES?", "MEASURE:RESISTANCE?" -> shown(ohms.read());
      case "MEAS:TEMP?", "MEASURE:TEMPERATURE?" -> shown(AMBIENT_CELSIUS);
      case "SENS:HOLD ON", "SENSE:HOLD ON" -> held(true);
      case "SENS:HOLD OFF", "SENSE:HOLD OFF" -> held(false);
      default -> "";
    };
  }

  private String held(boolean on) {
    volts.hold(on);
    amps.hold(on);
    ohms.hold(on);
    return "";
  }

  private static String shown(double value) {
    if (Double.isInfinite(value)) {
      return OVERLOAD;
    }
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
