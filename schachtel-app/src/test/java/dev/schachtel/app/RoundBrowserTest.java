package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** The card in the round: by mouse, by keys alone, as a picture, and where the browser can't draw it. */
class RoundBrowserTest extends InBrowser {
    RoundBrowserTest(RunningApp app) {
        super(app);
    }

    @Override
    boolean looksInSpace() {
        return true;
    }

    private String own(String file) {
        return "/cards/" + app.cards().create(RunningApp.demo(file), "test").id() + "/structure?view=in-the-round";
    }

    private Locator live(String path) {
        page.navigate(app.address() + path);
        Locator round = page.locator(".in-round.is-live");
        round.waitFor();
        page.locator(".in-round[data-ms]").waitFor();
        return round;
    }

    /** What the canvas shows, once drawn. */
    private String seen() {
        page.evaluate("new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
        return String.valueOf(page.evaluate("document.querySelector('.in-round canvas').toDataURL()"));
    }

    @Test
    void aStepperIsTurnedOpenedAndTakenApart() {
        Locator round = live("/cards/7/structure");
        assertThat(page.locator("[data-view=in-the-round]")).hasAttribute("aria-current", "true");
        assertThat(round.locator(".says")).containsText("Stands by itself");
        assertThat(round.locator(".says")).containsText("tips only past");
        assertThat(String.valueOf(round.locator("canvas").getAttribute("aria-label")))
                .contains("Stands by itself", "high", "Seen from the corner, the largest first: ");
        String corner = seen();
        page.locator("[data-side=behind]").click();
        assertThat(page.locator("[data-side=behind]")).hasAttribute("aria-current", "true");
        String behind = seen();
        assertThat(behind).isNotEqualTo(corner);
        page.locator("[data-side=corner]").click();
        assertThat(seen()).isEqualTo(corner);
        page.locator("[data-apart]").fill("60");
        assertThat(seen()).isNotEqualTo(corner);
        page.locator("[data-apart]").fill("0");
        assertThat(seen()).isEqualTo(corner);
        page.locator("[data-hidden-edges]").check();
        assertThat(seen()).isNotEqualTo(corner);
        page.locator("[data-hidden-edges]").uncheck();
        assertThat(seen()).isEqualTo(corner);
        page.locator("#scrub").fill("400");
        assertThat(seen()).isNotEqualTo(corner);
        int calls = Integer.parseInt(String.valueOf(round.getAttribute("data-calls")));
        int triangles = Integer.parseInt(String.valueOf(round.getAttribute("data-triangles")));
        assertThat(calls).isBetween(1, 150);
        assertThat(triangles).isBetween(100, 60_000);
    }

    @Test
    void theSameByKeysAlone() {
        live(own("upper-station.json") + "&select=car");
        String before = seen();
        page.locator("#drawing").focus();
        page.keyboard().press("ArrowLeft");
        String turned = seen();
        assertThat(turned).isNotEqualTo(before);
        page.keyboard().press("ArrowRight");
        assertThat(seen()).isEqualTo(before);
        page.keyboard().press("+");
        assertThat(seen()).isNotEqualTo(before);
        assertThat(page.locator("[data-side=corner][aria-current]")).hasCount(0);
        page.keyboard().press("1");
        assertThat(page.locator("[data-view=front]")).hasAttribute("aria-current", "true");
        page.keyboard().press("2");
        assertThat(page.locator(".in-round.is-live canvas")).isVisible();
    }

    @Test
    void aChangeIsSeenAtOnceAndAClickSelects() {
        live(own("platform-sign.json") + "&select=base");
        String before = seen();
        field("Crease above the foot").fill("2 in");
        until(
                page,
                "before => { const c = document.querySelector('.in-round canvas'); return c && c.toDataURL() !== before; }",
                before);
        page.locator(".in-round canvas").click();
        page.waitForURL("**select=**");
        assertThat(page.locator(".sel h2")).not().hasText("Easel card");
    }

    @Test
    void aPictureIsTaken() {
        live(own("viaduct.json"));
        Download one = page.waitForDownload(() -> page.locator("[data-picture]").click());
        assertThat(one.suggestedFilename()).isEqualTo("Viaduct.png");
        assertThat(one.path().toFile().length()).isGreaterThan(20_000);
        Download six =
                page.waitForDownload(() -> page.locator("[data-all-sides]").click());
        assertThat(six.suggestedFilename()).isEqualTo("Viaduct, all sides.png");
    }

    /** Owners of what a grid of rays meets in the script's meshes, and of what the server's drawing shows there: [rays, that meet something, seen alike]. */
    private static final String RAYS =
            """
            async side => {
              const holder = document.querySelector('.in-round'), still = holder.querySelector('.still svg'), rad = Math.PI / 180;
              const THREE = await import(holder.dataset.three), scene = (await import(holder.dataset.script)).drawn();
              const [turn, tilt] = (await (await fetch(holder.dataset.space)).json()).sides[side].map(d => d * rad);
              const out = new THREE.Vector3(Math.sin(turn) * Math.cos(tilt), Math.sin(tilt), Math.cos(turn) * Math.cos(tilt));
              const right = new THREE.Vector3(Math.cos(turn), 0, -Math.sin(turn)), up = out.clone().cross(right);
              scene.updateMatrixWorld(true);
              holder.classList.remove('is-live');
              holder.querySelector('canvas').style.display = 'none';
              const box = still.getBoundingClientRect(), back = still.getScreenCTM().inverse(), d = still.dataset, n = 40;
              let met = 0, alike = 0;
              for (let i = 0; i < n * n; i++) {
                const px = box.left + (i % n + 0.5) / n * box.width, py = box.top + (Math.floor(i / n) + 0.5) / n * box.height;
                const at = new DOMPoint(px, py).matrixTransform(back), x = (at.x - d.left) / d.scale, y = (d.top - at.y) / d.scale;
                const link = document.elementsFromPoint(px, py).filter(e => still.contains(e)).map(e => e.closest('a[data-select]')).find(a => a);
                const from = right.clone().multiplyScalar(x).addScaledVector(up, y).addScaledVector(out, 2000);
                const ray = new THREE.Raycaster(from, out.clone().negate());
                const hit = ray.intersectObjects(scene.children, true).find(h => h.object.userData.owners && !h.object.userData.pin);
                const there = hit ? hit.object.userData.owners[hit.faceIndex] : '', shown = link ? link.dataset.select : '';
                if (there || shown) { met += 1; alike += there === shown ? 1 : 0; }
              }
              return [n * n, met, alike];
            }""";

    /** The server's drawing, which takes no graphics card, shows what the script's does: piece by piece, whichever is in front. */
    @ParameterizedTest
    @CsvSource({
        "terraces.json, behind",
        "platform-sign.json, corner",
        "winding-house.json, front",
        "zigzag-station.json, corner",
        "zigzag-path.json, corner"
    })
    void theServersDrawingShowsTheSame(String file, String side) {
        live(own(file) + (side.equals("corner") ? "" : "." + side));
        List<?> counted = (List<?>) page.evaluate(RAYS, side);
        int met = ((Number) counted.get(1)).intValue();
        int alike = ((Number) counted.get(2)).intValue();
        assertThat(met).isGreaterThan(200);
        assertThat(alike).as(met + " rays").isGreaterThan((int) (met * 0.95));
    }

    /** Without the script's drawing the server's stays, and its pieces can be chosen. */
    @Test
    void withoutItTheServersDrawingStays() {
        page.addInitScript("HTMLCanvasElement.prototype.getContext = () => null");
        page.navigate(app.address() + "/cards/7/structure");
        Locator still = page.locator(".in-round .still svg");
        assertThat(still).isVisible();
        assertThat(page.locator("[data-picture]")).isHidden();
        String corner = still.innerHTML();
        page.locator("[data-side=behind]").click();
        page.waitForURL("**view=in-the-round.behind**");
        assertThat(page.locator("[data-side=behind]")).hasAttribute("aria-current", "true");
        assertThat(page.locator("[data-view=in-the-round]")).hasAttribute("aria-current", "true");
        assertThat(still.innerHTML()).isNotEqualTo(corner);
        still.locator("a[data-select=fifty]")
                .or(still.locator("a.ly"))
                .first()
                .click(new Locator.ClickOptions().setForce(true));
        page.waitForURL("**select=**");
        assertThat(page.locator(".in-round .still svg")).isVisible();
    }
}
