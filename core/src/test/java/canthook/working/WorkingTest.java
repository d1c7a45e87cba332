package canthook.working;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import org.junit.jupiter.api.Test;

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

    /** Reads the formula as shown and computes it afresh: what a maker with a pocket calculator would do. */
    @Test
    void everyFormulaComputedByHandGivesTheNumberShown() {
        WorkedPlan worked = work(envelopeDrawer());
        int checked = 0;
        for (Worked number : worked.numbers()) {
            String shown = number.withValues(LengthDisplay.METRIC);
            if (shown == null || shown.contains("cos") || shown.contains("sin")) {
                continue;
            }
            double byHand = new Calculator(shown).compute();
            double told = number.plain();
            double slack = 0.002 * Math.max(1, Math.abs(told));
            assertThat(byHand).as(number.id() + ": " + shown).isCloseTo(told, within(slack));
            checked++;
        }
        assertThat(checked).isGreaterThan(50);
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
            return Double.parseDouble(text.substring(from, at));
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
