package canthook.glue;

import canthook.fingers.Ladder;
import canthook.fingers.Rung;
import canthook.plan.BoxPlan;
import canthook.plan.GlueChoice;
import canthook.plan.GlueChoice.Glue;
import canthook.plan.GlueChoice.Spread;
import canthook.shop.HouseRules;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * A way to gain time at the glue-up, and what it comes to.
 *
 * @param says what is done
 * @param seconds spread, closed and square in
 * @param inHand of the glue's time; under zero when it is still too long
 * @param after the plan with it
 */
public record Quicker(String says, double seconds, double inHand, BoxPlan after) {

    /** Those that gain something, the least change first. */
    static List<Quicker> of(BoxPlan plan, Ladder ladder, HouseRules rules) {
        GlueChoice now = plan.glueUp();
        Rung rung = ladder.chosen();
        List<Quicker> ways = new ArrayList<>();
        if (now.spread() == Spread.BOTH_MATES) {
            ways.add(way("Spread one mate only", plan, now.with(Spread.ONE_MATE), rung, rules));
        }
        if (now.people() == 1) {
            ways.add(way("A helper spreads too", plan, now.withPeople(2), rung, rules));
        }
        if (!now.halves()) {
            ways.add(way("Two halves first, then the two", plan, now.withHalves(true), rung, rules));
        }
        for (Glue glue : Glue.values()) {
            if (glue.openLeast() > now.glue().openLeast()) {
                ways.add(way("Take " + glue.words(), plan, now.with(glue), rung, rules));
            }
        }
        return ways;
    }

    private static Quicker way(String says, BoxPlan plan, GlueChoice choice, Rung rung, HouseRules rules) {
        GlueTime time = GlueTime.of(
                new Worksheet("glue"),
                choice,
                rung.glueFaces(),
                rung.joint(),
                plan.seasons().shop(),
                rules);
        return new Quicker(says, time.all().number(), time.inHand().number(), plan.with(choice));
    }

    public boolean isEnough() {
        return inHand >= 0;
    }
}
