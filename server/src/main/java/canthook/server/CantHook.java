package canthook.server;

import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.exact.ExactSolver;
import canthook.server.storage.SayWhyItDidNotStart;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Lazy;

/** Starts the application. */
@SpringBootApplication
public class CantHook {
    public static void main(String[] args) {
        try {
            application(CantHook.class).run(args);
        } catch (RuntimeException e) {
            if (SayWhyItDidNotStart.sentence(e).isEmpty()) {
                throw e;
            }
            // it has been said
            System.exit(2);
        }
    }

    /** The application, not yet started. */
    public static SpringApplication application(Class<?>... sources) {
        return new SpringApplication(sources);
    }

    /** Found when it is first asked for: the machine part of the library takes a moment and some memory to load. */
    @Bean
    @Lazy
    BreakdownSolver solver() {
        return new ExactSolver();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
