package canthook.server.answer;

import canthook.figure.Figure;
import canthook.figure.TogetherFigure;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.server.answer.Answer.FixView;
import canthook.server.answer.Answer.WorkingView;
import canthook.server.answer.WorkApi.WorkRequest;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.together.GoesTogether;
import canthook.together.Help;
import canthook.working.Quantity;
import canthook.working.Show;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the whole joint goes together. */
@RestController
@RequestMapping("/api/together")
public class TogetherApi {
    private final ShopFloor floor;

    TogetherApi(ShopFloor floor) {
        this.floor = floor;
    }

    /**
     * What is told of it.
     *
     * @param errors how the errors of this jig behave, as it ends a sentence
     * @param workings its numbers with their workings
     * @param figure one joint as it may come out
     * @param helps what would help, the most first
     */
    public record TogetherView(String errors, List<WorkingView> workings, Figure figure, List<HelpView> helps) {}

    /**
     * Something that would help.
     *
     * @param percent of joints that go together with it
     * @param fix the change of the plan it is; null where it is another way to cut
     */
    public record HelpView(
            String says, String percent, @Nullable FixView fix) {}

    /** What a joint that cannot be cut has none of is left out. */
    public record TogetherAnswer(@Nullable TogetherView together) {}

    @OpenTo(May.READ)
    @PostMapping
    TogetherAnswer together(@RequestBody WorkRequest request) {
        WorkedPlan worked = Planner.work(request.plan(), floor.shop(request.plan(), request.cuts()));
        return new TogetherAnswer(GoesTogether.of(worked).map(TogetherApi::view).orElse(null));
    }

    private static TogetherView view(GoesTogether together) {
        var display = together.plan().display();
        return new TogetherView(
                together.steps().words(),
                together.numbers().stream()
                        .map(n -> Answers.working(n, display))
                        .toList(),
                TogetherFigure.of(together),
                together.helps().stream().map(TogetherApi::help).toList());
    }

    private static HelpView help(Help help) {
        String percent = Show.MOISTURE.number(Quantity.of(100 * help.closes()), canthook.length.LengthDisplay.METRIC);
        return new HelpView(help.says(), percent, help.after() == null ? null : new FixView(help.says(), help.after()));
    }
}
