package canthook.server.practice;

import canthook.figure.Figure;
import canthook.figure.PracticeFigures;
import canthook.fit.Cause;
import canthook.fit.Fit;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.practice.Act;
import canthook.practice.Act.Spot;
import canthook.practice.Coach;
import canthook.practice.Hand;
import canthook.practice.HiddenShop;
import canthook.practice.Level;
import canthook.practice.Round;
import canthook.practice.Truth;
import canthook.verdict.Verdict;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What the maker sees of a round; of what is hidden nothing until it is over. */
final class PracticeView {
    private PracticeView() {}

    /**
     * A test piece as it was read.
     *
     * @param moved before it was cut, as meant; empty where nothing was
     * @param slots as they were read, in their places; empty where they were not
     * @param clearance slot less finger; empty until both were read
     */
    public record PieceView(String moved, List<String> slots, List<String> fingers, String clearance) {}

    /** Something that may be looked for. */
    public record Suspect(Cause cause, String words) {}

    /** How the bench’s own advice, followed, came through the same shop. */
    public record Best(int cuts, int moves, int spoilt) {}

    /**
     * A round.
     *
     * @param seq how many acts it has
     * @param question what is to be decided now
     * @param doubt that the readings contradict each other, without saying why; null where they do not
     * @param bench what the bench says of the readings; null until the round is over
     * @param truths what was hidden; empty until then
     * @param best null until then
     */
    public record RoundView(
            String id,
            Level level,
            String levelWords,
            Way way,
            String wayWords,
            String task,
            int seq,
            String question,
            String said,
            int cuts,
            int moves,
            int spoilt,
            boolean made,
            boolean over,
            boolean batteryLow,
            List<PieceView> pieces,
            String movedSince,
            @Nullable String doubt,
            List<Suspect> suspects,
            String away,
            String towards,
            @Nullable String bench,
            List<Truth> truths,
            @Nullable Best best,
            List<Figure> figures) {}

    static RoundView of(String id, HiddenShop shop, List<Act> acts) {
        Round round = Round.of(shop, acts);
        LengthDisplay display = round.plan().display();
        Fit fit = round.fit();
        Fit.Reading reading = fit.reading();
        String doubt = reading == null || reading.causes().isEmpty() ? null : String.join(" ", reading.doubts());
        Way way = shop.plan().jig().way();
        List<Figure> figures = new ArrayList<>();
        figures.add(PracticeFigures.still(round.worked()));
        Act last = last(acts);
        figures.add(
                last == null
                        ? PracticeFigures.caliper(Spot.CLOSED, 0, null)
                        : PracticeFigures.caliper(
                                Objects.requireNonNull(last.spot()),
                                round.worked()
                                        .fingers()
                                        .chosen()
                                        .slot()
                                        .length()
                                        .mm(),
                                round.shown()));
        if (round.isOver()) {
            figures.add(PracticeFigures.truth(round));
        }
        Coach coach = round.isOver() ? Coach.through(shop) : null;
        return new RoundView(
                id,
                shop.level(),
                shop.level().words(),
                way,
                way.words(),
                task(round, display),
                acts.size(),
                question(round, reading, doubt),
                round.said(),
                round.cuts(),
                round.moves(),
                round.spoilt(),
                round.isMade(),
                round.isOver(),
                round.isBatteryLow(),
                round.pieces().stream().map(PracticeView::piece).toList(),
                signed(round.movedSinceCut()),
                doubt,
                Arrays.stream(Cause.values())
                        .filter(c -> c != Cause.TWICE && c != Cause.WRONG_WAY)
                        .map(c -> new Suspect(c, c.words()))
                        .toList(),
                Hand.at(way).away(),
                Hand.at(way).towards(),
                round.isOver() ? bench(fit) : null,
                round.isOver() ? Truth.of(round) : List.of(),
                coach == null
                        ? null
                        : new Best(
                                coach.round().cuts(),
                                coach.round().moves(),
                                coach.round().spoilt()),
                figures);
    }

    private static @Nullable Act last(List<Act> acts) {
        for (int i = acts.size() - 1; i >= 0; i--) {
            if (acts.get(i).kind() == Act.Kind.READ) {
                return acts.get(i);
            }
            if (acts.get(i).kind() == Act.Kind.CUT) {
                return null;
            }
        }
        return null;
    }

    private static String task(Round round, LengthDisplay display) {
        return round.worked().fingers().chosen().sections().count() + " sections of "
                + round.worked().fingers().chosen().slot().text(display) + " in "
                + round.plan().walls().known().name().toLowerCase(Locale.ROOT) + ", clearance wanted "
                + round.fit().target().text(display) + ", good from "
                + round.fit().bandFrom().number(display) + " to "
                + round.fit().bandTo().text(display);
    }

    private static String question(Round round, Fit.@Nullable Reading reading, @Nullable String doubt) {
        if (round.isOver()) {
            return round.isMade() ? "They go together" : "What was hidden";
        }
        if (round.cuts() == 0) {
            return "Nothing is cut yet. Cut a test piece";
        }
        if (!round.movedSinceCut().equals(Length.ZERO)) {
            return "It is moved. Cut another and read it";
        }
        if (reading == null) {
            return "Read slot and finger";
        }
        if (doubt != null) {
            return round.moves() == 0
                    ? "Before you move: what could that be?"
                    : "Before you move again: what could that be?";
        }
        return "Which way, and how far? Or is it good?";
    }

    /** The bare facts of the contradiction: what causes it is the maker’s to say. */
    private static String bench(Fit fit) {
        return fit.verdicts().stream().map(Verdict::sentence).findFirst().orElse("");
    }

    private static PieceView piece(Round.TestPiece piece) {
        OptionalDouble clearance = piece.clearance();
        return new PieceView(
                piece.moved() == null ? "" : signed(piece.moved()),
                places(piece, Spot.SLOT),
                places(piece, Spot.FINGER),
                clearance.isPresent() ? number(clearance.getAsDouble()) : "");
    }

    private static List<String> places(Round.TestPiece piece, Spot spot) {
        String[] places = new String[Act.PLACES];
        Arrays.fill(places, "");
        for (Round.Taken taken : piece.taken()) {
            if (taken.spot() == spot) {
                places[taken.place()] = taken.shown() == null ? "–" : number(taken.shown());
            }
        }
        return List.of(places);
    }

    private static String number(double mm) {
        return LengthDisplay.METRIC.number(Length.mm(mm), Precision.CALIPER);
    }

    private static String signed(Length moved) {
        if (moved.equals(Length.ZERO)) {
            return "";
        }
        return number(moved.abs().mm()) + (moved.isPositive() ? " away" : " towards");
    }
}
