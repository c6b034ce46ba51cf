package org.goldentally.e2e;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.app.RunningApplication;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Headless Chromium before the running application: one browser for this JVM, a fresh context for each test. */
final class Browser implements ParameterResolver, AfterEachCallback, TestExecutionExceptionHandler {

    private static final int PATIENCE_MS = 60_000;

    /** The one without a window is quicker. */
    private static final List<Path> PROGRAMS =
            List.of(Path.of("/usr/bin/chromium-headless-shell"), Path.of("/usr/bin/chromium"));

    private static com.microsoft.playwright.Browser chromium;

    private BrowserContext context;

    private static synchronized com.microsoft.playwright.Browser chromium() {
        if (chromium == null) {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(PROGRAMS.stream()
                                    .filter(Files::isExecutable)
                                    .findFirst()
                                    .orElseThrow())
                            // One process for all pages has read their scripts already.
                            .setArgs(List.of(
                                    "--renderer-process-limit=1",
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return chromium;
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == Page.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        boolean fromNothing = EmptyApplication.class.isAssignableFrom(extension.getRequiredTestClass());
        context = chromium()
                .newContext(options(ServiceWorkerPolicy.BLOCK)
                        .setBaseURL(fromNothing ? RunningApplication.address("own") : address()));
        // A busy machine may be slow; a test that waits for what never comes fails all the same.
        context.setDefaultTimeout(PATIENCE_MS);
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        return context.newPage();
    }

    /** Where the application with the demo quilts is: journeys find them beside their own, unless they begin with nothing. */
    static String address() {
        return RunningApplication.address("demo");
    }

    /** What answers without a network runs only where it is what is tested. */
    static com.microsoft.playwright.Browser.NewContextOptions options(ServiceWorkerPolicy workers) {
        return new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(address())
                .setServiceWorkers(workers)
                .setViewportSize(1280, 800);
    }

    /** A journey that waits in vain tells what the application, which runs beside it, was doing then. */
    @Override
    public void handleTestExecutionException(ExtensionContext extension, Throwable failure) throws Throwable {
        StringBuilder said = new StringBuilder(extension.getDisplayName() + " failed; at work in the application:\n");
        Thread.getAllStackTraces().forEach((thread, trace) -> {
            if (Arrays.stream(trace).anyMatch(frame -> frame.getClassName().startsWith("org.goldentally.app"))) {
                said.append(thread.getName())
                        .append(' ')
                        .append(thread.getState())
                        .append('\n');
                Arrays.stream(trace)
                        .forEach(frame -> said.append("    ").append(frame).append('\n'));
            }
        });
        System.err.print(said);
        throw failure;
    }

    @Override
    public void afterEach(ExtensionContext extension) {
        if (context != null) {
            context.close();
        }
    }

    /** A quilt in the list, by its whole name; of several the one that has been there longest. */
    static Locator quilt(Page page, String name) {
        return page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true))
                .last();
    }

    /** Looks a quilt up in the list: of many only those are drawn that are seen. */
    static void find(Page page, String name) {
        page.locator("[data-quilt]").first().waitFor();
        Locator field = page.getByLabel("Find a quilt");
        if (field.count() == 0) {
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Find").setExact(true))
                    .click();
        }
        field.fill(name);
    }

    /** Chooses from the menu of a quilt in the list; of several of its name, from the newest one's. */
    static void choose(Page page, String quilt, String what) {
        find(page, quilt);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Menu of " + quilt).setExact(true))
                .first()
                .click();
        page.getByRole(
                        AriaRole.MENUITEM,
                        new Page.GetByRoleOptions().setName(what).setExact(true))
                .click();
    }

    /** Begins with an empty top, as somebody does who knows what she wants, and gives it a name. */
    static void startEmpty(Page page, String name) {
        page.navigate("/quilts");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New quilt"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("an empty top"))
                .click();
        page.waitForURL("**/top");
        page.waitForResponse(response -> response.request().method().equals("PUT") && response.ok(), () -> {
            page.getByLabel("Name of the quilt").fill(name);
            page.keyboard().press("Tab");
        });
        page.getByLabel("Stations")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Cloth"))
                .click();
        page.waitForURL("**/cloth");
    }

    /** Opens a quilt of the list at its station Top, by its address: rows of the list move while their pictures come. */
    static void open(Page page, String name) {
        page.navigate("/quilts");
        find(page, name);
        page.navigate(String.valueOf(quilt(page, name).getAttribute("href")).replaceFirst("/[a-z]+$", "/top"));
        page.getByRole(AriaRole.APPLICATION).locator("[data-part]").first().waitFor();
    }

    /** What axe-core finds on the page that is serious or critical. */
    /** Whoever speaks to the page says what is written: names that differ from it begin with its first line. */
    private static final String NAMES_OTHER_THAN_WRITTEN = """
            () => {
              const words = (text) => text.toLowerCase().replace(/[^a-z0-9]+/g, ' ').trim()
              return [...document.querySelectorAll('button, a, summary, [role=tab]')]
                .filter((each) => each.offsetParent && each.hasAttribute('aria-label'))
                .map((each) => [words(each.innerText.split('\\n')[0]), each.getAttribute('aria-label')])
                .filter(([written, name]) => written && !words(name).startsWith(written))
                .map(([written, name]) => `“${written}” is heard as “${name}”`)
            }
            """;

    @SuppressWarnings("unchecked")
    static List<String> seriousFindings(Page page) {
        // What is in order is not wanted node by node.
        AxeRunOptions violations = new AxeRunOptions();
        violations.setResultTypes(List.of("violations"));
        List<String> findings = new ArrayList<>((List<String>) page.evaluate(NAMES_OTHER_THAN_WRITTEN));
        new AxeBuilder(page)
                .options(violations).setLegacyMode(true).analyze().getViolations().stream()
                        .filter(rule -> Set.of("serious", "critical").contains(String.valueOf(rule.getImpact())))
                        .map(Browser::describe)
                        .forEach(findings::add);
        return findings;
    }

    private static String describe(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " at "
                + rule.getNodes().stream().map(node -> node.getHtml()).toList();
    }
}
