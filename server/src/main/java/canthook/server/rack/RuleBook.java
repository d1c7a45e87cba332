package canthook.server.rack;

import canthook.shop.HouseRule;
import canthook.shop.HouseRules;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The house rules that stand. Read once and kept, for every plan asks for them. */
@Service
public class RuleBook {
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
        Map<HouseRule, Double> changed = new EnumMap<>(HouseRule.class);
        rows.rules().forEach(row -> changed.put(HouseRule.byId(row.id()), row.value()));
        return new HouseRules(changed);
    }
}
