package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty application to an answer. */
class FromNothingIT extends EmptyApplication {

    FromNothingIT(Page page) {
        super(page);
    }

    /** How many squares do I pair, what do I buy, what is left? */
    @Test
    void aThrowOfPinwheelsFromAPackAndALength() {
        putDown("42 squares 10 in autumn, 21 prints, two of each");
        putDown("3 yd white 42 wide");
        does.goTo(page.getByLabel("Which kind?"), "pinwheel one print row");
        does.choose(page.getByLabel("How big?"), "60 × 72");
        does.goTo(page.getByLabel("Border, finished in"), "4");
        Locator idea = ideas().filter(new Locator.FilterOptions().setHasText("in one print of autumn, on white"));
        assertThat(idea.first()).containsText("in finished");
        does.click(idea.first().getByRole(AriaRole.BUTTON));

        Locator answer = page.getByRole(AriaRole.REGION, named("In short"));
        assertThat(answer).containsText(Pattern.compile("\\d+ × half-square triangle, .* finished, .* at a time: "));
        assertThat(answer).containsText(Pattern.compile("squares? cut .* of white"));
        assertThat(answer).containsText(Pattern.compile("Buy|Nothing to buy"));
        assertThat(answer).containsText("You'll have ");
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
        does.choose(sashing.getByLabel("Its fabric"), "cream");
        does.choose(sashing.getByLabel("Cornerstones"), "meadow 1");
        assertThat(page.locator("[data-save=kept]")).isVisible();
        does.click(station("Tally"));
        Locator answer = page.getByRole(AriaRole.REGION, named("In short"));
        assertThat(answer).containsText(Pattern.compile("Buy [^.]* yd of cream"));
        assertThat(page.locator("nav[aria-label=Stations]")).containsText("16 blocks");
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
        assertThat(page.getByLabel("white: take in hand")).isVisible();
        dress.getByLabel("dark of Pinwheel").selectOption(new SelectOption().setLabel("any print of autumn"));
        assertThat(page.getByLabel("any print of autumn: take in hand")).isVisible();
        assertThat(page.locator("[data-save=kept]")).isVisible();
        // A cloth in hand is said where it is used; Escape puts it down.
        page.getByLabel("white: take in hand").click();
        assertThat(page.locator("[data-in-hand]")).containsText("white in hand");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-in-hand]")).hasCount(0);
        station("Tally").click();
        page.waitForURL("**/tally");
        Locator kind = page.locator("[data-kind='half-square triangle']");
        assertThat(kind).containsText("white");
        assertThat(kind).containsText("any print of autumn");
    }

    /** A runner of hourglasses from a pack, one square of each print, with two borders. */
    @Test
    void aRunnerOfHourglassesWithTwoBorders() {
        putDown("42 squares 5 in candy, 42 prints, one of each");
        putDown("1 yd ink 42 wide");
        does.goTo(page.getByLabel("Which kind?"), "hourglass candy");
        does.choose(page.getByLabel("How big?"), "16 × 48");
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

    /** The first journey by keys alone, counted besides typing. */
    @Test
    void aThrowOfPinwheelsByTheKeyboardAlone() {
        int keys = 0;
        keys += tabTo("What fabric do you have?");
        for (String line : new String[] {"42 squares 10 in autumn, 21 prints, two of each", "3 yd white 42 wide"}) {
            page.keyboard().type(line);
            page.keyboard().press("Enter");
            keys++;
            assertThat(page.getByLabel("What fabric do you have?")).hasValue("");
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
}
