package canthook.practice;

import canthook.fit.Cause;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.practice.Act.Kind;
import canthook.practice.Act.Spot;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A maker who knows nothing but what is read, and does what the Fit station says: cuts, reads three slots and three fingers, looks for the
 * causes that are named in their order, else moves as told, and cuts the parts when the fit would do.
 *
 * @param round as it ended
 * @param acts what was done
 * @param wrongWay moves that went away from the fit, judged by the piece they were read on
 * @param named for every cause that was named, on which test piece it was first and as the which of the list, from 1
 */
public record Coach(Round round, List<Act> acts, int wrongWay, Map<Cause, Named> named) {
    private static final int MOST_PIECES = 12;
    private static final double CLOSE = 0.02;

    /** When a cause was first named, and where in the list. */
    public record Named(int test, int rank) {}

    public Coach {
        acts = List.copyOf(acts);
        named = Map.copyOf(named);
    }

    /** Goes through a shop. */
    public static Coach through(HiddenShop shop) {
        Walk walk = new Walk(Round.of(shop, List.of()));
        while (!walk.round.isOver() && walk.round.cuts() < MOST_PIECES) {
            walk.test();
            walk.follow();
        }
        return new Coach(walk.round, walk.acts, walk.wrongWay, walk.named);
    }

    private static final class Walk {
        private final Round round;
        private final List<Act> acts = new ArrayList<>();
        private final Map<Cause, Named> named = new LinkedHashMap<>();
        private final List<Cause> looked = new ArrayList<>();
        private int wrongWay;

        Walk(Round round) {
            this.round = round;
        }

        private void does(Act act) {
            acts.add(act);
            round.does(act);
        }

        void test() {
            if (round.isBatteryLow()) {
                does(Act.of(Kind.BATTERY));
            }
            does(Act.of(Kind.CUT));
            for (int i = 0; i < Act.PLACES; i++) {
                does(Act.read(Spot.SLOT, i));
                does(Act.read(Spot.FINGER, i));
            }
        }

        void follow() {
            Fit fit = round.fit();
            Fit.Reading reading = Objects.requireNonNull(fit.reading());
            List<Cause> causes = reading.causes();
            for (int i = 0; i < causes.size(); i++) {
                named.putIfAbsent(causes.get(i), new Named(round.cuts(), i + 1));
            }
            for (Cause cause : causes) {
                if (!looked.contains(cause)) {
                    looked.add(cause);
                    int before = round.bad().size();
                    does(Act.look(cause));
                    if (round.bad().size() < before) {
                        return;
                    }
                }
            }
            if (!causes.isEmpty()) {
                return;
            }
            Length clearance = reading.clearance().length();
            if (reading.correction() == null
                    || !clearance.isUnder(fit.bandFrom().length())
                            && !clearance.isOver(fit.bandTo().length())) {
                does(Act.of(Kind.PARTS));
                return;
            }
            Length made = reading.correction().made();
            Piece piece = round.pieces().get(round.cuts() - 1).piece();
            double off = piece.clearance() - fit.target().length().mm();
            if (Math.abs(off) > CLOSE && Math.signum(off) != Math.signum(made.mm())) {
                wrongWay++;
            }
            if (made.equals(Length.ZERO)) {
                does(Act.of(Kind.PARTS));
            } else {
                does(Act.move(made));
            }
        }
    }
}
