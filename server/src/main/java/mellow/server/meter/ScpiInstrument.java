package mellow.server.meter;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/**
 * A connection to an instrument that speaks SCPI. An unknown query gets no answer at all, and a
 * late answer would be taken for that to the next query: a connection on which anything went wrong
 * is not used again.
 */
final class ScpiInstrument implements AutoCloseable {
  /** An answer is a line of some dozen characters; what floods is no instrument. */
  private static final int LONGEST_LINE = 400;

  /** Stands for a reading beyond the range: SCPI-1999, volume 1, 7.2.1.4 (9.9E37). */
  private static final double OVERLOAD = 9.8e37;

  private final Socket socket;
  private final InputStream in;
  private final long deadline;

  private ScpiInstrument(Socket socket, long deadline) throws IOException {
    this.socket = socket;
    this.in = socket.getInputStream();
    this.deadline = deadline;
  }

  /**
   * Connects.
   *
   * @param patience for all that is asked on the connection, together
   * @throws IOException where nobody answers there
   */
  static ScpiInstrument at(InetSocketAddress address, Duration patience) throws IOException {
    Socket socket = new Socket();
    try {
      socket.connect(address, (int) patience.toMillis());
      return new ScpiInstrument(socket, System.nanoTime() + patience.toNanos());
    } catch (IOException problem) {
      socket.close();
      throw problem;
    }
  }

  /** Who it says it is. */
  String identity() throws IOException {
    return ask("*IDN?");
  }

  /**
   * What it shows.
   *
   * @return infinite where the reading is beyond the range
   * @throws NumberFormatException where it answers something else than a number
   */
  double read(MeterQuantity quantity) throws IOException {
    double value = Double.parseDouble(ask(quantity.query()));
    if (Double.isNaN(value)) {
      throw new NumberFormatException("not a number");
    }
    return Math.abs(value) >= OVERLOAD ? Math.copySign(Double.POSITIVE_INFINITY, value) : value;
  }

  private String ask(String query) throws IOException {
    socket.getOutputStream().write((query + "\n").getBytes(StandardCharsets.US_ASCII));
    StringBuilder line = new StringBuilder();
    while (true) {
      long left = (deadline - System.nanoTime()) / 1_000_000;
      if (left <= 0) {
        throw new SocketTimeoutException("no answer in time");
      }
      socket.setSoTimeout((int) left);
      int next = in.read();
      if (next < 0) {
        throw new IOException("the connection was closed");
      } else if (next == '\n') {
        return line.toString().strip();
      } else if (line.length() == LONGEST_LINE) {
        throw new IOException("the answer has no end");
      }
      line.append((char) next);
    }
  }

  @Override
  public void close() throws IOException {
    socket.close();
  }
}
