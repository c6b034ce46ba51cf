package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty application and a quilt of ours to what is done with it. */
class FromOursIT extends EmptyApplication {

    FromOursIT(Page page) {
        super(page);
    }

    /** Fourteen pairs sewn, two units spoiled: is there enough? */
    @Test
    void whatWasSewnIsTypedAtOnce() {
        takeOurs("Lantern Street");
        Actions then = new Actions();
        then.click(station("Sew"));
        Locator batch = page.locator("[data-batch]");
        then.click(batch.getByText("Several …"));
        then.click(batch.getByLabel("pairs made"));
        batch.getByLabel("pairs made").fill("14");
        Locator spoiled = batch.getByLabel(Pattern.compile("(units|halves) spoiled"));
        spoiled.fill("2");
        then.press(spoiled, "Enter");
        assertThat(batch).containsText(Pattern.compile("14 pairs, 2 (units|halves) spoiled"));
        assertThat(batch.locator("[data-left]")).isVisible();
        assertThat(then.count()).isLessThanOrEqualTo(4);
        batch.getByLabel("pairs made").fill("many");
        batch.getByLabel("pairs made").press("Enter");
        assertThat(batch.getByRole(AriaRole.ALERT)).containsText("“many” cannot be counted");
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    /** The same quilt for a class of twelve: what to buy. */
    @Test
    void aClassOfTwelve() {
        takeOurs("Market day");
        Actions then = new Actions();
        then.click(station("Tally"));
        then.click(page.getByLabel("Make it for how many"));
        page.getByLabel("Make it for how many").fill("12");
        then.press(page.getByLabel("Make it for how many"), "Enter");
        Locator kits = page.locator("[data-kits]");
        assertThat(kits).containsText("To buy for 12 kits, cut together");
        assertThat(kits).containsText(Pattern.compile("Cut together they take .* yd less fabric than kit by kit"));
        assertThat(then.count()).isLessThanOrEqualTo(4);
        kits.getByText("In other fabrics").click();
        kits.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Another colourway"))
                .click();
        kits.getByLabel("Colourway 2: instead of navy").fill("moss");
        kits.getByLabel("Colourway 2: instead of navy").press("Enter");
        assertThat(kits).containsText("To buy for 13 kits");
        assertThat(kits).containsText("moss");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        kits.getByLabel("Make it for how many").fill("a dozen");
        kits.getByLabel("Make it for how many").press("Enter");
        assertThat(kits.getByRole(AriaRole.ALERT)).containsText("“a dozen” isn’t a number of kits");
        String id = page.url().replaceFirst(".*/quilts/([^/]+)/.*", "$1");
        APIResponse printed = page.request().get("/api/quilts/" + id + "/kits.pdf");
        assertThat(printed.headers().get("content-type")).contains("application/pdf");
        assertThat(printed.body().length).isGreaterThan(10_000);
    }

    /** A version with another border, compared with what it came from. */
    @Test
    void aVersionWithAnotherBorderCompared() {
        takeOurs("Market day");
        station("Tally").click();
        page.waitForURL("**/tally");
        Actions then = new Actions();
        then.click(page.getByRole(AriaRole.BUTTON, named("Try something else with it")));
        then.click(page.getByRole(AriaRole.TAB, named("Borders")));
        Locator width = page.getByLabel(Pattern.compile("width", Pattern.CASE_INSENSITIVE))
                .first();
        then.click(width);
        width.fill("3");
        assertThat(page.locator("[data-save=kept]")).isVisible();
        then.click(page.getByRole(AriaRole.LINK, named("Compare the two")));
        assertThat(page.locator("[data-differ]")).containsText("Top, finished");
        assertThat(page.locator("[data-differ]")).containsText("54 × 68 in");
        assertThat(then.count()).isLessThanOrEqualTo(5);
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.getByLabel(Pattern.compile("^Keep this one: Market day, version 2"))
                .click();
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
        page.navigate("/quilts");
        assertThat(page.getByText("Archived quilts (1)")).isVisible();
        page.getByText("Archived quilts (1)").click();
        Browser.choose(page, "Market day", "Bring back");
        assertThat(page.getByText("Archived quilts (1)")).hasCount(0);
        Browser.choose(page, "Market day", "Rename");
        page.getByLabel("Name of Market day").fill("Autumn fair");
        page.keyboard().press("Enter");
        page.getByLabel("Find a quilt").fill("fair");
        assertThat(page.locator("[data-quilt='Autumn fair']")).isVisible();
        assertThat(page.locator("[data-quilt]")).hasCount(1);
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    /** Every stop shows what it tells of, and the quilt of the tour goes with it if she likes. */
    @Test
    void theTourWalksAllStations() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("a short tour"))
                .click();
        Locator tour = page.getByLabel("The tour");
        for (String station : "cloth top top top tally tally cut sew".split(" ")) {
            assertThat(page).hasURL(Pattern.compile("/" + station + "$"));
            assertThat(tour).isFocused();
            assertThat(page.locator("[data-tour-outline]")).isVisible();
            Locator on = tour.getByText("On", new Locator.GetByTextOptions().setExact(true));
            if (!station.equals("sew")) {
                on.click();
            }
        }
        page.reload();
        assertThat(tour).containsText("Tour, 8 of 8");
        tour.getByText("End, and delete it").click();
        assertThat(tour).hasCount(0);
        page.waitForCondition(() -> text("/api/quilts").equals("[]"));
    }
}
