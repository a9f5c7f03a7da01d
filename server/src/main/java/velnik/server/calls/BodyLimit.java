package velnik.server.calls;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import velnik.core.site.Limits;

/**
 * Stops reading a call's body where it gets too large, whether or not it said how large it is, and where it takes too
 * long to come.
 */
@Component
class BodyLimit extends OncePerRequestFilter {
    /** Bytes. A paste of 20,000 long lines fits. */
    static final long LIMIT = 8_000_000;

    /** For the whole body; a slow line takes 8 MB at 1 Mbit/s. */
    private static final Duration LONGEST = Duration.ofSeconds(70);

    private static final String FILES = "/-/api/files";
    /** Bytes. What takes files in has limits of its own, which say more. */
    private static final long FILE_LIMIT = Limits.FILE_BYTES + 1_000_000L;

    private static final Duration FILE_LONGEST = Duration.ofMinutes(10);

    /** The body comes so slowly that it is not waited for any longer. */
    static final class TooSlow extends IOException {
        static final String SENTENCE = "This came too slowly to be waited for. Nothing was changed; try again.";
    }

    /** The body goes on past the limit. */
    static final class TooLarge extends IOException {
        String sentence() {
            return "This is more than Velnik takes at once (" + LIMIT / 1_000_000 + " MB). Nothing was changed.";
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Limited(request), response);
    }

    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            boolean file = getRequestURI().startsWith(FILES);
            return new LimitedStream(super.getInputStream(), file ? FILE_LIMIT : LIMIT, file ? FILE_LONGEST : LONGEST);
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream body;
        private final long limit;
        private final Duration longest;
        private final long begun = System.nanoTime();
        private long read;

        LimitedStream(ServletInputStream body, long limit, Duration longest) {
            this.body = body;
            this.limit = limit;
            this.longest = longest;
        }

        @Override
        public int read() throws IOException {
            int value = body.read();
            count(value < 0 ? 0 : 1);
            return value;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int count = body.read(into, from, length);
            count(Math.max(count, 0));
            return count;
        }

        private void count(int more) throws TooLarge, TooSlow {
            read += more;
            if (read > limit) {
                throw new TooLarge();
            }
            if (System.nanoTime() - begun > longest.toNanos()) {
                throw new TooSlow();
            }
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
