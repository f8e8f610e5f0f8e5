package mellow.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class FollowersTest {
  /**
   * A page whose connection breaks once it was heard: the container ends it, and refuses that it is
   * ended once more.
   */
  private static SseEmitter broken(Exception why) {
    return new SseEmitter() {
      private boolean isHeard;

      @Override
      public void send(SseEventBuilder event) throws IOException {
        if (!isHeard) {
          isHeard = true;
          return;
        }
        if (why instanceof IOException gone) {
          throw gone;
        }
        throw (RuntimeException) why;
      }

      @Override
      public void completeWithError(Throwable ex) {
        throw new IllegalStateException("an error had occurred already");
      }
    };
  }

  private static SseEmitter heard(List<String> into) {
    return new SseEmitter() {
      @Override
      public void send(SseEventBuilder event) {
        event.build().forEach(one -> into.add(one.getData().toString()));
      }
    };
  }

  @Test
  void aPageThatWentAwayKeepsNoOtherFromBeingTold() {
    List<List<String>> heard = new ArrayList<>();
    Followers followers = new Followers();
    // which of them is told first is left to chance: broken ones stand among those that listen
    for (int page = 0; page < 20; page++) {
      followers.add("shop", broken(new IOException("Broken pipe")));
      followers.add("shop", broken(new IllegalStateException("completed already")));
      followers.add("shop", broken(new UnsupportedOperationException("a fault of our own")));
      List<String> into = new ArrayList<>();
      heard.add(into);
      followers.add("shop", heard(into));
    }
    assertThat(followers.size()).isEqualTo(4 * heard.size());
    Changes.Changed changed = new Changes.Changed("job", "a job");
    followers.tell("shop", changed);
    assertThat(heard).allSatisfy(one -> assertThat(one).contains(changed.toString()));
    assertThat(followers.size()).as("those that went away are let go").isEqualTo(heard.size());
  }

  @Test
  void aShopHearsOfNoOther() {
    List<String> heard = new ArrayList<>();
    Followers followers = new Followers();
    followers.add("shop", heard(heard));
    heard.clear();
    followers.tell("another", new Changes.Changed("job", "a job"));
    assertThat(heard).isEmpty();
  }
}
