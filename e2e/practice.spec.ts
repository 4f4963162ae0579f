import { expect, test, type Page } from './test';
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { FULL, messagesStay, openDemo, rowsOf, stored, undo } from './teacher';

const items = (page: Page) => page.getByRole('list', { name: 'Practice items' }).getByRole('listitem');
const total = async (page: Page): Promise<number> => {
  const [m, s] = (await page.getByRole('complementary').locator('.num').first().innerText()).split(':').map(Number);
  return m + s / 60;
};

test('a practice is wished for, built, kept in part, built again in other versions, and what cannot be is answered', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-maren&step=practice');
  await expect(page.getByRole('link', { name: 'Teach it' })).toBeVisible();
  await page.getByText('Wishes: style, place, props, sides, peak').click();
  const build = page.getByRole('button', { name: 'Build a practice' });

  await test.step('only what she has at home, without weight on the wrists, to the minute', async () => {
    await page.getByRole('button', { name: 'blanket', exact: true }).click();
    await page.getByRole('button', { name: 'strap', exact: true }).click();
    await page.getByRole('button', { name: 'weight on the wrists' }).click();
    await page.getByLabel('Minutes').fill('25');
    await expect(build).toBeEnabled();
    await build.click();
    await expect(page.getByText('The practice is built.')).toBeVisible();
    // The message may come before the practice that was open has given way.
    await expect.poll(async () => Math.abs((await total(page)) - 25)).toBeLessThan(0.5);
    await expect(items(page).filter({ hasText: /bolster|chair|block|wall/ })).toHaveCount(0);
  });

  await test.step('how good it is, in words', async () => {
    await page.getByText('How good is this choice?').click();
    await expect(page.getByText(/rungs that the wishes allow were searched/)).toBeVisible();
    await expect(page.getByText(/gap [\d.]+ %/)).toBeVisible();
  });

  const names = () => items(page).locator('p', { hasText: /.+/ }).first().innerText();
  await test.step('two are kept, the rest is another version, and it can be taken back', async () => {
    const keep = page.getByRole('button', { name: /^Keep .* when building again$/ });
    await keep.nth(1).click();
    await expect(page.getByText('Kept: it stays when the practice is built again.')).toBeVisible();
    const kept = await page.locator('[aria-pressed="true"][aria-label^="Keep "]').first().getAttribute('aria-label');
    await page.getByRole('button', { name: 'Build again around what is kept' }).click();
    await expect(page.getByText('Built again.')).toBeVisible();
    await expect(page.locator(`[aria-label="${kept ?? ''}"]`).first()).toHaveAttribute('aria-pressed', 'true');
    const before = await items(page).allInnerTexts();
    await page.getByRole('button', { name: 'Another version' }).click();
    await expect(async () => expect(await items(page).allInnerTexts()).not.toEqual(before)).toPass();
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(async () => expect(await items(page).allInnerTexts()).toEqual(before)).toPass();
    expect(await names()).not.toBe('');
  });

  await test.step('a peak that is out of reach is answered with what would do', async () => {
    await page.getByLabel('Leads to a peak').fill('Front split');
    await page.getByRole('option', { name: 'Front split' }).click();
    await build.click();
    await expect(page.getByText('No practice fits these wishes.')).toBeVisible();
    await page.getByRole('button', { name: 'Do that and build' }).click();
    await expect(page.getByText('The practice is built.').last()).toBeVisible();
  });

  await test.step('two wishes in one breath both count, and wishes stay with the student', async () => {
    const chosen = (name: string) => page.getByRole('button', { name, exact: true });
    await page.evaluate(() => {
      const buttons = [...document.querySelectorAll<HTMLElement>('section[aria-label="Wishes"] [aria-pressed]')];
      for (const name of ['kneeling', 'bolster']) buttons.find((b) => b.textContent === name)?.click();
    });
    await stored(page, 'memos', 'bolster');
    await expect(chosen('bolster')).toHaveAttribute('aria-pressed', 'true');
    await page.reload();
    await page.getByText('Wishes: style, place, props, sides, peak').click();
    await expect(chosen('bolster')).toHaveAttribute('aria-pressed', 'true');
    await expect(chosen('kneeling')).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByRole('button', { name: 'weight on the wrists' })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByLabel('Leads to a peak')).toHaveValue('Front split');
  });

  await test.step('nonsense minutes are answered', async () => {
    await page.getByLabel('Minutes').fill('lots');
    await expect(build).toBeEnabled();
    await build.click();
    await expect(page.getByText('Type minutes between 5 and 120.')).toBeVisible();
  });
});

