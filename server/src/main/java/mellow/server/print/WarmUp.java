package mellow.server.print;

import java.util.Map;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints a page for nobody after the start: the library's first document takes seconds. */
@Component
@ConditionalOnProperty("mellow.print.warm-up")
class WarmUp {
  @EventListener(ApplicationReadyEvent.class)
  void print() {
    Thread thread =
        new Thread(() -> Printed.pdf("warm-up.html", Map.of(), Map.of()), "print warm-up");
    thread.setDaemon(true);
    thread.setPriority(Thread.MIN_PRIORITY);
    thread.start();
  }
}
