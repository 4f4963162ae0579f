import type { Reach } from '@/core/body';
import { checkAngles, type Contact, type PoseAngles, type Rung } from './format';
import type { Kept, Laid, SketchContact, SketchHand, SketchHands } from './sketch-parts';

/** Reads what an author wrote (`sketch-parts.ts`) into the format of the library: every side told for itself. */

const SIDES = ['worked', 'other'] as const;
type Whose = (typeof SIDES)[number];

/**
 * Angles in degrees and the coordinates that are held. Later parts win, and of one part each side's own over those of
 * both.
 * @throws where the model has no such coordinate
 */
export function anglesOf(...parts: readonly Laid[]): { angles: PoseAngles; held: ReadonlySet<string> } {
  const angles: Record<string, number> = {};
  const held = new Set<string>();
  const put = (id: string, value: number | Kept): void => {
    angles[id] = typeof value === 'number' ? value : value.kept;
    if (typeof value === 'number') held.delete(id);
    else held.add(id);
  };
  for (const { trunk = {}, both = {}, ...own } of parts.flat()) {
    for (const [name, value] of Object.entries(trunk)) put(name, value);
    for (const [name, value] of Object.entries(both)) for (const side of SIDES) put(`${name}_${side}`, value);
    for (const side of SIDES)
      for (const [name, value] of Object.entries(own[side] ?? {})) put(`${name}_${side}`, value);
  }
  checkAngles(angles);
  return { angles, held };
}

/** What bears, each side for itself. */
export const contactsWritten = (written: readonly SketchContact[]): Contact[] =>
  written.flatMap((c): Contact[] => {
    const { point, ...on } = typeof c === 'string' ? { point: c } : c;
    const points = point.endsWith('_both') ? SIDES.map((side) => point.replace(/both$/, side)) : [point];
    return points.map((own) => {
      if ('limb' in on) return { point: own, on: 'limb', limb: on.limb };
      if (!('prop' in on)) return { point: own, on: 'floor' };
      return { point: own, on: on.prop, ...(on.height_cm !== undefined && { height_cm: on.height_cm }) };
    });
  });

/** Where each hand goes. */
export function handsOf({ both, ...own }: SketchHands): Rung['reach'] {
  const out: Partial<Record<Whose, Reach>> = {};
  for (const side of SIDES) {
    const hand = own[side] ?? both;
    if (hand) out[side] = reachOf(hand, side);
  }
  return out;
}

function reachOf({ grip, to, by_cm = [0, 0, 0], height_cm = 0, elbow }: SketchHand, side: Whose): Reach {
  const lies = grip === 'flat' || grip === 'forearm';
  return {
    to: to.replace(/same$/, side),
    offset: [by_cm[0] / 100, by_cm[1] / 100, by_cm[2] / 100],
    ...(lies && { floor: height_cm / 100 }),
    ...(grip === 'forearm' && { forearm: true }),
    ...(grip === 'bears' && { bears: true }),
    ...(grip === 'free' && { free: true }),
    ...(elbow && { elbow }),
  };
}
