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
import canthook.server.keeping.Unknown;
import canthook.shop.TestCut;
import canthook.working.Worked;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
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
    private final Rack rack;
    private final ShopFloor floor;
    private final SquareMapper rows;
    private final ObjectMapper json;
    private final Clock clock;

    SquareApi(Rack rack, ShopFloor floor, SquareMapper rows, ObjectMapper json, Clock clock) {
        this.rack = rack;
        this.floor = floor;
        this.rows = rows;
        this.json = json;
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

    /** What was read once, and what it said then. */
    public record SquareKept(String at, SquareRead read, String says, Grade grade) {}

    @PostMapping("/square")
    public SquareView square(@RequestBody SquareRequest request) {
        return view(request, worked(request));
    }

    /** What was read off a jig of the rack, the newest first. */
    @GetMapping("/rack/jigs/{id}/squares")
    @Transactional(readOnly = true)
    public List<SquareKept> kept(@PathVariable String id) {
        return rows.of(id).stream()
                .map(r -> new SquareKept(r.at(), read(r.read()), r.says(), Grade.valueOf(r.grade())))
                .toList();
    }

    /** Writes it on the jig. */
    @PostMapping("/rack/jigs/{id}/squares")
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public SquareView keep(@PathVariable String id, @RequestBody SquareRequest request) {
        if (rack.all(Rack.Kind.JIG).stream().noneMatch(k -> k.item().id().equals(id))) {
            throw new Unknown("jig", id);
        }
        SquareView view = view(request, worked(request));
        String says = view.answers().stream().map(SquareAnswerView::says).collect(Collectors.joining(" "));
        rows.add(
                id,
                clock.instant().truncatedTo(ChronoUnit.SECONDS).toString(),
                write(request.read()),
                says + " " + view.says(),
                view.grade().name());
        return view;
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
        String clearance = worked.fingers().chosen().clearance().text(display);
        String says = takes == null
                ? ""
                : switch (square.grade()) {
                    case GOOD ->
                        "Good enough for this joint: it takes " + takes.text(display) + " of a clearance of "
                                + clearance + ".";
                    case TIGHT ->
                        "It goes, tightly: it takes " + takes.text(display) + " of a clearance of " + clearance
                                + ". Mend it, or let the fit be looser by that.";
                    case NOT ->
                        "Not for this joint: it takes " + takes.text(display) + ", more than the clearance of "
                                + clearance + ". Mend it first.";
                };
        return new SquareView(
                square.grade(),
                says,
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

    private SquareRead read(String text) {
        try {
            return json.readValue(text, SquareRead.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("What was read off a jig cannot be read", e);
        }
    }

    private String write(SquareRead read) {
        try {
            return json.writeValueAsString(read);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("What was read off a jig cannot be written", e);
        }
    }
}
