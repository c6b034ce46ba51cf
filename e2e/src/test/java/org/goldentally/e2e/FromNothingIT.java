package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
        assertThat(does.count()).isLessThanOrEqualTo(12);
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
