package canthook.server.sharing;

import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import canthook.server.keeping.Daily;
import canthook.server.keeping.Unknown;
import canthook.server.sharing.DeviceMapper.DeviceRow;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;

/**
 * The devices that were let in. Each is known by a token only it has; kept is its hash. A device that was not seen for a month, or joined half a
 * year ago, has to join again.
 */
@Service
public class Devices implements Daily {
    private static final Logger LOG = LoggerFactory.getLogger(Devices.class);
    private static final int MOST = 30;
    private static final Duration UNSEEN = Duration.ofDays(30);
    private static final Duration LONGEST = Duration.ofDays(180);
    /** So often it is written down that a device was seen. */
    private static final Duration NOTED = Duration.ofMinutes(1);

    private final DeviceMapper rows;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    /** By the hash of their tokens; null until first asked for. */
    private volatile @Nullable Map<String, Device> known;

    Devices(DeviceMapper rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** A device. */
    public record Device(String id, String name, May may, Instant joined, Instant seen) {
        boolean isOver(Instant now) {
            return now.isAfter(seen.plus(UNSEEN)) || now.isAfter(joined.plus(LONGEST));
        }
    }

    /**
     * What a device gets when it joins.
     *
     * @param token by which it is known from then on; told this once
     */
    record Joined(Device device, String token) {}

    /** @throws Refused when the name is none, or as many are in as a shop has */
    synchronized Joined join(String name, May may) {
        String called = OneLine.name("name", "A device", name, 40);
        Map<String, Device> all = known();
        if (all.size() >= MOST) {
            throw new Refused("name", "Already " + MOST + " devices are in; put some out first.");
        }
        byte[] bytes = new byte[32];
        random.nextBytes(bytes);
        String token = HexFormat.of().formatHex(bytes);
        Instant now = now();
        Device device = new Device("device-" + HexFormat.of().toHexDigits(random.nextLong()), called, may, now, now);
        rows.add(new DeviceRow(device.id(), hash(token), called, may, now.toString(), now.toString()));
        all.put(hash(token), device);
        return new Joined(device, token);
    }

    /** The device a token belongs to, while its time is not over; that it was seen is noted. */
    public Optional<Device> by(@Nullable String token) {
        if (token == null || !token.matches("[0-9a-f]{64}")) {
            return Optional.empty();
        }
        String hash = hash(token);
        Device device = known().get(hash);
        Instant now = now();
        if (device == null || device.isOver(now)) {
            return Optional.empty();
        }
        if (Duration.between(device.seen(), now).compareTo(NOTED) > 0) {
            seen(hash, device, now);
        }
        return Optional.of(device);
    }

    private void seen(String hash, Device device, Instant now) {
        try {
            rows.seen(device.id(), now.toString());
            known().replace(hash, device, new Device(device.id(), device.name(), device.may(), device.joined(), now));
        } catch (DataAccessException e) {
            // a file that is busy or full must not keep a device from looking; it is noted with its next request
            LOG.debug("{} was seen and it could not be noted", device.name(), e);
        }
    }

    /** Those whose time is not over, in the order they joined. */
    List<Device> all() {
        Instant now = now();
        return known().values().stream()
                .filter(d -> !d.isOver(now))
                .sorted(Comparator.comparing(Device::joined).thenComparing(Device::id))
                .toList();
    }

    /** @throws Unknown when there is no such device */
    synchronized void may(String id, May may) {
        if (rows.may(id, may) == 0) {
            throw new Unknown("device", id);
        }
        known().replaceAll(
                        (hash, d) -> d.id().equals(id) ? new Device(d.id(), d.name(), may, d.joined(), d.seen()) : d);
    }

    /** From its next request on it is a stranger. */
    synchronized void putOut(String id) {
        if (rows.putOut(id) == 0) {
            throw new Unknown("device", id);
        }
        known().values().removeIf(d -> d.id().equals(id));
    }

    /** Forgets those whose time is over. */
    @Override
    public synchronized void daily(Instant now) {
        known().values().stream()
                .filter(d -> d.isOver(now))
                .map(Device::id)
                .toList()
                .forEach(this::putOut);
    }

    private Map<String, Device> known() {
        Map<String, Device> all = known;
        if (all == null) {
            all = load();
        }
        return all;
    }

    private synchronized Map<String, Device> load() {
        Map<String, Device> all = known;
        if (all == null) {
            all = rows.all().stream()
                    .collect(Collectors.toMap(
                            DeviceRow::tokenHash,
                            row -> new Device(
                                    row.id(),
                                    row.name(),
                                    row.may(),
                                    Instant.parse(row.joinedAt()),
                                    Instant.parse(row.seenAt())),
                            (one, other) -> one,
                            ConcurrentHashMap::new));
            known = all;
        }
        return all;
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has it", e);
        }
    }
}