const row = (page: Page, n: number) => items(page).nth(n);
const opens = (page: Page, n: number) => row(page, n).locator('[aria-expanded]');
const shown = (page: Page) => items(page).locator('[aria-expanded] strong').allInnerTexts();
/** A PDF as pages of text, spaces left out. */
async function pagesOf(path: string): Promise<string[]> {
  const doc = await getDocument({ data: new Uint8Array(readFileSync(path)), verbosity: 0 }).promise;
  const out: string[] = [];
  for (let i = 1; i <= doc.numPages; i++) {
    const { items: texts } = await (await doc.getPage(i)).getTextContent();
    out.push(
      texts
        .map((t) => ('str' in t ? t.str : ''))
        .join('')
        .replaceAll(/\s+/g, ''),
    );
  }
  return out;
}

test(
  'a practice is changed by hand, put in her words, taken back, printed as PDF and taught to its end',
  FULL,
  async ({ page }) => {
    await messagesStay(page);
    await openDemo(page);
    await page.goto('/demo/student?id=demo-maren&step=practice');
    const build = page.getByRole('button', { name: 'Build a practice' });
    await expect(build).toBeEnabled();
    await page.getByLabel('Minutes').fill('20');
    await build.click();
    await expect(page.getByText('The practice is built.')).toBeVisible();
    // The new practice is open, not the one before it any more.
    await expect(page.getByRole('heading', { name: '20 minutes for Maren' })).toBeVisible();

    await test.step('two are kept, one is swapped in place, the rest is built anew round them', async () => {
      const keep = page.getByRole('button', { name: /^Keep .* when building again$/ });
      await keep.nth(0).click();
      await expect(keep.nth(0)).toHaveAttribute('aria-pressed', 'true');
      await keep.nth(2).click();
      await expect(keep.nth(2)).toHaveAttribute('aria-pressed', 'true');
      const kept = [(await shown(page))[1], (await shown(page))[3]];
      await opens(page, 2).click();
      await expect(page.getByText('Why it is here:')).toBeVisible();
      const before = (await shown(page))[2];
      const take = row(page, 2)
        .getByRole('button', { name: /^Take / })
        .first();
      const taken = (await take.getAttribute('aria-label'))?.replace('Take ', '').split(',')[0] ?? '';
      await take.click();
      await expect(async () => expect((await shown(page))[2]).toBe(taken)).toPass();
      expect(taken).not.toBe(before);
      await page.getByRole('button', { name: 'Build again around what is kept' }).click();
      await expect(page.getByText('Built again.')).toBeVisible();
      for (const name of kept) expect(await shown(page)).toContain(name);
    });

    await test.step('undo goes back through all of it, past a reload, and redo forward again', async () => {
      await page.reload();
      await expect(items(page).first()).toBeVisible();
      const last = await shown(page);
      const back = page.getByRole('button', { name: 'Undo', exact: true });
      // How far back the practice stands among its changes, as it is kept.
      const at = async () => Number(/"at":(\d+)/.exec(await rowsOf(page, 'kolpos-demo', 'editMarks'))?.[1] ?? '0');
      const changes = await at();
      expect(changes).toBeGreaterThanOrEqual(3);
      for (let n = changes; n > 0; n--) {
        await page.keyboard.press('Control+z');
        await expect.poll(at).toBe(n - 1);
      }
      await expect(back).toBeDisabled();
      await expect(page.locator('[aria-pressed="true"][aria-label^="Keep "]')).toHaveCount(0);
      const redo = page.getByRole('button', { name: 'Redo', exact: true });
      for (let n = 0; n < changes; n++) {
        await redo.click();
        await expect.poll(at).toBe(n + 1);
      }
      await expect(async () => expect(await shown(page)).toEqual(last)).toPass();
    });

    await test.step('dragged by keyboard, and the handle keeps its block', async () => {
      const handle = row(page, 2).getByRole('button', { name: /^Move / });
      const name = (await handle.getAttribute('aria-label')) ?? '';
      await handle.focus();
      const said = page.locator('[id^="DndLiveRegion"]');
      await page.keyboard.press('Space');
      await expect(said).toContainText(/was moved over/i);
      const over = await said.innerText();
      await page.keyboard.press('ArrowDown');
      await expect(said).not.toHaveText(over);
      await page.keyboard.press('Space');
      await expect(row(page, 3).getByRole('button', { name: /^Move / })).toHaveAttribute('aria-label', name);
      await undo(page, /Moved/);
      await expect(row(page, 2).getByRole('button', { name: /^Move / })).toHaveAttribute('aria-label', name);
    });

    await test.step('what breaks a rule is said, and mended', async () => {
      await opens(page, 2).click();
      const at = async () => Number(/"at":(\d+)/.exec(await rowsOf(page, 'kolpos-demo', 'editMarks'))?.[1] ?? '0');
      const from = await at();
      // So many breaths more that the whole is clearly longer than was asked for.
      const LONGER = 40;
      const longer = row(page, 2)
        .getByRole('button', { name: / a breath longer$/ })
        .first();
      // Pressed faster than it is drawn: none is lost.
      for (let n = 1; n <= LONGER; n++) await longer.press('Enter');
      await expect.poll(at).toBe(from + LONGER);
      await expect(page.getByRole('region', { name: 'To look at' })).toContainText(
        /takes 2\d\.\d minutes; 20 were asked for/,
      );
      for (let n = LONGER - 1; n >= 0; n--) await page.keyboard.press('Control+z');
      await expect.poll(at).toBe(from);
      await expect(page.getByText(/takes 2\d\.\d minutes; 20 were asked for/)).toBeHidden();
    });

    await test.step('her own words are kept for both sides, and remembered', async () => {
      const cues = page.getByLabel('Cues, a line each');
      await page.getByRole('button', { name: 'inviting' }).click();
      await expect(cues).toHaveValue(/When you are ready/);
      await cues.fill('Feet like on the slipway.\nThe right side is soft.');
      await cues.blur();
      await expect(page.getByText('Your words are kept.')).toBeVisible();
      await page.getByLabel('Note for you').fill('Ask about the knee.');
      await page.getByLabel('Note for you').blur();
      await expect(page.getByText('The note is kept.')).toBeVisible();
      await opens(page, 2).click();
      await opens(page, 2).click();
      await expect(cues).toHaveValue(/slipway/);
    });

    await test.step('a pose from the library is added; nonsense finds nothing', async () => {
      const count = await items(page).count();
      await page.getByRole('button', { name: 'Add a pose' }).click();
      await page.getByLabel('Pose', { exact: true }).fill('xyzzy');
      await expect(page.getByText('No pose has this name.')).toBeVisible();
      // What a caution closes cannot be added, and says why.
      await page.getByLabel('Pose', { exact: true }).fill('Bridge');
      await page.getByRole('option', { name: 'Bridge', exact: true }).click();
      await expect(page.getByRole('button', { name: /^Add Bridge/ }).first()).toBeDisabled();
      await expect(page.getByRole('dialog')).toContainText('▲ Low back ache');
      await page.getByLabel('Pose', { exact: true }).fill('Calf stretch at the wall');
      await page.getByRole('option', { name: 'Calf stretch at the wall', exact: true }).click();
      await page
        .getByRole('button', { name: /^Add Calf stretch at the wall/ })
        .first()
        .click();
      await expect(items(page)).toHaveCount(count + 1);
      await page.keyboard.press('Control+z');
      await expect(items(page)).toHaveCount(count);
    });

    const names = await shown(page);
    await test.step('both sheets as PDF: pages and words', async () => {
      await page.getByRole('link', { name: 'Print it' }).click();
      const pdf = page.getByRole('button', { name: 'Keep as PDF' });
      await expect(pdf).toBeEnabled();
      const keepPdf = async () => {
        const download = page.waitForEvent('download');
        await pdf.click();
        return pagesOf(await (await download).path());
      };
      const [mine, ...more] = await keepPdf();
      expect(more).toEqual([]);
      for (const name of names) expect(mine).toContain(name.replaceAll(/\s+/g, ''));
      expect(mine).toContain('Feetlikeontheslipway.');
      expect(mine).toContain('Askabouttheknee.');
      await page.getByRole('button', { name: 'Letter' }).click();
      await page.getByRole('button', { name: 'for the student' }).click();
      await expect(page.getByRole('article', { name: 'For the student' })).toContainText('Come out slowly at pain');
      const theirs = await keepPdf();
      expect(theirs.length).toBeLessThanOrEqual(2);
      expect(theirs.join('')).toContain('ForMaren');
      expect(theirs.join('')).not.toContain('Askabouttheknee');
      // The browser's own printing is of the same pages.
      const printed = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
      expect((printed.match(/\/Type\s*\/Page[^s]/g) ?? []).length).toBeLessThanOrEqual(2);
      await page.getByRole('link', { name: 'Back to the practice' }).click();
    });

    await test.step('taught to its end', async () => {
      await page.getByRole('link', { name: 'Teach it' }).click();
      await page.getByRole('button', { name: 'Begin' }).click();
      const done = page.getByRole('button', { name: 'Keep in the log' });
      for (let n = 0; n < 80 && !(await done.isVisible()); n++) await page.keyboard.press('ArrowRight');
      await done.click();
      await expect(page.getByRole('article').first()).toContainText('20 minutes for Maren');
    });
  },
);

