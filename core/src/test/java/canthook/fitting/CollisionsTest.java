package canthook.fitting;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static canthook.Told.fitting;
import static canthook.Told.jobs;
import static canthook.Told.of;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Grip;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Run;
import canthook.plan.Fitting.Which;
import canthook.plan.Groove;
import canthook.plan.Lid;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.plan.Stuff;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is fitted meets nothing it may not meet, and what meets is said. */
class CollisionsTest {
    private static Divider divider(Run run, double at, double height) {
        return new Divider(run, mm(at), new Stuff("sheet-plywood", 0), mm(6), mm(height), false, mm(4));
    }

    private static WorkedPlan with(Fitting... fittings) {
        return work(openDrawer().withFittings(List.of(fittings)));
    }

    /** A groove meets it when it is deeper than T/2 − d/2 = 6 − 1.2 = 4.8; the fix is a pin that passes behind it. */
    @Test
    void aDeepGrooveMeetsThePinAndAShallowOneDoesNot() {
        for (double depth : new double[] {4.7, 4.9}) {
            BoxPlan plan = openDrawer();
            plan = plan.with(bottomOf(plan).withGroove(new Groove(mm(6), mm(depth), mm(8))))
                    .withFittings(List.of(new Fitting.CornerPin(mm(2.4), false)));
            List<Verdict> meets = of(work(plan), Code.FITTINGS_COLLIDE);
            assertThat(meets.isEmpty()).as("groove %s deep", depth).isEqualTo(depth < 4.8);
            for (Verdict verdict : meets) {
                assertThat(verdict.fixes()).isNotEmpty();
                assertThat(of(work(verdict.fixes().get(0).after()), Code.FITTINGS_COLLIDE))
                        .isEmpty();
            }
        }
    }

    /** A divider into the saw's seam, or a hinge's mortise, or a peg: said where, and moved or lowered out of the way. */
    @Test
    void whatMeetsIsSaidAndFreedByItsFixes() {
        WorkedPlan seam = work(openDrawer()
                .with(sawnOff(60, Lid.Joined.LOOSE, 1.0))
                .withFittings(List.of(divider(Run.ACROSS, 80, 60))));
        Verdict meets = of(seam, Code.FITTINGS_COLLIDE).get(0);
        assertThat(meets.sentence()).startsWith("The dado of divider 1 meets the saw’s seam in A, 59.2 to 60.8 mm");
        assertThat(meets.fixes()).extracting(Fix::label).contains("End divider 1 at 45.2 mm");
        WorkedPlan grips = with(new Grip(Part.B, mm(100), mm(28), mm(22)), divider(Run.ALONG, 70, 60));
        Verdict hole = of(grips, Code.FITTINGS_COLLIDE).get(0);
        assertThat(hole.sentence()).contains("grip in B").contains("divider 2");
        assertThat(hole.fixes()).isNotEmpty();
        for (Fix fix : hole.fixes()) {
            assertThat(of(work(fix.after()), Code.FITTINGS_COLLIDE))
                    .as(fix.label())
                    .isEmpty();
        }
        WorkedPlan hinge =
                work(openDrawer().with(onTop(Lid.Kept.HINGED)).withFittings(List.of(divider(Run.ACROSS, 50, 81))));
        assertThat(of(hinge, Code.FITTINGS_COLLIDE))
                .singleElement()
                .satisfies(v -> assertThat(v.sentence()).contains("a hinge in A"));
    }

    /** Every pair of rectangles on every wall, compared anew: what overlaps is told, what does not is not. */
    @Test
    void everyCollisionIsFoundAndNoneIsInvented() {
        AnyPlan.seeds(9_000, 400).forEach(any -> {
            WorkedPlan worked = any.worked();
            List<Feature> all = worked.fittings().features();
            List<String> found = new ArrayList<>();
            for (Feature one : all) {
                for (Feature other : all) {
                    boolean fitting = one.of().matches("f\\d+");
                    boolean lap = one.part() == other.part()
                            && Math.max(one.from().mm(), other.from().mm())
                                    < Math.min(one.to().mm(), other.to().mm())
                            && Math.max(one.low().mm(), other.low().mm())
                                    < Math.min(one.high().mm(), other.high().mm())
                            && Math.max(one.in().mm(), other.in().mm())
                                    < Math.min(one.out().mm(), other.out().mm());
                    if (fitting && lap && !one.of().equals(other.of())) {
                        found.add(one.of().compareTo(other.of()) < 0 ? one.of() + other.of() : other.of() + one.of());
                    }
                }
            }
            assertThat(worked.fittings().collisions().stream()
                            .map(p -> p.one().of().compareTo(p.other().of()) < 0
                                    ? p.one().of() + p.other().of()
                                    : p.other().of() + p.one().of())
                            .distinct())
                    .as("seed " + any.seed())
                    .containsExactlyInAnyOrderElementsOf(
                            found.stream().distinct().toList());
        });
    }

    /** Walls 12, pegs 2: a groove of 5 stops where a peg in the mate begins, one deeper than 12/2 − 1 meets it. */
    @Test
    void aPegPassesBehindAShallowGroove() {
        for (double depth : new double[] {5, 5.1}) {
            BoxPlan plan = openDrawer();
            Length middle = work(plan)
                    .fingers()
                    .joint()
                    .layout()
                    .fingerFirstFingers()
                    .get(0)
                    .to()
                    .dividedBy(2);
            WorkedPlan worked =
                    work(plan.with(bottomOf(plan).withGroove(new Groove(mm(4), mm(depth), middle.minus(mm(2)))))
                            .withFittings(List.of(new Pegs(mm(2), Which.OUTER))));
            boolean inTheMate = worked.fittings().features().stream()
                    .filter(f -> f.of().equals("f1") && f.in().isPositive())
                    .anyMatch(peg -> worked.fittings().features().stream()
                            .anyMatch(f -> f.of().equals("bottom") && f.meets(peg)));
            assertThat(inTheMate).as("depth " + depth).isEqualTo(depth > 5);
        }
    }

