package canthook.plan;

import canthook.refusal.OneLine;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A finish as the steps that make it: the label of the tin comes before every one of them.
 *
 * @param name what it is called in the shop
 * @param steps in order; at least one coat or wax among them
 * @param ragsBurn whether its rags can take fire by themselves
 * @param vapour whether its solvent goes into the air
 * @param film whether it builds a film, which is not used before it has cured
 */
public record Recipe(String name, List<Step> steps, boolean ragsBurn, boolean vapour, boolean film) {
    /** What is done at a step. */
    public enum Does {
        SAND("Sand"),
        WET("Wet, to raise the grain"),
        COAT("Coat"),
        RUB("Rub down"),
        WAX("Wax"),
        CURE("Let it cure");

        private final String words;

        Does(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether something is put on, and not only prepared or waited for. */
        public boolean putsOn() {
            return this == COAT || this == WAX;
        }
    }

    /**
     * One step, at 20 °C and 50 % RH.
     *
     * @param with grits, or what it is done with; nothing when null
     * @param minutes of hands, for one box
     * @param hours until the next step
     */
    public record Step(Does does, @Nullable String with, int minutes, double hours) {
        public static final Range MINUTES = new Range("Minutes of hands", 0, 600, "min");

        /** Half a year; what dries longer is no finish. */
        public static final Range HOURS = new Range("Hours until the next step", 0, 4400, "h");

        public Step {
            Refused.ifMissing("does", "What is done", does);
            with = with == null || with.isBlank() ? null : OneLine.words("with", "What it is done with", with, 60);
            MINUTES.check("minutes", minutes);
            HOURS.check("hours", hours);
            if (does != Does.CURE && minutes == 0) {
                throw new Refused("minutes", does.words() + ": nobody does that in no time; say at least a minute.");
            }
        }

        /** In a line: {@code Sand 120 · 180, 30 min}. */
        public String says() {
            String what = does.words() + (with == null ? "" : " " + with);
            String takes = minutes == 0 ? "" : ", " + minutes + " min";
            long whole = Math.round(hours);
            String dries = hours == 0
                    ? ""
                    : hours > 48 ? ", " + Math.round(hours / 24) + " days" : ", " + (whole == 0 ? "<1" : whole) + " h";
            return what + takes + dries;
        }

        public Step(Does does, int minutes, double hours) {
            this(does, null, minutes, hours);
        }
    }

    private static final int MOST_STEPS = 40;

    public Recipe {
        name = OneLine.name("name", "A finish", name, 60);
        Refused.ifMissing("steps", "The steps", steps);
        steps = List.copyOf(steps);
        if (steps.size() > MOST_STEPS) {
            throw new Refused("steps", "At most " + MOST_STEPS + " steps.");
        }
        if (steps.stream().noneMatch(s -> s.does().putsOn())) {
            throw new Refused("steps", "A finish puts something on: a coat, or wax.");
        }
    }

    /** How often something is put on. */
    public int coats() {
        return (int) steps.stream().filter(s -> s.does().putsOn()).count();
    }
}
