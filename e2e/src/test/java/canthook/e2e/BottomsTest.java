package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Each kind of bottom, chosen by hand: what to cut, what it wants done, and the way back. */
class BottomsTest {
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

    private static Page bottom() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + bench.copyOf(page, "envelope-drawer") + "/bottom");
        page.waitForSelector(".slate .number");
        return page;
    }

    private static Locator number(Page page, String id) {
        return page.locator(".slate [data-number='" + id + "'] .value");
    }

    @Test
    void aBottomInARabbetWarnsOfItsWallAndIsMended() {
        Page page = bottom();
        String groove = number(page, "bottom.cut").innerText();
        Workbench.choose(page, "Bottom", "in a rabbet, after the glue");
        // the wood, the thickness and the season stand; the wall's half is 4.5, as the groove was deep
        assertThat(number(page, "bottom.cut")).hasText(groove);
        Workbench.type(page, "Rabbet, into the walls", "7");
        Locator mind = page.locator("[data-code=RABBET_OVER_HALF]");
        assertThat(mind).containsText("less than half");
        mind.getByText("Make it 4.5 mm wide").click();
        assertThat(mind).hasCount(0);
        Workbench.choose(page, "Its round corners", "are squared");
        assertThat(number(page, "bottom.rounded-to")).hasCount(0);
        page.locator("nav.rail a[href$='/cut']").click();
        page.getByText("every pass", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("Once the glue has set")).isVisible();
        assertThat(page.getByText("Square its corners with a chisel")).isVisible();
        page.context().close();
    }

    @Test
    void aBottomUnderTheWallsOfSolidWoodIsScrewedThroughSlots() {
        Page page = bottom();
        Workbench.choose(page, "Bottom", "under the walls");
        // outside 166 and 1.5 at both sides
        assertThat(number(page, "bottom.cut")).containsText("169.0");
        assertThat(number(page, "bottom.slot")).isVisible();
        Locator note = page.locator("[data-code=APPLIED_SOLID]");
        note.getByText("Take plywood").click();
        assertThat(note).hasCount(0);
        assertThat(number(page, "bottom.slot")).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(note).isVisible();
        page.context().close();
    }

    @Test
    void slatsAreCountedAndGoBackToThePanelTheyWere() {
        Page page = bottom();
        String cut = number(page, "bottom.cut").innerText();
        Workbench.choose(page, "Bottom", "slats");
        assertThat(page.locator("nav.rail .here")).containsText("6 slats");
        Workbench.type(page, "Slats", "2");
        Locator wide = page.locator("[data-code=SLATS_OPEN_WIDE]");
        assertThat(wide).isVisible();
        wide.locator("button", new Locator.LocatorOptions().setHasText("Take")).click();
        assertThat(wide).hasCount(0);
        Workbench.type(page, "Slats", "1");
        assertThat(page.locator(".error").first()).containsText("from 2 to 60");
        page.keyboard().press("Escape");
        Workbench.choose(page, "Bottom", "none");
        assertThat(page.getByText("No bottom yet")).isVisible();
        Workbench.choose(page, "Bottom", "captured in a groove");
        Workbench.choose(page, "Its grain runs", "along the length");
        assertThat(number(page, "bottom.cut")).hasText(cut);
        page.context().close();
    }
}
