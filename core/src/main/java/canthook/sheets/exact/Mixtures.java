package canthook.sheets.exact;

import canthook.sheets.exact.Grounds.Alike;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What may be opened: all scraps, and so many whole sheets of each kind, by growing area. */
final class Mixtures {
    /** So many are listed; where there are more, no bound is told by them. */
    private static final int MOST = 2_000;

    private final Grounds grounds;
    private final List<int[]> all = new ArrayList<>();

    /** @param under no mixture has more area of whole sheets, mm² */
    Mixtures(Grounds grounds, double under) {
        this.grounds = grounds;
        list(grounds.everySheet(), 0, 0, under);
        all.sort(Comparator.comparingDouble(m -> area(grounds, m)));
    }

    private void list(int[] mixture, int at, double area, double under) {
        if (area > under || all.size() > MOST) {
            return;
        }
        if (at == mixture.length) {
            all.add(mixture.clone());
            return;
        }
        Alike alike = grounds.all.get(at);
        if (alike.scrap()) {
            list(mixture, at + 1, area, under);
            return;
        }
        for (int n = 0; n <= alike.sheets().size(); n++) {
            mixture[at] = n;
            list(mixture, at + 1, area + n * alike.area(), under);
        }
        mixture[at] = alike.sheets().size();
    }

    List<int[]> all() {
        return all;
    }

    /** False where some were left out. */
    boolean isWhole() {
        return all.size() <= MOST;
    }

    /** Area of its whole sheets, mm². */
    static double area(Grounds grounds, int[] mixture) {
        double area = 0;
        for (int a = 0; a < mixture.length; a++) {
            area += grounds.all.get(a).scrap()
                    ? 0
                    : mixture[a] * grounds.all.get(a).area();
        }
        return area;
    }

    /** What all its sheets hold, each with a kerf on two sides, mm². */
    static double holds(Grounds grounds, int[] mixture) {
        double holds = 0;
        for (int a = 0; a < mixture.length; a++) {
            holds += mixture[a] * holds(grounds.all.get(a).ways().get(0));
        }
        return holds;
    }

    /** A sheet holds itself and a kerf on two sides, as every panel takes itself and a kerf on two sides. */
    static double holds(Ground ground) {
        return (ground.length + ground.kerf) * 1e-6 * ((ground.width + ground.kerf) * 1e-6);
    }
}
