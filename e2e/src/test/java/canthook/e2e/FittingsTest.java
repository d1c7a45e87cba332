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
        add(page, "a grip");
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

    /** A tray is added, laid on the bench as a box of its own, made higher there, and its host knows; a thicker host makes it narrower. */
    @Test
    void aTrayAndItsHostKnowEachOther() {
        Page page = fittings("envelope-drawer");
        add(page, "a tray");
        String host = page.url();
        page.locator("button", new Page.LocatorOptions().setHasText("Lay the tray on the bench"))
                .click();
        assertThat(page.locator(".host")).containsText("A tray in");
        Locator height = page.getByLabel("The place, height");
        height.fill("20");
        height.blur();
        assertThat(page.locator(".kept")).hasText("kept");
        page.locator(".host a").click();
        page.waitForURL(host);
        assertThat(page.getByLabel("Tray, high")).hasValue("20");
        page.context().close();
    }

    /** A second floor pulled down on to a divider is a stop; the fix ends the divider under it, and one step back it is in the way again. */
    @Test
    void aSecondFloorDraggedOnADividerIsSaidAndMended() {
        Page page = fittings("envelope-drawer");
        add(page, "a second floor");
        add(page, "a divider across");
        Locator height = page.getByLabel("Divider, high");
        height.fill("24");
        height.blur();
        Locator meet = page.locator("[data-code=LEVELS_MEET]");
        assertThat(meet).hasCount(0);
        Locator floor = page.locator(".inside .shape.tray").first();
        BoundingBox at = floor.boundingBox();
        page.mouse().move(at.x + at.width / 3, at.y + at.height / 2);
        page.waitForTimeout(80);
        page.mouse().down();
        page.mouse().move(at.x + at.width / 3, at.y + at.height / 2 + 20);
        page.mouse().move(at.x + at.width / 3, at.y + at.height / 2 + 45);
        page.mouse().up();
        assertThat(meet).isVisible();
        meet.locator("button", new Locator.LocatorOptions().setHasText("End divider"))
                .click();
        assertThat(meet).hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(meet).isVisible();
        page.keyboard().press("Control+z");
        assertThat(meet).hasCount(0);
        page.context().close();
    }

    private static void add(Page page, String what) {
        assertThat(page.locator("nav.rail .station").first()).isVisible();
        Locator adds = page.locator("details.adds");
        if (adds.getAttribute("open") == null) {
            adds.locator("summary").click();
        }
        adds.getByText(what, new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".which [aria-pressed=true]")).isVisible();
    }
}
