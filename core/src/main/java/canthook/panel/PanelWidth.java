package canthook.panel;

import static canthook.working.Term.fixed;

import canthook.length.Beside;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.Stuff;
import canthook.seasons.Year;
import canthook.shop.HouseRules;
import canthook.wood.Wood;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.jspecify.annotations.Nullable;

/**
 * How wide to cut a panel that sits in two facing grooves, and what the year does to it.
 *
 * <pre>
 * W_max = opening + 2 g_d − gap            widest it may ever be
 * W     = W_max / (1 + x_wet)              cut today
 * W_dry = W (1 + x_dry)                    driest
 * engagement at the driest: centred (W_dry − opening)/2, slid to one side W_dry − opening − g_d
 * </pre>
 *
 * Check: opening 132, groove 5, ponderosa pine flat-sawn (S 6.2), 8.0 % now, 6.0–11.5 % over the year, gap 0.2: cut 140.73;
 * driest 140.12; engagement 4.06 centred, 3.12 worst.
 *
 * <p>Today counts as part of the year: a panel that is wetter (drier) today than it will ever be again in its home is
 * already at its widest (narrowest), so x_wet is never below zero and x_dry never above.
 *
 * @param gap left at the wettest, total
 * @param cut width to cut today
 * @param byWetness change per millimetre from today to the wettest
 * @param byDryness change per millimetre from the moisture engagement is judged from to the driest
 * @param least engagement the house asks for
 */
