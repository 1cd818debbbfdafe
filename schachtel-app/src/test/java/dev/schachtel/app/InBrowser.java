package dev.schachtel.app;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** A test in a window of its own. */
@ExtendWith(RunningApp.class)
abstract class InBrowser {
    final RunningApp app;
    Browsing window;
    Page page;

    InBrowser(RunningApp app) {
        this.app = app;
    }

    @BeforeEach
    void fresh() {
        window = Browsing.open();
        page = window.page();
        if (!looksInSpace()) {
            page.addInitScript("HTMLCanvasElement.prototype.getContext = () => null");
        }
    }

    /** Without a graphics card drawing in space takes most of the time: only those do it who look at it; others see the server's drawing. */
    boolean looksInSpace() {
        return false;
    }

    @AfterEach
    void close() {
        window.close();
    }

    /** Waits until a script's expression holds; the page's own policy forbids scripts that are made of text there. */
    static void until(Page at, String expression, Object argument) {
        at.waitForCondition(() -> Boolean.TRUE.equals(at.evaluate(expression, argument)));
    }

    /** Waits until all that the page asked for is answered and drawn. */
    void calm() {
        until(
                page,
                "() => document.readyState === 'complete' && typeof htmx !== 'undefined'"
                        + " && !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')",
                null);
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }
}
