package mellow.server.meter;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.SocketTimeoutException;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.server.platform.Refusal;
import org.springframework.stereotype.Service;

/** Asks instruments by their address; what goes wrong there is said in a sentence. */
@Service
class Meters {
  /** Whoever waits at the vehicle looks again after that. */
  private static final Duration PATIENCE = Duration.ofMillis(1500);

  private static final int LONGEST_NAME = 80;
  private static final int MOST_PORT = 65_535;

  /** As digits: a name could lead anywhere, and differently the second time. */
  private static final Pattern ADDRESS = Pattern.compile("((?:\\d{1,3}\\.){3}\\d{1,3}):(\\d{1,5})");

  /**
   * What an instrument shows.
   *
   * @param address as digits, with its port: 127.0.0.1:5025
   */
  MeterController.MeterView read(String address, MeterQuantity quantity) {
    try (ScpiInstrument instrument = ScpiInstrument.at(inTheShop(address), PATIENCE)) {
      String identity = instrument.identity();
      double value = instrument.read(quantity);
      return new MeterController.MeterView(
          identity.length() > LONGEST_NAME ? identity.substring(0, LONGEST_NAME) : identity,
          Double.isInfinite(value) ? null : value,
          quantity.unit());
    } catch (SocketTimeoutException late) {
      throw Refusal.unprocessable("address", MeterWords.noAnswer(address));
    } catch (NumberFormatException nonsense) {
      throw Refusal.unprocessable("address", MeterWords.noNumber(address));
    } catch (IOException broken) {
      throw Refusal.unprocessable("address", MeterWords.noInstrument(address));
    }
  }

  /** Only an address of this machine or of the shop's own network is asked. */
  private static InetSocketAddress inTheShop(String address) {
    Matcher parts = ADDRESS.matcher(address.strip());
    if (parts.matches()) {
      int port = Integer.parseInt(parts.group(2));
      try {
        InetAddress host = InetAddress.getByName(parts.group(1));
        boolean ours = host.isLoopbackAddress() || host.isSiteLocalAddress();
        if (ours && port > 0 && port <= MOST_PORT) {
          return new InetSocketAddress(host, port);
        }
      } catch (UnknownHostException notDigits) {
        // said below
      }
    }
    throw Refusal.unprocessable("address", MeterWords.notInTheShop());
  }
}
