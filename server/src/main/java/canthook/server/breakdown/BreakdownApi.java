package canthook.server.breakdown;

import canthook.board.Blank;
import canthook.breakdown.Batch;
import canthook.breakdown.Breakdown;
import canthook.breakdown.Breakdown.Lane;
import canthook.breakdown.Breakdown.Offcut;
import canthook.breakdown.Breakdown.Opened;
import canthook.breakdown.BreakdownRead;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.Shelf;
import canthook.server.breakdown.BreakdownJobs.Job;
import canthook.server.breakdown.BreakdownJobs.Question;
import canthook.server.keeping.Unknown;
import canthook.server.rack.Rack;
import canthook.server.rack.Rack.Kind;
import canthook.server.rack.RuleBook;
import canthook.server.rack.ShopFloor;
import canthook.shop.HouseRules;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Parts of many boxes out of the boards on the rack. A search that takes long is told of as it goes, and can be stopped. */
@RestController
@RequestMapping("/api/breakdowns")
public class BreakdownApi {
    /** An answer that takes no longer than this is given at once. */
    private static final long AT_ONCE = 300;

    private final BreakdownJobs jobs;
    private final Rack rack;
    private final Shelf shelf;
    private final RuleBook book;
    private final ShopFloor floor;
    private final Clock clock;

    BreakdownApi(BreakdownJobs jobs, Rack rack, Shelf shelf, RuleBook book, ShopFloor floor, Clock clock) {
        this.jobs = jobs;
        this.rack = rack;
        this.shelf = shelf;
        this.book = book;
        this.floor = floor;
        this.clock = clock;
    }

    /** A plan with a batch to be cut from the rack. */
    public record BreakdownRequest(BoxPlan plan) {
        public BreakdownRequest {
            Refused.ifMissing("plan", "The plan", plan);
            Refused.ifMissing("plan.batch", "The batch", plan.batch());
        }
    }

    /**
     * A search as it stands.
     *
     * @param step what it is at, in words
     * @param share of all steps, 0 to 1
     * @param answer when it is done, or the best so far when it was stopped
     */
    public record BreakdownView(
            String id,
            BreakdownJobs.State state,
            String step,
            double share,
            @Nullable BreakdownAnswer answer) {}

    /** What became of the boards. */
    public record CutDone(String on, List<String> cutUp, List<String> offcuts) {}

    @PostMapping
    BreakdownView ask(@RequestBody BreakdownRequest request) {
        BoxPlan plan = request.plan();
        HouseRules rules = book.rules();
        BatchWish wish = java.util.Objects.requireNonNull(plan.batch());
        List<BoxPlan> plans = new ArrayList<>();
        List<Batch.Other> others = new ArrayList<>();
        for (int i = 0; i < wish.others().size(); i++) {
            BatchWish.Other other = wish.others().get(i);
            BoxPlan found = other(other.box(), i);
            WorkedPlan worked = Planner.work(found, floor.shop(found, List.of()));
            plans.add(worked.settled());
            others.add(new Batch.Other(worked, other.count()));
        }
        List<Blank> blanks = rack.blanks();
        WorkedPlan first = Planner.work(plan, floor.shop(plan, List.of()));
        Batch batch = new Batch(first, others, blanks, rules);
        // refuses what is too much before anything is begun
        Question question = new Question(first.settled(), plans, batch.task().blanks(), rules);
        Job job = jobs.ask(question, batch);
        job.await(AT_ONCE);
        return view(job);
    }

    private BoxPlan other(String id, int at) {
        try {
            return shelf.get(id).plan();
        } catch (Unknown e) {
            throw new Refused("plan.batch.others[" + at + "].box", String.valueOf(e.getMessage()));
        }
    }

    /** Waits a little for news. */
    @GetMapping("/{id}")
    BreakdownView look(@PathVariable String id) {
        Job job = found(id);
        job.await(AT_ONCE);
        return view(job);
    }

    @DeleteMapping("/{id}")
    BreakdownView stop(@PathVariable String id) {
        Job job = found(id);
        job.stop();
        job.await(5 * AT_ONCE);
        return view(job);
    }

    /** The maker says it was cut: the boards leave the rack, what is left of them goes back on it. */
    @PostMapping("/{id}/cut")
    @ResponseStatus(HttpStatus.CREATED)
    CutDone cut(@PathVariable String id) {
        Breakdown plan = found(id).plan();
        if (plan == null) {
            throw new Refused("id", "This plan is not ready yet.");
        }
        List<String> cutUp = new ArrayList<>();
        List<Blank> offcuts = new ArrayList<>();
        for (Opened opened : plan.opened()) {
            Blank now = rack.get(Kind.BLANK, opened.blank().id()).item();
            if (!now.equals(opened.blank())) {
                throw new Refused(
                        "id", now.name() + " was changed since this was planned. Look at the plan once more.");
            }
            cutUp.add(now.id());
            for (Lane lane : opened.lanes()) {
                for (Offcut offcut : lane.offcuts()) {
                    offcuts.addAll(BreakdownRead.asBlanks(plan, opened, lane, offcut));
                }
            }
        }
        return new CutDone(LocalDate.now(clock).toString(), cutUp, rack.cut(cutUp, offcuts));
    }

    private Job found(String id) {
        return jobs.find(id).orElseThrow(() -> new Unknown("cut plan", id));
    }

    private static BreakdownView view(Job job) {
        return new BreakdownView(job.id(), job.state(), job.step(), job.share(), job.answer());
    }
}
