package canthook.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Working a plan is all computation: more at a time than there are processors only makes each wait for the others. So as
 * many are let in as there are processors, in the order they came, and each runs through. Their bodies have been read by then
 * ({@link WholeBody}), and no more stand in line than can be served in the time that is waited.
 */
@Component
@Order(20)
public class Turnstile extends OncePerRequestFilter {
    private static final int LONGEST_LINE = 80;
    private static final int WAITS = 15;
    private final ObjectMapper json;
    private final Semaphore places = new Semaphore(Runtime.getRuntime().availableProcessors(), true);

    Turnstile(ObjectMapper json) {
        this.json = json;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/work");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hasPlace()) {
            Problems.refuse(
                    json,
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "More is being worked out than this machine can. It will be tried again.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            places.release();
        }
    }

    private boolean hasPlace() {
        if (places.getQueueLength() >= LONGEST_LINE) {
            return false;
        }
        try {
            return places.tryAcquire(WAITS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
