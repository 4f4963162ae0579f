import { isKnown, rungOf } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { RankedPose } from '@/core/ranking/rank';
import { alternativesFor } from './alternatives';
import { blocksOf } from './blocks';
import { activeAims, aimKey, dosesOf, worthOfDose } from './doses';
import { addAfter, itemsFor, lengthenBlock, swapBlock } from './edit';
import { totalSeconds, type PracticeItem } from './practice';
import type { PracticeRequest } from './request';
import { warningsOf } from './warnings';

/** The smallest changes that would bring a practice nearer to its aims: one block held longer, swapped, or put in. */

export interface Nudge {
  kind: 'longer' | 'swap' | 'add';
  /** The block that is changed; for `add` the one before. */
  block: string;
  /** The shape as it stands there now, and what comes. */
  pose: string;
  rung: number;
  to?: { pose: string; rung: number };
  /** The aim that gains most, and its minutes before and after. */
  aim: Aim;
  before: number;
  after: number;
  /** Seconds that the practice grows by. */
  grows: number;
  /** What it adds to the worth of all aims' doses, 0–1. */
  gain: number;
  /** The change itself, on the items as they stand when it is taken. */
  take: (items: readonly PracticeItem[]) => PracticeItem[];
  items: PracticeItem[];
}

/** A change worth less than this is none. */
const WORTH_IT = 0.015;
/** A change may make the practice longer than was asked by this share. */
const LONGER = 0.1;
/** What it costs to take away what the teacher put there, to bring what few know by name, and a minute more. Ours. */
const PRICE = { swap: 0.02, unknown: 0.02, minute: 0.02 } as const;
/** Seconds that a block is held longer on each side. */
const MORE_S = 30;
const ALTERNATIVES = 3;

/**
 * Changes by one block, the best first, each of another block and for what it would bring by itself. None breaks a rule that the practice keeps
 * now; none makes it a tenth longer than was asked.
 */
export function nudgesFor(
  items: readonly PracticeItem[],
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  request: PracticeRequest,
  newId: () => string,
  most = 3,
): Nudge[] {
  const active = activeAims(aims);
  if (active.length === 0 || items.length === 0) return [];
  const { breathSeconds, pace } = request;
  // What is wanted stays what the practice as it stands wants: a change does not move its own mark.
  const wanted = dosesOf(items, aims, ranked).map((d) => d.wanted);
  const weights = active.reduce((s, a) => s + a.weight, 0);
  const doses = (own: readonly PracticeItem[]) => dosesOf(own, aims, ranked, wanted);
  const worth = (own: ReturnType<typeof doses>) =>
    own.reduce((s, d, a) => s + (active[a].weight * worthOfDose(d.minutes, d.wanted)) / weights, 0);
  const now = doses(items),
    value = worth(now);
  const seconds = totalSeconds(items, pace);
  const limit = Math.max(seconds, request.minutes * 60 * (1 + LONGER));
  const broken = warningsOf(items, ranked, request).filter((w) => w.kind !== 'time').length;
  const out: Nudge[] = [];
  const tried = (what: Pick<Nudge, 'kind' | 'block' | 'pose' | 'rung' | 'to'>, take: Nudge['take']): void => {
    const own = take(items);
    const length = totalSeconds(own, pace);
    if (length > limit) return;
    const then = doses(own);
    const gain = worth(then) - value;
    if (gain < WORTH_IT) return;
    let a = 0;
    then.forEach((d, k) => {
      if (active[k].weight * (d.minutes - now[k].minutes) > active[a].weight * (then[a].minutes - now[a].minutes))
        a = k;
    });
    out.push({
      ...what,
      aim: active[a],
      before: now[a].minutes,
      after: then[a].minutes,
      grows: length - seconds,
      gain,
      take,
      items: own,
    });
  };
  const blocks = blocksOf(items, pace);
  const work = blocks.filter((b) => b.phase !== 'settle' && b.phase !== 'rest');
  const more = Math.max(1, Math.round(MORE_S / breathSeconds));
  for (const b of work) {
    const at = { block: b.id, pose: b.pose, rung: b.rung };
    if (b.items.every((i) => i.repeats === 1))
      tried({ kind: 'longer', ...at }, (own) => lengthenBlock(own, b.id, more, breathSeconds));
    const held = Math.max(...b.items.map((i) => i.holdSeconds * i.repeats));
    const about = { phase: b.phase, breathSeconds, aims, newId };
    for (const { fits } of alternativesFor(b, items, ranked, aims, request, ALTERNATIVES)) {
      const to = { pose: fits[0].pose, rung: fits[0].rung };
      const instead = itemsFor(fits, { ...about, seconds: held }),
        beside = itemsFor(fits, about);
      // What wakes the joints is not there for an aim.
      if (kindOf(b) !== 'mobility' && b.items.every((i) => !i.locked))
        tried({ kind: 'swap', ...at, to }, (own) => swapBlock(own, b.id, instead));
      tried({ kind: 'add', ...at, to }, (own) => addAfter(own, b.id, beside));
    }
  }
  return chosen(
    out,
    (n) => warningsOf(n.items, ranked, request).filter((w) => w.kind !== 'time').length <= broken,
    most,
    request.place === 'chair',
  );
}

/** The best by what they bring for a minute that they take, each for another block and another pose. */
function chosen(all: readonly Nudge[], keeps: (n: Nudge) => boolean, most: number, onChair: boolean): Nudge[] {
  const out: Nudge[] = [];
  const known = (n: Nudge) => !n.to || isKnown({ id: n.to.pose }, onChair);
  const score = (n: Nudge) =>
    n.gain -
    (n.kind === 'swap' ? PRICE.swap : 0) -
    (known(n) ? 0 : PRICE.unknown) -
    (PRICE.minute * Math.max(0, n.grows)) / 60;
  for (const n of [...all].sort((a, b) => score(b) - score(a) || (a.pose < b.pose ? -1 : 1))) {
    if (out.length >= most || score(n) <= 0) break;
    if (out.some((o) => o.block === n.block || (n.to && o.to?.pose === n.to.pose))) continue;
    if (keeps(n)) out.push(n);
  }
  return out;
}
const kindOf = (b: { pose: string; rung: number }) => rungOf(b.pose, b.rung)?.rung.kind;
/** A name for a change that no other change of the same practice has. */
export const nudgeKey = (n: Nudge): string =>
  `${n.kind}:${n.block}:${n.to ? `${n.to.pose}/${n.to.rung}` : ''}:${aimKey(n.aim)}`;
