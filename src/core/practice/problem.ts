import { rungOf } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import type { Goal, Locked } from './asked';
import { resting } from './compose';
import { activeAims, dosesOf, wantedMinutes } from './doses';
import { frameOf, timeIn, type TimeFrame, type Standing } from './frame';
import { isNever, NO_LIKES, type Likes } from './likes';
import { TRANSITIONS } from './pace';
import { totalSeconds, workSeconds, type PracticeItem } from './practice';
import { requestOf, type PracticeRequest, type Saluted } from './request';
import { salute, withSalute } from './salute';
import { setsOf } from './taught-order';
import { inTheWay, unitsFor, type PracticeUnit } from './units';

/** What a practice is built from, besides poses and aims. */
export interface BuildOptions extends Partial<Omit<PracticeRequest, 'minutes'>> {
  minutes: number;
  /** Items that stay, with their hold. */
  locked?: readonly PracticeItem[];
  /** What the teacher likes to teach and what never. */
  likes?: Likes;
  /** Keys of the aims that it is about; without them it is about all. */
  about?: readonly string[];
}

/** Everything that is known of a practice before anything is chosen. */
export interface BuildProblem {
  ranked: readonly RankedPose[];
  request: PracticeRequest;
  /** Items that were to be kept, without salutations: those come anew with every practice. */
  kept: readonly PracticeItem[];
  /** Shapes to arrive and to rest in; null where none is open. */
  settling: RankedPose | null;
  lying: RankedPose | null;
  saluted: readonly PracticeItem[];
  /** Id of a salutation that was wished and is not open. */
  unsaluted: Saluted | null;
  standing: Standing;
  frame: TimeFrame;
  units: readonly PracticeUnit[];
  goal: Goal;
  /** Rungs that stay, and keys of those that are not allowed any more. */
  stay: readonly Locked[];
  unkept: string[];
  /** Units that other wishes would leave, and what must be in then. */
  open: (request: PracticeRequest) => PracticeUnit[];
  locks: (request: PracticeRequest) => Locked[];
}

/** Puts the problem of a practice together. @param spared seconds that rounds are known to save on the way */
export function problemOf(
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  { locked = [], likes = NO_LIKES, about, ...said }: BuildOptions,
  spared = 0,
): BuildProblem {
  const kept = locked.filter((i) => i.salutation === undefined);
  const request = requestOf(said);
  const allowed = (r: RankedPose): boolean => {
    const found = rungOf(r.pose, r.rung);
    return found !== null && inTheWay(found.shape, found.rung, request) === null;
  };
  const saluted = salute(request, ranked, (r) => allowed(r) && !isNever(likes, r.pose));
  // Standing still is how one arrives and ends where nothing but standing is wished for; from the floor nobody gets up
  // to rest.
  const rests = (r: RankedPose): boolean =>
    allowed(r) && (request.place === 'standing' || rungOf(r.pose, r.rung)?.shape.position !== 'standing');
  const settling = resting(ranked, 'settle', rests),
    lying = resting(ranked, 'rest', rests);
  const standing = {
    settles: settling !== null,
    rests: lying !== null,
    saluting: secondsSaluting(saluted, request),
    spared,
  };
  const wished = lockedOf(kept);
  const open = (r: PracticeRequest) =>
    unitsFor(
      ranked,
      r,
      likes,
      wished.map((l) => l.key),
    ).map((u) => inItsSets(u, kept));
  const units = open(request);
  const stay = wished.filter((l) => units.some((u) => u.key === l.key));
  const frame = frameOf(request, standing);
  return {
    ranked,
    request,
    kept,
    settling,
    lying,
    saluted,
    unsaluted: unsalutedOf(request, saluted),
    standing,
    frame,
    units,
    goal: goalOf(ranked, { aims, about }, request, frame, saluted),
    stay,
    unkept: wished.filter((l) => !stay.includes(l)).map((l) => l.key),
    open,
    locks: (r) => withPeak(stay, r, () => open(r)),
  };
}

function goalOf(
  ranked: readonly RankedPose[],
  { aims, about }: { aims: readonly Aim[]; about?: readonly string[] },
  request: PracticeRequest,
  frame: TimeFrame,
  saluted: readonly PracticeItem[],
): Goal {
  const active = activeAims(aims);
  const { work, restLeast } = timeIn(frame);
  const wanted = wantedMinutes(active, work - restLeast, about);
  return {
    aims: active,
    wanted,
    already: dosesOf(saluted, active, ranked, wanted).map((d) => d.minutes),
    work,
    request,
  };
}

/** Seconds of a salutation with the way to it. */
function secondsSaluting(saluted: readonly PracticeItem[], { pace }: PracticeRequest): number {
  if (saluted.length === 0) return 0;
  return (
    totalSeconds(
      withSalute([], saluted, () => null),
      pace,
    ) + TRANSITIONS[pace].shape
  );
}

const unsalutedOf = ({ salutation }: PracticeRequest, saluted: readonly PracticeItem[]): Saluted | null =>
  salutation !== null && salutation !== 'none' && saluted.length === 0 ? salutation : null;

/** What stays is done in as many sets as it was. */
function inItsSets(unit: PracticeUnit, kept: readonly PracticeItem[]): PracticeUnit {
  const own = kept.find((i) => `${i.pose}/${i.rung}` === unit.key);
  return own && setsOf(own) !== unit.sets ? { ...unit, sets: setsOf(own) } : unit;
}

/** What must be in: what stays, and the deepest rung that is open of the peak; one that cannot be had where none is. */
function withPeak(stay: readonly Locked[], { peak }: PracticeRequest, units: () => readonly PracticeUnit[]): Locked[] {
  if (!peak) return [...stay];
  const [deepest] = units()
    .filter((u) => u.shape.id === peak)
    .sort((a, b) => b.number - a.number);
  return stay.some((l) => l.key === deepest?.key) ? [...stay] : [...stay, { key: deepest?.key ?? `${peak}/?` }];
}

/** Rungs that stay, from the items of a practice; both sides count once, at the shorter hold. */
function lockedOf(items: readonly PracticeItem[]): Locked[] {
  const out = new Map<string, number>();
  for (const i of items) {
    if (i.phase === 'settle' || i.phase === 'rest') continue;
    const key = `${i.pose}/${i.rung}`;
    out.set(key, Math.min(out.get(key) ?? Infinity, workSeconds(i) / 60));
  }
  return [...out].map(([key, minutes]) => ({ key, minutes }));
}
