package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From an empty application to an answer, with what is done besides typing counted. */
@ExtendWith(Browser.class)
class FromNothingIT {

    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern LINES = Pattern.compile("\"lines\":\\[[^]]*]");

    private final Page page;
    private final Actions does = new Actions();

    FromNothingIT(Page page) {
        this.page = page;
    }

    @BeforeEach
    void withAnEmptyApplication() {
        Matcher lines = LINES.matcher(text("/api/shelf"));
        while (lines.find()) {
            deleteAll("/api/shelf/lines/", lines.group());
        }
        deleteAll("/api/quilts/", text("/api/quilts"));
        page.navigate("/");
        assertThat(page.getByText("Tops to buy cloth for")).isVisible();
    }

    private String text(String path) {
        APIResponse response = page.request().get(path);
        return response.text();
    }

    private void deleteAll(String path, String json) {
        Matcher id = ID.matcher(json);
        while (id.find()) {
            page.request().delete(path + id.group(1));
        }
    }

    /** How many squares do I pair, what do I buy, what is left? */
    @Test
    void aThrowOfPinwheelsFromAPackAndALength() {
        putDown("42 squares 10 in autumn, 21 prints, two of each");
        putDown("3 yd white 42 wide");
        does.goTo(page.getByLabel("Which kind?"), "pinwheel one print row");
        does.choose(page.getByLabel("About how large?"), "60 × 72");
        does.goTo(page.getByLabel("Border, finished in"), "4");
        Locator idea = ideas().filter(new Locator.FilterOptions().setHasText("in one print of autumn, on white"));
        assertThat(idea.first()).containsText("in finished");
        does.click(idea.first().getByRole(AriaRole.BUTTON));

        Locator answer = page.getByRole(AriaRole.REGION, named("In short"));
        assertThat(answer).containsText(Pattern.compile("\\d+ × half-square triangle, .* finished, .* at a time: "));
        assertThat(answer).containsText(Pattern.compile("squares? cut .* of white"));
        assertThat(answer).containsText(Pattern.compile("Buy|Nothing to buy"));
        assertThat(answer).containsText("Left: ");
        station("Top").click();
        page.waitForURL("**/top");
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
        assertThat(does.count()).isLessThanOrEqualTo(12);
    }

    /** Sixteen stars on point from fat quarters, with sashing and stones: how much background is to buy? */
    @Test
    void sixteenStarsOnPoint() {
        putDown("8 fat quarters meadow, 8 prints, one of each");
        putDown("2 yd cream 42 wide");
        does.goTo(page.getByLabel("Which kind?"), "sawtooth star on point one print");
        does.goTo(page.getByLabel("Block, finished in"), "12");
        assertThat(ideas().first()).containsText("Sawtooth Star");
        does.click(ideas().first().getByRole(AriaRole.BUTTON));
        does.click(station("Top"));
        does.goTo(page.getByLabel("Blocks across"), "4");
        does.goTo(page.getByLabel("Blocks down"), "4");
        does.goTo(page.getByLabel("Sashing between the blocks, in finished"), "2");
        Locator sashing = page.getByRole(AriaRole.REGION, named("Sashing"));
        does.choose(sashing.getByLabel("Its cloth"), "cream");
        does.choose(sashing.getByLabel("Cornerstones"), "meadow 1");
        assertThat(page.locator("[data-save=kept]")).isVisible();
        does.click(station("Tally"));
        Locator answer = page.getByRole(AriaRole.REGION, named("In short"));
        assertThat(answer).containsText(Pattern.compile("Buy [^.]* yd cream"));
        assertThat(page.getByLabel("The whole top", new Page.GetByLabelOptions().setExact(true))
                        .first())
                .containsText("Blocks16");
        assertThat(does.count()).isLessThanOrEqualTo(20);
    }

