package canthook.server.sharing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;

/**
 * The passcode that lets a device in, while the door is open. Wrong ones are slowed down: after the third each next one from the same address waits
 * twice as long, and after many from anywhere the passcode becomes another.
 */
final class Passcode {
    /** Without what is read as another: O and 0, I and 1. */
    private static final String SIGNS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";

    private static final int LONG = 8;
    private static final int FREE = 3;
    private static final int MOST = 40;
    private static final Duration FIRST = Duration.ofSeconds(2);
    private static final Duration LONGEST = Duration.ofMinutes(15);

    private record Tries(int wrong, Instant until) {}

    private final SecureRandom random;
    private final Cache<String, Tries> tries = Caffeine.newBuilder()
            .maximumSize(2000)
            .expireAfterWrite(Duration.ofHours(1))
            .build();
    private String code;
    private int wrong;

    Passcode(SecureRandom random) {
        this.random = random;
        code = made();
    }

    private String made() {
        StringBuilder made = new StringBuilder();
        for (int i = 0; i < LONG; i++) {
            made.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        return made.toString();
    }

    /** As it is shown: {@code K7PM-4QXD}. */
    synchronized String shown() {
        return code.substring(0, LONG / 2) + "-" + code.substring(LONG / 2);
    }

    /** How long somebody has to wait before the next try; zero when there is nothing to wait for. */
    synchronized Duration wait(String from, Instant now) {
        Tries so = tries.getIfPresent(from);
        return so == null || !now.isBefore(so.until()) ? Duration.ZERO : Duration.between(now, so.until());
    }

    /** Whether it is the one; hyphens, spaces and small letters do not matter. */
    synchronized boolean is(String said, String from, Instant now) {
        String plain = said.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
        if (MessageDigest.isEqual(plain.getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8))) {
            tries.invalidate(from);
            return true;
        }
        Tries before = tries.getIfPresent(from);
        int times = before == null ? 1 : before.wrong() + 1;
        Duration wait = Duration.ZERO;
        if (times >= FREE) {
            wait = FIRST.multipliedBy(1L << Math.min(20, times - FREE));
        }
        tries.put(from, new Tries(times, now.plus(wait.compareTo(LONGEST) > 0 ? LONGEST : wait)));
        if (++wrong >= MOST) {
            code = made();
            wrong = 0;
        }
        return false;
    }
}
