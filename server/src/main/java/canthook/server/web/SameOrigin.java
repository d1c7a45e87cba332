package canthook.server.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets no other page act on the shop. A browser says where a request comes from; what comes from elsewhere is served only when a person
 * follows a link to a page. What changes something must in addition come as JSON (or as the CSV of a file), which no form of another
 * page can send without asking first, and that question is answered with no.
 *
 * <p>A program that is no browser says nothing of where it comes from, and is on this machine or was let in by whoever runs it.
 */
final class SameOrigin extends OncePerRequestFilter {
    private static final Set<String> READS = Set.of("GET", "HEAD");
    private static final Set<String> CHANGES = Set.of("POST", "PUT", "DELETE");

    private final Hosts hosts;
    private final ObjectMapper json;

    SameOrigin(Hosts hosts, ObjectMapper json) {
        this.hosts = hosts;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hosts.knows(request.getHeader(HttpHeaders.HOST), request.isSecure())) {
            Problems.refuse(
                    json,
                    response,
                    HttpStatus.FORBIDDEN,
                    "Cant Hook does not go by that name here. If it is a name of this machine, start it with --canthook.hosts=NAME.");
        } else if (!comesFromHere(request)) {
            Problems.refuse(json, response, HttpStatus.FORBIDDEN, "Another page may not ask this of the shop.");
        } else if (CHANGES.contains(request.getMethod()) && !isPlain(request)) {
            Problems.refuse(
                    json,
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "What changes the shop is sent as application/json.");
        } else if (!CHANGES.contains(request.getMethod()) && !READS.contains(request.getMethod())) {
            Problems.refuse(json, response, HttpStatus.METHOD_NOT_ALLOWED, "Nothing here is asked that way.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean comesFromHere(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return READS.contains(request.getMethod())
                    && "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                    && "document".equals(request.getHeader("Sec-Fetch-Dest"))
                    && !request.getRequestURI().startsWith("/api/");
        }
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return origin == null || isOwn(origin, request.getHeader(HttpHeaders.HOST));
    }

    private static boolean isOwn(String origin, @Nullable String host) {
        try {
            return host != null
                    && host.toLowerCase(Locale.ROOT).equals(URI.create(origin).getRawAuthority());
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** Kinds of body that a page must ask before it sends them elsewhere. A body-less change says that it is JSON, too. */
    private static boolean isPlain(HttpServletRequest request) {
        String type = request.getContentType();
        if (type == null) {
            return request.getMethod().equals("DELETE");
        }
        String kind = type.toLowerCase(Locale.ROOT).replaceAll(";.*", "").strip();
        // a photo and a shop come as the file itself, under a kind no page elsewhere may send unasked
        boolean file = kind.equals(MediaType.APPLICATION_OCTET_STREAM_VALUE) && WholeBody.isFile(request);
        return file || kind.equals(MediaType.APPLICATION_JSON_VALUE) || kind.equals("text/csv");
    }
}
