package canthook.practice;

import canthook.fit.Cause;
import canthook.fit.Fit;
import canthook.shop.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What was hidden, beside what was believed; told when a round is over.
 *
 * @param what it is about
 * @param was as it truly was
 * @param believed by who read and moved
 */
public record Truth(String what, String was, String believed) {

    /** All of it, what mattered most first. */
    public static List<Truth> of(Round round) {
        HiddenShop shop = round.shop();
        List<Truth> all = new ArrayList<>();
        Fit fit = round.fit();
        Fit.Reading reading = fit.reading();
        all.add(new Truth(
                "The fit, as it stands",
                "clearance " + mm(round.trueClearance()) + ", wanted "
                        + mm(fit.target().length().mm()),
                reading == null
                        ? "nothing was read"
                        : "read " + mm(reading.clearance().length().mm()) + " on the last piece"));
        double planned = round.worked().fingers().chosen().slot().length().mm();
        double trueSlot = round.slot();
        all.add(new Truth(
                "The slot",
                mm(trueSlot) + ", written " + mm(planned),
                reading == null
                        ? "never read"
                        : "read " + mm(reading.slot().length().mm())
                                + (shop.zero() == 0
                                        ? ""
                                        : ", with a caliper that shows " + signed(shop.zero()) + " when closed")));
        all.add(new Truth(
                "The jig at first",
                mm(Math.abs(shop.setOff())) + (shop.setOff() > 0 ? " too far from the cutter" : " too near the cutter"),
                "you moved it " + signed(round.trulyMoved()) + " in all, and meant "
                        + signed(round.meant().mm())));
        for (Cause cause : Cause.values()) {
            if (shop.bad().contains(cause)) {
                all.add(new Truth(capital(cause.words()), size(shop, cause), found(round, cause)));
            }
        }
        Set<Cause> looked = round.lookedFor();
        for (Cause cause : Cause.values()) {
            if (looked.contains(cause) && !shop.bad().contains(cause)) {
                all.add(new Truth(capital(cause.words()), "nothing of the kind", "you looked for it"));
            }
        }
        if (shop.zero() != 0 || shop.batteryLow()) {
            all.add(new Truth(
                    "The caliper",
                    "shows " + signed(shop.zero()) + " when closed"
                            + (shop.batteryLow() ? ", and its battery was low" : ""),
                    "in slot and finger alike: it is not in their difference"));
        }
        all.add(new Truth(
                "A step from slot to slot",
                "scatters by " + mm(shop.step()) + " either way",
                "the bench reckons with " + mm(HouseRules.DEFAULT.indexError().mm())));
        return List.copyOf(all);
    }

    private static String size(HiddenShop shop, Cause cause) {
        return switch (cause) {
            case PRESSED -> "the key has a play of " + mm(shop.play()) + ", and every other finger lost it";
            case DUST -> mm(shop.dust()) + " of it, every other time";
            case CLAMP -> "of the first move " + Math.round(shop.slips() * 100) + " in 100 were left";
            case SCRAP -> mm(shop.scrapThicker()) + " thicker: the slots in it came out wider than in the parts";
            case BLADE -> "a chip under the collar: slots wider, and each another";
            case WRONG_WAY, TWICE -> "so it was";
        };
    }

    private static String found(Round round, Cause cause) {
        return round.foundAt(cause) == 0 ? "never found" : "found after test piece " + round.foundAt(cause);
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.2f mm", mm).replace('-', '−');
    }

    private static String signed(double mm) {
        return (mm >= 0.005 ? "+" : "") + mm(mm);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
