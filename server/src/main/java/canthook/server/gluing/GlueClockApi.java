package canthook.server.gluing;

import canthook.figure.CurveFigure;
import canthook.figure.Figure;
import canthook.figure.GlueFigures;
import canthook.glue.DryFit;
import canthook.glue.GlueTime;
import canthook.glue.OrderCard;
import canthook.glue.OrderCard.Phase;
import canthook.plan.BatchWish;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.server.answer.Answer.GlueStepView;
import canthook.server.answer.Answers;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.StepsDone;
import canthook.server.gluing.GlueUpMapper.GlueUpRow;
import canthook.server.keeping.StaleWrite;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.shop.LearningCurve;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The clock at the bench. What is kept is when the glue was opened, so that it runs on through reload, sleep and a second device. */
@RestController
@RequestMapping("/api/boxes/{id}/glue-up")
public class GlueClockApi {
    private static final Range STEP = new Range("The step", 0, 100, "");
    private final GlueUpMapper rows;
    private final Shelf shelf;
    private final ShopFloor floor;
    private final Clock clock;
    private final StepsDone steps;

    GlueClockApi(GlueUpMapper rows, Shelf shelf, ShopFloor floor, Clock clock, StepsDone steps) {
        this.steps = steps;
        this.rows = rows;
        this.shelf = shelf;
        this.floor = floor;
        this.clock = clock;
    }

    /** What is done at the clock. */
    public enum GlueAct {
        /** The glue is opened: the clock runs from now, or from now anew for a second half. */
        OPEN,
        /** To another step. */
        STEP,
        /** The first half sets: the clock stands. */
        REST,
        /** Closed and square. */
        DONE,
        /** Not a glue-up after all. */
        DROP
    }

    /**
     * One act.
     *
     * @param step it leads to
     * @param revision of the clock it was made from; 0 before there is one
     * @param dryFit ids of what was looked at with the box together and dry; all of it before the first glue is opened
     */
    public record GlueActed(
            GlueAct act, int step, long revision, @Nullable List<String> dryFit) {
        public GlueActed {
            Refused.ifMissing("act", "What is done", act);
            STEP.check("step", step);
        }
    }

    /**
     * The clock as it stands.
     *
     * @param revision 0 before the glue is opened
     * @param running whether it runs
     * @param done whether the last glue-up of this box is over
     * @param elapsed seconds since the glue was opened; of the lot that is at hand where there are two
     * @param setBack whether this machine's clock was set back meanwhile: the time cannot be told
     * @param took seconds in all, once it is over
     * @param spreading seconds planned to spread
     * @param all seconds planned in all
     * @param open seconds until what was spread first skins over
     * @param total seconds until the glue grabs
     * @param dryFit what is looked at before the glue is opened
     * @param over how many boxes of the batch are glued
     * @param of how many there are; 1 without a batch
     * @param learned what the others will take, from five that are over; null before
     * @param curve the same, drawn
     */
    public record GlueClockView(
            String name,
            String wood,
            long revision,
            boolean running,
            boolean done,
            int step,
            double elapsed,
            boolean setBack,
            @Nullable Double took,
            double spreading,
            double all,
            double open,
            double total,
            List<GlueStepView> steps,
            List<DryFit.Check> dryFit,
            List<Figure> figures,
            int over,
            int of,
            @Nullable String learned,
            @Nullable Figure curve) {}

    @GetMapping
    @Transactional(readOnly = true)
    public GlueClockView look(@PathVariable String id) {
        return view(shelf.get(id), rows.last(id));
    }

