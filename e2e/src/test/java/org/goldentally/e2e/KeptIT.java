package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Nothing is lost: without a network, over a reload, from page to page; and everything is taken back by name. */
@ExtendWith(Browser.class)
class KeptIT {

    private final BrowserContext context;
    private final Page page;

    KeptIT(Page page) {
        this.page = page;
        this.context = page.context();
    }

    @BeforeEach
    void aCopyOfAQuilt() {
        page.navigate("/quilts");
        Browser.choose(page, "Geese at dusk", "Copy");
        page.waitForURL("**/top");
        assertThat(status()).hasText("Saved");
    }

    @AfterEach
    void theNetworkIsBack() {
        context.setOffline(false);
    }

    private Locator status() {
        return page.locator("header [data-save]");
    }

    private void station(String name) {
        page.getByLabel("Stations")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                .click();
    }

    @Test
    void withoutANetworkChangesWaitAreSaidAndAreSentFromWhicheverPageIsOpen() {
        context.setOffline(true);
        page.getByLabel("Blocks across").fill("7");
        assertThat(status()).hasText("You're offline: 1 change will be saved when you're back");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("is sent by itself once there is an answer");
        page.getByLabel("Blocks across").fill("8");
        assertThat(status()).hasText("You're offline: 2 changes will be saved when you're back");
        page.locator("header a[href='/quilts']:visible").first().click();
        assertThat(status()).containsText("2 changes will be saved");
        context.setOffline(false);
        assertThat(status()).hasCount(0);
        page.goBack();
        assertThat(page.getByLabel("Blocks across")).hasValue("8");
        assertThat(page.getByLabel("Steps of the design")
                        .getByRole(AriaRole.BUTTON)
                        .first())
                .hasAttribute("title", "Undo: 8 × 4 blocks");
    }

