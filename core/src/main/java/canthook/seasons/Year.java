package canthook.seasons;

import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.SeasonsChoice;
import canthook.plan.SeasonsChoice.Known;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.wood.Air;
import canthook.wood.EquilibriumMoisture;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;

/**
 * Moisture today, and at the driest and the wettest of the year where the box will live. The two airs are sorted by the
 * moisture they give, not by name: cold and damp may be the wetter.
 *
 * @param now moisture today; when nothing is known of it, the driest of the year (sizes) – see {@link #unknown}
 * @param unknown nothing is known: sizes are worked as if today were the driest, engagement as if it were the wettest
 * @param humidityNow relative humidity the boards are in balance with today, percent
 */
public record Year(
        Worked now,
        boolean unknown,
        Worked driest,
        Worked wettest,
        Worked humidityNow,
        Worked humidityDriest,
        Worked humidityWettest,
        List<Worked> numbers,
        List<Verdict> verdicts) {

    /** The year worked last, and what for. */
    private record Last(SeasonsChoice choice, Year year) {}

    private static final AtomicReference<@Nullable Last> LAST = new AtomicReference<>();

    /** Works out the year of a plan; it is kept until one with other seasons is asked, for hardly a change to a plan is one to them. */
    public static Year of(BoxPlan plan) {
        SeasonsChoice choice = plan.seasons();
        Last last = LAST.get();
        if (last != null && last.choice.equals(choice)) {
            return last.year;
        }
        Year year = work(choice);
        LAST.set(new Last(choice, year));
        return year;
    }

    private static Year work(SeasonsChoice choice) {
        Worksheet sheet = new Worksheet("seasons");
        Air one = choice.firstAir();
        Air other = choice.secondAir();
        boolean oneIsDrier = EquilibriumMoisture.percent(one) <= EquilibriumMoisture.percent(other);
        Air dry = oneIsDrier ? one : other;
        Air wet = oneIsDrier ? other : one;
        Worked driest = EquilibriumMoisture.work(sheet, "driest", "Moisture at the driest", dry);
        Worked wettest = EquilibriumMoisture.work(sheet, "wettest", "Moisture at the wettest", wet);
        Verdicts verdicts = new Verdicts("seasons");
        Double meter = choice.meter();
        Worked now;
        double humidityNow;
        if (choice.known() == Known.METER && meter != null) {
            now = sheet.decided("now", "M₁", "Moisture today, by the meter", Show.MOISTURE, meter, "seasons.meter");
            humidityNow = EquilibriumMoisture.humidityFor(meter, choice.shop().temperature());
        } else if (choice.known() == Known.SHOP_AIR) {
            now = EquilibriumMoisture.work(sheet, "now", "Moisture today, by the shop's air", choice.shop());
            humidityNow = choice.shop().humidity();
        } else {
            now = sheet.work(
                    "now",
                    "M₁",
                    "Moisture today, not known",
                    Show.MOISTURE,
                    driest.times(1),
                    "Not known: sizes are worked as if today were the driest of the year.");
            humidityNow = dry.humidity();
            verdicts.mind(
                    Code.MOISTURE_UNKNOWN,
                    "seasons.now",
                    "Nothing is known of the moisture today. Panels are sized as if today were the driest day, and their hold is judged as if it"
                            + " were the wettest. A meter reading would let them fit closer.");
        }
        Double weeks = choice.weeks();
        if (choice.known() == Known.SHOP_AIR && weeks != null && weeks < SETTLED_AFTER_WEEKS) {
            verdicts.mind(
                    Code.NOT_SETTLED,
                    "seasons.now",
                    "After " + Show.MOISTURE.number(canthook.working.Quantity.of(weeks), LengthDisplay.METRIC)
                            + " weeks the boards may not be in balance with the shop's air yet: thin wood takes two weeks and more. A meter"
                            + " would tell.");
        }
        if (Math.abs(driest.number() - wettest.number()) < 0.05) {
            verdicts.note(
                    Code.SAME_CLIMATE, "seasons.driest", "The two climates give the same moisture: nothing will move.");
        }
        if (choice.known() == Known.METER && meter != null && meter > 30) {
            verdicts.mind(
                    Code.MOISTURE_OVER_SATURATION,
                    "seasons.now",
                    "At " + Show.MOISTURE.number(now.value(), LengthDisplay.METRIC)
                            + " % the wood is above fibre saturation: it will shrink a long way before it settles. Let it dry first.");
        }
        return new Year(
                now,
                choice.known() == Known.UNKNOWN,
                driest,
                wettest,
                humidity(sheet, "humidity-now", "Humidity the boards are in balance with", humidityNow),
                humidity(sheet, "humidity-driest", "Relative humidity at the driest", dry.humidity()),
                humidity(sheet, "humidity-wettest", "Relative humidity at the wettest", wet.humidity()),
                sheet.numbers(),
                verdicts.all());
    }

    /** Thin wood lags the air by a fortnight. */
    private static final double SETTLED_AFTER_WEEKS = 2;

    /** Moisture today for judging how a panel holds: when nothing is known, the wettest, from where it shrinks most. */
    public Worked nowForHolding() {
        return unknown ? wettest : now;
    }

    /** The same as {@link #nowForHolding}, as relative humidity. */
    public Worked humidityNowForHolding() {
        return unknown ? humidityWettest : humidityNow;
    }

    private static Worked humidity(Worksheet sheet, String name, String label, double percent) {
        return sheet.table(
                name,
                "RH",
                label,
                Show.PERCENT,
                percent,
                "From the air given, or found from the meter reading by the sorption equation.",
                "");
    }
}
