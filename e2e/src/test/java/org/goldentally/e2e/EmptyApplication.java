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
import org.junit.jupiter.api.extension.ExtendWith;

/** What journeys from an empty application have in common: it is made empty, and what is done besides typing is counted. */
@ExtendWith(Browser.class)
abstract class EmptyApplication {

    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern LINES = Pattern.compile("\"lines\":\\[[^]]*]");

    final Page page;
    final Actions does = new Actions();

    EmptyApplication(Page page) {
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
        assertThat(page.getByText("Tops to buy fabric for")).isVisible();
    }

    final String text(String path) {
        APIResponse response = page.request().get(path);
        return response.text();
    }

    private void deleteAll(String path, String json) {
        Matcher id = ID.matcher(json);
        while (id.find()) {
            page.request().delete(path + id.group(1));
        }
    }

    /** Presses Tab until what has such a label, or name, has the focus; says how often. */
    final int tabTo(String label) {
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

    final void takeOurs(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        assertThat(page.locator("[data-size='Top finished']")).isVisible();
    }

    final Locator ideas() {
        return page.locator("[data-ideas] > li");
    }

    final Locator station(String name) {
        return page.getByRole(AriaRole.NAVIGATION, named("Stations"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    final void putDown(String line) {
        Locator field = page.getByLabel("What fabric do you have?");
        field.fill(line);
        does.press(field, "Enter");
        assertThat(field).hasValue("");
        assertThat(field).isFocused();
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
