import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from './test';
import { FULL, openDemo } from './teacher';

const VIEWS = [
  ['today', '', 'Ilka Rushmere'],
  ['ask', '/student?id=demo-maren&step=ask', 'Where is the trouble?'],
  ['measure', '/student?id=demo-maren&step=measure', 'Fewest turns of the body'],
  ['findings', '/student?id=demo-maren&step=findings', 'Length and strength, left against right'],
  ['sheet', '/sheet?id=demo-maren', 'What we will do'],
  ['questions on paper', '/sheet/questions?id=demo-maren', 'Before we begin'],
  ['progress sheet', '/sheet/progress?id=demo-maren', 'We go on with'],
  ['poses', '/student?id=demo-maren&step=poses', 'What it reaches here'],
  ['library', '/poses', 'What it reaches here'],
  ['print', '/print?practice=demo-practice', 'to say'],
  ['bench', '/poses/bench?pose=own-demo-boat-step', 'Who holds it up'],
  ['practice', '/student?id=demo-maren&step=practice', 'Dose by aim'],
  ['progress', '/student?id=demo-maren&step=progress', 'Practices taught'],
  ['what changed', '/student?id=demo-maren&step=progress&part=change', 'Reading by reading'],
  ['test again', '/student?id=demo-maren&step=progress&part=again', 'Last time'],
  ['weeks ahead', '/student?id=demo-maren&step=progress&part=weeks', 'Save as a calendar'],
  ['teach', '/teach?practice=demo-practice', 'Begin'],
  ['day book', '/daybook', 'Who came'],
  ['overview', '/overview', 'What limits, and how many'],
  ['classes', '/classes', 'Thursday before the flood tide'],
  ['class', '/class?id=demo-class', 'The number is the mean weight'],
  ['muscles', '/muscles?muscle=gluteus-medius&show=all&beside=sartorius', 'At these joint angles'],
  ['settings', '/settings', 'Save a backup of everything'],
  ['guide', '/guide', 'Your first student in twenty minutes'],
] as const;

/** Rules of WCAG 2.0, 2.1 and 2.2, A and AA. */
const WCAG = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** A laptop, a tablet, and what remains of a laptop whose letters are four times as large. */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 320, height: 640 },
] as const;
/**
 * By night one view in three is looked at in each run, the others in `bin/test --full`: they are made of the same parts
 * and colours.
 */
const byNight = (path: string): boolean => VIEWS.findIndex(([, p]) => p === path) % 3 === 0;
/**
 * What a teacher works with is looked at in each run, the rest, made of the same parts, in `bin/test --full`. Each view
 * is opened once.
 */
const MAIN = /^(today|ask|measure|findings|poses|practice|teach|print)$/;
const HALVES = [
  { views: VIEWS.filter(([name]) => MAIN.test(name)), when: {} },
  { views: VIEWS.filter(([name]) => !MAIN.test(name)), when: FULL },
] as const;

/** What a page asks of others than its own server, and what it complains of, from now on. */
function heard(page: Page, own: string): { strangers: string[]; complaints: string[] } {
  const strangers: string[] = [],
    complaints: string[] = [];
  page.on('request', (r) => {
    const url = new URL(r.url());
    if (!['data:', 'blob:'].includes(url.protocol) && url.origin !== own) strangers.push(r.url());
  });
  page.on('console', (m) => {
    if (m.type() === 'error') complaints.push(m.text());
  });
  return { strangers, complaints };
}

/** What a drawing is made of says nothing by itself, the drawing does: thousands of strokes fewer to go through. */
const leaveOutlines = (page: Page): Promise<void> =>
  page.evaluate(() => {
    for (const drawing of document.querySelectorAll('svg'))
      for (const part of [...drawing.children]) if (part.tagName !== 'title') part.remove();
  });

for (const [k, { views, when }] of HALVES.entries())
  test(
    `every view fits every size sideways, can be read and worked by everybody, by day and night, and keeps to itself (${k + 1})`,
    when,
    async ({ page, baseURL }) => {
      const { strangers, complaints } = heard(page, new URL(baseURL ?? '').origin);
      await openDemo(page);
      for (const [name, path, text] of views) {
        await page.goto(`/demo${path}`);
        await expect(page.getByText(text).first()).toBeVisible();
        for (const size of SIZES) {
          await page.setViewportSize(size);
          // A chart follows its room a moment later.
          await expect
            .poll(
              () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
              { message: `${name} at ${size.width}, pixels that run over` },
            )
            .toBeLessThanOrEqual(0);
        }
        await page.setViewportSize(SIZES[0]);
        await leaveOutlines(page);
        for (const light of ['light', 'dark']) {
          await page.evaluate((to) => document.documentElement.setAttribute('data-mui-color-scheme', to), light);
          // By night only colours differ; all other rules have been asked by day.
          const all = process.env.KOLPOS_FULL || light === 'light';
          if (!all && !byNight(path)) continue;
          const { violations } = await new AxeBuilder({ page })
            .options({
              runOnly: all ? { type: 'tag', values: WCAG } : { type: 'rule', values: ['color-contrast'] },
              // What passes is not told of, which is half the work.
              resultTypes: ['violations'],
            })
            // One document without frames: it need not be asked through a page of its own.
            .setLegacyMode(true)
            .analyze();
          expect
            .soft(
              violations.map(
                (v) => `${name}, ${light}: ${v.id} ${v.nodes[0]?.target.join(' ')} ${v.nodes[0]?.failureSummary ?? ''}`,
              ),
            )
            .toEqual([]);
        }
      }
      expect(strangers).toEqual([]);
      expect(complaints).toEqual([]);
    },
  );