    /** Pegs where nothing else is: all of them that every finger would have, but for those that would meet something. */
    @Test
    void freePegsMeetNothing() {
        int leftOut = 0;
        for (AnyPlan any : AnyPlan.seeds(11_000, 400).toList()) {
            List<Fitting> others = any.plan().fittings().stream()
                    .filter(f -> !(f instanceof Pegs))
                    .toList();
            WorkedPlan every = with(any, new Pegs(mm(2), Which.ALL), others);
            WorkedPlan free = with(any, new Pegs(mm(2), Which.FREE), others);
            if (!free.size().hasInside()) {
                continue;
            }
            assertThat(free.fittings().collisions())
                    .as("seed " + any.seed())
                    .noneMatch(p -> p.one().called().contains("peg")
                            || p.other().called().contains("peg"));
            List<Feature> kept = pegs(free);
            // the count, the step and what is bored are one
            String count = Integer.toString(kept.size() / 2);
            assertThat(free.number("fittings.f1-count")
                            .orElseThrow()
                            .text(free.plan().display()))
                    .as("seed " + any.seed())
                    .isEqualTo(count);
            String says = jobs(free).stream()
                    .filter(job -> job.startsWith("Bore for " + count + " pegs"))
                    .findFirst()
                    .orElseThrow();
            assertThat(named(free, says))
                    .as("seed %d: %s", any.seed(), says)
                    .containsExactlyInAnyOrderElementsOf(kept.stream()
                            .filter(peg -> peg.in().equals(Length.ZERO))
                            .map(peg -> peg.part() + " at " + peg.low().plus(mm(1)))
                            .toList());
            List<Feature> taken = free.fittings().features().stream()
                    .filter(f -> !f.of().equals("f1"))
                    .toList();
            List<Feature> all = pegs(every);
            // each peg is its own finger and its mate, one after the other
            for (int i = 0; i < all.size(); i += 2) {
                Feature own = all.get(i);
                Feature mate = all.get(i + 1);
                boolean meets = taken.stream().anyMatch(t -> t.meets(own) || t.meets(mate));
                leftOut += meets ? 1 : 0;
                assertThat(kept.contains(own) && kept.contains(mate))
                        .as("seed %d, %s", any.seed(), own)
                        .isEqualTo(!meets);
            }
        }
        assertThat(leftOut).isPositive();
    }

    /** The fingers a step names, each by its part and its middle: “A1, C1: 1–4, 6; A2: none”. */
    private static List<String> named(WorkedPlan worked, String says) {
        List<String> fingers = new ArrayList<>();
        String list = says.substring(says.indexOf("from the bottom, ") + 17, says.indexOf("): "));
        for (String group : list.split("; ")) {
            String[] halves = group.split(": ");
            for (String end : halves[0].split(", ")) {
                for (String stretch : halves[1].equals("none") ? new String[0] : halves[1].split(", ")) {
                    String[] from = stretch.split("–");
                    for (int i = Integer.parseInt(from[0]); i <= Integer.parseInt(from[from.length - 1]); i++) {
                        Span span = worked.fingers()
                                .joint()
                                .fingers(new PartEnd(
                                        Part.valueOf(end.substring(0, 1)), Integer.parseInt(end.substring(1))))
                                .get(i - 1);
                        fingers.add(end.charAt(0) + " at "
                                + span.from().plus(span.to()).dividedBy(2));
                    }
                }
            }
        }
        return fingers;
    }

    private static WorkedPlan with(AnyPlan any, Pegs pegs, List<Fitting> others) {
        List<Fitting> all = new ArrayList<>(List.of(pegs));
        all.addAll(others);
        return Planner.work(any.plan().withFittings(all), any.shop());
    }

    private static List<Feature> pegs(WorkedPlan worked) {
        return worked.fittings().features().stream()
                .filter(f -> f.of().equals("f1"))
                .toList();
    }

    /** Of two that meet, each can be mended before the other; only where something cannot be moved is nothing offered. */
    @Test
    void everyCollisionCanBeMended() {
        int told = 0;
        for (AnyPlan any : AnyPlan.seeds(12_000, 600).toList()) {
            WorkedPlan worked = any.worked();
            List<Verdict> meeting = of(worked, Code.FITTINGS_COLLIDE);
            for (Verdict one : meeting) {
                told++;
                assertThat(one.fixes())
                        .as("seed %d: %s", any.seed(), one.sentence())
                        .isNotEmpty();
                for (Fix fix : one.fixes()) {
                    List<Verdict> left = Planner.work(fix.after(), any.shop()).found().stream()
                            .filter(v -> v.code() == Code.FITTINGS_COLLIDE)
                            .toList();
                    assertThat(left.size())
                            .as("seed %d: %s", any.seed(), fix.label())
                            .isLessThan(meeting.size());
                    long twins = meeting.stream()
                            .map(Verdict::sentence)
                            .filter(one.sentence()::equals)
                            .count();
                    assertThat(left.stream()
                                    .map(Verdict::sentence)
                                    .filter(one.sentence()::equals)
                                    .count())
                            .isLessThan(twins);
                }
            }
        }
        assertThat(told).isGreaterThanOrEqualTo(AnyPlan.share(600) / 20);
    }
}
