package mellow.server.yard;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import mellow.core.workflow.Standing;
import mellow.server.wire.Spoken;
import org.springframework.stereotype.Component;

/**
 * Standings in words. A yard is looked at far more often than a standing changes, and saying it
 * costs more than all else: it is said once a language for as long as it stands.
 */
@Component
class SaidStandings {
  // by identity: a standing that was worked out anew is another one
  private final Cache<Standing, Map<String, StandingView>> said =
      Caffeine.newBuilder().weakKeys().build();

  StandingView of(Standing standing) {
    return said.get(standing, one -> new ConcurrentHashMap<>())
        .computeIfAbsent(Spoken.language(), language -> StandingView.of(standing));
  }
}
