package canthook.figure;

import canthook.bottom.AppliedBottom;
import canthook.bottom.RabbetedBottom;
import canthook.bottom.SlattedBottom;
import canthook.bottom.WorkedBottom;
import canthook.figure.WholeBox.State;
import canthook.fitting.DividerIn;
import canthook.lid.LidOnTop;
import canthook.lid.LinerFrame;
import canthook.lid.SawnOffLid;
import canthook.lid.SlidingLid;
import canthook.lid.WorkedLid;
import canthook.panel.HeldPanel;
import canthook.panel.PanelWidth;
import canthook.plan.Bottom.Grain;
import canthook.plan.Lining;
import canthook.plan.Part;
import canthook.planner.WorkedPlan;
import canthook.size.SizedBox;
import canthook.walls.LowWalls;
import java.util.ArrayList;
import java.util.List;

/**
 * The finished box as blocks: every finger where it is cut, bottom and lid as wide as they are on a day, what goes in. Millimetres from
 * the outer corner of A and D at the bottom edge; none of the blocks meets another.
 */
final class BoxSolids {
    private final WorkedPlan worked;
    private final State state;
    private final double day;
    private final double length;
    private final double width;
    private final double side;
    private final double end;
    private final double wall;
    private final List<Solid> solids = new ArrayList<>();
    /** How far things are pulled apart. */
    private final double apart;

    private BoxSolids(WorkedPlan worked, State state, double day) {
        SizedBox box = worked.size();
        this.worked = worked;
        this.state = state;
        this.day = day;
        length = box.outsideLength().length().mm();
        width = box.outsideWidth().length().mm();
        side = box.finalThickness().length().mm();
        end = box.finalEndThickness().length().mm();
        wall = worked.fingers().wall().length().mm();
        apart = state == State.APART ? 0.35 * Math.max(width, wall) : 0;
    }

    /** All blocks; none where the walls leave no room between them. */
    static List<Solid> of(WorkedPlan worked, State state, double day) {
        if (!worked.size().hasInside()) {
            return List.of();
        }
        BoxSolids box = new BoxSolids(worked, state, day);
        for (Part part : Part.values()) {
            box.wall(part);
        }
        box.bottom();
        box.lid();
        new FittingSolids(worked, state, box.apart).all().forEach(box::add);
        if (state == State.OPEN) {
            box.contents();
        }
        return box.solids.stream().filter(s -> !s.isEmpty()).toList();
    }

    private void add(Solid solid) {
        if (!solid.isEmpty()) {
            solids.add(solid);
        }
    }

    private void wall(Part part) {
        List<Solid> pieces = new WallSolids(worked, state, length, width, side, end, wall).blocks(part);
        double dx = part == Part.B ? apart : part == Part.D ? -apart : 0;
        double dy = part == Part.C ? apart : part == Part.A ? -apart : 0;
        SawnOffLid sawn = sawn();
        for (Solid piece : pieces) {
            if (sawn == null || state == State.CLOSED) {
                add(piece.moved(dx, dy, 0));
                continue;
            }
            double body = sawn.body().length().mm();
            add(piece.between(0, body).moved(dx, dy, 0));
            add(lidPart(piece.between(body + sawn.loss().length().mm(), wall), sawn)
                    .moved(dx, dy, state == State.APART ? apart : 0));
        }
    }

    private @org.jspecify.annotations.Nullable SawnOffLid sawn() {
        return worked.lid() instanceof SawnOffLid sawn ? sawn : null;
    }

    /** A block of the sawn lid where it is when the box is open. */
    private Solid lidPart(Solid piece, SawnOffLid sawn) {
        if (state != State.OPEN) {
            return piece;
        }
        double loss = sawn.loss().length().mm();
        double body = sawn.body().length().mm();
        Solid down = piece.moved(0, 0, -loss);
        return switch (sawn.choice().joined()) {
            case HINGED -> down.opened(body);
            case LOOSE, LINED -> down.moved(0, 0, 0.45 * width);
        };
    }

    private void bottom() {
        double down = state == State.APART ? -1.4 * apart : 0;
        worked.bottom()
                .<Runnable>fold(new WorkedBottom.Kinds<>(
                        none -> () -> {},
                        captured -> () -> held(captured.held(), "bottom", down),
                        rabbeted -> () -> rabbeted(rabbeted, down),
                        applied -> () -> applied(applied, down),
                        slatted -> () -> slats(slatted, down)))
                .run();
    }

    /** A panel in grooves: as much of it as can be seen between the walls, or all of it where they are pulled apart. */
    private void held(HeldPanel panel, String stuff, double dz) {
        double wide = panel.on(day, worked.year()).width().length().mm();
        double z = panel.low();
        add(panel(
                        stuff,
                        lengthwise(panel.across()),
                        wide,
                        panel.along().length().mm(),
                        z,
                        panel.thickness().length().mm())
                .moved(0, 0, dz));
    }

