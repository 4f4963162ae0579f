import { takeOut } from './take-out';
import { today, type StudioDatabase } from './studio';

/**
 * Backups by themselves, into a folder that the teacher chose once: a dated file a day, the last ten kept. Only
 * browsers that give web pages a folder can do it; the others ask for a backup by hand.
 */

/**
 * What is used of the browser's folder; told here because it is not in every browser, nor in the types of the language.
 */
export interface Folder {
  name: string;
  getFileHandle: (
    name: string,
    options?: { create: boolean },
  ) => Promise<{
    createWritable: () => Promise<{ write: (text: string) => Promise<void>; close: () => Promise<void> }>;
  }>;
  removeEntry: (name: string) => Promise<void>;
  keys: () => AsyncIterable<string>;
  queryPermission?: (mode: { mode: 'readwrite' }) => Promise<PermissionState>;
  requestPermission?: (mode: { mode: 'readwrite' }) => Promise<PermissionState>;
}

/** Files that are kept. */
const MOST_FILES = 10;
const KEY = 'backup-folder';
const fileOf = (db: StudioDatabase, day: string): string => `${db.name}-${day}.json`;

type Picker = (options: { mode: 'readwrite'; id: string }) => Promise<Folder>;
const picker = (): Picker | undefined => (globalThis as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** False where the browser gives no folder. */
export const canKeepFolder = (): boolean => picker() !== undefined;

/** Asks for a folder and keeps it. Null where the teacher thought better of it; rejects where the browser refuses. */
export async function chooseFolder(db: StudioDatabase): Promise<Folder | null> {
  const pick = picker();
  if (!pick) return null;
  try {
    const folder = await pick({ mode: 'readwrite', id: 'kolpos-backups' });
    await db.handles.put({ key: KEY, handle: folder });
    return folder;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    throw error;
  }
}

export const folderOf = async (db: StudioDatabase): Promise<Folder | null> =>
  ((await db.handles.get(KEY))?.handle as Folder | undefined) ?? null;
export const forgetFolder = (db: StudioDatabase): Promise<void> => db.handles.delete(KEY);

/** Whether it may be written into now; a browser that was closed asks again, by a press. */
export const mayWrite = async (folder: Folder): Promise<boolean> =>
  (await folder.queryPermission?.({ mode: 'readwrite' })) !== 'prompt';
export const askToWrite = async (folder: Folder): Promise<boolean> =>
  (await folder.requestPermission?.({ mode: 'readwrite' })) !== 'denied';

/**
 * Writes today's backup, over one of today that is there, and takes away all but the newest ten. Rejects where the
 * folder is gone.
 */
export async function writeIntoFolder(db: StudioDatabase, folder: Folder): Promise<string> {
  const name = fileOf(db, today());
  const text = await takeOut(db);
  const file = await folder.getFileHandle(name, { create: true });
  // The browser writes beside it and puts it in place when it is whole: a power cut leaves the older one.
  const writable = await file.createWritable();
  await writable.write(text);
  await writable.close();
  const dated = new RegExp(`^${db.name}-\\d{4}-\\d{2}-\\d{2}\\.json$`);
  const own: string[] = [];
  for await (const key of folder.keys()) if (dated.test(key)) own.push(key);
  for (const old of own.sort().slice(0, -MOST_FILES)) await folder.removeEntry(old);
  return name;
}
