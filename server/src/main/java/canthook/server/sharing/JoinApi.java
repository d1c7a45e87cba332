package canthook.server.sharing;

import canthook.refusal.Refused;
import canthook.server.keeping.Unknown;
import canthook.server.sharing.Devices.Device;
import canthook.server.sharing.Devices.Joined;
import jakarta.servlet.http.HttpServletRequest;
import java.security.cert.CertificateEncodingException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The door seen from outside: joining with the passcode, taking the certificate, leaving. Open to who is not in yet. */
@RestController
@RequestMapping(JoinApi.AT)
public class JoinApi {
    /** Where who is not in yet may ask. */
    public static final String AT = "/api/join";

    /** A name that a browser takes only over HTTPS, and gives to no other host. */
    public static final String COOKIE = "__Host-cant-hook";

    private static final Duration KEEPS = Duration.ofDays(180);

    private final Door door;
    private final Devices devices;
    private final Clock clock;

    JoinApi(Door door, Devices devices, Clock clock) {
        this.door = door;
        this.devices = devices;
        this.clock = clock;
    }

    /**
     * Who asks.
     *
     * @param here whether it is the machine the shop is on
     * @param in whether it was let in
     * @param may what it may do; null for who is not in
     * @param name of the device; empty likewise, and at the machine itself
     * @param fingerprint of the authority, to compare with the one shown at that machine; empty while the door is shut
     */
    public record Asking(boolean here, boolean in, @Nullable May may, String name, String fingerprint) {}

    /** The passcode, and what the device is to be called. */
    public record JoinRequest(
            @Nullable String passcode, @Nullable String name) {}

    @GetMapping
    Asking who(HttpServletRequest request, @CookieValue(name = COOKIE, required = false) @Nullable String token) {
        if (!request.isSecure()) {
            return new Asking(true, true, May.ALL, "", fingerprint());
        }
        Optional<Device> device = devices.by(token);
        return new Asking(
                false,
                device.isPresent(),
                device.map(Device::may).orElse(null),
                device.map(Device::name).orElse(""),
                fingerprint());
    }

    private String fingerprint() {
        return door.standing().map(open -> open.authority().fingerprint()).orElse("");
    }

    @PostMapping
    ResponseEntity<Asking> join(HttpServletRequest request, @RequestBody JoinRequest said) {
        Door.Standing open = door.standing()
                .orElseThrow(() -> new Refused("passcode", "The shop is not open. Open it at the machine it is on."));
        Refused.ifMissing("passcode", "The passcode", said.passcode());
        String from = String.valueOf(request.getRemoteAddr());
        Instant now = clock.instant();
        Duration wait = open.passcode().wait(from, now);
        if (!wait.isZero()) {
            throw new TooSoon(wait);
        }
        if (!open.passcode().is(String.valueOf(said.passcode()), from, now)) {
            throw new Refused("passcode", "That is not the passcode. It stands on the screen of the machine.");
        }
        Joined joined = devices.join(said.name() == null || said.name().isBlank() ? "Tablet" : said.name(), open.may());
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie(joined.token(), KEEPS).toString())
                .body(new Asking(
                        false,
                        true,
                        joined.device().may(),
                        joined.device().name(),
                        open.authority().fingerprint()));
    }

    /** Leaves: the device is a stranger again. */
    @PostMapping("/leave")
    ResponseEntity<Void> leave(@CookieValue(name = COOKIE, required = false) @Nullable String token) {
        devices.by(token).map(Device::id).ifPresent(devices::putOut);
        return ResponseEntity.noContent()
                .header(HttpHeaders.SET_COOKIE, cookie("", Duration.ZERO).toString())
                .build();
    }

    private static ResponseCookie cookie(String token, Duration keeps) {
        return ResponseCookie.from(COOKIE, token)
                .secure(true)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(keeps)
                .build();
    }

    /** The authority’s certificate, to be taken up by the device. */
    @GetMapping("/certificate")
    ResponseEntity<byte[]> certificate() throws CertificateEncodingException {
        Door.Standing open = door.standing().orElseThrow(() -> new Unknown("certificate", "of a door that is shut"));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cant-hook.crt\"")
                .body(open.authority().certificate().getEncoded());
    }
}
