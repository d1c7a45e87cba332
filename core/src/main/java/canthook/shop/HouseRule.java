package canthook.shop;

import canthook.refusal.Refused;
import java.util.Arrays;
import java.util.Locale;

/**
 * One habit of the shop: what it is, its default, how far it may be moved, and why it is as it is. A plan may override the
 * ones that have a field.
 */
public enum HouseRule {
    CLEARANCE_HARD(
            Group.FIT,
            "Clearance, hard solid wood",
            length(0.12, 0, 1),
            "hard solid wood (specific gravity 0.45 and up) goes together under light hand pressure."),
    CLEARANCE_SOFT(
            Group.FIT,
            "Clearance, soft solid wood",
            length(0.06, 0, 1),
            "soft solid wood (specific gravity under 0.45) crushes a little: less is snug."),
    CLEARANCE_PLYWOOD(
            Group.FIT,
            "Clearance, sheet goods",
            length(0.20, 0, 1),
            "sheet goods do not crush and glue grabs: at this much they slide together."),
    BAND_AROUND(
            Group.FIT,
            "Acceptable either way, solid wood",
            length(0.06, 0.005, 0.5),
            "between too tight to close and too loose to hold."),
    BAND_AROUND_PLYWOOD(
            Group.FIT,
            "Acceptable either way, sheet goods",
            length(0.08, 0.005, 0.5),
            "between too tight to close and too loose to hold."),
    EXTRA_PER_TEN_SECTIONS(
            Group.FIT,
            "Extra clearance per ten sections above twelve",
            length(0.02, 0, 0.2),
            "many sections add up their errors."),
    SMALLEST_MOVE(
            Group.FIT,
            "Smallest correction worth making",
            length(0.02, 0.001, 0.2),
            "a caliper is no better, and its small inside jaws read slots narrow."),
    KERF_DIFFERS(
            Group.FIT,
            "Offer a new kerf when the slot is off by",
            length(0.03, 0.005, 0.5),
            "a slot that reads off by more was cut with another kerf than was planned for."),
    INDEX_ERROR(
            Group.FIT,
            "Error of a step from slot to slot",
            length(0.02, 0.001, 0.3),
            "what a key or a stop repeats to, standard deviation, until several fingers and slots of one test piece tell it."),
    CRUSH_SOFT(
            Group.FIT,
            "Crushes at each wall, soft solid wood",
            length(0.05, 0, 0.3),
            "soft wood (specific gravity under 0.45) gives this much where it is driven together."),
    CRUSH_HARD(
            Group.FIT,
            "Crushes at each wall, hard solid wood",
            length(0.02, 0, 0.3),
            "hard wood gives little; sheet goods give nothing."),
    SECTION_LEAST(
            Group.FINGERS,
            "Section to thickness, at least",
            ratio(0.5, 0.1, 1),
            "narrower fingers are many, slow to cut and easily broken off."),
    SECTION_MOST(
            Group.FINGERS,
            "Section to thickness, at most",
            ratio(1.5, 1, 6),
            "wider fingers glue less and move more across each other."),
    SECTION_BEST_FROM(
            Group.FINGERS, "Section to thickness, best from", ratio(0.7, 0.1, 1.5), "a joint that looks and holds."),
    SECTION_BEST_TO(Group.FINGERS, "Section to thickness, best to", ratio(1, 0.2, 4), "a joint that looks and holds."),
    OVERLAP(
            Group.FINGERS,
            "Neighbouring passes overlap by",
            length(0.2, 0, 2),
            "less leaves a whisker of wood between two passes."),
    ONE_LOWER_BY(
            Group.FINGERS,
            "Height given up for one-pass slots",
            length(1, 0, 20),
            "a millimetre of height is a fair price for one pass a slot."),
    EXPECTED_CHANGE(
            Group.FINGERS,
            "Largest change of clearance to expect",
            length(0.1, 0, 1),
            "a first test cut is seldom further off than a tenth of a millimetre."),
    LEAST_OVER_HEIGHT(
            Group.FINGERS,
            "Ripped over the closing height by, at least",
            length(0.5, 0, 10),
            "the height is ripped to its last only when the fit is settled."),
    KEY_SLIMMER_BY(
            Group.FINGERS,
            "Key slimmer than its slot by",
            length(0.03, 0, 0.5),
            "a key must slip into its slot without play that shows."),
    PROUD_SANDED(Group.SIZE, "Proud, sanded flush", length(0.4, 0, 3), "a hair proud sands flush; more is work."),
    PROUD_TRIMMED(
            Group.SIZE,
            "Proud, trimmed with a router or saw",
            length(1, 0, 10),
            "a router or saw needs something to trim; a millimetre is easy to see and quick to take off."),
    PROUD_BY_DESIGN(Group.SIZE, "Proud by design", length(3, 0.1, 20), "tips bevelled and left want to be seen."),
    UNDER(
            Group.SIZE,
            "Tips left under the face by",
            length(0.3, 0, 3),
            "tips a little under let a plane run over long grain only."),
    STEP_BETWEEN_MATES(
            Group.SIZE,
            "Mates may move apart by, over the year",
            length(0.3, 0.01, 3),
            "more is a step at the edges one feels, and strains the glue."),
    SQUARING(
            Group.BLANK,
            "Squaring loss at each end of a board",
            length(10, 0, 300),
            "a sawn end is seldom square or sound."),
    SNIPE(
            Group.BLANK,
            "Planer snipe at each end",
            length(60, 0, 300),
            "a planer takes a hair more where the board enters and leaves."),
    SAW_KERF(
            Group.BLANK,
            "Kerf of the saw that cuts parts apart",
            length(3.2, 0.3, 8),
            "taken where the joint's cutter is no saw blade: a stack or a bit does not cut a board apart."),
    RESAW_KERF(
            Group.BLANK,
            "Kerf of the resaw",
            length(1.5, 0.3, 8),
            "a band saw's tall cut, with its wander; measure your own."),
    PLANING(
            Group.BLANK,
            "Planed off a resawn half, both faces",
            length(2, 0, 20),
            "resawn halves cup while they rest: a millimetre a face takes it out."),
    SPREAD(
            Group.BLANK,
            "Planed parts may differ in thickness by",
            length(0.1, 0.01, 1),
            "more shows in the cutter height and in the proud."),
    GROOVE_SHARE(
            Group.PANEL,
            "Groove depth, at most this share of the wall",
            ratio(0.5, 0.1, 0.8),
            "what is left outside a deeper groove is weak."),
    LEAST_WALL_LEFT(
            Group.PANEL,
            "Wall left outside a groove, at least",
            length(2, 0.5, 20),
            "less breaks out when the groove is stopped or the box is dropped."),
    LEAST_ENGAGEMENT(
            Group.PANEL,
            "Panel held at the driest, at least",
            length(2, 0, 20),
            "a panel that slides to one side must not drop out at the other."),
    ENGAGEMENT_SHARE(
            Group.PANEL,
            "… and at least this share of the groove's depth",
            ratio(1.0 / 3, 0, 0.9),
            "a deep groove asks for more of the panel in it."),
    END_FIT(
            Group.PANEL,
            "End-grain fit along the grain, total",
            length(0.5, 0, 5),
            "wood hardly moves along the grain: enough to slip in and close flush."),
    LEAST_GAP(
            Group.PANEL,
            "Gap left at the wettest, at least, total",
            length(0.5, 0, 10),
            "or the movement for 1 % of moisture when that is more; a meter is no better."),
    RUNNING(
            Group.PANEL,
            "Running clearance of a sliding lid across, total",
            length(0.8, 0, 5),
            "a lid must still slide on the wettest day."),
    VERTICAL(
            Group.PANEL,
            "Clearance of a sliding lid in the groove's height",
            length(0.25, 0, 3),
            "less binds, more tips."),
    FLATTENED(
            Group.PANEL,
            "Flattened off each edge where a lid was sawn off",
            length(0.3, 0, 5),
            "the saw's marks, and where the fourth cut did not quite meet the first."),
    LIP_CLEARANCE(
            Group.PANEL,
            "Clearance of a lip or a liner at the wettest, total",
            length(0.6, 0, 5),
            "it must still enter on the wettest day, and not rattle on the driest."),
    SECONDS_PER_PASS(
            Group.CUT,
            "Time for a pass at the saw",
            seconds(12, 1, 600),
            "move the part, press it home, push through, bring it back."),
    SECONDS_BY_HAND(
            Group.CUT,
            "Seconds a slot by hand",
            seconds(90, 10, 1800),
            "sawn at two lines, chopped from both faces, pared."),
    SECONDS_PER_SETUP(
            Group.CUT,
            "Time to put a stack in and out of the jig",
            seconds(90, 5, 3600),
            "square the stack, clamp it, renew the backing."),
    STACK_HIGHEST(
            Group.CUT,
            "A stack may be as thick as",
            length(50, 5, 200),
            "clamp and backing board hold no more upright and square."),
    GLUE_PER_FACE(
            Group.GLUE,
            "Time to spread glue, each finger face",
            seconds(4, 0.5, 60),
            "brush in hand, one of the two mates."),
    CLOSE_AND_SQUARE(
            Group.GLUE,
            "Time to close and square a box",
            seconds(180, 10, 1800),
            "clamps on, diagonals measured, once more."),
    OUT_OF_SQUARE(
            Group.GLUE,
            "Diagonals may differ by, on 300",
            length(0.5, 0.05, 5),
            "what a lid or a drawer does not show."),
    FLUSHING(
            Group.FINISH,
            "To plane or sand the tips of a box flush",
            minutes(30, 1, 600),
            "all four corners, from the edges inwards."),
    TRIMMING(Group.FINISH, "To trim the tips of a box by machine", minutes(20, 1, 600), "set once, four corners."),
    PLANING_A_LID(Group.FINISH, "To plane a lid and fit it", minutes(30, 1, 600), "both faces and the edges."),
    HANGING(Group.FINISH, "To hang a lid", minutes(30, 1, 600), "screws in and out again before the brass ones."),
    RESAWING(Group.FINISH, "To resaw the wood of a box", minutes(20, 1, 600), "split, marked, on stickers."),
    RESAWN_RESTS(
            Group.FINISH,
            "Resawn wood rests",
            days(7, 0, 120),
            "it moves for days while its strain and its damp even out.");

