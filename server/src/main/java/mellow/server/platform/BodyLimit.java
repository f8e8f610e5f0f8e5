package mellow.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stops reading a request's body beyond what any request of the page needs. */
@Component
@Order(1)
class BodyLimit extends OncePerRequestFilter {
  static final int MOST_BYTES = 256 * 1024;

  /** The body went on beyond the limit. */
  @SuppressWarnings("serial")
  static final class TooLarge extends IOException {
    TooLarge() {
      super("The request is larger than %d kB.".formatted(MOST_BYTES / 1024));
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    chain.doFilter(
        new HttpServletRequestWrapper(request) {
          @Override
          public ServletInputStream getInputStream() throws IOException {
            return new Limited(super.getInputStream());
          }
        },
        response);
  }

  private static final class Limited extends ServletInputStream {
    private final ServletInputStream in;
    private long read;

    Limited(ServletInputStream in) {
      this.in = in;
    }

    @Override
    public int read() throws IOException {
      int next = in.read();
      count(next < 0 ? 0 : 1);
      return next;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int got = in.read(into, from, length);
      count(Math.max(got, 0));
      return got;
    }

    private void count(int bytes) throws TooLarge {
      read += bytes;
      if (read > MOST_BYTES) {
        throw new TooLarge();
      }
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
