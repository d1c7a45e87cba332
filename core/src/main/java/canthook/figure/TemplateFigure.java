package canthook.figure;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.plan.PartEnd;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Corner templates at 1:1: every kind of end the box has, seen on its outside face, waste hatched, depth to the line. Laid on the wood they
 * show where every saw line goes. Ends that stop at a lower wall have a template of their own.
 */
public final class TemplateFigure {
    private TemplateFigure() {}

    /** Ends that are cut alike. */
    private record Kind(boolean fingerFirst, List<Span> slots, double top, double depth, boolean stops) {}

    public static Figure of(WorkedPlan worked) {
        Joint joint = worked.fingers().joint();
        Drawing d = new Drawing("templates", "Corner templates", worked.plan().display());
        Map<Kind, List<PartEnd>> kinds = new LinkedHashMap<>();
        for (boolean fingerFirst : new boolean[] {true, false}) {
            for (PartEnd end : PartEnd.all()) {
                if (joint.kind(end).isFingerFirst() == fingerFirst) {
                    boolean side = end.part().isSide();
                    Kind kind = new Kind(
                            fingerFirst,
                            joint.slots(end),
                            joint.top(end.part()).mm(),
                            (side ? worked.size().slotDepth() : worked.size().endSlotDepth())
                                    .length()
                                    .mm(),
                            joint.corner(end).isLow());
                    kinds.computeIfAbsent(kind, k -> new ArrayList<>()).add(end);
                }
            }
        }
        double y = 0;
        for (Map.Entry<Kind, List<PartEnd>> entry : kinds.entrySet()) {
            Kind kind = entry.getKey();
            d.rect("outline", 0, y, kind.top(), kind.depth());
            for (Span span : kind.slots()) {
                d.rect("waste", span.from().mm(), y, span.width().mm(), kind.depth());
            }
            d.line("reference-edge", 0, y - 3, 0, y + kind.depth() + 3);
            String ends = entry.getValue().stream().map(PartEnd::toString).collect(Collectors.joining(" "));
            d.note(
                    0,
                    y - 4,
                    (kind.fingerFirst() ? "finger-first end" : "slot-first end") + ": " + ends
                            + (kind.stops() ? ", nothing above the last slot" : ""),
                    "quiet",
                    "start",
                    null);
            y += kind.depth() + 16;
        }
        return d.done();
    }
}
