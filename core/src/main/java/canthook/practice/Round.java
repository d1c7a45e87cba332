package canthook.practice;

import canthook.fit.Cause;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.practice.Act.Spot;
import canthook.refusal.Refused;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One go at a hidden shop, from what was done in it: always the same for the same shop and the same acts.
 *
 * <p>Parts are good when their clearance is in the band and no finger stands 0.15 off another.
 */
public final class Round {
    /** A round has no more acts than this. */
    public static final int MOST_ACTS = 400;

    private static final double UNEVEN = 0.15;
    /** Its hours are of no matter: ten minutes from test to test, of one day. */
    private static final String DAY = "2000-01-01T%02d:%02d:00Z";

    private final HiddenShop shop;
    private final WorkedPlan worked;
    private final HiddenJig jig;
    private final Set<Cause> bad;
    private final List<TestPiece> pieces = new ArrayList<>();
    private final Map<Cause, Integer> found = new EnumMap<>(Cause.class);
    private final Set<Cause> looked = EnumSet.noneOf(Cause.class);
    private Length meant = Length.ZERO;
    private Caliper caliper;
    private int moves;
    private int reads;
    private int spoilt;
    private boolean made;
    private boolean over;
    private String said = "";
    private Length movedSinceCut = Length.ZERO;
    private @Nullable String shown;

    private Round(HiddenShop shop) {
        this.shop = shop;
        this.worked = Planner.work(shop.plan(), new Shop(HouseRules.DEFAULT, List.of()));
        this.jig = new HiddenJig(shop, worked);
        this.bad = shop.bad().isEmpty() ? EnumSet.noneOf(Cause.class) : EnumSet.copyOf(shop.bad());
        this.caliper = new Caliper(shop.zero(), shop.batteryLow());
    }

    /** A reading that was taken; nothing was shown when {@code shown} is null. */
    public record Taken(Spot spot, int place, @Nullable Double shown) {}

    /** A test piece with what was read on it, and what was moved before it was cut; null where nothing was. */
    public record TestPiece(Piece piece, @Nullable Length moved, List<Taken> taken, double thicker) {
        /** Slot less finger as read, mm; nothing until both were. */
        public OptionalDouble clearance() {
            List<Length> slots = read(Spot.SLOT);
            List<Length> fingers = read(Spot.FINGER);
            return slots.isEmpty() || fingers.isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(mean(slots) - mean(fingers));
        }

        List<Length> read(Spot spot) {
            return taken.stream()
                    .filter(t -> t.spot() == spot && t.shown() != null)
                    .map(t -> Length.mm(Objects.requireNonNull(t.shown())))
                    .toList();
        }
    }

    /**
     * The round after all acts.
     *
     * @throws Refused when an act does not fit what was done before it
     */
    public static Round of(HiddenShop shop, List<Act> acts) {
        Round round = new Round(shop);
        for (Act act : acts) {
            round.does(act);
        }
        return round;
    }

    void does(Act act) {
        if (over) {
            throw new Refused("act", "This round is over.");
        }
        switch (act.kind()) {
            case CUT -> cut();
            case READ -> read(Objects.requireNonNull(act.spot()), act.place() == null ? 0 : act.place());
            case MOVE -> move(Objects.requireNonNull(act.by()));
            case LOOK -> look(Objects.requireNonNull(act.cause()));
            case ZERO -> {
                caliper = caliper.zeroed();
                said = "Jaws wiped and closed: the caliper shows 0.00.";
            }
            case BATTERY -> {
                caliper = caliper.withNewBattery();
                said = "A new battery is in.";
            }
            case PARTS -> parts();
            case GIVE_UP -> {
                over = true;
                said = "Here is what was hidden.";
            }
        }
    }

    private Random random(int what, int number) {
        return new Random(shop.seed() * 1_000_003L + what * 10_007L + number);
    }

    private void cut() {
        boolean thick = bad.contains(Cause.SCRAP);
        Piece piece = Piece.cut(jig.cutting(bad, thick, Act.PLACES), random(1, pieces.size()));
        pieces.add(new TestPiece(
                piece,
                movedSinceCut.equals(Length.ZERO) ? null : movedSinceCut,
                List.of(),
                thick ? shop.scrapThicker() : 0));
        movedSinceCut = Length.ZERO;
        said = "Test piece " + pieces.size() + " is cut.";
    }

    private void read(Spot spot, int place) {
        if (pieces.isEmpty() && spot != Spot.CLOSED) {
            throw new Refused("spot", "There is nothing to read yet: cut a test piece.");
        }
        OptionalDouble shown = caliper.read(width(spot, place), random(2, reads++));
        this.shown = shown.isPresent() ? text(shown.getAsDouble()) : null;
        if (spot == Spot.CLOSED || spot == Spot.THICKNESS) {
            said = (spot == Spot.CLOSED ? "Jaws closed: it shows " : "The test piece is as thick as ")
                    + (shown.isPresent() ? text(shown.getAsDouble()) : "nothing")
                    + (spot == Spot.CLOSED ? "." : "; the parts are " + text(partThickness()) + ".");
        } else {
            said = shown.isPresent() ? "" : "It shows nothing. A flat battery?";
        }
        if (spot != Spot.CLOSED) {
            int last = pieces.size() - 1;
            TestPiece piece = pieces.get(last);
            List<Taken> taken = new ArrayList<>(piece.taken());
            taken.removeIf(t -> t.spot() == spot && t.place() == place);
            taken.add(new Taken(spot, place, shown.isPresent() ? shown.getAsDouble() : null));
            pieces.set(last, new TestPiece(piece.piece(), piece.moved(), List.copyOf(taken), piece.thicker()));
        }
    }

