package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** One card at a time, by a pedal; and all of it with the network cut and the page closed and opened again. */
@ExtendWith(Browser.class)
class AtTheTableIT {

    /** More than its blocks and its border have. */
    private static final int MOST_GEESE = 300;

    private final Page page;

    AtTheTableIT(Page page) {
        this.page = page;
    }

    @Test
    void aPedalGoesThroughTheStepsOfCuttingAndComesBack() {
        String quilt = copyOfGeese(page);
        page.navigate(quilt + "/cut");
        page.getByText("At the table: one step at a time").click();
        Locator says = page.locator("[data-says]");
        assertThat(page.getByText("0 of 26 steps done in all")).isVisible();
        String first = says.innerText();
        page.keyboard().press("PageDown");
        assertThat(page.getByText("1 of 26 steps done in all")).isVisible();
        assertThat(says).not().hasText(first);
        // Looking ahead and back ticks nothing.
        page.keyboard().press("ArrowRight");
        page.keyboard().press("PageUp");
        page.keyboard().press("PageUp");
        assertThat(says).hasText(first);
        assertThat(page.getByText("1 of 26 steps done in all")).isVisible();
        page.getByText("Not done").click();
        assertThat(page.getByText("0 of 26 steps done in all")).isVisible();
        for (int step = 0; step < 26; step++) {
            page.keyboard().press("PageDown");
        }
        assertThat(page.getByText("All cut.")).isVisible();
        page.getByText("Leave the table").click();
        assertThat(page.locator("nav[aria-label=Stations]")).containsText("26 of 26 steps");
    }

    @Test
    void sewingGoesFromTheStepsToTheCountAndOnToTheNextBatch() {
        String quilt = copyOfGeese(page);
        page.navigate(quilt + "/table/sew");
        assertThat(page.locator("[data-step='1']")).isVisible();
        while (page.locator("[data-count]").count() == 0) {
            String step = String.valueOf(page.locator("[data-step]").getAttribute("data-step"));
            page.keyboard().press("Space");
            assertThat(page.locator("[data-step='" + step + "']")).hasCount(0);
        }
        page.keyboard().press("PageDown");
        // Geese are made four at a time.
        assertThat(page.locator("[data-good]")).hasText("4");
        page.getByLabel("sets made").fill("24");
        page.getByLabel("units spoiled").fill("2");
        page.getByText("Count them").click();
        assertThat(page.locator("[data-good]")).hasText("98");
        // In a field a key types, and counts nothing.
        page.getByLabel("sets made").press("Space");
        page.locator("[data-table]").focus();
        page.keyboard().press("PageDown");
        assertThat(page.locator("[data-good]")).hasText("102");
        Locator allMade = page.getByText("All made: the next batch");
        for (int good = 102; allMade.count() == 0 && good < MOST_GEESE; good += 4) {
            page.keyboard().press("PageDown");
            assertThat(page.locator("[data-good]")).hasText(String.valueOf(good + 4));
        }
        assertThat(allMade).isVisible();
        String batch = String.valueOf(page.locator("[data-batch]").getAttribute("data-batch"));
        page.keyboard().press("PageDown");
        assertThat(page.locator("[data-batch]")).not().hasAttribute("data-batch", batch);
    }

    /** The address of a copy of a demo quilt, which nothing is cut or sewn of. */
    private static String copyOfGeese(Page page) {
        page.navigate("/quilts");
        Browser.choose(page, "Geese at dusk", "Copy");
        page.waitForURL("**/top");
        return page.url().replaceFirst("/top$", "");
    }

    @Test
    void withoutANetworkStationsOpenAndWhatIsDoneIsSentLaterOnce() {
        try (BrowserContext tablet = page.context().browser().newContext(Browser.options(ServiceWorkerPolicy.ALLOW))) {
            Page first = tablet.newPage();
            first.navigate("/quilts");
            first.waitForFunction("() => navigator.serviceWorker.controller");
            String quilt = copyOfGeese(first);
            first.navigate(quilt + "/sew");
            assertThat(first.getByText("Works offline")).isVisible();
            tablet.setOffline(true);
            first.close();

            Page second = tablet.newPage();
            second.navigate(quilt + "/table/sew");
            second.locator("[data-step='1']").waitFor();
            while (second.locator("[data-count]").count() == 0) {
                second.keyboard().press("ArrowRight");
            }
            second.keyboard().press("PageDown");
            second.keyboard().press("PageDown");
            assertThat(second.getByText("2 taps wait in this browser")).isVisible();
            second.close();

            Page third = tablet.newPage();
            third.navigate(quilt + "/table/cut");
            third.locator("[data-says]").waitFor();
            third.keyboard().press("PageDown");
            assertThat(third.getByText("3 taps wait in this browser")).isVisible();
            for (String station : new String[] {"cloth", "top", "tally", "cut", "sew"}) {
                third.navigate(quilt + "/" + station);
                assertThat(third.locator("main h1, main h2").first()).isVisible();
                assertThat(third.getByText("Fetching")).hasCount(0);
            }
            assertThat(third.locator("header [data-save]")).containsText("will be saved when you're back");

            tablet.setOffline(false);
            assertThat(third.locator("header [data-save]")).hasText("Saved");
            // What another browser sees: each once.
            page.navigate(quilt + "/sew");
            assertThat(page.locator("nav[aria-label=Stations]")).containsText("1 of 26 steps");
            assertThat(page.locator("[data-good]")).hasText("8");
        }
    }

    /** It can be put on the screen of a tablet like any other application. */
    @Test
    void itCanBeInstalled() {
        page.navigate("/quilts");
        Object icons = page.evaluate("async () => {"
                + " const about = await (await fetch(document.querySelector('link[rel=manifest]').href)).json();"
                + " const found = await Promise.all(about.icons.map((icon) => fetch(icon.src)));"
                + " return about.name + ' ' + about.display + ' ' + found.map((icon) => icon.status); }");
        assertThat(icons).isEqualTo("Golden Tally standalone 200,200");
    }
}
