package canthook.building;

import canthook.building.ShopJigs.How;
import canthook.fingers.HeightBand;
import canthook.fingers.Layout;
import canthook.fingers.Rung;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.RackJig;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a jig of the shop cuts one rung of the ladder, by its measures alone.
 *
 * <pre>
 * glued key         its kerf is the rung's, within 0.05; as it is when n·k − m·c lies in the rung's band,
 *                   after a shim when a wider clearance brings that down to the height wished
 * key that moves    one of its keys κ is no wider than wanted and at most 0.06 slimmer
 *                   wanted = the slot (one pass, or a fence that moves), or the kerf, less the play
 * spacers           m − 1 of them within 0.05 of slot and finger
 * </pre>
 *
 * Check: k 7.45, g 7.28, drawer 93 to 99 high with a kerf of 7.45: 13 as it is.
 *
 * @param name of the jig
 * @param says how, in a sentence
 * @param working how its numbers come out, line by line
 */
public record JigOnRung(String id, String name, How how, String says, List<String> working) {
    /** A key so much slimmer than wanted still guides; no key is wider. */
    private static final Length SLIMMER = Length.mm(0.06);

    private static final Length WIDER = Length.mm(0.005);
    /** Kerfs nearer than this are cut by one cutter; spacers nearer are one spacer. */
    private static final Length ONE = Length.mm(0.05);

    /** What the jigs that need no building make of the rungs, by the rung's name; a rung none of them makes is not in it. */
    public static Map<String, List<JigOnRung>> of(WorkedPlan worked, List<RackJig> jigs) {
        Map<String, List<JigOnRung>> all = new LinkedHashMap<>();
        for (RackJig jig : jigs) {
            // on a jig of its own way a rung may come out otherwise than on the one that stands: a screw gives what it
            // can
            WorkedPlan then = Planner.work(worked.plan().with(jig.chosen()), worked.shop());
            for (Rung rung : then.fingers().rungs()) {
                if (rung.feasible()) {
                    on(then, rung, jig)
                            .filter(j -> j.how() == How.AS_IT_IS || j.how() == How.AFTER_A_SHIM)
                            .ifPresent(j -> all.computeIfAbsent(rung.name(), name -> new ArrayList<>())
                                    .add(j));
                }
            }
        }
        return all;
    }

    /** Empty for a jig that cannot cut it; the plan is worked when that is asked in full. */
    static Optional<JigOnRung> on(WorkedPlan worked, Rung rung, RackJig jig) {
        LengthDisplay display = worked.plan().display();
        HouseRules rules = worked.shop().rules();
        if (jig.glued() != null) {
            return glued(rung, jig, new GluedKey(jig.glued()), display);
        }
        return switch (jig.jig().way()) {
            case SLED_KEY, ROUTER_SLED, SHIM_FENCE, ROD_KEY -> Optional.of(key(rung, jig, rules, display));
            case SPACERS -> spacers(rung, jig, display);
            case SCREW, STOPS, HAND, BAND_SAW -> Optional.empty();
        };
    }

    private static Optional<JigOnRung> glued(Rung rung, RackJig jig, GluedKey key, LengthDisplay display) {
        Layout layout = rung.layout();
        int n = rung.sections().count();
        if (!layout.isEqual()
                || layout.isEven()
                || layout.tail().nanometres() != 0
                || rung.kerf().length().minus(key.glued().kerf()).abs().isOver(ONE)) {
            return Optional.empty();
        }
        HeightBand band = rung.band();
        if (key.isAJoint() && band.holds(key.closes(n))) {
            return Optional.of(new JigOnRung(
                    jig.id(),
                    jig.name(),
                    How.AS_IT_IS,
                    "closes at " + text(display, key.closes(n)),
                    key.working(n, Length.ZERO, display)));
        }
        return key.shimmedTo(n, band.wished())
                .map(shim -> new JigOnRung(
                        jig.id(),
                        jig.name(),
                        How.AFTER_A_SHIM,
                        display.text(shim, Precision.CALIPER) + " on its key, closes at "
                                + text(display, band.wished()),
                        key.working(n, shim, display)));
    }

    /** The key that goes into the rung's slots, or the one that is wanted. */
    static JigOnRung key(Rung rung, RackJig jig, HouseRules rules, LengthDisplay display) {
        Worked wide = wanted(rung, jig, rules);
        Length wanted = wide.length();
        List<String> working = List.of(wide.inOneLine(display));
        List<Length> keys = new ArrayList<>(jig.keys());
        Length rod = jig.jig().rod();
        if (jig.jig().way() == Way.ROD_KEY && rod != null) {
            keys.add(rod);
        }
        return keys.stream()
                .filter(k -> !k.isOver(wanted.plus(WIDER)) && !k.isUnder(wanted.minus(SLIMMER)))
                .max(Comparator.naturalOrder())
                .map(k -> new JigOnRung(
                        jig.id(),
                        jig.name(),
                        How.AS_IT_IS,
                        "its key of " + display.text(k, Precision.CALIPER) + " goes into the slots",
                        working))
                .orElseGet(() -> new JigOnRung(
                        jig.id(),
                        jig.name(),
                        How.ANOTHER_KEY,
                        "it wants a key of " + display.text(wanted, Precision.CALIPER),
                        working));
    }

    /** How wide its key is to be for a rung. */
    static Worked wanted(Rung rung, RackJig jig, HouseRules rules) {
        Worksheet sheet = new Worksheet("shop-jig");
        Worked slimmer = sheet.ruled(
                "slimmer",
                "Δκ",
                "Key slimmer by",
                Show.CALIPER,
                rules.keySlimmerBy(),
                HouseRule.KEY_SLIMMER_BY.reason(),
                jig.jig().slimmerBy(),
                "jig.slimmerBy");
        boolean whole = rung.passes().count() <= 1 || jig.jig().way() == Way.SHIM_FENCE;
        return sheet.work(
                "key",
                "κ",
                "Key wanted",
                Show.CALIPER,
                (whole ? rung.slot() : rung.kerf()).minus(slimmer),
                whole ? "The slot less a little play." : "The kerf less a little play.");
    }

    private static Optional<JigOnRung> spacers(Rung rung, RackJig jig, LengthDisplay display) {
        if (jig.spacers().isEmpty() || !rung.layout().isEqual()) {
            return Optional.empty();
        }
        Length pitch = rung.pitch().length();
        List<String> working = List.of(rung.pitch().inOneLine(display));
        int want = Math.max(1, rung.fingers().count() - 1);
        List<Length> alike = jig.spacers().stream()
                .filter(s -> !s.minus(pitch).abs().isOver(ONE))
                .toList();
        if (alike.size() < want) {
            return Optional.of(new JigOnRung(
                    jig.id(),
                    jig.name(),
                    How.ANOTHER_KEY,
                    "it wants " + want + " spacers of " + display.text(pitch, Precision.CALIPER)
                            + (alike.isEmpty() ? "" : ", and has " + alike.size()),
                    working));
        }
        Length off = alike.stream()
                .sorted(Comparator.comparing(s -> s.minus(pitch).abs()))
                .limit(want)
                .map(s -> s.minus(pitch))
                .reduce(Length.ZERO, Length::plus);
        return Optional.of(new JigOnRung(
                jig.id(),
                jig.name(),
                How.AS_IT_IS,
                "its spacers as measured: the longest stack is off by " + display.text(off.abs(), Precision.CALIPER),
                working));
    }

    private static String text(LengthDisplay display, Length height) {
        return display.text(height, Precision.LAYOUT);
    }
}
