package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** With fingers on a tablet, as the browser tells of them: one chooses and carries, two turn and zoom. */
@ExtendWith(Browser.class)
class ByTouchIT {

    private final BrowserContext tablet;
    private final Page page;
    private final CDPSession fingers;

    ByTouchIT(Page desk) {
        tablet = desk.context()
                .browser()
                .newContext(Browser.options(ServiceWorkerPolicy.BLOCK)
                        .setViewportSize(768, 1024)
                        .setHasTouch(true)
                        .setIsMobile(true));
        tablet.setDefaultTimeout(60_000);
        page = tablet.newPage();
        fingers = tablet.newCDPSession(page);
    }

    @AfterEach
    void close() {
        tablet.close();
    }

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"390, 844", "768, 1024", "900, 700"})
    void theWallIsTouched(int width, int height) {
        page.setViewportSize(width, height);
        copyOf("Market day");
        part(1).tap();
        assertThat(page.locator("#selected-title")).containsText("row 1, block 2");

        String before = transform(1);
        BoundingBox box = part(1).boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        double r = box.width / 4;
        touch("touchStart", x - r, y, x + r, y);
        for (int step = 1; step <= 6; step++) {
            double angle = Math.PI / 2 * step / 6;
            double dx = r * Math.cos(angle);
            double dy = r * Math.sin(angle);
            touch("touchMove", x - dx, y - dy, x + dx, y + dy);
        }
        touch("touchEnd");
        page.waitForCondition(() -> !transform(1).equals(before));
        assertThat(page.locator("#selected-title")).containsText("turned 90°");

        String first = href(0);
        String second = href(1);
        drag(part(0), part(1));
        page.waitForCondition(() -> href(0).equals(second) && href(1).equals(first));

        BoundingBox wall = page.getByRole(AriaRole.APPLICATION).boundingBox();
        double middle = wall.x + wall.width / 2;
        double edge = wall.y + 6;
        touch("touchStart", middle - 20, edge, middle + 20, edge);
        touch("touchMove", middle - 60, edge, middle + 60, edge);
        touch("touchEnd");
        assertThat(page.getByRole(AriaRole.APPLICATION)).not().hasAttribute("data-zoom", "1.00");
    }

    @Test
    void aStepIsDoneByATap() {
        copyOf("Market day");
        page.navigate(page.url().replace("/top", "/table/cut"));
        Locator done = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Done")));
        done.waitFor();
        String step = page.locator("main").innerText();
        done.tap();
        page.waitForCondition(() -> !step.equals(page.locator("main").innerText()));
    }

    private void copyOf(String name) {
        page.navigate("/quilts");
        Browser.choose(page, name, "Copy");
        page.waitForURL("**/top");
        page.locator("[data-grip]").first().waitFor();
    }

    private Locator part(int number) {
        return page.locator("[data-part='" + number + "']").first();
    }

    private String transform(int number) {
        return part(number).getAttribute("transform");
    }

    private String href(int number) {
        return String.valueOf(
                part(number).evaluate("(use) => document.querySelector(use.getAttribute('href')).innerHTML"));
    }

    private void drag(Locator from, Locator to) {
        BoundingBox begin = from.boundingBox();
        BoundingBox end = to.boundingBox();
        double x = begin.x + begin.width / 2;
        double y = begin.y + begin.height / 2;
        touch("touchStart", x, y);
        for (int step = 1; step <= 8; step++) {
            touch("touchMove", x + (end.x + end.width / 2 - x) * step / 8, y + (end.y + end.height / 2 - y) * step / 8);
        }
        touch("touchEnd");
    }

    /** @param places x and y of each finger */
    private void touch(String what, double... places) {
        JsonArray points = new JsonArray();
        for (int i = 0; i < places.length; i += 2) {
            JsonObject point = new JsonObject();
            point.addProperty("x", places[i]);
            point.addProperty("y", places[i + 1]);
            point.addProperty("id", i);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", what);
        event.add("touchPoints", points);
        fingers.send("Input.dispatchTouchEvent", event);
    }
}
