package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From the plan of a glue-up to the clock at the bench, through a reload and a server that is gone for a while. */
class GlueUpTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    private static Page at(String station) {
        Page page = bench.window();
        String id = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + id + "/" + station);
        // hints and bounds come after the numbers; nothing is chosen while fields are still laid out
        page.waitForLoadState(LoadState.NETWORKIDLE);
        return page;
    }

    /** Too long for the glue: a way to gain time is taken, and the box is glued in time. */
    @Test
    void timeIsGainedAndTheDiagonalsAreAnswered() {
        Page page = at("glue");
        Locator all = page.locator(".slate [data-number='glue.all'] .value");
        assertThat(all).containsText("6:12");
        Workbench.choose(page, "Spread on", "both mates");
        assertThat(all).containsText("9:24");
        Locator tooLong = page.locator("[data-code=GLUE_TOO_SHORT]");
        assertThat(tooLong).containsText("skin over before the last are spread: 6:24 min");
        tooLong.getByText("A helper spreads too: 6:12 min").click();
        assertThat(tooLong).hasCount(0);
        assertThat(all).containsText("6:12");
        Workbench.type(page, "DA to BC", "299");
        assertThat(page.locator(".diagonals .square")).hasCount(0);
        Workbench.type(page, "AB to CD", "298");
        assertThat(page.locator(".diagonals .square"))
                .containsText("Push along the first, from corner to corner, 0.5 mm");
        page.context().close();
    }

    /** The order is walked in pictures: the last part closes after the bottom is in. */
    @Test
    void theOrderIsWalkedStepByStep() {
        Page page = at("glue");
        Locator says = page.locator(".instruction");
        assertThat(says).containsText("1 of 10. Dry-fit all of it, the bottom in");
        Locator on = page.getByLabel("Next step");
        StringBuilder order = new StringBuilder();
        for (int i = 2; i <= 10; i++) {
            on.click();
            assertThat(says).containsText(i + " of 10.");
            order.append(says.textContent()).append('\n');
        }
        assertThat(order.toString())
                .containsSubsequence(
                        "Stand B", "Spread B2", "Spread B1", "Slide in the bottom", "Spread both ends of D");
        assertThat(on).isDisabled();
        page.context().close();
    }

    /** A gap is tapped on, its cause chosen, its width read; it stands in the Book with its picture. */
    @Test
    void aGapIsFoundAndWrittenDown() {
        Page page = at("glue");
        page.getByText("gaps, once it is together").click();
        page.locator(".picture", new Page.LocatorOptions().setHasText("at the shoulders, all round"))
                .click();
        page.getByText("parts not pushed down").click();
        Workbench.type(page, "How wide", "0.3");
        assertThat(page.locator(".filled")).containsText("sliver of the same wood");
        assertThat(page.getByLabel("How wide")).hasValue("0.3");
        page.getByText("Write it in the Book").click();
        assertThat(page.locator(".p-toast")).containsText("It stands in the Book.");
        String box = page.url().replaceFirst(".*/boxes/([^/]+)/.*", "$1");
        page.navigate(bench.address + "/book?box=" + box);
        assertThat(page.locator(".entry"))
                .containsText("Gaps at the shoulders, all round, 0.30 mm: parts not pushed down");
        assertThat(page.locator(".entry svg")).isVisible();
        page.context().close();
    }

    /** In inches what was typed stays inches: a gap of twelve thousandths takes a sliver, one of seven glue and dust. */
    @Test
    void aGapIsReadInInches() {
        Page page = at("glue");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Lengths in"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("inches, decimal"))
                .click();
        page.getByText("gaps, once it is together").click();
        page.locator(".picture").first().click();
        Workbench.type(page, "How wide", "0.012");
        assertThat(page.locator(".filled")).containsText("sliver");
        assertThat(page.getByLabel("How wide")).hasValue("0.012");
        Workbench.type(page, "How wide", "0.007");
        assertThat(page.locator(".filled")).containsText("glue and dust");
        page.context().close();
    }

    @Test
    void theClockRunsThroughAReloadAndAServerThatIsGone() throws IOException {
        Page page = at("glue-up");
        Locator glueIsOpen = page.locator("footer .done");
        Locator looks = page.locator(".looks [role=checkbox]");
        assertThat(looks).hasCount(6);
        assertThat(glueIsOpen).isDisabled();
        for (int i = 0; i < 3; i++) {
            looks.nth(i).click();
        }
        // what was looked at is not lost
        page.reload();
        assertThat(page.locator(".looks [aria-checked=true]")).hasCount(3);
        assertThat(glueIsOpen).isDisabled();
        for (int i = 3; i < 6; i++) {
            looks.nth(i).click();
        }
        glueIsOpen.click();
        Locator now = page.locator(".now");
        assertThat(now).hasText(Pattern.compile("0:0[1-9]"));
        page.reload();
        assertThat(now).hasText(Pattern.compile("0:0[2-9]|0:[1-5]\\d"));
        int before = seconds(now);
        page.keyboard().press("Space");
        Locator say = page.locator(".say");
        assertThat(say).containsText("Spread B1");
        bench.stopServer();
        // it runs on, and what is pressed meanwhile is said not to be kept
        page.locator("footer .done").click();
        assertThat(page.locator(".told")).containsText("Not kept yet");
        assertThat(say).containsText("Spread B1");
        bench.startServer();
        assertThat(page.locator(".told")).hasCount(0);
        page.locator("footer .done").click();
        assertThat(say).containsText("Slide in the bottom");
        assertThat(seconds(now)).isGreaterThan(before);
        // a second device sees where it stands
        Page tablet = bench.window();
        tablet.navigate(page.url());
        assertThat(tablet.locator(".say")).containsText("Slide in the bottom");
        tablet.context().close();
        for (int i = 0; i < 5; i++) {
            String was = say.textContent();
            page.locator("footer .done").click();
            assertThat(say).not().hasText(was);
        }
        assertThat(say).hasText(Pattern.compile("Closed and square in 0:\\d\\d\\."));
        page.context().close();
    }

    private static int seconds(Locator clock) {
        String[] parts = clock.textContent().strip().split(":");
        return Integer.parseInt(parts[0]) * 60 + Integer.parseInt(parts[1]);
    }

    /** Everything is looked at dry. */
    static void dryFit(Page page) {
        Locator looks = page.locator(".looks [role=checkbox]");
        assertThat(looks.first()).isVisible();
        for (Locator look : looks.all()) {
            look.click();
        }
    }
}
