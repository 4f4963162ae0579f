import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { readRecord } from '@/core/formats/read-record';
import { startPlayer } from '@/core/teaching/player';
import { bringText } from './bring-in.fixtures';
import { changeStudent, endPlayer, keepReadings, saveStudent, savePose } from './changes';
import { putLogRight, savePlan } from './edits';
import { replaceAll } from './exchange';
import { notReadBack } from './read-back';
import { takeOut } from './take-out';
import { StudioDatabase } from './studio';
import { changeVisit, saveVisits } from './visits';
import { writeUnsaved } from './write-unsaved';
import { heldOf, letGo, unsaved } from './unsaved';

const demo = publishedStudio();
let db: StudioDatabase;
const [student] = demo.students;
const real = IDBObjectStore.prototype.put;

beforeEach(async () => {
  db = new StudioDatabase('studio');
  await replaceAll(db, demo);
});
afterEach(async () => {
  vi.restoreAllMocks();
  letGo(() => true);
  await db.delete();
});

/** From now on the disk is full. Two ways in which browsers say so: at the call, or when the request is worked off. */
function full(how: 'at the call' | 'later' = 'at the call'): void {
  vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (this: IDBObjectStore, ...args) {
    if (how === 'at the call') throw new DOMException('full', 'QuotaExceededError');
    const request = real.apply(this, args);
    const { transaction } = this;
    queueMicrotask(() => {
      Object.defineProperty(transaction, 'error', { get: () => new DOMException('full', 'QuotaExceededError') });
      transaction.abort();
    });
    return request;
  });
}
const refused = async (write: Promise<unknown>): Promise<void> => {
  await write.catch(() => undefined);
  // The door hears of an aborted transaction in its own event.
  await new Promise((done) => setTimeout(done, 20));
};

const log = demo.logs[0];
/** Every kind of write that a teacher makes, and the table of the row that must not be lost. */
const WRITES: readonly (readonly [string, string, () => Promise<unknown>])[] = [
  ['a new student', 'students', () => saveStudent(db, { ...student, id: 'new', name: 'Wren Slipway' })],
  ['an answer of a student', 'students', () => changeStudent(db, student.id, { aim: 'kneel' })],
  ['a reading', 'readings', () => keepReadings(db, [{ ...demo.readings[0], id: 'new' }], 'd')],
  ['a practice', 'practices', () => db.practices.put({ ...demo.practices[0], title: 'changed' })],
  ['a word in a log', 'logs', () => putLogRight(db, log.id, { note: 'better' })],
  ['weeks', 'plans', () => savePlan(db, { ...demo.plans[0], weeks: 3 })],
  ['a visit', 'visits', () => saveVisits(db, [{ ...demo.visits[0], id: 'new' }])],
  ['what became of a visit', 'visits', () => changeVisit(db, demo.visits[1].id, { became: 'came' })],
  ['an own pose', 'poses', () => savePose(db, { ...demo.poses[0], name: 'changed' })],
  ['a setting', 'memos', () => db.memos.put({ key: 'voice', value: '{}' })],
  ['a file that comes in', 'students', () => db.students.clear().then(() => bringText(db, JSON.stringify(demo)))],
  [
    'a taught lesson',
    'logs',
    async () => {
      const practice = demo.practices[0].id;
      vi.mocked(IDBObjectStore.prototype.put).mockRestore();
      await db.players.put({ practice, state: startPlayer(practice, student.id, [], 0), savedAt: log.endedAt });
      full();
      return endPlayer(db, practice, [{ ...log, id: 'taught' }]);
    },
  ],
];

