import type { Transaction } from 'dexie';
import { inWordsOfToday, settingOfToday } from '@/core/formats/older-words';

/**
 * Says the style of every kept practice by its name of today: also in its earlier states, in what was removed, and in
 * what is wished.
 */
export async function styleOfToday(trans: Transaction): Promise<void> {
  const rows = <T extends object>(name: string) => trans.table<T>(name).toCollection();
  for (const name of ['practices', 'templates', 'classes'])
    await rows(name).modify((row, ref) => {
      ref.value = inWordsOfToday(row) as object;
    });
  await rows<{ state: unknown }>('edits').modify((e) => {
    e.state = inWordsOfToday(e.state);
  });
  await rows<{ rows: { row: unknown }[] }>('removed').modify((r) => {
    r.rows = r.rows.map((x) => ({ ...x, row: inWordsOfToday(x.row) }));
  });
  await rows<{ key: string; value: string }>('memos').modify((m) => {
    m.value = settingOfToday(m.key, m.value);
  });
}
