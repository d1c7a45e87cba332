package canthook.sheets.exact;

import canthook.sheets.exact.Grounds.Alike;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** What no plan of sheets can pass, by area alone. */
final class SheetBounds {
    private final Grounds grounds;

    SheetBounds(Grounds grounds) {
        this.grounds = grounds;
    }

    /** Whole sheets must hold what the scraps cannot. */
    double leastByArea(int missing) {
        return Math.max(0, need(missing) - scraps()) / mostPerArea();
    }

    /**
     * Every panel takes itself and a kerf on two sides, as a sheet holds itself and a kerf on two sides.
     *
     * @param missing panels the plan does not make; at the best they are the largest
     */
    double need(int missing) {
        double kerf = grounds.task.kerf().mm();
        List<Double> each = new ArrayList<>();
        for (int p = 0; p < grounds.wanted.length; p++) {
            var panel = grounds.task.panels().get(p);
            double takes = (panel.along().mm() + kerf) * (panel.across().mm() + kerf);
            each.addAll(Collections.nCopies(grounds.wanted[p], takes));
        }
        Collections.sort(each);
        return each.stream()
                .limit(Math.max(0, each.size() - missing))
                .mapToDouble(takes -> takes)
                .sum();
    }

    /** With their kerfs, panels and the rectangle that is left share what was opened. */
    double left(List<Pattern> plan, int missing, double area) {
        if (missing > 0) {
            return plan.stream().mapToDouble(p -> p.ground().area()).max().orElse(0);
        }
        double kerf = grounds.task.kerf().mm();
        double room = Math.max(0, scraps() + area * mostPerArea() - need(missing));
        double most = 0;
        for (Alike alike : grounds.all) {
            double longer = Math.max(alike.ways().get(0).length, alike.ways().get(0).width) * 1e-6;
            double shorter = Math.min(alike.ways().get(0).length, alike.ways().get(0).width) * 1e-6;
            double square = Math.max(0, Math.sqrt(room) - kerf);
            double here =
                    square <= shorter ? square * square : shorter * Math.min(longer, room / (shorter + kerf) - kerf);
            most = Math.max(most, here);
        }
        return most;
    }

    private double scraps() {
        return grounds.all.stream()
                .filter(Alike::scrap)
                .mapToDouble(a -> Mixtures.holds(a.ways().get(0)) * a.sheets().size())
                .sum();
    }

    /** A kerf along two sides of many small sheets is more than of one large sheet. */
    private double mostPerArea() {
        return grounds.all.stream()
                .filter(a -> !a.scrap())
                .mapToDouble(a -> Mixtures.holds(a.ways().get(0)) / a.area())
                .max()
                .orElse(1);
    }
}
