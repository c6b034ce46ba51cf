package org.goldentally.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ForcedColors;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every page on a telephone held upright, on a tablet, in a narrow window: it fits, and can be pressed and read. */
@ExtendWith(Browser.class)
class TableIT {

    /** The last is what a browser at 200 % has of a screen of 1280 × 800. */
    private static final int[][] SCREENS = {{390, 844}, {768, 1024}, {900, 700}, {640, 400}};

    /** What is wider than the screen, too small for a fingertip (44 px), or too small to be read (15 px), each in words. */
    private static final String MISFITS = """
            () => {
              const found = [];
              const over = document.documentElement.scrollWidth - innerWidth;
              if (over > 0) found.push('wider than the screen by ' + over);
              const shown = (e) => { const r = e.getBoundingClientRect(); return r.width > 0 && r.height > 0; };
              const said = (e) => e.tagName + ' ' + (e.getAttribute('aria-label') || e.textContent || '').trim().slice(0, 40);
              for (const e of document.querySelectorAll('a, button, input, select, summary, [role=tab]')) {
                if (!shown(e) || e.closest('svg, .sr-only') || getComputedStyle(e).display === 'inline') continue;
                const box = ['checkbox', 'radio', 'file'].includes(e.type) && e.closest('label') || e;
                const r = box.getBoundingClientRect();
                if (r.height < 43.5 || r.width < 43.5) found.push('too small to press: ' + said(e));
              }
              const words = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
              while (words.nextNode()) {
                const e = words.currentNode.parentElement;
                if (!words.currentNode.textContent.trim() || !shown(e) || e.closest('svg, .sr-only')) continue;
                if (parseFloat(getComputedStyle(e).fontSize) < 15) found.push('too small to read: ' + said(e));
              }
              return found;
            }
            """;

    private final Page page;

    TableIT(Page page) {
        this.page = page;
    }

    @Test
    void everyPageFitsCanBePressedAndRead() {
        List<String> misfits = new ArrayList<>();
        List<String> findings = new ArrayList<>();
        for (String path : paths()) {
            page.setViewportSize(1280, 800);
            page.navigate(path);
            assertThat(page.getByText("Fetching")).hasCount(0);
            for (int[] screen : SCREENS) {
                page.setViewportSize(screen[0], screen[1]);
                for (Object misfit : (List<?>) page.evaluate(MISFITS)) {
                    misfits.add(path + " at " + screen[0] + ": " + misfit);
                }
            }
            Browser.seriousFindings(page).forEach(finding -> findings.add(path + ": " + finding));
        }
        assertThat(misfits).isEmpty();
        assertThat(findings).isEmpty();
    }

    /** On a narrow screen what is worked with comes first: the card before the list, the answer before the groups. */
    @Test
    void whatIsWorkedWithComesFirst() {
        String quilt = quilt();
        page.setViewportSize(768, 1024);
        page.navigate(quilt + "/sew");
        assertThat(top("[aria-label='The card']")).isLessThan(top("[aria-label='Batches']"));
        page.navigate(quilt + "/tally");
        assertThat(top("#short-title")).isLessThan(top("[data-kinds]"));
        page.navigate(quilt + "/top");
        double wall = ((Number) page.locator("[aria-label='The wall']").first().evaluate("e => e.offsetHeight"))
                .doubleValue();
        assertThat(wall).isLessThan(1024);
        page.setViewportSize(390, 844);
        assertThat(top("[aria-label='The wall']")).isLessThan(top("[aria-label='Tray']"));
    }

    /** What a bar says stands in its band, or beneath the bar and on nothing else, on a desk and on a telephone. */
    @Test
    void labelsOfBandsAreNeverCutOff() {
        String cutOff = """
                () => {
                  const found = [];
                  for (const label of document.querySelectorAll('.band > span')) {
                    const [l, b] = [label.getBoundingClientRect(), label.parentElement.getBoundingClientRect()];
                    if (l.left < b.left - 0.5 || l.right > b.right + 0.5) found.push('cut off: ' + label.textContent);
                  }
                  const out = [...document.querySelectorAll('[data-moved-out]')];
                  out.forEach((one, i) => out.slice(i + 1).forEach((other) => {
                    const [a, b] = [one.getBoundingClientRect(), other.getBoundingClientRect()];
                    const apart = a.right <= b.left || b.right <= a.left || a.bottom <= b.top + 1 || b.bottom <= a.top + 1;
                    if (!apart) found.push(one.textContent + ' lies on ' + other.textContent);
                  }));
                  return [found, out.length];
                }
                """;
        page.navigate(quilt() + "/tally");
        page.locator(".band").first().waitFor();
        for (int width : new int[] {1280, 390}) {
            page.setViewportSize(width, 800);
            page.locator("[data-moved-out]").first().waitFor();
            List<?> answer = (List<?>) page.evaluate(cutOff);
            assertThat((List<?>) answer.getFirst()).isEmpty();
            assertThat(((Number) answer.getLast()).intValue()).isPositive();
        }
    }

    /** With forced colours what is here has an outline, and a swatch its own colour. */
    @Test
    void forcedColoursShowWhereOneIs() {
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        page.navigate(quilt() + "/top");
        assertThat(page.locator("nav [aria-current=page]")).hasCSS("outline-style", "solid");
        assertThat(page.locator("[aria-label^='navy: take in hand'] span[style]"))
                .hasCSS("background-color", "rgb(31, 47, 82)");
    }

    private double top(String selector) {
        page.locator(selector).first().waitFor();
        return ((Number) page.locator(selector).first().evaluate("e => e.getBoundingClientRect().top")).doubleValue();
    }

    private List<String> paths() {
        String quilt = quilt();
        List<String> paths = new ArrayList<>(List.of(
                "/quilts", "/start", "/cloth", "/yields", "/yields/chart", "/words", "/compare", "/no/such/page"));
        for (String station : List.of("cloth", "top", "tally", "cut", "sew", "table/cut", "table/sew")) {
            paths.add(quilt + "/" + station);
        }
        return paths;
    }

    /** The address of a demo quilt. */
    private String quilt() {
        page.navigate("/quilts");
        Browser.find(page, "Market day");
        return String.valueOf(Browser.quilt(page, "Market day").getAttribute("href"))
                .replaceFirst("/[a-z]+$", "");
    }
}
