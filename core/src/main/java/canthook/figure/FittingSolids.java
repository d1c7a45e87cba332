package canthook.figure;

import canthook.figure.Solid.Side;
import canthook.figure.WholeBox.State;
import canthook.fitting.BaseUnder;
import canthook.fitting.BlockOfFingers;
import canthook.fitting.DividerIn;
import canthook.fitting.FeetUnder;
import canthook.fitting.FloorOver;
import canthook.fitting.HandleOnLid;
import canthook.fitting.HandleUpright;
import canthook.fitting.LiningIn;
import canthook.fitting.TrayIn;
import canthook.fitting.WorkedFitting;
import canthook.plan.Fitting.Run;
import canthook.plan.Lining;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is fitted, as blocks where it stands; in the axes of {@link BoxSolids}. What only takes wood of the walls is drawn on them. */
final class FittingSolids {
    private final WorkedPlan worked;
    private final State state;
    private final double apart;
    private final double length;
    private final double width;
    private final double side;
    private final double end;
    private final double wall;
    private final double floor;
    private final double lined;
    private final List<Solid> solids = new ArrayList<>();

    FittingSolids(WorkedPlan worked, State state, double apart) {
        SizedBox box = worked.size();
        this.worked = worked;
        this.state = state;
        this.apart = apart;
        length = box.outsideLength().length().mm();
        width = box.outsideWidth().length().mm();
        side = box.finalThickness().length().mm();
        end = box.finalEndThickness().length().mm();
        wall = worked.fingers().wall().length().mm();
        Lining lining = worked.plan().lining();
        lined = lining == null ? 0 : lining.thickness().mm();
        floor = worked.walls().floorHeight().mm() + (lining != null && lining.floor() ? lined : 0);
    }

    /** All but what sits on the lid. */
    List<Solid> all() {
        for (WorkedFitting fitting : worked.fittings().all()) {
            fitting.<Runnable>fold(new WorkedFitting.Kinds<>(
                            divider -> () -> divider(divider),
                            grip -> () -> {},
                            pegs -> () -> {},
                            pin -> () -> {},
                            handle -> () -> {},
                            feet -> () -> feet(feet),
                            tray -> () -> trays(tray),
                            base -> () -> base(base),
                            upright -> () -> upright(upright),
                            block -> () -> {},
                            stay -> () -> {},
                            slit -> () -> {},
                            label -> () -> {},
                            lining -> () -> lining(lining),
                            second -> () -> second(second)))
                    .run();
        }
        return solids;
    }

    /** Handles on a lid whose upper face is at z, about its middle. */
    List<Solid> onLid(double x, double y, double z) {
        List<Solid> all = new ArrayList<>();
        for (WorkedFitting fitting : worked.fittings().all()) {
            if (fitting instanceof HandleOnLid handle) {
                double along = handle.told().along().mm() / 2;
                double across = handle.told().across().mm() / 2;
                double high = handle.told().high().mm();
                all.add(Solid.of("divider", 0, x - along, x + along, y - across, y + across, z, z + high));
            } else if (fitting instanceof BlockOfFingers block) {
                all.addAll(block(block, x, y, z));
            }
        }
        return all;
    }

    /** The two strips of a block, their fingers in each other along the edge they share; the lying one begins and ends with one. */
    private static List<Solid> block(BlockOfFingers block, double x, double y, double z) {
        double across = block.told().across().mm() / 2;
        double thick = block.told().thickness().mm();
        double high = block.told().high().mm();
        double x1 = x - block.length().length().mm() / 2;
        double x2 = x + block.length().length().mm() / 2;
        double edge = y + across - thick;
        List<Solid> all = new ArrayList<>();
        all.add(Solid.of("divider", 0, x1, x2, y - across, edge, z, z + thick).goingOn(Side.FRONT));
        all.add(Solid.of("divider", 0, x1, x2, edge, y + across, z + thick, z + high)
                .goingOn(Side.UNDER));
        double from = x1;
        int sections = (int) Math.round(block.count().plain() + block.slots().plain());
        for (int i = 0; i < sections; i++) {
            boolean lying = i % 2 == 0;
            double to = from + (lying ? block.finger() : block.slot()).length().mm();
            all.add(Solid.of("divider", 0, from, to, edge, y + across, z, z + thick)
                    .goingOn(lying ? Side.BACK : Side.TOP));
            from = to;
        }
        return all;
    }

    private void add(String stuff, int grain, double x1, double x2, double y1, double y2, double z1, double z2) {
        add(stuff, grain, x1, x2, y1, y2, z1, z2, 0.4 * apart);
    }

    private void add(
            String stuff, int grain, double x1, double x2, double y1, double y2, double z1, double z2, double dz) {
        if (x2 > x1 && y2 > y1 && z2 > z1) {
            solids.add(Solid.of(stuff, grain, x1, x2, y1, y2, z1, z2).moved(0, 0, state == State.APART ? dz : 0));
        }
    }

    /** Those that run across are drawn whole, those that run along in the pieces between them. */
    private void divider(DividerIn divider) {
        double top = floor + divider.told().height().mm();
        double half = divider.told().thickness().mm() / 2;
        double at = divider.told().at().mm();
        if (divider.told().run() == Run.ACROSS) {
            add("divider", 1, end + at - half, end + at + half, side + lined, width - side - lined, floor, top);
            return;
        }
        between("divider", width - side - at, half, floor, top);
    }

