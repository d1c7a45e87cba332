package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A box's panels on the sheets of the rack: found from the bottom, cut, ticked, and put back. */
class PanelSheetsTest {
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

    private static final LocatorAssertions.ContainsTextOptions PATIENTLY =
            new LocatorAssertions.ContainsTextOptions().setTimeout(20_000);

    @Test
    void fromTheBottomToASheetThatIsCutAndBack() {
        Page page = bench.window();
        String box = bench.copyOf(page, "packet-tray");
        page.navigate(bench.address + "/boxes/" + box + "/bottom");
        page.getByText("Lay it on the rack’s sheets").click();
        Locator made = page.locator(".slate [data-number='sheets.panels']");
        assertThat(made).containsText("Panels made, of", PATIENTLY);
        Locator bottom = page.locator(".panels li").first();
        assertThat(bottom).containsText("1 × bottom");
        Locator sheet = page.locator(".list > li").filter(new Locator.FilterOptions().setHasText("off the tray"));
        assertThat(sheet.locator(".cuts")).containsText("rip 1 strip");
        // what is ticked moves to the other list at once, so that it is only pressed and not asked again
        sheet.locator("input[type=checkbox]").click();
        assertThat(page.locator(".done"))
                .containsText("1 × bottom", new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
        assertThat(bottom).containsText("cut");
        // what is left of it lies on the rack, and is a scrap
        page.navigate(bench.address + "/rack/blanks");
        assertThat(page.getByText("Offcut 1 of Plywood 4 mm, off the tray").first())
                .isVisible();
        page.navigate(bench.address + "/boxes/" + box + "/blank?of=panels");
        page.locator(".done input[type=checkbox]").click();
        assertThat(page.locator(".list > li").filter(new Locator.FilterOptions().setHasText("off the tray")))
                .hasCount(1);
        assertThat(page.locator(".done")).hasCount(0);
        // the working of every number opens
        page.locator(".slate [data-number='sheets.left-width']").click();
        assertThat(page.getByText("The sheet's width less each strip and its kerf.")
                        .or(page.getByText("As the cuts leave it."))
                        .first())
                .isVisible();
    }

    @Test
    void whatIsWantingIsPutOnTheRackToBeBought() {
        Page page = bench.window();
        String box = bench.copyOf(page, "packet-drawers");
        page.navigate(bench.address + "/boxes/" + box + "/blank?of=panels");
        Locator wanting = page.locator("[data-code=PANELS_INCOMPLETE]");
        assertThat(wanting).containsText("One more of", PATIENTLY);
        page.getByText("Put the missing sheet on the rack, to be bought").click();
        assertThat(wanting).hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(20_000));
        assertThat(page.locator(".slate [data-number='sheets.panels']")).containsText("Panels made, of 9");
    }
}
