package canthook.planner;

import canthook.fit.Fit;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The stations of the bench in shop order, each with the line it has settled and its worst verdict. */
public final class Stations {
    private Stations() {}

    /**
     * One station.
     *
     * @param line what it has settled, in one line
     * @param waits whether it still waits for something from the maker
     * @param worst weight of its worst verdict; null when all is well
     */
    public record Station(String id, String title, String line, boolean waits, Verdict.@Nullable Weight worst) {}

    public static List<Station> of(WorkedPlan worked) {
        List<Station> stations = new ArrayList<>();
        stations.add(station(worked, "size", "Size", size(worked), false));
        stations.add(station(worked, "fingers", "Fingers", fingers(worked), false));
        stations.add(station(worked, "blank", "Blank", blank(worked), false));
        stations.add(station(worked, "jig", "Jig", worked.jig().line(display(worked)), false));
        stations.add(station(worked, "cut", "Cut", cut(worked), false));
        stations.add(station(worked, "fit", "Fit", fit(worked), worked.fit().reading() == null));
        stations.add(station(worked, "bottom", "Bottom", worked.bottom().line(display(worked)), false));
        stations.add(station(worked, "lid", "Lid", worked.lid().line(display(worked)), false));
        return stations;
    }

    private static Station station(WorkedPlan worked, String id, String title, String line, boolean waits) {
        Verdict.Weight worst = null;
        for (Verdict verdict : worked.found()) {
            boolean ours = verdict.station().equals(id)
                    || (verdict.station().equals("seasons") && worked.panel(id).isPresent());
            if (ours && (worst == null || verdict.weight().compareTo(worst) > 0)) {
                worst = verdict.weight();
            }
        }
        return new Station(id, title, line, waits, worst);
    }

    private static String size(WorkedPlan worked) {
        return "outside " + number(worked, worked.size().outsideLength()) + " × "
                + number(worked, worked.size().outsideWidth()) + " × "
                + number(worked, worked.size().height());
    }

    private static String fingers(WorkedPlan worked) {
        return worked.fingers().chosen().sections().count() + " sections of "
                + number(worked, worked.fingers().chosen().slot());
    }

    private static String blank(WorkedPlan worked) {
        BatchWish batch = worked.plan().batch();
        if (batch != null) {
            int boxes = batch.count()
                    + batch.others().stream().mapToInt(BatchWish.Other::count).sum();
            return (boxes == 1 ? "one box" : boxes + " boxes") + " from the rack";
        }
        if (!worked.blank().fits()) {
            return "the board does not give it";
        }
        return number(worked, worked.blank().needed()) + " of "
                + number(worked, worked.blank().length());
    }

    private static String cut(WorkedPlan worked) {
        int passes = worked.cuts().passes().count();
        return passes == 0
                ? "waits for a way to index"
                : passes + " passes, " + worked.cuts().time().text(display(worked));
    }

    private static String fit(WorkedPlan worked) {
        Fit.Reading reading = worked.fit().reading();
        if (reading == null) {
            return "waits for a test cut";
        }
        Length size = reading.move().length().abs();
        String amount = display(worked).number(size, Precision.FIT);
        return switch (reading.direction()) {
            case STAY -> "clearance " + number(worked, reading.clearance());
            case AWAY -> amount + " too loose";
            case TOWARDS -> amount + " too tight";
        };
    }

    private static String number(WorkedPlan worked, Worked number) {
        return number.shortly(display(worked));
    }

    private static LengthDisplay display(WorkedPlan worked) {
        return worked.plan().display();
    }
}
