package canthook.building;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.fingers.End;
import canthook.jig.Cut;
import canthook.jig.Cut.Fence;
import canthook.jig.Cut.OnKey;
import canthook.jig.Cut.Stacked;
import canthook.jig.Cut.Stop;
import canthook.jig.Cut.Turns;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Each of the nine jigs, built from its parts as solids and used: at every pass of every end the tallest part stands where it is held, the cutter comes where
 * the list says, and meets no fastener; what covers it covers it. Only sizes of parts and places of passes go in, no formula of the jig.
 */
class BuiltJigsTest {
    private static final double EPS = 1e-6;

    /** From one place to another along a line, millimetres. */
    private record Reach(double from, double to) {
        static Reach at(double from, double size) {
            return new Reach(from, from + size);
        }

        boolean holds(Reach other) {
            return other.from >= from - EPS && other.to <= to + EPS;
        }

        double overlap(Reach other) {
            return Math.max(0, Math.min(to, other.to) - Math.max(from, other.from));
        }
    }

    private static WorkedPlan any(Random random, Way way) {
        double kerf = 2 + random.nextInt(60) / 10.0;
        boolean even = random.nextInt(3) == 0;
        int sections = (even ? 4 : 3) + 2 * random.nextInt(12);
        double height = sections * kerf * (1 + random.nextDouble() * 1.5);
        BoxPlan drawer = openDrawer();
        FingerChoice choice = new FingerChoice(
                sections,
                "cutter",
                mm(kerf),
                mm(random.nextInt(25) / 100.0),
                mm(random.nextInt(2)),
                mm(0),
                even ? Parity.EVEN : Parity.ODD,
                random.nextBoolean() ? Sharing.CENTRED : Sharing.ONE_SIDE,
                Leftover.values()[random.nextInt(3)],
                null,
                null,
                false);
        JigChoice jig = new JigChoice(null)
                .with(way)
                .with(new Screw(mm(1 + random.nextInt(3) / 2.0), 20 + random.nextInt(20), 30, 16, null))
                .withResolution(mm(0.05));
        return work(drawer.with(drawer.size().withHeight(new Length(Math.round(height * 10) * 100_000)))
                .with(choice)
                .with(jig));
    }

    private static double size(Worked worked) {
        return worked.length().mm();
    }

    private static JigPart part(JigToBuild jig, String id) {
        return jig.part(id).orElseThrow(() -> new AssertionError("no " + id + " among the parts"));
    }

    private static double along(JigToBuild jig, String id) {
        return size(java.util.Objects.requireNonNull(part(jig, id).along()));
    }

    private static double across(JigToBuild jig, String id) {
        return size(java.util.Objects.requireNonNull(part(jig, id).across()));
    }

    private static double thick(JigToBuild jig, String id) {
        return size(java.util.Objects.requireNonNull(part(jig, id).thick()));
    }

