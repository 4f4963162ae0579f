import { isKnown, rungOf, shapeById } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import type { RankedPose } from '@/core/ranking/rank';
import { alternativesFor } from './alternatives';
import { blocksOf, type Block } from './blocks';
import { aimKey } from './aim-key';
import { activeAims, dosesOf, worthOfDose } from './doses';
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

/** A practice as it stands, with all that says what a change of it is worth. */
export interface Changed {
  items: readonly PracticeItem[];
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  request: PracticeRequest;
}

/** A change that is to be tried. */
type Trial = Pick<Nudge, 'kind' | 'block' | 'pose' | 'rung' | 'to' | 'take'>;

/**
 * Changes by one block, the best first, each of another block and for what it would bring by itself. None breaks a rule
 * that the practice keeps now; none makes it a tenth longer than was asked.
 */
export function nudgesFor(practice: Changed, newId: () => string, most = 3): Nudge[] {
  const { items, ranked, request } = practice;
  if (activeAims(practice.aims).length === 0 || items.length === 0) return [];
  const brokenIn = (own: readonly PracticeItem[]): number =>
    warningsOf(own, ranked, request).filter((w) => w.kind !== 'time').length;
  const broken = brokenIn(items);
  const worth = judging(practice);
  return chosen(
    trialsOf(practice, newId).flatMap((trial) => worth(trial) ?? []),
    (n) => brokenIn(n.items) <= broken,
    most,
    request.place === 'chair',
  );
}

/**
 * What changes bring: a function that tells one with its worth, or null where it brings too little or takes too long.
 */
function judging({ items, ranked, aims, request }: Changed): (trial: Trial) => Nudge | null {
  const active = activeAims(aims);
  // What is wanted stays what the practice as it stands wants: a change does not move its own mark.
  const wanted = dosesOf(items, aims, ranked).map((d) => d.wanted);
  const weights = active.reduce((s, a) => s + a.weight, 0);
  const doses = (own: readonly PracticeItem[]) => dosesOf(own, aims, ranked, wanted);
  const worth = (own: ReturnType<typeof doses>) =>
    own.reduce((s, d, a) => s + (active[a].weight * worthOfDose(d.minutes, d.wanted)) / weights, 0);
  const now = doses(items),
    value = worth(now);
  const seconds = totalSeconds(items, request.pace);
  const limit = Math.max(seconds, request.minutes * 60 * (1 + LONGER));
  return (trial) => {
    const own = trial.take(items);
    const length = totalSeconds(own, request.pace);
    if (length > limit) return null;
    const then = doses(own);
    const gain = worth(then) - value;
    if (gain < WORTH_IT) return null;
    let a = 0;
    then.forEach((d, k) => {
      if (active[k].weight * (d.minutes - now[k].minutes) > active[a].weight * (then[a].minutes - now[a].minutes))
        a = k;
    });
    const { minutes: before } = now[a];
    return { ...trial, aim: active[a], before, after: then[a].minutes, grows: length - seconds, gain, items: own };
  };
}

/** Every block held longer, swapped for what could stand in its place, and with that put in beside it. */
function trialsOf({ items, ranked, aims, request }: Changed, newId: () => string): Trial[] {
  const { breathSeconds, pace } = request;
  const work = blocksOf(items, pace).filter((b) => b.phase !== 'settle' && b.phase !== 'rest');
  const more = Math.max(1, Math.round(MORE_S / breathSeconds));
  /** The block to put a shape after: one earlier where that spares a journey. */
  const nearer = (k: number, to: { pose: string }): Block => {
    const before = work.at(k - 1);
    return k > 0 && before && positionOf(to) !== positionOf(work[k]) && positionOf(to) === positionOf(before)
      ? before
      : work[k];
  };
  return work.flatMap((b, k): Trial[] => {
    const at = { block: b.id, pose: b.pose, rung: b.rung };
    const out: Trial[] = [];
    if (b.items.every((i) => i.repeats === 1))
      out.push({ kind: 'longer', ...at, take: (own) => lengthenBlock(own, b.id, more, breathSeconds) });
    const held = Math.max(...b.items.map((i) => i.holdSeconds * i.repeats));
    const about = { phase: b.phase, breathSeconds, aims, newId };
    for (const { fits } of alternativesFor(b, items, { ranked, aims, request }, ALTERNATIVES)) {
      const to = { pose: fits[0].pose, rung: fits[0].rung };
      const instead = itemsFor(fits, { ...about, seconds: held }),
        beside = itemsFor(fits, about);
      // What wakes the joints is not there for an aim.
      if (kindOf(b) !== 'mobility' && b.items.every((i) => !i.locked))
        out.push({ kind: 'swap', ...at, to, take: (own) => swapBlock(own, b.id, instead) });
      const { id, pose, rung } = nearer(k, to);
      out.push({ kind: 'add', block: id, pose, rung, to, take: (own) => addAfter(own, id, beside) });
    }
    return out;
  });
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
const positionOf = ({ pose }: { pose: string }): string | undefined => shapeById(pose)?.position;
const kindOf = (b: { pose: string; rung: number }) => rungOf(b.pose, b.rung)?.rung.kind;
/** A name for a change that no other change of the same practice has. */
export const nudgeKey = (n: Nudge): string =>
  `${n.kind}:${n.block}:${n.to ? `${n.to.pose}/${n.to.rung}` : ''}:${aimKey(n.aim)}`;
