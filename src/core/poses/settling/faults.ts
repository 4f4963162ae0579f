import { fleshOf, overlapsOf, postureFrom, skeletonOf } from '@/core/body';
import { anglesFor, contactsFor, reachFor, type Contact, type PoseAngles } from '../format';
import { allowed, beyondSupport, contactGaps, floorOfContacts, handGaps, heldBy, type Node } from '../gaps';
import type { Rough } from '../sketch';

/** What settling must know of a rung beside the angles. */
export type SettlingRung = Omit<Rough, 'entry' | 'full'>;

/** What is still wrong with a posture, metres. */
export interface Faults {
  /** Largest gap of a contact or a hand. */
  gap: number;
  /** Deepest overlap of limbs, and of which. */
  overlap: number;
  pair: string;
  /** How deep something that is not to lie on the floor is below it. */
  sunk: number;
  /** How far the centre of mass stands outside of what bears. */
  beyond: number;
}

/** True where hands must be down at this place of the path. */
export const handsDown = (rough: Pick<SettlingRung, 'carries'>, node: Node): boolean =>
  node === 'full' || rough.carries;

/**
 * True of a hand or forearm that goes where a reach says; arms that lie as they are written are like any other part.
 */
export const reaches = (rough: Pick<SettlingRung, 'reach'>, point: string): boolean =>
  /^(wrist|elbow)/.test(point) && rough.reach[point.endsWith('_right') ? 'worked' : 'other'] !== undefined;

/** Contacts that must touch at this place of the path, right side worked. */
export function contactsAt(rough: SettlingRung, node: Node): Contact[] {
  return contactsFor(rough, 'right').filter((c) => handsDown(rough, node) || !reaches(rough, c.point));
}

/** What is still wrong with a settled posture; right side worked. */
export function faults(angles: PoseAngles, rough: SettlingRung, node: Node = 'full'): Faults {
  const reach = reachFor(rough, 'right');
  const skeleton = skeletonOf(postureFrom(anglesFor(angles, 'right')), reach);
  const holds = heldBy(rough.reach);
  const overlap = overlapsOf(skeleton, 0)
    .sort((a, b) => b.depth_m - allowed(b.between, holds) - a.depth_m + allowed(a.between, holds))
    .at(0);
  const hands = handsDown(rough, node) ? handGaps(skeleton, reach) : [];
  const own = contactsAt(rough, node);
  const gaps = [...contactGaps(skeleton, own, rough.wall, node), ...hands];
  const floor = floorOfContacts(skeleton, own);
  const sunk = Object.entries(skeleton.points).map(([name, at]) =>
    fleshOf(name) > 0 && !own.some((c) => c.point === name) ? floor - (at[1] - fleshOf(name)) : 0,
  );
  return {
    gap: Math.max(0, ...gaps.map(Math.abs)),
    overlap: overlap ? overlap.depth_m - allowed(overlap.between, holds) : 0,
    pair: overlap?.between.join(' and ') ?? '',
    sunk: Math.max(0, ...sunk),
    beyond: rough.balance ? Math.max(0, beyondSupport(skeleton, contactsFor(rough, 'right'))) : 0,
  };
}