    private static double number(JigToBuild jig, String name) {
        return size(jig.number("build." + name).orElseThrow());
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void thePartIsHeldAndTheCutterCoveredAtEveryPass(Way way) {
        Random random = new Random(1200 + way.ordinal());
        List<WorkedPlan> cases = Stream.generate(() -> any(random, way))
                .filter(w -> w.jig().way() == way && w.jig().setting() != null)
                .limit(AnyPlan.share(40))
                .toList();
        int built = 0;
        for (WorkedPlan worked : cases) {
            JigToBuild jig = JigToBuild.of(worked).orElseThrow();
            if (jig.stops().isEmpty()) {
                built++;
                for (Cut cut : worked.jig().cuts()) {
                    // a sliver that no jig guides is sawn by eye
                    if (way == Way.HAND || !(cut.where() instanceof Cut.ByEye)) {
                        held(worked, jig, cut);
                    }
                }
                covered(worked, jig, way);
            }
        }
        assertThat(built).as("jigs that could be built").isGreaterThan(cases.size() / 3);
    }

    private static double tall(WorkedPlan worked) {
        return worked.fingers().chosen().layout().height().mm();
    }

    private static double depth(WorkedPlan worked) {
        return Math.max(size(worked.size().slotDepth()), size(worked.size().endSlotDepth()));
    }

    private static double kerf(WorkedPlan worked) {
        return size(worked.jig().kerf());
    }

    /** The part at one pass: against what it is put, on what it stands. */
    private static void held(WorkedPlan worked, JigToBuild jig, Cut cut) {
        double tall = tall(worked);
        switch (worked.jig().way()) {
            case SLED_KEY, ROUTER_SLED, ROD_KEY, SHIM_FENCE -> {
                OnKey on = (OnKey) cut.where();
                // the key at 0, the cutter beyond its gap; the fence to either side of both
                double cutter = on.gap().mm();
                double edge = cutter - cut.from().mm();
                double right = size(worked.jig().key().orElseThrow().gap()) + tall + 30;
                Reach fence = new Reach(right - along(jig, "fence"), right);
                assertThat(fence.holds(Reach.at(edge, tall)))
                        .as(cut.id() + " stands on the fence")
                        .isTrue();
                assertThat(fence.holds(Reach.at(cutter, kerf(worked))))
                        .as("the cutter comes through it")
                        .isTrue();
            }
            case SPACERS -> {
                Stacked stacked = (Stacked) cut.where();
                assertThat(stacked.pitches())
                        .isLessThanOrEqualTo(part(jig, "spacers").count());
                double passes = stacked.pass().isPositive()
                        ? jig.parts().stream()
                                .filter(p -> p.id().startsWith("pass-"))
                                .mapToDouble(p -> size(java.util.Objects.requireNonNull(p.thick())))
                                .filter(t -> Math.abs(t - stacked.pass().mm()) < 1e-4)
                                .findFirst()
                                .orElseThrow()
                        : 0;
                double edge = stacked.pitches() * thick(jig, "spacers")
                        + (stacked.odd().isPositive() ? thick(jig, "odd") : 0)
                        + passes;
                double cutter = size(jig.checks().stream()
                        .filter(c -> c.id().equals("fence"))
                        .findFirst()
                        .orElseThrow()
                        .number()
                        .orElseThrow());
                assertThat(cutter - edge).as(cut.id()).isCloseTo(cut.from().mm(), within(1e-3));
                assertThat(new Reach(0, along(jig, "fence")).holds(Reach.at(edge, tall)))
                        .isTrue();
                // no spacer is cut but where a pass begins outside the edge
                assertThat(new Reach(0, edge).overlap(Reach.at(cutter, kerf(worked))))
                        .isLessThanOrEqualTo(Math.max(0, -cut.from().mm()) + EPS);
                assertThat(across(jig, "spacers"))
                        .as("a spacer stands over the cutter")
                        .isGreaterThan(depth(worked));
            }
            case STOPS -> {
                double at = ((Stop) cut.where()).at().mm();
                assertThat(at).isCloseTo(cut.from().mm(), within(0.026));
                double half = along(jig, "fence") / 2;
                assertThat(new Reach(-half, half).holds(Reach.at(-at, tall)))
                        .as(cut.id())
                        .isTrue();
                assertThat(half - at).as("what the stop is clamped to").isGreaterThanOrEqualTo(30 - EPS);
                assertThat(along(jig, "scale")).isGreaterThanOrEqualTo(at);
            }
            case SCREW -> {
                double travel = ((Turns) cut.where()).travel().mm();
                double all = number(jig, "travel");
                Reach guides = new Reach(0, along(jig, "guides"));
                assertThat(guides.holds(Reach.at(all - travel, along(jig, "carriage"))))
                        .as(cut.id() + ": the carriage on its guides")
                        .isTrue();
                assertThat(along(jig, "carriage")).isGreaterThanOrEqualTo(tall);
                double between = along(jig, "rod") - 2 * along(jig, "bearing") - number(jig, "nut");
                assertThat(between).as("the nut stays on the rod").isGreaterThanOrEqualTo(travel);
            }
            case BAND_SAW -> {
                Fence fence = (Fence) cut.where();
                double edge = fence.shim() ? thick(jig, "shim") : 0;
                double from = fence.at().mm() - edge;
                double near = fence.flipped() ? tall - from - kerf(worked) : from;
                assertThat(near).as(cut.id()).isCloseTo(cut.from().mm(), within(1e-3));
                assertThat(across(jig, "fence"))
                        .isGreaterThan(size(worked.size().thickness()));
                assertThat(along(jig, "fence")).isGreaterThanOrEqualTo(along(jig, "stop") + depth(worked));
            }
            case HAND -> {
                assertThat(across(jig, "chisel"))
                        .isLessThan(worked.fingers().chosen().slot().length().mm());
                assertThat(along(jig, "stick")).isGreaterThanOrEqualTo(tall);
                assertThat(along(jig, "bench-stop")).isGreaterThanOrEqualTo(tall);
                assertThat(2 * thick(jig, "saw"))
                        .as("two cuts leave something between")
                        .isLessThan(cut.to().mm() - cut.from().mm());
            }
        }
    }

    /** At the end of its travel nothing sharp stands free, and no screw stands where it cuts. */
    private static void covered(WorkedPlan worked, JigToBuild jig, Way way) {
        double depth = depth(worked);
        double kerf = kerf(worked);
        switch (way) {
            case SLED_KEY, ROD_KEY, SHIM_FENCE -> {
                double walls = thick(jig, "fence") + thick(jig, "backing");
                // the blade's top 3 past the face the work stands against, its rear half its chord behind that
                Reach blade = new Reach(-(number(jig, "chord") / 2 + 3), 0);
                Reach guard = new Reach(-(walls + across(jig, "guard")), 0);
                assertThat(guard.holds(blade)).isTrue();
                assertThat(thick(jig, "guard")).isGreaterThan(depth);
                assertThat(across(jig, "fence")).as("screwed over the cutter").isGreaterThan(depth + 15);
            }
            case ROUTER_SLED -> {
                double walls = thick(jig, "fence") + thick(jig, "backing");
                assertThat(new Reach(-(walls + across(jig, "guard")), 0).holds(new Reach(-(3 + kerf), 0)))
                        .as("the bit ends inside its guard")
                        .isTrue();
                assertThat(number(jig, "reach") - thick(jig, "base"))
                        .as("it reaches the depth, and the collet stays under the base")
                        .isGreaterThanOrEqualTo(depth + 1 - EPS);
                double hole = number(jig, "hole");
                assertThat(hole).isGreaterThan(kerf);
                assertThat(number(jig, "circle") / 2 - number(jig, "plate-screw") / 2)
                        .as("the plate's screws stand clear of the bit")
                        .isGreaterThan(hole / 2 + 3);
                assertThat(across(jig, "base")).isGreaterThan(number(jig, "circle"));
                if (depth > 2) {
                    assertThat(thick(jig, "key"))
                            .as("the part stands on the base, not on the key")
                            .isLessThan(depth);
                }
            }
            case SPACERS, STOPS, SCREW -> {
                assertThat(across(jig, "fence")).as("screwed over the cutter").isGreaterThan(depth + 15);
                assertThat(jig.order())
                        .filteredOn(JigToBuild.Order::caution)
                        .extracting(JigToBuild.Order::says)
                        .anyMatch(s -> s.contains("uard") || s.contains("Screws out of the cutter"));
            }
            case BAND_SAW, HAND ->
                assertThat(jig.order()).filteredOn(JigToBuild.Order::caution).isNotEmpty();
        }
    }

    /** A slot-first end begins with a slot at its edge and a finger-first one with a finger: both are among the passes that were tried. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void bothKindsOfEndAreTried(Way way) {
        Random random = new Random(1200 + way.ordinal());
        WorkedPlan worked = Stream.generate(() -> any(random, way))
                .filter(w -> w.jig().way() == way && w.jig().setting() != null)
                .findFirst()
                .orElseThrow();
        for (End end : End.values()) {
            assertThat(worked.jig().cuts()).anyMatch(cut -> cut.end() == end);
        }
    }
}
