package canthook.server.web;

import canthook.server.sharing.Devices;
import canthook.server.sharing.Devices.Device;
import canthook.server.sharing.JoinApi;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Who comes over the shop's network, which is over HTTPS, may do what it was let in for; who was not let in sees the page and may join. At the
 * machine itself everything is open, and only there it is decided who comes in.
 */
@Component
final class AtTheDoor implements HandlerInterceptor, WebMvcConfigurer {
    private static final Set<String> READS = Set.of("GET", "HEAD");
    private static final String INSIDE = "/api/sharing";

    private final Devices devices;
    private final ObjectMapper json;

    AtTheDoor(Devices devices, ObjectMapper json) {
        this.devices = devices;
        this.json = json;
    }

    @Override
    public void addInterceptors(InterceptorRegistry all) {
        all.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        String path = request.getRequestURI();
        if (!request.isSecure() || isOpenToAll(path)) {
            return true;
        }
        if (path.startsWith(INSIDE)) {
            Problems.refuse(json, response, HttpStatus.FORBIDDEN, "That is decided at the machine Cant Hook runs on.");
            return false;
        }
        Optional<Device> device = devices.by(token(request));
        if (device.isEmpty()) {
            Problems.refuse(
                    json, response, HttpStatus.UNAUTHORIZED, "This device is not let in. Join with the passcode.");
            return false;
        }
        if (!device.get().may().includes(needed(request, handler))) {
            Problems.refuse(
                    json,
                    response,
                    HttpStatus.FORBIDDEN,
                    "This device may " + device.get().may().words()
                            + "; more is allowed at the machine Cant Hook runs on.");
            return false;
        }
        return true;
    }

    /** Pages, scripts and fonts hold nothing of the shop. */
    private static boolean isOpenToAll(String path) {
        return !path.startsWith("/api/") && !path.startsWith("/v3/")
                || path.equals(JoinApi.AT)
                || path.startsWith(JoinApi.AT + "/");
    }

    static May needed(HttpServletRequest request, Object handler) {
        return handler instanceof HandlerMethod method ? needed(request.getMethod(), method) : May.ALL;
    }

    /** What is said at the method counts, then what is said of all of them, then whether it only reads. */
    static May needed(String asked, HandlerMethod handler) {
        OpenTo said = AnnotatedElementUtils.findMergedAnnotation(handler.getMethod(), OpenTo.class);
        if (said == null) {
            said = AnnotatedElementUtils.findMergedAnnotation(handler.getBeanType(), OpenTo.class);
        }
        return said != null ? said.value() : READS.contains(asked) ? May.READ : May.ALL;
    }

    private static String token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? ""
                : Arrays.stream(cookies)
                        .filter(c -> c.getName().equals(JoinApi.COOKIE))
                        .map(Cookie::getValue)
                        .findFirst()
                        .orElse("");
    }
}