    /** Along the box, in the pieces that dividers across it leave. */
    private void between(String stuff, double y, double half, double low, double top) {
        double from = end + lined;
        for (double[] gap : across()) {
            add(stuff, 0, from, gap[0], y - half, y + half, low, top);
            from = gap[1];
        }
        add(stuff, 0, from, length - end - lined, y - half, y + half, low, top);
    }

    /** Where dividers run across, from D to B. */
    private List<double[]> across() {
        return worked.fittings().all().stream()
                .filter(DividerIn.class::isInstance)
                .map(f -> ((DividerIn) f).told())
                .filter(d -> d.run() == Run.ACROSS)
                .map(d -> new double[] {
                    end + d.at().mm() - d.thickness().mm() / 2,
                    end + d.at().mm() + d.thickness().mm() / 2
                })
                .sorted(Comparator.comparingDouble((double[] d) -> d[0]))
                .toList();
    }

    /** The board, its hole left open. */
    private void upright(HandleUpright handle) {
        double half = handle.told().thickness().mm() / 2;
        double top = floor + handle.told().height().mm();
        double holeTop = top - handle.told().under().mm();
        double holeLow = holeTop - handle.told().diameter().mm();
        double grip = handle.told().grip().mm() / 2;
        double y = width / 2;
        double x1 = end + lined;
        double x2 = length - end - lined;
        // where dividers cross it, it is drawn in the pieces between them; over the walls none stands as high
        double low = across().isEmpty() ? floor : Math.max(floor, Math.min(holeLow, wall));
        between("divider", y, half, floor, low);
        add("divider", 0, x1, x2, y - half, y + half, low, holeLow);
        add("divider", 0, x1, length / 2 - grip, y - half, y + half, Math.max(low, holeLow), holeTop);
        add("divider", 0, length / 2 + grip, x2, y - half, y + half, Math.max(low, holeLow), holeTop);
        add("divider", 0, x1, x2, y - half, y + half, holeTop, top);
    }

    /** Each a floor and four walls, at D; their runners under them. */
    private void trays(TrayIn tray) {
        double runner = tray.told().runner().mm();
        double over = floor + tray.told().over().mm();
        double x2 = length - end - lined;
        add("liner", 0, end + lined, x2, side + lined, side + lined + runner, floor, over);
        add("liner", 0, end + lined, x2, width - side - lined - runner, width - side - lined, floor, over);
        double along = tray.along().length().mm();
        double across = tray.across().length().mm();
        double t = Math.min(tray.wall(worked.plan().unit()).mm(), Math.min(along, across) / 4);
        double y = (width - across) / 2;
        double x = end + lined;
        double high = tray.told().height().mm();
        for (int i = 0; i < tray.told().stacked(); i++) {
            double z = over + i * high;
            double up = (0.9 + 0.25 * i) * apart;
            add("tray", 0, x + t, x + along - t, y + t, y + across - t, z, z + Math.min(t, high), up);
            add("tray", 0, x, x + along, y, y + t, z, z + high, up);
            add("tray", 0, x, x + along, y + across - t, y + across, z, z + high, up);
            add("tray", 1, x, x + t, y + t, y + across - t, z, z + high, up);
            add("tray", 1, x + along - t, x + along, y + t, y + across - t, z, z + high, up);
        }
    }

    private void second(FloorOver second) {
        double cleat = second.told().cleat().mm();
        double over = floor + second.told().over().mm();
        double x1 = end + lined;
        double x2 = length - end - lined;
        add("liner", 0, x1, x2, side + lined, side + lined + cleat, over - cleat, over);
        add("liner", 0, x1, x2, width - side - lined - cleat, width - side - lined, over - cleat, over);
        double across = second.across().length().mm();
        double along = second.along().length().mm();
        add(
                "bottom",
                0,
                (length - along) / 2,
                (length + along) / 2,
                (width - across) / 2,
                (width + across) / 2,
                over,
                over + second.told().thickness().mm(),
                0.7 * apart);
    }

    private void lining(LiningIn lining) {
        double b = lining.told().thickness().mm();
        double low = worked.walls().floorHeight().mm();
        double foot = lining.told().floor() ? low + b : low;
        double top = foot + lining.high().length().mm();
        double x1 = end;
        double x2 = length - end;
        double y1 = side;
        double y2 = width - side;
        if (lining.told().floor()) {
            add("lining", 0, x1, x2, y1, y2, low, foot);
        }
        add("lining", 0, x1, x2, y1, y1 + b, foot, top);
        add("lining", 0, x1, x2, y2 - b, y2, foot, top);
        add("lining", 1, x1, x1 + b, y1 + b, y2 - b, foot, top);
        add("lining", 1, x2 - b, x2, y1 + b, y2 - b, foot, top);
    }

    /** Lower face of what lies under the walls. */
    private double under() {
        return worked.walls().below() == null
                ? 0
                : -worked.walls().below().length().mm();
    }

    private void base(BaseUnder base) {
        double o = base.told().overhang().mm();
        double top = under();
        add(
                "base",
                0,
                -o,
                length + o,
                -o,
                width + o,
                top - base.told().thickness().mm(),
                top,
                -1.6 * apart);
    }

    private void feet(FeetUnder feet) {
        double a = feet.told().square().mm();
        double in = feet.told().inset().mm();
        double top = under() - worked.plan().baseUnder().mm();
        for (double x : new double[] {in, length - in - a}) {
            for (double y : new double[] {in, width - in - a}) {
                add("foot", 2, x, x + a, y, y + a, top - feet.told().height().mm(), top, -1.8 * apart);
            }
        }
    }
}
