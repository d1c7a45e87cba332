package canthook.breakdown;

import canthook.board.Blank;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Offcut;
import canthook.breakdown.Breakdown.Opened;
import canthook.length.Length;
import canthook.refusal.OneLine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What is left of a board goes back on the rack, each piece by a name of its own. */
public final class Offcuts {
    /** Shorter offcuts are kindling and do not go back on the rack. */
    private static final Length KINDLING = Length.mm(100);

    private static final int LONGEST_NAME = 60;
    private static final Pattern NAMED = Pattern.compile("Offcut (\\d+) of (.*)", Pattern.DOTALL);

    private Offcuts() {}

    /**
     * The blanks that will lie on the rack once a board is cut: one for each offcut, two thin ones out of a resawn board.
     *
     * @return named after the board; {@link #named} tells them apart
     */
    public static List<Blank> of(Breakdown plan, Opened opened) {
        List<Blank> blanks = new ArrayList<>();
        for (Lane lane : opened.lanes()) {
            for (Offcut offcut : lane.offcuts()) {
                if (!offcut.length().isUnder(KINDLING)) {
                    blanks.addAll(cut(plan, opened, lane, offcut));
                }
            }
        }
        return List.copyOf(blanks);
    }

    private static List<Blank> cut(Breakdown plan, Opened opened, Lane lane, Offcut offcut) {
        Blank from = opened.blank();
        Length thickness = opened.book()
                ? from.thickness().minus(plan.task().habits().resawKerf()).dividedBy(2)
                : from.thickness();
        Blank left = new Blank(
                "offcut",
                from.name(),
                offcut.length(),
                lane.strip().height(),
                thickness,
                from.wood(),
                from.ringAngle(),
                from.moisture(),
                from.figure(),
                false,
                "",
                List.of(),
                true);
        return opened.book() ? List.of(left, left) : List.of(left);
    }

    /**
     * The offcuts of a board with their names: “Offcut 2 of Cherry 4”, and of an offcut's offcut the board both came from.
     *
     * @param taken names that lie on the rack already
     */
    public static List<Blank> named(List<Blank> offcuts, Collection<String> taken) {
        List<Blank> named = new ArrayList<>();
        List<String> used = new ArrayList<>(taken);
        for (Blank offcut : offcuts) {
            Matcher again = NAMED.matcher(offcut.name());
            String root = again.matches() ? again.group(2) : offcut.name();
            int n = 1;
            while (used.contains(name(n, root))) {
                n++;
            }
            used.add(name(n, root));
            named.add(offcut.withName(name(n, root)));
        }
        return List.copyOf(named);
    }

    private static String name(int n, String root) {
        String name = "Offcut " + n + " of " + root;
        return OneLine.beginning(name, LONGEST_NAME);
    }
}
