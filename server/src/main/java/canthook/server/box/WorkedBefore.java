package canthook.server.box;

import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WhatWorked;
import canthook.planner.WhatWorked.Tried;
import canthook.planner.WorkedPlan;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.rack.ShopFloor;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What worked before with the same cutter, jig and wood, over all boxes of the shop, those put away too. */
@Service
class WorkedBefore {
    private final Shelf shelf;
    private final ShopFloor floor;

    WorkedBefore(Shelf shelf, ShopFloor floor) {
        this.shelf = shelf;
        this.floor = floor;
    }

    /**
     * Where to begin.
     *
     * @param says a sentence
     * @param at when that was cut, ISO 8601
     */
    public record Before(String says, String at) {}

    /** What is found; nothing where no box like it went together. */
    public record BeforeAnswer(@Nullable Before before) {}

    @Transactional(readOnly = true)
    public BeforeAnswer of(String id) {
        KeptBox box = shelf.get(id);
        WorkedPlan now = worked(box);
        List<Tried> others = new ArrayList<>();
        for (boolean archived : new boolean[] {false, true}) {
            for (KeptBox other : shelf.all(archived)) {
                if (!other.id().equals(id) && !other.testCuts().isEmpty() && mayBeLike(box.plan(), other.plan())) {
                    others.add(new Tried(other.plan().name(), worked(other)));
                }
            }
        }
        return new BeforeAnswer(WhatWorked.of(now, others)
                .map(found -> new Before(found.says(box.plan().display()), found.at()))
                .orElse(null));
    }

    /** A plan is worked only where wood and jig are the same. */
    private static boolean mayBeLike(BoxPlan now, BoxPlan then) {
        return now.walls().wood().equals(then.walls().wood())
                && now.jig().way() == then.jig().way();
    }

    private WorkedPlan worked(KeptBox box) {
        return Planner.work(box.plan(), floor.shop(box.plan(), box.cuts()));
    }
}
