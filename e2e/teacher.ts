import { expect, type Locator, type Page } from '@playwright/test';

/**
 * Of a test that is too long for every run, and whose paths others or tests of its parts go too: run by `bin/test
 * --full`.
 */
export const FULL = { tag: '@full' } as const;

/** What a teacher does, in her words; used by the tests of the whole line. */
export const READINGS: readonly (readonly [
  test: string,
  readout: string,
  right: number,
  left: number,
  felt: string,
])[] = [
  ['Leg hanging from the table edge', 'Thigh below the table', 6, 4, 'front of the hip'],
  ['Leg hanging from the table edge', 'Bend of the hanging knee', 54, 52, 'front of the thigh'],
  ['Leg hanging from the table edge', 'Sideways drift of the thigh', 15, 16, 'outer hip'],
  ['Straight leg raise', 'Leg above the floor', 70, 46, 'back of the thigh'],
  ['Knee straightening, thigh upright', 'What is missing to straight', 34, 58, 'back of the thigh'],
  ['Heel to buttock, lying on the front', 'Bend of the knee', 128, 126, 'front of the thigh'],
  ['Thigh turning, lying on the front', 'Turning in (foot outwards)', 36, 35, 'deep in the buttock'],
  ['Thigh turning, lying on the front', 'Turning out (foot inwards)', 45, 44, 'front of the hip'],
];

export async function addStudent(page: Page, name: string): Promise<void> {
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Height, cm').fill('172');
  await page.getByLabel('Mass, kg').fill('66');
  await page.getByLabel('Year of birth').fill('1988');
  await page.getByRole('button', { name: 'Add student' }).click();
  await sayNo(page);
  await page.getByRole('link', { name: 'Go to Measure' }).click();
}

/** Answers the nine questions that come first with no. */
export async function sayNo(page: Page): Promise<void> {
  const asked = page.getByRole('region', { name: 'First, nine questions' });
  await expect(asked.getByRole('radiogroup')).toHaveCount(9);
  for (let i = 0; i < 9; i++) {
    await asked.getByRole('radiogroup').nth(i).getByRole('radio', { name: 'No', exact: true }).click();
    await expect(asked.getByText(i === 8 ? 'All asked.' : `${i + 1} of 9 asked`)).toBeVisible();
  }
}

/** Types one reading into the panel that is open and keeps it. */
export async function read(page: Page, readout: string, value: number, felt: string): Promise<void> {
  await page.getByLabel(`${readout}, degrees`).fill(String(value));
  await page.getByRole('button', { name: felt, exact: true }).click();
  await page.getByRole('button', { name: 'firm stretch' }).click();
  await keep(page);
  await expect(page.getByText(`${value}° is kept`).first()).toBeVisible();
}

/** The whole battery in the order in which the queue offers it. */
export async function measureAll(page: Page): Promise<void> {
  for (let done = 0; done < READINGS.length * 2; done++) {
    await expect(page.getByText(`${done} of ${READINGS.length * 2} readings`)).toBeVisible();
    const heading = await page.getByRole('heading', { level: 1 }).innerText();
    const side = heading.includes('right') ? 'right' : 'left';
    const label = await page.getByLabel(/, degrees$/).getAttribute('aria-label');
    const row = READINGS.find(([test, readout]) => heading.startsWith(test) && label === `${readout}, degrees`);
    if (!row) throw new Error(`no reading for ${heading} ${label ?? ''}`);
    await read(page, row[1], side === 'right' ? row[2] : row[3], row[4]);
  }
  await expect(page.getByText('16 of 16 readings')).toBeVisible();
}

/** One of the students on *Today*: whoever comes today is named there a second time. */
export const studentOnToday = (page: Page, name: string): Locator =>
  page.getByRole('list', { name: 'Students' }).getByRole('link', { name, exact: true });

/** Opens the demo studio and waits until its people are there. */
export async function openDemo(page: Page, path = ''): Promise<void> {
  await page.goto('/demo');
  await expect(studentOnToday(page, 'Maren Tideway')).toBeVisible();
  if (path) await page.goto(`/demo${path}`);
}

/**
 * Waits until a table of the browser's database holds this text: only then can a reload prove that it was kept.
 * @param text part of a row as JSON
 */
export async function stored(page: Page, table: string, text: string): Promise<void> {
  const base = page.url().includes('/demo') ? 'kolpos-demo' : 'kolpos';
  await expect.poll(() => rowsOf(page, base, table)).toContain(text);
}

/** All rows of a table as JSON; empty where it is not there yet. */
export const rowsOf = (page: Page, base: string, table: string): Promise<string> =>
  page.evaluate(
    ({ base, table }) =>
      new Promise<string>((done, fail) => {
        const opening = indexedDB.open(base);
        opening.onerror = () => fail(new Error('the database does not open'));
        opening.onsuccess = () => {
          const db = opening.result;
          const close = (text: string) => {
            db.close();
            done(text);
          };
          if (!db.objectStoreNames.contains(table)) return close('');
          const all = db.transaction(table).objectStore(table).getAll();
          all.onsuccess = () => close(JSON.stringify(all.result));
          all.onerror = () => close('');
        };
      }),
    { base, table },
  );

/** Messages stay until they are closed, so that a slow machine does not lose an undo; before the first page. */
export async function messagesStay(page: Page): Promise<void> {
  await page.addInitScript(() => localStorage.setItem('kolpos-messages', 'stay'));
}

/** A page that was only just sent does not listen to keys yet. */
export async function listens(page: Page): Promise<void> {
  await expect(page.locator('[data-listens]')).toBeAttached();
}

/** Takes back what the newest message speaks of. */
export async function undo(page: Page, message: RegExp): Promise<void> {
  const note = page.locator('.notistack-Snackbar', { hasText: message }).last();
  await expect(note).toBeVisible();
  await note.getByRole('button', { name: 'Undo' }).click();
}

/** Chooses which tests are asked for. */
export async function chooseTests(page: Page, name: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Which tests' }).click();
  await page.getByRole('option', { name }).click();
}

/** Keeps what stands in the panel, also where it is unlikely. */
export async function keep(page: Page): Promise<void> {
  // The message of an earlier reading may still stand there: what tells is the database, or the question.
  const base = page.url().includes('/demo') ? 'kolpos-demo' : 'kolpos';
  const before = await rowsOf(page, base, 'readings');
  await page.getByRole('button', { name: 'Keep and go on' }).click();
  const again = page.getByRole('button', { name: 'Keep it', exact: true });
  const kept = async (): Promise<boolean> => (await rowsOf(page, base, 'readings')) !== before;
  await expect.poll(async () => (await again.isVisible()) || (await kept())).toBe(true);
  if (await kept()) return;
  await again.click();
  await expect.poll(kept).toBe(true);
}

/** Presses Tab until what has the focus carries this accessible name; fails after a full round. */
export async function tabTo(page: Page, name: RegExp, most = 90): Promise<void> {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const e = document.activeElement;
      if (!e) return '';
      const labelled = e instanceof HTMLInputElement ? e.labels?.[0]?.textContent : '';
      return e.getAttribute('aria-label') ?? (labelled || e.textContent) ?? '';
    });
    if (name.test(label)) return;
  }
  throw new Error(`no way with Tab to ${String(name)}`);
}
