package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import mellow.server.standin.SimulatedMeter;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A meter is read by its address; whatever answers there, the page gets a sentence and soon. */
@ServerTest
@Timeout(60)
class MeterTest {
  private static final long SETTLES_NANOS = 150_000_000L;

  private static final String PYVISA =
      """
      import sys, pyvisa
      meter = pyvisa.ResourceManager('@py').open_resource(
          sys.argv[1], read_termination='\\n', write_termination='\\n', timeout=5000)
      print(meter.query('*IDN?'))
      for query in ('MEAS:VOLT:DC?', 'MEAS:CURR:DC?', 'MEAS:RES?'):
          print(meter.query_ascii_values(query)[0])
      meter.close()
      """;

  @LocalServerPort private int port;
  @Autowired private SimulatedMeter simulated;

  private Api.Answer read(String address, String what) {
    return new Api("http://127.0.0.1:" + port, "Runa")
        .get("/api/meter?address=" + address + "&what=" + what);
  }

  @Test
  void theSimulatedMeterShowsWhereItsProbesAre() {
    simulated.probe(() -> 12.4321);
    Api.Answer volts = settled();
    assertThat(volts.body().get("value").asDouble()).isCloseTo(12.432, within(1e-9));
    assertThat(volts.body().get("unit").asText()).isEqualTo("V");
    assertThat(volts.body().get("identity").asText()).contains("simulated meter");
    // an open circuit is beyond any range: SCPI-1999 shows 9.9E37
    assertThat(read(simulated.address(), "OHMS").body().has("value")).isFalse();
  }

  /** It settles by an exponential: within its last digit after some readings. */
  private Api.Answer settled() {
    Api.Answer answer = read(simulated.address(), "VOLTS");
    double before = Double.NaN;
    while (answer.body().get("value").asDouble() != before) {
      before = answer.body().get("value").asDouble();
      LockSupport.parkNanos(SETTLES_NANOS);
      answer = read(simulated.address(), "VOLTS");
    }
    return answer;
  }

  @Test
  void itSettlesHoldsAndShowsWhatIsBeyondItsRange() throws IOException {
    simulated.probe(() -> 0);
    settled();
    simulated.probe(() -> 13.8);
    double climbing = read(simulated.address(), "VOLTS").body().get("value").asDouble();
    assertThat(climbing).isBetween(0.0, 13.8);
    assertThat(settled().body().get("value").asDouble()).isCloseTo(13.8, within(1e-9));
    command("SENS:HOLD ON");
    simulated.probe(() -> 0.2);
    assertThat(settled().body().get("value").asDouble()).isCloseTo(13.8, within(1e-9));
    command("SENS:HOLD OFF");
    assertThat(settled().body().get("value").asDouble()).isCloseTo(0.2, within(1e-9));
    simulated.probe(() -> 4000);
    assertThat(read(simulated.address(), "VOLTS").body().has("value")).isFalse();
    simulated.probe(() -> 0);
  }

  /** PyVISA, a general-purpose library for instruments, beside the product's own reader. */
  @Test
  void aGeneralPurposeClientReadsTheSameFromTheSimulatedMeter()
      throws IOException, InterruptedException {
    simulated.probe(() -> 12.432);
    simulated.clamp(() -> 4.297);
    settled();
    Process client =
        new ProcessBuilder(
                "/usr/bin/python3",
                "-c",
                PYVISA,
                "TCPIP::%s::SOCKET".formatted(simulated.address().replace(":", "::")))
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    String[] lines;
    try (InputStream in = client.getInputStream()) {
      lines = new String(in.readAllBytes(), StandardCharsets.US_ASCII).split("\n", -1);
    }
    assertThat(client.waitFor()).isZero();
    assertThat(lines[0])
        .isEqualTo(read(simulated.address(), "VOLTS").body().get("identity").asText());
    assertThat(Double.parseDouble(lines[1])).isCloseTo(12.432, within(1e-9));
    assertThat(Double.parseDouble(lines[2])).isCloseTo(4.297, within(1e-9));
    assertThat(Double.parseDouble(lines[3])).isEqualTo(9.9e37);
    simulated.probe(() -> 0);
    simulated.clamp(() -> 0);
  }

  @Test
  void aConnectionThatDropsIsMadeAnew() throws IOException {
    String[] address = simulated.address().split(":");
    try (Socket socket = new Socket(address[0], Integer.parseInt(address[1]));
        BufferedReader in =
            new BufferedReader(
                new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))) {
      say(socket.getOutputStream(), "*IDN?\n");
      assertThat(in.readLine()).contains("simulated meter");
      simulated.drop();
      assertThat(in.readLine()).isNull();
    }
    assertThat(read(simulated.address(), "CELSIUS").body().get("unit").asText()).isEqualTo("°C");
  }

  private void command(String line) throws IOException {
    String[] address = simulated.address().split(":");
    try (Socket socket = new Socket(address[0], Integer.parseInt(address[1]));
        BufferedReader in =
            new BufferedReader(
                new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))) {
      say(socket.getOutputStream(), line + ";*IDN?\n");
      assertThat(in.readLine()).contains("simulated meter");
    }
  }

  /** What an instrument may do to its reader. */
  private interface Instrument {
    void answer(BufferedReader in, OutputStream out) throws IOException;
  }

  private String saysOf(Instrument instrument) throws IOException {
    try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.2"))) {
      Thread thread =
          new Thread(
              () -> {
                try (Socket reader = server.accept()) {
                  instrument.answer(
                      new BufferedReader(
                          new InputStreamReader(
                              reader.getInputStream(), StandardCharsets.US_ASCII)),
                      reader.getOutputStream());
                } catch (IOException gone) {
                  // the reader gave up
                }
              });
      thread.setDaemon(true);
      thread.start();
      Api.Answer answer = read("127.0.0.2:" + server.getLocalPort(), "VOLTS");
      assertThat(answer.status()).isEqualTo(422);
      return answer.body().get("detail").asText();
    }
  }

  private static void say(OutputStream out, String line) throws IOException {
    out.write(line.getBytes(StandardCharsets.US_ASCII));
    out.flush();
  }

  @Test
  void nonsenseFloodsAndSilenceEndInASentence() throws IOException {
    assertThat(saysOf((in, out) -> in.readLine())).contains("No meter can be reached");
    assertThat(saysOf((in, out) -> waitForMore(in))).contains("gives no answer");
    assertThat(
            saysOf(
                (in, out) -> {
                  in.readLine();
                  say(out, "a toaster\r\n");
                  in.readLine();
                  say(out, "done\r\n");
                  waitForMore(in);
                }))
        .contains("shows no number");
    assertThat(
            saysOf(
                (in, out) -> {
                  in.readLine();
                  while (true) {
                    say(out, "1234567890".repeat(100));
                  }
                }))
        .contains("No meter can be reached");
  }

  private static void waitForMore(BufferedReader in) throws IOException {
    while (in.readLine() != null) {
      // it hears, and says nothing more
    }
  }

  @Test
  void onlyTheShopsOwnNetworkIsAsked() {
    for (String address : new String[] {"8.8.8.8:80", "example.invalid:5025", "127.0.0.1", "x"}) {
      assertThat(read(address, "VOLTS").body().get("detail").asText()).contains("as digits");
    }
    assertThat(read("127.0.0.1:1", "VOLTS").status()).isEqualTo(422);
    assertThat(Map.of("status", read("127.0.0.1:5025", "FARADS").status()))
        .containsEntry("status", 400);
  }
}