    @Test
    void whatWaitsOutlivesAReload() {
        // The server is away for changes only, so that the page itself can be loaded again.
        page.route("**/api/quilts/*", route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        page.getByLabel("Blocks across").fill("9");
        assertThat(status()).hasText("You're offline: 1 change will be saved when you're back");
        page.reload();
        assertThat(page.getByLabel("Blocks across")).hasValue("9");
        assertThat(status()).hasText("You're offline: 1 change will be saved when you're back");
        page.unroute("**/api/quilts/*");
        assertThat(status()).hasText("Saved");
        page.reload();
        assertThat(page.getByLabel("Blocks across")).hasValue("9");
    }

    @Test
    void tapsAreCountedAtOnceAndConfirmedLater() {
        station("Sew");
        Locator good = page.locator("[data-good]");
        assertThat(good).hasText("0");
        context.setOffline(true);
        page.locator("[data-tap='1']").click();
        assertThat(good).not().hasText("0");
        String counted = good.textContent();
        assertThat(page.locator("[data-unconfirmed]")).hasText("1 tap not confirmed yet");
        station("Cut");
        assertThat(status()).hasText("You're offline: 1 change will be saved when you're back");
        context.setOffline(false);
        assertThat(status()).hasText("Saved");
        station("Sew");
        assertThat(good).hasText(counted);
        assertThat(page.locator("[data-unconfirmed]")).hasCount(0);
    }

    @Test
    void stepsAreTakenBackAndTakenOutByName() {
        page.getByLabel("Blocks across").fill("7");
        assertThat(status()).hasText("Saved");
        page.getByLabel("Seam, in").fill("3/8");
        assertThat(status()).hasText("Saved");
        page.getByLabel("All steps of the design").click();
        Locator steps = page.getByLabel("Steps of the design, newest first");
        assertThat(steps).containsText("seam 3/8 in");
        steps.getByLabel("Take out: 7 × 4 blocks").click();
        assertThat(page.getByLabel("Blocks across")).hasValue("3");
        assertThat(page.getByLabel("Seam, in")).hasValue("3/8");
        assertThat(steps).containsText("taken out: 7 × 4 blocks");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        steps.getByLabel("Go to: the start").click();
        assertThat(page.getByLabel("Seam, in")).hasValue("1/4");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+Shift+z");
        assertThat(page.getByLabel("Blocks across")).hasValue("7");
    }

    @Test
    void theClothStationTakesBackWhatWasDoneToTheShelf() {
        station("Cloth");
        page.getByLabel("What fabric do you have?").fill("half a yard kept moss");
        page.getByText("Put on the shelf").click();
        assertThat(page.getByText("Added: 1 length, 18 in (1/2 yd), 40 in wide – kept moss"))
                .isVisible();
        assertThat(page.locator("[data-lot='kept moss']")).isVisible();
        page.getByLabel("Steps of the shelf", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        assertThat(page.locator("[data-lot='kept moss']")).hasCount(0);
        // The design is as it was: undo here is of the shelf.
        station("Top");
        assertThat(page.getByLabel("Blocks across")).hasValue("3");
    }

    @Test
    void aLineThatCanBeMeantInTwoWaysIsAskedWithButtons() {
        station("Cloth");
        page.getByLabel("What fabric do you have?").fill("2 yd asked oat 42");
        Locator choices = page.locator("[data-choices]");
        assertThat(choices).containsText("This can be meant in 2 ways");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        choices.getByText("1 length, 72 in (2 yd), 42 in wide – asked oat").click();
        assertThat(page.locator("[data-cloth='asked oat']")).containsText("42 in wide");
        page.keyboard().press("Control+z");
    }

    /** The counts of the stations arrive while a name is being typed: what is typed so far stays. */
    @Test
    void aNameIsTypedInPeaceWhileWhatStandsBesideItIsShownAnew() {
        List<Route> held = new ArrayList<>();
        page.route("**/api/quilts/*/cut", held::add);
        page.reload();
        Locator name = page.getByLabel("Name of the quilt");
        page.waitForCondition(() -> !held.isEmpty());
        name.fill("Typed slowly");
        held.forEach(Route::resume);
        assertThat(page.getByLabel("Stations").getByText(Pattern.compile("of \\d+ steps")))
                .isVisible();
        assertThat(name).hasValue("Typed slowly");
        page.keyboard().press("Tab");
        assertThat(page).hasTitle(Pattern.compile("Typed slowly"));
    }

    @Test
    void aDeletedQuiltComesBack() {
        // "Saved" is said before the change as well: what counts is that the name has arrived.
        page.waitForResponse(response -> response.request().method().equals("PUT") && response.ok(), () -> {
            page.getByLabel("Name of the quilt").fill("Gone for now");
            page.keyboard().press("Tab");
        });
        assertThat(status()).hasText("Saved");
        page.navigate("/quilts");
        Browser.choose(page, "Gone for now", "Delete");
        assertThat(page.locator("[data-quilt='Gone for now']")).hasCount(0);
        page.getByText("Deleted quilts (").click();
        page.getByLabel("Bring back Gone for now").click();
        assertThat(page.locator("[data-quilt='Gone for now']")).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    @Test
    void everyPageHasATitleAndAnUnknownAddressAWayHome() {
        String quilt = page.url().replace("/top", "");
        List<String> titles = List.of("Cloth", "Top", "Tally", "Cut", "Sew").stream()
                .map(station -> {
                    station(station);
                    page.waitForCondition(() -> page.title().startsWith(station));
                    return page.title();
                })
                .toList();
        assertThat(titles).allMatch(title -> title.endsWith("– Copy of Geese at dusk – Golden Tally"));
        page.navigate("/yields/chart");
        assertThat(page).hasTitle("Size chart – Golden Tally");
        page.navigate("/quilts");
        assertThat(page).hasTitle("Quilts – Golden Tally");
        page.navigate(quilt + "/nowhere/at/all");
        assertThat(page.getByText("There is nothing at this address")).isVisible();
        assertThat(page).hasTitle("Nothing here – Golden Tally");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.getByText("To your quilts").click();
        assertThat(page).hasURL(Browser.address() + "/quilts");
    }

    /** The line is put on the shelf, but its answer never comes: the page sends it again, and it stands once. */
    @Test
    void aLineWhoseAnswerIsLostStandsOnce() {
        station("Cloth");
        AtomicInteger sent = new AtomicInteger();
        page.route("**/api/shelf/lines", route -> {
            if (sent.incrementAndGet() == 1) {
                route.fetch();
                route.abort();
            } else {
                route.resume();
            }
        });
        page.getByLabel("What fabric do you have?").fill("3 squares 10 in once");
        page.getByLabel("What fabric do you have?").press("Enter");
        assertThat(page.locator("[data-lot='once']")).hasCount(1);
        page.reload();
        assertThat(page.locator("[data-lot='once']")).hasCount(1);
        assertThat(page.locator("[data-lot='once']")).containsText(Pattern.compile("^once\\s*3 squares, 10 in$"));
        assertThat(sent).hasValue(2);
    }

    @Test
    void everythingGoesOutAsOneFileAndComesInAgain() {
        page.navigate("/quilts");
        page.getByText("Keep everything safe").click();
        Path file = page.waitForDownload(
                        () -> page.getByText("Everything as one file").click())
                .path();
        page.getByLabel("Bring everything in from such a file").setInputFiles(file);
        assertThat(page.getByText("All of it was here already. Nothing has changed."))
                .isVisible();
        page.getByLabel("Bring everything in from such a file")
                .setInputFiles(new FilePayload(
                        "broken.json",
                        "application/json",
                        "{\"goldenTallyEverything\":".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("choose a file that Golden Tally wrote")).isVisible();
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }
}
