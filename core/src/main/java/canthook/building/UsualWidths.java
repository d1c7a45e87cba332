package canthook.building;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.JigChoice.Way;
import canthook.plan.StartingPlan;
import canthook.refusal.Refused;
import java.util.List;

/**
 * The usual widths a jig is built for before there is a box: 3.2, 6, 8, 10, 12.7. The jig is that of a box about as high as most, whose
 * walls are as thick as sections of that width like: the width over 0.8.
 */
public final class UsualWidths {
    public static final List<Length> ALL =
            List.of(Length.mm(3.2), Length.mm(6), Length.mm(8), Length.mm(10), Length.mm(12.7));

    private static final Length HIGH = Length.mm(100);
    private static final Length CLEARANCE = Length.mm(0.12);
    private static final Length LONG = Length.mm(300);
    private static final Length WIDE = Length.mm(200);
    private static final double BEST_RATIO = 0.8;
    /** A band saw's own kerf; its sections are as wide as they are wanted. */
    private static final Length BAND_KERF = Length.mm(1);

    private UsualWidths() {}

    /**
     * The plan whose jig it is.
     *
     * @throws Refused for a width that is none of the usual ones
     */
    public static BoxPlan plan(Way way, Length width, LengthDisplay display) {
        if (!ALL.contains(width)) {
            throw new Refused(
                    "width",
                    "The usual widths are 3.2, 6, 8, 10 and 12.7 mm. For another, begin a box and build the jig from it.");
        }
        Length wall = Length.mm(Math.round(width.mm() / BEST_RATIO));
        boolean thin = way == Way.BAND_SAW || way == Way.HAND;
        int about = Math.max(3, (int) Math.round(HIGH.mm() / width.mm()));
        int sections = about % 2 == 0 ? about + 1 : about;
        // one pass a slot closes it exactly
        Length high = width.times(sections).minus(CLEARANCE.times((sections + 1) / 2));
        BoxPlan plan = StartingPlan.of(new StartingPlan.Wish(
                "Jig for " + display.number(width, Precision.LAYOUT),
                "",
                null,
                null,
                LONG,
                WIDE,
                high,
                null,
                wall,
                null,
                null,
                null,
                null,
                "a cutter of that width",
                thin ? BAND_KERF : width));
        FingerChoice fingers =
                plan.fingers().withSections(sections).withClearance(CLEARANCE).exactly();
        return plan.with(plan.jig().with(way))
                .with(thin ? fingers.with(Sharing.CENTRED) : fingers)
                .with(display);
    }
}