describe.each(WRITES)('where the disk is full, %s', (_, table, write) => {
  it('is held, told, taken out as a file that opens, and written once there is room', async () => {
    full();
    await refused(write());
    expect(unsaved().reason).toContain('no room left');
    const held = heldOf<object>(db.name, table);
    expect(held.length).toBeGreaterThan(0);
    const text = await takeOut(db);
    expect(notReadBack(text)).toEqual([]);
    const file = readRecord(text);
    if (!file.ok) throw new Error(file.problem.message);
    expect(await writeUnsaved(db)).toBe(false);
    expect(heldOf(db.name, table)).toHaveLength(held.length);
    vi.restoreAllMocks();
    expect(await writeUnsaved(db)).toBe(true);
    expect(unsaved().rows).toEqual([]);
    // What was taken out is what stands here now.
    const after = readRecord(await takeOut(db));
    if (!after.ok) throw new Error(after.problem.message);
    expect({ ...after.record, exportedAt: '', digest: '' }).toEqual({ ...file.record, exportedAt: '', digest: '' });
  });
});

describe('a lesson whose seconds could not be written', () => {
  it('is written down all the same when it is kept, once', async () => {
    const practice = demo.practices[0].id;
    full();
    await refused(db.players.put({ practice, state: startPlayer(practice, student.id, [], 0), savedAt: log.endedAt }));
    expect(heldOf(db.name, 'players')).toHaveLength(1);
    vi.restoreAllMocks();
    await endPlayer(db, practice, [{ ...log, id: 'taught' }]);
    expect(await db.logs.get('taught')).toBeDefined();
    expect(unsaved().rows).toEqual([]);
  });
});

describe('the door', () => {
  it('holds what was in a transaction that fails as a whole', async () => {
    full('later');
    await refused(changeStudent(db, student.id, { aim: 'kneel' }));
    expect(heldOf<{ aim: string }>(db.name, 'students').map((s) => s.aim)).toEqual(['kneel']);
  });
  it('holds also what the same transaction wrote before the write that failed', async () => {
    let puts = 0;
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (this: IDBObjectStore, ...args) {
      if (++puts > 1) throw new DOMException('full', 'QuotaExceededError');
      return real.apply(this, args);
    });
    await refused(
      db.transaction('rw', [db.practices, db.students], async () => {
        await db.practices.put({ ...demo.practices[0], title: 'first' });
        await db.students.put({ ...student, aim: 'second' });
      }),
    );
    expect(heldOf<{ title: string }>(db.name, 'practices').map((p) => p.title)).toEqual(['first']);
    expect(heldOf<{ aim: string }>(db.name, 'students').map((s) => s.aim)).toEqual(['second']);
  });
  it('holds nothing of writes that were under way when the code changed its mind', async () => {
    await db
      .transaction('rw', db.students, async () => {
        void db.students.put({ ...student, aim: 'never' }).catch(() => undefined);
        await db.students.get(student.id);
        throw new Error('not after all');
      })
      .catch(() => undefined);
    await new Promise((done) => setTimeout(done, 20));
    expect(unsaved().rows).toEqual([]);
  });
  it('holds nothing where the code itself changed its mind', async () => {
    await db
      .transaction('rw', db.students, async () => {
        await db.students.put({ ...student, aim: 'never' });
        throw new Error('not after all');
      })
      .catch(() => undefined);
    expect(unsaved().rows).toEqual([]);
  });
  it('says nothing of what can be worked out again', async () => {
    full();
    await refused(db.results.put({ kind: 'ranking', name: 'x', value: 1, usedAt: 0 }));
    expect(unsaved().rows).toEqual([]);
  });
  it('a row that was written anew meanwhile is not taken back to what could not be written', async () => {
    const [practice] = demo.practices;
    full();
    await refused(db.practices.put({ ...practice, title: 'first', updatedAt: '2026-12-01T10:00:00.000Z' }));
    vi.restoreAllMocks();
    await db.practices.put({ ...practice, title: 'second', updatedAt: '2026-12-01T10:00:05.000Z' });
    expect(await writeUnsaved(db)).toBe(true);
    expect((await db.practices.get(practice.id))?.title).toBe('second');
  });
  it('a student who was changed again meanwhile keeps both changes', async () => {
    full();
    await refused(changeStudent(db, student.id, { aim: 'kneel' }));
    vi.restoreAllMocks();
    await changeStudent(db, student.id, { daily: 'at a wheel' });
    expect(await writeUnsaved(db)).toBe(true);
    expect(await db.students.get(student.id)).toMatchObject({ aim: 'kneel', daily: 'at a wheel' });
  });
});
