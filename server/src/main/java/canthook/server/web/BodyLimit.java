package canthook.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No body larger than a megabyte: the largest honest one is a few kilobytes. A climate log is read as it comes, and may be long. */
@Component
public class BodyLimit extends OncePerRequestFilter {
    static final long MOST = 1_000_000;
    private static final long LONGEST_LOG = 250_000_000;
    private final ObjectMapper json;

    BodyLimit(ObjectMapper json) {
        this.json = json;
    }

    private static long most(HttpServletRequest request) {
        return request.getRequestURI().equals("/api/climate-logs") ? LONGEST_LOG : MOST;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > most(request)) {
            response.setStatus(HttpStatus.PAYLOAD_TOO_LARGE.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            json.writeValue(
                    response.getOutputStream(),
                    Problems.problem(HttpStatus.PAYLOAD_TOO_LARGE, new TooLarge().getMessage(), null));
            return;
        }
        chain.doFilter(request.getContentLengthLong() < 0 ? new Counted(request) : request, response);
    }

    /** More came than is taken. */
    static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        TooLarge() {
            super("More than a megabyte was sent; a box is a few kilobytes. Is this the right file?");
        }
    }

    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;

        Counted(HttpServletRequest request) {
            super(request);
            most = most(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long read;

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
            };
        }
    }
}
