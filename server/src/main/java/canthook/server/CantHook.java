package canthook.server;

import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.exact.ExactSolver;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Lazy;

/** Starts the application. */
@SpringBootApplication
public class CantHook {
    public static void main(String[] args) {
        application(CantHook.class).run(args);
    }

    /** The application with its data folder made before anything opens the database. */
    public static SpringApplication application(Class<?>... sources) {
        SpringApplication application = new SpringApplication(sources);
        application.addListeners((ApplicationListener<ApplicationEnvironmentPreparedEvent>) event -> {
            Path data = Path.of(event.getEnvironment().getRequiredProperty("canthook.data"));
            try {
                Files.createDirectories(data);
            } catch (IOException e) {
                throw new UncheckedIOException("The data folder " + data + " cannot be made.", e);
            }
        });
        return application;
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
