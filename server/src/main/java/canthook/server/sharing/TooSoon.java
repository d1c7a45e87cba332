package canthook.server.sharing;

import java.time.Duration;

/** Too many wrong passcodes: the next one has to wait. */
public final class TooSoon extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final long seconds;

    TooSoon(Duration wait) {
        super("Too many wrong passcodes. Wait " + words(seconds(wait)) + ", then try once more.");
        seconds = seconds(wait);
    }

    public long seconds() {
        return seconds;
    }

    private static long seconds(Duration wait) {
        return Math.max(1, (wait.toMillis() + 999) / 1000);
    }

    private static String words(long seconds) {
        return seconds < 100 ? seconds + " s" : (seconds + 59) / 60 + " min";
    }
}
