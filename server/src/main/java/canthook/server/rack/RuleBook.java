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
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The house rules that stand. Read once and kept, for every plan asks for them. */
@Service
public class RuleBook implements Keeper {
    private static final Logger LOG = LoggerFactory.getLogger(RuleBook.class);
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

    /** Those that are known and may stand; one that is not keeps none of the others from it. */
    private HouseRules read() {
        Map<HouseRule, Double> changed = new EnumMap<>(HouseRule.class);
        for (RuleRow row : rows.rules()) {
            if (why(row).isEmpty()) {
                changed.put(HouseRule.byId(row.id()), row.value());
            }
        }
        try {
            return new HouseRules(changed);
        } catch (Refused e) {
            // two that contradict each other, by another hand than ours
            LOG.warn("The house rules kept contradict each other; the usual ones stand. {}", e.getMessage());
            return HouseRules.DEFAULT;
        }
    }

    private static Optional<String> why(RuleRow row) {
        try {
            new HouseRules(Map.of(HouseRule.byId(row.id()), row.value()));
            return Optional.empty();
        } catch (Refused e) {
            return Optional.of(String.valueOf(e.getMessage()));
        }
    }

    @Override
    public Set<Damaged.Kind> kinds() {
        return Set.of(Damaged.Kind.HOUSE_RULE);
    }

    @Override
    @Transactional(readOnly = true)
    public List<Damaged> damaged() {
        List<Damaged> damaged = new ArrayList<>();
        for (RuleRow row : rows.rules()) {
            why(row).ifPresent(why ->
                    damaged.add(new Damaged(Damaged.Kind.HOUSE_RULE, row.id(), "House rule " + row.id(), why)));
        }
        return damaged;
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
    public void putAway(Damaged.Kind kind, String id) {
        keeping.executeWithoutResult(kept -> rows.resetRule(id));
    }
}
