package mellow.server.record;

import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Open pages that are told of changes; what is wrong with one keeps none of the others from it. */
final class Followers {
  private static final Logger LOG = LoggerFactory.getLogger(Followers.class);

  private final Set<Follower> all = ConcurrentHashMap.newKeySet();

  /** An open page. */
  private record Follower(String shopId, SseEmitter events) {}

  /** Adds a page, until it goes away; it is told at once that it is heard. */
  void add(String shopId, SseEmitter events) {
    Follower follower = new Follower(shopId, events);
    events.onCompletion(() -> all.remove(follower));
    events.onTimeout(() -> all.remove(follower));
    events.onError(gone -> all.remove(follower));
    all.add(follower);
    send(follower, SseEmitter.event().comment("here"));
  }

  int size() {
    return all.size();
  }

  /** Tells the pages of a shop. */
  void tell(String shopId, Changes.Changed changed) {
    for (Follower follower : all) {
      if (follower.shopId().equals(shopId)) {
        send(follower, SseEmitter.event().name("changed").data(changed));
      }
    }
  }

  /** Something goes over each connection now and then, so that a broken one is found. */
  void beat() {
    all.forEach(follower -> send(follower, SseEmitter.event().comment("beat")));
  }

  /** Lets all of them go; they come again. */
  void end() {
    all.forEach(follower -> follower.events().complete());
  }

  private void send(Follower follower, SseEmitter.SseEventBuilder event) {
    try {
      follower.events().send(event);
    } catch (IOException | IllegalStateException gone) {
      // the container ends the connection; to end it here as well may fail
      all.remove(follower);
    } catch (RuntimeException fault) {
      LOG.warn("A page cannot be told", fault);
      all.remove(follower);
    }
  }
}
