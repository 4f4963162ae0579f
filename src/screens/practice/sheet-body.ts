import type { Build, Side } from '@/core/body';
import { reachedIn } from '@/core/fit/fit';
import { propsOf } from '@/core/fit/props';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/limits';
import { rungOf } from '@/core/poses';
import { ownedWords, type PropSizes } from '@/core/poses/prop-sizes';
import type { Practice } from '@/core/practice/practice';
import type { SheetRow } from '@/core/practice/sheet';

/** What both sheets are written from. */
export interface SheetBody {
  practice: Practice;
  posterior: Posterior | null;
  build: Build;
  way: FitWay;
  on: string;
  /** The student's first name. */
  name: string;
}

/** How far this student goes in a line's rung, 0–1: the lesser of its sides; half where nothing is known. */
export function depthOfRow(row: SheetRow, { posterior, build, way }: SheetBody): number {
  const found = rungOf(row.pose, row.rung);
  if (!found || !posterior) return 0.5;
  return Math.min(
    ...row.sides.map((s) => reachedIn(found.shape, row.rung, sideOf(s.side), posterior, build, way).depth),
  );
}

/** Props of a line in the sizes at hand. */
export function propsOfRow(row: SheetRow, depth: number, body: SheetBody, sizes: PropSizes): string[] {
  const found = rungOf(row.pose, row.rung);
  if (!found) return [];
  return propsOf(found.rung, sideOf(row.sides[0].side), depth, body.build).map((p) =>
    ownedWords(p.prop, p.height_cm, p.length_cm, sizes),
  );
}

const sideOf = (side: Side | 'both'): Side => (side === 'left' ? 'left' : 'right');
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.round(seconds % 60)).padStart(2, '0')}`;
