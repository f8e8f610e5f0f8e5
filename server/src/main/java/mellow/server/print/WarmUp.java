package mellow.server.print;

import java.time.Duration;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Prints a page for nobody a while after the start: the library's first document takes seconds, and
 * at the start itself the first pages need them.
 */
@Component
@ConditionalOnProperty("mellow.print.warm-up")
class WarmUp {
  private final Duration wait;

  WarmUp(@Value("${mellow.print.warm-up}") Duration wait) {
    this.wait = wait;
  }

  @EventListener(ApplicationReadyEvent.class)
  void print() {
    Thread thread = new Thread(this::printLater, "print warm-up");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    thread.start();
  }

  private void printLater() {
    try {
      Thread.sleep(wait.toMillis());
      Printed.pdf("warm-up.html", Map.of(), Map.of());
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }
}
