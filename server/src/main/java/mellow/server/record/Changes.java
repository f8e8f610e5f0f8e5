package mellow.server.record;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open pages what was kept, by whichever process: each looks at the end of the one table of
 * facts, several times a second while anybody follows. Numbers are given out before they are
 * committed, so the last few are looked at again: one that comes late is told late, and not missed.
 */
@Component
class Changes {
  private static final Logger LOG = LoggerFactory.getLogger(Changes.class);
  private static final long LOOK_MS = 250;
  private static final int BEATS = 60;
  private static final int LOOKED_AT_AGAIN = 200;

  /** Each holds a connection; a shop has some dozens of pages open. */
  private static final int MOST = 500;

  private final FactStore store;
  private final Followers followers = new Followers();
  private final ScheduledExecutorService looking =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "changes");
            thread.setDaemon(true);
            return thread;
          });

  private volatile boolean stopped;

  // held by whoever looks
  private Set<Long> told = new HashSet<>();
  private long last = -1;
  private int looks;
  private boolean away;

  Changes(FactStore store) {
    this.store = store;
    looking.scheduleWithFixedDelay(this::look, LOOK_MS, LOOK_MS, TimeUnit.MILLISECONDS);
  }

  /** Something was kept of a job or a bay. */
  record Changed(String kind, String id) {}

  /** What changes in a shop from now on, until whoever follows goes away. */
  SseEmitter follow(String shopId) {
    SseEmitter events = new SseEmitter(0L);
    synchronized (this) {
      if (last < 0) {
        // what is kept from here on is new, even before the next look
        tellFresh();
      }
      followers.add(shopId, events);
    }
    if (stopped || followers.size() > MOST) {
      // a page that is let go comes again
      events.complete();
    }
    return events;
  }

  private synchronized void look() {
    if (followers.size() == 0) {
      last = -1;
      return;
    }
    try {
      tellFresh();
      away = false;
    } catch (RuntimeException e) {
      if (!away) {
        LOG.warn("What changed cannot be looked for", e);
      }
      away = true;
    }
    looks++;
    if (looks % BEATS == 0) {
      followers.beat();
    }
  }

  private void tellFresh() {
    boolean first = last < 0;
    List<FactStore.Fresh> end =
        first ? store.end(LOOKED_AT_AGAIN) : store.after(last - LOOKED_AT_AGAIN);
    Set<Long> seen = new HashSet<>();
    Set<FactStore.Fresh> fresh = new LinkedHashSet<>();
    for (FactStore.Fresh one : end) {
      seen.add(one.number());
      last = Math.max(last, one.number());
      if (!first && !told.contains(one.number())) {
        fresh.add(one);
      }
    }
    last = Math.max(last, 0);
    told = seen;
    fresh.stream()
        .map(one -> new OfShop(one.shopId(), changed(one.owner())))
        .distinct()
        .forEach(one -> followers.tell(one.shopId(), one.changed()));
  }

  private record OfShop(String shopId, Changed changed) {}

  private static Changed changed(Owner owner) {
    return new Changed(owner instanceof Owner.OfJob ? "job" : "bay", owner.id());
  }

  /** Before the server waits for what is on its way: who follows would never be done. */
  @EventListener(ContextClosedEvent.class)
  void stop() {
    stopped = true;
    looking.shutdownNow();
    followers.end();
  }
}
