package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A box from nothing through all stations, by keyboard and mouse; the numbers are worked by hand. */
class JourneyTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    private static Locator number(Page page, String id) {
        return page.locator("[data-number='" + id + "'] .value");
    }

    private static void reads(Page page, String id, String text) {
        assertThat(number(page, id)).hasText(text, new LocatorAssertions.HasTextOptions().setUseInnerText(true));
    }

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static void station(Page page, String title) {
        page.locator("nav.rail .station[href$='/" + title.toLowerCase(java.util.Locale.ROOT) + "']")
                .click();
    }

    private static void kept(Page page) {
        assertThat(page.locator(".kept")).hasText("kept");
    }

    @Test
    void aBoxFromNothing() throws IOException {
        Page page = bench.window();
        page.navigate(bench.address);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New box"))
                .click();
        field(page, "Name").fill("Sorting tray");
        field(page, "Long").fill("200");
        field(page, "Wide").fill("5 1/2 in");
        field(page, "High").fill("80+8");
        field(page, "Thickness").fill("abc");
        assertThat(page.getByText("Thickness: “abc” has “abc”, which is not a unit known here"))
                .isVisible();
        field(page, "Thickness").fill("7");
        field(page, "or another, kerf measured").fill("8");
        page.keyboard().press("Enter");
        page.waitForURL("**/size");

        // size: 200 + 2 × 0.4, 139.7 + 0.8, 200 − 14
        reads(page, "size.side-length", "200.8 mm");
        reads(page, "size.end-length", "140.5 mm");
        reads(page, "size.inside-length", "186.0 mm");
        number(page, "size.side-length").click();
        assertThat(page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Working")))
                .containsText("200 + 2 · 0.4");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);

        // fingers: 11 × 8 − 6 × 0.12 = 87.28
        station(page, "Fingers");
        assertThat(page.locator(".recommended"))
                .containsText("11: one pass a slot with stacked cutter; 0.72 mm to rip off");
        reads(page, "fingers.closing-height", "87.28 mm");
        page.keyboard().press("[");
        assertThat(page.locator(".rung.chosen .count")).hasText("9");
        // (88 + 5 × 0.12) / 9
        reads(page, "fingers.slot", "9.84 mm");
        page.keyboard().press("]");
        reads(page, "fingers.slot", "8.00 mm");

        // blank: 2 × 200.8 + 2 × 140.5 + 3 × 3.2 + 20 = 712.2: to buy, and 12.2 too long for 700
        station(page, "Blank");
        assertThat(page.locator("nav.rail .here")).containsText("to buy: 712.2 ×");
        field(page, "Board length").fill("70cm");
        field(page, "Board width").fill("95");
        field(page, "Board width").blur();
        reads(page, "blank.needed", "712.2 mm");
        assertThat(page.locator("[data-code=BLANK_TOO_SHORT]")).containsText("12.2 mm too short");
        field(page, "Crosscut and rip kerf").fill("2");
        field(page, "Board length").fill("710");
        reads(page, "blank.left", "1.4 mm");
        assertThat(page.locator("[data-code=BLANK_TOO_SHORT]")).hasCount(0);

        // jig: gap f = 7.88, key 8 − 0.03
        station(page, "Jig");
        reads(page, "jig.gap", "7.88 mm");
        reads(page, "jig.key", "7.97 mm");
        page.locator(".walk").getByText("slot-first end").click();
        assertThat(page.locator(".instruction")).containsText("Guide's first slot on key");

        // fit: 8.02 − 7.81 = 0.21; 0.21 − 0.12 = 0.09 away
        station(page, "Fit");
        field(page, "Slot reading 1").fill("8.02");
        field(page, "Finger reading 1").fill("7.81");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep this test cut"))
                .click();
        assertThat(page.locator(".say")).hasText("Too loose by 0.09 mm");
        reads(page, "fit.next-finger", "7.90 mm");
        // 11 × 8.02 − 6 × 0.12
        reads(page, "fit.closing-height-after", "87.50 mm");

        // bottom: the groove straddles a boundary; the fix raises it, undo lowers it again
        station(page, "Bottom");
        field(page, "Groove above bottom edge").fill("6");
        field(page, "Groove above bottom edge").blur();
        Locator straddles = page.locator("[data-code=GROOVE_STRADDLES]");
        straddles
                .locator(".fix")
                .filter(new Locator.FilterOptions().setHasText("Raise it"))
                .click();
        assertThat(straddles).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(straddles).hasCount(1);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo"))
                .click();
        assertThat(straddles).hasCount(0);
        Locator slider = page.getByRole(AriaRole.SLIDER);
        Locator panel = page.locator(".grooves polygon.panel");
        String dry = panel.getAttribute("points");
        slider.focus();
        page.keyboard().press("End");
        assertThat(panel).not().hasAttribute("points", dry);
        assertThat(page.locator("polygon.end-stop, polygon.end-through")).hasCount(8);

        // lid: begun with its line on a boundary, moved off it, and put back
        station(page, "Lid");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Give it a sliding lid"))
                .click();
        reads(page, "lid.off", "0.00 mm");
        Locator off = page.locator("[data-code=LID_LINE_OFF]");
        assertThat(off).hasCount(0);
        Workbench.type(page, "Groove above bottom edge", "70");
        off.locator(".fix").first().click();
        assertThat(off).hasCount(0);
        reads(page, "lid.off", "0.00 mm");
        assertThat(page.locator("nav.rail .station.here .line")).hasText("slides, line on a boundary");

        // one switch changes what is shown, never what is kept
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Lengths in"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("inches, decimal"))
                .click();
        assertThat(page.locator("nav.rail .station").first().locator(".line"))
                .hasText("outside 7.874 × 5.500 × 3.465, closes 3.436");
        kept(page);

        Download stick =
                page.waitForDownload(() -> page.getByText("Print at 1:1").click());
        assertThat(Files.readString(stick.path())).contains("mm\"").contains("lid line");
        Download file =
                page.waitForDownload(() -> page.getByText("Save as a file").click());
        Path saved = Files.createTempDirectory("saved").resolve("box.json");
        file.saveAs(saved);

        page.reload();
        assertThat(page.locator("nav.rail .station.here .line")).hasText("slides, line on a boundary");
        assertThat(page.locator("nav.rail .station").first().locator(".line"))
                .hasText("outside 7.874 × 5.500 × 3.465, closes 3.436");

        page.navigate(bench.address);
        page.locator("input[type=file]").setInputFiles(saved);
        assertThat(page.locator("nav.rail h1")).hasText("Sorting tray");
        assertThat(page.url()).contains("/boxes/sorting-tray-3");
        assertThat(bench.complaints()).isEmpty();
    }

    @Test
    void aWrongLengthKeepsTheOldOneWorking() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/envelope-drawer/size");
        Locator height = field(page, "Height of the wall");
        height.fill("3 1/");
        assertThat(page.getByText("Height of the wall: “3 1/” ends in an unfinished fraction"))
                .isVisible();
        assertThat(page.locator("nav.rail .station").first()).containsText("248 × 166 × 96");
        height.fill("-4");
        assertThat(page.getByText("Height of the wall must be at least 5 mm")).isVisible();
        height.fill("100");
        assertThat(page.locator("nav.rail .station").first()).containsText("248 × 166 × 100");
        height.press("Escape");
        assertThat(page.locator("nav.rail .station").first()).containsText("248 × 166 × 96");
        field(page, "Outside length").focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("nav.rail .station").first()).containsText("249 × 166 × 96");
        page.locator("h2").first().click();
        page.keyboard().press("Control+z");
        assertThat(page.locator("nav.rail .station").first()).containsText("248 × 166 × 96");
        kept(page);
    }

    @Test
    void aDimensionCanBeTypedWhereItStands() {
        Page page = bench.window();
        page.navigate(bench.address + "/boxes/envelope-drawer/blank");
        page.locator(".dimensions .text.decides", new Page.LocatorOptions().setHasText("940.0"))
                .click();
        Locator typed = page.locator(".typing input");
        typed.fill("1000");
        typed.press("Enter");
        reads(page, "blank.left", "139.2 mm");
        page.keyboard().press("Control+z");
        reads(page, "blank.left", "79.2 mm");
        kept(page);
    }

    @Test
    void twoWindowsLoseNothing() {
        Page mine = bench.window();
        Page theirs = bench.window();
        mine.navigate(bench.address + "/boxes/germination-box/size");
        theirs.navigate(bench.address + "/boxes/germination-box/size");
        // a window that hears nothing of the other's change, as when both change at once
        mine.waitForSelector(".slate .number");
        mine.route("**/api/boxes/germination-box", route -> {
            if (route.request().method().equals("GET")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        field(theirs, "Outside width").fill("8");
        field(theirs, "Outside width").blur();
        assertThat(theirs.locator("nav.rail .station").first()).containsText("11 × 8");
        kept(theirs);
        field(mine, "Outside length").fill("12");
        field(mine, "Outside length").blur();
        assertThat(mine.getByText("Changed in another window")).isVisible();
        mine.getByText("Keep mine as a box of its own").click();
        assertThat(mine.locator("nav.rail h1")).hasText("Germination box (other window)");
        assertThat(mine.locator("nav.rail .station").first()).containsText("12 × 7");
        theirs.reload();
        assertThat(theirs.locator("nav.rail .station").first()).containsText("11 × 8");
    }

    @Test
    void aSecondWindowSeesWhatTheFirstDecidedAndUndoLeadsBack() {
        Page mine = bench.window();
        Page theirs = bench.window();
        String box = bench.copyOf(mine, "germination-box");
        mine.navigate(bench.address + "/boxes/" + box + "/size");
        mine.waitForSelector(".slate .number");
        theirs.navigate(bench.address + "/boxes/" + box + "/size");
        field(theirs, "Outside width").fill("8");
        field(theirs, "Outside width").blur();
        assertThat(mine.locator("nav.rail .station").first()).containsText("11 × 8");
        mine.keyboard().press("Control+z");
        assertThat(mine.locator("nav.rail .station").first()).containsText("11 × 7");
        assertThat(theirs.locator("nav.rail .station").first()).containsText("11 × 7");
    }

    @Test
    void aFileThatIsNoBoxSaysSo() throws IOException {
        Path file = Files.createTempFile("not-a-box", ".json");
        Files.writeString(file, "{\"format\":\"cant-hook-box\",\"plan\":{\"version\": 99}}");
        Page page = bench.window();
        page.navigate(bench.address);
        page.waitForSelector(".shelf svg");
        page.locator("input[type=file]").setInputFiles(file);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("newer Cant Hook (version 99)");
    }

    /** A file is dragged on to the window and let go; two at once are refused with a word, and a wrong one as if it were chosen. */
    @Test
    void aFileIsDraggedOnToTheWindow() {
        Page page = bench.window();
        String box = page.request()
                .get(bench.address + "/api/boxes/envelope-drawer/project.json")
                .text();
        page.navigate(bench.address);
        page.waitForSelector(".shelf svg");
        String drop = """
                ([names, text]) => {
                  const all = new DataTransfer()
                  for (const name of names) all.items.add(new File([text], name, { type: 'application/json' }))
                  document.dispatchEvent(new DragEvent('dragover', { dataTransfer: all, bubbles: true, cancelable: true }))
                  document.dispatchEvent(new DragEvent('drop', { dataTransfer: all, bubbles: true, cancelable: true }))
                }""";
        page.evaluate(drop, List.of(List.of("a.json", "b.json"), box));
        assertThat(page.getByText("One file at a time")).isVisible();
        page.evaluate(drop, List.of(List.of("note.json"), "not a box"));
        assertThat(page.getByText("note.json: This is not a box saved by Cant Hook"))
                .isVisible();
        // also from the bench of another box
        page.navigate(bench.address + "/boxes/packet-tray/size");
        page.waitForSelector(".slate .number");
        page.evaluate(drop, List.of(List.of("drawer.json"), box));
        assertThat(page.locator("nav.rail h1")).hasText("Envelope drawer");
        assertThat(page.url()).doesNotContain("/envelope-drawer/");
    }
}
