package canthook.planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import canthook.AnyPlan;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.refusal.Refused;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * What a plan's record takes is worked and judged, however odd it is: a refusal belongs at the field it comes from, before the plan is
 * kept, and never comes out of a number or of a fix that nobody has pressed.
 */
class EveryLegalPlanTest {
    private static final double[] LENGTHS = {
        -500, -20, -1, -0.04, 0, 0.1, 0.5, 1, 2.5, 6, 12.7, 19, 50, 99, 100, 130, 300, 600, 1000, 1500, 3000, 5000
    };
    private static final double[] NUMBERS = {-10, 0, 0.1, 1, 2, 3, 7, 12, 30, 45, 60, 89, 90, 100, 301};

    @Test
    void aPlanAtTheEdgesOfWhatIsAllowedIsWorkedAndJudged() {
        int odder = 0;
        for (AnyPlan any : AnyPlan.seeds(60_000, 400).toList()) {
            Random random = new Random(any.seed());
            Object odd = any.plan();
            int wanted = 1 + random.nextInt(4);
            // many a change is refused, or changes nothing
            for (int tried = 0; wanted > 0 && tried < 40; tried++) {
                Object next = changed(odd, random).orElse(odd);
                wanted -= next.equals(odd) ? 0 : 1;
                odd = next;
            }
            BoxPlan plan = (BoxPlan) odd;
            assertThatCode(() -> Planner.work(plan, any.shop()).verdicts().forEach(v -> v.fixes()))
                    .as("seed %d: %s", any.seed(), plan)
                    .doesNotThrowAnyException();
            odder += plan.equals(any.plan()) ? 0 : 1;
        }
        assertThat(odder).as("plans that were made odder").isGreaterThan(AnyPlan.share(400) * 9 / 10);
    }

    /** The same record with one thing in it another; empty where that one is refused. */
    private static Optional<Object> changed(Object record, Random random) {
        RecordComponent[] parts = record.getClass().getRecordComponents();
        int which = random.nextInt(parts.length);
        try {
            Object[] values = new Object[parts.length];
            for (int i = 0; i < parts.length; i++) {
                parts[i].getAccessor().setAccessible(true);
                values[i] = parts[i].getAccessor().invoke(record);
            }
            values[which] = other(parts[which].getType(), values[which], random);
            Constructor<?> made = record.getClass()
                    .getDeclaredConstructor(
                            Arrays.stream(parts).map(RecordComponent::getType).toArray(Class[]::new));
            made.setAccessible(true);
            return Optional.of(made.newInstance(values));
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Refused) {
                return Optional.empty();
            }
            throw new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static @Nullable Object other(Class<?> type, @Nullable Object value, Random random) {
        if (type == Length.class) {
            return Length.mm(LENGTHS[random.nextInt(LENGTHS.length)]);
        }
        if (type == double.class || type == Double.class) {
            return NUMBERS[random.nextInt(NUMBERS.length)];
        }
        if (type == int.class || type == Integer.class) {
            return (int) NUMBERS[random.nextInt(NUMBERS.length)];
        }
        if (type == boolean.class || type == Boolean.class) {
            return random.nextBoolean();
        }
        if (type.isEnum()) {
            return type.getEnumConstants()[random.nextInt(type.getEnumConstants().length)];
        }
        return value != null && value.getClass().isRecord()
                ? changed(value, random).orElse(value)
                : value;
    }
}
