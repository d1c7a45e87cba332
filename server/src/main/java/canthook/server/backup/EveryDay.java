package canthook.server.backup;

import canthook.server.keeping.Daily;
import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Does what is done once a day, a while after the start and then whenever a new day has begun. */
@Component
public class EveryDay implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(EveryDay.class);
    private static final int FIRST_AFTER = 2;
    private static final int LOOKS_EVERY = 30;

    private final List<Daily> all;
    private final Clock clock;
    private final boolean wanted;
    private volatile @Nullable String fault;
    private @Nullable ScheduledExecutorService hand;

    EveryDay(List<Daily> all, Clock clock, @Value("${canthook.every-day:true}") boolean wanted) {
        this.all = all;
        this.clock = clock;
        this.wanted = wanted;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (!wanted) {
            return;
        }
        ScheduledExecutorService one = Executors.newSingleThreadScheduledExecutor(work -> {
            Thread thread = new Thread(work, "every-day");
            thread.setDaemon(true);
            return thread;
        });
        one.scheduleWithFixedDelay(this::look, FIRST_AFTER, LOOKS_EVERY, TimeUnit.MINUTES);
        hand = one;
    }

    private void look() {
        String wrong = null;
        for (Daily one : all) {
            try {
                one.daily(clock.instant());
            } catch (IOException | RuntimeException e) {
                wrong = String.valueOf(e.getMessage());
                LOG.warn("What is done every day could not be done: {}", wrong);
            }
        }
        fault = wrong;
    }

    /** Why the last time did not go well; null when it did. */
    @Nullable
    String fault() {
        return fault;
    }

    @Override
    public void destroy() {
        if (hand != null) {
            hand.shutdownNow();
        }
    }
}