    /** A panel's grain runs along the length when what it moves across is the inside width. */
    private boolean lengthwise(PanelWidth across) {
        return across.opening().equals(worked.size().insideWidth());
    }

    private Solid panel(String stuff, boolean lengthwise, double across, double along, double z, double thick) {
        double inLength = length - 2 * end;
        double inWidth = width - 2 * side;
        double x = lengthwise ? along : across;
        double y = lengthwise ? across : along;
        if (state != State.APART) {
            x = Math.min(x, inLength);
            y = Math.min(y, inWidth);
        }
        return Solid.of(
                stuff,
                lengthwise ? 0 : 1,
                (length - x) / 2,
                (length + x) / 2,
                (width - y) / 2,
                (width + y) / 2,
                z,
                z + thick);
    }

    private void rabbeted(RabbetedBottom bottom, double dz) {
        boolean lengthwise = lengthwise(bottom.across());
        add(panel(
                        "bottom",
                        lengthwise,
                        bottom.on(day, worked.year()).width().length().mm(),
                        bottom.along().length().mm(),
                        0,
                        bottom.thickness().length().mm())
                .moved(0, 0, dz));
    }

    private void applied(AppliedBottom bottom, double dz) {
        double out = bottom.on(day, worked.year()).outMm();
        boolean lengthwise = bottom.choice().grain() == Grain.ALONG_LENGTH;
        double t = bottom.thickness().length().mm();
        add(Solid.of(
                        "bottom",
                        lengthwise ? 0 : 1,
                        lengthwise ? 0 : -out,
                        lengthwise ? length : length + out,
                        lengthwise ? -out : 0,
                        lengthwise ? width + out : width,
                        -t,
                        0)
                .moved(0, 0, dz));
    }

    private void slats(SlattedBottom bottom, double dz) {
        slats(worked, bottom, day).forEach(slat -> add(slat.moved(0, 0, dz)));
    }

    /** The slats of a floor where they lie. */
    static List<Solid> slats(WorkedPlan worked, SlattedBottom bottom, double day) {
        double length = worked.size().outsideLength().length().mm();
        double width = worked.size().outsideWidth().length().mm();
        double side = worked.size().finalThickness().length().mm();
        double end = worked.size().finalEndThickness().length().mm();
        List<Solid> slats = new ArrayList<>();
        SlattedBottom.Day now = bottom.on(day, worked.year());
        boolean across = bottom.choice().grain() == Grain.ALONG_WIDTH;
        double wide = now.width().length().mm();
        double gap = now.gap().length().mm();
        double z = bottom.run().groove().groove().offset().mm();
        double thick = bottom.run().groove().panel().length().mm();
        double from = (across ? end : side) + (bottom.choice().atWalls() ? gap : 0);
        for (int i = 0; i < bottom.choice().count(); i++) {
            double at = from + i * (wide + gap);
            slats.add(
                    across
                            ? Solid.of("bottom", 1, at, at + wide, side, width - side, z, z + thick)
                            : Solid.of("bottom", 0, end, length - end, at, at + wide, z, z + thick));
        }
        return slats;
    }

    private void lid() {
        worked.lid()
                .<Runnable>fold(new WorkedLid.Kinds<>(
                        none -> () -> {},
                        sliding -> () -> sliding(sliding),
                        sawn -> () -> sawn(sawn),
                        onTop -> () -> onTop(onTop)))
                .run();
    }

    private void sliding(SlidingLid lid) {
        LowWalls low = worked.walls().low();
        boolean overBack = low != null && low.parts().contains(Part.D);
        boolean overFront = low == null || low.parts().contains(Part.B);
        double z = lid.held().groove().groove().offset().mm();
        double thick = lid.held().thickness().length().mm();
        double wide = Math.min(
                lid.held().on(day, worked.year()).width().length().mm(),
                state == State.APART ? Double.MAX_VALUE : width - 2 * side);
        double out = lid.overhangMm();
        double in = state == State.APART
                ? end - lid.held().groove().groove().depth().mm()
                : end;
        double from = overBack ? -out : in;
        double to = overFront ? length + out : length - in;
        Solid panel = Solid.of("lid", 0, from, to, (width - wide) / 2, (width + wide) / 2, z, z + thick);
        for (Solid piece : withHandles(panel, (to + from) / 2, z + thick)) {
            add(piece.moved(
                    state == State.OPEN ? (overFront ? 0.55 : -0.55) * length : 0,
                    0,
                    state == State.APART ? apart + wall - z : 0));
        }
    }

