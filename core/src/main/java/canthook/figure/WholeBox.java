package canthook.figure;

import canthook.lid.SawnOffLid;
import canthook.planner.WorkedPlan;
import canthook.working.Worked;
import org.jspecify.annotations.Nullable;

/** The whole box in one view: joint, bottom, lid and what goes in, closed, open or pulled apart along its axes, on a day of the year. */
public final class WholeBox {
    /** From the front's right, a little from above. */
    public static final double TURN = 52;

    public static final double TILT = 26;

    private WholeBox() {}

    /** What is done with it. */
    public enum State {
        CLOSED("closed"),
        OPEN("open"),
        APART("pulled apart");

        private final String words;

        State(String words) {
            this.words = words;
        }
    }

    /** A lid that is sawn off is closed twice: as it is glued, and lower once it is sawn. It is the first that is drawn, the second is told. */
    private static @Nullable Worked onceSawn(WorkedPlan worked, State state) {
        return state != State.CLOSED || !(worked.lid() instanceof SawnOffLid sawn)
                ? null
                : sawn.numbers().stream()
                        .filter(number -> number.is("lid.closed-height"))
                        .findFirst()
                        .orElse(null);
    }

    /**
     * @param turn where the viewer stands round the box, degrees from B towards C
     * @param tilt how high, degrees, between 5 and 85
     * @param day 0 the driest … 1 the wettest
     */
    public static Figure of(WorkedPlan worked, State state, double turn, double tilt, double day) {
        Worked closes = onceSawn(worked, state);
        String title = worked.plan().name() + ", " + state.words + (closes == null ? "" : " and glued, not sawn yet");
        Drawing d = new Drawing("whole-box", title, worked.plan().display());
        new SolidView(turn, tilt).draw(d, BoxSolids.of(worked, state, day));
        if (closes != null) {
            d.under(
                    "sawn and flattened it closes at "
                            + closes.text(worked.plan().display()),
                    closes);
        }
        return d.done();
    }
}
