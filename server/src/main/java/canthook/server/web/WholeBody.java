package canthook.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A body is read whole before anything is begun with it, so that one that comes slowly keeps nobody from working: no larger than a
 * megabyte (the largest honest one is a few kilobytes), within ten seconds, and only so many bodies, and so much of them, at a time. A climate log is read as
 * it comes and may be long; two are read at a time.
 */
@Component
@Order(10)
public class WholeBody extends OncePerRequestFilter {
    /** Attribute of the request: the body as it came, for who asks whether the same was asked before. */
    public static final String AS_IT_CAME = "canthook.body";

    static final int MOST = 1_000_000;
    private static final long LONGEST_LOG = 250_000_000;
    private static final long LARGEST_FILE = 25_000_000;
    private static final Duration WITHIN = Duration.ofSeconds(10);
    private static final int MOST_AT_A_TIME = 120;
    private static final long MOST_HELD = 24_000_000;
    private static final int CHUNK = 8192;

    private final ObjectMapper json;
    private final Semaphore readers = new Semaphore(MOST_AT_A_TIME);
    private final Semaphore logs = new Semaphore(2);
    private final AtomicLong held = new AtomicLong();

    WholeBody(ObjectMapper json) {
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean log = request.getRequestURI().equals("/api/climate-logs");
        boolean file = isFile(request);
        long most = log ? LONGEST_LOG : file ? LARGEST_FILE : MOST;
        long length = request.getContentLengthLong();
        if (length > most) {
            refuse(response, HttpStatus.PAYLOAD_TOO_LARGE, TooLarge.sentence(file));
        } else if (length == 0 || length < 0 && request.getHeader(HttpHeaders.TRANSFER_ENCODING) == null) {
            chain.doFilter(request, response);
        } else if (log || file) {
            readLong(request, response, chain, most, file);
        } else {
            byte[] body = body(request, response);
            if (body != null) {
                request.setAttribute(AS_IT_CAME, ByteBuffer.wrap(body).asReadOnlyBuffer());
                chain.doFilter(new Read(request, new ByteArrayInputStream(body)), response);
            }
        }
    }

    /** A picture, or a shop as an archive: the body is the file itself. */
    static boolean isFile(HttpServletRequest request) {
        return request.getRequestURI().matches("/api/book/notes/[0-9]+/photos|/api/shop/(look|take)");
    }

    /** A climate log or a photo: read by who asks for it, two at a time. */
    private void readLong(
            HttpServletRequest request, HttpServletResponse response, FilterChain chain, long most, boolean file)
            throws ServletException, IOException {
        if (!logs.tryAcquire()) {
            refuse(response, HttpStatus.SERVICE_UNAVAILABLE, "Other long files are being read. Try again in a moment.");
            return;
        }
        try {
            chain.doFilter(new Read(request, new Counted(request.getInputStream(), most, file)), response);
        } finally {
            logs.release();
        }
    }

    /** The whole body; null when it was refused. */
    private byte @org.jspecify.annotations.Nullable [] body(HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        if (!readers.tryAcquire()) {
            refuse(response, HttpStatus.SERVICE_UNAVAILABLE, "Too much is being sent at once. Try again in a moment.");
            return null;
        }
        long mine = 0;
        try {
            long until = System.nanoTime() + WITHIN.toNanos();
            ByteArrayOutputStream whole = new ByteArrayOutputStream(CHUNK);
            InputStream in = request.getInputStream();
            byte[] chunk = new byte[CHUNK];
            for (int got = in.read(chunk); got >= 0; got = in.read(chunk)) {
                whole.write(chunk, 0, got);
                if (whole.size() > MOST) {
                    refuse(response, HttpStatus.PAYLOAD_TOO_LARGE, TooLarge.sentence(false));
                    return null;
                }
                mine += got;
                if (held.addAndGet(got) > MOST_HELD) {
                    refuse(
                            response,
                            HttpStatus.SERVICE_UNAVAILABLE,
                            "Too much is being sent at once. Try again in a moment.");
                    return null;
                }
                if (System.nanoTime() - until > 0) {
                    throw new SocketTimeoutException("a body that comes too slowly");
                }
            }
            return whole.toByteArray();
        } catch (SocketTimeoutException e) {
            refuse(response, HttpStatus.REQUEST_TIMEOUT, "What you sent did not arrive in time. Send it again.");
            return null;
        } finally {
            held.addAndGet(-mine);
            readers.release();
        }
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
        // what is left of the body is not waited for
        response.setHeader(HttpHeaders.CONNECTION, "close");
        Problems.refuse(json, response, status, sentence);
    }

    /** More came than is taken. */
    static final class TooLarge extends IOException {
        private static final String SENTENCE =
                "More than a megabyte was sent; a box is a few kilobytes. Is this the right file?";
        private static final String OF_A_FILE =
                "A file of more than 25 megabytes is not taken. Send a smaller one; what you wrote is kept.";
        private static final long serialVersionUID = 1L;

        TooLarge(boolean file) {
            super(sentence(file));
        }

        static String sentence(boolean file) {
            return file ? OF_A_FILE : SENTENCE;
        }
    }

    /** Counts what comes as it is read. */
    private static final class Counted extends InputStream {
        private final InputStream in;
        private final long most;
        private final boolean file;
        private long read;

        Counted(InputStream in, long most, boolean file) {
            this.in = in;
            this.most = most;
            this.file = file;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int got = in.read(bytes, from, length);
            count(Math.max(0, got));
            return got;
        }

        private void count(int got) throws TooLarge {
            read += got;
            if (read > most) {
                throw new TooLarge(file);
            }
        }
    }

    /** The request with its body from elsewhere. */
    private static final class Read extends HttpServletRequestWrapper {
        private final ServletInputStream body;

        Read(HttpServletRequest request, InputStream body) {
            super(request);
            this.body = new ServletInputStream() {
                private boolean finished;

                @Override
                public int read() throws IOException {
                    int b = body.read();
                    finished = b < 0;
                    return b;
                }

                @Override
                public int read(byte[] bytes, int from, int length) throws IOException {
                    int got = body.read(bytes, from, length);
                    finished = got < 0;
                    return got;
                }

                @Override
                public boolean isFinished() {
                    return finished;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("the body has been read");
                }
            };
        }

        @Override
        public ServletInputStream getInputStream() {
            return body;
        }
    }
}
