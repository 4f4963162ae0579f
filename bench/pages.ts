/**
 * Every screen of the demo in a browser, opened a second time in the same profile, as a teacher opens it every day:
 * `bin/bench --pages`. Milliseconds to the first and to the largest picture, the longest task that the page could do
 * nothing else in, all tasks above a twentieth of a second together; and of a first visit the packed script that came
 * before the largest picture, and ahead of the next screens.
 */
import { chromium, type Page } from '@playwright/test';

const address = process.argv[2];
const STUDENT = 'student?id=demo-maren&step=';
const SCREENS: readonly (readonly [string, string])[] = [
  ['today', ''],
  ['ask', `${STUDENT}ask`],
  ['measure', `${STUDENT}measure`],
  ['findings', `${STUDENT}findings`],
  ['poses', `${STUDENT}poses`],
  ['practice', `${STUDENT}practice`],
  ['progress', `${STUDENT}progress`],
  ['muscles', 'muscles'],
  ['all poses', 'poses'],
  ['day book', 'daybook'],
  ['settings', 'settings'],
];
/** A screen that changes no more for so long has arrived; what is counted beyond is none of its. */
const QUIET_MS = 2500;
const MOST_MS = 60_000;

interface Seen {
  first: number;
  largest: number;
  tasks: number[];
}
declare global {
  interface Window {
    seen: Seen;
  }
}

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
});
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  reducedMotion: 'reduce',
  serviceWorkers: 'block',
});
// As text: what the compiler adds to functions is not there in the page.
await context.addInitScript({
  content: `
    window.seen = { first: 0, largest: 0, tasks: [] };
    const look = (type, take) =>
      new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({ type, buffered: true });
    look('paint', (e) => { if (e.name === 'first-contentful-paint') window.seen.first = e.startTime; });
    look('largest-contentful-paint', (e) => { window.seen.largest = e.startTime; });
    look('longtask', (e) => { window.seen.tasks.push(e.duration); });
  `,
});
const page = await context.newPage();

interface Opened extends Seen {
  /** Packed bytes of script that came before the largest picture, and after it. */
  script: number;
  ahead: number;
}

/** Opens a screen and waits until nothing has changed on it for a while. `anew` fetches everything again. */
async function open(to: Page, path: string, anew: boolean): Promise<Opened> {
  const cdp = await context.newCDPSession(to);
  await cdp.send('Network.enable');
  if (anew) await cdp.send('Network.clearBrowserCache');
  const scripts = new Set<string>();
  const came: { at: number; bytes: number }[] = [];
  cdp.on('Network.responseReceived', (e) => {
    if (e.type === 'Script') scripts.add(e.requestId);
  });
  cdp.on('Network.loadingFinished', (e) => {
    if (scripts.has(e.requestId)) came.push({ at: Date.now(), bytes: e.encodedDataLength });
  });
  await to.goto(`${address}/demo/${path}`);
  const end = Date.now() + MOST_MS;
  for (let still = 0, last = ''; still < QUIET_MS && Date.now() < end; still += 250) {
    await to.waitForTimeout(250);
    const now = await to.evaluate(() => `${window.seen.tasks.length}/${document.querySelectorAll('*').length}`);
    const busy = (await to.locator('[aria-busy="true"], [role="progressbar"]').count()) > 0;
    if (now !== last || busy) still = -250;
    last = now;
  }
  await cdp.detach();
  const seen = await to.evaluate(() => ({ ...window.seen, drawn: performance.timeOrigin + window.seen.largest }));
  const bytes = (until: (at: number) => boolean): number =>
    came.filter((c) => until(c.at)).reduce((s, c) => s + c.bytes, 0);
  return { ...seen, script: bytes((at) => at <= seen.drawn), ahead: bytes((at) => at > seen.drawn) };
}

const kB = (bytes: number): string => `${Math.round(bytes / 1024)} kB`;
const line = (cells: readonly string[]): string =>
  cells.map((c, i) => (i === 0 ? c.padEnd(12) : c.padStart(14))).join('');
process.stdout.write(
  `${line(['screen', 'first picture', 'largest', 'longest task', 'tasks > 50', 'script', 'ahead'])}\n`,
);
process.stdout.write(`${line(['bound', '', '≤ 800 ms', '≤ 50 ms', '', '≤ 320 kB', ''])}\n`);
for (const [name, path] of SCREENS) {
  const { script, ahead } = await open(page, path, true);
  const { first, largest, tasks } = await open(page, path, false);
  const ms = (v: number): string => `${Math.round(v)} ms`;
  const all = tasks.reduce((s, t) => s + t, 0);
  process.stdout.write(
    `${line([name, ms(first), ms(largest), ms(Math.max(0, ...tasks)), ms(all), kB(script), kB(ahead)])}\n`,
  );
}
await browser.close();
