package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A bottom that hangs flush, a lid that stops at its pin, pins down the corners, a handle: each said by hand, refused, mended. */
class HungAndPulledTest {
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
        page.waitForSelector(".slate .answers, .slate");
        return page;
    }

    private static Locator number(Page page, String id) {
        return page.locator(".slate [data-number='" + id + "'] .value");
    }

    private static Locator verdict(Page page, String code) {
        return page.locator("[data-code=" + code + "]");
    }

    @Test
    void aThinPanelIsTooThinToHangFlushAndIsMadeThickEnough() {
        Page page = at("envelope-drawer", "bottom");
        assertThat(number(page, "bottom.cut")).isVisible();
        Workbench.choose(page, "It lies", "flush with the bottom edge");
        assertThat(verdict(page, "PANEL_NOT_FLUSH")).containsText("14.0 mm thick");
        verdict(page, "PANEL_NOT_FLUSH").getByText("Take it 14.0 mm thick").click();
        assertThat(verdict(page, "PANEL_NOT_FLUSH")).hasCount(0);
        assertThat(number(page, "bottom.shoulder-lower")).containsText("8.00");
        page.context().close();
    }

    @Test
    void aStopPinInTheBackIsPutIntoTheBox() {
        Page page = at("germination-box", "lid");
        assertThat(number(page, "lid.line")).isVisible();
        Workbench.type(page, "Stop: left in the grooves", "1/8");
        assertThat(verdict(page, "PIN_MEETS_BACK")).containsText("would stand in the back");
        verdict(page, "PIN_MEETS_BACK")
                .locator("button", new Locator.LocatorOptions().setHasText("Leave"))
                .click();
        assertThat(verdict(page, "PIN_MEETS_BACK")).hasCount(0);
        assertThat(number(page, "lid.pin-at")).isVisible();
        assertThat(page.locator("main").getByText("The lid from above")).hasCount(1);
        page.context().close();
    }

    @Test
    void pinsThatMeetAGrooveAreTakenOutAndAHandleSitsOnItsLid() {
        Page page = at("envelope-drawer", "fittings");
        page.getByText("Give it a divider").click();
        assertThat(page.locator(".which [aria-pressed=true]")).isVisible();
        page.locator("details.adds summary").click();
        page.getByText("a pin down each corner").click();
        Locator meets = verdict(page, "FITTINGS_COLLIDE").first();
        assertThat(meets).containsText("the bottom’s groove");
        meets.getByText("Take the pins out").click();
        assertThat(verdict(page, "FITTINGS_COLLIDE")).hasCount(0);
        // without a lid no handle is offered
        assertThat(page.getByText("a handle on the lid")).hasCount(0);
        page.context().close();
        Page lidded = at("germination-box", "fittings");
        lidded.getByText("Give it a divider").click();
        assertThat(lidded.locator(".which [aria-pressed=true]")).isVisible();
        lidded.locator("details.adds summary").click();
        lidded.getByText("a handle on the lid").click();
        assertThat(number(lidded, "fittings.f2-bore")).isVisible();
        Workbench.type(lidded, "Screws apart", "");
        assertThat(number(lidded, "fittings.f2-bore")).hasCount(0);
        assertThat(number(lidded, "fittings.f2-middle-along")).isVisible();
        lidded.context().close();
    }
}
