package dev.schachtel.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;

/** A fresh browser window; the browser itself is started once for all tests. Errors of the page's script fail the test. */
final class Browsing implements AutoCloseable {
    /** How long a page is waited for. A machine may be busy; how fast we are is measured elsewhere. */
    private static final int PATIENCE_MS = 60_000;

    /** Without a window to draw it takes half the processor time of the whole program, which serves where it isn't there. */
    private static final Path SHELL = Path.of("/usr/bin/chromium-headless-shell");

    private static final Path WHOLE = Path.of("/usr/bin/chromium");

    private static Browser browser;
    private final BrowserContext context;
    private final Page page;

    /** Whether a lost connection may be said in the console. */
    private Browsing(boolean forgiving) {
        context = browser().newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
        page = context.newPage();
        page.setDefaultTimeout(3 * PATIENCE_MS);
        page.onConsoleMessage(m -> {
            boolean lost = forgiving
                    && (m.text().contains("ERR_")
                            || m.text().contains("503")
                            || m.text().startsWith("htmx:")
                            || m.text().startsWith("Response Status Error Code 503"));
            boolean refusal = m.text().contains("422") || m.text().contains("409") || lost;
            if (m.type().equals("error") && !refusal) {
                throw new AssertionError(m.text());
            }
        });
        page.onPageError(e -> {
            throw new AssertionError(e);
        });
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
            Playwright playwright = Playwright.create();
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Files.isExecutable(SHELL) ? SHELL : WHOLE)
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync",
                                    "--disable-quic",
                                    "--no-first-run")));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return browser;
    }

    static Browsing open() {
        return new Browsing(false);
    }

    /** A window whose server may be away for a while. */
    static Browsing forgiving() {
        return new Browsing(true);
    }

    Page page() {
        return page;
    }

    Page another() {
        return context.newPage();
    }

    @Override
    public void close() {
        context.close();
    }
}
