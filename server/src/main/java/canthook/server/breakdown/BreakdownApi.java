package canthook.server.breakdown;

import canthook.plan.BoxPlan;
import canthook.refusal.Refused;
import canthook.server.breakdown.BreakdownJobs.Job;
import canthook.server.keeping.Unknown;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Parts of many boxes out of the boards on the rack. A search that takes long is told of as it goes, and can be stopped. */
@RestController
@RequestMapping("/api/breakdowns")
public class BreakdownApi {
    /** An answer that takes no longer than this is given at once. */
    private static final long AT_ONCE = 300;

    private final BreakdownJobs jobs;
    private final CutPlans plans;

    BreakdownApi(BreakdownJobs jobs, CutPlans plans) {
        this.jobs = jobs;
        this.plans = plans;
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

    @OpenTo(May.READ)
    @PostMapping
    BreakdownView ask(@RequestBody BreakdownRequest request) {
        Job job = plans.seek(request.plan());
        job.await(AT_ONCE);
        return view(job);
    }

    /** Waits a little for news. */
    @GetMapping("/{id}")
    BreakdownView look(@PathVariable String id) {
        Job job = found(id);
        job.await(AT_ONCE);
        return view(job);
    }

    @OpenTo(May.READ)
    @DeleteMapping("/{id}")
    BreakdownView stop(@PathVariable String id) {
        Job job = found(id);
        job.stop();
        job.await(5 * AT_ONCE);
        return view(job);
    }

    private Job found(String id) {
        return jobs.find(id).orElseThrow(() -> new Unknown("cut plan", id));
    }

    private static BreakdownView view(Job job) {
        return new BreakdownView(job.id(), job.state(), job.step(), job.share(), job.answer());
    }
}
