package canthook.server.device;

import canthook.wood.Air;
import java.time.Instant;
import java.util.stream.Stream;

/** A logger of the shop's air that hangs on the wall. */
public interface ClimateLogger {
    /** The air as it is now. */
    Air now();

    /** What it has logged over the last year, oldest first. */
    Stream<Reading> year();

    /** One line of its log. */
    record Reading(Instant time, Air air) {}
}
