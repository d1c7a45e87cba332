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

/** What was done is read as sentences, given a name and gone back to; a shop is backed up by a button. */
class HistoryTest {
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

    @Test
    void aChangeIsGoneBackTo() {
        Page page = bench.window();
        String id = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + id + "/fingers");
        page.waitForSelector(".slate .number");
        page.locator(".rung [role=radio]").first().click();
        assertThat(page.locator(".rail .station.here")).containsText("3 sections");
        assertThat(page.locator(".rail .kept")).hasText("kept");
        page.getByText("History", new Page.GetByTextOptions().setExact(true)).click();
        Locator changes = page.locator(".change");
        assertThat(changes).hasCount(2);
        assertThat(changes.first()).containsText("13 → 3 sections");
        assertThat(changes.first()).containsText("as it stands");
        // what going back would change is told first
        changes.nth(1).click();
        assertThat(page.locator("aside")).containsText("3 → 13 sections");
        page.getByLabel("Keep it under a name").fill("as begun");
        page.getByText("keep", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(changes.nth(1)).containsText("as begun");
        page.getByText("Go back to this").click();
        page.waitForURL(Pattern.compile(".*/boxes/" + id + "/size"));
        assertThat(page.locator(".rail")).containsText("13 sections");
        page.navigate(bench.address + "/boxes/" + id + "/history");
        assertThat(changes).hasCount(3);
        assertThat(changes.first()).containsText("3 → 13 sections");
        page.context().close();
    }

    @Test
    void aShopIsBackedUpByAButton() {
        Page page = bench.window();
        page.navigate(bench.address + "/rack/backups");
        assertThat(page.locator(".told")).containsText("Not backed up yet");
        page.getByText("Back up now").click();
        assertThat(page.locator(".backups li")).hasCount(1);
        assertThat(page.locator(".told")).containsText(Pattern.compile("\\d+ boxes"));
        assertThat(page.waitForDownload(() -> page.getByText("Take it away").click())
                        .suggestedFilename())
                .endsWith(".zip");
        page.context().close();
    }
}
