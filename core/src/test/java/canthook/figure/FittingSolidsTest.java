package canthook.figure;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.figure.WholeBox.State;
import canthook.fitting.BaseUnder;
import canthook.fitting.FloorOver;
import canthook.fitting.TrayIn;
import canthook.fitting.WorkedFitting;
import canthook.plan.BasePlate;
import canthook.plan.FingeredBlock;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Feet;
import canthook.plan.Fitting.Grip;
import canthook.plan.LabelRecess;
import canthook.plan.Lid;
import canthook.plan.Lining;
import canthook.plan.Part;
import canthook.plan.PartEnd;
import canthook.plan.SecondFloor;
import canthook.plan.Stay;
import canthook.plan.Stuff;
import canthook.plan.Tray;
import canthook.planner.WorkedPlan;
import canthook.verdict.Verdict.Weight;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is fitted stands in the whole box where bench and papers tell it: measured on the blocks, apart from the numbers. */
class FittingSolidsTest {
    private static final Stuff PLYWOOD = new Stuff("sheet-plywood", 0);

    private static List<Solid> of(WorkedPlan worked, String stuff) {
        return BoxSolids.of(worked, State.CLOSED, 0).stream()
                .filter(s -> s.stuff().equals(stuff))
                .toList();
    }

    private static double low(List<Solid> solids, int axis) {
        return solids.stream().mapToDouble(s -> s.low()[axis]).min().orElseThrow();
    }

    private static double high(List<Solid> solids, int axis) {
        return solids.stream().mapToDouble(s -> s.high()[axis]).max().orElseThrow();
    }

    /** Over random plans without a stop: a tray lies on its runners between the walls, a second floor on its cleats, a base all round. */
    @Test
    void everythingStandsWhereItIsTold() {
        int[] seen = new int[3];
        AnyPlan.seeds(41_000, 500).forEach(any -> {
            WorkedPlan worked = any.worked();
            if (!worked.size().hasInside() || worked.found().stream().anyMatch(v -> v.weight() == Weight.STOP)) {
                return;
            }
            double side = worked.size().finalThickness().length().mm();
            double end = worked.size().finalEndThickness().length().mm();
            double length = worked.size().outsideLength().length().mm();
            double width = worked.size().outsideWidth().length().mm();
            Lining lining = worked.plan().lining();
            double lined = lining == null ? 0 : lining.thickness().mm();
            double floor = worked.walls().floorHeight().mm() + (lining != null && lining.floor() ? lined : 0);
            for (WorkedFitting fitting : worked.fittings().all()) {
                if (fitting instanceof TrayIn tray) {
                    seen[0]++;
                    List<Solid> blocks = of(worked, "tray");
                    assertThat(low(blocks, 2))
                            .isCloseTo(floor + tray.told().over().mm(), within(1e-6));
                    assertThat(high(blocks, 1) - low(blocks, 1))
                            .isCloseTo(tray.across().length().mm(), within(1e-6));
                    assertThat(high(blocks, 0) - low(blocks, 0))
                            .isCloseTo(tray.along().length().mm(), within(1e-6));
                    // between the walls, with half of its play at either side
                    double play = tray.told().clearance().mm() / 2;
                    assertThat(low(blocks, 1) - side - lined)
                            .as("seed " + any.seed())
                            .isCloseTo(play, within(1e-6));
                    assertThat(high(blocks, 0)).isLessThanOrEqualTo(length - end - lined + 1e-6);
                } else if (fitting instanceof FloorOver second) {
                    seen[1]++;
                    double over = floor + second.told().over().mm();
                    assertThat(of(worked, "bottom"))
                            .anySatisfy(s -> assertThat(s.low()[2]).isCloseTo(over, within(1e-6)));
                    assertThat(of(worked, "liner"))
                            .anySatisfy(s -> assertThat(s.high()[2]).isCloseTo(over, within(1e-6)));
                } else if (fitting instanceof BaseUnder base) {
                    seen[2]++;
                    List<Solid> plate = of(worked, "base");
                    assertThat(high(plate, 0) - low(plate, 0))
                            .isCloseTo(base.along().length().mm(), within(1e-6));
                    assertThat(high(plate, 1) - low(plate, 1))
                            .isCloseTo(base.across().length().mm(), within(1e-6));
                    assertThat((low(plate, 1) + high(plate, 1)) / 2).isCloseTo(width / 2, within(1e-6));
                    assertThat(high(plate, 2)).isLessThanOrEqualTo(1e-9);
                }
            }
        });
        if (AnyPlan.share(500) >= 500) {
            assertThat(seen).doesNotContain(0);
        }
    }