    private void sawn(SawnOffLid lid) {
        HeldPanel held = lid.held();
        double z = held.groove().groove().offset().mm();
        Solid top = panel(
                "lid",
                true,
                held.on(day, worked.year()).width().length().mm(),
                held.along().length().mm(),
                z,
                held.thickness().length().mm());
        for (Solid piece :
                withHandles(top, length / 2, z + held.thickness().length().mm())) {
            add(lidPart(piece, lid).moved(0, 0, state == State.APART ? 2.2 * apart : 0));
        }
        LinerFrame liner = lid.liner();
        if (liner != null && state != State.CLOSED) {
            liner(liner);
        }
    }

    private void liner(LinerFrame liner) {
        double t = liner.thickness().length().mm();
        double from = worked.walls().floorHeight().mm();
        double to = from + liner.high().length().mm();
        double up = state == State.APART ? 0.9 * apart : 0;
        double x1 = end;
        double x2 = length - end;
        double y1 = side;
        double y2 = width - side;
        add(Solid.of("liner", 0, x1, x2, y1, y1 + t, from, to).moved(0, 0, up));
        add(Solid.of("liner", 0, x1, x2, y2 - t, y2, from, to).moved(0, 0, up));
        add(Solid.of("liner", 1, x1, x1 + t, y1 + t, y2 - t, from, to).moved(0, 0, up));
        add(Solid.of("liner", 1, x2 - t, x2, y1 + t, y2 - t, from, to).moved(0, 0, up));
    }

    /** Hinged at A it stands upright when open; else it is lifted off. */
    private void onTop(LidOnTop lid) {
        double over = lid.on(day, worked.year()).over().length().mm();
        double out = lid.choice().overhang().mm();
        double thick = lid.thickness().length().mm();
        boolean hinged = lid.hinges() != null;
        double back = hinged ? 0 : -over;
        double endWide = lid.ends() == null ? 0 : lid.ends().width().length().mm();
        List<Solid> pieces = new ArrayList<>();
        pieces.add(Solid.of("lid", 0, -out + endWide, length + out - endWide, back, width + over, wall, wall + thick));
        if (lid.ends() != null) {
            // their length stays what it was when the lid was cut
            double front = width + out;
            double rear = hinged ? 0 : -out;
            pieces.add(Solid.of("breadboard", 1, -out, -out + endWide, rear, front, wall, wall + thick));
            pieces.add(
                    Solid.of("breadboard", 1, length + out - endWide, length + out, rear, front, wall, wall + thick));
        }
        LidOnTop.Lip lip = lid.lip();
        if (lip != null) {
            double grown = lid.on(day, worked.year()).width().length().mm()
                    / lid.across().length().mm();
            double wide = Math.min(lip.across().length().mm() * grown, width - 2 * side);
            double along = Math.min(lip.along().length().mm(), length - 2 * end);
            pieces.add(Solid.of(
                    "lid",
                    0,
                    (length - along) / 2,
                    (length + along) / 2,
                    (width - wide) / 2,
                    (width + wide) / 2,
                    wall - lip.deep().length().mm(),
                    wall));
        }
        pieces.addAll(handles(length / 2, wall + thick));
        for (Solid piece : pieces) {
            add(
                    switch (state) {
                        case CLOSED -> piece;
                        case OPEN -> hinged ? piece.opened(wall) : piece.moved(0, 0, 0.5 * width);
                        case APART -> piece.moved(0, 0, 1.6 * apart);
                    });
        }
    }

    private List<Solid> withHandles(Solid panel, double x, double z) {
        List<Solid> all = new ArrayList<>(List.of(panel));
        all.addAll(handles(x, z));
        return all;
    }

    /** Handles stand on the lid's upper face, in its middle. */
    private List<Solid> handles(double x, double z) {
        return new FittingSolids(worked, state, apart).onLid(x, width / 2, z);
    }

    /** What goes in, standing on the floor, as far as it stands inside. */
    private void contents() {
        double floor = worked.walls().floorHeight().mm();
        Lining lining = worked.plan().lining();
        double lined = lining == null ? 0 : lining.thickness().mm();
        floor += lining != null && lining.floor() ? lined : 0;
        boolean real = worked.fittings().all().stream().anyMatch(DividerIn.class::isInstance);
        for (SizedBox.Place place : worked.size().contents()) {
            if (place.divider() && real) {
                continue;
            }
            double x = end + lined + place.along().mm();
            double y = width - side - lined - place.across().mm();
            add(Solid.of(
                    place.divider() ? "divider" : "content",
                    0,
                    x,
                    Math.min(length - end - lined, x + place.length().mm()),
                    Math.max(side + lined, y - place.width().mm()),
                    y,
                    floor,
                    floor + place.height().mm()));
        }
    }
}
