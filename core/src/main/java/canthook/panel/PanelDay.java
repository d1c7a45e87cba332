package canthook.panel;

import static canthook.working.Term.fixed;

import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.seasons.Year;
import canthook.wood.Movement;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;

/**
 * A panel as cut, on one day of the year.
 *
 * <pre>
 * width = W (1 + x), x the movement from today to that day
 * gap   = between the groove floors − width (at one side, or shared when the panel is pinned)
 * held  = groove depth − gap
 * </pre>
 *
 * <p>When nothing is known of today the worse case is shown: a panel cut at its wettest.
 *
 * @param air moisture of the wood that day; relative humidity for sheet goods
 */
public record PanelDay(Worked air, Worked width, Worked gap, Worked held, List<Worked> numbers) {

    /**
     * How far a panel has moved by a day.
     *
     * @param air moisture of the wood that day; relative humidity for sheet goods
     * @param change per millimetre since today
     */
    public record Moved(Worked air, Worked change) {}

    /** In a few words: by how much it is held, or how far it is out. */
    public String says(LengthDisplay display) {
        return held.length().isNegative()
                ? display.text(held.length().abs(), Precision.FIT) + " out"
                : held.text(display) + " held";
    }

    /** Works out how far a panel has moved by a day, whatever it sits in. */
    public static Moved moved(Worksheet sheet, PanelWidth.Movements movements, Year year, double day) {
        boolean sheetGoods = movements.wood().isSheet();
        Worked season = sheet.decided("day", "d", "Season, 0 driest to 1 wettest", Show.RATIO, day, "day");
        Worked driest = sheetGoods ? year.humidityDriest() : year.driest();
        Worked wettest = sheetGoods ? year.humidityWettest() : year.wettest();
        Worked air = sheet.work(
                "day-air",
                sheetGoods ? "RH" : "M₂",
                sheetGoods ? "Humidity this day" : "Moisture this day",
                Show.MOISTURE,
                driest.plus(wettest.minus(driest).times(season)),
                "As far from the driest to the wettest as the slider stands.");
        String since = year.unknown() ? "Change, the wettest to this day" : "Change, today to this day";
        Worked change = sheetGoods
                ? Movement.ofSheet(sheet, "day-x", since, year.humidityNowForHolding(), air, movements.rate())
                : Movement.ofSolid(
                        sheet, "day-x", since, year.nowForHolding(), air, movements.rate(), movements.saturation());
        return new Moved(air, change);
    }

    /**
     * @param stage whose numbers these are: {@code bottom}
     * @param day 0 the driest … 1 the wettest
     * @param pinned at its centre, so that the gap is shared by both sides
     */
    public static PanelDay of(String stage, PanelWidth panel, Year year, double day, boolean pinned) {
        Worksheet sheet = new Worksheet(stage);
        Moved moved = moved(sheet, panel.movements(), year, day);
        Worked air = moved.air();
        Worked change = moved.change();
        Worked width = sheet.work(
                "day-width",
                "W′",
                "Panel's width this day",
                Show.FIT,
                panel.cut().times(fixed(1).plus(change)),
                "The width it was cut to, and what it moved since.");
        Worked free = sheet.work(
                "day-free",
                "gap₀",
                "Free between the groove floors this day",
                Show.FIT,
                panel.opening().plus(fixed(2).times(panel.depth())).minus(width),
                "What the opening and both grooves have over the panel.");
        Worked gap = sheet.work(
                "day-gap",
                "gap′",
                "Gap this day",
                Show.FIT,
                pinned ? free.over(2) : free.times(1),
                pinned ? "Pinned at its centre: shared by both sides." : "With the panel slid to the other side.");
        Worked held = sheet.work(
                "day-held",
                "E′",
                "Held this day",
                Show.FIT,
                panel.depth().minus(gap),
                "The groove's depth less the gap.");
        return new PanelDay(air, width, gap, held, sheet.numbers());
    }
}
