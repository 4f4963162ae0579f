import { beforeEach, describe, expect, it } from 'vitest';
import { readRecord } from '@/core/formats/read-record';
import { publishedStudio } from '@demo/published.fixtures';
import { backupStanding } from './backup';
import {
  canKeepFolder,
  chooseFolder,
  folderOf,
  forgetFolder,
  mayWrite,
  writeIntoFolder,
  type Folder,
} from './backup-folder';
import { replaceAll } from './exchange';
import { StudioDatabase } from './studio';

const demo = publishedStudio();
const NOW = Date.parse('2026-11-29T10:00:00.000Z');
const row = (at: string) => ({ updatedAt: at });

describe('a backup is asked for', () => {
  const many = (n: number, at: string) => Array.from({ length: n }, () => row(at));
  it.each([
    ['never saved, hardly anything there', many(9, '2026-11-01T00:00:00.000Z'), null, false],
    ['never saved', many(10, '2026-11-01T00:00:00.000Z'), null, true],
    ['nothing since, long ago', many(50, '2026-01-01T00:00:00.000Z'), '2026-02-01T00:00:00.000Z', false],
    ['one thing since, a week ago', [row('2026-11-22T09:00:00.000Z')], '2026-11-22T08:00:00.000Z', true],
    ['one thing since, yesterday', [row('2026-11-28T09:00:00.000Z')], '2026-11-28T08:00:00.000Z', false],
    ['a working day since, yesterday', many(40, '2026-11-28T09:00:00.000Z'), '2026-11-28T08:00:00.000Z', true],
  ] as const)('%s', (_, rows, savedAt, due) => {
    expect(backupStanding(rows, savedAt, NOW).due).toBe(due);
  });
  it('counts what came in since with an older moment, and what went', () => {
    const rows = many(20, '2026-11-20T09:00:00.000Z');
    expect(backupStanding(rows, '2026-11-28T08:00:00.000Z', NOW, 20).changes).toBe(0);
    expect(backupStanding(rows, '2026-11-28T08:00:00.000Z', NOW, 17).changes).toBe(3);
    expect(backupStanding(rows, '2026-11-28T08:00:00.000Z', NOW, 24).changes).toBe(4);
  });
});

/** A folder of a browser, in memory. */
class MemoryFolder {
  name = 'Backups';
  files = new Map<string, string>();
  getFileHandle(name: string) {
    return Promise.resolve({
      createWritable: () => {
        let text = '';
        return Promise.resolve({
          write: (t: string) => Promise.resolve(void (text += t)),
          close: () => Promise.resolve(void this.files.set(name, text)),
        });
      },
    });
  }
  removeEntry(name: string) {
    this.files.delete(name);
    return Promise.resolve();
  }
  async *keys() {
    yield* await Promise.resolve([...this.files.keys()]);
  }
}

describe('a folder of backups', () => {
  const db = new StudioDatabase('studio');
  beforeEach(async () => {
    await db.open();
    await replaceAll(db, demo);
  });
  it('gets a file that opens, over that of the same day, and keeps the newest ten of its own', async () => {
    const folder = new MemoryFolder();
    for (let d = 1; d <= 12; d++) folder.files.set(`kolpos-2026-01-${String(d).padStart(2, '0')}.json`, 'old');
    folder.files.set('kolpos-notes.json', 'not ours');
    const name = await writeIntoFolder(db, folder as unknown as Folder);
    await writeIntoFolder(db, folder as unknown as Folder);
    const read = readRecord(folder.files.get(name) ?? '');
    expect(read.ok && read.setAside).toEqual([]);
    expect(folder.files.has('kolpos-notes.json')).toBe(true);
    const own = [...folder.files.keys()].filter((k) => /\d\.json$/.test(k)).sort();
    expect(own).toHaveLength(10);
    expect(own[0]).toBe('kolpos-2026-01-04.json');
    expect(await db.memos.get('taken-out')).toBeDefined();
  });
  it('is chosen once, kept, and forgotten on a wish; a window that was closed chooses none', async () => {
    expect(canKeepFolder()).toBe(false);
    const browser = globalThis as { showDirectoryPicker?: unknown };
    browser.showDirectoryPicker = () => Promise.resolve({ name: 'Backups' });
    expect(canKeepFolder()).toBe(true);
    await chooseFolder(db);
    const kept = await folderOf(db);
    expect(kept?.name).toBe('Backups');
    expect(kept && (await mayWrite(kept))).toBe(true);
    await forgetFolder(db);
    expect(await folderOf(db)).toBeNull();
    browser.showDirectoryPicker = () => Promise.reject(new DOMException('closed', 'AbortError'));
    expect(await chooseFolder(db)).toBeNull();
    delete browser.showDirectoryPicker;
  });
});
