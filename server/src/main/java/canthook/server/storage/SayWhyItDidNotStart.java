package canthook.server.storage;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.boot.web.server.PortInUseException;

/** One sentence on the terminal instead of a trace. */
public final class SayWhyItDidNotStart implements FailureAnalyzer, FailureAnalysisReporter {
    /** What is the matter and what to do; empty for what no maker could mend. */
    public static Optional<String> sentence(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotStart) {
                return Optional.of(String.valueOf(cause.getMessage()));
            }
            if (cause instanceof PortInUseException port) {
                return Optional.of("Something else answers at port " + port.getPort()
                        + " already. Is Cant Hook running? Otherwise give it another one with --port.");
            }
        }
        return StorageFault.of(failure).map(StorageFault::sentence);
    }

    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        return sentence(failure).map(s -> new FailureAnalysis(s, null, failure)).orElse(null);
    }

    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println("Cant Hook did not start. " + analysis.getDescription()
                + (analysis.getAction() == null ? "" : " " + analysis.getAction()));
    }
}