    /**
     * Something is done at the clock.
     *
     * @throws StaleWrite when another device was first
     */
    @OpenTo(May.MARK)
    @PostMapping
    @Transactional
    public GlueClockView act(@PathVariable String id, @RequestBody GlueActed acted) {
        KeptBox box = shelf.get(id);
        GlueUpRow row = rows.last(id);
        WorkedPlan worked = worked(box);
        int last = worked.glue().card().steps().size() - 1;
        int step = Math.min(last, acted.step());
        boolean begins = acted.act() == GlueAct.OPEN && (row == null || row.doneAt() != null);
        if (row != null && !(begins && acted.revision() == 0) && row.revision() != acted.revision()) {
            throw new StaleWrite("This glue-up", acted.revision(), row.revision());
        }
        if (begins) {
            List<String> made = Objects.requireNonNullElse(acted.dryFit(), List.of());
            worked.glue().dryFit().missing(made).ifPresent(check -> {
                throw new Refused("dryFit", "Not dry-fitted yet: " + check.says());
            });
            rows.begin(id, now(), step, worked.glue().time().all().number());
            return view(box, rows.last(id));
        }
        if (row == null) {
            throw new Refused("act", "The glue-up of this box has not begun yet.");
        }
        if (acted.act() == GlueAct.DROP) {
            rows.drop(row.id(), row.revision());
            return view(box, rows.last(id));
        }
        GlueUpRow after = switch (acted.act()) {
            case OPEN -> changed(row, now(), null, step, null, null);
            case STEP -> changed(row, row.lotAt(), row.restedAt(), step, row.took(), row.doneAt());
            case REST -> changed(row, row.lotAt(), now(), step, null, null);
            case DONE -> changed(row, row.lotAt(), row.restedAt(), step, elapsed(row), now());
            case DROP -> row;
        };
        switch (acted.act()) {
            case DONE -> {
                // of a batch the last one makes it done
                double share = Math.min(1, (rows.took(id).size() + 1.0) / boxes(worked));
                steps.begun(id, "glue.halves", share);
                steps.begun(id, "glue", share);
            }
            // the first half sets: it is done, and the box is not
            case REST -> {
                if (boxes(worked) == 1) {
                    steps.done(id, "glue.halves");
                }
            }
            case OPEN, STEP, DROP -> {}
        }
        if (rows.update(after) == 0) {
            throw new StaleWrite("This glue-up", acted.revision(), row.revision() + 1);
        }
        return view(box, rows.last(id));
    }

    private static GlueUpRow changed(
            GlueUpRow row,
            String lotAt,
            @Nullable String restedAt,
            int step,
            @Nullable Double took,
            @Nullable String doneAt) {
        return new GlueUpRow(
                row.id(),
                row.boxId(),
                row.revision(),
                row.begunAt(),
                lotAt,
                restedAt,
                step,
                row.planned(),
                took,
                doneAt);
    }

    private WorkedPlan worked(KeptBox box) {
        return Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()));
    }

    private GlueClockView view(KeptBox box, @Nullable GlueUpRow row) {
        WorkedPlan worked = worked(box);
        GlueTime time = worked.glue().time();
        List<OrderCard.Step> steps = worked.glue().card().steps();
        int opens = 0;
        while (opens < steps.size() - 1 && steps.get(opens).phase() == Phase.BEFORE) {
            opens++;
        }
        double elapsed = row == null ? 0 : elapsed(row);
        List<Double> took = rows.took(box.id());
        int of = boxes(worked);
        int step = row == null ? 0 : Math.min(row.step(), steps.size() - 1);
        return new GlueClockView(
                box.plan().name(),
                box.plan().walls().wood(),
                row == null ? 0 : row.revision(),
                row != null && row.doneAt() == null && row.restedAt() == null,
                row != null && row.doneAt() != null,
                step,
                Math.max(0, elapsed),
                elapsed < 0,
                row == null ? null : row.took(),
                time.spreading().number(),
                time.all().number(),
                time.open().number(),
                time.total().number(),
                Answers.glueSteps(worked),
                worked.glue().dryFit().checks(),
                // before the glue is opened the box stands together, dry
                GlueFigures.of(worked, row == null || row.doneAt() != null ? 0 : step),
                took.size(),
                of,
                LearningCurve.of(took).map(c -> learned(c, took.size(), of)).orElse(null),
                CurveFigure.of(took, of).orElse(null));
    }

    private static int boxes(WorkedPlan worked) {
        BatchWish batch = worked.plan().batch();
        return batch == null ? 1 : batch.count();
    }

    private static String learned(LearningCurve curve, int over, int of) {
        String share = "Each doubling takes " + Math.round(100 * curve.share()) + " % of the time";
        int left = of - over;
        return left < 1
                ? share + "."
                : share + "; the " + (left == 1 ? "last one takes" : left + " that are left take") + " about "
                        + Math.max(1, Math.round(curve.from(over + 1, of) / 60)) + " min.";
    }

    /** Seconds since the glue of the lot at hand was opened; under zero when the machine's clock was set back. */
    private double elapsed(GlueUpRow row) {
        if (row.took() != null) {
            return row.took();
        }
        Instant until = row.restedAt() == null ? clock.instant() : Instant.parse(row.restedAt());
        return Duration.between(Instant.parse(row.lotAt()), until).toMillis() / 1000.0;
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }
}
