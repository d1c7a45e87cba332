package canthook.server;

import canthook.breakdown.BreakdownSolver;
import canthook.breakdown.exact.ExactSolver;
import canthook.server.backup.ByCommand;
import canthook.server.sharing.ByTerminal;
import canthook.server.storage.SayWhyItDidNotStart;
import canthook.sheets.SheetSolver;
import canthook.sheets.exact.ExactSheets;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.env.Environment;

/** Starts the application. */
@SpringBootApplication
public class CantHook {
    public static void main(String[] args) {
        Optional<Integer> done =
                ByCommand.run(args, System.in, System.out, Instant.now()).or(() -> ByTerminal.run(args, System.out));
        if (done.isPresent()) {
            System.exit(done.get());
        }
        try {
            SpringApplication application = application(CantHook.class);
            // the last line of a start: whoever reads it can go there
            application.addListeners((ApplicationListener<ApplicationReadyEvent>) ready ->
                    System.out.println(where(ready.getApplicationContext().getEnvironment())));
            application.run(args);
        } catch (RuntimeException e) {
            if (SayWhyItDidNotStart.sentence(e).isEmpty()) {
                throw e;
            }
            // it has been said
            System.exit(2);
        }
    }

    private static String where(Environment set) {
        return "Cant Hook: http://" + set.getProperty("server.address") + ":" + set.getProperty("local.server.port")
                + "   (data in " + set.getProperty("canthook.data") + "; Ctrl C stops it)";
    }

    /** The application, not yet started. */
    public static SpringApplication application(Class<?>... sources) {
        SpringApplication application = new SpringApplication(sources);
        application.setMainApplicationClass(sources[0]);
        return application;
    }

    /** Found when it is first asked for: the machine part of the library takes a moment and some memory to load. */
    @Bean
    @Lazy
    BreakdownSolver solver() {
        return new ExactSolver();
    }

    @Bean
    @Lazy
    SheetSolver sheetSolver() {
        return new ExactSheets();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
