package canthook.server.answer;

import canthook.figure.LadderFigure;
import canthook.fingers.Pace;
import canthook.fingers.Rung;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import canthook.server.answer.Answer.LadderView;
import canthook.server.answer.Answer.RungView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The ladder on the wire: the rungs about the one that stands, those near it drawn. */
public final class LadderAnswer {
    /** So many rungs either side of the one that stands are drawn at once; the others when they are asked for. */
    private static final int RUNGS_DRAWN = 12;

    /** So many rungs either side of the one that stands are sent; how many lie beyond is told, and the ladder moves with the choice. */
    private static final int RUNGS_SENT = 200;

    private LadderAnswer() {}

    static LadderView of(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        List<RungView> ladder = new ArrayList<>();
        List<Rung> rungs = worked.fingers().rungs();
        int standing = Math.max(0, worked.fingers().standing());
        Pace pace = Pace.of(worked.plan().jig().way());
        int coarser = 0;
        int finer = 0;
        for (int i = 0; i < rungs.size(); i++) {
            Rung rung = rungs.get(i);
            if (Math.abs(i - standing) > RUNGS_SENT
                    && !rung.name().equals(worked.fingers().best().name())) {
                if (i < standing) coarser++;
                else finer++;
                continue;
            }
            boolean near = Math.abs(i - standing) <= RUNGS_DRAWN;
            ladder.add(new RungView(
                    rung.name(),
                    rung.tool().name(),
                    rung.tool().id(),
                    rung.sections().count(),
                    rung.feasible(),
                    why(rung, near),
                    rung.slot().text(display),
                    pace.aSlot(rung.passes().count()),
                    pace.afterASlot(rung.cuts().count()),
                    rung.closing().text(display),
                    near ? rung.ripOff().text(display) : "",
                    near && rung.ripOff().length().isPositive(),
                    near ? rung.onePassCloses().text(display) : "",
                    Math.round(rung.score().number() * 10) / 10.0,
                    near ? reasons(rung) : List.of(),
                    near ? LadderFigure.of(rung) : null));
        }
        return new LadderView(ladder, coarser, finer);
    }

    /** Why a rung is unusual or cannot be; of one far from the chosen only that it is unusual. */
    private static String why(Rung rung, boolean near) {
        if (near || !rung.feasible() || rung.why().isEmpty()) return rung.why();
        return "unusual";
    }

    private static List<String> reasons(Rung rung) {
        return rung.reasons().stream()
                .map(r -> r.lost() >= 0.05 ? r.words() + " −" + trimmed(r.lost()) : r.words())
                .toList();
    }

    /** A rung as it looks, by its name; empty when the ladder has none of that name. */
    public static Optional<LadderFigure> rung(WorkedPlan worked, String name) {
        return worked.fingers().rungs().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .map(LadderFigure::of);
    }

    private static String trimmed(double points) {
        return points == Math.rint(points)
                ? String.valueOf((long) points)
                : String.valueOf(Math.round(points * 10) / 10.0);
    }
}
