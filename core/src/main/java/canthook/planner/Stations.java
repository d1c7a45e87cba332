package canthook.planner;

import canthook.fingers.Pace;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The stations of the bench in shop order, each with the line it has settled and its worst verdict. */
public final class Stations {
    /** A height off by less is told as the wished one. */
    private static final Length TELLS = Length.mm(0.5);

    private Stations() {}

    /**
     * One station.
     *
     * @param line what it has settled, in one line
     * @param waits whether it still waits for something from the maker
     * @param worst weight of its worst verdict; null when all is well
     */
    public record Station(String id, String title, String line, boolean waits, Verdict.@Nullable Weight worst) {}

    /** Every station as it stands. */
    public static List<Station> of(WorkedPlan worked) {
        List<Station> stations = new ArrayList<>();
        for (Place place : Place.values()) {
            if (place.isStation()) {
                stations.add(new Station(
                        place.id(), place.title(), line(worked, place), waits(worked, place), worst(worked, place)));
            }
        }
        return stations;
    }

    /**
     * What to do next, given what is done: what still stands before the wood first (a stop, then something to mind, then what waits), and
     * then the first step that is not done. Stations whose work is behind the maker are not asked any more.
     *
     * @param done ids of steps that are done
     */
    public static Next next(WorkedPlan worked, Set<String> done) {
        Set<String> behind = worked.finish().behind(done);
        List<Station> open = new ArrayList<>();
        List<Station> all = of(worked);
        for (Station station : all) {
            if (!isBehind(Place.byId(station.id()), behind)) {
                open.add(station);
            }
        }
        Optional<Station> first = open.stream()
                .filter(s -> s.worst() == Verdict.Weight.STOP)
                .findFirst()
                .or(() -> open.stream()
                        .filter(s -> s.worst() == Verdict.Weight.MIND)
                        .findFirst());
        if (first.isPresent()) {
            Station station = first.get();
            String sentence = worked.found().stream()
                    .filter(v -> v.station().equals(station.id()) && v.weight() == station.worst())
                    .map(Verdict::sentence)
                    .findFirst()
                    .orElse(station.title() + ": " + station.line());
            return new Next(station, sentence);
        }
        Optional<Station> waits = open.stream().filter(Station::waits).findFirst();
        if (waits.isPresent()) {
            return new Next(
                    waits.get(), waits.get().title() + ": " + waits.get().line());
        }
        Station last = all.get(all.size() - 1);
        return worked.finish().tasks().stream()
                .filter(t -> !t.hands().isZero() && !behind.contains(t.id()))
                .findFirst()
                .map(t -> new Next(all.get(at(t.id()).ordinal()), t.says() + "."))
                .orElseGet(() -> new Next(
                        last,
                        worked.finish().cures()
                                ? "All is done. Let it cure, then write down what it took."
                                : "All is done. Write down what it took."));
    }

    /** Where a step is done. */
    private static Place at(String step) {
        return switch (step) {
            case "resaw" -> Place.BLANK;
            case "cut" -> Place.CUT;
            case "glue", "glue.halves", "trim" -> Place.GLUE;
            default -> Place.FINISH;
        };
    }

    private static boolean isBehind(Place place, Set<String> behind) {
        return switch (place) {
            case SIZE, CORNERS, BEGUN, FINGERS, BLANK, JIG, FIT, CUT -> behind.contains("cut");
            case BOTTOM, LID, FITTINGS, GLUE -> behind.contains("glue");
            case FINISH -> false;
        };
    }

    /** A station, and what is to be done there. */
    public record Next(Station station, String sentence) {}

    private static String line(WorkedPlan worked, Place place) {
        return switch (place) {
            case SIZE, CORNERS, BEGUN -> size(worked);
            case FINGERS -> fingers(worked);
            case BLANK -> blank(worked);
            case JIG -> worked.jig().line(display(worked));
            case CUT -> cut(worked);
            case FIT -> fit(worked);
            case BOTTOM -> worked.bottom().line(display(worked));
            case LID -> worked.lid().line(display(worked));
            case FITTINGS -> worked.fittings().line();
            case GLUE -> worked.glue().line(display(worked));
            case FINISH -> worked.finish().line(display(worked));
        };
    }

    private static boolean waits(WorkedPlan worked, Place place) {
        return place == Place.FIT && worked.fit().reading() == null;
    }

    private static Verdict.@Nullable Weight worst(WorkedPlan worked, Place place) {
        Verdict.Weight worst = null;
        for (Verdict verdict : worked.found()) {
            boolean ours = verdict.station().equals(place.id())
                    || (verdict.station().equals("seasons")
                            && worked.panel(place.id()).isPresent());
            if (ours && (worst == null || verdict.weight().compareTo(worst) > 0)) {
                worst = verdict.weight();
            }
        }
        return worst;
    }

    private static String size(WorkedPlan worked) {
        Worked wall = worked.fingers().wall();
        Length off = wall.length().minus(worked.size().height().length()).abs();
        // where the cutter decides the height, the wish is not what will stand there
        return "outside " + number(worked, worked.size().outsideLength()) + " × "
                + number(worked, worked.size().outsideWidth()) + " × "
                + number(worked, worked.size().height())
                + (off.isOver(TELLS) ? ", closes " + number(worked, wall) : "");
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
        if (worked.plan().blank().length() == null) {
            return "to buy: " + number(worked, worked.blank().length()) + " × "
                    + number(worked, worked.blank().width());
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
                ? "waits for a jig"
                : passes + " " + Pace.of(worked.jig().way()).counted(passes)
                        + (worked.plan().batch() == null ? ", " : " a box, ")
                        + worked.cuts().time().text(display(worked));
    }

    private static String fit(WorkedPlan worked) {
        Fit.Reading reading = worked.fit().reading();
        if (reading == null) {
            return "waits for a test cut";
        }
        if (!reading.causes().isEmpty()) {
            return "find the cause, move nothing";
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
