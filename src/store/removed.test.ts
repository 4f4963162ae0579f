import { beforeEach, describe, expect, it } from 'vitest';
import { readRecord } from '@/core/formats/read-record';
import { studentPage } from '@/core/formats/student-page';
import { startPlayer } from '@/core/teaching/player';
import { publishedStudio } from '@demo/published.fixtures';
import { removePose, removeReadings } from './changes';
import { editPractice, removeClass, removePractice, removeTemplate } from './edits';
import { replaceAll } from './exchange';
import { notReadBack } from './read-back';
import { takeOutStudent } from './take-out';
import { bringBack, deleteForGood, forgetOld } from './removed';
import { LaterChanges } from './saved-row';
import { StudioDatabase } from './studio';
import { removeVisits } from './visits';

const demo = publishedStudio();
const WHO = 'demo-maren';
const db = new StudioDatabase('studio');
/** Everything but what is remembered as removed, as text. */
const all = async (): Promise<string> =>
  JSON.stringify(
    await Promise.all(db.tables.filter((t) => t.name !== 'removed').map(async (t) => [t.name, await t.toArray()])),
  );

beforeEach(async () => {
  await db.open();
  await replaceAll(db, demo);
});

describe('what is removed', () => {
  const [practice] = demo.practices,
    [reading] = demo.readings,
    [one] = demo.classes;
  it.each([
    ['a practice with its edits', () => removePractice(db, practice.id), /practice “Before rowing” of Maren/],
    ['a reading', () => removeReadings(db, [reading.id]), /^A reading: /],
    [
      'several readings',
      () =>
        removeReadings(
          db,
          demo.readings.slice(0, 3).map((r) => r.id),
        ),
      /^3 readings/,
    ],
    ['a class with its visits', () => removeClass(db, one.id), /^The class “/],
    ['a visit', () => removeVisits(db, [demo.visits[0].id], 'Maren'), /^The visit of Maren on Monday 16 November$/],
    [
      'several visits',
      () =>
        removeVisits(
          db,
          demo.visits.slice(0, 2).map((v) => v.id),
          'Maren',
        ),
      /^2 visits of Maren$/,
    ],
  ] as const)('%s is noted, and comes back as it was', async (_, remove, words) => {
    await editPractice(db, { ...practice, title: 'Before rowing' }, 'Renamed.');
    const before = await all();
    await remove();
    expect(await all()).not.toBe(before);
    const [noted] = await db.removed.toArray();
    expect(noted.words).toMatch(words);
    await bringBack(db, noted.id);
    expect(JSON.parse(await all())).toEqual(JSON.parse(before));
    expect(await db.removed.count()).toBe(0);
  });
  it('is taken off the list by its own undo, and nothing is noted where nothing was there', async () => {
    const change = await removePractice(db, practice.id);
    await change.undo();
    expect(await db.removed.count()).toBe(0);
    for (const remove of [removePractice, removeTemplate, removeClass, removePose]) await remove(db, 'not-there');
    await removeReadings(db, ['not-there']);
    expect(await db.removed.count()).toBe(0);
  });
  it('does not come back over what stands in its place', async () => {
    await removePractice(db, practice.id);
    await db.practices.put({ ...practice, title: 'Another' });
    const [noted] = await db.removed.toArray();
    await expect(bringBack(db, noted.id)).rejects.toThrow(LaterChanges);
    expect((await db.practices.get(practice.id))?.title).toBe('Another');
  });
  it('is forgotten after thirty days', async () => {
    await removePractice(db, practice.id);
    await forgetOld(db, Date.now() + 29 * 86_400_000);
    expect(await db.removed.count()).toBe(1);
    await forgetOld(db, Date.now() + 31 * 86_400_000);
    expect(await db.removed.count()).toBe(0);
  });
});

describe('a student deleted for good', () => {
  it('leaves no word of hers anywhere, and everybody else as they were', async () => {
    await db.players.put({
      practice: demo.practices[0].id,
      state: startPlayer(demo.practices[0].id, WHO, [], 0),
      savedAt: '2026-11-01T10:00:00.000Z',
    });
    await db.drafts.put({ id: `${WHO}/straight-leg-raise/left`, trials: ['4'] });
    await db.memos.put({ key: `limits/${WHO}`, value: 'x' });
    await removeReadings(
      db,
      demo.readings
        .filter((r) => r.student === WHO)
        .slice(0, 2)
        .map((r) => r.id),
    );
    const others = (await db.readings.toArray()).filter((r) => r.student !== WHO);
    await deleteForGood(db, WHO);
    const left = JSON.stringify(await Promise.all(db.tables.map((t) => t.toArray())));
    expect(left).not.toContain(WHO);
    expect(left).not.toContain('Maren');
    expect(await db.readings.toArray()).toEqual(others);
    expect(await db.students.count()).toBe(demo.students.length - 1);
  });
});

describe('one student alone', () => {
  it('goes out as a file that opens, with everything of hers and nothing of others', async () => {
    const text = await takeOutStudent(db, WHO);
    expect(notReadBack(text)).toEqual([]);
    const read = readRecord(text);
    if (!read.ok) throw new Error(read.problem.message);
    const { record } = read;
    expect(record.students.map((s) => s.id)).toEqual([WHO]);
    expect(record.readings).toHaveLength(demo.readings.filter((r) => r.student === WHO).length);
    expect(record.practices).toHaveLength(demo.practices.filter((p) => p.student === WHO).length);
    expect(record.logs).toHaveLength(demo.logs.filter((l) => l.student === WHO).length);
    expect(record.settings).toEqual({});
    for (const s of demo.students) if (s.id !== WHO) expect(text).not.toContain(s.name);
  });
  it('is told on a page that she can read, whatever was typed', () => {
    const [student] = demo.students.filter((s) => s.id === WHO);
    const of = <T extends { student: string }>(rows: readonly T[]) => rows.filter((r) => r.student === WHO);
    const page = studentPage(
      {
        student: { ...student, aim: '<script>alert(1)</script>', note: 'Left knee: ask first.' },
        readings: of(demo.readings),
        practices: of(demo.practices),
        logs: of(demo.logs),
        plan: null,
        visits: demo.visits.filter((v) => v.student === WHO),
      },
      '2026-11-29',
    );
    expect(page).toContain('Maren Tideway');
    expect(page).toContain('&lt;script&gt;');
    expect(page).toContain('Left knee: ask first.');
    expect(page).toContain('16 Nov 2026 10:00, came');
    expect(page).not.toMatch(/<script|undefined|NaN|\[object/);
    expect(page.match(/<tr>/g)?.length ?? 0).toBeGreaterThan(of(demo.readings).length);
  });
});
