package canthook.figure;

import canthook.figure.Figure.Side;
import canthook.fitting.BlockOfFingers;
import canthook.fitting.DividerIn;
import canthook.fitting.FeetUnder;
import canthook.fitting.Fittings;
import canthook.fitting.FloorOver;
import canthook.fitting.GripHole;
import canthook.fitting.HandleOnLid;
import canthook.fitting.HandleUpright;
import canthook.fitting.LabelIn;
import canthook.fitting.LiningIn;
import canthook.fitting.SlitFor;
import canthook.fitting.StayAt;
import canthook.fitting.TrayIn;
import canthook.fitting.WorkedFitting;
import canthook.length.Length;
import canthook.plan.Fitting.Run;
import canthook.plan.Lining;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import java.util.List;
import java.util.TreeSet;

/** Fittings where they stand: the box from above, and the inside of each wall with all that is taken from it. */
public final class FittingFigures {
    private FittingFigures() {}

    /** From above, with a wall of each kind from inside. */
    public static List<Figure> all(WorkedPlan worked) {
        return List.of(above(worked), FittingsInside.of(worked));
    }

    /** The box from above; what can be dragged is marked {@code fittings.0}, where it snaps to by marks of that name. */
    private static Figure above(WorkedPlan worked) {
        SizedBox box = worked.size();
        Drawing d = new Drawing(
                "fittings-above", "The box from above", worked.plan().display());
        double length = box.outsideLength().length().mm();
        double width = box.outsideWidth().length().mm();
        double t = Math.min(box.finalThickness().length().mm(), width / 2);
        double te = Math.min(box.finalEndThickness().length().mm(), length / 2);
        SizeFigures.wallsFromAbove(d, length, width, t, te);
        d.note(letter(worked, Part.A, length), width - t * 0.25, "A", "pencil", "middle", null);
        d.note(letter(worked, Part.C, length), t * 0.75, "C", "pencil", "middle", null);
        d.note(length - te / 2, width - letter(worked, Part.B, width), "B", "pencil", "middle", null);
        d.note(te / 2, width - letter(worked, Part.D, width), "D", "pencil", "middle", null);
        if (!box.hasInside()) {
            return d.done();
        }
        d.rect("inside", te, t, length - 2 * te, width - 2 * t);
        Lining felt = worked.plan().lining();
        double lined = felt == null ? 0 : felt.thickness().mm();
        for (SizedBox.Place place : box.contents()) {
            if (!place.divider()) {
                d.rect(
                        "content",
                        te + lined + place.along().mm(),
                        t + lined + place.across().mm(),
                        place.length().mm(),
                        place.width().mm());
            }
        }
        Fittings fittings = worked.fittings();
        for (WorkedFitting fitting : fittings.all()) {
            fitting.<Runnable>fold(new WorkedFitting.Kinds<>(
                            divider -> () -> divider(d, worked, divider, length, width, t, te),
                            grip -> () -> grip(d, grip, length, width, t, te),
                            pegs -> () -> round(d, pegs.index(), pegs.told().diameter(), length, width, t, te),
                            pin -> () -> round(d, pin.index(), pin.told().diameter(), length, width, t, te),
                            handle -> () -> handle(d, handle, length, width),
                            feet -> () -> feet(d, feet, length, width),
                            tray -> () -> tray(d, worked, tray, length, width, t, te),
                            base -> () -> {
                                double o = base.told().overhang().mm();
                                d.rect("foot-hidden", -o, -o, length + 2 * o, width + 2 * o, mark(base));
                            },
                            upright -> () -> upright(d, worked, upright, length, width, te),
                            block -> () -> block(d, block, length, width),
                            stay -> () -> stay(d, stay, length, width, t, te),
                            slit -> () -> slit(d, slit, length, width, t, te),
                            label -> () -> label(d, label, length, width, t, te),
                            lining -> () -> lining(d, lining, length, width, t, te),
                            second -> () -> second(d, second, length, width, t, te)))
                    .run();
        }
        snaps(d, worked);
        FittingSnaps.fromAbove(d, worked);
        return d.done();
    }

    /** A wall's letter stands in its middle, or beside what is screwed to it there. */
    private static double letter(WorkedPlan worked, Part wall, double length) {
        for (WorkedFitting fitting : worked.fittings().all()) {
            if (fitting instanceof StayAt stay
                    && stay.told().wall() == wall
                    && Math.abs(stay.told().along().mm() - length / 2) < length / 12) {
                return length / 3;
            }
        }
        return length / 2;
    }

