package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The Book in the browser: a note with a photo, sieved, searched, plotted, taken out and put back. */
class BookTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        assertThat(bench.complaints()).allMatch(c -> c.contains("422"));
        bench.close();
    }

    private static FilePayload picture() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB), "jpg", out);
        return new FilePayload("corner.jpg", "image/jpeg", out.toByteArray());
    }

    private static Locator entries(Page page) {
        return page.locator(".entry");
    }

    @Test
    void aNoteWithAPhotoIsWrittenFoundTakenOutAndPutBack() throws IOException {
        Page page = bench.window();
        String box = bench.copyOf(page, "packet-drawers");
        page.navigate(bench.address + "/book?box=" + box);
        assertThat(page.locator(".none")).isVisible();
        page.getByLabel("Write a line").fill("Chipped the corner of the third drawer.");
        page.locator("input[type=file]").setInputFiles(picture());
        page.getByText("Write it down").click();
        assertThat(entries(page)).hasCount(1);
        assertThat(entries(page)).containsText("Chipped the corner");
        assertThat(page.locator(".entry img")).hasJSProperty("naturalWidth", 320);
        page.reload();
        assertThat(page.locator(".entry img")).isVisible();
        entries(page).getByText("reword").click();
        page.getByLabel("As it is to read").fill("Chipped the corner of the third drawer, glued it.");
        page.getByText("Write it anew").click();
        assertThat(entries(page)).containsText("third drawer, glued it.");
        assertThat(page.locator(".entry img")).isVisible();
        // found by the beginning of a word, and nothing by a word that is not there
        Locator search = page.getByLabel("Search the book");
        search.fill("chip third");
        assertThat(entries(page)).hasCount(1);
        search.fill("walrus");
        assertThat(page.locator(".none")).isVisible();
        search.fill("");
        entries(page).getByText("take out").click();
        assertThat(page.locator(".none")).isVisible();
        // the note, and the words it had before
        page.getByText("taken out (2)").click();
        page.locator(".entry", new Page.LocatorOptions().setHasText("glued it"))
                .getByText("put back")
                .click();
        page.getByText("taken out (1)").click();
        assertThat(entries(page)).hasCount(1);
        page.context().close();
    }

    /** A text that calls itself a picture: the note is kept, and what was not taken is said. */
    @Test
    void whatIsNoPhotoIsSaidAndTheNoteKept() {
        Page page = bench.window();
        String box = bench.copyOf(page, "packet-drawers");
        page.navigate(bench.address + "/book?box=" + box);
        page.getByLabel("Write a line").fill("With a picture that is none.");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload(
                        "list.jpg", "image/jpeg", "four boards of oak".getBytes(StandardCharsets.UTF_8)));
        page.getByText("Write it down").click();
        assertThat(page.locator(".note .refused")).containsText("no picture this can read");
        assertThat(entries(page)).hasCount(1);
        page.context().close();
    }

    /** Three months of the demo: sieved by box, plotted; a point of the plot lights its entry. */
    @Test
    void threeMonthsAreSievedAndPlotted() {
        Page page = bench.window();
        page.navigate(bench.address + "/book");
        assertThat(entries(page).first()).isVisible();
        assertThat(page.locator(".over-time polygon.spot-true").first()).isVisible();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Which entries"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("test cut"))
                .click();
        assertThat(page.locator(".entry .kind").filter(new Locator.FilterOptions().setHasText("note")))
                .hasCount(0);
        page.getByText("Slots", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".which .title")).containsText("Slots as they were read");
        // the oldest point: its entry stands further back than the diary has been read
        int read = entries(page).count();
        page.locator(".over-time polygon[class*='spot']").first().click();
        Locator lit = page.locator(".entry.lit");
        assertThat(lit).isInViewport();
        assertThat(lit).containsText("test cut");
        assertThat(entries(page).count()).isGreaterThanOrEqualTo(read);
        page.context().close();
    }

    /** A note hangs on the number it was written on, and is there when that number is opened again. */
    @Test
    void aNoteHangsOnANumber() {
        Page page = bench.window();
        String box = bench.copyOf(page, "packet-drawers");
        page.navigate(bench.address + "/boxes/" + box + "/fingers");
        Locator number = page.locator(".slate [data-number='fingers.clearance'] .value, .slate [data-number] .value")
                .first();
        number.click();
        page.getByText("Write a note on this number").click();
        page.locator(".working textarea").fill("Looser than last winter.");
        page.locator(".working").getByText("Write it down").click();
        assertThat(page.locator(".working .notes")).containsText("Looser than last winter.");
        page.reload();
        number.click();
        assertThat(page.locator(".working .notes")).containsText("Looser than last winter.");
        page.navigate(bench.address + "/book?box=" + box);
        assertThat(page.locator(".entry .about")).containsText("on ");
        page.context().close();
    }

    /** A jig that is set at the bench is kept on the rack, the box is cut on it, and the rack remembers what was read. */
    @Test
    void aJigRemembersWhatWasCutOnIt() {
        Page page = bench.window();
        String box = bench.copyOf(page, "packet-drawers");
        page.navigate(bench.address + "/boxes/" + box + "/jig");
        page.getByText("Keep this jig on the rack").click();
        page.getByLabel("Its name").fill("Sled of the third bench");
        page.waitForResponse(
                r -> r.request().method().equals("PUT") && r.url().contains("/api/boxes/"),
                () -> page.getByText("keep it", new Page.GetByTextOptions().setExact(true))
                        .click());
        assertThat(page.getByText("Keep this jig on the rack")).hasCount(0);
        page.navigate(bench.address + "/boxes/" + box + "/fit");
        page.getByText("felt, no caliper").click();
        page.getByText("slides", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".cuts li")).hasCount(1);
        page.navigate(bench.address + "/rack/jigs");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sled of the third bench"))
                .click();
        assertThat(page.locator(".cut-on li")).hasCount(1);
        assertThat(page.locator(".cut-on")).containsText("it slides");
        page.context().close();
    }
}
