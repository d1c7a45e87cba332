package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Fittings by hand: dragged into each other and freed, begun from what goes in, taken out. */
class FittingsTest {
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

    private static Page fittings(String box) {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + bench.copyOf(page, box) + "/fittings");
        page.waitForSelector(".slate");
        return page;
    }

    private static void drag(Page page, Locator what, double by) {
        BoundingBox at = what.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 5;
        page.mouse().move(x, y);
        page.waitForTimeout(80);
        page.mouse().down();
        page.mouse().move(x + by / 2, y);
        page.mouse().move(x + by, y);
        page.mouse().up();
    }

    @Test
    void aDividerDraggedIntoAnotherIsSaidAndMovedAside() {
        Page page = fittings("gridded-seed-box");
        Locator first = page.locator(".dragged .shape.divider").first();
        assertThat(first).isVisible();
        double gap = page.locator(".dragged .shape.divider").nth(1).boundingBox().x - first.boundingBox().x;
        drag(page, first, gap);
        Locator meet = page.locator("[data-code=DIVIDERS_MEET]");
        assertThat(meet).isVisible();
        assertThat(page.locator("nav.rail .here")).containsText("stop");
        meet.locator("button", new Locator.LocatorOptions().setHasText("Move divider"))
                .click();
        assertThat(meet).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(meet).isVisible();
        // one drag is one step
        page.keyboard().press("Control+z");
        assertThat(meet).hasCount(0);
        assertThat(page.locator(".slate")
                        .getByRole(
                                com.microsoft.playwright.options.AriaRole.TEXTBOX,
                                new Locator.GetByRoleOptions().setName("Its middle from the inside of D")))
                .hasValue("67");
        page.context().close();
    }

    @Test
    void aGripInADividersWayIsPutElsewhere() {
        Page page = fittings("gridded-seed-box");
        page.getByText("a grip", new Page.GetByTextOptions().setExact(true)).click();
        Locator collide = page.locator("[data-code=FITTINGS_COLLIDE]");
        assertThat(collide.first()).containsText("grip in B");
        assertThat(page.locator(".inside .shape.collision").first()).isVisible();
        page.getByLabel("Take out grip in B").click();
        assertThat(collide).hasCount(0);
        page.context().close();
    }

    @Test
    void dividersAreTakenFromWhatGoesIn() {
        Page page = fittings("packet-tray");
        page.locator(".fix", new Page.LocatorOptions().setHasText("Dividers between what goes in"))
                .click();
        assertThat(page.getByLabel("Fittings", new Page.GetByLabelOptions().setExact(true))
                        .locator("li"))
                .hasCount(4);
        page.locator("nav.rail a[href$='/cut']").click();
        page.getByText("every pass", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("Dado for divider 1 in A and C")).isVisible();
        page.context().close();
    }
}
