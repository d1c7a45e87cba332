package canthook.server.keeping;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How long a pass takes in this shop, as last learned. */
@Component
public class LearnedPace {
    private volatile @Nullable Double secondsPerPass;

    public @Nullable Double secondsPerPass() {
        return secondsPerPass;
    }

    public void learned(@Nullable Double seconds) {
        secondsPerPass = seconds;
    }
}