    /** What a rule is about. */
    public enum Group {
        FIT,
        FINGERS,
        SIZE,
        BLANK,
        CUT,
        PANEL,
        GLUE,
        FINISH
    }

    /** What a rule is measured in: millimetres, a ratio, or a time. */
    public enum Kind {
        LENGTH(""),
        RATIO(""),
        SECONDS("s"),
        MINUTES("min"),
        DAYS("days");

        private final String unit;

        Kind(String unit) {
            this.unit = unit;
        }

        /** What stands behind the number; nothing for a length, which has that of its display. */
        public String unit() {
            return unit;
        }
    }

    /** What a rule is measured in, where a new shop starts, and how far it may be moved. */
    private record Span(Kind kind, double usual, double least, double most) {}

    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');
    private final Group group;
    private final String label;
    private final Span span;
    private final String reason;

    HouseRule(Group group, String label, Span span, String reason) {
        this.group = group;
        this.label = label;
        this.span = span;
        this.reason = reason;
    }

    private static Span length(double usual, double least, double most) {
        return new Span(Kind.LENGTH, usual, least, most);
    }

    private static Span ratio(double usual, double least, double most) {
        return new Span(Kind.RATIO, usual, least, most);
    }

    private static Span seconds(double usual, double least, double most) {
        return new Span(Kind.SECONDS, usual, least, most);
    }

    private static Span minutes(double usual, double least, double most) {
        return new Span(Kind.MINUTES, usual, least, most);
    }

    private static Span days(double usual, double least, double most) {
        return new Span(Kind.DAYS, usual, least, most);
    }

    /** Stable name, readable in an address: {@code key-slimmer-by}. */
    public String id() {
        return id;
    }

    /** @throws Refused when there is no such rule */
    public static HouseRule byId(String id) {
        return Arrays.stream(values())
                .filter(rule -> rule.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused("id", "There is no house rule called “" + id + "”."));
    }

    public Group group() {
        return group;
    }

    public String label() {
        return label;
    }

    public Kind kind() {
        return span.kind;
    }

    /** What a new shop starts from: millimetres, a ratio, seconds. */
    public double usual() {
        return span.usual;
    }

    public double least() {
        return span.least;
    }

    public double most() {
        return span.most;
    }

    /** Why it is as it is; the end of a sentence. */
    public String reason() {
        return reason;
    }
}