test('a practice becomes a template, a file, and somebody else’s practice, fitted anew', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-maren&step=practice');
  await expect(items(page).first()).toBeVisible();
  const more = page.getByRole('button', { name: 'More …' });

  await test.step('a template, named and without notes', async () => {
    await more.click();
    await page.getByRole('menuitem', { name: 'Keep as a template' }).click();
    await page.getByLabel('Name', { exact: true }).fill('');
    await expect(page.getByText('It needs a name.')).toBeVisible();
    await page.getByLabel('Name', { exact: true }).fill('High water');
    await page.getByRole('button', { name: 'Keep the name' }).click();
    await expect(page.getByText('Kept as a template, without notes or name.')).toBeVisible();
  });

  let text = '';
  await test.step('a file that names nobody, in again as a template; a broken one changes nothing', async () => {
    await more.click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Save it as a file' }).click();
    text = readFileSync(await (await download).path(), 'utf8');
    expect(text).toContain('kolpos/practice');
    expect(text).not.toContain('Maren');
    await page.getByRole('button', { name: 'Start from …' }).click();
    const input = page.getByLabel('Practice file');
    const broken = text.replace('"rung": 1', '"rung": 0');
    await input.setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from(broken) });
    await expect(page.getByRole('alert')).toContainText(/practice\.items\[\d+\]\.rung/);
    await input.setInputFiles({ name: 'whole.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await expect(page.getByText('“Before rowing” is among your templates now.')).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).click();
  });

  await test.step('for another student: rungs fitted to him, and what changed is said', async () => {
    await more.click();
    await page.getByRole('menuitem', { name: 'Fit it to another student' }).click();
    await page.getByLabel('Student', { exact: true }).fill('Osk');
    await page.getByRole('option').first().click();
    const fit = page.getByRole('button', { name: /^Fit “Before rowing” to Osk/ });
    await expect(fit).toBeEnabled();
    await fit.click();
    await expect(page.getByText('Fitted, and open below.')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Before rowing' })).toBeVisible();
    expect((await shown(page)).length).toBeGreaterThan(4);
    await expect(page.getByText('▲ caution').first()).toBeHidden();
  });

  await test.step('and from a template', async () => {
    await page.getByRole('button', { name: 'Start from …' }).click();
    await page.getByRole('button', { name: 'Start from High water', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'High water' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'High water' })).toBeVisible();
  });
});

