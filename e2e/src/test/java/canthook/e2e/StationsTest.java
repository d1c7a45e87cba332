package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each station as a maker in a hurry uses it: wrong keys, no mouse, a server gone, a small screen. */
@Order(3)
class StationsTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    private static Page at(String path) {
        Page page = bench.window();
        page.navigate(bench.address + path);
        page.waitForSelector(".slate");
        return page;
    }

    @ParameterizedTest
    @CsvSource({"size", "fingers", "blank", "jig", "bottom", "lid"})
    void everyLengthFieldRefusesNonsenseBesideItAndLosesNothing(String station) {
        Page page = at("/boxes/germination-box/" + station);
        String before = page.locator("nav.rail").innerText();
        Locator fields = page.locator(".decide .field input");
        int count = fields.count();
        assertThat(count).isPositive();
        for (int i = 0; i < count; i++) {
            Locator field = fields.nth(i);
            String stood = field.inputValue();
            for (String nonsense : List.of("abc", "1/0", "-9999", "NaN", "1e9", "30000 mm")) {
                field.fill(nonsense);
                Locator says = page.locator(".decide .field").nth(i).locator(".says");
                assertThat(says).hasClass(java.util.regex.Pattern.compile(".*error.*"));
                assertThat(says).not().isEmpty();
            }
            field.press("Escape");
            assertThat(field).hasValue(stood);
        }
        assertThat(page.locator(".kept")).hasText("kept");
        assertThat(page.locator("nav.rail").innerText()).isEqualTo(before);
        page.context().close();
    }

    @Test
    void percentsAndDegreesAreGuardedToo() {
        Page page = at("/boxes/envelope-drawer/bottom");
        Locator meter = page.getByLabel("Meter reads");
        meter.fill("wet");
        assertThat(page.getByText("Meter reads: “wet” is not a number")).isVisible();
        meter.fill("140");
        assertThat(page.getByText("Meter reads: from 0 to 100 %")).isVisible();
        meter.fill("34");
        assertThat(page.locator("[data-code=MOISTURE_OVER_SATURATION]")).isVisible();
        meter.fill("8.5");
        assertThat(page.locator("[data-code=MOISTURE_OVER_SATURATION]")).hasCount(0);
        assertThat(page.locator(".kept")).hasText("kept");
        page.context().close();
    }

    @Test
    void aFixShowsItsEffectBeforeItIsTaken() {
        Page page = at("/boxes/germination-box/lid");
        Locator line = page.locator("[data-number='lid.off'] .value");
        String before = line.innerText();
        Locator fix = page.locator("[data-code=LID_LINE_OFF] .fix").first();
        fix.hover();
        assertThat(line).not().hasText(before);
        page.locator("h2").first().hover();
        assertThat(line).hasText(before);
        page.context().close();
    }

    @Test
    void theStickAndTheSlateLightEachOther() {
        Page page = at("/boxes/envelope-drawer/fingers");
        page.locator("[data-number='fingers.first-rip']").hover();
        assertThat(page.locator(".stick .mark.rip")).hasClass(java.util.regex.Pattern.compile(".*lit.*"));
        page.locator(".stick .mark.rip text").hover();
        assertThat(page.locator("[data-number='fingers.first-rip']"))
                .hasClass(java.util.regex.Pattern.compile(".*lit.*"));
        page.context().close();
    }

    @Test
    void theWholeLadderByKeyboard() {
        Page page = at("/boxes/envelope-drawer/fingers");
        Locator chosen = page.locator(".rung.chosen .count");
        assertThat(chosen).hasText("13");
        for (String count : List.of("11", "9", "7", "5", "3", "3")) {
            page.keyboard().press("[");
            assertThat(chosen).hasText(count);
        }
        for (String count : List.of("5", "7", "9", "11", "13", "13")) {
            page.keyboard().press("]");
            assertThat(chosen).hasText(count);
        }
        page.locator("[data-number='fingers.pitch']").focus();
        page.keyboard().press("w");
        Locator working = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Working"));
        assertThat(working).containsText("p = s + f");
        working.locator(".input").first().press("Enter");
        assertThat(working).containsText("Slot");
        assertThat(working.getByText("back")).isVisible();
        page.keyboard().press("Escape");
        assertThat(working).hasCount(0);
        page.keyboard().press("?");
        assertThat(page.getByText("down and up the ladder of finger counts")).isVisible();
        page.context().close();
    }

    @Test
    void whatIsTypedWhileTheServerIsAwayIsKeptWhenItIsBack() {
        Page page = at("/boxes/envelope-drawer/fingers");
        page.route("**/api/boxes/envelope-drawer", Route::abort);
        page.keyboard().press("[");
        assertThat(page.locator(".kept")).hasText("not kept yet");
        page.unroute("**/api/boxes/envelope-drawer");
        assertThat(page.locator(".kept")).hasText("kept");
        page.reload();
        assertThat(page.locator(".rung.chosen .count")).hasText("11");
        page.locator(".recommended .word").click();
        assertThat(page.locator(".rung.chosen .count")).hasText("13");
        assertThat(page.locator(".kept")).hasText("kept");
        page.context().close();
    }

    @Test
    void aBoxIsRenamedWhereItsNameStands() {
        Page page = at("/boxes/germination-box/size");
        Locator name = page.getByLabel("Name of the box");
        name.fill("   ");
        name.press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("A box needs a name");
        assertThat(name).hasValue("Germination box");
        name.fill("Germination box, oak");
        name.press("Tab");
        assertThat(page.locator(".kept")).hasText("kept");
        page.reload();
        assertThat(page.getByLabel("Name of the box")).hasValue("Germination box, oak");
        page.context().close();
    }

    @Test
    void boxesAreSearchedCopiedPutAwayAndTakenOutAgain() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes");
        Locator boxes = page.locator(".shelf > li");
        assertThat(page.locator(".shelf .name").first()).isVisible();
        page.getByLabel("Copy Envelope drawer").click();
        assertThat(page.locator(".shelf .name", new Page.LocatorOptions().setHasText("Envelope drawer, copy")))
                .isVisible();
        page.getByLabel("Put Envelope drawer, copy away").click();
        assertThat(page.locator(".away")).containsText("Envelope drawer, copy");
        page.locator(".away p", new Page.LocatorOptions().setHasText("Envelope drawer, copy"))
                .getByText("take out again")
                .click();
        assertThat(page.locator(".away")).not().containsText("Envelope drawer, copy");
        page.getByLabel("Search the boxes").fill("drawer, copy");
        assertThat(boxes).hasCount(1);
        page.getByLabel("Search the boxes").fill("no such box");
        assertThat(page.getByText("No box here answers to")).isVisible();
        page.context().close();
    }

    @ParameterizedTest
    @CsvSource({"1024,768", "1280,800", "640,400", "1920,1080"})
    void nothingRunsOutOfTheWindow(int width, int height) {
        Page page = bench.window(width, height);
        for (String station : List.of("size", "fingers", "jig", "fit", "lid")) {
            page.navigate(bench.address + "/boxes/germination-box/" + station);
            page.waitForSelector(".slate .number");
            Object wider = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
            assertThat(((Number) wider).intValue()).as(station + " at " + width).isLessThanOrEqualTo(0);
        }
        page.context().close();
    }

    @Test
    void anUnknownBoxAndAnUnknownPlaceSaySo() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/never-made/size");
        assertThat(page.getByText("There is no box called “never-made” here.")).isVisible();
        page.getByText("See the boxes that are here").click();
        assertThat(page.locator("h1")).hasText("Boxes");
        page.context().close();
    }

    @Test
    void everyRungSaysWhereItClosesAndWhatComesOff() {
        Page page = at("/boxes/envelope-drawer/fingers");
        page.getByLabel("Wall may end higher by").fill("0");
        page.getByLabel("Height of the wall").fill("96.5");
        Locator rung = page.locator(".rung.chosen");
        // 13 × 7.45 − 7 × 0.12 = 96.01
        assertThat(rung.locator(".closes")).hasText("closes 96.01 mm");
        assertThat(rung.locator(".rips")).hasText("rip 0.49 mm");
        rung.locator(".rips").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("96.5 − 96.01");
        page.keyboard().press("Escape");
        assertThat(page.getByLabel("Wall may end lower by")).hasAttribute("placeholder", "1.0");
        page.getByLabel("Wall may end lower by").fill("0");
        assertThat(rung.locator(".closes")).hasText("closes 96.50 mm");
        for (int i = 0; i < 3; i++) {
            page.locator(".tools button").first().click();
        }
        assertThat(page.locator("nav.rail .station").first()).containsText("96");
        assertThat(page.locator(".kept")).hasText("kept");
        page.context().close();
    }

    @Test
    void theSeasonDrawingOpensToTheDayItShows() {
        Page page = at("/boxes/envelope-drawer/bottom");
        page.getByRole(AriaRole.SLIDER).focus();
        page.keyboard().press("End");
        Locator gap = page.locator(".grooves .note.gap-label");
        assertThat(gap).hasText("0.50 mm gap");
        gap.click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Gap this day");
        assertThat(page.getByRole(AriaRole.DIALOG).locator(".result")).containsText("0.50");
        page.context().close();
    }

    @Test
    void aTestCutIsTakenOutAndPutBack() {
        Page page = at("/boxes/envelope-drawer/fit");
        assertThat(page.locator(".cuts .num").first()).hasText("7.46 7.45 7.46 / 7.25 7.24 7.25");
        page.locator(".cuts .word").first().click();
        assertThat(page.locator("nav.rail .station.here .line")).hasText("waits for a test cut");
        page.getByText("put back").click();
        assertThat(page.locator("nav.rail .station.here .line")).hasText("0.09 too loose");
        page.context().close();
    }

    @Test
    void aFailureIsSaidWhereverItHappens() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes");
        page.waitForSelector(".shelf .name");
        page.route("**/copy", Route::abort);
        page.getByLabel("Copy Germination box").first().click();
        assertThat(page.getByText("The server does not answer")).isVisible();
        page.context().close();
    }

    @Test
    void aNumberIsDraggedSidewaysAndPutBackByEscape() {
        Page page = at("/boxes/envelope-drawer/size");
        Locator line = page.locator("nav.rail .station").first().locator(".line");
        assertThat(line).hasText("outside 248 × 166 × 96");
        var name = page.locator("label", new Page.LocatorOptions().setHasText("Outside width"))
                .boundingBox();
        page.mouse().move(name.x + 20, name.y + 8);
        page.mouse().down();
        page.mouse().move(name.x + 70, name.y + 8, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(10));
        assertThat(line).not().hasText("outside 248 × 166 × 96");
        page.keyboard().press("Escape");
        page.mouse().up();
        assertThat(line).hasText("outside 248 × 166 × 96");
        assertThat(page.locator(".kept")).hasText("kept");
        page.context().close();
    }
}
