package canthook.planner;

import canthook.bottom.BottomPanel;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.lid.SlidingLid;
import canthook.panel.PanelWidth;
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
        stations.add(station(worked, "bottom", "Bottom", bottom(worked), false));
        stations.add(station(worked, "lid", "Lid", lid(worked), false));
        return stations;
    }

    private static Station station(WorkedPlan worked, String id, String title, String line, boolean waits) {
        Verdict.Weight worst = null;
        for (Verdict verdict : worked.verdicts()) {
            boolean ours = verdict.station().equals(id)
                    || (verdict.station().equals("seasons") && panelOf(worked, id) != null);
            if (ours && (worst == null || verdict.weight().compareTo(worst) > 0)) {
                worst = verdict.weight();
            }
        }
        return new Station(id, title, line, waits, worst);
    }

    private static @Nullable PanelWidth panelOf(WorkedPlan worked, String id) {
        return switch (id) {
            case "bottom" -> worked.bottom().across();
            case "lid" -> worked.lid().across();
            default -> null;
        };
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
            case AWAY -> "move " + amount + " away";
            case TOWARDS -> "move " + amount + " towards";
        };
    }

    private static String bottom(WorkedPlan worked) {
        BottomPanel bottom = worked.bottom();
        if (bottom.across() == null || bottom.along() == null) {
            return "none";
        }
        return "panel " + number(worked, bottom.along()) + " × "
                + number(worked, bottom.across().cut());
    }

    private static String lid(WorkedPlan worked) {
        SlidingLid lid = worked.lid();
        if (lid.across() == null) {
            return "none";
        }
        return "slides, line " + (lid.isOnBoundary() ? "on" : "off") + " a boundary";
    }

    private static String number(WorkedPlan worked, Worked number) {
        String text = number.number(display(worked));
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }

    private static LengthDisplay display(WorkedPlan worked) {
        return worked.plan().display();
    }
}
