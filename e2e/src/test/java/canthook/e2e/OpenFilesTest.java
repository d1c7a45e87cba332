package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The shop leaves as open files, and is brought in after it was looked at. */
class OpenFilesTest {
    @Test
    void theShopLeavesAndIsBroughtInAfterALook() throws IOException {
        try (Workbench bench = new Workbench()) {
            Page page = bench.window();
            page.navigate(bench.address + "/rack/backups");
            Download away = page.waitForDownload(
                    () -> page.getByText("Take the shop away").click());
            Path file = Files.createTempDirectory("shop").resolve("shop.zip");
            away.saveAs(file);
            page.navigate(bench.address + "/boxes/envelope-drawer/fingers");
            assertThat(page.locator("nav.rail .station.here")).containsText("13 sections");
            page.keyboard().press("[");
            assertThat(page.locator("nav.rail .station.here")).containsText("11 sections");
            assertThat(page.locator(".kept")).hasText("kept");
            page.navigate(bench.address + "/boxes");
            page.waitForSelector(".shelf svg");
            // chosen among the boxes it is looked at where shops are
            page.locator("header input[type=file]").setInputFiles(file);
            Locator files = page.locator(".open-files");
            assertThat(files).containsText("shop.zip would bring");
            assertThat(files.locator("li")).hasCount(1);
            assertThat(files.locator("li")).containsText("Envelope drawer");
            files.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Merge"))
                    .click();
            assertThat(files).containsText("Taken in.");
            page.navigate(bench.address + "/boxes/envelope-drawer/fingers");
            assertThat(page.locator("nav.rail .station.here")).containsText("13 sections");
            page.getByText("Undo").click();
            assertThat(page.locator("nav.rail .station.here")).containsText("11 sections");
            page.context().close();
        }
    }
}