    private static void divider(
            Drawing d, WorkedPlan worked, DividerIn divider, double length, double width, double t, double te) {
        boolean across = divider.told().run() == Run.ACROSS;
        double thick = divider.told().thickness().mm();
        double at = divider.told().at().mm();
        Lining lining = worked.plan().lining();
        double lined = lining == null ? 0 : lining.thickness().mm();
        double in = divider.dado() == null ? -lined : divider.dado().length().mm();
        String mark = "fittings." + divider.index();
        boolean collides = collides(worked, divider);
        String role = collides ? "divider-collides" : "divider";
        if (across) {
            d.rect(role, te + at - thick / 2, t - in, thick, width - 2 * t + 2 * in, mark);
            d.across(te, te + at, width, Side.BELOW, lane(worked, divider), divider.at());
        } else {
            d.rect(role, te - in, t + at - thick / 2, length - 2 * te + 2 * in, thick, mark);
            d.upright(length, t, t + at, Side.RIGHT, lane(worked, divider), divider.at());
        }
    }

    /** Dividers that run one way are dimensioned one outside the other. */
    private static int lane(WorkedPlan worked, DividerIn divider) {
        int lane = 0;
        for (WorkedFitting other : worked.fittings().all()) {
            if (other.index() < divider.index()
                    && other instanceof DividerIn near
                    && near.told().run() == divider.told().run()) {
                lane++;
            }
        }
        return lane;
    }

    private static void grip(Drawing d, GripHole grip, double length, double width, double t, double te) {
        double half = grip.told().wide().mm() / 2;
        String mark = "fittings." + grip.index();
        switch (grip.told().wall()) {
            case A -> d.rect("groove", length / 2 - half, width - t, 2 * half, t, mark);
            case C -> d.rect("groove", length / 2 - half, 0, 2 * half, t, mark);
            case B -> d.rect("groove", length - te, width / 2 - half, te, 2 * half, mark);
            case D -> d.rect("groove", 0, width / 2 - half, te, 2 * half, mark);
        }
    }

    /** Pegs and pins, end on in the middle of each corner. */
    private static void round(Drawing d, int index, Length diameter, double length, double width, double t, double te) {
        double r = diameter.mm() / 2;
        for (double x : new double[] {te / 2, length - te / 2}) {
            for (double y : new double[] {t / 2, width - t / 2}) {
                d.rect("peg", x - r, y - r, 2 * r, 2 * r, "fittings." + index);
            }
        }
    }

    private static void handle(Drawing d, HandleOnLid handle, double length, double width) {
        double along = handle.told().along().mm();
        double across = handle.told().across().mm();
        d.rect("foot-hidden", (length - along) / 2, (width - across) / 2, along, across, "fittings." + handle.index());
    }

    static String mark(WorkedFitting fitting) {
        return "fittings." + fitting.index();
    }

    /** At one end, on its runners; dashed where it goes. */
    private static void tray(
            Drawing d, WorkedPlan worked, TrayIn tray, double length, double width, double t, double te) {
        double along = tray.along().length().mm();
        double across = Math.max(0, tray.across().length().mm());
        double runner = tray.told().runner().mm();
        double y = (width - across) / 2;
        d.rect("liner", te, t, length - 2 * te, runner, mark(tray));
        d.rect("liner", te, width - t - runner, length - 2 * te, runner, mark(tray));
        d.rect("foot-hidden", length - te - along, y, along, across, mark(tray));
        d.rect(collides(worked, tray) ? "divider-collides" : "tray", te, y, along, across, mark(tray));
        d.note(te + along / 2, width / 2, "tray", "pencil", "middle", null);
    }

    private static void upright(
            Drawing d, WorkedPlan worked, HandleUpright handle, double length, double width, double te) {
        double in = handle.dado().length().mm();
        double thick = handle.told().thickness().mm();
        d.rect(
                collides(worked, handle) ? "divider-collides" : "divider",
                te - in,
                (width - thick) / 2,
                length - 2 * te + 2 * in,
                thick,
                mark(handle));
        double grip = handle.told().grip().mm();
        d.rect("groove", (length - grip) / 2, (width - thick) / 2, grip, thick, mark(handle));
    }

    private static void block(Drawing d, BlockOfFingers block, double length, double width) {
        double along = block.length().length().mm();
        double across = block.told().across().mm();
        d.rect("foot-hidden", (length - along) / 2, (width - across) / 2, along, across, mark(block));
    }

    private static void stay(Drawing d, StayAt stay, double length, double width, double t, double te) {
        double at = stay.told().along().mm();
        double half = 3;
        double deep = Math.min(t, te) * 2 / 3;
        switch (stay.told().wall()) {
            case A -> d.rect("peg", at - half, width - t, 2 * half, deep, mark(stay));
            case C -> d.rect("peg", at - half, t - deep, 2 * half, deep, mark(stay));
            case B -> d.rect("peg", length - te, width - at - half, deep, 2 * half, mark(stay));
            case D -> d.rect("peg", te - deep, width - at - half, deep, 2 * half, mark(stay));
        }
    }

