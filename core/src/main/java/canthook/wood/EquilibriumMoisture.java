package canthook.wood;

import static canthook.working.Term.fixed;

import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;

/**
 * The moisture content wood settles at in still air.
 *
 * <pre>
 * W  = 349 + 1.29 T + 0.0135 T²          K  = 0.805 + 0.000736 T − 0.00000273 T²
 * K1 = 6.27 − 0.00938 T − 0.000303 T²    K2 = 1.91 + 0.0407 T − 0.000293 T²
 * M  = 1800/W · [ K h/(1 − K h) + (K1 K h + 2 K1 K2 K² h²)/(1 + K1 K h + K1 K2 K² h²) ]
 * </pre>
 *
 * T in °C (about −1…55), h from 0 to 0.95, M in percent of dry weight. Check: 20 °C, 35 % gives 6.963; 21.1 °C gives 6.2
 * at 30 %, 9.2 at 50 %, 12.0 at 65 %, 16.0 at 80 %.
 */
public final class EquilibriumMoisture {
    static final String SOURCE = "Wood Handbook (FPL-GTR-282), chapter 4, the sorption equation";

    private EquilibriumMoisture() {}

    /** M in percent of dry weight. */
    public static double percent(Air air) {
        return quick(air.temperature(), air.humidity());
    }

    /** The same sum as {@link #work} without its steps, for logs of millions of readings; a test holds the two together. */
    static double quick(double t, double rh) {
        double h = rh / 100;
        double w = 349 + 1.29 * t + 0.0135 * t * t;
        double k = 0.805 + 0.000736 * t - 0.00000273 * t * t;
        double k1 = 6.27 - 0.00938 * t - 0.000303 * t * t;
        double k2 = 1.91 + 0.0407 * t - 0.000293 * t * t;
        double kh = k * h;
        double one = k1 * kh;
        double two = k1 * k2 * kh * kh;
        return 1800 / w * (kh / (1 - kh) + (one + 2 * two) / (1 + one + two));
    }

    /** The humidity at which wood settles at this moisture, 0 to 95 %; found by halving, to a billionth of a percent. */
    public static double humidityFor(double moisture, double temperature) {
        double low = 0;
        double high = 95;
        while (high - low > 1e-9) {
            double middle = (low + high) / 2;
            if (quick(temperature, middle) < moisture) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * Works M out on a sheet, with its steps.
     *
     * @param name what the air is called in ids: {@code driest}
     * @param label what the result is called on screen
     */
    public static Worked work(Worksheet sheet, String name, String label, Air air) {
        String of = label.isEmpty() ? "" : ", " + label;
        Worked t = sheet.decided(
                name + "-temperature", "T", "Temperature" + of, Show.CELSIUS, air.temperature(), "seasons");
        Worked rh = sheet.decided(
                name + "-humidity", "RH", "Relative humidity" + of, Show.PERCENT, air.humidity(), "seasons");
        Worked h = step(sheet, name + "-h", "h", rh.over(100), "Relative humidity as a fraction");
        Term tt = t.times(t);
        Worked w = step(
                sheet,
                name + "-w",
                "W",
                fixed(349).plus(t.times(1.29)).plus(tt.times(0.0135)),
                "Weight of wood per sorption site");
        Worked k = step(
                sheet,
                name + "-k",
                "K",
                fixed(0.805).plus(t.times(0.000736)).minus(tt.times(0.00000273)),
                "Activity of the dissolved water");
        Worked k1 = step(
                sheet,
                name + "-k1",
                "K₁",
                fixed(6.27).minus(t.times(0.00938)).minus(tt.times(0.000303)),
                "First hydration constant");
        Worked k2 = step(
                sheet,
                name + "-k2",
                "K₂",
                fixed(1.91).plus(t.times(0.0407)).minus(tt.times(0.000293)),
                "Second hydration constant");
        Worked kh = step(sheet, name + "-kh", "Kh", k.times(h), "K times h");
        Term one = k1.times(kh);
        Term two = k1.times(k2).times(kh).times(kh);
        return sheet.work(
                name,
                "M",
                label,
                Show.MOISTURE,
                fixed(1800)
                        .over(w)
                        .times(kh.over(fixed(1).minus(kh))
                                .plus(one.plus(fixed(2).times(two))
                                        .over(fixed(1).plus(one).plus(two)))),
                "The moisture wood settles at in this air, in percent of its dry weight.",
                SOURCE);
    }

    private static Worked step(Worksheet sheet, String name, String symbol, Term term, String label) {
        return sheet.work(name, symbol, label, Show.STEP, term, "A step of the sorption equation.", SOURCE);
    }
}
