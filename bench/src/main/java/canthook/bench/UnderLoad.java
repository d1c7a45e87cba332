package canthook.bench;

import canthook.bench.ShopUnderTest.Reply;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicLong;

/** Ten writers, each at a box of its own, and trouble with the file in their midst. */
final class UnderLoad {
    private static final int WRITERS = 10;

    private UnderLoad() {}

    /** Comes and goes again. */
    interface Trouble {
        void happen() throws Exception;
    }

    /** Saves refused and written all the same, saves accepted and lost, seconds to the first save after the trouble was over. */
    static double[] measure(ShopUnderTest shop, Trouble trouble) throws Exception {
        List<String> boxes = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            boxes.add(shop.newBox());
        }
        JsonNode plan =
                shop.ask("GET", "/api/boxes/" + boxes.get(0), null).body().get("plan");
        AtomicLong until = new AtomicLong(Long.MAX_VALUE);
        AtomicLong over = new AtomicLong(Long.MAX_VALUE);
        AtomicLong firstAfter = new AtomicLong(Long.MAX_VALUE);
        ExecutorService pool = clients(boxes.size());
        List<Future<Long>> writers = new ArrayList<>();
        for (String box : boxes) {
            writers.add(pool.submit(() -> {
                long accepted = 1;
                while (System.nanoTime() < until.get()) {
                    Reply reply =
                            shop.ask("PUT", "/api/boxes/" + box, shop.change(plan, accepted, 90 + accepted % 50 * 0.1));
                    if (reply.status() == 200) {
                        accepted++;
                        if (System.nanoTime() > over.get()) {
                            firstAfter.accumulateAndGet(System.nanoTime(), Math::min);
                        }
                    } else if (reply.status() != 503 && reply.status() != 507) {
                        throw new IOException("answered " + reply.status() + " " + reply.body());
                    }
                }
                return accepted;
            }));
        }
        Thread.sleep(500);
        trouble.happen();
        over.set(System.nanoTime());
        Thread.sleep(2000);
        until.set(0);
        double refusedButWritten = 0;
        double acceptedButLost = 0;
        for (int i = 0; i < boxes.size(); i++) {
            long accepted = writers.get(i).get();
            long stands = shop.ask("GET", "/api/boxes/" + boxes.get(i), null)
                    .body()
                    .get("revision")
                    .asLong();
            refusedButWritten += Math.max(0, stands - accepted);
            acceptedButLost += Math.max(0, accepted - stands);
        }
        pool.shutdown();
        return new double[] {refusedButWritten, acceptedButLost, (firstAfter.get() - over.get()) / 1e9};
    }

    /** Threads that do not outlive a measurement that failed. */
    static ExecutorService clients(int count) {
        return Executors.newFixedThreadPool(count, work -> {
            Thread thread = new Thread(work, "client");
            thread.setDaemon(true);
            return thread;
        });
    }
}