test(
  'a teacher’s own sequence: typed by names, asked about, fitted, two small changes taken',
  FULL,
  async ({ page }) => {
    await page.goto('/demo');
    await page.getByRole('link', { name: 'Maren Tideway' }).first().click();
    await page
      .getByRole('link', { name: /Practice/ })
      .first()
      .click();
    const open = page.getByRole('button', { name: 'Your own sequence …' });
    await expect(open).toBeEnabled();
    await open.click();
    const dialog = page.getByRole('dialog', { name: 'Your own sequence' });
    const fit = dialog.getByRole('button', { name: 'Fit it to Maren' });

    await test.step('nonsense is told to be none', async () => {
      await dialog.getByLabel('One pose a line').fill('quarterly report');
      await expect(dialog.getByText('1 line to look at.', { exact: false })).toBeVisible();
      await expect(fit).toBeDisabled();
    });

    await test.step('a salutation is known, however it is written', async () => {
      await dialog.getByLabel('One pose a line').fill('3 x surya namaskar');
      const read = dialog.getByRole('region', { name: 'As it is read' });
      await expect(read.getByRole('strong').filter({ hasText: 'Sun salutation A' })).toBeVisible();
      await expect(read.getByText('3 times')).toBeVisible();
      await expect(read.getByText(/^\d poses, a breath each/)).toBeVisible();
      await expect(fit).toBeEnabled();
    });

    await test.step('names in many ways are read; what is not sure is asked', async () => {
      await dialog
        .getByLabel('One pose a line')
        .fill('Warm up:\nCat cow x 8\nlow lunge 1 min\npiegon 2 min each side\ndog\nSavasana 4 min');
      const read = dialog.getByRole('region', { name: 'As it is read' });
      for (const name of ['Cat-cow', 'Low lunge', 'Pigeon', 'Corpse pose'])
        await expect(read.getByRole('strong').filter({ hasText: name })).toBeVisible();
      await read.getByLabel('“dog” is').selectOption({ label: 'Downward-facing dog' });
      await expect(read.getByRole('strong').filter({ hasText: 'Downward-facing dog' })).toBeVisible();
      await fit.click();
      await expect(page.getByRole('heading', { name: 'Your sequence for Maren' })).toBeVisible();
      const items = page.getByRole('list', { name: 'Practice items' });
      await expect(items.getByText('Pigeon', { exact: false }).first()).toBeVisible();
    });

    await test.step('small changes are taken one by one, and taken back', async () => {
      const changes = page.getByRole('region', { name: 'Small changes' });
      const rows = page.getByRole('list', { name: 'Practice items' }).locator(':scope > li');
      const before = await rows.allInnerTexts();
      await changes
        .getByRole('button', { name: /^Take it/ })
        .first()
        .click();
      await expect.poll(() => rows.allInnerTexts()).not.toEqual(before);
      const once = await rows.allInnerTexts();
      await changes
        .getByRole('button', { name: /^Take it/ })
        .first()
        .click();
      await expect.poll(() => rows.allInnerTexts()).not.toEqual(once);
      await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
      await expect.poll(() => rows.allInnerTexts()).toEqual(once);
      await page.reload();
      await expect(page.getByRole('heading', { name: 'Your sequence for Maren' })).toBeVisible();
      await expect.poll(() => rows.allInnerTexts()).toEqual(once);
    });
  },
);

