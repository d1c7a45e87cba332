package canthook.server.breakdown;

import canthook.breakdown.Batch;
import canthook.breakdown.Breakdown;
import canthook.breakdown.Offcuts;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.Shelf;
import canthook.server.breakdown.BreakdownJobs.Job;
import canthook.server.breakdown.BreakdownJobs.Question;
import canthook.server.breakdown.CutPlan.Board;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Unknown;
import canthook.server.rack.Rack;
import canthook.server.rack.RuleBook;
import canthook.server.rack.ShopFloor;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cut plans of batches: sought, and once the first board is cut, kept with the box until the maker plans anew. */
@Service
public class CutPlans {
    /** A paper waits no longer than this for a plan. */
    private static final long FOR_PAPER = 2500;

    private final CutPlanMapper rows;
    private final BreakdownJobs jobs;
    private final Rack rack;
    private final Shelf shelf;
    private final RuleBook book;
    private final ShopFloor floor;
    private final ObjectMapper json;
    private final Clock clock;

    CutPlans(
            CutPlanMapper rows,
            BreakdownJobs jobs,
            Rack rack,
            Shelf shelf,
            RuleBook book,
            ShopFloor floor,
            ObjectMapper json,
            Clock clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.rack = rack;
        this.shelf = shelf;
        this.book = book;
        this.floor = floor;
        this.json = json;
        this.clock = clock;
    }

    /** @throws Refused when the batch is too much, or another box of it is not known */
    Job seek(BoxPlan plan) {
        BatchWish wish = Objects.requireNonNull(plan.batch());
        List<BoxPlan> plans = new ArrayList<>();
        List<Batch.Other> others = new ArrayList<>();
        for (int i = 0; i < wish.others().size(); i++) {
            BatchWish.Other other = wish.others().get(i);
            BoxPlan found = other(other.box(), i);
            WorkedPlan worked = Planner.work(found, floor.shop(found, List.of()));
            plans.add(worked.settled());
            others.add(new Batch.Other(worked, other.count()));
        }
        WorkedPlan first = Planner.work(plan, floor.shop(plan, List.of()));
        Batch batch = new Batch(first, others, rack.blanks(), book.rules());
        // refuses what is too much before anything is begun
        Question question = new Question(first.settled(), plans, batch.task().blanks(), book.rules());
        return jobs.ask(question, batch);
    }

    private BoxPlan other(String id, int at) {
        try {
            return shelf.get(id).plan();
        } catch (Unknown e) {
            throw new Refused("plan.batch.others[" + at + "].box", String.valueOf(e.getMessage()));
        }
    }

    /** The plan that is being cut by, if any. */
    @Transactional(readOnly = true)
    public Optional<CutPlan> of(String box) {
        shelf.get(box);
        return Optional.ofNullable(rows.find(box)).map(this::read);
    }

    /** What a box's batch is cut by, for its papers: the plan it is being cut by, or one found now; null when none is in time. */
    public @Nullable BreakdownAnswer shown(String box, BoxPlan plan) {
        BreakdownAnswer kept = of(box).map(CutPlan::answer).orElse(null);
        if (kept != null || plan.batch() == null) {
            return kept;
        }
        Job job = seek(plan);
        return job.await(FOR_PAPER) ? job.answer() : null;
    }

    /** Keeps a plan that was found, and takes the boards that were cut by it off the rack. */
    @Transactional
    public CutPlan begin(String box, String breakdown, List<String> boards) {
        shelf.get(box);
        if (rows.find(box) != null) {
            throw new Refused("breakdown", "Boards were cut by another plan already. Look at the plan once more.");
        }
        Job job = jobs.find(breakdown).orElseThrow(() -> new Unknown("cut plan", breakdown));
        Breakdown plan = job.plan();
        BreakdownAnswer answer = job.answer();
        if (plan == null || answer == null) {
            throw new Refused("breakdown", "This plan is not ready yet.");
        }
        CutPlan kept = new CutPlan(
                answer.asKept(),
                plan.opened().stream()
                        .map(o -> new Board(o.blank(), Offcuts.of(plan, o), null, List.of()))
                        .toList());
        if (boards.isEmpty()) {
            throw new Refused("boards", "Say which boards were cut.");
        }
        return keep(box, cut(kept, boards));
    }

    @Transactional
    public CutPlan cut(String box, String board) {
        return keep(box, cut(found(box), List.of(board)));
    }

    /** It was not cut after all. */
    @Transactional
    public CutPlan uncut(String box, String board) {
        CutPlan plan = found(box);
        List<Board> boards = new ArrayList<>(plan.boards());
        int at = at(plan, board);
        Board was = boards.get(at);
        if (was.on() == null) {
            return plan;
        }
        rack.uncut(was.planned(), was.offcuts());
        boards.set(at, was.whole());
        CutPlan after = new CutPlan(plan.answer(), boards);
        if (boards.stream().allMatch(b -> b.on() == null)) {
            rows.forget(box);
            return after;
        }
        return keep(box, after);
    }

    /** The boards that are left are planned anew. */
    @Transactional
    public void forget(String box) {
        shelf.get(box);
        rows.forget(box);
    }

    private CutPlan cut(CutPlan plan, List<String> cut) {
        List<Board> boards = new ArrayList<>(plan.boards());
        for (String id : cut) {
            int at = at(plan, id);
            Board board = boards.get(at);
            if (board.on() == null) {
                boards.set(at, board.cut(LocalDate.now(clock).toString(), rack.cut(board.planned(), board.leaves())));
            }
        }
        return new CutPlan(plan.answer(), boards);
    }

    private static int at(CutPlan plan, String board) {
        Predicate<Board> is = b -> b.planned().id().equals(board);
        return plan.boards().stream()
                .filter(is)
                .findFirst()
                .map(plan.boards()::indexOf)
                .orElseThrow(() -> new Refused("boards", "The plan cuts no board “" + board + "”."));
    }

    private CutPlan found(String box) {
        return of(box).orElseThrow(() -> new Unknown("cut plan", box));
    }

    private CutPlan keep(String box, CutPlan plan) {
        try {
            rows.keep(
                    box,
                    json.writeValueAsString(plan),
                    clock.instant().truncatedTo(ChronoUnit.MILLIS).toString());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A cut plan that cannot be written", e);
        }
        return plan;
    }

    private CutPlan read(String text) {
        try {
            return json.readValue(text, CutPlan.class);
        } catch (JsonProcessingException e) {
            throw new Damaged.Unread(
                    "The cut plan kept with this box is damaged and cannot be read. Plan the batch anew.");
        }
    }
}
