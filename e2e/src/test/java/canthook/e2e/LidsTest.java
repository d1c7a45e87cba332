package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Each kind of lid, chosen by hand: where it is sawn, what it is cut to, what the year does to it; and the whole box looked at. */
class LidsTest {
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

    private static Page lid(String box) {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + bench.copyOf(page, box) + "/lid");
        page.waitForSelector(".slate .answers, .slate");
        return page;
    }

    private static Locator number(Page page, String id) {
        return page.locator(".slate [data-number='" + id + "'] .value");
    }

    @Test
    void aSeamOutOfItsSectionIsMovedIntoTheMiddle() {
        Page page = lid("almanac-box");
        assertThat(number(page, "lid.fence")).containsText("82.45");
        Workbench.type(page, "Seam above the bottom edge", "88");
        Locator thin = page.locator("[data-code=SEAM_HALF_THIN]");
        assertThat(thin).isVisible();
        Locator middle = thin.locator("button", new Locator.LocatorOptions().setHasText("mid-section"))
                .first();
        // what is shown of it makes the answer a line longer, and must not move it from under the pointer
        double before = middle.boundingBox().y;
        page.waitForResponse("**/api/work", middle::hover);
        assertThat(page.locator(".the-answer")).hasClass(Pattern.compile("held-still"));
        assertThat(middle.boundingBox().y).isEqualTo(before);
        middle.click();
        assertThat(thin).hasCount(0);
        assertThat(page.locator("[data-code=SEAM_OFF_MIDDLE]")).hasCount(0);
        // through the top panel nobody saws
        Workbench.type(page, "Seam above the bottom edge", "99");
        Locator meets = page.locator("[data-code=SEAM_MEETS_PANEL]");
        assertThat(meets).containsText("top panel");
        page.keyboard().press("Control+z");
        assertThat(meets).hasCount(0);
        page.locator("nav.rail a[href$='/cut']").click();
        page.getByText("every pass", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("Saw the lid off, the bottom edge along the fence"))
                .isVisible();
        page.context().close();
    }

    @Test
    void aSheetWithBreadboardEndsIsToldItNeedsNone() {
        Page page = lid("seed-chest");
        assertThat(number(page, "lid.panel-along")).containsText("390.00");
        Workbench.choose(page, "Wood of the lid", "Plywood");
        Locator mind = page.locator("[data-code=BREADBOARD_ON_SHEET]");
        assertThat(mind).containsText("hold nothing");
        mind.getByText("Leave the ends plain").click();
        assertThat(mind).hasCount(0);
        assertThat(page.getByLabel("Breadboard ends")).not().isChecked();
        Workbench.type(page, "Leaf, length", "220");
        Locator stop = page.locator("[data-code=HINGES_TOO_LONG]");
        assertThat(stop).containsText("do not find room");
        stop.locator("button", new Locator.LocatorOptions().setHasText("Take leaves"))
                .click();
        assertThat(stop).hasCount(0);
        page.context().close();
    }

    @Test
    void theKindsStandBesideEachOtherAndAnyOfThemIsTaken() {
        Page page = lid("envelope-drawer");
        Locator kinds = page.getByLabel("Kinds of lid", new Page.GetByLabelOptions().setExact(true));
        assertThat(kinds.locator("li")).hasCount(5);
        // a number of a box as it would be opens to the working it would have, and what went into it to its own
        Locator lifts = kinds.locator("li").filter(new Locator.FilterOptions().setHasText("lifts off"));
        String told =
                lifts.getByTitle("Show the working").first().locator(".value").innerText();
        lifts.getByTitle("Show the working").first().click();
        Locator working = page.locator(".working");
        assertThat(working.locator(".says")).containsText("lifts off");
        assertThat(working.locator(".result")).hasText(told);
        String number = working.locator("h2").innerText();
        working.locator("button.input").last().click();
        assertThat(working.locator("h2")).not().hasText(number);
        assertThat(working.locator(".says")).containsText("lifts off");
        page.keyboard().press("Escape");
        assertThat(working).hasCount(0);
        kinds.getByText("lifts off").click();
        assertThat(number(page, "lid.lip-across")).isVisible();
        assertThat(page.locator("nav.rail .here")).containsText("lifts off");
        String open = number(page, "lid.inside-height").innerText();
        Workbench.type(page, "Lip, into the box", "10");
        assertThat(number(page, "lid.inside-height")).not().hasText(open);
        Workbench.type(page, "Lip, into the box", "95");
        Locator deep = page.locator("[data-code=LIP_TOO_DEEP]");
        deep.locator("button").last().click();
        assertThat(deep).hasCount(0);
        kinds.getByText("slides").click();
        assertThat(number(page, "lid.line")).isVisible();
        kinds.getByText("none").click();
        assertThat(page.getByText("No lid yet")).isVisible();
        page.context().close();
    }

    /** Closed, open, pulled apart; turned by the arrow keys and by dragging; gone with Escape. */
    @Test
    void theWholeBoxIsTurned() {
        Page page = lid("almanac-box");
        page.keyboard().press("b");
        Locator whole = page.getByLabel("The whole box", new Page.GetByLabelOptions().setExact(true));
        Locator shapes = whole.locator(".shape");
        assertThat(shapes.first()).isVisible();
        String before = shapes.nth(40).getAttribute("points");
        page.keyboard().press("ArrowLeft");
        page.waitForCondition(() -> !before.equals(shapes.nth(40).getAttribute("points")));
        int closed = shapes.count();
        whole.getByText("pulled apart").click();
        page.waitForCondition(() -> shapes.count() != closed);
        String apart = shapes.nth(40).getAttribute("points");
        var box = whole.locator(".turned").boundingBox();
        page.mouse().move(box.x + 300, box.y + 200);
        page.mouse().down();
        page.mouse().move(box.x + 360, box.y + 220);
        page.mouse().up();
        page.waitForCondition(() -> !apart.equals(shapes.nth(40).getAttribute("points")));
        whole.locator(".turned").press("Escape");
        assertThat(whole).hasCount(0);
        page.context().close();
    }
}
