import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { openDemo, rowsOf } from './teacher';

test('readings go out as a table, and come in from one of her own: asked where it is not clear, taken back as one', async ({
  page,
}) => {
  await openDemo(page, '/settings');
  const part = page.getByRole('region', { name: 'Spreadsheets' });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    part.getByRole('button', { name: 'Readings', exact: true }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^kolpos-demo-readings-.*\.csv$/);
  const written = readFileSync(await download.path(), 'utf8');
  expect(written).toContain('Maren Tideway');
  const input = page.getByLabel('Table to bring in');
  const give = (name: string, text: string) =>
    input.setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

  // What cannot be a table is answered; what Kolpos wrote is known.
  await give('numbers.csv', '1,2\n3,4\n');
  await expect(part.getByRole('alert')).toContainText('should name the columns');
  await give('own.csv', written);
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('status')).toContainText(/^0 readings can come in; \d+ are here already/);
  await expect(dialog.getByRole('button', { name: /^Keep/ })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Leave it' }).click();

  // A table as somebody keeps it: a column a test, days either way round, a name that is not here, a word for a side.
  await give(
    'mine.csv',
    'Name;Date;SLR L;SLR R;Ober left;Mood\nMaren Tideway;03/04/2026;61;72;14;calm\nStranger;03/04/2026;50;50;10;tired\nMaren Tideway;03/04/2026;stiff;70;;\n',
  );
  await expect(dialog.getByLabel('Meaning of SLR L')).toHaveValue('Passive straight leg raise (SLR)');
  await expect(dialog.getByLabel('Meaning of Mood')).toHaveValue('left out');
  await expect(dialog.getByLabel('Meaning of Ober left')).toHaveValue('left out');
  await dialog.getByLabel('Meaning of Ober left').fill('Ober');
  await page.getByRole('option', { name: 'Ober test', exact: true }).click();
  await expect(dialog.getByRole('heading', { name: '2 things are not clear' })).toBeVisible();
  await expect(dialog.getByRole('button', { name: /^Keep/ })).toBeDisabled();
  await dialog.getByLabel('Which comes first in “03/04/2026”?').click();
  await page.getByRole('option', { name: 'the day' }).click();
  await dialog.getByLabel('Who is “Stranger”?').click();
  await page.getByRole('option', { name: 'leave these rows out' }).click();
  await expect(dialog.getByRole('heading', { name: 'All is clear' })).toBeVisible();
  await dialog.getByText('What stays out, and why').click();
  await expect(dialog.getByText('Row 4: “stiff” is no number.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep 4 readings' }).click();
  await expect(page.getByText('4 readings from mine.csv.')).toBeVisible();
  await expect.poll(() => rowsOf(page, 'kolpos-demo', 'readings')).toContain('"day":"2026-04-03"');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect.poll(() => rowsOf(page, 'kolpos-demo', 'readings')).not.toContain('"day":"2026-04-03"');
});
