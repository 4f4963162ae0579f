import { isSided, rungOf } from '@/core/poses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import { blocksOf, type Block } from './blocks';
import {
  GIVEN_BACK,
  isDrillAtEnd,
  itemsAtMost,
  minutesOfLongest,
  MOST_PAUSES,
  movingBetween,
  NEUTRAL_FROM,
  restOf,
  RUNGS_OF_SHAPE,
  wakingAtLeast,
} from './customs';
import { activeAims, dosesOf } from './doses';
import { setSeconds, totalSeconds, workSeconds, type PracticeItem } from './practice';
import type { PracticeRequest } from './request';
import {
  counters,
  countersAfter,
  needsCounter,
  needsPreparation,
  prepares,
  unitOfRung,
  isHeavy,
  isHeldFirst,
  movesFirst,
  SERVING,
  unitsFor,
  workServes,
  type PracticeUnit,
} from './units';
import { styleOf } from './styles';

/**
 * The customs of teachers as checks over a finished practice. They read nothing that the builder left behind: only the
 * items, what was asked, and how the student fits. A custom that the request or the cautions make impossible is not
 * held against it.
 */
export const CUSTOMS = [
  'minutes',
  'rest-last',
  'rest-share',
  'pauses',
  'woken',
  'moved-first',
  'moving',
  'neutral',
  'milder-first',
  'two-rungs',
  'prepared',
  'demanding-prepared',
  'demanding-needed',
  'rounded',
  'rounded-soon',
  'journeys',
  'stood-once',
  'number',
  'once-for-both',
  'dose',
  'unserving',
  'drills',
  'chair',
  'quiet',
  'flow-short',
  'flow-ends',
] as const;
export type Custom = (typeof CUSTOMS)[number];

interface Read {
  items: readonly PracticeItem[];
  blocks: readonly Block[];
  units: readonly (PracticeUnit | null)[];
  /** All that might have been taken. */
  all: readonly PracticeUnit[];
  ranked: readonly RankedPose[];
  aims: readonly Aim[];
  request: PracticeRequest;
  seconds: number;
}

/** Customs that a practice does not keep. */
export function customsBroken(
  items: readonly PracticeItem[],
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  request: PracticeRequest,
): Custom[] {
  // A salutation is one thing with an order of its own: what shapes keep to is not asked of its steps.
  const blocks = blocksOf(items, request.pace).filter((b) => b.items.every((i) => i.salutation === undefined));
  const read: Read = {
    items,
    blocks,
    units: blocks.map((b) => unitOfRung(ranked, b.pose, b.rung, request)),
    all: unitsFor(ranked, request),
    ranked,
    aims: activeAims(aims),
    request,
    seconds: totalSeconds(items, request.pace),
  };
  return CUSTOMS.filter((c) => !KEPT[c](read));
}

const middle = ({ blocks, units }: Read): PracticeUnit[] =>
  units.flatMap((u, i) => (u && blocks[i].phase !== 'settle' && blocks[i].phase !== 'rest' ? [u] : []));
const heldOf = (b: Block): number => b.items.reduce((s, i) => s + workSeconds(i), 0);
const visits = (list: readonly string[]): Map<string, number> => {
  const out = new Map<string, number>();
  list.forEach((g, i) => {
    if (g !== list[i - 1]) out.set(g, (out.get(g) ?? 0) + 1);
  });
  return out;
};

/** Items after an arch within which it is rounded; how often one ground may be come back to. */
const SOON = 3;
const VISITS = 2;
/** What a dose, a share or a time may be over by whole breaths. */
const ABOUT = 1.1;
const DOSE = 1.5;
const SHORT_REST = 60;
const FEW = 8;

