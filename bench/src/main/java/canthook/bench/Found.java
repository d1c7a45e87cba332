package canthook.bench;

import java.util.ArrayList;
import java.util.List;

/** What was found, one number each; promises beside them in {@link #broken}. */
record Found(
        int acknowledged,
        int lost,
        int refusedButWritten,
        int acceptedButLost,
        double secondsToNormal,
        int serverErrors,
        boolean stateChanged,
        int crowdErrors,
        double crowdP99,
        double residentHalfWay,
        double residentAtEnd,
        double aloneP99,
        double slowP99,
        double firstPage,
        double search) {

    /** What others may wait beside slow bodies, ms. */
    private static final double SLOW_MOST = 200;

    /** Promises that do not hold. */
    List<String> broken() {
        List<String> broken = new ArrayList<>();
        check(broken, lost == 0, "acknowledged writes lost in kills: " + lost);
        check(broken, refusedButWritten == 0, "saves refused and written all the same: " + refusedButWritten);
        check(broken, acceptedButLost == 0, "saves accepted and lost: " + acceptedButLost);
        check(broken, secondsToNormal <= 1, "seconds to normal after a lock: " + secondsToNormal);
        check(broken, serverErrors == 0, "5xx on malformed requests: " + serverErrors);
        check(broken, !stateChanged, "malformed requests changed the shop");
        check(broken, crowdErrors == 0, "errors with fifty clients: " + crowdErrors);
        check(broken, residentAtEnd < 400, "resident megabytes: " + residentAtEnd);
        check(
                broken,
                residentAtEnd < residentHalfWay * 1.15 + 10,
                "memory grows: " + residentHalfWay + " → " + residentAtEnd);
        // on a machine that is slow by itself nobody may wait much longer than without them
        check(
                broken,
                slowP99 < Math.max(SLOW_MOST, 2 * aloneP99),
                "p99 beside slow bodies: " + slowP99 + " ms, without them " + aloneP99 + " ms");
        check(broken, firstPage < 300, "first page of many boxes: " + firstPage + " ms");
        check(broken, search < 100, "search in many boxes: " + search + " ms");
        return broken;
    }

    private static void check(List<String> broken, boolean holds, String says) {
        if (!holds) {
            broken.add(says);
        }
    }
}