    double width(Spot spot, int place) {
        TestPiece last = pieces.isEmpty() ? null : pieces.get(pieces.size() - 1);
        return switch (spot) {
            case SLOT -> last == null ? 0 : last.piece().slots()[place];
            case FINGER -> last == null ? 0 : last.piece().fingers()[place];
            case THICKNESS -> last == null ? 0 : partThickness() + last.thicker();
            case CLOSED -> 0;
        };
    }

    private double partThickness() {
        return shop.plan().size().thickness().mm();
    }

    private void move(Length by) {
        jig.move(
                by,
                bad.contains(Cause.CLAMP) && moves == 0,
                shop.hand() * random(3, moves).nextGaussian());
        moves++;
        movedSinceCut = movedSinceCut.plus(by);
        meant = meant.plus(by);
        said = "Moved " + text(by.abs().mm()) + (by.isPositive() ? " away from the cutter." : " towards the cutter.");
    }

    double slot() {
        return jig.slot();
    }

    double finger() {
        return jig.finger();
    }

    /** What slot less finger truly is with nothing gone wrong, mm. */
    public double trueClearance() {
        return jig.slot() - jig.finger();
    }

    private void look(Cause cause) {
        said = cause.look() + " ";
        looked.add(cause);
        if (!bad.remove(cause)) {
            said += "There is nothing wrong.";
            return;
        }
        found.put(cause, pieces.size());
        said += switch (cause) {
            case PRESSED -> "You did press both ways. Now they all bear on the same side.";
            case DUST -> "There it was. Brushed away.";
            case CLAMP -> "It had sprung back. Now it is locked, where it sprang to.";
            case SCRAP -> "It was thicker than the parts. The next is as thick.";
            case BLADE -> "There was a chip under the collar. Now it runs true.";
            case WRONG_WAY, TWICE -> "So it was.";
        };
    }

    private void parts() {
        Piece parts = Piece.cut(
                jig.cutting(bad, false, worked.fingers().chosen().fingers().count()), random(4, spoilt));
        double c = parts.clearance();
        Fit fit = fit();
        boolean tight = c < fit.bandFrom().length().mm();
        boolean loose = c > fit.bandTo().length().mm();
        if (parts.uneven() > UNEVEN) {
            spoilt++;
            said = "The parts do not go together: their fingers lie " + text(parts.uneven())
                    + " apart. One board spoilt.";
        } else if (tight || loose) {
            spoilt++;
            said = "The parts " + (tight ? "jam" : "rattle") + ". One board spoilt.";
        } else {
            made = true;
            over = true;
            said = "The parts go together.";
        }
    }

    /** The fit as the bench would judge it from what was read. */
    public Fit fit() {
        return Fit.of(shop.plan(), worked.fingers(), worked.jig(), new Shop(HouseRules.DEFAULT, tests()));
    }

    /** The plan as the bench would show it, with what was read. */
    public WorkedPlan atBench() {
        return Planner.work(shop.plan(), new Shop(HouseRules.DEFAULT, tests()));
    }

    private List<TestCut> tests() {
        List<TestCut> cuts = new ArrayList<>();
        for (TestPiece piece : pieces) {
            List<Length> slots = piece.read(Spot.SLOT);
            List<Length> fingers = piece.read(Spot.FINGER);
            if (!slots.isEmpty() && !fingers.isEmpty()) {
                cuts.add(new TestCut(
                                String.format(Locale.ROOT, DAY, cuts.size() / 6 % 24, cuts.size() % 6 * 10),
                                slots,
                                fingers,
                                piece.moved())
                        .cutFor(
                                worked.fingers().chosen().sections().count(),
                                worked.fingers().chosen().kerf().length()));
            }
        }
        return cuts;
    }

    private static String text(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm);
    }

    public HiddenShop shop() {
        return shop;
    }

    public BoxPlan plan() {
        return shop.plan();
    }

    public WorkedPlan worked() {
        return worked;
    }

    public List<TestPiece> pieces() {
        return List.copyOf(pieces);
    }

    /** A test piece as it was read and as it was, clearances in mm; those alone on which both were read. */
    public record Seen(double read, double was) {}

    /** Every test piece that was read, in order. */
    public List<Seen> seen() {
        return pieces.stream()
                .filter(p -> p.clearance().isPresent())
                .map(p -> new Seen(p.clearance().getAsDouble(), p.piece().clearance()))
                .toList();
    }

    private static double mean(List<Length> readings) {
        return readings.stream().mapToDouble(Length::mm).average().orElseThrow();
    }

    /** What still goes wrong. */
    public Set<Cause> bad() {
        return Set.copyOf(bad);
    }

    /** What happened last, in a sentence or two; may be empty. */
    public String said() {
        return said;
    }

    public int cuts() {
        return pieces.size();
    }

    public int spoilt() {
        return spoilt;
    }

    public int moves() {
        return moves;
    }

    /** Whether the parts went together. */
    public boolean isMade() {
        return made;
    }

    public boolean isOver() {
        return over;
    }

    public boolean isBatteryLow() {
        return caliper.low();
    }

    /** What was moved since the last test piece. */
    public Length movedSinceCut() {
        return movedSinceCut;
    }

    /** What the caliper shows; null where it shows nothing. */
    public @Nullable String shown() {
        return shown;
    }

    /** How far it was meant to be moved in all. */
    Length meant() {
        return meant;
    }

    Set<Cause> lookedFor() {
        return Set.copyOf(looked);
    }

    /** After which test piece a cause was found; 0 while it is not. */
    int foundAt(Cause cause) {
        return found.getOrDefault(cause, 0);
    }

    /** How far it was moved in all, as it truly was, mm. */
    double trulyMoved() {
        return jig.moved();
    }
}
