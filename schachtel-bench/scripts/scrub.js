// How many frames a second a movement is scrubbed at, and whether the server is asked meanwhile. With the application
// running: npm install playwright-core (anywhere), then node schachtel-bench/scripts/scrub.js. Uses Debian's headless chromium; the first second, in
// which the browser draws the page for the first time, is left out.
const { chromium } = require(require.resolve("playwright-core", { paths: [process.cwd(), __dirname] }));
(async () => {
  const browser = await chromium.launch({ executablePath: "/usr/bin/chromium-headless-shell", args: ["--no-sandbox"] });
  for (const [path, name] of [["/cards/11/structure?select=car", "Upper Station"], ["/cards/10/structure?select=wheel", "Turntable"], ["/cards/6/structure?view=from-the-side", "Platform Sign"]]) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto("http://127.0.0.1:8090" + path);
    await page.waitForTimeout(1500);
    let asked = 0;
    page.on("request", () => { asked += 1; });
    const figures = await page.evaluate(async () => {
      const scrub = document.querySelector("#scrub");
      const set = (value) => { scrub.value = value; scrub.dispatchEvent(new Event("input", { bubbles: true })); };
      const begun = performance.now();
      for (let i = 0; i < 600; i += 1) { set((i * 7) % 1000); document.body.getBoundingClientRect(); }
      const script = (performance.now() - begun) / 600;
      const times = [];
      await new Promise((done) => {
        const step = (now) => { times.push(now); set((times.length * 5) % 1000); if (times.length < 661) requestAnimationFrame(step); else done(); };
        requestAnimationFrame(step);
      });
      const gaps = times.slice(61).map((t, i) => t - times[60 + i]).sort((a, b) => a - b);
      return { "ms of script and layout a frame": script.toFixed(2), "frames a second": (600000 / (times[660] - times[60])).toFixed(1), "late of 600": gaps.filter((g) => g > 25).length };
    });
    console.log(name, JSON.stringify(figures), "requests:", asked);
    await page.close();
  }
  await browser.close();
})();
