package canthook.bench;

import canthook.together.SimulatedJoints;
import canthook.together.Steps;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A hundred thousand joints of 31 sections put together, on one core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class JointsBenchmark {
    public static final int JOINTS = 100_000;

    @Param({"WALKED", "PLACED", "STACKED"})
    public Steps steps = Steps.WALKED;

    private long seed;

    @Benchmark
    public SimulatedJoints joints() {
        return SimulatedJoints.of(new SimulatedJoints.Cut(steps, 31, 0.12, 0.02, 0.02, 0), JOINTS, seed++);
    }
}
