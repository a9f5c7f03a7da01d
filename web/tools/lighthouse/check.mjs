// What Lighthouse says of pages, on a desk and on a phone: node check.mjs CHROMIUM ADDRESS…
// One line of JSON each: { address, screen, scores: { category: 0 to 100 }, below: [what is not as it should be] }.

import { launch } from "chrome-launcher";
import lighthouse, { desktopConfig } from "lighthouse";

const [chromium, ...addresses] = process.argv.slice(2);
/** Its own trace begins too late now and then, which says nothing of the page. */
const TRIES = 3;
const SILENT = ["informative", "notApplicable", "manual"];
const browser = await launch({
  chromePath: chromium,
  chromeFlags: ["--headless=new", "--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});

async function looked(address, config) {
  for (let tries = 1; ; tries++) {
    const { lhr } = await lighthouse(address, { port: browser.port, logLevel: "error" }, config);
    if (!lhr.runtimeError) return lhr;
    if (lhr.runtimeError.code !== "NO_NAVSTART" || tries === TRIES)
      throw new Error(`${address}: ${lhr.runtimeError.message}`);
  }
}

try {
  for (const address of addresses) {
    for (const [screen, config] of [
      ["desk", desktopConfig],
      ["phone", undefined],
    ]) {
      const lhr = await looked(address, config);
      const scores = Object.fromEntries(
        Object.entries(lhr.categories).map(([name, { score }]) => [name, Math.round(score * 100)]),
      );
      const below = Object.values(lhr.audits)
        .filter(
          ({ score, scoreDisplayMode }) => score !== null && score < 1 && !SILENT.includes(scoreDisplayMode),
        )
        .map(({ id, displayValue }) => (displayValue ? `${id} (${displayValue})` : id));
      process.stdout.write(`${JSON.stringify({ address, screen, scores, below })}\n`);
    }
  }
} finally {
  await browser.kill();
}
