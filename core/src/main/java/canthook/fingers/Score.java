package canthook.fingers;

import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.walls.GrooveAsked;
import canthook.walls.WallDemands;
import canthook.working.Quantity;
import canthook.working.Show;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/** What speaks for a rung and what against it: a hundred points, less what each reason costs. */
final class Score {
    private Score() {}

    static List<Rung.Reason> reasons(
            WallDemands walls,
            Pace pace,
            Layout layout,
            Worked wide,
            Worked passes,
            Worked cuts,
            Worked ripOff,
            LengthDisplay display,
            HouseRules rules) {
        List<Rung.Reason> reasons = new ArrayList<>();
        reasons.add(new Rung.Reason(ratioWords(wide.number()), lostByRatio(wide.number(), rules)));
        int times = passes.count();
        reasons.add(new Rung.Reason(
                pace == Pace.HAND ? "sawn and chopped by hand" : pace.aSlot(times), Math.min(30, 6.0 * (times - 1))));
        reasons.add(new Rung.Reason(pace.inAll(cuts.count()), Math.min(20, cuts.count() / 20.0)));
        if (ripOff.length().isPositive()) {
            reasons.add(new Rung.Reason(
                    display.text(ripOff.length(), Precision.FIT) + " to rip off",
                    Math.min(10, 2 * ripOff.length().mm())));
        } else if (ripOff.length().isNegative()) {
            reasons.add(new Rung.Reason(
                    display.text(ripOff.length().abs(), Precision.FIT) + " higher than wished",
                    Math.min(10, ripOff.length().abs().mm())));
        }
        for (GrooveAsked groove : walls.grooves()) {
            boolean inside = layout.meets(new Layout.Span(
                            groove.groove().offset(), groove.groove().top()))
                    != Layout.Where.STRADDLES;
            boolean all = groove.parts().size() == 4;
            reasons.add(new Rung.Reason(
                    groove.of() + (inside ? " groove inside one section" : " groove across a boundary"),
                    inside ? 0 : all ? 8 : 6));
        }
        return List.copyOf(reasons);
    }

    private static double lostByRatio(double ratio, HouseRules rules) {
        double from = rules.value(HouseRule.SECTION_BEST_FROM);
        double to = rules.value(HouseRule.SECTION_BEST_TO);
        boolean narrow = ratio < from;
        double off = narrow ? from - ratio : Math.max(0, ratio - to);
        double inside = narrow ? 50 : 20;
        double limit = narrow
                ? Math.max(0, from - rules.value(HouseRule.SECTION_LEAST))
                : Math.max(0, rules.value(HouseRule.SECTION_MOST) - to);
        return Math.round(Math.min(60, off <= limit ? off * inside : 10 + (off - limit) * 50) * 10) / 10.0;
    }

    /** How wide a section may be beside the wood's thickness, as the house rules have it. */
    static String ratioRule(HouseRules rules) {
        return "House rule: between " + ratio(rules, HouseRule.SECTION_LEAST) + " and "
                + ratio(rules, HouseRule.SECTION_MOST) + ", best " + ratio(rules, HouseRule.SECTION_BEST_FROM) + " to "
                + ratio(rules, HouseRule.SECTION_BEST_TO) + ".";
    }

    private static String ratio(HouseRules rules, HouseRule rule) {
        return Show.RATIO.number(Quantity.of(rules.value(rule)), LengthDisplay.METRIC);
    }

    /** How wide a section is beside the wood's thickness, in words. */
    static String ratioWords(double ratio) {
        if (ratio < 0.5) {
            return "sections much narrower than the wood is thick";
        }
        if (ratio < 0.7) {
            return "sections narrower than the wood is thick";
        }
        if (ratio < 0.95) {
            return "sections a little narrower than the wood is thick";
        }
        if (ratio <= 1.05) {
            return "sections as wide as the wood is thick";
        }
        if (ratio <= 1.25) {
            return "sections a little wider than the wood is thick";
        }
        return ratio <= 1.5 ? "sections wider than the wood is thick" : "sections much wider than the wood is thick";
    }
}
