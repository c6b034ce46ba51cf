package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** At the machine: cards, taps, mishaps, the quilt file. */
@ExtendWith(Browser.class)
class SewIT {

    private final Page page;

    SewIT(Page page) {
        this.page = page;
    }

    @Test
    void tapsAndKeysAreTalliedAndSurviveTheBrowser() {
        copyOf("Lantern Street", page);
        station(page, "Sew").click();
        page.waitForURL("**/sew");
        eightAtATime(page).locator("li button").first().click();
        Locator good = page.locator("[data-good]");
        assertThat(good).hasText("0");
        page.locator("[data-tap='1']").click();
        assertThat(good).hasText("8");
        page.keyboard().press("1");
        assertThat(good).hasText("16");
        assertThat(page.getByText("All 16 are made.")).isVisible();
        page.keyboard().press("2");
        assertThat(good).hasText("15");
        assertThat(page.locator("[data-left]")).containsText("than fabric is cut for");
        page.keyboard().press("0");
        assertThat(good).hasText("16");
        // The answer to it is shorter than the one before: what stands below moves up.
        assertThat(page.getByText("All 16 are made.")).isVisible();
        page.getByLabel("Note on this card").fill("new needle");
        page.getByText("Keep the note").click();
        assertThat(page.getByLabel("Notes and log of this card")).containsText("new needle");
        page.getByLabel("First unit measured").fill("3 5/8");
        page.getByText("What does that mean?").click();
        assertThat(page.locator("[data-first-unit]")).containsText("Good: go on");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Friendship Star").setExact(false))
                .first()
                .click();
        assertThat(page.locator("[data-pressed]").first()).isVisible();
        assertThat(page.getByText("Joined it should measure 9 1/2 × 9 1/2 in unfinished."))
                .isVisible();
        assertThat(page.getByText("Lay out and join Friendship Star, pressed in way B"))
                .isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.locator("[aria-label=Batches] button")
                .filter(new Locator.FilterOptions().setHasText("Rows of the top"))
                .click();
        Locator rows = page.getByRole(
                AriaRole.IMG,
                new Page.GetByRoleOptions().setName("the top inside its borders, laid out with numbered pieces"));
        assertThat(rows).containsText("1B");
        assertThat(rows).containsText("2A");
        assertThat(rows.locator("[data-pressed]")).hasCount(6 * 4 + 5);
        assertThat(Browser.seriousFindings(page)).isEmpty();

        String address = page.url();
        com.microsoft.playwright.Browser browser = page.context().browser();
        page.context().close();
        try (BrowserContext anew = browser.newContext()) {
            Page again = anew.newPage();
            again.navigate(address);
            assertThat(eightAtATime(again).getByText("16/16")).isVisible();
            APIResponse booklet = again.request()
                    .get(Browser.address()
                            + again.getByText("Print the booklet").getAttribute("href"));
            assertThat(booklet.headers().get("content-type")).isEqualTo("application/pdf");
        }
    }

    /** A tablet beside the machine: everything by touch. */
    /** The same work in five cloths is one list, opened here. */
    private static Locator eightAtATime(Page page) {
        Locator run = page.locator("[data-run]")
                .filter(new Locator.FilterOptions().setHasText("eight at a time"))
                .first();
        run.evaluate("list => { list.open = true }");
        return run;
    }

    @Test
    void aTabletIsTapped() {
        try (BrowserContext tablet = page.context()
                .browser()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setBaseURL(Browser.address())
                        .setViewportSize(900, 700)
                        .setHasTouch(true))) {
            Page touched = tablet.newPage();
            copyOf("Geese at dusk", touched);
            station(touched, "Sew").tap();
            Locator tap = touched.locator("[data-tap='1']");
            assertThat(tap).isVisible();
            assertThat(tap.boundingBox().height).isGreaterThanOrEqualTo(44);
            tap.tap();
            assertThat(touched.locator("[data-good]")).not().hasText("0");
            for (Locator each : touched.locator("[data-tap]").all()) {
                assertThat(each.boundingBox().width).isGreaterThanOrEqualTo(44);
                assertThat(each.boundingBox().x + each.boundingBox().width).isLessThanOrEqualTo(900);
            }
            touched.locator("[data-tap='0']").tap();
            assertThat(touched.locator("[data-good]")).hasText("0");
            assertThat(touched.evaluate("document.documentElement.scrollWidth <= 900"))
                    .isEqualTo(true);
            assertThat(Browser.seriousFindings(touched)).isEmpty();
        }
    }

    @Test
    void aQuiltGoesOutAsAFileAndComesInAgain() {
        page.navigate("/quilts");
        Download file = page.waitForDownload(() -> Browser.choose(page, "Windowsill runner", "Save as a file"));
        Path kept = file.path();
        int before = page.locator("[data-quilt='Windowsill runner']").count();
        page.navigate("/start");
        page.getByLabel("a quilt file").setInputFiles(kept);
        page.waitForURL("**/top");
        assertThat(page.getByLabel("Name of the quilt")).hasValue("Windowsill runner");
        page.navigate("/quilts");
        Browser.find(page, "Windowsill runner");
        assertThat(page.locator("[data-quilt='Windowsill runner']")).hasCount(before + 1);
        page.navigate("/start");
        page.getByLabel("a quilt file")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                        "broken.json", "application/json", new byte[] {'{'}));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Quilt file, line 1");
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    /** A copy, so that the pictures of the demo quilts stay as they are. */
    private static void copyOf(String quilt, Page in) {
        in.navigate("/quilts");
        Browser.choose(in, quilt, "Copy");
        in.waitForURL("**/top");
        assertThat(in.getByLabel("Name of the quilt")).hasValue("Copy of " + quilt);
    }

    private static Locator station(Page in, String name) {
        return in.getByLabel("Stations")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^" + name)));
    }
}