const KEPT: Readonly<Record<Custom, (r: Read) => boolean>> = {
  minutes: ({ request, seconds }) =>
    seconds <= request.minutes * 60 * 1.02 && seconds >= request.minutes * 60 * (1 - GIVEN_BACK - 0.03),
  'rest-last': ({ blocks }) => blocks.every((b, i) => b.phase !== 'rest' || i === blocks.length - 1),
  'rest-share': ({ blocks, request }) => {
    const last = blocks.at(-1);
    return (
      last?.phase !== 'rest' ||
      heldOf(last) <=
        Math.max(SHORT_REST, restOf(request).most * request.minutes * 60 * ABOUT) + 2 * request.breathSeconds
    );
  },
  pauses: (r) => middle(r).filter((u) => u.kind === 'rest').length <= MOST_PAUSES,
  woken: (r) => {
    const could = r.all.filter((u) => u.wakes && u.station !== 'kneeling' && u.station !== 'seated').length;
    return could < FEW || middle(r).filter((u) => u.wakes).length >= wakingAtLeast(r.request);
  },
  'moved-first': (r) => {
    const list = middle(r);
    const held = list.findIndex(isHeldFirst);
    return (
      held < 0 ||
      wakingAtLeast(r.request) === 0 ||
      !r.all.some(movesFirst) ||
      list.slice(0, held).some((u) => u.kind === 'mobility')
    );
  },
  moving: (r) => {
    const n = middle(r).filter((u) => u.kind === 'mobility').length;
    const { least, most } = movingBetween(r.request);
    return n <= most && (n >= least || r.all.filter((u) => u.kind === 'mobility').length < FEW);
  },
  neutral: (r) =>
    r.request.minutes < NEUTRAL_FROM ||
    r.blocks.at(-1)?.phase !== 'rest' ||
    !r.all.some((u) => u.neutral) ||
    middle(r).some((u) => u.neutral),
  'milder-first': (r) => {
    const list = middle(r);
    return list.every((u, i) => list.slice(i + 1).every((m) => m.shape.id !== u.shape.id || m.number > u.number));
  },
  'two-rungs': (r) => {
    const list = middle(r).map((u) => u.shape.id);
    return list.every((id) => list.filter((x) => x === id).length <= RUNGS_OF_SHAPE);
  },
  prepared: (r) => {
    const list = middle(r);
    return list.every(
      (u, i) =>
        !needsPreparation(u) || !r.all.some((m) => prepares(m, u)) || list.slice(0, i).some((m) => prepares(m, u)),
    );
  },
  'demanding-prepared': (r) => {
    const list = middle(r);
    return list.every(
      (u, i) =>
        u.rung.level < 3 ||
        list.slice(0, i).filter((m) => prepares(m, u)).length >=
          Math.min(2, r.all.filter((m) => prepares(m, u)).length),
    );
  },
  'demanding-needed': (r) =>
    styleOf(r.request.style).workForItself ||
    middle(r).every((u) => u.peak || !isHeavy(u.rung, u.sides) || u.sides.some((s) => workServes(u.shape, s, r.aims))),
  rounded: (r) => {
    const list = middle(r);
    const round = (u: PracticeUnit) => counters(u) && !needsCounter(u);
    return list.every(
      (u, i) => !needsCounter(u) || !r.all.some((c) => countersAfter(c, u)) || list.slice(i + 1).some(round),
    );
  },
  'rounded-soon': (r) => {
    const list = middle(r);
    // A run of back-bends on one ground is one: it is counted from its end.
    return list.every((u, i) => {
      if (!needsCounter(u) || (list[i + 1] && needsCounter(list[i + 1]))) return true;
      return (
        !(u.ground === 'lying' || u.ground === 'front') ||
        list.slice(i + 1, i + 1 + SOON).some(counters) ||
        i === list.length - 1
      );
    });
  },
  journeys: (r) => [...visits(middle(r).map((u) => u.ground)).values()].every((n) => n <= VISITS),
  'stood-once': (r) =>
    (visits(middle(r).map((u) => (u.ground === 'standing' ? 'standing' : 'down'))).get('standing') ?? 0) <= 1,
  number: (r) => {
    const most = itemsAtMost(r.request);
    if (middle(r).length <= most || r.request.place !== 'anywhere' || styleOf(r.request.style).stays) return true;
    // As many as it takes, where so few would not fill the minutes even at their longest.
    return minutesOfLongest(r.all, most) <= ABOUT * r.request.minutes;
  },
  'once-for-both': (r) =>
    r.blocks.every((b) => {
      const found = rungOf(b.pose, b.rung);
      return !found || isSided(found.shape, found.rung) || b.items.every((i) => i.side === 'both');
    }),
  dose: ({ items, aims, ranked, seconds, request }) =>
    seconds < 10 * 60 ||
    request.peak !== null ||
    dosesOf(items, aims, ranked).every((d) => d.minutes <= Math.max(DOSE * 4 * ABOUT, 2)),
  unserving: (r) =>
    r.blocks.every((b, i) => {
      const unit = r.units[i];
      if (!unit || b.phase === 'settle' || b.phase === 'rest' || unit.peak || unit.kind === 'rest') return true;
      const serves = r.aims.some((a) => unit.sides.some((s) => worthFor(s, a).worth >= SERVING));
      const most = Math.max(unit.least, styleOf(r.request.style).longestUnserving) * 60 + r.request.breathSeconds;
      return serves || Math.min(...b.items.map(workSeconds)) <= most;
    }),
  drills: (r) => {
    const time = (is: (u: PracticeUnit) => boolean) =>
      r.blocks.reduce((s, b, i) => {
        const u = r.units[i];
        return s + (u && b.phase !== 'settle' && b.phase !== 'rest' && is(u) ? heldOf(b) : 0);
      }, 0);
    if (r.all.filter((u) => u.known).length < 3 * FEW) return true;
    return time((u) => !u.known) <= (time(() => true) / 2) * ABOUT;
  },
  chair: (r) =>
    r.request.place !== 'anywhere' ||
    middle(r).filter((u) => u.ground === 'chair').length <= 1 ||
    r.all.filter((u) => u.ground !== 'chair').length < 3 * FEW,
  quiet: (r) =>
    !styleOf(r.request.style).stays ||
    r.request.place !== 'anywhere' ||
    middle(r).every((u) => u.peak || (u.kind !== 'strength' && u.ground !== 'standing')),
  'flow-short': (r) =>
    !styleOf(r.request.style).flows ||
    r.blocks.every((b, i) => {
      const u = r.units[i];
      return (
        !u ||
        u.kind === 'rest' ||
        b.items.every(
          (x) => setSeconds(x) <= r.request.ratio * Math.max(48, u.least * 60) + 2 * r.request.breathSeconds,
        )
      );
    }),
  'flow-ends': (r) => middle(r).filter(isDrillAtEnd).length <= styleOf(r.request.style).drillsAtEnd,
};
