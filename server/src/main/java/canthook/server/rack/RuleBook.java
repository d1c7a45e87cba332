package canthook.server.rack;

import canthook.refusal.Refused;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.Keeper;
import canthook.server.keeping.Unknown;
import canthook.server.rack.RackMapper.RuleRow;
import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The house rules that stand. Read once and kept, for every plan asks for them. */
@Service
public class RuleBook implements Keeper {
    private final RackMapper rows;
    private final Clock clock;
    private final TransactionTemplate keeping;
    private volatile HouseRules standing;

    RuleBook(RackMapper rows, Clock clock, TransactionTemplate keeping) {
        this.rows = rows;
        this.clock = clock;
        this.keeping = keeping;
        this.standing = read();
    }

    public HouseRules rules() {
        return standing;
    }

    /** Takes effect once it is kept, and not before. */
    public synchronized void set(HouseRule rule, double value) {
        HouseRules after = standing.with(rule, value);
        keeping.executeWithoutResult(kept -> {
            if (after.isChanged(rule)) {
                rows.setRule(
                        rule.id(),
                        value,
                        clock.instant().truncatedTo(ChronoUnit.MILLIS).toString());
            } else {
                rows.resetRule(rule.id());
            }
        });
        standing = after;
    }

    public void reset(HouseRule rule) {
        set(rule, rule.usual());
    }

    public synchronized void resetAll() {
        keeping.executeWithoutResult(kept -> rows.resetRules());
        standing = HouseRules.DEFAULT;
    }

    private HouseRules read() {
        return sorted(rows.rules()).standing();
    }

    /** What is kept, sorted. */
    private record Sorted(HouseRules standing, Map<String, String> refused) {}

    /**
     * Those that are known and may stand together; one that may not keeps none of the others from it. Some may stand only after
     * another does, so they are tried until no more of them come in.
     */
    private static Sorted sorted(List<RuleRow> kept) {
        HouseRules standing = HouseRules.DEFAULT;
        Map<String, String> refused = new LinkedHashMap<>();
        List<RuleRow> left = kept;
        int before;
        do {
            before = left.size();
            refused.clear();
            List<RuleRow> still = new ArrayList<>();
            for (RuleRow row : left) {
                try {
                    standing = standing.with(HouseRule.byId(row.id()), row.value());
                } catch (Refused e) {
                    refused.put(row.id(), String.valueOf(e.getMessage()));
                    still.add(row);
                }
            }
            left = still;
        } while (left.size() < before);
        return new Sorted(standing, refused);
    }

    @Override
    public Set<Damaged.Kind> kinds() {
        return Set.of(Damaged.Kind.HOUSE_RULE);
    }

    @Override
    @Transactional(readOnly = true)
    public List<Damaged> damaged() {
        return sorted(rows.rules()).refused().entrySet().stream()
                .map(rule -> new Damaged(
                        Damaged.Kind.HOUSE_RULE, rule.getKey(), "House rule " + rule.getKey(), rule.getValue()))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public String asKept(Damaged.Kind kind, String id) {
        return rows.rules().stream()
                .filter(row -> row.id().equals(id))
                .map(row -> row.id() + " = " + row.value())
                .findFirst()
                .orElseThrow(() -> new Unknown("house rule", id));
    }

    @Override
    public synchronized void putAway(Damaged.Kind kind, String id) {
        keeping.executeWithoutResult(kept -> rows.resetRule(id));
        standing = read();
    }
}
