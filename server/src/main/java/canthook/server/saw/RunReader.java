package canthook.server.saw;

import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.saw.Pace;
import canthook.saw.SawEvent;
import canthook.saw.SawRun;
import canthook.server.box.Shelf;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.LearnedPace;
import canthook.server.saw.SawMapper.EventRow;
import canthook.server.saw.SawMapper.RunRow;
import canthook.server.saw.SawRuns.Lot;
import canthook.server.saw.SawRuns.Standing;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Runs as they are kept, read: the plan and rules each was begun with, what happened in it, and how long its passes took. */
@Component
class RunReader {
    private static final int RUNS_LEARNED_FROM = 20;
    private static final int PARTS_A_BOX = 4;

    private final SawMapper rows;
    private final Shelf shelf;
    private final LearnedPace pace;
    private final ObjectMapper json;

    RunReader(SawMapper rows, Shelf shelf, LearnedPace pace, ObjectMapper json) {
        this.rows = rows;
        this.shelf = shelf;
        this.pace = pace;
        this.json = json;
    }

    /** @throws Unreadable when its plan, its rules or one of its events cannot be read, or they do not fit each other */
    Standing standing(RunRow row) throws Unreadable {
        try {
            return read(row);
        } catch (JsonProcessingException e) {
            throw new Unreadable(Damaged.why(e));
        } catch (Refused | Damaged.Unread e) {
            throw new Unreadable(String.valueOf(e.getMessage()));
        }
    }

    private Standing read(RunRow row) throws JsonProcessingException {
        BoxPlan plan = json.readValue(row.plan(), BoxPlan.class);
        Map<HouseRule, Double> changed = new EnumMap<>(HouseRule.class);
        json.readValue(row.rules(), new TypeReference<Map<String, Double>>() {})
                .forEach((rule, value) -> changed.put(HouseRule.byId(rule), value));
        Shop shop = new Shop(new HouseRules(changed), shelf.get(row.boxId()).cuts(), List.of(), pace.secondsPerPass());
        WorkedPlan worked = Planner.work(plan, shop);
        List<EventRow> events = rows.events(row.id());
        List<SawEvent> happened = new ArrayList<>();
        for (EventRow event : events) {
            happened.add(json.readValue(event.event(), SawEvent.class));
        }
        BatchWish batch = plan.batch();
        Lot lot = new Lot(
                row.firstBox(),
                row.boxes(),
                batch == null ? 1 : batch.count(),
                row.unproven() == 1,
                (batch == null ? 1 : batch.count()) - rows.boxesCut(row.boxId()));
        SawRun run = lot.isRest()
                ? SawRun.ofMany(worked.cutsOf(lot.first(), lot.boxes()), happened)
                : SawRun.of(worked.cuts(), happened);
        return new Standing(
                row.id(),
                row.boxId(),
                row.startedAt(),
                row.closed() == 1,
                worked,
                PARTS_A_BOX * rows.madeBetween(row.boxId(), lastTest(shop), row.startedAt()),
                lot,
                run,
                events.size());
    }

    /** When a test was last recorded; before every run when none was. */
    private static String lastTest(Shop shop) {
        return shop.testCuts().stream().map(TestCut::at).max(String::compareTo).orElse("");
    }

    static Map<String, Double> changed(HouseRules rules) {
        Map<String, Double> changed = new LinkedHashMap<>();
        for (HouseRule rule : HouseRule.values()) {
            if (rules.isChanged(rule)) {
                changed.put(rule.id(), rules.value(rule));
            }
        }
        return changed;
    }

    void learn() {
        List<List<Double>> times = new ArrayList<>();
        for (RunRow row : rows.newest(RUNS_LEARNED_FROM)) {
            List<Double> done = new ArrayList<>();
            for (EventRow event : rows.events(row.id())) {
                try {
                    if (json.readValue(event.event(), SawEvent.class).kind() == SawEvent.Kind.DONE) {
                        done.add(Instant.parse(event.at()).toEpochMilli() / 1000.0);
                    }
                } catch (JsonProcessingException | DateTimeParseException e) {
                    // nothing is learned from what cannot be read; it stands among the damaged
                }
            }
            times.add(done);
        }
        pace.learned(Pace.of(times).orElse(null));
    }

    String write(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A run that cannot be written", e);
        }
    }

    /** Why a run cannot be read. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String why) {
            super(why);
        }
    }
}
