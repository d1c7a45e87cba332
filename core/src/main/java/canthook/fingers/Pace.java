package canthook.fingers;

import canthook.plan.JigChoice.Way;

/**
 * What is counted where a slot is made, and how that is said: at a machine its passes; by hand the slot itself, which is sawn at its lines
 * and chopped out however wide it is.
 */
public enum Pace {
    MACHINE {
        @Override
        public String aSlot(int passes) {
            return passes == 1 ? "one pass a slot" : passes + " passes a slot";
        }

        @Override
        public String counted(int many) {
            return many == 1 ? "pass" : "passes";
        }

        @Override
        public String in(int passes) {
            return " in " + (passes == 1 ? "one pass" : numbered(passes) + " passes");
        }
    },
    HAND {
        @Override
        public String aSlot(int passes) {
            return "by hand";
        }

        @Override
        public String counted(int many) {
            return many == 1 ? "slot" : "slots";
        }

        @Override
        public String in(int passes) {
            return "";
        }
    };

    private static final String[] NUMBERS = {"no", "one", "two", "three", "four", "five", "six"};

    /** That of a jig. */
    public static Pace of(Way way) {
        return way == Way.HAND ? HAND : MACHINE;
    }

    /** How one slot is made: {@code 3 passes a slot}. */
    public abstract String aSlot(int passes);

    /** What is counted: {@code passes}. */
    public abstract String counted(int many);

    /** At the end of a count: {@code  in two passes}; nothing by hand. */
    public abstract String in(int passes);

    /** Over all stacks: {@code 26 passes in all}. */
    public String inAll(int many) {
        return many + " " + counted(many) + " in all";
    }

    /** The same where {@link #aSlot} stands before it: {@code 26 in all}. */
    public String afterASlot(int many) {
        return this == HAND ? inAll(many) : many + " in all";
    }

    /** What another joint costs over this one: {@code 4 passes more}. */
    public String more(int many) {
        return many + " " + counted(many) + " more";
    }

    /** What their count is headed: {@code Passes in all}, {@code Passes a box}. */
    public String headed(String of) {
        String all = counted(2);
        return Character.toUpperCase(all.charAt(0)) + all.substring(1) + " " + of;
    }

    private static String numbered(int many) {
        return many < NUMBERS.length ? NUMBERS[many] : Integer.toString(many);
    }
}
