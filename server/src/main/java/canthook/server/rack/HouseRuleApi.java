package canthook.server.rack;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.shop.HouseRule;
import canthook.shop.HouseRule.Kind;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shop's habits: seen with their reasons, changed, put back. */
@RestController
@RequestMapping("/api/house-rules")
public class HouseRuleApi {
    private final RuleBook book;

    HouseRuleApi(RuleBook book) {
        this.book = book;
    }

    /**
     * A house rule as it stands.
     *
     * @param value millimetres, a ratio, seconds
     * @param text the value to edit
     * @param unit of the text
     * @param usual the default with its unit
     */
    public record RuleView(
            String id,
            HouseRule.Group group,
            String label,
            Kind kind,
            double value,
            String text,
            String unit,
            String usual,
            double least,
            double most,
            String reason,
            boolean changed) {}

    /** A value for a rule: millimetres, a ratio, seconds. */
    public record RuleValue(double value) {}

    @GetMapping
    List<RuleView> all(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        return Arrays.stream(HouseRule.values()).map(r -> view(r, display)).toList();
    }

    @PutMapping("/{id}")
    RuleView set(
            @PathVariable String id,
            @RequestBody RuleValue wish,
            @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        HouseRule rule = HouseRule.byId(id);
        book.set(rule, wish.value());
        return view(rule, display);
    }

    @DeleteMapping("/{id}")
    RuleView reset(@PathVariable String id, @RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        HouseRule rule = HouseRule.byId(id);
        book.reset(rule);
        return view(rule, display);
    }

    @DeleteMapping
    List<RuleView> resetAll(@RequestParam(defaultValue = "METRIC") LengthDisplay display) {
        book.resetAll();
        return all(display);
    }

    private RuleView view(HouseRule rule, LengthDisplay display) {
        String unit = switch (rule.kind()) {
            case LENGTH -> display.unit();
            case RATIO, SECONDS, MINUTES, DAYS -> rule.kind().unit();
        };
        double value = book.rules().value(rule);
        return new RuleView(
                rule.id(),
                rule.group(),
                rule.label(),
                rule.kind(),
                value,
                text(rule, value, display),
                unit,
                (text(rule, rule.usual(), display) + " " + unit).strip(),
                rule.least(),
                rule.most(),
                rule.reason(),
                book.rules().isChanged(rule));
    }

    private static String text(HouseRule rule, double value, LengthDisplay display) {
        if (rule.kind() == Kind.LENGTH) {
            return display.editable(Length.mm(value));
        }
        return BlankCsv.plain(Math.round(value * 1000) / 1000.0);
    }
}
