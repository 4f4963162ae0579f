import type { PracticeItem } from './practice';

/** Item moved to another place; out-of-range places are held at the ends. */
export function moveItem(items: readonly PracticeItem[], from: number, to: number): PracticeItem[] {
  const out = [...items];
  const [item] = out.splice(from, 1);
  if (item) out.splice(Math.max(0, Math.min(out.length, to)), 0, item);
  return out;
}

export const removeItem = (items: readonly PracticeItem[], id: string): PracticeItem[] =>
  items.filter((i) => i.id !== id);

/** Hold changed by whole breaths, at least one breath and at most half an hour. */
export function lengthenItem(
  items: readonly PracticeItem[],
  id: string,
  breaths: number,
  breathSeconds: number,
): PracticeItem[] {
  return items.map((item) => {
    if (item.id !== id) return item;
    const next = Math.max(1, Math.min(Math.floor(1800 / breathSeconds), item.breaths + breaths));
    return { ...item, breaths: next, holdSeconds: Math.max(3, next * breathSeconds) };
  });
}

/** Another pose in the same place, with the same hold; `id` must be new in the practice. */
export const swapItem = (
  items: readonly PracticeItem[],
  id: string,
  next: Pick<PracticeItem, 'id' | 'pose' | 'rung' | 'side' | 'because'>,
): PracticeItem[] => items.map((item) => (item.id === id ? { ...item, ...next } : item));

/** Items whose other side is missing: sided poses that stand for one side only. */
export function missingSides(
  items: readonly PracticeItem[],
): { pose: string; rung: number; missing: 'left' | 'right' }[] {
  const seen = new Map<string, Set<string>>();
  for (const i of items) {
    if (i.side === 'both') continue;
    const key = `${i.pose}/${i.rung}`;
    seen.set(key, (seen.get(key) ?? new Set()).add(i.side));
  }
  return [...seen].flatMap(([key, sides]) => {
    if (sides.size === 2) return [];
    const [pose, rung] = key.split('/');
    return [{ pose, rung: Number(rung), missing: sides.has('left') ? ('right' as const) : ('left' as const) }];
  });
}

/** An item and its other side kept when the practice is built again, or set free. */
export const lockItem = (items: readonly PracticeItem[], item: PracticeItem): PracticeItem[] =>
  items.map((i) =>
    i.pose === item.pose && i.rung === item.rung ? { ...i, locked: item.locked ? undefined : true } : i,
  );
