package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Where people who had never seen it stumbled. */
class NewcomerTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        assertThat(bench.complaints()).isEmpty();
        bench.close();
    }

    private static Page at(String box, String station) {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + bench.copyOf(page, box) + "/" + station);
        page.waitForSelector(".the-answer .number");
        return page;
    }

    @Test
    void aWoodIsTypedAndTakenWithEnter() {
        Page page = at("envelope-drawer", "size");
        Locator wood = page.locator(".choice", new Page.LocatorOptions().setHasText("Wood of the walls"));
        wood.getByRole(AriaRole.COMBOBOX).click();
        page.keyboard().type("walnut");
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(wood.locator(".p-select-label")).hasText("Black walnut");
        // what nothing matches changes nothing
        wood.getByRole(AriaRole.COMBOBOX).click();
        page.keyboard().type("driftwood");
        page.keyboard().press("Enter");
        assertThat(wood.locator(".p-select-label")).hasText("Black walnut");
    }

    @Test
    void soIsTheWoodOfANewBoxAndAPencilBoxGetsALidThatSlides() {
        Page page = bench.window();
        page.navigate(bench.address + "/new-box");
        page.getByText("to hold something").click();
        Locator wood = page.locator(".assumed-list .choice");
        wood.getByRole(AriaRole.COMBOBOX).click();
        page.keyboard().type("walnut");
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(wood.locator(".p-select-label")).hasText("Black walnut");
        Workbench.type(page, "each, along", "180");
        Workbench.type(page, "each, across", "8");
        Workbench.type(page, "each, high", "8");
        Workbench.type(page, "How many", "6");
        // six pencils lie beside each other, not in a row
        assertThat(page.locator(".follows")).containsText("201 × 84");
        page.getByText("Lay it on the bench").click();
        page.waitForURL("**/size");
        page.locator("nav.rail a[href$='/lid']").click();
        Workbench.choose(page, "Lid", "slides");
        assertThat(page.locator("[data-number='lid.cut']").first()).isVisible();
        assertThat(page.locator(".slate .weight", new Page.LocatorOptions().setHasText("stop")))
                .hasCount(0);
    }

    @Test
    void toLetTheContentsLeadKeepsTheBoxAsItWas() {
        Page page = at("envelope-drawer", "size");
        Locator told = page.locator("nav.rail a[href$='/size']");
        String before = told.textContent();
        Workbench.choose(page, "Size from", "what goes in");
        // the height is no field any more, it follows
        assertThat(page.locator("[data-number='size.height']")).isVisible();
        assertThat(told).hasText(before);
    }

    @Test
    void theLadderIsOneStopOfTheTabKeyAndArrowsClimbIt() {
        Page page = at("envelope-drawer", "fingers");
        Locator stops = page.locator("[role=radio][tabindex='0']");
        assertThat(stops).hasCount(1);
        assertThat(stops).hasAttribute("aria-checked", "true");
        String chosen = stops.getAttribute("aria-label");
        stops.focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("[role=radio][aria-checked='true']")).not().hasAttribute("aria-label", chosen);
        assertThat(stops).hasCount(1);
    }

    @Test
    void backClosesTheWorkingBeforeItLeavesTheBench() {
        Page page = at("germination-box", "jig");
        String here = page.url();
        page.locator(".the-answer .number").first().click();
        assertThat(page.locator(".working")).isVisible();
        page.goBack();
        assertThat(page.locator(".working")).hasCount(0);
        assertThat(page.url()).isEqualTo(here);
    }

    @Test
    void theRackKnowsTheBoxItWasOpenedFrom() {
        Page page = at("germination-box", "jig");
        String here = page.url();
        Workbench.type(page, "Key slimmer by", "0.002");
        assertThat(page.getByText("Undo")).isEnabled();
        page.locator("nav a, .rail a")
                .filter(new Locator.FilterOptions().setHasText("Rack"))
                .first()
                .click();
        assertThat(page.locator("header .p-select-label")).hasText("inches, 1/64");
        page.getByText("Cutters").click();
        page.getByText("Back to Germination box").click();
        page.waitForSelector(".the-answer .number");
        assertThat(page.getByText("Undo")).isEnabled();
        assertThat(here).contains("germination-box");
    }

    /** No label a screen reader hears is the name of something in the program. */
    @Test
    void nothingIsCalledByItsInnerName() {
        Page page = bench.window();
        for (String station : List.of("size", "fingers", "blank", "jig", "fit", "cut", "bottom", "lid", "fittings")) {
            page.navigate(bench.address + "/boxes/germination-box/" + station);
            page.waitForSelector(".the-answer");
            for (Object name : (List<?>) page.evaluate(
                    "() => [...document.querySelectorAll('[aria-label]')].map(e => e.getAttribute('aria-label'))")) {
                assertThat(name.toString()).as(station).doesNotContainPattern("[a-z]\\.[a-z]");
            }
        }
    }
}
