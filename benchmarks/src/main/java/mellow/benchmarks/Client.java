package mellow.benchmarks;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * Asks over one kept connection and throws the answer away. Written on a bare socket, since it
 * shares the machine with what it measures and has to cost little beside it.
 */
final class Client implements AutoCloseable {
  private static final int PATIENCE_MS = 20_000;
  private static final int BUFFER = 1 << 16;

  private final int port;
  private Socket socket;
  private InputStream in;

  Client(int port) throws IOException {
    this.port = port;
    socket = open();
    in = new BufferedInputStream(socket.getInputStream(), BUFFER);
  }

  private Socket open() throws IOException {
    Socket opened = new Socket(InetAddress.getLoopbackAddress(), port);
    opened.setTcpNoDelay(true);
    opened.setSoTimeout(PATIENCE_MS);
    return opened;
  }

  int get(String path) throws IOException {
    return ask("GET", path, "");
  }

  int post(String path, String body) throws IOException {
    return ask("POST", path, body);
  }

  int put(String path, String body) throws IOException {
    return ask("PUT", path, body);
  }

  private int ask(String method, String path, String body) throws IOException {
    byte[] content = body.getBytes(StandardCharsets.UTF_8);
    String head =
        "%s %s HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nX-Acting-As: Runa\r\nContent-Length: %d\r\n\r\n"
            .formatted(method, path, content.length);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(head.getBytes(StandardCharsets.US_ASCII));
    out.write(content);
    out.writeTo(socket.getOutputStream());
    return answer();
  }

  private int answer() throws IOException {
    int status = Integer.parseInt(line().split(" ", 3)[1]);
    long length = 0;
    boolean chunked = false;
    boolean last = false;
    for (String header = line(); !header.isEmpty(); header = line()) {
      String lower = header.toLowerCase(Locale.ROOT);
      if (lower.startsWith("content-length:")) {
        length = Long.parseLong(lower.substring(15).strip());
      }
      last |= lower.equals("connection: close");
      chunked |= lower.startsWith("transfer-encoding: chunked");
    }
    if (chunked) {
      do {
        length = Long.parseLong(line(), 16);
        in.skipNBytes(length + 2);
      } while (length > 0);
    } else {
      in.skipNBytes(length);
    }
    if (last) {
      // The server ends each connection after a hundred answers.
      socket.close();
      socket = open();
      in = new BufferedInputStream(socket.getInputStream(), BUFFER);
    }
    return status;
  }

  private String line() throws IOException {
    StringBuilder line = new StringBuilder();
    for (int c = in.read(); c != '\n'; c = in.read()) {
      if (c < 0) {
        throw new EOFException("the server hung up");
      }
      if (c != '\r') {
        line.append((char) c);
      }
    }
    return line.toString();
  }

  @Override
  public void close() throws IOException {
    socket.close();
  }
}
