package canthook.finish;

import canthook.finish.ShopHours.Opening;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.Optional;

/** The openings of the shop one after the other, in seconds of the epoch, worked out as far as they are asked for. */
final class Openings {
    private final ShopHours hours;
    private final ZoneId zone;
    private final LocalDate first;
    private LocalDate next;
    private long[] from = new long[64];
    private long[] to = new long[64];
    private int known;

    Openings(ShopHours hours, ZonedDateTime begins) {
        this.hours = hours;
        zone = begins.getZone();
        first = begins.toLocalDate();
        next = first;
    }

    ZoneId zone() {
        return zone;
    }

    ShopHours hours() {
        return hours;
    }

    /** The first opening that ends after a moment; -1 when none does within two years. */
    int after(long second) {
        while (known == 0 || to[known - 1] <= second) {
            if (!more()) {
                return -1;
            }
        }
        int low = 0;
        int high = known - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (to[middle] > second) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    long from(int opening) {
        return from[opening];
    }

    long to(int opening) {
        return to[opening];
    }

    private boolean more() {
        LocalDate last = first.plusDays(ShopHours.DAYS_AHEAD);
        while (!next.isAfter(last)) {
            Optional<Opening> opening = hours.on(next, next.atStartOfDay(zone));
            next = next.plusDays(1);
            if (opening.isPresent()) {
                if (known == from.length) {
                    from = Arrays.copyOf(from, 2 * known);
                    to = Arrays.copyOf(to, 2 * known);
                }
                from[known] = opening.get().from().toEpochSecond();
                to[known] = opening.get().to().toEpochSecond();
                known++;
                return true;
            }
        }
        return false;
    }
}
