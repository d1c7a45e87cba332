package canthook.bench;

import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.server.answer.Answer;
import canthook.server.answer.Answers;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import java.util.List;
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

/**
 * One full plan worked, and the same put on the wire's records, on one core. With two cores the compiler is at work for some twenty
 * seconds after the first plan: what is measured before it rests is the compiler.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 13, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlanBenchmark {
    /** With a plus in front, with ten fittings. */
    @Param({
        "1-germination-box.json",
        "2-envelope-drawer.json",
        "+1-germination-box.json",
        "+5-almanac-box.json",
        "+6-seed-chest.json",
        "+7-sorting-tray.json"
    })
    public String box = "";

    private Shop shop = Shop.withDefaults();
    private BoxPlan plan = Plans.demo("1-germination-box.json");

    @org.openjdk.jmh.annotations.Setup
    public void load() {
        plan = box.startsWith("+") ? Plans.withTenFittings(box.substring(1)) : Plans.demo(box);
        shop = new Shop(HouseRules.DEFAULT, List.of());
    }

    @Benchmark
    public WorkedPlan work() {
        return Planner.work(plan, shop);
    }

    @Benchmark
    public Answer workAndAnswerTheLadder() {
        return Answers.of(Planner.work(plan, shop), "fingers", 0, 0);
    }
}