test('day and night are as the device has them, before anything is painted, until one is chosen', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await openDemo(page, '/settings');
  const root = page.locator('html');
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'dark');
  await expect(page.getByRole('button', { name: 'As the device' })).toHaveAttribute('aria-pressed', 'true');
  // Said by a script in the head: there when the document is, before the application runs.
  await page.route('**/*.js', (route) => route.abort());
  await page.reload({ waitUntil: 'domcontentloaded' });
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'dark');
  await page.unroute('**/*.js');
  await page.reload();
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'light');
  await page.getByRole('button', { name: 'Night' }).click();
  await page.reload();
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'dark');
});

test('night is chosen in the settings, and stays after a reload', FULL, async ({ page }) => {
  await openDemo(page, '/settings');
  const root = page.locator('html');
  await page.getByRole('button', { name: 'Night' }).click();
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'dark');
  await page.reload();
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'dark');
  await page.getByRole('button', { name: 'Day' }).click();
  await expect(root).toHaveAttribute('data-mui-color-scheme', 'light');
});

test(
  'feet, inches and pounds are chosen in the settings, told and typed everywhere, and nothing is changed by it',
  FULL,
  async ({ page }) => {
    await openDemo(page, '/settings');
    await page.getByRole('button', { name: 'feet, inches and pounds' }).click();
    await expect(page.getByLabel('Block, its three heights')).toHaveValue('4, 6, 9');
    await page.goto('/demo/student?id=demo-maren&step=ask');
    await expect(page.getByText('5 ft 10 in · born 1992')).toBeVisible();
    const height = page.getByLabel('Height, feet and inches');
    await expect(height).toHaveValue('5 ft 10 in');
    await height.fill('nine');
    await height.blur();
    await expect(page.getByText('Type feet and inches, for example 5 ft 7.')).toBeVisible();
    await height.fill(`5'11`);
    await expect(page.getByText('5 ft 11 in · born 1992')).toBeVisible();
    await page.goto('/demo/settings');
    await page.getByRole('button', { name: 'centimetres and kilograms' }).click();
    await expect(page.getByLabel('Block, its three heights')).toHaveValue('10, 15, 23');
    await page.goto('/demo/student?id=demo-maren&step=ask');
    await expect(page.getByLabel('Height, cm')).toHaveValue('180.3');
  },
);

test('in colours that the system forces, what is chosen is told and figures stand in its ink', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active', colorScheme: 'dark' });
  await openDemo(page, '/poses');
  const shown = page.getByRole('group', { name: 'Show on the figure' });
  const colours = (name: string) =>
    shown.getByRole('button', { name, exact: true }).evaluate((b) => {
      const { color, backgroundColor } = getComputedStyle(b);
      return { color, backgroundColor };
    });
  await shown.getByRole('button', { name: 'bones', exact: true }).click();
  await expect(shown.getByRole('button', { name: 'bones', exact: true })).toHaveAttribute('aria-pressed', 'true');
  const [chosen, other] = [await colours('bones'), await colours('work')];
  expect(chosen.backgroundColor).not.toBe(other.backgroundColor);
  expect(chosen.color).not.toBe(chosen.backgroundColor);
  // What is drawn of figures is in the ink of the letters beside them: none of it in the dark ink of our own papers.
  const inked = () =>
    page.evaluate(() => {
      const probe = document.createElement('p');
      document.body.append(probe);
      const count = (colour: string) => {
        probe.style.cssText = `forced-color-adjust: none; color: ${colour}`;
        const sought = getComputedStyle(probe).color;
        return [...document.querySelectorAll('main svg path')].filter((p) => {
          const { fill, stroke } = getComputedStyle(p);
          return fill === sought || stroke === sought;
        }).length;
      };
      const counts = { forced: count('CanvasText'), ours: count('#14303b') };
      probe.remove();
      return counts;
    });
  await expect.poll(async () => (await inked()).forced).toBeGreaterThan(30);
  expect((await inked()).ours).toBe(0);
});

test('words without an end do not widen a page', FULL, async ({ page }) => {
  await openDemo(page);
  const word = 'wachsenderwattwanderweg'.repeat(20);
  await page.evaluate(
    (word) =>
      new Promise<void>((done, fail) => {
        const opening = indexedDB.open('kolpos-demo');
        opening.onsuccess = () => {
          const db = opening.result;
          const change = db.transaction(['students', 'practices', 'logs'], 'readwrite');
          change.oncomplete = () => {
            db.close();
            done();
          };
          change.onerror = () => fail(new Error('not written'));
          for (const [table, fields] of [
            ['students', { name: word.slice(0, 80), aim: word.slice(0, 400), daily: word.slice(0, 400) }],
            ['practices', { title: word.slice(0, 120) }],
            ['logs', { title: word.slice(0, 120), note: word }],
          ] as const) {
            const rows = change.objectStore(table).openCursor();
            rows.onsuccess = () => {
              const at = rows.result;
              if (!at) return;
              at.update({ ...(at.value as object), ...fields });
              at.continue();
            };
          }
        };
      }),
    word,
  );
  await page.setViewportSize(SIZES[1]);
  for (const path of [
    '',
    '/students',
    '/student?id=demo-maren&step=ask',
    '/student?id=demo-maren&step=progress',
    '/student?id=demo-maren&step=practice',
    '/print?practice=demo-practice',
    '/sheet/questions?id=demo-maren',
  ]) {
    await page.goto(`/demo${path}`);
    await expect(page.getByText(/wachsenderwatt/).first()).toBeAttached();
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), { message: path })
      .toBeLessThanOrEqual(0);
  }
});
