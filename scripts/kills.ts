/**
 * `npx tsx scripts/kills.ts [times] [seed]`: kills the browser (SIGKILL, all its processes) again and again while
 * somebody types, builds or teaches, starts it anew on the same profile, and looks whether what had been told as kept
 * is there. Needs a build (`npm run build`). Exit 1 where anything was lost. Too long for a run of the tests: 200 kills
 * take about twenty minutes.
 */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';

const TIMES = Number(process.argv[2] ?? 200);
/** Milliseconds for which something has to stand on the screen before it counts as told. */
const SEEN = 300;

let state = Number(process.argv[3] ?? 1);
/** Evenly spread, 0–1 (Park & Miller 1988). */
const random = (): number => (state = (state * 48271) % 2147483647) / 2147483647;
const between = (from: number, to: number): number => Math.round(from + random() * (to - from));
const wait = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer().listen(0, () => {
      const at = server.address();
      server.close(() => done(typeof at === 'object' && at ? at.port : 0));
    });
  });

const killed = (child: ChildProcess): Promise<void> =>
  new Promise((done) => {
    if (child.exitCode !== null || child.signalCode !== null || !child.pid) return done();
    child.once('exit', () => done());
    process.kill(-child.pid, 'SIGKILL');
  });

/**
 * A browser on a profile, in a group of processes of its own. One that was killed now and then does not answer when it
 * comes back: another try.
 */
async function browserOn(profile: string): Promise<{ child: ChildProcess; page: Page }> {
  for (let tries = 0; ; tries++) {
    const child = begun(profile);
    try {
      const [context] = (await chromium.connectOverCDP(await doorOf(child), { timeout: 40_000 })).contexts();
      context.setDefaultTimeout(240_000);
      return { child, page: await context.newPage() };
    } catch (error) {
      await killed(child);
      if (tries === 5) throw error;
    }
  }
}

