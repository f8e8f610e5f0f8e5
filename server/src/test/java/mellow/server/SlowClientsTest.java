package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** Many clients that begin to send and do not go on: others are answered all the same. */
@ServerTest
@TestPropertySource(properties = "server.tomcat.connection-timeout=3s")
class SlowClientsTest {
  private static final int STALLED = 300;

  @LocalServerPort private int port;

  private final List<Socket> sockets = new ArrayList<>();

  @AfterEach
  void hangUp() throws IOException {
    for (Socket socket : sockets) {
      socket.close();
    }
  }

  private Socket stalled(String head) throws IOException {
    Socket socket = new Socket("127.0.0.1", port);
    sockets.add(socket);
    socket.setSoTimeout(60_000);
    socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
    socket.getOutputStream().flush();
    return socket;
  }

  private String begun(String more) {
    return "POST /api/calc/entry HTTP/1.1\r\nHost: 127.0.0.1:"
        + port
        + "\r\nContent-Type: application/json\r\n"
        + more;
  }

  @Test
  void stalledBodiesAndHeadersEndAndHoldNobodyUp() throws IOException {
    Api api = new Api("http://127.0.0.1:" + port, "Runa");
    Socket first = stalled(begun("Content-Length: 1000\r\n\r\n{\"form\":"));
    for (int i = 0; i < STALLED; i++) {
      stalled(
          switch (i % 3) {
            case 0 -> begun("Content-Length: 1000\r\n\r\n{\"form\":");
            case 1 -> begun("Transfer-Encoding: chunked\r\n\r\n5\r\n{\"fo");
            default -> begun("X-More: ");
          });
    }
    assertThat(api.get("/api/shop").status()).isEqualTo(200);
    assertThat(api.get("/api/yard").status()).isEqualTo(200);
    String answer = new String(first.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(answer)
        .startsWith("HTTP/1.1 408")
        .contains("application/problem+json", "did not arrive in time");
  }
}
