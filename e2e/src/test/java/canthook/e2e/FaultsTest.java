package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What a maker sees when something is the matter with the shop's file, and that nothing of theirs is lost by it. */
class FaultsTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    private static Page at(String path, String sign) {
        Page page = bench.window();
        page.navigate(bench.address + path);
        page.waitForSelector(sign);
        return page;
    }

    private static void press(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }

    private static String height(Page page) {
        return page.getByLabel("Height of the wall", new Page.GetByLabelOptions().setExact(true))
                .inputValue();
    }

    private static void height(Page page, String text) {
        Workbench.type(page, "Height of the wall", text);
    }

    @Test
    void aFileHeldByAnotherProgramIsSaidAndTheChangeIsKeptOnceItLetsGo() throws SQLException {
        Page page = at("/boxes/envelope-drawer/size", ".foot");
        try (Connection other = bench.file();
                Statement hold = other.createStatement()) {
            hold.execute("BEGIN IMMEDIATE");
            height(page, "101");
            assertThat(page.locator(".kept")).hasText("not kept yet");
            assertThat(page.locator(".why")).containsText("in use by another program");
            hold.execute("ROLLBACK");
        }
        assertThat(page.locator(".kept")).hasText("kept");
        page.reload();
        page.waitForSelector(".foot");
        assertThat(height(page)).isEqualTo("101");
        page.context().close();
    }

    /** Saves are refused as a full disk has them refused. */
    static void full(Route route) {
        if (route.request().method().equals("PUT")) {
            route.fulfill(
                    new Route.FulfillOptions()
                            .setStatus(507)
                            .setContentType("application/problem+json")
                            .setBody(
                                    "{\"status\":507,\"detail\":\"The disk is full; nothing was kept. Free some space on it, and what is on this page is kept then.\"}"));
        } else {
            route.resume();
        }
    }

    @Test
    void nothingIsLeftUnkeptWithoutAskingAndWhatWasLeftIsOfferedAfterACrash() {
        Page page = at("/boxes/packet-drawers/size", ".foot");
        String before = height(page);
        page.route("**/api/boxes/packet-drawers", FaultsTest::full);
        height(page, "77");
        assertThat(page.locator(".why")).containsText("The disk is full");
        page.getByText("All boxes").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("The disk is full");
        press(page, "Stay here");
        assertThat(page).hasURL(Pattern.compile(".*/packet-drawers/size"));
        assertThat(height(page)).isEqualTo("77");
        // straight to another box, as by a bookmark inside the application
        page.getByText("All boxes").click();
        press(page, "Leave");
        assertThat(page.locator(".unkept")).containsText("Packet drawers");

        Page crashed = page.context().newPage();
        page.close();
        crashed.navigate(bench.address + "/boxes/packet-drawers/size");
        crashed.waitForSelector(".foot");
        assertThat(height(crashed)).isEqualTo(before);
        crashed.getByText("Take them up again").click();
        assertThat(crashed.locator(".offer")).hasCount(0);
        assertThat(crashed.locator(".kept")).hasText("kept");
        assertThat(height(crashed)).isEqualTo("77");
        crashed.getByText("All boxes").click();
        assertThat(crashed.locator(".unkept")).hasCount(0);
        crashed.context().close();
    }

    @Test
    void aDamagedBoxStandsOnTheShelfAndIsPutBack() throws SQLException {
        try (Connection other = bench.file();
                Statement hand = other.createStatement()) {
            hand.execute("UPDATE box SET plan = substr(plan, 1, 300) WHERE id = 'packet-tray'");
            hand.execute("INSERT INTO rack_item (kind, id, revision, item, saved_at)"
                    + " VALUES ('blank', 'torn-label', 1, '{', '')");
        }
        Page page = at("/boxes", ".shelf .box");
        assertThat(page.locator("[data-damaged=packet-tray]")).containsText("cut short");
        assertThat(page.locator(".shelf .box")).hasCount(9);
        page.getByText("put back to its last sound state").click();
        assertThat(page.locator("[data-damaged]")).hasCount(0);
        page.locator(".shelf .name", new Page.LocatorOptions().setHasText("Packet tray"))
                .click();
        page.waitForSelector(".foot");

        page.navigate(bench.address + "/rack/blanks");
        assertThat(page.locator("[data-damaged=torn-label]")).containsText("Everything else works");
        assertThat(page.locator(".boards svg").first()).isVisible();
        press(page, "put it away");
        assertThat(page.locator("[data-damaged]")).hasCount(0);
        page.context().close();
    }

    @Test
    void noPageComplains() {
        assertThat(bench.complaints()).isEmpty();
    }
}
