package canthook.working;

import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Something that follows, worked out when it is first asked for and then kept: what only the one among many that is chosen needs told in
 * full. The work must be pure; two who ask at once may both do it, and get the same.
 */
public final class Later<T> {
    private final Supplier<T> work;
    private volatile @Nullable T done;

    public Later(Supplier<T> work) {
        this.work = work;
    }

    private Later(Supplier<T> work, T done) {
        this.work = work;
        this.done = done;
    }

    /** What is known already. */
    public static <T> Later<T> known(T done) {
        return new Later<>(() -> done, done);
    }

    public T get() {
        T known = done;
        if (known == null) {
            known = work.get();
            done = known;
        }
        return known;
    }

    /** By what comes of it. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Later<?> later && Objects.equals(get(), later.get());
    }

    @Override
    public int hashCode() {
        return get().hashCode();
    }

    @Override
    public String toString() {
        return get().toString();
    }
}
