package canthook.server.answer;

import canthook.figure.Figure;
import canthook.figure.WholeBox;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.refusal.Range;
import canthook.refusal.Refused;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole box seen from any side. */
@RestController
@RequestMapping("/api/whole-box")
public class WholeBoxApi {
    private static final Range TURN = new Range("Turn", -3600, 3600, "°");
    private static final Range TILT = new Range("Tilt", 5, 85, "°");
    private static final Range DAY = new Range("Day", 0, 1, "");

    private final ShopFloor floor;

    WholeBoxApi(ShopFloor floor) {
        this.floor = floor;
    }

    /**
     * What is to be seen.
     *
     * @param turn where the viewer stands round the box, degrees from B towards C
     * @param tilt how high, degrees
     * @param day of the year, 0 driest … 1 wettest
     */
    public record Look(
            BoxPlan plan,
            WholeBox.State state,
            @Nullable Double turn,
            @Nullable Double tilt,
            @Nullable Double day) {
        public Look {
            Refused.ifMissing("plan", "The plan", plan);
            Refused.ifMissing("state", "Closed, open or apart", state);
            turn = turn == null ? WholeBox.TURN : turn;
            tilt = tilt == null ? WholeBox.TILT : tilt;
            day = day == null ? 0.0 : day;
            TURN.check("turn", turn);
            TILT.check("tilt", tilt);
            DAY.check("day", day);
        }
    }

    @OpenTo(May.READ)
    @PostMapping
    Figure look(@RequestBody Look look) {
        return WholeBox.of(
                Planner.work(look.plan(), floor.shop(look.plan(), List.of())),
                look.state(),
                java.util.Objects.requireNonNull(look.turn()),
                java.util.Objects.requireNonNull(look.tilt()),
                java.util.Objects.requireNonNull(look.day()));
    }
}
