package mellow.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;
import mellow.core.photo.PhotoFile;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stops reading a request's body beyond what any request of the page needs, and where it does not
 * come; photos and files of jobs need more.
 */
@Component
@Order(1)
class BodyLimit extends OncePerRequestFilter {
  static final int MOST_BYTES = 256 * 1024;

  private static final Pattern PHOTO = Pattern.compile("/api/jobs/[^/]+/photos/[^/]+");

  private static final Pattern JOB_FILE = Pattern.compile("/api/jobs/[^/]+/file");
  private static final int MOST_FILE_BYTES = 4 * 1024 * 1024;

  private static final Pattern JOB_ZIP = Pattern.compile("/api/jobs/[^/]+/job\\.zip");

  /** A job's photos, as many and as large as they may be, and as much again as one for the rest. */
  private static final long MOST_ZIP_BYTES = 201L * PhotoFile.MOST_BYTES;

  /** One byte more than a photo may have: it is refused where photos are looked at. */
  private static final int MOST_PHOTO_BYTES = PhotoFile.MOST_BYTES + 1;

  /** The body went on beyond the limit. */
  @SuppressWarnings("serial")
  static final class TooLarge extends IOException {
    private final transient Sentence says;

    TooLarge(long mostBytes) {
      super("the request is larger than " + mostBytes + " bytes");
      this.says = PlatformWords.requestTooLarge((int) (mostBytes / 1024));
    }

    Sentence says() {
      return says;
    }
  }

  /** The rest of the body did not come for too long. */
  @SuppressWarnings("serial")
  static final class TooSlow extends IOException {
    TooSlow() {
      super("the rest of the request did not come in time");
    }
  }

  /** However large, a body comes at this rate at least once the first seconds are over. */
  private static final long LEAST_BYTES_PER_SECOND = 10_000;

  private final Duration patience;

  BodyLimit(@Value("${mellow.body-patience:20s}") Duration patience) {
    this.patience = patience;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long most = most(request.getRequestURI());
    chain.doFilter(
        new HttpServletRequestWrapper(request) {
          @Override
          public ServletInputStream getInputStream() throws IOException {
            return new Limited(super.getInputStream(), most, patience);
          }
        },
        response);
  }

  private static long most(String path) {
    if (JOB_ZIP.matcher(path).matches()) {
      return MOST_ZIP_BYTES;
    }
    if (PHOTO.matcher(path).matches()) {
      return MOST_PHOTO_BYTES;
    }
    return JOB_FILE.matcher(path).matches() ? MOST_FILE_BYTES : MOST_BYTES;
  }

  private static final class Limited extends ServletInputStream {
    private final ServletInputStream in;
    private final long mostBytes;
    private final long from = System.nanoTime();
    private final long patienceNanos;
    private long read;

    Limited(ServletInputStream in, long mostBytes, Duration patience) {
      this.in = in;
      this.mostBytes = mostBytes;
      this.patienceNanos = patience.toNanos();
    }

    @Override
    public int read() throws IOException {
      int next = timely(in::read);
      count(next < 0 ? 0 : 1);
      return next;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int got = timely(() -> in.read(into, from, length));
      count(Math.max(got, 0));
      return got;
    }

    private interface Reading {
      int read() throws IOException;
    }

    /** Each read waits as long as the connector lets it; all of them together so long. */
    private int timely(Reading reading) throws IOException {
      long spent = System.nanoTime() - from;
      long earned = TimeUnit.SECONDS.toNanos(1) * read / LEAST_BYTES_PER_SECOND;
      if (spent > patienceNanos + earned) {
        throw new TooSlow();
      }
      try {
        return reading.read();
      } catch (SocketTimeoutException stalled) {
        throw new TooSlow();
      }
    }

    private void count(int bytes) throws TooLarge {
      read += bytes;
      if (read > mostBytes) {
        throw new TooLarge(mostBytes);
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
