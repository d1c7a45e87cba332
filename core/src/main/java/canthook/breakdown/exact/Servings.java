package canthook.breakdown.exact;

import canthook.breakdown.BreakdownTask.Wanted;
import canthook.breakdown.exact.Rooms.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * What one room may hold of one kind of box. Of a few boxes every mixture is listed that is not simply worse than another; of many
 * any mixture is allowed.
 *
 * @param first of the kind's pieces in the room's list
 * @param pieces of the kind
 * @param mixtures counts of the pieces; empty when they are too many to list
 */
record Servings(int first, List<Piece> pieces, List<int[]> mixtures) {
    private static final int MOST_MIXTURES = 90;

    /** The pieces of a room, kind by kind. */
    static List<Servings> of(Rooms rooms, List<Piece> all) {
        List<Servings> servings = new ArrayList<>();
        for (int from = 0, to; from < all.size(); from = to) {
            to = from;
            while (to < all.size() && all.get(to).kind() == all.get(from).kind()) {
                to++;
            }
            List<Piece> pieces = all.subList(from, to);
            List<int[]> mixtures = new ArrayList<>();
            Wanted box = rooms.boxes().get(all.get(from).kind());
            boolean listed = mix(box, rooms.longest(), pieces, new int[pieces.size()], 0, mixtures);
            servings.add(new Servings(from, pieces, listed ? mixtures : List.of()));
        }
        return servings;
    }

    private static boolean mix(Wanted box, long room, List<Piece> pieces, int[] counts, int i, List<int[]> into) {
        if (i == pieces.size()) {
            if (!isWorse(box, pieces, counts)) {
                into.add(counts.clone());
            }
            return into.size() <= MOST_MIXTURES;
        }
        Piece piece = pieces.get(i);
        for (counts[i] = 0; counts[i] <= piece.most() && isWanted(box, room, pieces, counts, i); counts[i]++) {
            if (!mix(box, room, pieces, counts, i + 1, into)) {
                return false;
            }
        }
        counts[i] = 0;
        return true;
    }

    private static boolean isWanted(Wanted box, long room, List<Piece> pieces, int[] counts, int upTo) {
        long sides = 0;
        long ends = 0;
        long length = 0;
        for (int i = 0; i <= upTo; i++) {
            sides += (long) counts[i] * pieces.get(i).form().sides;
            ends += (long) counts[i] * pieces.get(i).form().ends;
            length += counts[i] * pieces.get(i).length();
        }
        return sides <= 2L * box.count() + box.spareSides()
                && ends <= 2L * box.count() + box.spareEnds()
                && length <= room;
    }

    /** A side and an end are better as a pair, and with a pair as a run; unless they may be spares. */
    static boolean isWorse(Wanted box, List<Piece> pieces, int[] counts) {
        if (box.spareSides() + box.spareEnds() > 0 || pieces.size() < 4) {
            return false;
        }
        int pairs = counts[1];
        boolean both = counts[2] > 0 && counts[3] > 0;
        return both && (pairs > 0 || pieces.get(1).most() > pairs);
    }

    boolean isListed() {
        return !mixtures.isEmpty();
    }

    long length(int[] mixture) {
        long length = 0;
        for (int i = 0; i < mixture.length; i++) {
            length += mixture[i] * pieces.get(i).length();
        }
        return length;
    }
}