function begun(profile: string): ChildProcess {
  const args = [
    '--headless=new',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-sync',
  ];
  return spawn(
    '/usr/bin/chromium',
    [...args, '--disable-background-networking', '--remote-debugging-port=0', `--user-data-dir=${profile}`],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
}

/** Where a browser listens. */
const doorOf = (child: ChildProcess): Promise<string> =>
  new Promise((found, fail) => {
    let said = '';
    child.stderr?.on('data', (text: Buffer) => {
      const at = /DevTools listening on (ws:\S+)/.exec((said += String(text)));
      if (at) found(at[1]);
    });
    child.once('exit', () => fail(new Error(`the browser ended: ${said.slice(-400)}`)));
  });

/** What somebody does until the browser is gone, and what of it can be told to be lost afterwards. */
interface Work {
  /** Goes there and waits until it can be read what is there. */
  open(page: Page): Promise<void>;
  /** Makes ready for another time. */
  begin(page: Page): Promise<void>;
  /** One press or letter. @param n of how many before it @param round of which it is */
  act(page: Page, n: number, round: number): Promise<void>;
  /** What the page tells as kept; runs in the page. */
  told(round: number): string | null;
  /** Whether what was told last is still there, by what is there now. */
  holds(told: string, now: string): boolean;
}

const LETTERS = 'rows twice a day at the turn of the tide ';
const WORKS: Readonly<Record<string, Work>> = {
  typing: {
    async open(page) {
      await page.goto(`${address}/demo/student?id=demo-maren&step=ask`);
      await page.getByLabel(/^The days/).waitFor();
    },
    async begin(page) {
      await page.getByLabel(/^The days/).fill('');
      await page.getByRole('status', { name: 'Kept or not' }).getByText(/^Kept/).waitFor();
      await page.getByLabel(/^The days/).focus();
    },
    act: (page, n) => page.keyboard.insertText(LETTERS[n % LETTERS.length]),
    told: () =>
      document.querySelector('[aria-label="Kept or not"]')?.textContent === 'Kept.'
        ? ((
            Array.from(document.querySelectorAll('label')).find((l) => l.textContent?.startsWith('The days'))
              ?.control as HTMLInputElement | null | undefined
          )?.value ?? null)
        : null,
    holds: (told, now) => now.startsWith(told),
  },
  building: {
    async open(page) {
      await page.goto(`${address}/demo/student?id=demo-maren&step=practice&practice=demo-practice`);
      await page
        .getByRole('button', { name: / a breath longer$/ })
        .nth(2)
        .waitFor();
    },
    begin: () => Promise.resolve(),
    // Each time another row, and only longer: what is found may be what was pressed after it was told.
    act: (page, _, round) =>
      page
        .getByRole('button', { name: / a breath longer$/ })
        .nth(2 + (round % 5))
        .click(),
    told: (round) =>
      Array.from(document.querySelectorAll('button[aria-label$=" a breath longer"]')).at(2 + (round % 5))
        ?.previousElementSibling?.textContent ?? null,
    holds: (told, now) => parseInt(now) >= parseInt(told),
  },
  teaching: {
    async open(page) {
      await page.goto(`${address}/demo/teach?practice=demo-practice`);
      await page.getByRole('heading', { level: 1 }).waitFor();
    },
    async begin(page) {
      await page.goto(`${address}/demo`);
      await page.evaluate(
        () =>
          new Promise<void>((done) => {
            const opening = indexedDB.open('kolpos-demo');
            opening.onsuccess = () => {
              const cleared = opening.result.transaction('players', 'readwrite');
              cleared.objectStore('players').clear();
              cleared.oncomplete = () => {
                opening.result.close();
                done();
              };
            };
          }),
      );
      await page.goto(`${address}/demo/teach?practice=demo-practice`);
      await page.getByRole('button', { name: 'Begin' }).click();
      await page.getByRole('timer').waitFor();
    },
    async act(page, n) {
      if (n % 3 === 2) await page.getByRole('button', { name: 'Next', exact: true }).click();
    },
    told: () => document.querySelector('h1')?.textContent ?? null,
    holds: (told, now) => told === now,
  },
};

const port = await freePort();
const address = `http://localhost:${port}`;
const server = spawn('npx', ['next', 'start', '-p', String(port)], { detached: true, stdio: 'ignore' });
let profile = '';
const lost: string[] = [];
const counts: Record<string, number> = {};
/** Times that a browser that was killed did not answer again on its profile; nothing can be told of those. */
let silent = 0;

/** A browser without a past, in the demo studio. */
async function fresh(): Promise<{ child: ChildProcess; page: Page }> {
  if (profile) rmSync(profile, { recursive: true, force: true });
  profile = mkdtempSync(join(tmpdir(), 'kolpos-kills-'));
  const { child, page } = await browserOn(profile);
  await page.goto(`${address}/demo`);
  await page.getByText('Maren Tideway').first().waitFor();
  await wait(3000);
  return { child, page };
}

/** Works until the end comes; what the page told as kept before it, null where it told nothing. */
async function until(end: number, page: Page, name: string, n: number): Promise<string | null> {
  const work = WORKS[name];
  const seen = { text: null as string | null, since: 0 };
  let kept: string | null = null;
  for (let step = 0; Date.now() < end; step++) {
    // The kill does not wait for a press to be done.
    void work.act(page, step, n).catch(() => undefined);
    // Now and then somebody stops to think.
    await wait(random() < 0.15 ? between(400, 900) : between(20, 220));
    const text = await page.evaluate(work.told, n);
    if (text !== seen.text) Object.assign(seen, { text, since: Date.now() });
    // A text that only grows was kept with each letter before; anything else has to have stood for a moment.
    const counted = name === 'typing' || Date.now() - seen.since >= SEEN;
    if (text !== null && counted) kept = text;
    else if (name === 'teaching') kept = null;
  }
  return kept;
}

/** What of that is there in the browser that came back; a page that does not open has lost it. */
async function found(page: Page, name: string, n: number): Promise<string | null> {
  try {
    await WORKS[name].open(page);
    return name === 'typing'
      ? await page.getByLabel(/^The days/).inputValue()
      : await page.evaluate(WORKS[name].told, n);
  } catch (error) {
    return `a page that does not open (${String(error).slice(0, 120)})`;
  }
}

try {
  for (let tries = 0; tries < 120; tries++)
    if (
      await fetch(address).then(
        (r) => r.ok,
        () => false,
      )
    )
      break;
    else await wait(500);
  let { child, page } = await fresh();
  const names = Object.keys(WORKS);
  for (let n = 0; n < TIMES; n++) {
    const name = names[n % names.length];
    await WORKS[name].open(page);
    await WORKS[name].begin(page);
    const kept = await until(Date.now() + between(600, 3500), page, name, n);
    await killed(child);
    try {
      ({ child, page } = await browserOn(profile));
    } catch {
      silent++;
      ({ child, page } = await fresh());
      continue;
    }
    if (kept === null) continue;
    counts[name] = (counts[name] ?? 0) + 1;
    const now = await found(page, name, n);
    if (!WORKS[name].holds(kept, now ?? '')) {
      lost.push(`${name} ${n}: told “${kept}”, found “${now}”`);
      console.log(lost.at(-1));
    }
    if ((n + 1) % 10 === 0) console.log(`${n + 1} kills, ${lost.length} lost`);
  }
  await killed(child);
} finally {
  await killed(server);
  rmSync(profile, { recursive: true, force: true });
}
console.log(
  `${TIMES} kills, of which ${Object.entries(counts)
    .map(([name, count]) => `${count} while ${name}`)
    .join(
      ', ',
    )} with something told as kept: ${lost.length} lost; ${silent} times the browser itself did not come back`,
);
process.exitCode = lost.length > 0 ? 1 : 0;
