import Dexie from 'dexie';
import { expect, it } from 'vitest';
import { styleOfToday } from './style-of-today';

const TABLES = { practices: 'id', templates: 'id', classes: 'id', edits: '[practice+n]', removed: 'id', memos: 'key' };
const older = { id: 'a', title: 'Hips', request: { minutes: 30, arc: 'flow' } };
const today = { id: 'a', title: 'Hips', request: { minutes: 30, style: 'flow' } };

it('the style of a practice that was kept by an older Kolpos is the same one, wherever it stands', async () => {
  const name = 'style-of-today';
  const before = new Dexie(name);
  before.version(1).stores(TABLES);
  await before.table('practices').bulkPut([older, { id: 'b', title: 'By hand' }]);
  await before.table('templates').put(older);
  await before.table('classes').put(older);
  await before.table('edits').put({ practice: 'a', n: 1, state: older });
  await before.table('removed').put({ id: 'r', rows: [{ table: 'practices', row: older }] });
  await before.table('memos').bulkPut([
    { key: 'wishes/maren', value: '{"arc":"quiet","place":"chair"}' },
    { key: 'wishes/osk', value: 'nonsense' },
    { key: 'voice', value: '{"arc":"quiet"}' },
  ]);
  before.close();

  const db = new Dexie(name);
  db.version(1).stores(TABLES);
  db.version(2).stores({}).upgrade(styleOfToday);
  expect(await db.table('practices').toArray()).toEqual([today, { id: 'b', title: 'By hand' }]);
  expect(await db.table('templates').get('a')).toEqual(today);
  expect(await db.table('classes').get('a')).toEqual(today);
  expect(await db.table('edits').get(['a', 1])).toEqual({ practice: 'a', n: 1, state: today });
  expect(await db.table('removed').get('r')).toEqual({ id: 'r', rows: [{ table: 'practices', row: today }] });
  expect(JSON.parse((await db.table('memos').get('wishes/maren')).value)).toEqual({ style: 'quiet', place: 'chair' });
  expect((await db.table('memos').get('wishes/osk')).value).toBe('nonsense');
  expect((await db.table('memos').get('voice')).value).toBe('{"arc":"quiet"}');
  await db.delete();
});