test(
  'a flow goes in rounds and says how to get from pose to pose; a round comes apart and is made again',
  FULL,
  async ({ page }) => {
    await openDemo(page);
    await page.goto('/demo/student?id=demo-maren&step=practice');
    await expect(page.getByRole('link', { name: 'Teach it' })).toBeVisible();
    await page.getByText('Wishes: style, place, props, sides, peak').click();
    await page.getByRole('combobox', { name: 'Style', exact: true }).click();
    await page.getByRole('option', { name: /flows/ }).click();
    await page.getByLabel('Minutes').fill('45');
    await page.getByRole('button', { name: 'Build a practice' }).click();
    await expect(page.getByText('The practice is built.')).toBeVisible();
    const round = items(page)
      .filter({ hasText: /round of \d: right, then left|round of \d: left, then right/ })
      .first();
    // What stands begins with sun salutations, once through for every twelve minutes.
    await expect(items(page).filter({ hasText: /Sun salutation A, \d poses, 4 times through/ })).toHaveCount(1);
    const ways = () => page.getByLabel(/^To /).allInnerTexts();
    expect((await ways()).join(' ')).toMatch(/Roll to one side and press up/);

    const name = await round.locator('strong').innerText();
    await test.step('apart, and together again', async () => {
      await round.locator('strong').click();
      await page.getByRole('button', { name: 'Pose by pose, no round' }).click();
      await expect(page.getByText('Pose by pose again.')).toBeVisible();
      await page
        .getByRole('button', { name: /^Make a round of \d$/ })
        .first()
        .click();
      await expect(page.getByText(/^A round of \d poses\./)).toBeVisible();
      await expect(round.locator('strong')).toHaveText(name);
    });

    await test.step('twice through, and once again', async () => {
      await page.getByRole('button', { name: 'One set more' }).click();
      const twice = items(page).filter({
        hasText: /round of \d, 2 times through: right, then left|2 times through: left/,
      });
      await expect(twice.locator('strong').first()).toHaveText(name);
      await expect(page.getByText('round 2 times')).toBeVisible();
      await page.getByRole('button', { name: 'One set less' }).click();
      await expect(twice).toHaveCount(0);
      await expect(round.locator('strong')).toHaveText(name);
    });

    await test.step('it is taught on one side through all its poses first', async () => {
      const rung = (await round.locator('strong ~ span').first().innerText()).split(' · ')[0];
      await page.getByRole('link', { name: 'Teach it' }).click();
      await page.getByRole('button', { name: 'Begin' }).click();
      const next = page.getByRole('button', { name: 'Next', exact: true });
      const shape = page.getByRole('heading', { level: 1 });
      const side = (which: 'right' | 'left') => page.getByText(`${which} side · ${rung}`);
      const here = async () =>
        (await shape.innerText()) === name && ((await side('right').isVisible()) || (await side('left').isVisible()));
      // Each press ends the way, then the hold.
      while (!(await here())) await next.click();
      await next.click();
      await next.click();
      expect(await here()).toBe(false);
    });
  },
);

