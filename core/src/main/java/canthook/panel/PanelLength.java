package canthook.panel;

import static canthook.working.Term.fixed;

import canthook.length.Length;
import canthook.panel.PanelWidth.Movement;
import canthook.panel.PanelWidth.Seat;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * How long to cut a panel along its grain.
 *
 * <pre>
 * L = opening + 2 · seat − end fit       sheet goods move this way too: the same over 1 + x_wet
 * </pre>
 *
 * Check: opening 224, groove 5, end fit 1: solid wood 233.
 */
public final class PanelLength {
    private PanelLength() {}

    /**
     * @param endFit the maker's own; null for the house rule
     * @param field its place in the plan
     * @param reach how far the seat goes beyond the opening at each side
     */
    public static Worked of(
            Worksheet sheet,
            Worked opening,
            Worked reach,
            Movement movement,
            Seat seat,
            @Nullable Length endFit,
            String field,
            HouseRules rules) {
        Worked fit = sheet.ruled(
                "end-fit", "ef", "End fit, total", Show.FIT, rules.endFit(), HouseRule.END_FIT.reason(), endFit, field);
        Term room = opening.plus(fixed(2).times(reach)).minus(fit);
        return movement.of().wood().isSheet()
                ? sheet.work(
                        "along",
                        "Lp",
                        "Cut its length at",
                        Show.FIT,
                        room.over(fixed(1).plus(movement.byWetness())),
                        "Sheet goods move both ways: between the " + seat.far() + ", less the end fit, at the wettest.")
                : sheet.work(
                        "along",
                        "Lp",
                        "Cut it along the grain at",
                        Show.FIT,
                        room,
                        "Between the " + seat.far() + ", less the end fit; along the grain it does not move.");
    }
}
