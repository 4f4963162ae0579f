import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { FULL, messagesStay, openDemo, undo } from './teacher';

// A clock that stands still, on a Friday: nobody is written into the demo's book for one, and midnight does not come in
// the middle.
test.use({ onDay: false });

test(
  'the day book: a visit is written down, moved, said to have come; a calendar goes out and another comes in',
  FULL,
  async ({ page }) => {
    await page.clock.setFixedTime('2027-02-19T09:00:00');
    await messagesStay(page);
    await openDemo(page, '/daybook');
    await expect(page.getByRole('heading', { level: 1, name: 'Day book' })).toBeVisible();
    const form = page.getByRole('form', { name: 'Add a visit' });
    const today = page.getByRole('region', { name: 'Friday 19 February' });

    await test.step('nonsense is answered, nothing is written', async () => {
      await form.getByRole('button', { name: 'Add' }).click();
      await expect(page.getByText('Choose who comes.')).toBeVisible();
      await form.getByLabel('Who comes').fill('Maren');
      await page.getByRole('option', { name: 'Maren Tideway' }).click();
      await form.getByLabel('Minutes').fill('soon');
      await form.getByRole('button', { name: 'Add' }).click();
      await expect(page.getByText('Whole minutes, 5 to 480.')).toBeVisible();
      await expect(today.getByText('Nobody comes.')).toBeVisible();
    });

    await test.step('every week, four times; the clash with another is said', async () => {
      await form.getByLabel('Minutes').fill('60');
      await form.getByLabel('At').fill('17:00');
      await form.getByLabel('How often').selectOption('4');
      await form.getByRole('button', { name: 'Add' }).click();
      await expect(page.getByText('4 visits of Maren Tideway are in the book.')).toBeVisible();
      await expect(today.getByRole('listitem')).toContainText('17:00 – 18:00');
      await form.getByLabel('Who comes').fill('Ilka');
      await page.getByRole('option', { name: 'Ilka Rushmere' }).click();
      await form.getByLabel('At').fill('17:30');
      await form.getByLabel('How often').selectOption('1');
      await form.getByRole('button', { name: 'Add' }).click();
      await expect(page.getByText(/Maren Tideway comes at 17:00 too/)).toBeVisible();
      await expect(today.getByText('at the same time as Maren Tideway')).toBeVisible();
    });

    await test.step('Today knows it, and so does the student’s page', async () => {
      await page.getByRole('link', { name: 'Today', exact: true }).click();
      const who = page.getByRole('region', { name: 'Who comes' });
      await expect(who.getByRole('listitem')).toHaveCount(2);
      await expect(page.getByRole('list', { name: 'Students' }).getByRole('listitem').first()).toContainText(
        'comes at 17:00',
      );
      await who.getByRole('group', { name: /Maren/ }).getByRole('button', { name: 'came' }).click();
      await expect(page.getByText('Maren Tideway: came.')).toBeVisible();
      await who.getByRole('link', { name: 'Ilka Rushmere' }).click();
      await expect(page.getByRole('link', { name: 'Today, 17:30' })).toBeVisible();
      await page.getByRole('button', { name: 'Add a note' }).click();
      await page.getByLabel('Note, seen on every step').fill('Left knee: ask first.');
      await page.keyboard.press('Escape');
      await expect(page.getByRole('button', { name: 'Note: Left knee: ask first.' })).toBeVisible();
      await page.reload();
      await expect(page.getByRole('button', { name: 'Note: Left knee: ask first.' })).toBeVisible();
    });

    await test.step('moved to another day, taken back, removed and brought back', async () => {
      await page.goto('/demo/daybook');
      const ilka = today.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Ilka Rushmere' }) });
      await ilka.getByLabel(/^Day of Ilka/).fill('2027-03-02');
      await expect(page.getByText('Ilka Rushmere comes on Tuesday 2 March.')).toBeVisible();
      await expect(
        today.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Ilka Rushmere' }) }),
      ).toHaveCount(0);
      await undo(page, /Tuesday 2 March/);
      await expect(ilka).toHaveCount(1);
      await ilka.getByRole('button', { name: /^Remove the visit/ }).click();
      await expect(ilka).toHaveCount(0);
      await undo(page, /is removed/);
      await expect(ilka).toHaveCount(1);
    });

    await test.step('out as a calendar with initials; moved there and brought in again, it moves here', async () => {
      const download = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Save as a calendar' }).click();
      const text = readFileSync(await (await download).path(), 'utf8');
      expect(text).toContain('SUMMARY:M. T.');
      expect(text).not.toMatch(/Tideway|knee/);
      const input = page.getByLabel('Calendar of visits');
      await input.setInputFiles({ name: 'broken.ics', mimeType: 'text/calendar', buffer: Buffer.from('nonsense') });
      await expect(page.getByText(/This is not a calendar/)).toBeVisible();
      const moved = text.replaceAll('T173000', 'T193000');
      expect(moved).not.toBe(text);
      await input.setInputFiles({ name: 'moved.ics', mimeType: 'text/calendar', buffer: Buffer.from(moved) });
      await page.getByRole('button', { name: 'Into the day book: 1 changed' }).click();
      await expect(
        today.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Ilka Rushmere' }) }),
      ).toContainText('19:30 – 20:30');
    });

    await test.step('somebody’s calendar: whose an event is, is asked; what is nobody’s stays out', async () => {
      const day = '20270219';
      const event = (uid: string, hour: string, title: string) =>
        [
          'BEGIN:VEVENT',
          `UID:${uid}`,
          `DTSTART:${day}T${hour}00`,
          'DURATION:PT45M',
          `SUMMARY:${title}`,
          'END:VEVENT',
        ].join('\r\n');
      const file = [
        'BEGIN:VCALENDAR',
        'VERSION:2.0',
        'PRODID:-//x//EN',
        event('d', '1200', 'Dentist'),
        event('m', '1300', 'Yoga Maren'),
        'END:VCALENDAR',
        '',
      ].join('\r\n');
      const bring = () =>
        page
          .getByLabel('Calendar of visits')
          .setInputFiles({ name: 'mine.ics', mimeType: 'text/calendar', buffer: Buffer.from(file) });
      await bring();
      await expect(page.getByLabel('Whose is “Yoga Maren”')).toHaveValue('Maren Tideway');
      await expect(page.getByLabel('Whose is “Dentist”')).toHaveValue('');
      await page.getByRole('button', { name: 'Into the day book: 1 added' }).click();
      await expect(today.getByText('13:00 – 13:45')).toBeVisible();
      await bring();
      await expect(page.getByRole('button', { name: 'Nothing to add' })).toBeDisabled();
    });
  },
);