test('work comes in sets: one more by hand, each counted in Teach, and none after pain', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-osk&step=practice');
  const build = page.getByRole('button', { name: 'Build a practice' });
  await expect(build).toBeEnabled();
  await page.getByText('Wishes: style, place, props, sides, peak').click();
  await page.getByRole('combobox', { name: 'Style', exact: true }).click();
  await page.getByRole('option', { name: /^work first/ }).click();
  await page.getByLabel('Minutes').fill('20');
  await build.click();
  await expect(page.getByText('The practice is built.')).toBeVisible();
  const row = items(page).filter({ hasText: '2 sets' }).first();
  const name = await row.locator('strong').innerText();
  const own = items(page).filter({ hasText: name }).first();
  await row.locator('strong').click();
  await page.getByRole('button', { name: 'One set more' }).click();
  await expect(own).toContainText('3 sets');
  await page.reload();
  await expect(own).toContainText('3 sets');

  await page.getByRole('link', { name: 'Teach it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const next = page.getByRole('button', { name: 'Next', exact: true });
  const set = page.getByText('set 1 of 3').first();
  while (!((await page.getByRole('heading', { level: 1 }).innerText()) === name && (await set.isVisible())))
    await next.click();
  await page.getByRole('button', { name: /Pain, stop this/ }).click();
  await expect(page.getByText(`${name} ended for pain.`)).toBeVisible();
  const leave = page.getByRole('button', { name: 'Leave out the other side' });
  if (await leave.isVisible()) await leave.click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(name);
  await expect(page.getByLabel('Next', { exact: true })).not.toContainText(`${name}, set`);
});
