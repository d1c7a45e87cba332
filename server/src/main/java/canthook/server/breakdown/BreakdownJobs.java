package canthook.server.breakdown;

import canthook.board.Blank;
import canthook.breakdown.Batch;
import canthook.breakdown.Breakdown;
import canthook.breakdown.BreakdownPlanner;
import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.BreakdownSolver.Watch;
import canthook.breakdown.BreakdownTask;
import canthook.breakdown.BreakdownTask.Habits;
import canthook.breakdown.LeastChange;
import canthook.length.Length;
import canthook.plan.BatchWish.Break;
import canthook.plan.BoxPlan;
import canthook.refusal.Refused;
import canthook.shop.HouseRules;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * One cut plan is sought at a time: the search takes a whole processor and some memory. The same question gets the answer that
 * was found, or joins the search that is on.
 */
@Service
public class BreakdownJobs {
    private static final Logger LOG = LoggerFactory.getLogger(BreakdownJobs.class);
    private static final int WAITING = 8;
    private static final int REMEMBERED = 40;
    private static final Habits NOTHING_LOST = new Habits(
            Length.ZERO, Length.ZERO, Length.mm(1), Length.ZERO, Length.ZERO, Length.ZERO, Break.WHOLE, false);
    private final BreakdownSolver solver;
    private final SecureRandom random = new SecureRandom();
    /** Those that wait or run; none of them is forgotten, however many are asked for. */
    private final Map<String, Job> alive = new ConcurrentHashMap<>();

    private final Cache<String, Job> byId =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final Cache<Question, Job> byQuestion =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final ThreadPoolExecutor one =
            new ThreadPoolExecutor(1, 1, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(WAITING), work -> {
                Thread thread = new Thread(work, "breakdown");
                thread.setDaemon(true);
                return thread;
            });

    BreakdownJobs(@Lazy BreakdownSolver solver) {
        this.solver = solver;
    }

    /** All that a cut plan depends on. */
    record Question(BoxPlan plan, List<BoxPlan> others, List<Blank> blanks, HouseRules rules) {}

    /** How far a search has come. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    /** One search. */
    static final class Job implements Watch {
        private final String id;
        private final CountDownLatch over = new CountDownLatch(1);
        private volatile State state = State.WAITING;
        private volatile String step = "waits for its turn";
        private volatile double share;
        private volatile boolean stop;
        private volatile @Nullable BreakdownAnswer answer;
        private volatile @Nullable Breakdown plan;

        Job(String id) {
            this.id = id;
        }

        String id() {
            return id;
        }

        State state() {
            return state;
        }

        String step() {
            return step;
        }

        double share() {
            return share;
        }

        @Nullable
        BreakdownAnswer answer() {
            return answer;
        }

        @Nullable
        Breakdown plan() {
            return plan;
        }

        void stop() {
            stop = true;
        }

        /** @return whether it is over */
        boolean await(long millis) {
            try {
                return over.await(millis, TimeUnit.MILLISECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return false;
            }
        }

        @Override
        public void on(String what, double part) {
            step = what;
            share = part;
        }

        @Override
        public boolean stops() {
            return stop;
        }
    }

    /** Loads the machine part of the library before anybody waits for it. */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        // not while the first page is being answered
        CompletableFuture.delayedExecutor(3, TimeUnit.SECONDS, one)
                .execute(() -> solver.makesAll(
                        new BreakdownTask(List.of(), List.of(), NOTHING_LOST), List.of(), Watch.PATIENT));
    }

    synchronized Job ask(Question question, Batch batch) {
        Job known = byQuestion.getIfPresent(question);
        if (known != null && !known.stop && known.state != State.FAILED) {
            byId.put(known.id, known);
            return known;
        }
        // who knows the number of a plan may have its boards taken off the rack
        Job job = new Job("c" + HexFormat.of().formatHex(bytes()));
        alive.put(job.id, job);
        try {
            one.execute(() -> run(job, batch));
        } catch (RejectedExecutionException e) {
            alive.remove(job.id);
            throw new Refused("", "Too many cut plans are being sought already. Wait a little and ask again.");
        }
        byQuestion.put(question, job);
        byId.put(job.id, job);
        return job;
    }

    Optional<Job> find(String id) {
        Job running = alive.get(id);
        return Optional.ofNullable(running == null ? byId.getIfPresent(id) : running);
    }

    private byte[] bytes() {
        byte[] bytes = new byte[12];
        random.nextBytes(bytes);
        return bytes;
    }

    private void run(Job job, Batch batch) {
        try {
            job.state = State.RUNNING;
            Breakdown plan = BreakdownPlanner.plan(batch.task(), solver, job);
            job.plan = plan;
            if (!plan.isComplete()) {
                // what was found is shown while it is still sought what would mend it
                job.answer = BreakdownAnswer.of(batch, plan, LeastChange.NONE);
            }
            job.answer = BreakdownAnswer.of(batch, plan, LeastChange.of(batch, plan, solver, job));
            job.state = job.stop ? State.STOPPED : State.DONE;
        } catch (RuntimeException | Error e) {
            LOG.error("A cut plan failed", e);
            job.state = State.FAILED;
        } finally {
            byId.put(job.id, job);
            alive.remove(job.id);
            job.over.countDown();
        }
    }

    @PreDestroy
    void close() {
        alive.values().forEach(Job::stop);
        one.shutdownNow();
    }
}
