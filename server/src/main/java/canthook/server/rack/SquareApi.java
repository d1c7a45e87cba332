package canthook.server.rack;

import canthook.building.SquareRead;
import canthook.building.Squareness;
import canthook.building.Squareness.Grade;
import canthook.figure.Figure;
import canthook.figure.SquareFigure;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.rack.Squares.SquareKept;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.shop.TestCut;
import canthook.working.Worked;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whether a jig is square enough for the joint it cuts; what was read stands on the jig. */
@RestController
@RequestMapping("/api")
public class SquareApi {
    private final Squares squares;
    private final ShopFloor floor;
    private final Clock clock;

    SquareApi(Squares squares, ShopFloor floor, Clock clock) {
        this.squares = squares;
        this.floor = floor;
        this.clock = clock;
    }

    /**
     * What was read, and the plan whose joint it is for.
     *
     * @param testCuts recorded for it; none when null
     */
    public record SquareRequest(BoxPlan plan, @Nullable List<TestCut> testCuts, SquareRead read) {
        public SquareRequest {
            Refused.ifMissing("plan", "The plan", plan);
            Refused.ifMissing("read", "What was read", read);
        }
    }

    /**
     * What one reading says.
     *
     * @param symbols its formula, the same with values, and what comes of it
     */
    public record SquareAnswerView(String id, String says, List<String> symbols) {}

    /**
     * What it means for the joint.
     *
     * @param says in a sentence
     * @param symbols how much of the clearance is taken, worked
     * @param figure which way the fence goes; null while no five cuts were made
     */
    public record SquareView(
            Grade grade,
            String says,
            List<String> symbols,
            List<SquareAnswerView> answers,
            @Nullable Figure figure) {}

    @OpenTo(May.READ)
    @PostMapping("/square")
    public SquareView square(@RequestBody SquareRequest request) {
        return view(request, worked(request));
    }

    /** What was read off a jig of the rack, the newest first. */
    @GetMapping("/rack/jigs/{id}/squares")
    public List<SquareKept> kept(@PathVariable String id) {
        return squares.of(id);
    }

    /** Writes it on the jig. */
    @PostMapping("/rack/jigs/{id}/squares")
    @ResponseStatus(HttpStatus.CREATED)
    public SquareView keep(@PathVariable String id, @RequestBody SquareRequest request) {
        WorkedPlan worked = worked(request);
        squares.keep(id, request.read(), worked, clock.instant());
        return view(request, worked);
    }

    private WorkedPlan worked(SquareRequest request) {
        return Planner.work(
                request.plan(),
                floor.shop(request.plan(), request.testCuts() == null ? List.of() : request.testCuts()));
    }

    private static SquareView view(SquareRequest request, WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        Squareness square = Squareness.of(request.read(), worked);
        Worked takes = square.takes();
        return new SquareView(
                square.grade(),
                square.says(worked),
                takes == null ? List.of() : symbols(takes, display),
                square.answers().stream()
                        .map(a -> new SquareAnswerView(a.id(), a.says(), symbols(a.number(), display)))
                        .toList(),
                SquareFigure.of(worked, request.read(), square).orElse(null));
    }

    private static List<String> symbols(Worked number, LengthDisplay display) {
        String formula = number.formula();
        String values = number.withValues(display);
        return formula == null || values == null
                ? List.of(number.symbol() + " = " + number.text(display))
                : List.of(number.symbol() + " = " + formula, "= " + values, "= " + number.text(display));
    }
}