    /** A block is dressed in three taps, in a cloth or in any print of a pack. */
    @Test
    void aBlockIsDressedByItsRoles() {
        putDown("42 squares 10 in autumn, 21 prints, two of each");
        putDown("3 yd white 42 wide");
        page.getByRole(AriaRole.BUTTON, named("an empty top")).click();
        Locator dress = page.locator("[data-dress]");
        dress.getByLabel("background of Pinwheel").selectOption(new SelectOption().setLabel("white"));
        assertThat(page.getByLabel("Take white in hand")).isVisible();
        dress.getByLabel("dark of Pinwheel").selectOption(new SelectOption().setLabel("any print of autumn"));
        assertThat(page.getByLabel("Take any print of autumn in hand")).isVisible();
        assertThat(page.locator("[data-save=kept]")).isVisible();
        // A cloth in hand is said where it is used; Escape puts it down.
        page.getByLabel("Take white in hand").click();
        assertThat(page.locator("[data-in-hand]")).containsText("white in hand");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-in-hand]")).hasCount(0);
        station("Tally").click();
        page.waitForURL("**/tally");
        Locator group = page.locator("[data-group^='half-square triangle']");
        assertThat(group).containsText("white");
        assertThat(group).containsText("any print of autumn");
    }

    /** A runner of hourglasses from a pack, one square of each print, with two borders. */
    @Test
    void aRunnerOfHourglassesWithTwoBorders() {
        putDown("42 squares 5 in candy, 42 prints, one of each");
        putDown("1 yd ink 42 wide");
        does.goTo(page.getByLabel("Which kind?"), "hourglass candy");
        does.choose(page.getByLabel("About how large?"), "16 × 48");
        does.goTo(page.getByLabel("Border, finished in"), "2");
        assertThat(ideas().first()).containsText("Hourglass");
        does.click(ideas().first().getByRole(AriaRole.BUTTON));
        does.click(station("Top"));
        does.click(page.getByRole(AriaRole.TAB, named("Borders")));
        does.click(page.getByRole(AriaRole.BUTTON, named("Add a border outside")));
        does.click(station("Tally"));
        Locator answer = page.getByRole(AriaRole.REGION, named("In short"));
        assertThat(answer).containsText("hourglass");
        assertThat(does.count()).isLessThanOrEqualTo(15);
    }

    /** Fourteen pairs sewn, two units spoiled: is there enough? */
    @Test
    void whatWasSewnIsTypedAtOnce() {
        takeOurs("Lantern Street");
        Actions then = new Actions();
        then.click(station("Sew"));
        Locator batch = page.locator("[data-batch]");
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
        assertThat(kits).containsText(Pattern.compile("Cut together they take .* yd less cloth than kit by kit"));
        assertThat(then.count()).isLessThanOrEqualTo(4);
        kits.getByText("In other cloths").click();
        kits.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Another colourway"))
                .click();
        kits.getByLabel("Colourway 2: instead of navy").fill("moss");
        kits.getByLabel("Colourway 2: instead of navy").press("Enter");
        assertThat(kits).containsText("To buy for 13 kits");
        assertThat(kits).containsText("moss");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        kits.getByLabel("Make it for how many").fill("a dozen");
        kits.getByLabel("Make it for how many").press("Enter");
        assertThat(kits.getByRole(AriaRole.ALERT)).containsText("“a dozen” is no number of kits");
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
        page.getByLabel(Pattern.compile("^Keep Market day, version 2")).click();
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
        page.navigate("/quilts");
        assertThat(page.getByText("Archived quilts (1)")).isVisible();
        page.getByText("Archived quilts (1)").click();
        page.getByRole(AriaRole.LIST, named("Archived quilts"))
                .getByLabel("Bring back Market day")
                .click();
        assertThat(page.getByText("Archived quilts (1)")).hasCount(0);
        page.getByLabel("Rename Market day", new Page.GetByLabelOptions().setExact(true))
                .click();
        page.getByLabel("Name of Market day").fill("Autumn fair");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-quilt='Autumn fair']")).isVisible();
        page.getByLabel("Find a quilt").fill("fair");
        assertThat(page.locator("[data-quilt]")).hasCount(1);
        assertThat(Browser.seriousFindings(page)).isEmpty();
    }

    /** The first journey by keys alone, counted besides typing. */
    @Test
    void aThrowOfPinwheelsByTheKeyboardAlone() {
        int keys = 0;
        keys += tabTo("What have you got?");
        for (String line : new String[] {"42 squares 10 in autumn, 21 prints, two of each", "3 yd white 42 wide"}) {
            page.keyboard().type(line);
            page.keyboard().press("Enter");
            keys++;
            assertThat(page.getByLabel("What have you got?")).hasValue("");
        }
        keys += tabTo("Which kind?");
        page.keyboard().type("pinwheel one print row");
        keys += tabTo("Border, finished in");
        page.keyboard().type("4");
        assertThat(ideas().first()).containsText("in one print of autumn");
        assertThat(page.locator("[data-progress]:not([data-busy])")).isVisible();
        keys += tabTo("Pinwheel");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.REGION, named("In short"))).containsText("half-square triangle");
        assertThat(keys + 1).isLessThanOrEqualTo(120);
    }

    /** Presses Tab until what has such a label, or name, has the focus; says how often. */
    private int tabTo(String label) {
        for (int pressed = 0; pressed < 120; pressed++) {
            String focused = String.valueOf(page.evaluate("() => { const e = document.activeElement;"
                    + " return (e.getAttribute('aria-label') ?? e.labels?.[0]?.textContent ?? '').trim() }"));
            if (focused.startsWith(label)) {
                return pressed;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no " + label + " is reached by Tab");
    }

    private void takeOurs(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
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

    @Test
    void theFirstPageHoldsNothingSerious() {
        putDown("2 yd cream 42 wide");
        putDown("2 yd navy 42 wide");
        assertThat(ideas().first()).containsText("in finished");
        assertThat(Browser.seriousFindings(page)).isEmpty();
        page.getByLabel("buys least").press("ArrowRight");
        assertThat(page.getByRole(AriaRole.RADIO, named("largest"))).isChecked();
        page.getByLabel("Width, finished in").fill("forty");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Width, finished");
        page.getByLabel("Width, finished in").fill("");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Market day")))
                .click();
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
    }

    private Locator ideas() {
        return page.locator("[data-ideas] > li");
    }

    private Locator station(String name) {
        return page.getByRole(AriaRole.NAVIGATION, named("Stations"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private void putDown(String line) {
        Locator field = page.getByLabel("What have you got?");
        field.fill(line);
        does.press(field, "Enter");
        assertThat(field).hasValue("");
        assertThat(field).isFocused();
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
