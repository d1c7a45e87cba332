package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A box sized from what goes in, from the place it must fit, with walls of two thicknesses and a lower front. */
class SizeFromTest {
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

    private static Page size(String box) {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/" + box + "/size");
        page.waitForSelector(".slate .number");
        return page;
    }

    private static Locator number(Page page, String id) {
        return page.locator(".slate [data-number='" + id + "'] .value");
    }

    /** 3 · (70 + 2) + 2 · 3 = 222 for the packets, 4 for the divider, 40 + 2 for the dibber: 268, and two walls of 9. */
    @Test
    void whatGoesInWithDividersMakesTheBox() {
        Page page = size("envelope-drawer");
        Workbench.choose(page, "Size from", "what goes in");
        Workbench.type(page, "How many", "3");
        Workbench.type(page, "things, along", "70");
        Workbench.type(page, "things, play along", "2");
        Workbench.type(page, "Divider between them", "3");
        assertThat(number(page, "size.needed-length")).containsText("222.0");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Another kind of thing"))
                .click();
        Workbench.type(page, "Name of thing 2", "dibber");
        Workbench.type(page, "dibber, along", "40");
        Workbench.type(page, "Divider between kinds", "4");
        assertThat(number(page, "size.needed-length")).containsText("268.0");
        assertThat(number(page, "size.outside-length")).containsText("286.0");
        assertThat(page.locator("nav.rail")).containsText("outside 286");
        page.locator(".slate [data-number='size.needed-length']").click();
        assertThat(page.locator(".working")).containsText("222 + 42 + 4 · 1");
        page.locator(".working").getByText("close").click();
        assertThat(page.locator("polygon.content")).hasCount(4);
        assertThat(page.locator("polygon.divider")).hasCount(3);

        Workbench.type(page, "dibber, across", "-3");
        Locator wrong = page.locator(".thing").nth(1).locator(".says.error");
        assertThat(wrong).containsText("across");
        page.getByLabel("dibber, across").press("Escape");

        Workbench.choose(page, "Size from", "the outside");
        assertThat(page.getByLabel("Outside length", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("286");
        Workbench.type(page, "Outside length", "250");
        Locator stop = page.locator("[data-code=CONTENTS_DO_NOT_FIT]");
        assertThat(stop).containsText("36.0 mm too long");
        stop.locator(".fix").click();
        assertThat(number(page, "size.outside-length")).containsText("286.0");
        assertThat(stop).hasCount(0);
        page.context().close();
    }

    @Test
    void aPlaceAndItsClearancesMakeTheBoxAndUnequalEndsWantTwoHeights() {
        Page page = size("germination-box");
        Workbench.choose(page, "Size from", "the place it fits");
        Workbench.type(page, "The place, length", "12");
        Workbench.type(page, "Clearance lengthwise", "1/2");
        assertThat(number(page, "size.outside-length")).containsText("11");
        page.locator(".slate [data-number='size.outside-length']").click();
        assertThat(page.locator(".working")).containsText("12 − 0.5");
        page.locator(".working").getByText("close").click();
        Workbench.type(page, "Of the ends, when it differs", "3/4");
        assertThat(page.locator("[data-code=UNEQUAL_MATES]")).containsText("two cutter heights");
        assertThat(number(page, "size.end-slot-depth")).isVisible();
        page.context().close();
    }

    @Test
    void aLowFrontIsMovedToABoundaryByItsFixAndBackByUndo() {
        Page page = size("packet-tray");
        assertThat(number(page, "fingers.slope")).containsText("°");
        Workbench.type(page, "Height of the low wall", "60");
        page.navigate(bench.address + "/boxes/packet-tray/fingers");
        Locator off = page.locator("[data-code=LOW_END_OFF_BOUNDARY]");
        assertThat(off).isVisible();
        off.locator(".fix").first().click();
        assertThat(off).hasCount(0);
        page.getByText("Undo").click();
        assertThat(off).isVisible();
        page.context().close();
    }

    /** 9, 9.16, 9, 9: mean 9.04 and spread 0.16, over the tenth that shows. */
    @Test
    void planedPartsAreMeasuredAndTheMeanIsCutFor() {
        Page page = size("envelope-drawer");
        page.navigate(bench.address + "/boxes/envelope-drawer/blank");
        page.getByText("Measure the planed parts").click();
        Workbench.type(page, "B measures, planed", "9.16");
        assertThat(number(page, "size.thickness")).containsText("9.04");
        assertThat(number(page, "size.thickness-spread")).containsText("0.16");
        assertThat(page.locator("nav.rail")).containsText("mind");
        page.getByText("Forget the readings").click();
        assertThat(number(page, "size.thickness-spread")).hasCount(0);
        page.context().close();
    }
}
