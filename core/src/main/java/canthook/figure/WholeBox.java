package canthook.figure;

import canthook.planner.WorkedPlan;

/** The whole box in one view: joint, bottom, lid and what goes in, closed, open or pulled apart along its axes, on a day of the year. */
public final class WholeBox {
    /** From the front's right, a little from above. */
    public static final double TURN = 52;

    public static final double TILT = 26;

    private WholeBox() {}

    /** What is done with it. */
    public enum State {
        CLOSED,
        OPEN,
        APART
    }

    /**
     * @param turn where the viewer stands round the box, degrees from B towards C
     * @param tilt how high, degrees, between 5 and 85
     * @param day 0 the driest … 1 the wettest
     */
    public static Figure of(WorkedPlan worked, State state, double turn, double tilt, double day) {
        Drawing d = new Drawing("whole-box", worked.plan().name(), worked.plan().display());
        new SolidView(turn, tilt).draw(d, BoxSolids.of(worked, state, day));
        return d.done();
    }
}