    private static void slit(Drawing d, SlitFor slit, double length, double width, double t, double te) {
        double kerf = slit.told().kerf().mm();
        switch (slit.told().in()) {
            case A -> d.rect("groove", 0, width - t / 2 - kerf / 2, length, kerf, mark(slit));
            case C -> d.rect("groove", 0, t / 2 - kerf / 2, length, kerf, mark(slit));
            case B -> d.rect("groove", length - te / 2 - kerf / 2, 0, kerf, width, mark(slit));
            case D -> d.rect("groove", te / 2 - kerf / 2, 0, kerf, width, mark(slit));
            case HANDLE -> d.rect("groove", length / 3, (width - kerf) / 2, length / 3, kerf, mark(slit));
        }
    }

    private static void label(Drawing d, LabelIn label, double length, double width, double t, double te) {
        double half = label.told().wide().mm() / 2;
        double deep = label.told().deep().mm();
        switch (label.told().wall()) {
            case A -> d.rect("groove", length / 2 - half, width - deep, 2 * half, deep, mark(label));
            case C -> d.rect("groove", length / 2 - half, 0, 2 * half, deep, mark(label));
            case B -> d.rect("groove", length - deep, width / 2 - half, deep, 2 * half, mark(label));
            case D -> d.rect("groove", 0, width / 2 - half, deep, 2 * half, mark(label));
        }
    }

    private static void lining(Drawing d, LiningIn lining, double length, double width, double t, double te) {
        double b = lining.told().thickness().mm();
        double inLength = length - 2 * te;
        double inWidth = width - 2 * t;
        if (2 * b >= Math.min(inLength, inWidth)) {
            return;
        }
        d.rect("liner", te, t, inLength, b, mark(lining));
        d.rect("liner", te, width - t - b, inLength, b, mark(lining));
        d.rect("liner", te, t + b, b, inWidth - 2 * b, mark(lining));
        d.rect("liner", length - te - b, t + b, b, inWidth - 2 * b, mark(lining));
    }

    private static void second(Drawing d, FloorOver floor, double length, double width, double t, double te) {
        double cleat = floor.told().cleat().mm();
        double across = Math.max(0, floor.across().length().mm());
        d.rect("liner", te, t, length - 2 * te, cleat, mark(floor));
        d.rect("liner", te, width - t - cleat, length - 2 * te, cleat, mark(floor));
        d.rect(
                "tray",
                te,
                (width - across) / 2,
                Math.max(0, floor.along().length().mm()),
                across,
                mark(floor));
        d.note(te + (length - 2 * te) / 2, width / 2, "second floor", "pencil", "middle", null);
    }

    private static void feet(Drawing d, FeetUnder feet, double length, double width) {
        double a = feet.told().square().mm();
        double in = feet.told().inset().mm();
        for (double x : new double[] {in, length - in - a}) {
            for (double y : new double[] {in, width - in - a}) {
                d.rect("foot-hidden", x, y, a, a, "fittings." + feet.index());
            }
        }
    }

    private static boolean collides(WorkedPlan worked, WorkedFitting fitting) {
        String of = "f" + (fitting.index() + 1);
        boolean inTheWay = worked.fittings().verdicts().stream()
                .anyMatch(v -> v.code() == Verdict.Code.LEVELS_MEET && v.place().equals(fitting.place()));
        return inTheWay
                || worked.fittings().collisions().stream()
                        .anyMatch(p -> p.one().of().equals(of) || p.other().of().equals(of));
    }

    /** Where a divider wants to stand: in the middle, and where it and those beside it share the inside equally. */
    private static void snaps(Drawing d, WorkedPlan worked) {
        for (Run run : Run.values()) {
            double inside = (run == Run.ACROSS
                            ? worked.size().insideLength()
                            : worked.size().insideWidth())
                    .length()
                    .mm();
            List<DividerIn> ways = worked.fittings().all().stream()
                    .filter(DividerIn.class::isInstance)
                    .map(DividerIn.class::cast)
                    .filter(x -> x.told().run() == run)
                    .toList();
            if (ways.isEmpty()) {
                continue;
            }
            double thick = ways.get(0).told().thickness().mm();
            TreeSet<Double> places = new TreeSet<>();
            places.add(inside / 2);
            int n = ways.size();
            double cell = (inside - n * thick) / (n + 1);
            for (int i = 0; i < n; i++) {
                places.add((i + 1) * cell + i * thick + thick / 2);
            }
            for (double at : places) {
                d.mark(run == Run.ACROSS ? "snap-across" : "snap-along", "snap", at, at, "", null);
            }
        }
    }
}
