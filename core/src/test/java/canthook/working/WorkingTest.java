package canthook.working;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.AnyPlan;
import canthook.length.LengthDisplay;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WorkingTest {
    @Test
    void aNumberOpensToItsFormulaAndTheValuesThatWentIn() {
        Worked slot = work(envelopeDrawer()).number("fingers.slot").orElseThrow();
        assertThat(slot.formula()).isEqualTo("(H + m · c) / n");
        assertThat(slot.withValues(LengthDisplay.METRIC)).isEqualTo("(96 + 7 · 0.12) / 13");
        assertThat(slot.inputs())
                .extracting(Worked::id)
                .containsExactly("size.height", "fingers.fingers-first", "fingers.clearance", "fingers.sections");
    }

    /** Reads every formula as shown and computes it afresh: what a maker with a pocket calculator would do. */
    @Test
    void everyFormulaComputedByHandGivesTheNumberShown() {
        assertThat(checked(work(envelopeDrawer()))).isGreaterThan(50);
    }

    /** Times are written with their units, so that minutes are added to minutes and no second is met that was never shown. */
    @Test
    void timesAreWrittenInTheUnitTheyAreShownIn() {
        WorkedPlan worked = work(envelopeDrawer());
        assertThat(worked.number("finish.hands").orElseThrow().withValues(LengthDisplay.METRIC))
                .matches("\\d+ min( \\+ \\d+ min)+");
        assertThat(worked.number("finish.hands-trim").orElseThrow().withValues(LengthDisplay.METRIC))
                .isEqualTo("round up (30 min / 5 min) · 5 min");
    }

    /** The workings of every way of indexing, odd and even, unequal walls, low walls, cutters of the rack, test cuts. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void everyJigsWorkingsComeToWhatTheySay(Way way) {
        int boxes = 0;
        for (long seed = 1; boxes < AnyPlan.share(24); seed++) {
            AnyPlan any = AnyPlan.of(30_000 + seed);
            BoxPlan plan = any.plan().with(LengthDisplay.METRIC);
            plan = plan.with(plan.jig().with(way));
            WorkedPlan worked = Planner.work(plan, any.shop());
            if (worked.jig().setting() == null) {
                continue;
            }
            boxes++;
            assertThat(checked(worked)).as(way + " " + any.seed()).isGreaterThan(40);
        }
    }

    private static int checked(WorkedPlan worked) {
        int checked = 0;
        for (Worked number : worked.numbers()) {
            String shown = number.withValues(LengthDisplay.METRIC);
            if (shown == null || shown.contains("cos") || shown.contains("sin") || shown.contains("atan")) {
                continue;
            }
            double byHand = new Calculator(shown).compute();
            double told = number.plain();
            double slack = 0.002 * Math.max(1, Math.abs(told));
            assertThat(byHand).as(number.id() + ": " + shown).isCloseTo(told, within(slack));
            checked++;
        }
        return checked;
    }

    /** Sums, products, brackets and the few words the formulas use. */
    private static final class Calculator {
        private final String text;
        private int at;

        Calculator(String text) {
            this.text = text.replace('−', '-').replace("·", "*").replace(" ", "");
        }

        double compute() {
            double value = sum();
            assertThat(at).as("read to the end of " + text).isEqualTo(text.length());
            return value;
        }

        private double sum() {
            double value = product();
            while (at < text.length() && "+-".indexOf(text.charAt(at)) >= 0) {
                value = text.charAt(at++) == '+' ? value + product() : value - product();
            }
            return value;
        }

        private double product() {
            double value = single();
            while (at < text.length() && "*/".indexOf(text.charAt(at)) >= 0) {
                value = text.charAt(at++) == '*' ? value * single() : value / single();
            }
            return value;
        }

        private double single() {
            if (accept("roundup")) {
                return Math.ceil(single() - 1e-4);
            }
            if (accept("rounddown")) {
                return Math.floor(single() + 1e-4);
            }
            if (accept("thelargerof")) {
                return pair(true);
            }
            if (accept("thesmallerof")) {
                return pair(false);
            }
            if (accept("rootof")) {
                return Math.sqrt(single());
            }
            if (accept("sizeof")) {
                return Math.abs(single());
            }
            if (accept("tan")) {
                return Math.tan(Math.toRadians(single()));
            }
            if (accept("-")) {
                return -single();
            }
            if (accept("(")) {
                double value = sum();
                assertThat(accept(")")).isTrue();
                return value;
            }
            int from = at;
            while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
                at++;
            }
            double number = Double.parseDouble(text.substring(from, at));
            return number * (accept("min") ? 60 : accept("days") ? 86_400 : accept("h") ? 3600 : accept("s") ? 1 : 1);
        }

        private double pair(boolean larger) {
            assertThat(accept("(")).isTrue();
            double a = sum();
            assertThat(accept("and")).isTrue();
            double b = sum();
            assertThat(accept(")")).isTrue();
            return larger ? Math.max(a, b) : Math.min(a, b);
        }

        private boolean accept(String word) {
            if (text.startsWith(word, at)) {
                at += word.length();
                return true;
            }
            return false;
        }
    }
}
