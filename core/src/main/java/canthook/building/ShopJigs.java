package canthook.building;

import canthook.building.GluedKey.Closes;
import canthook.fingers.HeightBand;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.OneLine;
import canthook.shop.RackJig;
import canthook.working.Worked;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which jigs of the shop make a box as they are, after a shim, with another key, or not.
 *
 * <pre>
 * glued key: as it is, when one of its heights lies in the band of the box; the nearest to what was wished
 *            after a shim on the key's cutter side, when a wider clearance brings a count to the height wished: c′ = (n·k − H) / m, no wider than a joint takes
 * key that moves: as it is, when one of its keys goes into the slot; another key otherwise
 * no key: it is set anew for every box
 * </pre>
 *
 * Each offer is the plan as it would be, worked before it is offered: it closes where it is said to.
 */
public final class ShopJigs {
    private static final Length SAME = Length.mm(0.005);

    private ShopJigs() {}

    /** How a jig makes a box. */
    public enum How {
        AS_IT_IS,
        AFTER_A_SHIM,
        ANOTHER_KEY,
        SET_ANEW,
        NOT
    }

    /**
     * One jig.
     *
     * @param says how, in a sentence
     * @param working how its numbers come out, line by line
     * @param after the plan cut on it; null when it does not make it
     */
    public record Makes(
            String id,
            String name,
            How how,
            String says,
            List<String> working,
            @Nullable BoxPlan after) {}

    /** All of them, those that make it as they are first. */
    public static List<Makes> of(WorkedPlan worked, List<RackJig> jigs) {
        return jigs.stream()
                .map(jig -> of(worked, jig))
                .sorted(Comparator.comparing(Makes::how))
                .toList();
    }

    private static Makes of(WorkedPlan worked, RackJig jig) {
        if (jig.glued() != null) {
            return glued(worked, jig, new GluedKey(jig.glued()));
        }
        BoxPlan after = worked.plan().with(jig.chosen());
        WorkedPlan then = Planner.work(after, worked.shop());
        if (then.jig().setting() == null) {
            return new Makes(jig.id(), jig.name(), How.NOT, "It cannot make this joint.", List.of(), null);
        }
        // asked of the rung that stands; what is moved anew for every box has nothing to say of it
        return JigOnRung.on(worked, then.fingers().chosen(), jig)
                .map(on -> new Makes(jig.id(), jig.name(), on.how(), sentence(on.says()), on.working(), after))
                .orElseGet(() -> new Makes(
                        jig.id(), jig.name(), How.SET_ANEW, "It is set anew for every box.", List.of(), after));
    }

    private static String sentence(String says) {
        return says.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + says.substring(1) + ".";
    }

    private static Makes glued(WorkedPlan worked, RackJig jig, GluedKey key) {
        LengthDisplay display = worked.plan().display();
        HeightBand band = worked.fingers().chosen().band();
        Optional<Closes> nearest = key.between(band.lowest(), band.highest(), FingerChoice.MOST_SECTIONS).stream()
                .min(Comparator.comparing(
                        (Closes c) -> c.height().minus(band.wished()).abs()));
        // a gap over the slot leaves fingers that do not go in: a shim takes it down, or nothing does
        if (nearest.isPresent() && key.isAJoint()) {
            Closes closes = nearest.get();
            Optional<BoxPlan> after = tried(worked, jig, closes.sections(), key.clearance(), closes.height());
            if (after.isPresent()) {
                return new Makes(
                        jig.id(),
                        jig.name(),
                        How.AS_IT_IS,
                        closes.sections() + " sections, closes at " + display.text(closes.height(), Precision.LAYOUT)
                                + ", clearance " + display.text(key.clearance(), Precision.CALIPER) + ".",
                        key.working(closes.sections(), Length.ZERO, display),
                        after.get());
            }
        }
        return shimmed(worked, jig, key, band)
                .orElseGet(
                        () -> new Makes(jig.id(), jig.name(), How.NOT, makesOnly(key, band, display), List.of(), null));
    }

    /** With a shim the gap is less and the clearance more: a count that closes too high comes down to the height. */
    private static Optional<Makes> shimmed(WorkedPlan worked, RackJig jig, GluedKey key, HeightBand band) {
        LengthDisplay display = worked.plan().display();
        for (int n = 3; n <= FingerChoice.MOST_SECTIONS; n += 2) {
            if (!key.closes(n).isOver(band.wished())) {
                continue;
            }
            Optional<Length> on = key.shimmedTo(n, band.wished());
            if (on.isEmpty()) {
                return Optional.empty();
            }
            Length shim = on.get();
            Length clearance = key.clearanceAt(n, band.wished());
            int sections = n;
            return tried(worked, jig, n, clearance, band.wished())
                    .map(after -> new Makes(
                            jig.id(),
                            jig.name(),
                            How.AFTER_A_SHIM,
                            "With " + display.text(shim, Precision.CALIPER) + " on its key, towards the cutter: "
                                    + sections
                                    + " sections close at " + display.text(band.wished(), Precision.LAYOUT)
                                    + ", clearance " + display.text(clearance, Precision.CALIPER) + ".",
                            key.working(sections, shim, display),
                            after));
        }
        return Optional.empty();
    }

    /** The plan cut on it, when it comes out as it is said to. */
    private static Optional<BoxPlan> tried(
            WorkedPlan worked, RackJig jig, int sections, Length clearance, Length height) {
        FingerChoice now = worked.plan().fingers();
        Length kerf = java.util.Objects.requireNonNull(jig.glued()).kerf();
        FingerChoice fingers = new FingerChoice(
                sections, "the one of “" + shortened(jig.name()) + "”", kerf, clearance, now.lowerBy(), now.higherBy());
        BoxPlan after = worked.plan().with(jig.chosen()).with(fingers);
        WorkedPlan then = Planner.work(after, worked.shop());
        Worked closing = then.fingers().chosen().closing();
        boolean holds = then.jig().setting() != null
                && closing.length().minus(height).abs().isUnder(SAME)
                && then.jig().key().isPresent()
                && then.jig()
                        .key()
                        .get()
                        .gap()
                        .length()
                        .minus(kerf.minus(clearance))
                        .abs()
                        .isUnder(SAME);
        return holds ? Optional.of(after) : Optional.empty();
    }

    private static String shortened(String name) {
        return OneLine.beginning(name, 40);
    }

    private static String makesOnly(GluedKey key, HeightBand band, LengthDisplay display) {
        List<Closes> about =
                key.between(Length.ZERO, band.highest().plus(key.glued().kerf().times(3)), FingerChoice.MOST_SECTIONS);
        String makes = about.subList(Math.max(0, about.size() - 3), about.size()).stream()
                .map(c -> display.number(c.height(), Precision.LAYOUT) + " with " + c.sections())
                .collect(java.util.stream.Collectors.joining(", "));
        return makes.isEmpty()
                ? "Its key is too wide for this box."
                : "It makes " + makes + "; this box wants " + display.number(band.lowest(), Precision.LAYOUT) + " to "
                        + display.text(band.highest(), Precision.LAYOUT) + ".";
    }
}