    /** From foot to lid: the blocks are as high as the numbers say the box stands. */
    @Test
    void feetUnderABaseUnderTheWalls() {
        WorkedPlan worked = work(openDrawer()
                .withFittings(List.of(new BasePlate(PLYWOOD, mm(9), mm(10)), new Feet(mm(20), mm(15), mm(0)))));
        List<Solid> all = BoxSolids.of(worked, State.CLOSED, 0);
        double stands =
                worked.number("fittings.f2-stands").orElseThrow().length().mm();
        assertThat(high(all, 2) - low(all, 2)).isCloseTo(stands, within(1e-6));
    }

    /** A block’s two strips make an L as long as its sections, in the lid’s middle. */
    @Test
    void aBlockSitsInTheMiddleOfTheLid() {
        WorkedPlan worked = work(openDrawer()
                .with(onTop(Lid.Kept.LIP))
                .withFittings(List.of(new FingeredBlock(mm(70), mm(10), mm(24), mm(28)))));
        List<Solid> strips = of(worked, "divider");
        assertThat(high(strips, 0) - low(strips, 0))
                .isCloseTo(
                        worked.number("fittings.f1-long").orElseThrow().length().mm(), within(1e-6));
        assertThat((high(strips, 0) + low(strips, 0)) / 2).isCloseTo(124, within(1e-6));
        assertThat(high(strips, 2) - low(strips, 2)).isCloseTo(28, within(1e-6));
    }

    /** A tray that is a box of its own has its walls; before, those a box of its size is begun with. */
    @Test
    void aTraysWallsAreThoseOfTheBoxItIs() {
        Tray told = new Tray(mm(30), mm(20), mm(100), mm(1), mm(8), 1, PLYWOOD);
        assertThat(tray(told)).isCloseTo(6, within(1e-9));
        assertThat(tray(told.withWall(mm(9.5)))).isCloseTo(9.5, within(1e-9));
    }

    /** How thick the tray's wall at D is drawn. */
    private static double tray(Tray told) {
        List<Solid> blocks = of(work(openDrawer().withFittings(List.of(told))), "tray");
        double low = low(blocks, 0);
        return blocks.stream()
                .filter(s -> Math.abs(s.low()[0] - low) < 1e-9)
                .mapToDouble(s -> s.high()[0] - s.low()[0])
                .min()
                .orElseThrow();
    }

    /** Dragged to where it falls in, a grip’s middle is the wall’s or a finger’s, and a second floor is at a half or a third. */
    @Test
    void whatFallsInFallsIntoAMiddle() {
        List<Fitting> fittings = List.of(
                new Grip(Part.B, mm(60), mm(20), mm(22)),
                new LabelRecess(Part.B, mm(40), mm(12), mm(1), mm(60)),
                new Stay(Stay.What.CATCH, Part.C, mm(90), mm(12)),
                new SecondFloor(PLYWOOD, mm(4), mm(40), mm(8), mm(1)),
                new Tray(mm(60), mm(20), null, mm(1), mm(8), 1, PLYWOOD));
        WorkedPlan worked = work(openDrawer().withFittings(fittings));
        double top = worked.fingers().joint().top(Part.B).mm();
        List<Double> middles = middles(worked, Part.B);
        Figure walls = FittingFigures.all(worked).get(1);
        for (Figure.Mark mark : walls.marks()) {
            double value = mark.from();
            switch (mark.id()) {
                case "snap-fittings.0" -> near(middles, top - value - 10);
                case "snap-fittings.1" -> near(middles, top - value - 6);
                case "snap-fittings.2" -> near(middles(worked, Part.C), top - value);
                default -> assertThat(value).isPositive();
            }
        }
        assertThat(walls.marks())
                .extracting(Figure.Mark::id)
                .contains("snap-fittings.0", "snap-fittings.3", "snap-fittings.4");
        assertThat(FittingFigures.all(worked).get(0).marks()).anySatisfy(m -> {
            assertThat(m.id()).isEqualTo("snap-along-fittings.2");
            assertThat(m.from()).isCloseTo(124, within(1e-6));
        });
    }

    /** Of a wall and of the fingers at its first end. */
    private static List<Double> middles(WorkedPlan worked, Part wall) {
        List<Double> middles =
                new ArrayList<>(List.of(worked.fingers().joint().top(wall).mm() / 2));
        worked.fingers()
                .joint()
                .fingers(new PartEnd(wall, 1))
                .forEach(f -> middles.add((f.from().mm() + f.to().mm()) / 2));
        return middles;
    }

    /** Marks are told to a thousandth. */
    private static void near(List<Double> middles, double at) {
        assertThat(middles).anySatisfy(m -> assertThat(at).isCloseTo(m, within(1e-3)));
    }
}
