import { beforeEach, describe, expect, it } from 'vitest';
import { readRecord } from '@/core/formats/read-record';
import { publishedStudio } from '@demo/published.fixtures';
import { bringText } from './bring-in.fixtures';
import { removeClass } from './edits';
import { replaceAll } from './exchange';
import { takeOut, takeOutStudent } from './take-out';
import { deleteForGood } from './removed';
import { LaterChanges } from './saved-row';
import { StudioDatabase } from './studio';
import { changeVisit, saveVisits } from './visits';

const demo = publishedStudio();
const db = new StudioDatabase('studio');
const [first] = demo.visits;
const record = (text: string) => {
  const read = readRecord(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read;
};

beforeEach(async () => {
  await db.open();
  await replaceAll(db, demo);
});

describe('the day book', () => {
  it('keeps several visits as one, and takes them back as one', async () => {
    const before = await db.visits.toArray();
    const change = await saveVisits(db, [
      { ...first, at: '11:00' },
      { ...first, id: 'new', day: '2027-01-04' },
    ]);
    expect(await db.visits.get('new')).toMatchObject({ day: '2027-01-04' });
    await change.undo();
    expect(await db.visits.toArray()).toEqual(before);
  });
  it('undoes nothing where somebody changed one of them since', async () => {
    const change = await saveVisits(db, [
      { ...first, id: 'a' },
      { ...first, id: 'b' },
    ]);
    await changeVisit(db, 'b', { became: 'came' });
    await expect(change.undo()).rejects.toBeInstanceOf(LaterChanges);
    expect(await db.visits.bulkGet(['a', 'b'])).toHaveLength(2);
  });
  it('changes fields, not rows: two at once lose neither, and what is gone stays gone', async () => {
    await Promise.all([changeVisit(db, first.id, { minutes: 75 }), changeVisit(db, first.id, { at: '12:00' })]);
    expect(await db.visits.get(first.id)).toMatchObject({ minutes: 75, at: '12:00' });
    const taken = await changeVisit(db, 'nowhere', { became: 'came' });
    await taken.undo();
    expect(await db.visits.get('nowhere')).toBeUndefined();
  });
  it('goes out and comes in with everything, and with a student hers alone', async () => {
    const all = record(await takeOut(db));
    expect(all.setAside).toEqual([]);
    expect(all.record.visits).toHaveLength(demo.visits.length);
    const own = record(await takeOutStudent(db, 'demo-maren'));
    expect(own.record.visits.map((v) => v.student)).toEqual(['demo-maren', 'demo-maren', 'demo-maren']);
    await db.visits.clear();
    await bringText(db, await JSON.stringify(demo));
    expect(await db.visits.count()).toBe(demo.visits.length);
  });
  it('newer visits stay as they are when an older file comes in', async () => {
    const text = await takeOut(db);
    await changeVisit(db, first.id, { became: 'missed' });
    await bringText(db, text);
    expect((await db.visits.get(first.id))?.became).toBe('missed');
  });
  it('loses the visits of who is deleted for good, and of a class that is removed, with it', async () => {
    await deleteForGood(db, 'demo-maren');
    expect(await db.visits.where('student').equals('demo-maren').count()).toBe(0);
    const ofClass = demo.visits.filter((v) => v.class === 'demo-class').length;
    expect(ofClass).toBeGreaterThan(0);
    await (await removeClass(db, 'demo-class')).undo();
    expect(await db.visits.where('class').equals('demo-class').count()).toBe(ofClass);
    await removeClass(db, 'demo-class');
    expect(await db.visits.where('class').equals('demo-class').count()).toBe(0);
  });
});

describe('visits of a file', () => {
  const asText = (visits: readonly unknown[]): string => JSON.stringify({ ...demo, visits });
  it.each([
    ['of nobody here', { student: 'nobody' }, /no student “nobody”/],
    ['of no class here', { student: undefined, class: 'nowhere' }, /no class “nowhere”/],
    ['of both', { class: 'demo-class' }, /of a student or of a class/],
    ['at no hour', { at: '25:00' }, /at/],
    ['in the year 1', { day: '0001-01-01' }, /long past/],
    ['too far ahead', { day: '2999-01-01' }, /too far ahead/],
    ['for a day and a night', { minutes: 1441 }, /480/],
  ])('%s is set aside with its reason, and the rest is read', (_, wrong, why) => {
    const { record: r, setAside } = record(asText([{ ...first, ...wrong }, demo.visits[1]]));
    expect(r.visits.map((v) => v.id)).toEqual([demo.visits[1].id]);
    expect(setAside).toHaveLength(1);
    expect(`${setAside[0].where} ${setAside[0].why}`).toMatch(why);
  });
  it('are none in files of before there was a day book', () => {
    expect(record(JSON.stringify({ ...demo, version: 5, visits: undefined })).record.visits).toEqual([]);
  });
});
