import type { Side } from '@/core/body';
import { rungOf, sameSide } from '@/core/poses';
import { blocksOf, type Block } from '@/core/practice/blocks';
import { dosesOf, type Dose } from '@/core/practice/doses';
import { paceOf, type PracticeItem } from '@/core/practice/practice';
import type { PracticeRequest } from '@/core/practice/request';
import type { RankedPose } from '@/core/ranking/rank';
import { presentOf, type Member } from './member';
import { insteadsIn, ownRung, type OwnRung } from './own-rung';

/** What a student does in one shape or on one side of it. */
interface Doing {
  /** Null where nothing at all is open to her: she waits. */
  pose: string | null;
  rung: number;
  /** Fits of its sides, for props and depth. */
  sides: Pick<RankedPose, 'side' | 'depth' | 'props'>[];
  /** Longest hold that her cautions allow, seconds, where the class holds for longer: then she rests. */
  most_s?: number;
}

/** What a student does while the class is in a shape. */
export interface Hers extends Doing {
  member: string;
  /** `same`: what the class is told; `own`: another rung of it; `instead`: another shape. */
  kind: 'same' | 'own' | 'instead' | 'waits';
  /** Where one side of it is closed to her: the one that is open, and what she does while the class is on the other. */
  oneSide?: { only: Side; meanwhile: Doing };
}

type Placed = Pick<PracticeItem, 'pose' | 'rung'>;

export interface TableRow {
  block: Block;
  hers: Hers[];
}

/** A student in one practice of the class: what stands in for what is closed to her. */
export interface Attending {
  member: Member;
  request: PracticeRequest;
  instead: ReadonlyMap<string, OwnRung | null>;
}

/** A student in a practice of the class. @param items all of it: what stands in for one shape hangs on the others */
export const attending = (member: Member, items: readonly Placed[], request: PracticeRequest): Attending => ({
  member,
  request,
  instead: insteadsIn(member, items, request),
});

/** What a student does in a shape and rung of the class. */
function hersIn({ member, request, instead: insteads }: Attending, { pose, rung }: Placed, hold_s: number): Hers {
  const found = rungOf(pose, rung);
  const own = found && ownRung(member, found.shape, request, found.rung.kind === 'rest' ? rung : undefined);
  const seen = (o: OwnRung): Doing => ({
    pose: o.sides[0].pose,
    rung: o.rung,
    sides: o.sides.map(({ side, depth, props }) => ({ side, depth, props })),
    ...shorter(o, hold_s),
  });
  const standsIn = insteads.get(`${pose}/${rung}`);
  const instead: Doing = standsIn ? seen(standsIn) : { pose: null, rung: 0, sides: [] };
  const { id } = member;
  if (!own) return { member: id, ...instead, kind: standsIn ? 'instead' : 'waits' };
  return {
    member: id,
    ...seen(own),
    kind: own.rung === rung ? 'same' : 'own',
    ...(own.only && { oneSide: { only: own.only, meanwhile: instead } }),
  };
}

/** Where the class holds for longer than her cautions let her. */
function shorter(own: OwnRung, hold_s: number): Pick<Hers, 'most_s'> {
  const most_s = Math.min(...own.sides.map((s) => s.verdict.hold_s ?? Infinity));
  return most_s < hold_s ? { most_s } : {};
}

/** A practice of a class, a row a block: what each student who takes part does in it. */
export function classTable(
  members: readonly Member[],
  items: readonly PracticeItem[],
  request: PracticeRequest,
): TableRow[] {
  const present = presentOf(members).map((m) => attending(m, items, request));
  return blocksOf(items, paceOf({ request })).map((block) => ({
    block,
    hers: present.map((a) => hersIn(a, block, Math.max(...block.items.map((i) => i.holdSeconds)))),
  }));
}

/**
 * What is done on a side of hers while the class works on one: the same side, both where hers has none, half each where
 * only hers has.
 */
export interface HerPart {
  pose: string;
  rung: number;
  side: PracticeItem['side'];
  /** Share of the time. */
  share: number;
}

/** What a student does while the class is on a side: her shape, or what stands in where that side is closed to her. */
export const doingOn = (hers: Hers, side: PracticeItem['side']): Doing =>
  hers.oneSide && !sameSide(hers.oneSide.only, side) ? hers.oneSide.meanwhile : hers;

/** Parts of hers while the class is in an item; none where she waits. */
export function herParts(
  student: Attending,
  item: Placed & Pick<PracticeItem, 'side'> & { holdSeconds?: number },
): HerPart[] {
  const { holdSeconds = 0 } = item;
  const hers = hersIn(student, item, holdSeconds);
  const { pose, rung, sides, most_s } = doingOn(hers, item.side);
  if (pose === null) return [];
  const same = sides.filter((s) => sameSide(s.side, item.side));
  const own = same.length > 0 ? same : sides;
  // What she may hold for less than the class is the less of hers.
  const held = most_s === undefined ? 1 : most_s / holdSeconds;
  return own.map((s) => ({ pose, rung, side: s.side, share: held / own.length }));
}

/** Useful minutes that each student's own aims get from a practice of the class. */
export function dosesFor(member: Member, items: readonly PracticeItem[], request: PracticeRequest): Dose[] {
  const student = attending(member, items, request);
  const own = items.flatMap((item) =>
    herParts(student, item).map(({ pose, rung, side, share }) => ({
      ...item,
      pose,
      rung,
      side,
      holdSeconds: item.holdSeconds * share,
    })),
  );
  return dosesOf(own, member.aims, member.ranked);
}
