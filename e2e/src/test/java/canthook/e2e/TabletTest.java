package canthook.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.URI;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The desk opens the shop to its network, the tablet joins, cuts on without the network, and what it marked arrives once. */
class TabletTest {
    private static Workbench bench;

    @BeforeAll
    static void open() throws IOException {
        bench = new Workbench();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    /** Opens the door at the desk; the address that joins. */
    static String opened(Workbench bench, Page desk, String may) {
        desk.navigate(bench.address + "/rack/tablets");
        Locator open = desk.getByText("Open to the shop’s network", new Page.GetByTextOptions().setExact(true));
        assertThat(open).isVisible();
        if (desk.locator("button.door.go").count() > 0) {
            desk.locator("button.door.go").click();
        }
        desk.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^" + may)))
                .check();
        assertThat(desk.locator(".code strong")).hasText(Pattern.compile("[A-Z2-9]{4}-[A-Z2-9]{4}"));
        String address = desk.locator(".address").innerText();
        bench.isSharedAt(URI.create(address).getPort());
        return address + "/join#" + desk.locator(".code strong").innerText();
    }

    static Page joined(Workbench bench, String address, String name) {
        Page tablet = bench.window(1024, 768);
        tablet.navigate(address);
        Workbench.type(tablet, "What this device is called", name);
        tablet.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Join"))
                .click();
        assertThat(tablet.getByText("You are in")).isVisible();
        return tablet;
    }

    private static String done(Page desk, String box) {
        return desk.request().get(bench.address + "/api/boxes/" + box).text();
    }

    @Test
    void aTabletCutsOnWithoutTheShopAndNothingIsLostOrDoubled() {
        Page desk = bench.window();
        String box = bench.copyOf(desk, "envelope-drawer");
        Page tablet = joined(bench, opened(bench, desk, "look, and mark"), "Tablet at the saw");
        assertThat(desk.locator(".devices")).containsText("Tablet at the saw");
        // the pages lie by before the network goes; all of them are fetched for that, which takes a busy machine its
        // time
        tablet.waitForFunction(
                "navigator.serviceWorker.ready.then(() => true)",
                null,
                new Page.WaitForFunctionOptions().setTimeout(120_000));
        String at = URI.create(tablet.url()).resolve("/boxes/" + box + "/saw").toString();
        tablet.navigate(at);
        SawTest.setUp(tablet);
        Locator count = tablet.locator(".count");
        assertThat(count).containsText("pass 1 of 26");
        assertThat(tablet.locator(".at-the-saw[data-ahead=here]")).hasCount(1);
        tablet.waitForTimeout(1500);
        tablet.locator("footer .done").click();
        assertThat(count).containsText("pass 2 of 26");
        bench.stopServer();
        tablet.locator("footer .done").click();
        assertThat(count).containsText("pass 3 of 26");
        assertThat(tablet.locator(".apart")).containsText("Without the shop: cut on. A pass is kept on this device");
        tablet.locator("footer .done").click();
        assertThat(count).containsText("pass 4 of 26");
        tablet.locator("footer .back").click();
        assertThat(count).containsText("pass 3 of 26");
        tablet.locator("footer .done").click();
        assertThat(count).containsText("pass 4 of 26");
        // the battery is empty, and the shop still away
        tablet.reload();
        assertThat(tablet.locator(".count")).containsText("pass 4 of 26");
        tablet.locator("footer .done").click();
        assertThat(tablet.locator(".count")).containsText("pass 5 of 26");
        bench.startServer();
        assertThat(tablet.locator(".apart")).hasCount(0);
        assertThat(tablet.locator(".count")).containsText("pass 5 of 26");
        desk.navigate(bench.address + "/boxes/" + box + "/saw");
        assertThat(desk.locator(".count")).containsText("pass 5 of 26");
        tablet.context().close();
        desk.context().close();
    }

    /** Another device cut on meanwhile: what both marked counts once. */
    @Test
    void whatBothMarkedCountsOnce() {
        Page desk = bench.window();
        String box = bench.copyOf(desk, "envelope-drawer");
        Page tablet = joined(bench, opened(bench, desk, "look, and mark"), "Second tablet");
        String at = URI.create(tablet.url()).resolve("/boxes/" + box + "/saw").toString();
        tablet.navigate(at);
        SawTest.setUp(tablet);
        tablet.waitForTimeout(1500);
        tablet.context().setOffline(true);
        for (int pass = 2; pass <= 4; pass++) {
            tablet.locator("footer .done").click();
            assertThat(tablet.locator(".count")).containsText("pass " + pass + " of 26");
        }
        desk.navigate(bench.address + "/boxes/" + box + "/saw");
        desk.locator("footer .done").click();
        assertThat(desk.locator(".count")).containsText("pass 2 of 26");
        tablet.context().setOffline(false);
        assertThat(tablet.locator(".told")).containsText("A pass had been marked on another device as well");
        assertThat(tablet.locator(".count")).containsText("pass 4 of 26");
        assertThat(desk.locator(".count")).containsText("pass 4 of 26");
        tablet.context().close();
        desk.context().close();
    }

    /** While it was away its run was put aside and another begun: what it marked is told, pass by pass, also after a reload. */
    @Test
    void whatWasMarkedInARunThatIsNoMoreIsTold() {
        Page desk = bench.window();
        String box = bench.copyOf(desk, "envelope-drawer");
        Page tablet = joined(bench, opened(bench, desk, "look, and mark"), "Third tablet");
        String at = URI.create(tablet.url()).resolve("/boxes/" + box + "/saw").toString();
        tablet.navigate(at);
        SawTest.setUp(tablet);
        tablet.waitForTimeout(1500);
        tablet.context().setOffline(true);
        tablet.locator("footer .done").click();
        assertThat(tablet.locator(".count")).containsText("pass 2 of 26");
        tablet.navigate("about:blank");
        desk.navigate(bench.address + "/boxes/" + box + "/saw");
        assertThat(desk.locator(".count")).containsText("pass 1 of 26");
        String run = desk.evaluate("""
                        async (box) => {
                          const json = { 'Content-Type': 'application/json' }
                          const begin = () => fetch(`/api/boxes/${box}/runs`, { method: 'POST', headers: json, body: '{}' })
                          const now = await (await begin()).json()
                          await fetch(`/api/runs/${now.id}`, { method: 'DELETE', headers: json })
                          return (await (await begin()).json()).id
                        }""", box).toString();
        tablet.context().setOffline(false);
        tablet.navigate(at);
        assertThat(tablet.locator(".told ol li")).hasCount(1);
        assertThat(tablet.locator(".told ol li")).containsText("A1 + C1");
        assertThat(tablet.locator(".gate")).isVisible();
        assertThat(run).startsWith(box + "-run-");
        tablet.context().close();
        desk.context().close();
    }

    @Test
    void whoOnlyLooksChangesNothingAndIsPutOut() {
        Page desk = bench.window();
        String box = bench.copyOf(desk, "envelope-drawer");
        String before = done(desk, box);
        Page tablet = joined(bench, opened(bench, desk, "look every"), "Visitor");
        tablet.navigate(
                URI.create(tablet.url()).resolve("/boxes/" + box + "/fingers").toString());
        assertThat(tablet.locator("nav.rail .station.here")).containsText("13 sections");
        tablet.keyboard().press("[");
        assertThat(tablet.locator("nav.rail .station.here")).containsText("11 sections");
        assertThat(tablet.locator(".kept")).hasText("only looking");
        tablet.waitForTimeout(800);
        assertThat(done(desk, box)).isEqualTo(before);
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put Visitor out"))
                .click();
        assertThat(desk.getByText("Visitor")).hasCount(0);
        tablet.reload();
        assertThat(tablet).hasURL(Pattern.compile(".*/join\\?to=.*"));
        assertThat(tablet.getByText("Join the shop")).isVisible();
        // a wrong passcode is said where it was typed, and it is still there
        Workbench.type(tablet, "Passcode, from the screen of the machine", "WRONG");
        tablet.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Join"))
                .click();
        assertThat(tablet.getByRole(AriaRole.ALERT)).containsText("That is not the passcode");
        tablet.context().close();
        desk.context().close();
    }
}
