package canthook.server.breakdown;

import canthook.board.Blank;
import canthook.refusal.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The plan by which a batch's boards are cut: each is ticked when it is, and stands whole again when it was not after all. */
@RestController
@RequestMapping("/api/boxes/{box}/cut-plan")
public class CutPlanApi {
    private final CutPlans plans;

    CutPlanApi(CutPlans plans) {
        this.plans = plans;
    }

    /** A cut plan that was found, and the boards of it that were cut. */
    public record FirstCut(String breakdown, List<String> boards) {
        public FirstCut {
            Refused.ifMissing("breakdown", "The plan that was found", breakdown);
            Refused.ifMissing("boards", "The boards that were cut", boards);
            boards = List.copyOf(boards);
        }
    }

    /**
     * A board of the plan.
     *
     * @param on the day it was cut; null while it is whole
     */
    public record BoardCut(String id, String name, @Nullable String on) {}

    /**
     * The plan as it stands.
     *
     * @param answer null while no board was cut by any plan
     */
    public record CutPlanView(@Nullable BreakdownAnswer answer, List<BoardCut> boards) {}

    @GetMapping
    CutPlanView look(@PathVariable String box) {
        return plans.of(box).map(CutPlanApi::view).orElse(new CutPlanView(null, List.of()));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CutPlanView begin(@PathVariable String box, @RequestBody FirstCut first) {
        return view(plans.begin(box, first.breakdown(), first.boards()));
    }

    @PutMapping("/boards/{board}")
    CutPlanView cut(@PathVariable String box, @PathVariable String board) {
        return view(plans.cut(box, board));
    }

    @DeleteMapping("/boards/{board}")
    CutPlanView uncut(@PathVariable String box, @PathVariable String board) {
        return view(plans.uncut(box, board));
    }

    @DeleteMapping
    CutPlanView forget(@PathVariable String box) {
        plans.forget(box);
        return new CutPlanView(null, List.of());
    }

    private static CutPlanView view(CutPlan plan) {
        boolean begun = plan.boards().stream().anyMatch(b -> b.on() != null);
        return new CutPlanView(
                begun ? plan.answer() : null,
                plan.boards().stream().map(b -> board(b.planned(), b.on())).toList());
    }

    private static BoardCut board(Blank planned, @Nullable String on) {
        return new BoardCut(planned.id(), planned.name(), on);
    }
}