public record PanelWidth(
        Worked opening,
        Worked depth,
        Worked gap,
        Worked widest,
        Worked byWetness,
        Worked byDryness,
        Worked cut,
        Worked driest,
        Worked centred,
        Worked slid,
        Worked least,
        Movements movements) {

    /** What the panel's stuff does with moisture. */
    public record Movements(Wood wood, Worked rate, Worked saturation) {}

    /**
     * How a panel moves from today on, whatever it sits in.
     *
     * @param byWetness change per millimetre to the wettest, 0 or more
     * @param byDryness change per millimetre to the driest, 0 or less
     */
    public record Movement(Movements of, Worked byWetness, Worked byDryness) {}

    /** How it moves from today on. */
    public Movement movement() {
        return new Movement(movements, byWetness, byDryness);
    }

    /** Works out how a panel moves from today on. */
    public static Movement movement(Worksheet sheet, Stuff stuff, String stuffField, Year year) {
        Movements movements = movements(sheet, stuff.known(), stuff, stuffField);
        Worked from = year.now();
        Worked xWet =
                change(sheet, "x-wet", "Change, today to the wettest", movements, year, from, year.humidityNow(), true);
        Worked xDry = change(
                sheet,
                "x-dry",
                year.unknown() ? "Change, the wettest to the driest" : "Change, today to the driest",
                movements,
                year,
                year.nowForHolding(),
                year.humidityNowForHolding(),
                false);
        return new Movement(movements, xWet, xDry);
    }

    /**
     * How it is held at the driest, in a sentence: by how much, or how far it is out.
     *
     * @param what the panel is called
     * @param pinned at its centre, so that both sides give alike; else judged with one edge as far in as it goes
     */
    public String atTheDriest(String what, Seat seat, boolean pinned, LengthDisplay display) {
        Length judged = (pinned ? centred : slid).length();
        String where = pinned ? " each side" : " if it slid to one side";
        Beside told = Beside.of(display, Precision.FIT, judged.abs(), least.length());
        return "At the driest the " + what
                + (judged.isNegative()
                        ? " comes " + told.one() + " out of " + seat.its + where
                                + ", and falls out; your rule asks it to be held by "
                        : " " + seat.holds + " by " + told.one() + where + "; your rule asks ")
                + told.other() + ".";
    }

    /** What a panel's edge sits in. */
    public enum Seat {
        GROOVE("groove floors", "a groove", "groove's floor", "groove's depth", "its groove", "holds"),
        RABBET("rabbet's shoulders", "the rabbet", "shoulder", "rabbet's width", "the rabbet", "lies on the rabbet");

        private final String far;
        private final String one;
        private final String end;
        private final String reach;
        private final String its;
        private final String holds;

        Seat(String far, String one, String end, String reach, String its, String holds) {
            this.far = far;
            this.one = one;
            this.end = end;
            this.reach = reach;
            this.its = its;
            this.holds = holds;
        }

        /** What it reaches to at both sides. */
        public String far() {
            return far;
        }
    }

    /**
     * Works out a panel's width.
     *
     * @param opening between the walls' inside faces, across the panel's grain
     * @param seat what its edges sit in
     * @param depth how far that reaches beyond the opening
     * @param gap left at the wettest when the maker or the lid decides it; null for the house rule
     */
    public static PanelWidth of(
            Worksheet sheet,
            Stuff stuff,
            String stuffField,
            Year year,
            Seat seat,
            Worked opening,
            Worked depth,
            @Nullable Worked gap,
            HouseRules rules) {
        Movement movement = movement(sheet, stuff, stuffField, year);
        Movements movements = movement.of();
        Worked from = year.now();
        Worked xWet = movement.byWetness();
        Worked xDry = movement.byDryness();
        Worked room = sheet.work(
                "room",
                "W₀",
                "Between the " + seat.far,
                Show.LAYOUT,
                opening.plus(fixed(2).times(depth)),
                "The opening and " + seat.one + " at either side.");
        Worked left = gap != null ? gap : houseGap(sheet, movements, from, room, rules);
        Worked widest = sheet.work(
                "widest",
                "Wm",
                "Widest it may ever be",
                Show.FIT,
                room.minus(left),
                "Between the " + seat.far + ", less the gap.");
        Worked cut = sheet.work(
                "cut",
                "W",
                "Cut it today at",
                Show.FIT,
                widest.over(fixed(1).plus(xWet)),
                "So that at the wettest it is as wide as it may be.");
        Worked driest = sheet.work(
                "driest-width",
                "Wd",
                "Width at the driest",
                Show.FIT,
                cut.times(fixed(1).plus(xDry)),
                "What is left of it at the driest.");
        Worked centred = sheet.work(
                "engagement-centred",
                "E",
                "Held at the driest, centred",
                Show.FIT,
                driest.minus(opening).over(2),
                "Shared by both sides.");
        Worked slid = sheet.work(
                "engagement-slid",
                "E₁",
                "Held at the driest, slid to one side",
                Show.FIT,
                driest.minus(opening).minus(depth),
                "One edge at its " + seat.end + ", the other out as far as it goes.");
        Worked least = sheet.work(
                "least-engagement",
                "E₀",
                "Wanted to be held at least",
                Show.FIT,
                Term.larger(fixed(rules.leastEngagement()), depth.times(rules.engagementShare())),
                "House rules: a least length, and a share of the " + seat.reach + "; whichever is more.");
        return new PanelWidth(opening, depth, left, widest, xWet, xDry, cut, driest, centred, slid, least, movements);
    }

    private static Movements movements(Worksheet sheet, Wood wood, Stuff stuff, String field) {
        if (wood.isSheet()) {
            Worked rate = sheet.table(
                    "rate",
                    "ρ",
                    "Movement of " + wood.name().toLowerCase(java.util.Locale.ROOT) + ", 30 to 90 % RH",
                    Show.PERCENT,
                    wood.sheetMovement(),
                    wood.name(),
                    "Wood Handbook (FPL-GTR-282)");
            return new Movements(wood, rate, rate);
        }
        Worked shrinkage =
                canthook.wood.Movement.shrinkage(sheet, "panel", wood, stuff.ringAngle(), field + ".ringAngle");
        Worked saturation = sheet.table(
                "saturation",
                "F",
                "Fibre saturation",
                Show.MOISTURE,
                wood.fibreSaturation(),
                wood.name(),
                "Wood Handbook (FPL-GTR-282)");
        return new Movements(wood, shrinkage, saturation);
    }

    private static Worked change(
            Worksheet sheet,
            String name,
            String label,
            Movements movements,
            Year year,
            Worked from,
            Worked fromHumidity,
            boolean wet) {
        Worked to = wet ? year.wettest() : year.driest();
        Worked toHumidity = wet ? year.humidityWettest() : year.humidityDriest();
        boolean sheetGoods = movements.wood.isSheet();
        double start = sheetGoods ? fromHumidity.number() : from.number();
        double end = sheetGoods ? toHumidity.number() : to.number();
        if (wet ? end <= start : end >= start) {
            return sheet.work(
                    name,
                    wet ? "x₊" : "x₋",
                    label,
                    Show.STEP,
                    fixed(0),
                    wet ? "It will never be wetter than today." : "It will never be drier than today.");
        }
        return sheetGoods
                ? canthook.wood.Movement.ofSheet(sheet, name, label, fromHumidity, toHumidity, movements.rate)
                : canthook.wood.Movement.ofSolid(sheet, name, label, from, to, movements.rate, movements.saturation);
    }

    /** House rule: the larger of 0.5 mm and the movement for 1 % of moisture. */
    private static Worked houseGap(Worksheet sheet, Movements movements, Worked now, Worked room, HouseRules rules) {
        Term least = fixed(rules.leastGap());
        String words =
                "House rule: the larger of the least gap and the movement for 1 % of moisture; a meter is no better.";
        if (movements.wood.isSheet()) {
            return sheet.work("gap", "gap", "Gap at the wettest, total", Show.FIT, least, "House rule: the least gap.");
        }
        Worked f = movements.saturation;
        Worked one = sheet.work(
                "one-percent",
                "w₁",
                "Movement for 1 % of moisture",
                Show.FIT,
                room.over(fixed(100).times(f).over(movements.rate).minus(f).plus(canthook.wood.Movement.felt(now, f))),
                "The width's change when its moisture changes by one.");
        return sheet.work("gap", "gap", "Gap at the wettest, total", Show.FIT, Term.larger(least, one), words);
    }
}
