package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The practice shop, played by keyboard alone, and the drills. */
class PracticeTest {
    private static final Pattern TASK = Pattern.compile("clearance wanted ([0-9.]+).*good from ([0-9.]+) to ([0-9.]+)");
    private static Workbench bench;

    @BeforeAll
    static void open() throws java.io.IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        assertThat(bench.complaints()).isEmpty();
        bench.close();
    }

    /** A whole round by keyboard: enter, cut, read, move by what was read, cut and read again, cut the parts; a reload changes nothing. */
    @Test
    void aRoundIsPlayedByKeyboard() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Practice"))
                .press("Enter");
        Locator key = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("fixed key on a sled or mitre gauge"));
        key.focus();
        key.press("Enter");
        assertThat(page.locator(".jig-side h2")).containsText("Nothing is cut yet");
        // every shop wants its own: a test that aims where only most of them are good is luck
        Matcher task = TASK.matcher(page.locator(".task").first().textContent());
        assertThat(task.find()).isTrue();
        double wanted = Double.parseDouble(task.group(1));
        double clearance = cutAndRead(page, 1);
        Locator by = page.getByRole(AriaRole.TEXTBOX);
        double off = clearance - wanted;
        by.fill(String.format(java.util.Locale.ROOT, "%.2f", Math.abs(off)));
        by.press("Enter");
        by.evaluate("e => e.blur()");
        page.keyboard().press(off > 0 ? "ArrowLeft" : "ArrowRight");
        // the amount just typed, and not the one that stood there: nothing waited for it
        assertThat(page.locator(".said")).containsText(String.format(java.util.Locale.ROOT, "%.2f", Math.abs(off)));
        assertThat(page.locator(".said")).containsText(off > 0 ? "away from" : "towards");
        assertThat(cutAndRead(page, 2)).isBetween(Double.parseDouble(task.group(2)), Double.parseDouble(task.group(3)));
        page.keyboard().press("p");
        assertThat(page.locator(".said")).containsText("The parts");
        assertThat(page.locator(".refused")).hasCount(0);
        assertThat(page.locator(".jig-side h2")).containsText("They go together");
        assertThat(page.locator(".truths")).containsText("The jig at first");
        page.reload();
        assertThat(page.locator(".truths")).containsText("The jig at first");
        assertThat(page.locator(".score")).containsText("You: 2 cuts, 1 move, 0 spoilt");
        page.context().close();
    }

    private static double cutAndRead(Page page, int piece) {
        page.keyboard().press("c");
        Locator reads = page.locator(".reads li").nth(piece - 1);
        Locator unread = page.locator(".comb button").filter(new Locator.FilterOptions().setHasText("?"));
        assertThat(unread).hasCount(6);
        // as fast as keys come: none is lost
        page.keyboard().type("123456");
        assertThat(unread).hasCount(0);
        return Double.parseDouble(
                reads.locator("b").textContent().replace('−', '-').strip());
    }

    /** A drill is answered with a number, what comes of it is drawn, and Enter goes on; a missed one comes again. */
    @Test
    void drillsAreAnsweredByKeyboard() {
        Page page = bench.window();
        page.navigate(bench.address + "/practice/drills");
        for (int i = 1; i <= 5; i++) {
            assertThat(page.locator(".choice:not([disabled])").first()).isVisible();
            page.keyboard().press("1");
            assertThat(page.locator(".told")).isVisible();
            assertThat(page.locator(".choice.right")).hasCount(1);
            assertThat(page.locator(".pictures figure").first()).isVisible();
            assertThat(page.locator("header")).containsText("of " + i + " right");
            page.keyboard().press("Enter");
        }
        page.navigate(bench.address + "/practice");
        assertThat(page.locator(".kinds li").first()).containsText(" of ");
        page.context().close();
    }

    /** The caliper pressed at the Fit station fills slot and finger in turn, and the readings are kept as if typed. */
    @Test
    void theCaliperIsPressedAtTheFitStation() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + bench.copyOf(page, "packet-drawers") + "/fit");
        Locator press = page.getByText("press the caliper");
        for (int i = 0; i < 6; i++) {
            press.click();
            Locator field = page.locator(".three input").nth(i % 2 == 0 ? i / 2 : 3 + i / 2);
            assertThat(field).not().hasValue("");
        }
        page.getByText("Keep this test cut").click();
        assertThat(page.locator(".cuts li")).hasCount(1);
        page.context().close();
    }
}
