import { useEffect } from 'react';
import { standingOf } from '@/store/backup';
import { folderOf, mayWrite, writeIntoFolder } from '@/store/backup-folder';
import type { StudioDatabase } from '@/store/studio';

/** Minutes between two looks, ms. */
const LOOK = 10 * 60_000;

/**
 * Writes into the chosen folder where there is something new; does nothing where there is no folder, or it is not open.
 */
async function look(db: StudioDatabase): Promise<void> {
  const folder = await folderOf(db);
  if (!folder || !(await mayWrite(folder))) return;
  if ((await standingOf(db)).changes > 0) await writeIntoFolder(db, folder);
}

/** Keeps the backup folder up to date while a page of the studio is open, and asks the browser to keep what is here. */
export function useDailyBackup(db: StudioDatabase, own: boolean): void {
  useEffect(() => {
    // A folder that is gone is told where it was chosen, and Today asks for a backup.
    const now = () => void look(db).catch(() => undefined);
    const hidden = () => document.visibilityState === 'hidden' && now();
    now();
    const timer = setInterval(now, LOOK);
    document.addEventListener('visibilitychange', hidden);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', hidden);
    };
  }, [db]);
  useEffect(() => {
    if (!own || !('storage' in navigator)) return;
    // Asked for once there is something to keep; a browser answers by itself, or asks.
    db.students
      .count()
      .then((n) => (n > 0 ? navigator.storage.persist() : false))
      .catch(() => undefined);
  }, [db, own]);
}
