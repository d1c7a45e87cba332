package canthook.server.box;

import canthook.figure.Figure;
import canthook.figure.StandingFigure;
import canthook.history.WhatChanged;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.box.History.State;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.rack.ShopFloor;
import canthook.server.rack.ShopFloor.AsItIs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was done to a box, change after change; gone back to, given a name. */
@RestController
@RequestMapping("/api/boxes/{id}/history")
public class HistoryApi {
    private static final int MOST = 50;

    private final History history;
    private final Shelf shelf;
    private final ShopFloor floor;

    HistoryApi(History history, Shelf shelf, ShopFloor floor) {
        this.history = history;
        this.shelf = shelf;
        this.floor = floor;
    }

    /**
     * A change.
     *
     * @param says what it changed, a sentence each; of the first state that the box was begun
     * @param keep the name the state after it was given; null when it has none
     * @param figure the box after it; null when it cannot be read
     */
    public record ChangeView(
            long revision,
            String at,
            List<String> says,
            @Nullable String keep,
            @Nullable Figure figure) {}

    /**
     * Changes, the newest first.
     *
     * @param now the revision that stands
     * @param next from which the next page goes on; null when there is none
     */
    public record HistoryView(
            long now, List<ChangeView> changes, @Nullable Long next) {}

    /**
     * An earlier state against the one that stands.
     *
     * @param would what going back to it would change; nothing when it is the same
     * @param figure the box as it was
     */
    public record StateView(long revision, String at, BoxPlan plan, List<String> would, Figure figure) {}

    /** The revision the maker saw. */
    public record BackRequest(@Nullable Long revision) {}

    /** A name; an empty one takes it off. */
    public record KeepRequest(@Nullable String name) {}

    @GetMapping
    HistoryView changes(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable Long from,
            @RequestParam(defaultValue = "12") int most) {
        if (most < 1 || most > MOST) {
            throw new Refused("most", "From 1 to " + MOST + " changes at a time.");
        }
        KeptBox now = shelf.get(id);
        List<State> states = history.from(id, from == null ? now.revision() : from, most + 1);
        List<ChangeView> changes = new ArrayList<>();
        AsItIs shop = floor.asItIs();
        Optional<WorkedPlan> after = states.isEmpty() ? Optional.empty() : worked(states.get(0), shop);
        for (int i = 0; i < Math.min(most, states.size()); i++) {
            State state = states.get(i);
            Optional<WorkedPlan> before = i + 1 < states.size() ? worked(states.get(i + 1), shop) : Optional.empty();
            changes.add(view(state, i + 1 < states.size(), before, after));
            after = before;
        }
        return new HistoryView(
                now.revision(), changes, states.size() > most ? states.get(most).revision() : null);
    }

    private static ChangeView view(
            State state, boolean follows, Optional<WorkedPlan> before, Optional<WorkedPlan> after) {
        List<String> says;
        if (after.isEmpty()) {
            says = List.of("This state cannot be read");
        } else if (!follows) {
            says = List.of("Begun");
        } else {
            WorkedPlan is = after.get();
            says = before.map(was -> WhatChanged.between(was, is)).orElse(List.of("The state before cannot be read"));
        }
        return new ChangeView(
                state.revision(),
                state.at(),
                says.isEmpty() ? List.of("Saved as it was") : says,
                state.keep(),
                after.map(StandingFigure::of).orElse(null));
    }

    @GetMapping("/{revision}")
    StateView state(@PathVariable String id, @PathVariable long revision) {
        KeptBox now = shelf.get(id);
        State state = history.at(id, revision);
        WorkedPlan was = worked(state, floor.asItIs())
                .orElseThrow(() -> new Refused("revision", "This state cannot be read; take another."));
        return new StateView(
                revision,
                state.at(),
                was.plan(),
                WhatChanged.between(Planner.work(now.plan(), floor.shop(now.plan(), List.of())), was),
                StandingFigure.of(was));
    }

    /** Makes it the newest; what stands now stays in the history. */
    @PostMapping("/{revision}/back")
    BoxApi.Saved back(@PathVariable String id, @PathVariable long revision, @RequestBody BackRequest request) {
        Long now = request.revision();
        if (now == null) {
            throw new Refused("revision", "The revision the change was made from is missing.");
        }
        return new BoxApi.Saved(history.back(id, revision, now));
    }

    @PutMapping("/{revision}/keep")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@PathVariable String id, @PathVariable long revision, @RequestBody KeepRequest request) {
        history.keep(id, revision, request.name() == null ? "" : request.name());
    }

    private static Optional<WorkedPlan> worked(State state, AsItIs shop) {
        return state.plan().map(plan -> Planner.work(plan, shop.shop(plan, List.of())));
    }
}
