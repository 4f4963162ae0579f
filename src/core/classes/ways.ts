import { screen, type Screening } from '@/core/cautions/screen';
import { sameSide } from '@/core/poses';
import { shutBy } from '@/core/practice/passing';
import type { PracticeItem } from '@/core/practice/practice';
import { wayTo } from '@/core/practice/transitions';
import { doingOn, type TableRow } from './table';

type Taught = Pick<PracticeItem, 'pose' | 'rung' | 'side'>;
/** An item of the class with its row of the table. */
type At = readonly [row: TableRow | undefined, item: Taught | undefined];

/** Nobody in particular: what would be told to anybody. */
const NOBODY = screen([], '');

/** What somebody does on a side while the class is in an item; null where she waits, and while it is not known. */
function doneBy(member: string, [row, item]: At): Taught | null {
  const hers = row?.hers.find((h) => h.member === member);
  if (!hers || !item) return null;
  const { pose, rung, sides } = doingOn(hers, item.side);
  const own = sides.find((s) => sameSide(s.side, item.side)) ?? sides.at(0);
  return pose === null || !own ? null : { pose, rung, side: own.side };
}

/**
 * The way of somebody in a class to what she does in an item, where her cautions send her another one than would be
 * told to anybody; "" where they do not.
 */
export function wayOf(
  member: string,
  screening: Screening,
  before: At,
  item: At,
  wished: Parameters<typeof shutBy>[1] = {},
): string {
  const shut = shutBy(screening, wished);
  const [from, to] = [doneBy(member, before), doneBy(member, item)];
  if (shut.key === '' || !from || !to) return '';
  const way = wayTo([from, to], 1, { shut });
  return way === wayTo([from, to], 1, { shut: shutBy(NOBODY, wished) }) ? '' : way;
}
