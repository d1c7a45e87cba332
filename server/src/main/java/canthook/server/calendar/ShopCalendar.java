package canthook.server.calendar;

import canthook.finish.Calendar;
import canthook.finish.Calendar.Job;
import canthook.finish.Calendar.Placed;
import canthook.finish.ShopHours;
import canthook.plan.FinishChoice;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.box.StepsDone;
import canthook.server.calendar.OpenHours.Standing;
import canthook.server.keeping.Damaged;
import canthook.server.rack.ShopFloor;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every box that is under way, and when each of its steps is done by the one pair of hands of the shop. */
@Service
class ShopCalendar {
    private final Shelf shelf;
    private final ShopFloor floor;
    private final StepsDone steps;
    private final OpenHours open;
    private final Clock clock;

    ShopCalendar(Shelf shelf, ShopFloor floor, StepsDone steps, OpenHours open, Clock clock) {
        this.shelf = shelf;
        this.floor = floor;
        this.steps = steps;
        this.open = open;
        this.clock = clock;
    }

    /**
     * A box with its calendar.
     *
     * @param revision of the box
     */
    record Under(String id, long revision, WorkedPlan worked, Job job, Calendar calendar) {}

    /**
     * The whole shop at one moment.
     *
     * @param boxes in the order they were begun
     * @param damagedHours whether the hours are the usual ones because those that were said cannot be read
     */
    record Whole(List<Under> boxes, ShopHours hours, ZonedDateTime now, boolean damagedHours) {
        /** What the hands do for other boxes. */
        List<Placed> elsewhere(String box) {
            return boxes.stream()
                    .filter(b -> !b.id().equals(box))
                    .flatMap(b -> b.calendar().left().stream())
                    .filter(p -> !p.takes().isZero())
                    .toList();
        }

        Under of(String box) {
            return boxes.stream().filter(b -> b.id().equals(box)).findFirst().orElseThrow();
        }
    }

    /** All boxes under way. */
    @Transactional(readOnly = true)
    public Whole all() {
        return with(null, null);
    }

    /**
     * All boxes under way, and this one.
     *
     * @param drawn its plan as it is on the bench; null for the one that is kept
     */
    @Transactional(readOnly = true)
    public Whole with(@Nullable String box, @Nullable WorkedPlan drawn) {
        Standing standing = open.standing();
        ZonedDateTime now = clock.instant().truncatedTo(ChronoUnit.MINUTES).atZone(standing.zone());
        List<String> ids = new ArrayList<>(steps.underWay());
        if (box != null && !ids.contains(box)) {
            ids.add(box);
        }
        List<KeptBox> kept = new ArrayList<>();
        List<WorkedPlan> worked = new ArrayList<>();
        List<Job> jobs = new ArrayList<>();
        for (String id : ids) {
            KeptBox one;
            try {
                one = shelf.get(id);
            } catch (Damaged.Unread e) {
                if (id.equals(box)) {
                    throw e;
                }
                // it stands among the damaged on the shelf; the others go on
                continue;
            }
            WorkedPlan plan = id.equals(box) && drawn != null
                    ? drawn
                    : Planner.work(one.plan(), floor.shop(one.plan(), one.cuts()));
            kept.add(one);
            worked.add(plan);
            jobs.add(job(id, plan, standing));
        }
        List<Calendar> calendars = Calendar.ofShop(jobs, standing.hours(), now);
        List<Under> boxes = new ArrayList<>();
        for (int i = 0; i < jobs.size(); i++) {
            boxes.add(
                    new Under(jobs.get(i).box(), kept.get(i).revision(), worked.get(i), jobs.get(i), calendars.get(i)));
        }
        return new Whole(boxes, standing.hours(), now, standing.damaged());
    }

    private Job job(String box, WorkedPlan worked, Standing standing) {
        FinishChoice choice = worked.plan().finish();
        Map<String, ZonedDateTime> done = new HashMap<>();
        steps.of(box).forEach((step, at) -> done.put(step, at.atZone(standing.zone())));
        return new Job(box, worked.finish().tasks(), choice.readyOn(), choice.notBefore(), done, steps.begun(box));
    }
}
