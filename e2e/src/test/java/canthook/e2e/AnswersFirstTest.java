package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Whoever has just come in gets from nothing to a stick in a few acts, finds what is folded, and is told what the words mean. */
class AnswersFirstTest {
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

    /** What is folded tells its values, opens by key, and a field in it works as any. */
    @Test
    void nothingThatIsFoldedIsLost() {
        Page page = bench.foldedWindow(1280, 800);
        String box = bench.copyOf(page, "envelope-drawer");
        page.navigate(bench.address + "/boxes/" + box + "/bottom");
        Locator rest = page.locator("details.rest").first();
        assertThat(rest.locator("summary"))
                .containsText("groove width 6, groove depth 4.5, groove above bottom edge 8");
        Locator field = page.getByLabel("Groove depth", new Page.GetByLabelOptions().setExact(true));
        assertThat(field.isVisible()).isFalse();
        rest.locator("summary").focus();
        page.keyboard().press("Enter");
        assertThat(field.isVisible()).isTrue();
        field.fill("5");
        field.blur();
        rest.locator("summary").click();
        assertThat(rest.locator("summary")).containsText("groove depth 5");
    }

    /** From nothing to a printed stick: a click, a typed value and a choice are an act each. */
    @Test
    void aBoxFromNothingToItsStickInTwelveActs() throws IOException {
        Page page = bench.foldedWindow(1280, 800);
        page.navigate(bench.address + "/boxes");
        List<String> acts = new ArrayList<>();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New box"))
                .click();
        acts.add("new box");
        page.waitForSelector("form .figure svg");
        page.keyboard().type("210");
        acts.add("long");
        page.getByLabel("Wide", new Page.GetByLabelOptions().setExact(true)).fill("140");
        acts.add("wide");
        page.getByLabel("High", new Page.GetByLabelOptions().setExact(true)).fill("90");
        acts.add("high");
        assertThat(page.locator(".follows")).containsText("outside 210 × 140 × 90");
        page.keyboard().press("Enter");
        acts.add("on the bench");
        page.waitForSelector(".stick svg");
        Download printed =
                page.waitForDownload(() -> page.getByText("Print at 1:1").click());
        acts.add("print");
        assertThat(Files.readString(printed.path())).contains("<svg").contains("closes");
        assertThat(acts).hasSizeLessThanOrEqualTo(12);
    }

    @Test
    void whatIsAssumedIsShownUntilItIsSaid() {
        Page page = bench.foldedWindow(1280, 800);
        page.navigate(bench.address + "/new-box");
        page.waitForSelector("form .figure svg");
        page.keyboard().type("300");
        assertThat(page.locator("aside .buy")).containsText("To buy");
        page.keyboard().press("Enter");
        page.waitForURL("**/size");
        Locator assumed = page.locator(".decide .assumed");
        assertThat(assumed).hasCount(2);
        // to type one of the sizes says that one
        Locator wide = page.getByLabel("Outside width", new Page.GetByLabelOptions().setExact(true));
        wide.fill("180");
        wide.blur();
        page.locator(".decide .assumed").first().click();
        assertThat(assumed).hasCount(1);
        page.locator("nav.rail a[href$='/cut']").click();
        Locator asked = page.locator("[data-code=STILL_ASSUMED]");
        assertThat(asked).containsText("the wood, the thickness, the cutter, the bottom, the lid");
        asked.locator(".fix").click();
        assertThat(asked).hasCount(0);
    }

    /** A word of the trade tells what it means under the pointer, with the focus and by a tap; all of them stand in a list. */
    @Test
    void tradeWordsTellWhatTheyMean() {
        Page page = bench.foldedWindow(1280, 800);
        page.navigate(bench.address + "/boxes/germination-box/jig");
        Locator card = page.getByRole(AriaRole.TOOLTIP);
        page.locator(".number .trade-word").first().hover();
        assertThat(card).containsText("gap From the key's cutter side");
        page.mouse().move(600, 300);
        assertThat(card).hasCount(0);
        Locator word = page.locator(".instruction .trade-word").first();
        word.focus();
        assertThat(card).containsText("reference edge");
        assertThat(word).hasAttribute("aria-describedby", "word-card");
        page.keyboard().press("Escape");
        assertThat(card).hasCount(0);
        // the number still opens its working
        page.locator(".number .trade-word").first().click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Gap");
        page.keyboard().press("Escape");
        page.getByText("Words", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByRole(AriaRole.DIALOG).locator("dt")).hasCount(32);
    }

    /** What a good maker would say is followed, put off or silenced, stays so after a reload, and is heard again. */
    @Test
    void hintsAreAnswered() {
        Page page = bench.foldedWindow(1280, 800);
        String box = bench.copyOf(page, "germination-box");
        page.navigate(bench.address + "/boxes/" + box + "/blank");
        Locator hints = page.locator("[data-hint]");
        assertThat(hints).hasCount(3);
        page.getByLabel("Done: Let it settle").click();
        page.getByLabel("Not today: Best corner forward").click();
        assertThat(hints).hasCount(1);
        page.reload();
        assertThat(hints).hasCount(1);
        page.getByLabel("Take back: Let it settle").click();
        assertThat(hints).hasCount(2);
        page.getByLabel("Never in this shop: Heart side out").click();
        assertThat(hints).hasCount(1);
        page.navigate(bench.address + "/rack/house-rules");
        page.getByLabel("Say again: Heart side out").click();
        assertThat(page.getByText("Hints this shop has silenced")).hasCount(0);
        page.navigate(bench.address + "/boxes/" + box + "/blank");
        assertThat(hints).hasCount(2);
    }
}
