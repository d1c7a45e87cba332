package canthook.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Working a plan is all computation: more at a time than there are processors only makes each wait for the others. So as
 * many are let in as there are processors, in the order they came, and each runs through.
 */
@Component
public class Turnstile extends OncePerRequestFilter {
    private final Semaphore places = new Semaphore(Runtime.getRuntime().availableProcessors(), true);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/work");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        places.acquireUninterruptibly();
        try {
            chain.doFilter(request, response);
        } finally {
            places.release();
        }
    }
}
